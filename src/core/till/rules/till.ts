import type { MoneyForm } from '../money';
import type { DiscountCode } from './codes';
import type { Invoices } from './invoices';
import type { Letters } from './letters';
import type { Payments } from './payments';
import type { Question } from './questions';
import type { TaxRules } from './tax';
import type { TaxRates } from './taxes';
import type { DeliveryZone } from './zones';

/** Everything that decides what a buyer pays, beside the goods' own prices. Published with the shop; the host reads the same. */
export interface TillRules extends MoneyForm {
  /** Where the seller is, ISO 3166-1 alpha-2, or empty where that is not known. */
  country: string;
  pricesIncludeTax: boolean;
  /** Basis points by class; null while the seller hasn't said: then no tax is shown or charged. */
  taxes: TaxRates | null;
  tax: TaxRules;
  zones: DeliveryZone[];
  codes: DiscountCode[];
  payments: Payments;
  /** Days to send something back; null while the seller hasn't said. */
  returnsDays: number | null;
  /** null while the seller hasn't said: then none are issued. */
  invoices: Invoices | null;
  letters: Letters;
  questions: Question[];
  /** Whether buyers may write a line to whoever gets it as a present. */
  presents: boolean;
}
