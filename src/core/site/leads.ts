import { readLead, type Lead } from '../lead';
import {
  clear,
  fieldAt,
  leadsTo,
  pictureLeadsTo,
  writtenTexts,
  type Address,
  type Decided,
  type Names,
  type Wish,
} from '../places';
import { leadsIn, relinked, runsOf } from '../prose';
import { hasSigns, kindOfSection } from '../sections/about';
import { videoOf } from '../video';
import { isForSale, variantTitle } from '../goods';
import { type Page } from '../plan';
import { type Product, type Variant } from '../project';
import { codeKey } from '../till';
import { type Shop } from './shop';

/** Where the seller wants buttons and links to lead, by page, section and field. */
export type Leads = ReadonlyMap<string, Lead>;

export const leadAt = (owner: string, section: string, field: string): string => `${owner}/${section}/${field}`;

/** A picture of a section leads somewhere under this name, in place of a field's. */
export const pictureField = (name: string): string => `picture/${name}`;

export function leadsOf(decided: Decided): Leads {
  const led = (at: string, value: string): [string, Lead][] => {
    const lead = readLead(value);
    return lead ? [[at, lead]] : [];
  };
  return new Map([
    ...decided.all(leadsTo).flatMap(({ parts: [page, section, field], value }) => led(leadAt(page, section, field), value)),
    ...decided
      .all(pictureLeadsTo)
      .flatMap(({ parts: [page, section, name], value }) => led(leadAt(page, section, pictureField(name)), value)),
  ]);
}

/** Where the frames of others come from that a shop shows: origins, each once. */
export const framesOf = (decided: Decided): string[] => [
  ...new Set(
    decided.all(writtenTexts.fieldText).flatMap(({ parts: [, section, field], value }) => {
      const video = field === 'address' && kindOfSection(section) === 'video' ? videoOf(value) : null;
      return video?.kind === 'frame' ? [new URL(video.address).origin] : [];
    }),
  ),
];

/** The seller's own texts whose words can lead somewhere. */
const setTexts = (decided: Decided): { address: Address; page: string; section: string; text: string }[] =>
  [
    ...decided
      .all(writtenTexts.fieldText)
      .map(({ address, parts: [page, section, field], value }) => ({ address, page, section, text: value, at: { field } })),
    ...decided.all(writtenTexts.itemText).map(({ address, parts: [page, section, field, key, part], value }) => ({
      address,
      page,
      section,
      text: value,
      at: { field, key, part },
    })),
  ].filter(({ section, at }) => hasSigns(fieldAt(section, at)));

/** Where the words of the seller's own texts lead. */
export const textLeadsOf = (decided: Decided): Lead[] =>
  setTexts(decided).flatMap(({ text }) => leadsIn(text).flatMap((word) => readLead(word) ?? []));

/** Something of the seller's that leads to what is to go: where it stands, and how it leads there no more. */
export interface LinkTo {
  says: string;
  mends: Wish;
}

/**
 * All that leads to what is to go. A button leads where it did by itself again; words stay, and lead nowhere.
 * @param within the page that is to go itself: what stands on it goes along
 */
export function linksTo(decided: Decided, names: Names, gone: (lead: Lead) => boolean, within = ''): LinkTo[] {
  const isGone = (word: string) => {
    const lead = readLead(word);
    return lead !== null && gone(lead);
  };
  const where = (page: string, section: string) => `${names.section(page, section)} on ${names.page(page)}`;
  const buttons = decided
    .all(leadsTo)
    .filter(({ parts: [page], value }) => page !== within && isGone(value))
    .map(({ parts: [page, section, field] }) => ({
      says: `the ${field === 'second' ? 'second button' : field} of ${where(page, section)}`,
      mends: clear(leadsTo(page, section, field)),
    }));
  const pictures = decided
    .all(pictureLeadsTo)
    .filter(({ parts: [page], value }) => page !== within && isGone(value))
    .map(({ parts: [page, section, name] }) => ({
      says: `“${name}” in ${where(page, section)}`,
      mends: clear(pictureLeadsTo(page, section, name)),
    }));
  const words = setTexts(decided)
    .filter(({ page, text }) => page !== within && leadsIn(text).some(isGone))
    .map(({ address, page, section, text }) => {
      const said = runsOf(text).find(({ lead }) => lead !== undefined && isGone(lead))?.text ?? '';
      return {
        says: `“${said}” in ${where(page, section)}`,
        mends: { place: address, value: relinked(text, (word) => (isGone(word) ? null : word)) },
      };
    });
  return [...buttons, ...pictures, ...words];
}

/** The goods that can be led to, one piece by its id. */
export function pieceOf({ catalogue }: Pick<Shop, 'catalogue'>, id: string): { product: Product; variant: Variant } | null {
  for (const product of catalogue.products)
    for (const variant of product.variants) if (variant.id === id) return { product, variant };
  return null;
}

/** What leads lead to. */
export type LedTo = Pick<Shop, 'pages' | 'catalogue' | 'rules' | 'files'>;

/** Why a lead leads nowhere: what it leads to is not in the shop; null where it leads where it should. */
export function whyLost(lead: Lead, shop: LedTo, isThere: (page: Page) => boolean): string | null {
  const { pages } = shop;
  if (lead.kind === 'outside') return null;
  if (lead.kind === 'file') return shop.files.has(lead.file) ? null : 'to a file that is not here';
  if (lead.kind === 'code') {
    const code = shop.rules.codes.find((one) => codeKey(one.code) === codeKey(lead.code));
    return code && !code.automatic ? null : `to the code “${lead.code}”, which is no code of the till`;
  }
  if (lead.kind === 'cart') {
    const piece = pieceOf(shop, lead.variant);
    if (!piece) return 'to a thing that is not in the shop';
    return isForSale(piece.variant) ? null : `to “${variantTitle(piece.product, piece.variant)}”, which is not for sale`;
  }
  const page = pages.find(({ id }) => id === lead.page);
  if (!page) return 'to a page that is not in the shop';
  if (!isThere(page)) return `to “${page.name}”, which has nothing on it yet`;
  if (lead.kind === 'page') return null;
  const section = page.sections.find(({ id }) => id === lead.section);
  return section && !section.hidden ? null : `to a part of “${page.name}” that is not shown`;
}
