import { arranged, drawText, items, onward, own, paragraphs, pictureBeside, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'story'>['draw'] = (c) =>
  html`<section class="${arranged(c)}" ${own(c)}>
    ${drawText(c, 'heading', 'h2')}
    <div class="prose">
      ${pictureBeside(c)}${items(c, 'passages').map((item) => paragraphs(c, 'passages', item, 'text'))}${onward(c, 'about/')}
    </div>
  </section>`;

export const story: Drawing<'story'> = {
  draw,
  css: `
.story.as-columns .prose{columns:2 18rem;column-gap:2.5rem;max-width:none}
.story.as-columns .prose p{break-inside:avoid}
`,
};
