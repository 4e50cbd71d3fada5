import { z } from 'zod';
import { kindOfSection, sectionAbout, textFieldAt, type TextAt, type TextField } from '../sections/about';
import { leadSchema, readLead, type Lead } from '../lead';
import { definePlace, partsOf, type Address, type At, type Names, type Place, type Wish } from './place';
import { shown } from './says';

/** What may be written at a field: any text up to its length. */
const textOf = (field: TextField | undefined): z.ZodType<string> | null =>
  field ? z.string().max(field.most, `The text is longer than the ${field.most} characters that fit here.`) : null;

const named = (field: string): string => field.charAt(0).toUpperCase() + field.slice(1);

/** The field of a section by its id; undefined where no section of that kind has it. */
export function fieldAt(section: string, { field, part }: TextAt): TextField | undefined {
  const kind = kindOfSection(section);
  return kind && textFieldAt(kind, field, part);
}

/** A text that the seller wrote in place of what was made; empty leaves it out. */
const fieldText = definePlace({
  address: ['words', ':page', ':section', ':field'],
  value: (_page, section, field) => textOf(fieldAt(section, { field })),
  says: (before, after, { parts: [page, section, field], names }: At<[string, string, string]>) =>
    `${named(field)} of ${names.section(page, section)} on ${names.page(page)}: ${shown(before)} → ${shown(after)}`,
});

/** The same in an item of a list. The item is named by what it says, not by where it stands. */
const itemText = definePlace({
  address: ['words', ':page', ':section', ':list', ':item', ':part'],
  value: (_page, section, field, key, part) => textOf(fieldAt(section, { field, key, part })),
  says: (before, after, { parts: [page, section, , item, part], names }: At<[string, string, string, string, string]>) => {
    const says = names.item(page, section, item, part);
    return `${named(part)}${says ? ` beside “${says}”` : ''} in ${names.section(page, section)} on ${names.page(page)}: ${shown(before)} → ${shown(after)}`;
  },
});

/** Where a lead leads, as part of a sentence: "Letters", "the cart, with Oak bowl put in". */
export function sayLead(lead: Lead, names: Names): string {
  switch (lead.kind) {
    case 'page':
      return names.page(lead.page);
    case 'section':
      return names.section(lead.page, lead.section);
    case 'cart':
      return `the cart, with ${names.variant(lead.variant)} put in`;
    case 'code':
      return `the cart, with the code ${lead.code} typed in`;
    case 'file':
      return `the file “${names.file(lead.file)}”`;
    case 'outside':
      return lead.address;
  }
}

/** Where a button or a link leads, beside where it leads by itself. */
export const leadsTo = definePlace({
  address: ['leads', ':page', ':section', ':field'],
  value: (_page, section, field) => (leadsOn(section, field) ? leadSchema : null),
  says: (_, after, { parts: [page, section, field], names }: At<[string, string, string]>) => {
    const lead = after === undefined ? null : readLead(after);
    const to = lead ? sayLead(lead, names) : 'where it did';
    return `${named(field)} of ${names.section(page, section)} on ${names.page(page)} leads to ${to}`;
  },
});

/** Where a picture of the seller's own leads, in the section that shows it. */
export const pictureLeadsTo = definePlace({
  address: ['leads', ':page', ':section', 'picture', ':name'],
  value: (_page, section) => {
    const kind = kindOfSection(section);
    return kind && sectionAbout(kind).pictures ? leadSchema : null;
  },
  says: (_, after, { parts: [page, section, name], names }: At<[string, string, string]>) => {
    const lead = after === undefined ? null : readLead(after);
    return `“${name}” in ${names.section(page, section)} on ${names.page(page)} leads ${lead ? `to ${sayLead(lead, names)}` : 'nowhere'}`;
  },
});

/** Whether a text of a section leads somewhere of the seller's choice. What sends a form leads nowhere else. */
export function leadsOn(section: string, field: string): boolean {
  const kind = kindOfSection(section);
  const as = fieldAt(section, { field })?.as;
  return (as === 'button' || as === 'link') && kind !== 'form' && kind !== 'newsletter';
}

export const writtenTexts = { fieldText, itemText };

/** Where a text of a page is written. */
export const textPlace = (page: string, section: string, at: TextAt): Place<string> =>
  at.key === undefined ? fieldText(page, section, at.field) : itemText(page, section, at.field, at.key, at.part);

/** Where in the shop an address of a text leads; null where it is of something else. */
export function standsAt(address: Address): { page: string; section: string; at: TextAt } | null {
  const [page = '', section = '', field = ''] = partsOf(fieldText.kind, address) ?? [];
  if (section) return { page, section, at: { field } };
  const [of = '', owner = '', list = '', key = '', part = ''] = partsOf(itemText.kind, address) ?? [];
  return owner ? { page: of, section: owner, at: { field: list, key, part } } : null;
}

/** The field that an address of a text leads to. */
export function fieldOfText(address: Address): TextField | undefined {
  const found = standsAt(address);
  return found ? fieldAt(found.section, found.at) : undefined;
}

/** Wishes a text at a place of the window that was pointed at; null where no text stands there. */
export const writeText = (address: Address, text: string): Wish | null =>
  fieldOfText(address) ? { place: address, value: text } : null;

/** The same decision on another item of its list. */
export function onItem(address: Address, key: string): Address | null {
  const parts = partsOf(itemText.kind, address);
  if (!parts) return null;
  const [page = '', section = '', list = '', , part = ''] = parts;
  return itemText(page, section, list, key, part).address;
}
