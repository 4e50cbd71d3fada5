import { regions } from './regions.generated';

/** A part of a country: its code without the country's (ISO 3166-2), and its name. */
export interface Region {
  code: string;
  name: string;
}

const known = new Map<string, readonly Region[]>();

/** The parts of a country, by name; none where the standard has none. */
export function regionsOf(country: string): readonly Region[] {
  const before = known.get(country);
  if (before) return before;
  const read = (regions[country] ?? '')
    .split('|')
    .filter(Boolean)
    .map((entry) => {
      const [code = '', ...name] = entry.split(' ');
      return { code, name: name.join(' ') };
    })
    .sort((a, b) => a.name.localeCompare(b.name));
  known.set(country, read);
  return read;
}
