import type { z } from 'zod';
import type { MoneyForm } from '../money';
import { codes } from './codes';
import { country } from './country';
import { invoices } from './invoices';
import { letters } from './letters';
import { payments } from './payments';
import { presents } from './presents';
import { pricesIncludeTax } from './prices';
import { questions } from './questions';
import { returnsDays } from './returns';
import { tax } from './tax';
import { taxes } from './taxes';
import type { TillRules } from './till';
import { zones } from './zones';

export { type TaxClassName, type TaxRates, taxRateSchema, taxRatesSchema } from './taxes';
export { plainTax, type TaxPlace, type TaxRules, taxRulesSchema } from './tax';
export { type DeliveryRate, type DeliveryZone, zoneSchema } from './zones';
export { type DiscountCode, discountCodeSchema } from './codes';
export { type Payments, paymentsSchema, usualBankDays, usualCardMinutes } from './payments';
export { type Invoices, invoicesSchema } from './invoices';
export { type Question, questionsSchema } from './questions';
export { letterKinds, type LetterKind, type Letters, lettersSchema } from './letters';
export { longestName } from './names';
import { type Rule } from './rule';

export { type Rule } from './rule';
export type { TillRules } from './till';

/** The rules of a till, in the order in which a bill is worked out by them. One file each: what it may be, how it is said, what it does. */
export const tillRules = {
  country,
  pricesIncludeTax,
  codes,
  zones,
  tax,
  taxes,
  payments,
  returnsDays,
  invoices,
  letters,
  questions,
  presents,
};
export type RuleId = keyof typeof tillRules;
export const ruleIds = Object.keys(tillRules) as RuleId[];

/** Each rule of a till has its definition, and each definition is of what the till has: one without the other is red. */
type Defined = { [Id in keyof Omit<TillRules, keyof MoneyForm>]: Rule<z.ZodType<TillRules[Id]>> };
const defined: Defined = tillRules;

/** The rules as sentences, those that hold although nobody set them among them. */
export const rulesSay = (rules: TillRules, money: (amount: number) => string): { id: RuleId; says: string }[] =>
  ruleIds.map((id) => ({ id, says: sayOf(id, rules, money) }));

const sayOf = <Id extends RuleId>(id: Id, rules: TillRules, money: (amount: number) => string): string =>
  (defined[id].says as (value: TillRules[Id], money: (amount: number) => string) => string)(rules[id], money);
