import { z } from 'zod';
import type { DecisionValue } from './schema';

/** A kind of place that a decision can be addressed to: what its address looks like and what may stand there. */
interface PlaceKind {
  pattern: RegExp;
  schema: z.ZodType;
  /** How the place is named in the list of steps to undo. */
  label: string;
}

const text = z.string().max(20_000);
const colour = z.string().regex(/^#[0-9a-f]{6}$/);
const name = z.string().min(1).max(200);
const minor = z.number().int().nonnegative();
const rate = z.object({
  id: name,
  label: name,
  /** Minor units. */
  price: minor,
  freeFrom: minor.nullable(),
  /** Grams; null carries anything. */
  upTo: z.number().positive().nullable(),
});

export const zoneSchema = z.object({
  id: name,
  label: name,
  countries: z.array(z.string().regex(/^([A-Z]{2}|\*)$/)),
  rates: z.array(rate),
});
export const discountCodeSchema = z.object({
  code: name,
  kind: z.enum(['percent', 'sum', 'free-delivery']),
  /** Basis points for percent (1000 is 10 %), minor units for sum, unused for free delivery. */
  amount: z.number().int().nonnegative(),
  least: minor,
  /** ISO date of the last day, or empty. */
  until: z.string(),
});

const added = z.array(z.object({ id: name, kind: name, name: name.optional() }));

const kinds: PlaceKind[] = [
  { pattern: /^asked\/[a-z0-9-]+$/, schema: z.enum(['skipped', 'answered']), label: 'Leave a question' },
  {
    pattern: /^reading\/(name|place|currency|email|phone|address|goal|reach|origin|tagline)$/,
    schema: text,
    label: 'Correct a fact',
  },
  {
    pattern: /^reading\/(sells|audience|tone|coloursWanted|coloursAvoided|features|difference)$/,
    schema: z.array(z.string()),
    label: 'Correct a fact',
  },
  { pattern: /^look\/family$/, schema: name, label: 'Choose a family' },
  { pattern: /^look\/(accent|second|third|ground)$/, schema: colour, label: 'Choose a colour' },
  { pattern: /^look\/(heading|text)$/, schema: name, label: 'Choose a typeface' },
  { pattern: /^look\/mix$/, schema: minor, label: 'Mix another palette' },
  { pattern: /^look\/scheme$/, schema: name, label: 'Choose a ground' },
  {
    pattern: /^look\/harmony$/,
    schema: z.enum(['single', 'neighbours', 'triad', 'split', 'opposite']).nullable(),
    label: 'Choose a harmony',
  },
  { pattern: /^look\/colours$/, schema: z.array(colour).min(1).max(8), label: 'Take colours' },
  { pattern: /^look\/corner$/, schema: z.number().min(0).max(99), label: 'Change the corners' },
  { pattern: /^look\/rule$/, schema: z.number().min(0).max(6), label: 'Change the lines' },
  { pattern: /^look\/room$/, schema: z.number().min(0.6).max(1.6), label: 'Change the room' },
  { pattern: /^look\/treatment$/, schema: z.enum(['plain', 'framed', 'settled', 'one-ink']), label: 'Treat pictures' },
  { pattern: /^look\/motion$/, schema: z.enum(['none', 'gentle']), label: 'Change the motion' },
  { pattern: /^look\/art$/, schema: name, label: 'Change made pictures' },
  { pattern: /^look\/opening$/, schema: z.enum(['goods', 'made']), label: 'Choose what opens the shop' },
  { pattern: /^look\/mark$/, schema: name, label: 'Choose a mark' },
  { pattern: /^look\/markSize$/, schema: z.number().min(0.6).max(2.5), label: 'Change the size of the mark' },
  { pattern: /^look\/markFoot$/, schema: z.boolean(), label: 'Place the mark' },
  { pattern: /^look\/markName$/, schema: z.boolean(), label: 'Set the name beside the mark' },
  { pattern: /^look\/logo$/, schema: name, label: 'Use a logo' },
  { pattern: /^look\/locks$/, schema: z.array(name), label: 'Lock or unlock' },
  {
    pattern: /^look\/only\/[^/]+\/[^/]+$/,
    schema: z.enum(['raised', 'accent', 'second', 'inverse']),
    label: 'Colour one section',
  },
  { pattern: /^look\/phone\/columns$/, schema: z.number().int().min(1).max(3), label: 'Goods beside each other on phones' },
  { pattern: /^look\/phone\/size$/, schema: z.number().min(0.9).max(1.25), label: 'Text size on phones' },
  { pattern: /^look\/phone\/[^/]+\/[^/]+$/, schema: z.literal('hidden'), label: 'Leave out on phones' },
  { pattern: /^plan\/[^/]+\/menu$/, schema: z.boolean(), label: 'Change the menu' },
  { pattern: /^plan\/pages$/, schema: added, label: 'Add a page' },
  { pattern: /^plan\/[^/]+\/added$/, schema: added, label: 'Add a section' },
  { pattern: /^plan\/[^/]+\/footer$/, schema: z.boolean(), label: 'Change the footer' },
  { pattern: /^plan\/[^/]+\/hidden$/, schema: z.boolean(), label: 'Take a page out' },
  { pattern: /^plan\/[^/]+\/[^/]+\/arrangement$/, schema: name, label: 'Rearrange a section' },
  { pattern: /^plan\/[^/]+\/name$/, schema: name, label: 'Rename a page' },
  { pattern: /^plan\/[^/]+\/order$/, schema: z.array(z.string()), label: 'Reorder sections' },
  { pattern: /^plan\/[^/]+\/[^/]+\/hidden$/, schema: z.boolean(), label: 'Hide or show a section' },
  { pattern: /^words\/[^/]+\/[^/]+\/[^/]+$/, schema: text, label: 'Change a text' },
  { pattern: /^goods\/[^/]+\/(title|description|slug)$/, schema: text, label: 'Change a product' },
  { pattern: /^goods\/[^/]+\/categories$/, schema: z.array(z.string()), label: 'Change categories' },
  { pattern: /^goods\/[^/]+\/taxClass$/, schema: z.enum(['standard', 'reduced', 'zero']), label: 'Change a tax class' },
  { pattern: /^goods\/[^/]+\/hidden$/, schema: z.boolean(), label: 'Take a product out' },
  { pattern: /^goods\/[^/]+\/[^/]+\/(price|weight)$/, schema: minor, label: 'Change a price' },
  { pattern: /^goods\/[^/]+\/[^/]+\/(stock|earlierPrice)$/, schema: minor.nullable(), label: 'Change stock' },
  { pattern: /^till\/country$/, schema: z.string().length(2), label: 'Set the country' },
  { pattern: /^till\/pricesIncludeTax$/, schema: z.boolean(), label: 'Set how prices hold tax' },
  {
    pattern: /^till\/taxes$/,
    schema: z.object({ standard: minor.max(10_000), reduced: minor.max(10_000), zero: z.literal(0) }),
    label: 'Set tax rates',
  },
  { pattern: /^till\/zones$/, schema: z.array(zoneSchema), label: 'Set delivery' },
  { pattern: /^till\/codes$/, schema: z.array(discountCodeSchema), label: 'Set discount codes' },
  { pattern: /^till\/payments$/, schema: z.object({ card: z.boolean(), bank: text }), label: 'Set payments' },
  { pattern: /^till\/returnsDays$/, schema: minor.max(3650), label: 'Set returns' },
  { pattern: /^publish\/address$/, schema: z.string().regex(/^[a-z0-9-]{3,60}$/), label: 'Choose an address' },
];

/** The kind of place that an address names, or undefined where Arcatum knows no such place. */
const kindOf = (place: string) => kinds.find((kind) => kind.pattern.test(place));

export const isPlace = (place: string): boolean => kindOf(place) !== undefined;
export const placeLabel = (place: string): string => kindOf(place)?.label ?? 'Change';

/** Whether a value may stand at a place. */
export function fitsPlace(place: string, value: unknown): value is DecisionValue {
  return kindOf(place)?.schema.safeParse(value).success ?? false;
}
