import { arranged, drawText, items, own, paragraphs, pictureBeside, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'free-text'>['draw'] = (c) => {
  const leads = c.page.sections[0]?.id === c.section.id && (c.page.kind === 'page' || c.page.kind === 'campaign');
  return html`<section class="part ${arranged(c)}" ${own(c)}>
    ${drawText(c, 'heading', leads ? 'h1' : 'h2')}
    <div class="prose">${pictureBeside(c)}${items(c, 'passages').map((item) => paragraphs(c, 'passages', item, 'text'))}</div>
  </section>`;
};

export const freeText: Drawing<'free-text'> = {
  draw,
  css: `
.free-text.as-set-off{background:var(--raised)}
.free-text .prose{grid-column:-2/-1}
`,
  narrow: `
.free-text .prose{grid-column:1}
`,
};
