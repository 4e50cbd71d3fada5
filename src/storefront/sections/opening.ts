import { artFile } from '@/core/site';
import { firstGoal } from '@/core/words';
import {
  arranged,
  chosenGoods,
  drawText,
  isArranged,
  leads,
  own,
  ownPicture,
  place,
  productPicture,
  thing,
  type Drawing,
  type SectionContext,
} from '../context';
import { html, type Markup } from '../html';

/** What the shop opens with: the seller's own picture, a made one, or its goods. */
function pictures(c: SectionContext<'opening'>): Markup | null {
  const { art, opening } = c.shop;
  const is = thing(c, { kind: 'picture', page: c.page.id, section: c.section.id });
  const shown = opening && ownPicture(c, opening.name, '(max-width: 820px) 100vw, 60vw');
  if (shown) return html`<div class="opening-pictures own" data-count="1" ${is}><div>${shown}</div></div>`;
  if (art)
    return html`<div class="opening-pictures made" data-count="1" ${is}>
      <div>
        <img src="${c.addresses.asset(artFile)}" alt="" width="${art.width}" height="${art.height}" fetchpriority="high" />
      </div>
    </div>`;
  const chosen = chosenGoods(c.shop, 5).filter((product) => product.pictures.some((name) => c.addresses.picture(name)));
  // Not the same thing first here and in the list below.
  const products = [...chosen.slice(1), ...chosen.slice(0, 1)];
  if (!products.length) return null;
  return html`<div class="opening-pictures" data-count="${products.length}">
    ${products.map(
      (product, i) =>
        html`<a href="${c.addresses.page(`goods/${product.slug}/`)}"
          >${productPicture(c, product, product.pictures[0], { eager: i === 0, decorative: true })}<span
            >${product.title}</span
          ></a
        >`,
    )}
  </div>`;
}

const draw: Drawing<'opening'>['draw'] = (c) => {
  const { second } = c.section.words;
  return html`<section class="${arranged(c)}" ${own(c)}>
    <div class="opening-words">
      ${drawText(c, 'headline', 'h1')}${drawText(c, 'lead', 'p', 'lead')}${
        c.section.words.button
          ? html`<p>
              <a class="button" ${leads(c, 'button', firstGoal(c.shop).path)} ${place(c, 'button')}
                >${c.section.words.button.text}</a
              >${second?.text ? html` <a class="button second" ${leads(c, 'second', 'shop/')} ${place(c, 'second')}>${second.text}</a>` : null}
            </p>`
          : null
      }
    </div>
    ${isArranged(c, 'spoken') ? null : pictures(c)}
  </section>`;
};

export const opening: Drawing<'opening'> = {
  draw,
  css: `
.opening.as-spoken{grid-template-columns:minmax(0,1fr)}
.opening.as-spoken .opening-words{grid-column:1;padding-inline:0;max-width:68rem}
.opening.as-spoken h1{font-size:var(--display);line-height:var(--display-line);letter-spacing:var(--display-track)}
`,
};
