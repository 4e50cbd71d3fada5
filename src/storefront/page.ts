import { type SectionKind } from '@/core/plan';
import {
  brandFiles,
  firstView,
  markOf,
  structuredData,
  viewPath,
  type Addresses,
  type Shop,
  type Target,
  type View,
} from '@/core/site';
import { type WrittenPage } from '@/core/words';
import { type Context, type SectionContext } from './context';
import { drawing, html, jsonIn, type Markup } from './html';
import { homeSections } from './sections/home';
import { meetingSections } from './sections/meeting';
import { productSections } from './sections/product';
import { sellingSections } from './sections/selling';
import { shelfSections } from './sections/shelf';
import { tellingSections } from './sections/telling';
import { textSections } from './sections/texts';
import { tillSections } from './sections/till';

const sections: Partial<Record<SectionKind, (c: SectionContext) => Markup>> = {
  ...homeSections,
  ...shelfSections,
  ...productSections,
  ...textSections,
  ...tillSections,
  ...sellingSections,
  ...tellingSections,
  ...meetingSections,
};

/** Which scripts a page needs beside the one that all have. */
const extraScripts: Partial<Record<WrittenPage['kind'], string>> = {
  cart: 'till',
  checkout: 'till',
  thanks: 'till',
  search: 'search',
};

/** A whole page, as it is previewed, published and downloaded. */
export function drawPage(shop: Shop, page: WrittenPage, view: View, addresses: Addresses, target: Target): string {
  const context: Context = { shop, page, view, addresses, target };
  // A section that waits for the seller's words is seen in the studio alone.
  const shown = page.sections.filter((section) => section.filled || target.kind === 'preview');
  const document = html`<!doctype html>
    <html
      lang="en"
      data-root="${addresses.asset('')}"
      data-shop="${shop.id}"
      data-orders="${target.kind}"
      class="family-${shop.look.family.id} page-${page.kind}"
    >
      <head>
        ${head(context)}
      </head>
      <body>
        <a class="skip" href="#main">To the content</a>${header(context)}
        <main id="main">${shown.map((section) => sections[section.kind]?.({ ...context, section }) ?? null)}</main>
        ${footer(context)}
      </body>
    </html>`;
  return document.text;
}

function head(c: Context): Markup {
  const { shop, page, view, addresses, target } = c;
  const first = view.order === firstView.order && view.stretch === 1;
  const listed = page.listed && first && target.kind !== 'preview';
  const canonical = addresses.canonical(page.path);
  const shown = [...(page.product ? [page.product] : []), ...shop.catalogue.products.slice(0, 200)].flatMap(
    (product) => product.pictures,
  );
  const branded = brandFiles(shop) !== null;
  // The shop's card stands for the shop; a product is shown itself.
  const picture = branded && !page.product ? undefined : shown.find((name) => addresses.picture(name) !== null);
  const card = picture ? addresses.picture(picture)?.src : branded ? addresses.asset('card.png') : undefined;
  const cardUrl = card && target.kind !== 'preview' ? new URL(card, addresses.canonical(viewPath(page, view))).href : null;
  const data = structuredData(shop, page, {
    page: addresses.canonical,
    picture: (name) => {
      const found = addresses.picture(name);
      return found && target.kind !== 'preview' ? new URL(found.src, addresses.canonical(page.path)).href : null;
    },
  });
  const extra = extraScripts[page.kind];
  const family = shop.look;
  return html`<meta charset="utf-8" /><meta name="viewport" content="width=device-width, initial-scale=1" /><title>
      ${page.meta.title}</title
    ><meta name="description" content="${page.meta.description}" />${
      listed ? html`<link rel="canonical" href="${canonical}" />` : html`<meta name="robots" content="noindex" />`
    }<meta property="og:type" content="${page.product ? 'product' : 'website'}" /><meta
      property="og:title"
      content="${page.meta.title}"
    /><meta property="og:description" content="${page.meta.description}" /><meta property="og:url" content="${canonical}" /><meta
      property="og:site_name"
      content="${shop.name}"
    />${cardUrl ? html`<meta property="og:image" content="${cardUrl}" />` : null}<meta
      name="theme-color"
      content="${family.palette.ground}"
    /><link rel="icon" href="${addresses.asset('icon.svg')}" type="image/svg+xml" />${
      branded && target.kind !== 'preview'
        ? html`<link rel="icon" href="${addresses.asset('icon-32.png')}" sizes="32x32" /><link
              rel="apple-touch-icon"
              href="${addresses.asset('icon-180.png')}"
            /><link rel="manifest" href="${addresses.asset('site.webmanifest')}" />`
        : null
    }<link
      rel="preload"
      href="${addresses.asset(`fonts/${family.heading.measures.subsets.find(({ subset }) => subset === 'latin')?.files[0]?.file ?? ''}`)}"
      as="font"
      type="font/woff2"
      crossorigin="anonymous"
    /><link rel="stylesheet" href="${addresses.asset('styles.css')}" />${
      target.kind === 'preview'
        ? null
        : html`<script src="${addresses.asset('scripts/shop.js')}" defer></script>
            ${extra ? html`<script src="${addresses.asset(`scripts/${extra}.js`)}" defer></script>` : null}`
    }${
      data
        ? html`<script type="application/ld+json">
            ${jsonIn(data)}
          </script>`
        : null
    }`;
}

