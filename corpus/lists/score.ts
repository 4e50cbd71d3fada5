import { hintsOf, languagesAround } from '@/core/brief';
import { openSource, readList, type Proposal } from '@/core/goods';
import { columnsMeant, type ListCase } from './case';
import { bytesOf } from './file';

export interface Score {
  drawn: string;
  /** Why it was refused, or empty. */
  refused: string;
  columns: { right: number; of: number; wrong: string[] };
  currency: boolean;
  /** Variants as wanted, of those wanted. */
  variants: { right: number; of: number };
  /** Prices and numbers in stock that are other than wanted, and nothing says so. */
  silent: string[];
  missing: string[];
  surplus: string[];
  whole: boolean;
}

const lines = (proposal: Proposal): string[] =>
  proposal.products.flatMap(({ title, variants }) =>
    variants.map(({ values, price, stock, asks }) => {
      const shown = (value: number | null, ask: 'price' | 'stock', none: string) =>
        asks.includes(ask) ? '?' : value === null ? none : String(value);
      return `${title} | ${values.filter((value) => value !== '–').join(' / ')} | ${asks.includes('money') ? '?' : shown(price, 'price', '?')} | ${shown(stock, 'stock', '∞')}`;
    }),
  );

const tidy = (line: string) =>
  line
    .split('|')
    .map((part) => part.trim())
    .join(' | ');

/** How a list is read, against how its writer meant it, or as well could have. */
export async function scoreOf({ or, ...list }: ListCase): Promise<Score> {
  const score = await scoreBy(list);
  if (score.whole || !or) return score;
  const other = await scoreBy({ ...list, ...or });
  return other.whole ? other : score;
}

async function scoreBy(list: ListCase): Promise<Score> {
  const wanted = list.want.split('\n').map(tidy);
  const columns = columnsMeant(list);
  const empty: Score = {
    drawn: list.drawn,
    refused: '',
    columns: { right: 0, of: columns.length, wrong: [] },
    currency: false,
    variants: { right: 0, of: wanted.length },
    silent: [],
    missing: wanted,
    surplus: [],
    whole: false,
  };
  let proposal: Proposal;
  try {
    const source = openSource(await bytesOf(list), list.file, () => languagesAround(list.brief ?? ''));
    if (!source.ok) return { ...empty, refused: source.say };
    const read = readList(source.value, hintsOf(list.brief ?? ''));
    if (!read.ok) return { ...empty, refused: read.say };
    proposal = read.value;
  } catch (error) {
    return {
      ...empty,
      refused: `It threw: ${error instanceof Error ? (error.stack ?? '').split('\n').slice(0, 3).join(' ') : ''}`,
    };
  }
  const got = lines(proposal).map(tidy);
  const left = [...got];
  const missing = wanted.filter((line) => {
    const at = left.indexOf(line);
    if (at >= 0) left.splice(at, 1);
    return at < 0;
  });
  const columnFor = ({ heading }: (typeof columns)[number], i: number) =>
    heading === undefined ? proposal.columns[i] : proposal.columns.find((one) => one.heading === heading);
  const wrong = columns.flatMap((column, i) => {
    const found = columnFor(column, i);
    return found && column.as.includes(found.as)
      ? []
      : [`${found?.heading ?? column.heading ?? '–'}: ${found?.as ?? 'none'}, wanted ${column.as.join('/')}`];
  });
  const keyOf = (line: string) => line.split(' | ').slice(0, 2).join(' | ').toLowerCase();
  // Where a note names the column that was not taken for the stock, that nothing is counted is no secret.
  const counted = columns.flatMap((column, i) => (column.as.join() === 'stock' ? [columnFor(column, i)?.heading] : []))[0];
  const isNoted = proposal.problems.some(({ column }) => column !== '' && column === counted);
  const titleOf = (line: string) => line.split(' | ')[0]?.toLowerCase();
  const priceOf = (line: string) => line.split(' | ')[2];
  const silent = left.flatMap((line) => {
    const alike = missing.filter((one) => titleOf(one) === titleOf(line));
    // Where its values were taken otherwise, it is the one of that title and price.
    const meant = wanted.find((one) => keyOf(one) === keyOf(line)) ?? alike.find((one) => priceOf(one) === priceOf(line));
    if (!meant) return alike.length && priceOf(line) !== '?' && !alike.some((one) => priceOf(one) === '?') ? [line] : [];
    const [, , price, stock] = line.split(' | ');
    const [, , wantedPrice, wantedStock] = meant.split(' | ');
    const isSilent = (is = '', should = '') => is !== should && is !== '?';
    return isSilent(price, wantedPrice) || (isSilent(stock, wantedStock) && !isNoted) ? [`${line}, wanted ${meant}`] : [];
  });
  const currency = (proposal.currency.code ?? '') === list.currency;
  return {
    ...empty,
    columns: { right: columns.length - wrong.length, of: columns.length, wrong },
    currency,
    variants: { right: wanted.length - missing.length, of: wanted.length },
    silent,
    missing,
    surplus: left,
    whole: currency && !missing.length && !left.length && !wrong.length,
  };
}

export interface Figures {
  lists: number;
  whole: number;
  refused: number;
  columns: number;
  variants: number;
  silent: number;
}

export function figuresOf(scores: readonly Score[]): Figures {
  const sum = (of: (score: Score) => number) => scores.reduce((total, score) => total + of(score), 0);
  return {
    lists: scores.length,
    whole: scores.filter(({ whole }) => whole).length,
    refused: scores.filter(({ refused }) => refused).length,
    columns: sum(({ columns }) => columns.right) / sum(({ columns }) => columns.of),
    variants: sum(({ variants }) => variants.right) / sum(({ variants }) => variants.of),
    silent: sum(({ silent }) => silent.length),
  };
}
