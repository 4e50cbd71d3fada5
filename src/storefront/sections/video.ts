import { arranged, drawText, isArranged, own, place, productPicture, say, type Drawing } from '../context';
import { html } from '../html';

/** A video is led to, not embedded: a shop loads nothing from another host. */
const draw: Drawing<'video'>['draw'] = (c) => {
  const address = c.section.words.address?.text ?? '';
  const safe = /^https:\/\/[\w.-]+\.[a-z]{2,}(?:[/?][^\s"<>]*)?$/i.test(address) ? address : null;
  const host = safe ? new URL(safe).hostname : '';
  const item = c.shop.catalogue.products.find((product) => product.pictures.some((name) => c.addresses.picture(name)));
  const words = html`${drawText(c, 'heading', 'h2')}${drawText(c, 'title', 'p', 'large')}${
    safe
      ? html`<p class="onward"><a href="${safe}" rel="noopener" ${place(c, 'address')}>${say(c).drawn.watchAt(host)}</a></p>`
      : drawText(c, 'address', 'p')
  }`;
  return html`<section class="part ${arranged(c)}" ${own(c)}>
    ${isArranged(c, 'plate') && item ? html`<div class="plate" aria-hidden="true">${productPicture(c, item, item.pictures[0], { decorative: true })}<span class="start"></span></div>` : null}
    <div class="words">${words}</div>
  </section>`;
};

export const video: Drawing<'video'> = {
  draw,
  css: `
.video.as-plate{grid-template-columns:minmax(0,7fr) minmax(0,5fr);align-items:end}
.video.as-plate h2{grid-column:auto}
.video .plate{position:relative}
.video .plate img,.video .plate .no-picture{width:100%;aspect-ratio:16/9;object-fit:var(--lying,cover)}
.video .start{position:absolute;inset:auto auto 1.25rem 1.25rem;width:3.5rem;height:3.5rem;background:var(--ground);clip-path:polygon(15% 8%,92% 50%,15% 92%)}
.video.as-line .words{grid-column:1/-1}
`,
  narrow: `
.video.as-plate{grid-template-columns:minmax(0,1fr)}
`,
};
