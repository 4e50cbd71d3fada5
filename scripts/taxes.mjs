// Packs the table of tax rates that the till offers as a beginning. Source: the data of the package sales-tax (MIT), which keeps them up to date.
import { readFileSync, writeFileSync } from 'node:fs';

const path = (at) => new URL(`../${at}`, import.meta.url).pathname;
const read = (at) => readFileSync(path(`node_modules/sales-tax/${at}`), 'utf8');

/** Per cent in basis points, to two decimals: 9.975 % is 997.5. */
const basisPoints = (rate) => Math.round(rate * 1_000_000) / 100;

export function buildTaxes() {
  const rates = JSON.parse(read('res/sales_tax_rates.json'));
  const { version } = JSON.parse(read('package.json'));
  const asOf = new RegExp(`## ${version.replaceAll('.', '\\.')} \\((\\d{4}-\\d{2}-\\d{2})\\)`).exec(read('CHANGELOG.md'))?.[1];
  if (!asOf) throw new Error('The table of tax rates says no date.');
  const table = Object.entries(rates).map(([country, { rate, states = {} }]) => [
    country,
    basisPoints(rate),
    // What a region takes is beside what its country does.
    Object.entries(states).map(([region, state]) => [region, basisPoints(Math.max(0, rate + state.rate))]),
  ]);
  const area = JSON.parse(read('res/region_countries.json')).EU;
  writeFileSync(
    path('src/core/till/taxes.generated.ts'),
    `// Made by scripts/taxes.mjs from sales-tax ${version} (MIT).\nexport const taxTable = ${JSON.stringify({ asOf, area, table })} as const;\n`,
  );
}
