import { readLead, type Lead } from '../lead';
import { fieldAt, leadsTo, writtenTexts, type Decided } from '../places';
import { leadsIn } from '../prose';
import { hasSigns } from '../sections/about';
import { type Page } from '../plan';

/** Where the seller wants buttons and links to lead, by page, section and field. */
export type Leads = ReadonlyMap<string, Lead>;

export const leadAt = (owner: string, section: string, field: string): string => `${owner}/${section}/${field}`;

export const leadsOf = (decided: Decided): Leads =>
  new Map(
    decided.all(leadsTo).flatMap(({ parts: [page, section, field], value }): [string, Lead][] => {
      const lead = readLead(value);
      return lead ? [[leadAt(page, section, field), lead]] : [];
    }),
  );

/** Where the words of the seller's own texts lead. */
export function textLeadsOf(decided: Decided): Lead[] {
  const texts = [
    ...decided
      .all(writtenTexts.fieldText)
      .map(({ parts: [, section, field], value }) => ({ field: fieldAt(section, { field }), value })),
    ...decided
      .all(writtenTexts.itemText)
      .map(({ parts: [, section, field, key, part], value }) => ({ field: fieldAt(section, { field, key, part }), value })),
  ];
  return texts
    .filter(({ field }) => hasSigns(field))
    .flatMap(({ value }) => leadsIn(value).flatMap((word) => readLead(word) ?? []));
}

/** A lead whose page or section is not in the shop, in words; null where it leads where it should. */
export function whyLost(lead: Lead, pages: readonly Page[], isThere: (page: Page) => boolean): string | null {
  if (lead.kind === 'outside') return null;
  const page = pages.find(({ id }) => id === lead.page);
  if (!page) return 'to a page that is not in the shop';
  if (!isThere(page)) return `to “${page.name}”, which has nothing on it yet`;
  if (lead.kind === 'page') return null;
  const section = page.sections.find(({ id }) => id === lead.section);
  return section && !section.hidden ? null : `to a part of “${page.name}” that is not shown`;
}
