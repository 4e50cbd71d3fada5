import { type Address } from '@/core/places';
import { pageAt, textsOn, type Shop } from '@/core/site';

/** The places of a page at which two shops say something else. */
export function differingTexts(before: Shop, after: Shop, path: string): Address[] {
  const texts = (of: Shop) => {
    const at = pageAt(of, path);
    return new Map(at ? textsOn(of.writer.write(at.page)).map(({ place, text }) => [place, text]) : []);
  };
  const [was, is] = [texts(before), texts(after)];
  return [...new Set([...was.keys(), ...is.keys()])].filter((place) => was.get(place) !== is.get(place));
}
