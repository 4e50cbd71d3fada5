import { arranged, drawPart, drawText, items, itemThing, own, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'numbers'>['draw'] = (c) =>
  html`<section class="part ${arranged(c)}" ${own(c)}>
    ${drawText(c, 'heading', 'h2')}
    <dl class="items">
      ${items(c, 'figures').map(
        (item) =>
          html`<div${itemThing(c, 'figures', item)}>${drawPart(c, 'figures', item, 'what', 'dt')}${drawPart(c, 'figures', item, 'figure', 'dd')}</div>`,
      )}
    </dl>
  </section>`;

export const numbers: Drawing<'numbers'> = {
  draw,
  css: `
.numbers .items{display:grid}
.numbers .items div{display:flex;flex-direction:column-reverse}
.numbers dd{font:var(--loud);font-size:var(--display);line-height:1;font-variant-numeric:tabular-nums lining-nums}
.numbers dt{color:var(--soft);padding-top:.35rem}
.numbers.as-row .items{grid-template-columns:repeat(auto-fit,minmax(9rem,1fr));gap:2rem}
.numbers.as-row .items div{justify-content:flex-end}
.numbers.as-ledger .items div{flex-direction:row;justify-content:space-between;align-items:baseline;gap:1.5rem;border-bottom:1px solid var(--line);padding:.75rem 0}
.numbers.as-ledger dd{font-size:var(--h1)}
`,
};
