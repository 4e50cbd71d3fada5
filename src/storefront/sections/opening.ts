import { artFile } from '@/core/site';
import { firstGoal } from '@/core/words';
import { arranged, chosenGoods, drawText, isArranged, leads, own, place, productPicture, thing, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'opening'>['draw'] = (c) => {
  const chosen = chosenGoods(c.shop, 5).filter((product) => product.pictures.some((name) => c.addresses.picture(name)));
  // Not the same thing first here and in the list below.
  const products = [...chosen.slice(1), ...chosen.slice(0, 1)];
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
    ${
      c.shop.art && !isArranged(c, 'spoken')
        ? html`<div
            class="opening-pictures made"
            data-count="1"
            ${thing(c, { kind: 'picture', page: c.page.id, section: c.section.id })}
          >
            <div>
              <img
                src="${c.addresses.asset(artFile)}"
                alt=""
                width="${c.shop.art.width}"
                height="${c.shop.art.height}"
                fetchpriority="high"
              />
            </div>
          </div>`
        : products.length && !isArranged(c, 'spoken')
          ? html`<div class="opening-pictures" data-count="${products.length}">
              ${products.map(
                (product, i) =>
                  html`<a href="${c.addresses.page(`goods/${product.slug}/`)}"
                    >${productPicture(c, product, product.pictures[0], { eager: i === 0, decorative: true })}<span
                      >${product.title}</span
                    ></a
                  >`,
              )}
            </div>`
          : null
    }
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
