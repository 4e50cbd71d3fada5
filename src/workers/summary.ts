import { findingsOf } from '@/core/proof';
import { canListShelves, holdersFor, ownerOf, pageDefinitions, type Page } from '@/core/plan';
import { Decided, planPlaces, type Names } from '@/core/places';
import { type Product, type Project } from '@/core/project';
import { contentTexts, sectionAbout, textIn } from '@/core/sections';
import { priceRange } from '@/core/goods';
import { leadsToSection, pageOut, sayLinks } from '@/core/requests';
import { linksTo, namesIn, saidOfDelivery, saidOfPrices, type Shop } from '@/core/site';
import { formatMoney } from '@/core/till';
import { askedAt, readingEase } from '@/core/words';
import { placeOfText } from '@/core/writing';
import { type OutlinePage, type OutlineText, type Summary } from './protocol';

function outlinePage(shop: Shop, page: Page, decided: Decided, names: Names): OutlinePage {
  const { id, kind, name, path, inMenu, inFooter, added, because, visitorGets, doNext } = page;
  const meta = shop.writer.metaOf(page);
  const written = new Map(shop.writer.write(page).sections.map((section) => [section.id, section.words]));
  const led = [...shop.leads.values(), ...shop.textLeads];
  const sections = page.sections.map((section) => {
    const words = written.get(section.id) ?? shop.writer.words(page, section);
    const texts = contentTexts(words ?? {}).map(({ at, text }): OutlineText => ({
      ...text,
      at,
      place: placeOfText(page, section, at).address,
      ask: askedAt(text),
    }));
    const filled = words !== null && shop.writer.isFilled(section, words);
    const here = leadsToSection(ownerOf(page), section.id);
    // Mostly nothing does, and then nothing is looked through.
    const links = led.some(here) ? linksTo(decided, names, here) : [];
    const ledTo = { say: sayLinks(links), mends: links.map(({ mends }) => mends) };
    return { ...section, ledTo, filled, words: texts, arrangements: sectionAbout(section.kind).arrangements };
  });
  const out = pageOut(shop, decided, page);
  return {
    id,
    kind,
    name,
    path,
    inMenu,
    under: page.under,
    holders: holdersFor(shop.pages, page).map((one) => ({ id: one.id, name: one.name })),
    shelves: kind === 'shop' && canListShelves(shop.pages) ? shop.shelvesInMenu : null,
    inFooter,
    added,
    out: out && { say: sayLinks(out.links), wishes: out.wishes },
    because,
    visitorGets,
    doNext,
    title: meta.title,
    description: meta.description,
    sections,
  };
}

/** All that the home page says, in one piece. */
function homeText(shop: Shop): string {
  const [home] = shop.pages;
  if (!home) return '';
  return shop.writer
    .write(home)
    .sections.flatMap((section) => contentTexts(section.words))
    .filter(({ text }) => text.rank < 3 && /[.!?]$/.test(text.text))
    .map(({ text }) => text.text)
    .join(' ');
}

/** A line and a thing of the shop, on which looks are shown small. */
function pieceOf(shop: Shop, pictureUrls: Record<string, string>): Summary['piece'] {
  const opening = shop.pages[0] && shop.writer.write(shop.pages[0]).sections.find((section) => section.kind === 'opening');
  const pictureOf = (names: readonly string[]) =>
    names.map((name) => pictureUrls[shop.pictures.get(name.toLowerCase())?.hash ?? '']).find((url) => url !== undefined);
  const { products } = shop.catalogue;
  const product = products.find((one) => pictureOf(one.pictures)) ?? products[0];
  return {
    made: shop.art !== null,
    headline: (opening && textIn(opening.words, 'headline')?.text) ?? shop.name,
    button: (opening && textIn(opening.words, 'button')?.text) ?? 'See everything',
    product: product
      ? {
          title: product.title,
          price: shownPrice(product, shop),
          picture: pictureOf(product.pictures) ?? null,
        }
      : null,
  };
}

/** The studio's view of a shop. Products stand for one another: the first one shows what a product page is made of. */
export function summarise(shop: Shop, project: Project, pictureUrls: Record<string, string> = {}, listGone = false): Summary {
  const firstProduct = shop.pages.find((page) => page.kind === 'product');
  const decided = new Decided(project.decisions);
  const names = namesIn(shop);
  const pages = shop.pages.filter((page) => page.kind !== 'product' || page === firstProduct);
  return {
    name: shop.name,
    slug: shop.slug,
    reading: shop.reading,
    rules: shop.rules,
    saidOfDelivery: saidOfDelivery(shop.reading, shop.rules),
    saidOfPrices: saidOfPrices(shop.reading),
    moneyKnown: shop.moneyKnown,
    listGone,
    look: shop.look,
    mark: shop.mark,
    exceptions: shop.exceptions,
    piece: pieceOf(shop, pictureUrls),
    outline: pages.map((page) => outlinePage(shop, page, decided, names)),
    products: shop.catalogue.products.length,
    variants: shop.catalogue.products.reduce((n, product) => n + product.variants.length, 0),
    categories: shop.catalogue.categories.map((category) => ({
      name: category.name,
      path: `shop/${category.slug}/`,
      count: category.products.length,
    })),
    findings: findingsOf(shop, project.goods.problems),
    setAside: shop.setAside,
    takenOut: pageDefinitions
      .filter((definition) => definition.optional && decided.get(planPlaces.pageHidden(definition.kind)))
      .map(({ kind, name }) => ({ id: kind, name })),
    ease: readingEase(homeText(shop)),
  };
}

function shownPrice(product: Product, shop: Shop): string {
  const range = priceRange(product);
  return range ? formatMoney(range.low, shop.rules) : '';
}
