import type { MoneyForm } from './money';

export type TaxClassName = 'standard' | 'reduced' | 'zero';

export interface DeliveryRate {
  id: string;
  label: string;
  /** Minor units. */
  price: number;
  /** From this sum of goods, after discount, the rate is free; null never. */
  freeFrom: number | null;
  /** Heaviest parcel, grams; null carries anything. */
  upTo: number | null;
}

export interface DeliveryZone {
  id: string;
  label: string;
  /** ISO 3166-1 alpha-2 codes; "*" is the rest of the world. */
  countries: string[];
  rates: DeliveryRate[];
}

export interface DiscountCode {
  code: string;
  kind: 'percent' | 'sum' | 'free-delivery';
  /** Basis points for percent (1000 is 10 %), minor units for sum. */
  amount: number;
  /** Least sum of goods, minor units. */
  least: number;
  /** ISO date of the last day on which it holds, or empty. */
  until: string;
}

/** Everything that decides what a buyer pays, beside the goods' own prices. Published with the shop; the host reads the same. */
export interface TillRules extends MoneyForm {
  /** Where the seller is, ISO 3166-1 alpha-2, or empty where that is not known. */
  country: string;
  pricesIncludeTax: boolean;
  /** Basis points by class; null while the seller hasn't said: then no tax is shown or charged. */
  taxes: Record<TaxClassName, number> | null;
  zones: DeliveryZone[];
  codes: DiscountCode[];
  payments: { card: boolean; bank: string };
  /** Days to send something back; null while the seller hasn't said. */
  returnsDays: number | null;
}
