import { arranged, drawPart, drawText, items, itemThing, own, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'people'>['draw'] = (c) =>
  html`<section class="part ${arranged(c)}" ${own(c)}>
    ${drawText(c, 'heading', 'h2')}
    <ul class="items">
      ${items(c, 'people').map(
        (item) =>
          html`<li${itemThing(c, 'people', item)}>${drawPart(c, 'people', item, 'name', 'h3')}${drawPart(c, 'people', item, 'text', 'p')}</li>`,
      )}
    </ul>
  </section>`;

export const people: Drawing<'people'> = {
  draw,
  css: `
.people .items{display:grid;gap:1.5rem}
.people.as-pair .items{grid-template-columns:repeat(auto-fit,minmax(14rem,1fr));gap:2rem}
.people.as-list li{display:grid;grid-template-columns:minmax(8rem,1fr) minmax(0,3fr);gap:.25rem 2rem;border-bottom:1px solid var(--line);padding-bottom:1rem;align-items:baseline}
`,
  narrow: `
.people.as-list li{grid-template-columns:minmax(0,1fr)}
`,
};
