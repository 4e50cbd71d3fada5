import { arranged, drawText, own, ownPictures, pictured, place, productPicture, type Drawing } from '../context';
import { html } from '../html';

const webAddress = (text: string): string => (/^https?:\/\//i.test(text) ? text : `https://${text}`);

const draw: Drawing<'posted'>['draw'] = (c) => {
  const address = c.section.words.address;
  const safe = address?.text && /^(?:https?:\/\/)?[\w.-]+\.[a-z]{2,}(?:\/[\w./@~-]*)?$/i.test(address.text) ? address.text : null;
  const mine = ownPictures(c, '(max-width: 820px) 46vw, 16vw');
  return html`<section class="part ${arranged(c)}" ${own(c)}>
    <div class="head">
      ${drawText(c, 'heading', 'h2')}${safe ? html`<p class="onward"><a href="${webAddress(safe)}" rel="noopener" ${place(c, 'address')}>${safe}</a></p>` : drawText(c, 'address', 'p')}
    </div>
    ${
      mine.length
        ? html`<ul class="pictures">
            ${mine.map((picture) => html`<li>${picture}</li>`)}
          </ul>`
        : html`<ul class="pictures" aria-hidden="true">
            ${pictured(c)
              .slice(-6)
              .map((item) => html`<li>${productPicture(c, item, item.pictures[0], { decorative: true })}</li>`)}
          </ul>`
    }
  </section>`;
};

export const posted: Drawing<'posted'> = {
  draw,
  css: `
.posted .pictures{display:grid;grid-template-columns:repeat(auto-fit,minmax(6rem,1fr));gap:2px}
.posted img{width:100%;aspect-ratio:1;object-fit:cover}
.posted.as-corner .pictures{grid-template-columns:repeat(3,minmax(0,9rem))}
.posted a,.posted .onward{overflow-wrap:anywhere}
`,
};
