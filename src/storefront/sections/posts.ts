import { drawPart, drawText, itemPicture, items, itemThing, own, paragraphs, say, type Drawing } from '../context';
import { html, type Markup } from '../html';

const pictured = (picture: Markup | null): Markup | null => picture && html`<figure class="beside">${picture}</figure>`;

const draw: Drawing<'posts'>['draw'] = (c) => {
  const entries = items(c, 'entries');
  return html`<section class="text posts" ${own(c)}>
    ${drawText(c, 'heading', 'h1')}
    ${entries.map(
      (item) =>
        html`<article class="prose" ${itemThing(c, 'entries', item)}>
          ${drawPart(c, 'entries', item, 'title', 'h2')}${pictured(itemPicture(c, 'entries', item, '(max-width: 820px) 92vw, 40rem'))}${paragraphs(c, 'entries', item, 'text')}
        </article>`,
    )}${entries.length ? null : html`<p class="empty">${say(c).drawn.nothingWritten}</p>`}
  </section>`;
};

export const posts: Drawing<'posts'> = {
  draw,
  css: `
.posts article{padding-bottom:2.5rem}
.posts h2{margin-bottom:.75rem}
`,
};
