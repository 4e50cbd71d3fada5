import { type Item } from '@/core/sections';
import { arranged, drawPart, drawText, items, itemThing, own, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'why'>['draw'] = (c) => {
  const reason = (item: Item<'title' | 'text'>) => {
    const title = drawPart(c, 'reasons', item, 'title', 'h3');
    return html`<li${itemThing(c, 'reasons', item)}>${title}${drawPart(c, 'reasons', item, 'text', 'p', title ? '' : 'claim')}</li>`;
  };
  return html`<section class="${arranged(c)}" ${own(c)}>
    ${drawText(c, 'heading', 'h2')}
    <ul>
      ${items(c, 'reasons').map(reason)}
    </ul>
  </section>`;
};

export const why: Drawing<'why'> = {
  draw,
  css: `
.why.as-stacked ul{display:grid;grid-template-columns:minmax(0,1fr);gap:0}
.why.as-stacked li{display:grid;grid-template-columns:minmax(0,1fr) minmax(0,1fr);gap:.5rem 2.5rem;padding:1.25rem 0;border:0;border-top:var(--rule)}
.why.as-stacked .claim{grid-column:1/-1}
`,
  narrow: `
.why.as-stacked li{grid-template-columns:minmax(0,1fr)}
`,
};
