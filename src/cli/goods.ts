import { basename } from 'node:path';
import { briefCurrency } from '@/core/brief';
import { csvOf, listReport, noMapping, openSource, readList, readMapping, tableOf, xlsxOf, type Mapping } from '@/core/goods';
import { print, read, readText, Refusal, taken, usage, write, type Values } from './caller';

/** Reads a list and prints what it was taken for; with an out file, writes the catalogue too. */
export function readGoods(values: Values): void {
  const bytes = read(values.in, 'list of goods');
  const mapping = readMappingFile(values.mapping);
  const brief = values.brief ? briefCurrency(readText(values.brief, 'brief')) : '';
  const source = taken(openSource(bytes, basename(values.in ?? '')));
  const proposal = taken(readList(source, { brief }, mapping));
  const report = listReport(proposal);
  if (values.out) {
    const rows = () => tableOf(proposal.products, proposal.currency.code ?? '', proposal.digits);
    if (/\.csv$/i.test(values.out)) write(values.out, csvOf(rows()));
    else if (/\.xlsx$/i.test(values.out)) write(values.out, xlsxOf(rows()));
    else if (/\.json$/i.test(values.out)) write(values.out, `${JSON.stringify(report.products, null, 2)}\n`);
    else throw new Refusal(`“${values.out}” ends in neither .csv, .xlsx nor .json. ${usage}`);
  }
  print(report);
}

export function readMappingFile(path: string | undefined): Mapping {
  if (!path) return noMapping;
  const text = readText(path, 'mapping');
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    throw new Refusal('The mapping is not JSON.');
  }
  return taken(readMapping(value));
}
