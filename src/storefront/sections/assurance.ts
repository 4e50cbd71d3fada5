import { items, itemThing, onward, own, paragraphs, say, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'assurance'>['draw'] = (c) =>
  html`<section class="assurance" ${own(c)} aria-label="${say(c).drawn.withEveryOrder}">
    <ul class="items">
      ${items(c, 'passages').map((item) => html`<li${itemThing(c, 'passages', item)}>${paragraphs(c, 'passages', item, 'text')}</li>`)}
    </ul>
    ${onward(c, 'delivery/')}
  </section>`;

export const assurance: Drawing<'assurance'> = {
  draw,
  css: `
.assurance .items{display:grid;grid-template-columns:repeat(auto-fit,minmax(min(100%,16rem),1fr));gap:1rem 2.5rem;grid-column:1/-1}
.assurance li{border-top:1px solid var(--line);padding-top:.75rem}
.assurance p{max-width:var(--measure)}
.assurance .onward{grid-column:1/-1;padding-top:1rem}
`,
};
