import { arranged, drawPart, drawText, itemPicture, items, itemThing, own, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'people'>['draw'] = (c) =>
  html`<section class="part ${arranged(c)}" ${own(c)}>
    ${drawText(c, 'heading', 'h2')}
    <ul class="items">
      ${items(c, 'people').map(
        (item) =>
          html`<li${itemThing(c, 'people', item)}>${itemPicture(c, 'people', item, '(max-width: 820px) 40vw, 18rem')}${drawPart(c, 'people', item, 'name', 'h3')}${drawPart(c, 'people', item, 'text', 'p')}</li>`,
      )}
    </ul>
  </section>`;

export const people: Drawing<'people'> = {
  draw,
  css: `
.people .items{display:grid;gap:1.5rem}
.people.as-pair .items{grid-template-columns:repeat(auto-fit,minmax(14rem,1fr));gap:2rem}
.people img{width:100%;max-width:18rem;aspect-ratio:4/5;object-fit:var(--upright,cover);margin-bottom:.75rem}
.people.as-list li:has(img){grid-template-columns:minmax(5rem,8rem) minmax(8rem,1fr) minmax(0,3fr);align-items:center}
.people.as-list img{margin:0;aspect-ratio:1;object-fit:cover}
.people.as-list li{display:grid;grid-template-columns:minmax(8rem,1fr) minmax(0,3fr);gap:.25rem 2rem;border-bottom:1px solid var(--line);padding-bottom:1rem;align-items:baseline}
`,
  narrow: `
.people.as-list li{grid-template-columns:minmax(0,1fr)}
.people.as-list li:has(img){grid-template-columns:5.5rem minmax(0,1fr)}
.people.as-list li:has(img) img{grid-row:span 2}
`,
};
