import { arranged, drawPart, drawText, items, itemThing, own, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'hours'>['draw'] = (c) =>
  html`<section class="part ${arranged(c)}" ${own(c)}>
    ${drawText(c, 'heading', 'h2')}
    <dl class="items">
      ${items(c, 'openings').map(
        (item) =>
          html`<div${itemThing(c, 'openings', item)}>${drawPart(c, 'openings', item, 'days', 'dt')}${drawPart(c, 'openings', item, 'hours', 'dd')}</div>`,
      )}
    </dl>
  </section>`;

export const hours: Drawing<'hours'> = {
  draw,
  css: `
.hours .items{display:grid}
.hours .items div{display:grid;grid-template-columns:minmax(8rem,1fr) minmax(0,3fr);gap:.25rem 2rem;padding:.6rem 0;border-bottom:1px solid var(--line)}
.hours dd{font-variant-numeric:tabular-nums lining-nums}
.hours dt{font-weight:600}
.hours.as-line .items{display:flex;flex-wrap:wrap;gap:.75rem 3rem}
.hours.as-line .items div{display:block;border:0;padding:0}
.hours.as-line .items{font:var(--loud)}
.hours.as-line dt{font-weight:inherit}
`,
  narrow: `
.hours .items div{grid-template-columns:minmax(0,1fr)}
`,
};
