import { type Address } from '@/core/places';
import { type Page, type Section } from '@/core/plan';
import { contentTexts, type TextAt } from '@/core/sections';
import { pageAt, type Shop } from '@/core/site';
import { placeOfText, type WrittenPage } from '@/core/writing';

/** A text with the place that it stands at. */
export interface PlacedText {
  place: Address;
  text: string;
}

const textsOn = (page: WrittenPage): PlacedText[] =>
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

/** The places of a page at which two shops say something else. */
export function differingTexts(before: Shop, after: Shop, path: string): Address[] {
  const texts = (of: Shop) => {
    const at = pageAt(of, path);
    return new Map(at ? textsOn(of.writer.write(at.page)).map(({ place, text }) => [place, text]) : []);
  };
  const [was, is] = [texts(before), texts(after)];
  return [...new Set([...was.keys(), ...is.keys()])].filter((place) => was.get(place) !== is.get(place));
}
