import { arranged, drawText, own, place, type Drawing } from '../context';
import { html } from '../html';

/** The seller's markup in a frame of its own: no scripts, no forms, no reach into the page. */
const draw: Drawing<'markup'>['draw'] = (c) => {
  const text = c.section.words.markup?.text ?? '';
  const title = c.section.words.heading?.text || 'From outside';
  return html`<section class="part ${arranged(c)}" ${own(c)}>
    ${drawText(c, 'heading', 'h2')}${
      text
        ? html`<div class="frame" ${place(c, 'markup')}>
            <iframe sandbox="" loading="lazy" title="${title}" srcdoc="${text}"></iframe>
          </div>`
        : drawText(c, 'markup', 'p')
    }
  </section>`;
};

export const markup: Drawing<'markup'> = {
  draw,
  css: `
.markup iframe{display:block;width:100%;min-height:22rem;border:0;background:var(--ground)}
.markup.as-framed .frame{border:1px solid var(--soft);padding:1rem}
.markup.as-bare{grid-template-columns:minmax(0,1fr)}
`,
};
