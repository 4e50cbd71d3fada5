import { type Lead } from '../lead';
import { type Decided, type Wish } from '../places';
import { planPlaces, clear, set } from '../places';
import { pageDefinitions, type Page } from '../plan';
import { linksTo, namesIn, type LinkTo, type Shop } from '../site';
import { type Offered } from './about';

/** Whether a lead leads to a page, or to a part of it. */
export const leadsToPage =
  (id: string) =>
  (lead: Lead): boolean =>
    'page' in lead && lead.page === id;

export const leadsToSection =
  (page: string, section: string) =>
  (lead: Lead): boolean =>
    lead.kind === 'section' && lead.page === page && lead.section === section;

/** What it takes to have a page out of the shop, with all that leads to it mended; null where a shop needs it. */
export function pageOut(shop: Shop, decided: Decided, page: Page): { wishes: Wish[]; links: LinkTo[] } | null {
  const optional = pageDefinitions.some(({ kind, optional: can }) => kind === page.kind && can);
  if (!optional && !page.added) return null;
  const links = linksTo(decided, namesIn(shop), leadsToPage(page.id), page.id);
  const out = page.added ? clear(planPlaces.addedPage(page.id)) : set(planPlaces.pageHidden(page.id), true);
  return { wishes: [out, ...links.map(({ mends }) => mends)], links };
}

/** So many links are named; of more, it is said how many. */
const mostNamed = 3;

/** What leads to something that is to go, as a sentence; empty where nothing does. */
export function sayLinks(links: readonly LinkTo[]): string {
  if (!links.length) return '';
  const named = links.slice(0, mostNamed).map(({ says }) => says);
  const more = links.length - named.length;
  const all = more ? [...named, `${more} more`] : named;
  const list = all.length > 1 ? `${all.slice(0, -1).join(', ')} and ${all.at(-1) ?? ''}` : (all[0] ?? '');
  return `${list.charAt(0).toUpperCase()}${list.slice(1)} ${links.length > 1 ? 'lead' : 'leads'} here.`;
}

/** The one act of taking something out. What leads to it is said before, and mended in the same step. */
export function goingAct(act: { id: string; label: string; wishes: readonly Wish[] }, links: readonly LinkTo[]): Offered {
  const mended = links.length > 1 ? `${act.label}, and mend ${links.length} links` : `${act.label}, and mend the link`;
  return {
    as: 'acts',
    ...(links.length ? { say: sayLinks(links) } : {}),
    offers: [
      {
        ...act,
        label: links.length ? mended : act.label,
        wishes: [...act.wishes, ...links.map(({ mends }) => mends)],
      },
    ],
  };
}
