import { arranged, drawText, leads, own, place, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'offer'>['draw'] = (c) => {
  const { link } = c.section.words;
  const onward = link && html`<p class="onward"><a ${leads(c, 'link', 'shop/')} ${place(c, 'link')}>${link.text}</a></p>`;
  return html`<section class="part ${arranged(c)}" ${own(c)}>
    ${drawText(c, 'heading', 'h2')}
    <div class="words">${drawText(c, 'text', 'p', 'large')}${drawText(c, 'code', 'p')}${onward ?? null}</div>
  </section>`;
};

export const offer: Drawing<'offer'> = {
  draw,
  css: `
.offer.as-band{background:var(--third,var(--second));color:var(--on-third,var(--on-second))}
.offer.as-band a{color:inherit}
.offer.as-notice .words{border:2px solid var(--text);padding:1.5rem}
`,
};
