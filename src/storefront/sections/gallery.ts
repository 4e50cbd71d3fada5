import { arranged, drawText, own, ownPictures, pictured, productPicture, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'gallery'>['draw'] = (c) => {
  const mine = ownPictures(c, '(max-width: 820px) 92vw, 25vw');
  return html`<section class="part ${arranged(c)}" ${own(c)}>
    ${drawText(c, 'heading', c.page.kind === 'gallery' ? 'h1' : 'h2')}
    <ul class="pictures">
      ${
        mine.length
          ? mine.map((picture) => html`<li>${picture}</li>`)
          : pictured(c)
              .slice(0, c.page.kind === 'gallery' ? 60 : 8)
              .map(
                (item) =>
                  html`<li>
                    <a href="${c.addresses.page(`goods/${item.slug}/`)}"
                      >${productPicture(c, item, item.pictures[0], { decorative: true })}<span class="caption"
                        >${item.title}</span
                      ></a
                    >
                  </li>`,
              )
      }
    </ul>
  </section>`;
};

export const gallery: Drawing<'gallery'> = {
  draw,
  css: `
.gallery .pictures{display:grid;gap:1rem}
.gallery a{color:inherit;text-decoration:none}
.gallery img{width:100%}
.gallery .caption{display:block;font-size:var(--small);padding-top:.35rem;color:var(--soft)}
.gallery.as-wall{grid-template-columns:minmax(0,1fr)}
.gallery.as-wall .pictures{display:block;columns:4 14rem;column-gap:1rem}
.gallery.as-wall li{break-inside:avoid;padding-bottom:1.25rem}
.gallery.as-wall li:nth-child(3n+2) img{aspect-ratio:4/5;object-fit:var(--upright,cover)}
.gallery.as-walk{grid-template-columns:minmax(0,1fr)}
.gallery.as-walk .pictures{grid-auto-flow:column;grid-auto-columns:min(26rem,78vw);overflow-x:auto;scroll-snap-type:x proximity;padding-bottom:.75rem}
.gallery.as-walk li{scroll-snap-align:start}
.gallery.as-walk img{aspect-ratio:4/5;object-fit:var(--upright,cover)}
`,
};
