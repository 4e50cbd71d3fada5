import { largestCategory, stockOf, type Category } from '@/core/goods';
import { type SectionKind } from '@/core/plan';
import { artFile } from '@/core/site';
import {
  arranged,
  chosenGoods,
  isArranged,
  itemsOf,
  numberedSlots,
  paragraphs,
  place,
  productPicture,
  slot,
  type SectionContext,
} from '../context';
import { html, type Markup } from '../html';
import { goodsList } from './goods';

type SectionDrawing = (context: SectionContext) => Markup;

/** The category whose goods the opening's button leads to, or the whole shop. */
function openingLink({ shop, addresses }: SectionContext): string {
  const shelf = largestCategory(shop.catalogue.categories);
  return addresses.page(shelf ? `shop/${shelf.slug}/` : 'shop/');
}

const opening: SectionDrawing = (c) => {
  const chosen = chosenGoods(c.shop.catalogue, 5).filter((product) => product.pictures.some((name) => c.addresses.picture(name)));
  // Not the same thing first here and in the list below.
  const products = [...chosen.slice(1), ...chosen.slice(0, 1)];
  return html`<section class="${arranged(c)}" id="${c.section.id}">
    <div class="opening-words">
      ${slot(c, 'headline', 'h1')}${slot(c, 'lead', 'p', 'lead')}${
        c.section.words.button
          ? html`<p><a class="button" href="${openingLink(c)}" ${place(c, 'button')}>${c.section.words.button.text}</a></p>`
          : null
      }
    </div>
    ${
      c.shop.art && !isArranged(c, 'spoken')
        ? html`<div class="opening-pictures made" data-count="1">
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

const featured: SectionDrawing = (c) => {
  const cards = c.shop.catalogue.products.filter((product) => product.kind === 'gift-card');
  const goods = c.page.kind === 'gift-cards' ? cards : chosenGoods(c.shop.catalogue, 8);
  return html`<section class="${arranged(c)}" id="${c.section.id}">
    <div class="section-head">${slot(c, 'heading', c.page.kind === 'gift-cards' ? 'h1' : 'h2')}${slot(c, 'intro', 'p')}</div>
    ${goodsList(c, goods)}
    <p class="onward"><a href="${c.addresses.page('shop/')}" ${place(c, 'link')}>${c.section.words.link?.text ?? ''}</a></p>
  </section>`;
};

const why: SectionDrawing = (c) => {
  const items = itemsOf(c, 'text', 'title');
  return html`<section class="${arranged(c)}" id="${c.section.id}">
    ${slot(c, 'heading', 'h2')}
    <ul>
      ${items.map(
        (n) =>
          html`<li>${slot(c, `title-${n}`, 'h3')}${slot(c, `text-${n}`, 'p', c.section.words[`title-${n}`] ? '' : 'claim')}</li>`,
      )}
    </ul>
  </section>`;
};

const categoryPicture = (c: SectionContext, category: Category) => {
  const product =
    category.products.find((p) => p.pictures.some((name) => c.addresses.picture(name)) && stockOf(p) !== 0) ??
    category.products[0];
  return product ? productPicture(c, product, product.pictures[0], { decorative: true }) : null;
};

const categories: SectionDrawing = (c) =>
  html`<section class="${arranged(c)}" id="${c.section.id}">
    ${slot(c, 'heading', 'h2')}
    <ul>
      ${c.shop.catalogue.categories.map(
        (category) =>
          html`<li>
            <a href="${c.addresses.page(`shop/${category.slug}/`)}"
              ><span class="thumb">${categoryPicture(c, category)}</span><span class="name">${category.name}</span>
              <span class="note">${category.products.length}</span></a
            >
          </li>`,
      )}
    </ul>
  </section>`;

const story: SectionDrawing = (c) =>
  html`<section class="${arranged(c)}" id="${c.section.id}">
    ${slot(c, 'heading', 'h2')}
    <div class="prose">
      ${numberedSlots(c, 'text').map((name) => paragraphs(c, name))}${
        c.section.words.link
          ? html`<p class="onward">
              <a href="${c.addresses.page('about/')}" ${place(c, 'link')}>${c.section.words.link.text}</a>
            </p>`
          : null
      }
    </div>
  </section>`;

const questions: SectionDrawing = (c) => {
  const items = itemsOf(c, 'question', 'answer');
  const heading = slot(c, 'heading', c.page.kind === 'questions' ? 'h1' : 'h2');
  if (isArranged(c, 'folded'))
    return html`<section class="${arranged(c)}" id="${c.section.id}">
      ${heading}
      <div class="folds">
        ${items.map(
          (n) =>
            html`<details>
              <summary>${slot(c, `question-${n}`, 'span')}</summary>
              ${slot(c, `answer-${n}`, 'p')}
            </details>`,
        )}
      </div>
    </section>`;
  return html`<section class="${arranged(c)}" id="${c.section.id}">
    ${heading}
    <dl>${items.map((n) => html`<div>${slot(c, `question-${n}`, 'dt')}${slot(c, `answer-${n}`, 'dd')}</div>`)}</dl>
  </section>`;
};

const contact: SectionDrawing = (c) => {
  const { email, phone, place: where } = c.shop.reading;
  const onContactPage = c.page.kind === 'contact';
  return html`<section class="${arranged(c)}" id="${c.section.id}">
    ${slot(c, 'heading', onContactPage ? 'h1' : 'h2')}
    <address>
      ${
        email ? html`<p><a href="mailto:${email.value}">${email.value}</a></p>` : null
      }${phone ? html`<p><a href="tel:${phone.value.replace(/[^+\d]/g, '')}">${phone.value}</a></p>` : null}${where ? html`<p>${where.value}</p>` : null}
    </address>
    ${numberedSlots(c, 'text').map((name) => paragraphs(c, name))}
  </section>`;
};

export const homeSections: Partial<Record<SectionKind, SectionDrawing>> = {
  opening,
  featured,
  why,
  categories,
  story,
  questions,
  contact,
};
