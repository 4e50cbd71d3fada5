export { decimal, formatMoney, type MoneyForm } from './money';
export * from './rules';
