import { bandsOf } from '@/core/look';
import { fieldFor, isCompact } from '@/core/pictures';
import {
  brandFiles,
  firstView,
  logoOf,
  type markHeights,
  markOf,
  structuredData,
  viewPath,
  type Addresses,
  type OutsideLink,
  type Shop,
  type Target,
  type View,
} from '@/core/site';
import { menuOf, type Page } from '@/core/plan';
import { type Picture } from '@/core/project';
import { type WrittenPage, type WrittenSection } from '@/core/writing';
import { hasSpans, isThere, say, thing, type Context, type Drawing } from './context';
import { type SectionKind } from '@/core/sections';
import { drawing, html, jsonIn, type Markup } from './html';
import { drawings } from './sections';

/** Which scripts a page needs beside the one that all have. */
const extraScripts: Partial<Record<WrittenPage['kind'], string>> = {
  cart: 'till',
  checkout: 'till',
  thanks: 'thanks',
  search: 'search',
};

/** A whole page, as it is previewed, published and downloaded. */
export function drawPage(shop: Shop, page: WrittenPage, view: View, addresses: Addresses, target: Target): string {
  const context: Context = { shop, page, view, addresses, target };
  // A section that waits for the seller's words is seen in the studio alone.
  const shown = page.sections.filter((section) => section.filled || target.kind === 'preview');
  const document = html`<!doctype html>
    <html
      lang="${say(context).code}"
      data-root="${addresses.asset('')}"
      data-shop="${shop.id}"
      data-orders="${target.kind}"
      class="family-${shop.look.family.id} page-${page.kind}"
    >
      <head>
        ${head(context)}
      </head>
      <body${thing(context, { kind: 'page', page: page.kind === 'product' ? 'product' : page.id })}>
        <a class="skip" href="#main">${say(context).drawn.toContent}</a>${header(context)}
        <main id="main"${hasSpans(context) ? html` class="spans"` : null}>${shown.map((section) => drawSection(context, section))}</main>
        ${footer(context)}
      </body>
    </html>`;
  return document.text;
}

/** What was written for a section of a kind has that kind's fields: its definition and its drawing share them. */
function drawSection(context: Context, section: WrittenSection): Markup {
  const { draw } = drawings[section.kind] as Drawing<SectionKind>;
  return draw({ ...context, section });
}

