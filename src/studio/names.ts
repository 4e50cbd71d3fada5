import { lookPlaces, planPlaces, shortened, type Address, type Names, type Value } from '@/core/places';
import { type Standing } from '@/core/project';
import { type Summary } from '@/workers/protocol';
import { type KnownTitles } from './titles';

/** Goods are called by their ids where nobody has asked for their titles. */
export const noTitles: KnownTitles = { product: () => null, variant: () => null };

/** How the shop at hand calls its pages, sections and items, for sentences about steps. */
export function namesOf(summary: Summary | null, titles: KnownTitles): Partial<Names> {
  const pages = new Map(summary?.outline.map((page) => [page.id, page]));
  return {
    page: (id) => (id === 'product' ? 'all products' : (pages.get(id)?.name ?? plain(id))),
    product: (id) => titles.product(id) ?? plain(id.replace(/^p-/, '')),
    variant: (id) => titles.variant(id) ?? 'a thing',
    item: (page, id, key, part) => {
      const words = pages.get(page)?.sections.find((one) => one.id === id)?.words;
      const first = words?.find(({ at, text }) => at.key === key && at.part !== part && text !== '');
      return first ? shortened(first.text, 32) : null;
    },
  };
}

const plain = (id: string) => id.charAt(0).toUpperCase() + id.slice(1).replace(/-/g, ' ');

/** What stands in the shop at hand: texts, the genes of the look, names of pages. */
export function standingIn({ outline, look }: Summary): Standing {
  const now = new Map<Address, Value>();
  for (const page of outline) {
    now.set(planPlaces.pageName(page.id).address, page.name);
    for (const { words } of page.sections) for (const { place, text } of words) now.set(place, text);
  }
  for (const [name, { address }] of Object.entries(lookPlaces.genePlaces)) {
    const value = look.genes[name as keyof typeof lookPlaces.genePlaces];
    if (value !== null) now.set(address, value);
  }
  return (place) => now.get(place);
}
