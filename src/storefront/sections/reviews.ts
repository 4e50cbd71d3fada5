import { arranged, drawPart, drawText, items, itemThing, own, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'reviews'>['draw'] = (c) =>
  html`<section class="part ${arranged(c)}" ${own(c)}>
    ${drawText(c, 'heading', 'h2')}
    <ul class="items">
      ${items(c, 'praise').map(
        (item) =>
          html`<li${itemThing(c, 'praise', item)}>
            <figure>
              <blockquote>${drawPart(c, 'praise', item, 'text', 'p')}</blockquote>
              ${item.texts.by ? html`<figcaption>${drawPart(c, 'praise', item, 'by', 'span')}</figcaption>` : null}
            </figure>
          </li>`,
      )}
    </ul>
  </section>`;

export const reviews: Drawing<'reviews'> = {
  draw,
  css: `
.reviews .items{display:grid;gap:2rem}
.reviews blockquote{margin:0}
.reviews figcaption{color:var(--soft);font-size:var(--small);padding-top:.6rem}
.reviews figcaption::before{content:"– "}
.reviews.as-one li:first-child blockquote{font:var(--loud);text-wrap:balance}
.reviews.as-one li:not(:first-child){max-width:var(--measure)}
.reviews.as-all .items{grid-template-columns:repeat(auto-fit,minmax(min(100%,16rem),1fr))}
.reviews.as-all li{border-top:var(--rule);padding-top:1rem}
`,
};
