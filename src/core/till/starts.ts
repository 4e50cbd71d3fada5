import type { TaxRates } from './rules';
import { ratesToBegin, unionArea } from './taxTable';

/** Countries whose shops write prices without tax: common practice. */
const withoutTax: readonly string[] = ['US', 'CA'];

/** What a seller of a country may begin with: its standard rate, in prices or on top of them as its shops write them. */
export function taxStart(country: string): { taxes: TaxRates; pricesIncludeTax: boolean } | null {
  const taxes = ratesToBegin(country);
  return taxes && { taxes, pricesIncludeTax: !withoutTax.includes(country) };
}

/** Zones to begin with. They hold nothing: what each costs, the seller has to say. */
export interface ZoneStart {
  id: 'home' | 'area' | 'area-world' | 'world';
  zones: { countries: string[]; kind: 'home' | 'area' | 'world' }[];
}

/** How sellers of a country may part the world, the nearest first. */
export function zoneStarts(country: string): ZoneStart[] {
  if (!country) return [];
  const home = { countries: [country], kind: 'home' as const };
  const world = { countries: ['*'], kind: 'world' as const };
  const others = unionArea.filter((other) => other !== country);
  const area = { countries: others, kind: 'area' as const };
  return [
    { id: 'home', zones: [home] },
    ...(unionArea.includes(country)
      ? [
          { id: 'area' as const, zones: [home, area] },
          { id: 'area-world' as const, zones: [home, area, world] },
        ]
      : [{ id: 'world' as const, zones: [home, world] }]),
  ];
}
