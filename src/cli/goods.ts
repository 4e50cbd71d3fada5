import { basename } from 'node:path';
import { hintsOf, languagesAround } from '@/core/brief';
import {
  catalogueFile,
  catalogueForms,
  decidedGoods,
  listReport,
  matchPictures,
  noMapping,
  openSource,
  readList,
  readMapping,
  type Mapping,
  type Proposal,
} from '@/core/goods';
import { Decided } from '@/core/places';
import { print, read, readPictures, readText, Refusal, taken, usage, write, type Values } from './caller';

/** Reads a list and prints what it was taken for; with an out file, writes the catalogue too. */
export function readGoods(values: Values): void {
  const bytes = read(values.in, 'list of goods');
  const mapping = readMappingFile(values.mapping);
  const brief = values.brief ? readText(values.brief, 'brief') : '';
  const hints = hintsOf(brief);
  const source = taken(openSource(bytes, basename(values.in ?? ''), () => languagesAround(brief)));
  const names = [...(values.pictures ? readPictures(values.pictures).keys() : []), ...source.pictures.map(({ name }) => name)];
  const proposal = withPictures(taken(readList(source, hints, mapping)), names);
  const report = listReport(proposal);
  if (values.out) {
    const form = catalogueForms.find(({ id }) => values.out?.toLowerCase().endsWith(`.${id}`));
    if (!form)
      throw new Refusal(`“${values.out}” ends in none of ${catalogueForms.map(({ id }) => `.${id}`).join(', ')}. ${usage}`);
    const { products, digits } = proposal;
    const name = basename(values.in ?? '');
    write(values.out, catalogueFile(form.id, { products, digits, currency: proposal.currency.code ?? '', name }));
  }
  print(report);
}

/** What the goods of a list are called. */
export function titlesIn(path: string, brief: string): string[] {
  const source = taken(openSource(read(path, 'list of goods'), basename(path), () => languagesAround(brief)));
  return taken(readList(source, hintsOf(brief), noMapping)).products.map(({ title }) => title);
}

/** A reading with the pictures of a folder or archive on the things that they show. */
function withPictures(proposal: Proposal, names: readonly string[]): Proposal {
  if (!names.length) return proposal;
  const { wishes, alone } = matchPictures(proposal.products, names);
  const decided = new Decided(new Map(wishes.flatMap(({ place, value }) => (value === undefined ? [] : [[place, value]]))));
  const { products } = decidedGoods(proposal.products, decided, proposal.digits, proposal.digits, false);
  const notes = alone.map((name) => ({
    sheet: '',
    row: 0,
    column: 'picture',
    kind: 'look' as const,
    found: name,
    say: `The picture “${name}” belongs to nothing by list or name.`,
  }));
  return { ...proposal, products, problems: [...proposal.problems, ...notes] };
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
