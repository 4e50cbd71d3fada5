import { z } from 'zod';
import { minorSchema } from '../../goods/about';
import { doZonesMeet } from '../delivery';
import { formatMoney } from '../money';
import { allDiffer, nameSchema } from './names';
import { aside, defineRule, listed } from './rule';

const stepsSchema = z.object({
  by: z.enum(['weight', 'sum', 'pieces']),
  /** From so many grams, minor units or pieces on, this is the price: from nothing up, so that the table has no hole. */
  at: z
    .array(z.object({ from: z.number().int().nonnegative(), price: minorSchema }))
    .min(1)
    .max(100)
    .refine(([first]) => first?.from === 0, 'The first step begins at 0.')
    .refine((at) => at.every(({ from }, i) => i === 0 || from > (at[i - 1]?.from ?? 0)), 'The steps go up.'),
});

const rateSchema = z.object({
  id: nameSchema,
  label: nameSchema,
  /** Minor units; where there are steps, these say it. */
  price: minorSchema,
  /** From this sum of goods, after discount, the rate is free; null never. */
  freeFrom: minorSchema.nullable(),
  /** Heaviest parcel, grams; null carries anything. */
  upTo: z.number().positive().nullable(),
  steps: stepsSchema.nullable().default(null),
  /** For each piece after the first, minor units. */
  perPiece: minorSchema.default(0),
  /** The buyer comes for it: no address is asked for. */
  collection: z.boolean().default(false),
});

export const zoneSchema = z.object({
  id: nameSchema,
  label: nameSchema,
  /** ISO 3166-1 alpha-2 codes; "*" is the rest of the world. */
  countries: z.array(z.string().regex(/^([A-Z]{2}|\*)$/)).max(300),
  /** Parts of its countries, ISO 3166-2 without the country; none is all of them. */
  regions: z
    .array(z.string().regex(/^[A-Z0-9]{1,3}$/))
    .max(300)
    .default([]),
  /** Beginnings of postal codes, or stretches of them ("7000–7999"); none is all of them. */
  postal: z
    .array(z.string().regex(/^[\w –-]{1,21}$/))
    .max(500)
    .default([]),
  /** Added to each of its rates, minor units. */
  surcharge: minorSchema.default(0),
  /** Nothing is sent there. */
  closed: z.boolean().default(false),
  rates: z.array(rateSchema).max(100),
});

export type DeliveryZone = z.infer<typeof zoneSchema>;
export type DeliveryRate = DeliveryZone['rates'][number];

/** Whether each place is in one zone at most. */
const doNoZonesMeet = (zones: readonly DeliveryZone[]) =>
  zones.every((zone, i) => !zones.slice(0, i).some((other) => doZonesMeet(zone, other)));

function rateSays({ label, price, freeFrom, steps }: DeliveryRate, money: (amount: number) => string): string {
  const from = steps ? Math.min(...steps.at.map((step) => step.price)) : price;
  const free = freeFrom === null ? '' : `, free from ${money(freeFrom)}`;
  return `${label} ${steps ? 'from ' : ''}${from ? money(from) : 'free'}${free}`;
}

/** Where parcels go, and for how much. */
export const zones = defineRule({
  schema: z
    .array(zoneSchema)
    .max(200)
    .refine((list) => allDiffer(list.map(({ id }) => id)), 'Two zones have one name.')
    .refine(doNoZonesMeet, 'One place is in two zones.'),
  unset: [],
  says: (list, money) => {
    if (!list.length) return 'No delivery is set, so no parcel can be ordered.';
    const open = list.filter(({ closed }) => !closed);
    const shut = list.filter(({ closed }) => closed);
    const said = open.map(({ label, rates }) => label + aside(money && rates.map((rate) => rateSays(rate, money)).join('; ')));
    return [
      ...(said.length ? [`Parcels go to ${listed(said)}.`] : []),
      ...(shut.length ? [`Nothing is sent to ${listed(shut.map(({ label }) => label))}.`] : []),
    ].join(' ');
  },
  steps: ({ delivery }, rules) => {
    if (!delivery) return [];
    const { rate, price, free } = delivery;
    const rule = {
      sum: `free, as the goods come to ${formatMoney(rate.freeFrom ?? 0, rules)} or more`,
      code: 'free by the discount',
      '': `the rate “${rate.label}”`,
    }[free];
    return [{ what: 'Delivery', amount: price, rule }];
  },
});