function head(c: Context): Markup {
  const { shop, page, view, addresses, target } = c;
  const first = view.order === firstView.order && view.stretch === 1;
  const listed = page.listed && first && target.kind !== 'preview';
  const canonical = addresses.canonical(page.path);
  const shown = [...(page.product ? [page.product] : []), ...shop.catalogue.products.slice(0, 200)].flatMap(
    (product) => product.pictures,
  );
  const brand = brandFiles(shop);
  // The shop's card stands for the shop; a product is shown itself.
  const picture = brand && !page.product ? undefined : shown.find((name) => addresses.picture(name) !== null);
  const card = picture ? addresses.picture(picture)?.src : brand ? addresses.asset('card.png') : undefined;
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
    />${brand?.icon === null ? null : html`<link rel="icon" href="${addresses.asset('icon.svg')}" type="image/svg+xml" />`}${
      brand && target.kind !== 'preview'
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
            ${page.kind === 'cart' ? html`<script src="${addresses.asset('scripts/asked.js')}" defer></script>` : null}
            ${extra ? html`<script src="${addresses.asset(`scripts/${extra}.js`)}" defer></script>` : null}${
              page.kind === 'checkout' && shop.rules.tax.business
                ? html`<script src="${addresses.asset('scripts/number.js')}" defer></script>`
                : null
            }`
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

/** The wider a logo is, the less high it stands, so that none is larger than the others. */
const mannerOf = (logo: Picture): keyof typeof markHeights =>
  isCompact(logo) ? 'emblem' : logo.width < logo.height * 4.5 ? 'monogram' : 'wordmark';

/** The seller's own picture; on a field of its own where the ground would hide it. */
function logoImage({ shop, addresses }: Context, at: 'top' | 'foot', alt: string): Markup | null {
  const { mark, look } = shop;
  const logo = logoOf(shop);
  const picture = logo && addresses.picture(logo.name);
  if (!picture) return null;
  const { head, foot } = bandsOf(look);
  const field = fieldFor(logo, at === 'top' ? head : foot, look.palette);
  return html`<img
    class="mark mark-${Math.round(mark.size * 10)} mark-${mannerOf(logo)}${field ? ` mark-on-${field}` : ''}"
    src="${picture.src}"
    alt="${alt}"
    width="${picture.width}"
    height="${picture.height}"
  />`;
}

/** A drawn mark, in the ink of where it stands. */
function markImage({ shop }: Context, at: 'top' | 'foot', alt: string): Markup | null {
  const mark = markOf(shop);
  return (
    mark &&
    html`<svg
      class="mark mark-${Math.round(shop.mark.size * 10)} mark-${mark.manner}"
      viewBox="0 0 ${Math.ceil(mark.width)} ${Math.ceil(mark.height)}"
      ${alt ? html`role="img" aria-label="${alt}"` : html`aria-hidden="true"`}
    >
      <g fill="currentColor">${drawing(at === 'top' ? mark.body : ofItsOwn(mark.body, at))}</g>
    </svg>`
  );
}

/** The name at the head: as text, as a drawn mark, as the seller's own picture, or in type beside one of these. */
function brand(context: Context, at: 'top' | 'foot'): Markup {
  const { name, mark } = context.shop;
  const alt = mark.named ? '' : name;
  const image = logoImage(context, at, alt) ?? markImage(context, at, alt);
  if (!image) return html`${name}`;
  return mark.named ? html`<span class="lockup">${image}<span>${name}</span></span>` : image;
}

/** A name of a word that no narrow line takes may be broken, and only such a one: others would be broken where they needn't. */
const breaks = (name: string): Markup | null => (/[^\s-]{19,}/u.test(name) ? html` class="breaks"` : null);

/** The ways out of the shop that stand in its menu, or in its footer. */
const waysOut = (context: Context, stands: (link: OutsideLink) => boolean): Markup[] =>
  context.shop.links.filter(stands).map(
    ({ key, label, address }) =>
      html`<li>
        <a href="${address}" rel="noopener" ${thing(context, { kind: 'outside-link', link: key })} ${breaks(label)}>${label}</a>
      </li>`,
  );

/** A page as the menu names it. */
const entry = (context: Context, { id, path, name }: Page): Markup =>
  html`<a
    href="${context.addresses.page(path)}"
    ${thing(context, { kind: 'entry', page: id })}
    ${id === context.page.id ? html` aria-current="page"` : null}
    ${breaks(name)}
    >${name}</a
  >`;

function header(context: Context): Markup {
  const { shop, page, addresses } = context;
  const { drawn } = say(context);
  const menu = menuOf(
    shop.pages.filter((candidate) => isThere(context, candidate)),
    shop.shelvesInMenu,
  );
  return html`<header class="top" ${thing(context, { kind: 'header' })}>
    <a
      class="brand"
      href="${addresses.page('')}"
      ${thing(context, { kind: 'logo' })}
      ${page.kind === 'home' ? html` aria-current="page"` : null}
      >${brand(context, 'top')}</a
    >
    <nav aria-label="${drawn.mainMenu}" ${thing(context, { kind: 'menu' })}>
      <ul>
        ${menu.map(
          ({ page: item, under }) =>
            html`<li>
              ${entry(context, item)}
              ${
                under.length
                  ? html`<details name="menu">
                      <summary aria-label="${drawn.under(item.name)}"></summary>
                      <ul>
                        ${under.map((one) => html`<li>${entry(context, one)}</li>`)}
                      </ul>
                    </details>`
                  : null
              }
            </li>`,
        )}
        ${waysOut(context, ({ inMenu }) => inMenu)}
      </ul>
    </nav>
    <p class="tools">
      <a href="${addresses.page('search/')}">${drawn.search}</a>
      <a href="${addresses.page('cart/')}">${drawn.cart}<span data-cart-count></span></a>
    </p>
  </header>`;
}

function footer(context: Context): Markup {
  const { shop, addresses } = context;
  const { email, phone, place } = shop.reading;
  return html`<footer class="foot" ${thing(context, { kind: 'footer' })}>
    <p class="brand">${shop.mark.foot ? brand(context, 'foot') : shop.name}</p>
    <nav aria-label="${say(context).drawn.allPages}">
      <ul>
        ${shop.pages
          .filter((page) => page.inFooter && isThere(context, page))
          .map(
            (page) =>
              html`<li>
                <a
                  href="${addresses.page(page.path)}"
                  ${thing(context, { kind: 'footer-entry', page: page.id })}
                  ${breaks(page.name)}
                  >${page.name}</a
                >
              </li>`,
          )}
        ${waysOut(context, ({ inFooter }) => inFooter)}
      </ul>
    </nav>
    <address>
      ${email ? html`<a href="mailto:${email.value}">${email.value}</a>` : null}${
        phone ? html`<a href="tel:${phone.value.replace(/[^+\d]/g, '')}">${phone.value}</a>` : null
      }${place ? html`<span>${place.value}</span>` : null}
    </address>
  </footer>`;
}
