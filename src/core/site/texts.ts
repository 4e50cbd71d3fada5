import { type Address } from '../places';
import { type Page, type Section } from '../plan';
import { contentTexts, type TextAt } from '../sections';
import { placeOfText, type WrittenPage } from '../writing';
import { type Shop } from './shop';

/** A text with the place that it stands at. */
export interface PlacedText {
  place: Address;
  text: string;
}

/** All texts of a page that was written. */
export const textsOn = (page: WrittenPage): PlacedText[] =>
  page.sections.flatMap((section) =>
    contentTexts(section.words).map(({ at, text }) => ({ place: placeOfText(page, section, at).address, text: text.text })),
  );

/** The text that stands at a place of a shop. */
export function textAt(of: Shop, place: Address): { page: Page; section: Section; at: TextAt; now: string } | null {
  for (const page of of.pages)
    for (const section of page.sections) {
      // Written only where the place can be in it: products are many.
      if (!place.startsWith(placeOfText(page, section, { field: '' }).address)) continue;
      const found = contentTexts(of.writer.words(page, section) ?? {}).find(
        ({ at }) => placeOfText(page, section, at).address === place,
      );
      if (found) return { page, section, at: found.at, now: found.text.text };
    }
  return null;
}

/** What a shop says elsewhere: a rework must not say it again. */
export const saidElsewhere = (of: Shop, place: Address): string[] =>
  of.pages
    .filter((page) => page.kind !== 'product')
    .flatMap((page) => textsOn(of.writer.write(page)))
    .filter((one) => one.place !== place)
    .map(({ text }) => text);
