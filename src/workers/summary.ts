import { findingsOf } from '@/core/proof';
import { type Page } from '@/core/plan';
import { type Project } from '@/core/project';
import { type Shop } from '@/core/site';
import { wordsPlace, type Text } from '@/core/words';
import { type OutlinePage, type OutlineText, type Summary } from './protocol';

function choicesFor(shop: Shop, section: string, slot: string): Text[] {
  if (section !== 'opening') return [];
  if (slot === 'headline') return shop.writer.harvest.headlineChoices;
  return slot === 'lead' ? shop.writer.harvest.leadChoices : [];
}

function outlinePage(shop: Shop, page: Page): OutlinePage {
  const { id, kind, name, path, inMenu, because } = page;
  const { meta } = shop.writer.write(page);
  const sections = page.sections.map((section) => {
    const words = shop.writer.words(page, section);
    const texts = Object.entries(words ?? {}).map(([slot, text]): OutlineText => ({
      ...text,
      slot,
      place: wordsPlace(page, section, slot),
      choices: choicesFor(shop, section.id, slot),
    }));
    return { ...section, filled: words !== null, words: texts };
  });
  return { id, kind, name, path, inMenu, because, title: meta.title, description: meta.description, sections };
}

/** The studio's view of a shop. Products stand for one another: the first one shows what a product page is made of. */
export function summarise(shop: Shop, project: Project): Summary {
  const firstProduct = shop.pages.find((page) => page.kind === 'product');
  const pages = shop.pages.filter((page) => page.kind !== 'product' || page === firstProduct);
  return {
    name: shop.name,
    slug: shop.slug,
    reading: shop.reading,
    rules: shop.rules,
    look: shop.look,
    outline: pages.map((page) => outlinePage(shop, page)),
    products: shop.catalogue.products.length,
    variants: shop.catalogue.products.reduce((n, product) => n + product.variants.length, 0),
    categories: shop.catalogue.categories.map((category) => ({
      name: category.name,
      path: `shop/${category.slug}/`,
      count: category.products.length,
    })),
    findings: findingsOf(shop, project.goods.problems),
    setAside: shop.setAside,
  };
}
