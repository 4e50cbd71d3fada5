import { largestCategory, stockOf, type Category } from '@/core/goods';
import { type SectionKind } from '@/core/plan';
import { chosenGoods, numberedSlots, place, productPicture, slot, type SectionContext } from '../context';
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
  return html`<section class="opening" id="opening">
    <div class="opening-words">
      ${slot(c, 'headline', 'h1')}${slot(c, 'lead', 'p', 'lead')}${
        c.section.words.button
          ? html`<p><a class="button" href="${openingLink(c)}" ${place(c, 'button')}>${c.section.words.button.text}</a></p>`
          : null
      }
    </div>
    ${
      products.length
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

const featured: SectionDrawing = (c) =>
  html`<section class="featured" id="featured">
    <div class="section-head">${slot(c, 'heading', 'h2')}${slot(c, 'intro', 'p')}</div>
    ${goodsList(c, chosenGoods(c.shop.catalogue, 8))}
    <p class="onward"><a href="${c.addresses.page('shop/')}" ${place(c, 'link')}>${c.section.words.link?.text ?? ''}</a></p>
  </section>`;

const why: SectionDrawing = (c) => {
  const items = numberedSlots(c, 'text').map((name) => name.replace('text-', ''));
  return html`<section class="why" id="why">
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
  html`<section class="categories" id="categories">
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
  html`<section class="story" id="story">
    ${slot(c, 'heading', 'h2')}
    <div class="prose">
      ${numberedSlots(c, 'text').map((name) => slot(c, name, 'p'))}${
        c.section.words.link
          ? html`<p class="onward">
              <a href="${c.addresses.page('about/')}" ${place(c, 'link')}>${c.section.words.link.text}</a>
            </p>`
          : null
      }
    </div>
  </section>`;

const questions: SectionDrawing = (c) =>
  html`<section class="questions" id="questions">
    ${slot(c, 'heading', 'h2')}
    <dl>
      ${numberedSlots(c, 'question').map((name) => {
        const answer = name.replace('question', 'answer');
        return html`<div><dt${place(c, name)}>${c.section.words[name]?.text ?? ''}</dt><dd${place(c, answer)}>${c.section.words[answer]?.text ?? ''}</dd></div>`;
      })}
    </dl>
  </section>`;

const contact: SectionDrawing = (c) => {
  const { email, phone, place: where } = c.shop.reading;
  const onContactPage = c.page.kind === 'contact';
  return html`<section class="contact" id="contact">
    ${slot(c, 'heading', onContactPage ? 'h1' : 'h2')}
    <address>
      ${
        email ? html`<p><a href="mailto:${email.value}">${email.value}</a></p>` : null
      }${phone ? html`<p><a href="tel:${phone.value.replace(/[^+\d]/g, '')}">${phone.value}</a></p>` : null}${where ? html`<p>${where.value}</p>` : null}
    </address>
    ${numberedSlots(c, 'text').map((name) => slot(c, name, 'p'))}
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
