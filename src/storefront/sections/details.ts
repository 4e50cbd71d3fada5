import { arranged, drawPart, drawText, items, itemThing, own, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'details'>['draw'] = (c) =>
  html`<section class="part ${arranged(c)}" ${own(c)}>
    ${drawText(c, 'heading', 'h2')}
    <dl class="items">
      ${items(c, 'details').map(
        (item) =>
          html`<div${itemThing(c, 'details', item)}>${drawPart(c, 'details', item, 'name', 'dt')}${drawPart(c, 'details', item, 'text', 'dd')}</div>`,
      )}
    </dl>
  </section>`;

export const details: Drawing<'details'> = {
  draw,
  css: `
.details .items{display:grid}
.details .items div{display:grid;grid-template-columns:minmax(8rem,1fr) minmax(0,3fr);gap:.25rem 2rem;padding:.6rem 0;border-bottom:1px solid var(--line)}
.details dt{font-weight:600}
.details.as-lines .items{display:flex;flex-wrap:wrap;gap:.75rem 3rem}
.details.as-lines .items div{display:block;border:0;padding:0}
.details.as-lines dd{max-width:var(--measure)}
`,
  narrow: `
.details .items div{grid-template-columns:minmax(0,1fr)}
`,
};