/** Masks of a drawing under other names, so that it can stand in a page twice. */
const ofItsOwn = (body: string, at: string): string => body.replace(/(id="|url\(#)/g, `$1${at}-`);

/** The name at the head: as text, as a drawn mark or as the seller's own picture. */
function brand({ shop, addresses }: Context, at: 'top' | 'foot'): Markup {
  const { logo, size } = shop.mark;
  const step = `mark-${Math.round(size * 10)}`;
  const picture = logo ? addresses.picture(logo) : null;
  if (picture)
    return html`<img
      class="mark ${step}"
      src="${picture.src}"
      alt="${shop.name}"
      width="${picture.width}"
      height="${picture.height}"
    />`;
  const mark = markOf(shop);
  if (!mark) return html`${shop.name}`;
  return html`<svg
    class="mark ${step} mark-${mark.manner}"
    viewBox="0 0 ${Math.ceil(mark.width)} ${Math.ceil(mark.height)}"
    role="img"
    aria-label="${shop.name}"
  >
    <g fill="currentColor">${drawing(at === 'top' ? mark.body : ofItsOwn(mark.body, at))}</g>
  </svg>`;
}

function header(context: Context): Markup {
  const { shop, page, addresses } = context;
  const menu = shop.pages.filter((candidate) => candidate.inMenu);
  return html`<header class="top">
    <a class="brand" href="${addresses.page('')}" ${page.kind === 'home' ? html` aria-current="page"` : null}
      >${brand(context, 'top')}</a
    >
    <nav aria-label="Main">
      <ul>
        ${menu.map(
          (item) =>
            html`<li>
              <a href="${addresses.page(item.path)}" ${item.id === page.id ? html` aria-current="page"` : null}>${item.name}</a>
            </li>`,
        )}
      </ul>
    </nav>
    <p class="tools">
      <a href="${addresses.page('search/')}">Search</a> <a href="${addresses.page('cart/')}">Cart<span data-cart-count></span></a>
    </p>
  </header>`;
}

function footer(context: Context): Markup {
  const { shop, addresses } = context;
  const { email, phone, place } = shop.reading;
  return html`<footer class="foot">
    <p class="brand">${shop.mark.foot ? brand(context, 'foot') : shop.name}</p>
    <nav aria-label="All pages">
      <ul>
        ${shop.pages
          .filter((page) => page.inFooter)
          .map((page) => html`<li><a href="${addresses.page(page.path)}">${page.name}</a></li>`)}
      </ul>
    </nav>
    <address>
      ${email ? html`<a href="mailto:${email.value}">${email.value}</a>` : null}${
        phone ? html`<a href="tel:${phone.value.replace(/[^+\d]/g, '')}">${phone.value}</a>` : null
      }${place ? html`<span>${place.value}</span>` : null}
    </address>
  </footer>`;
}
