import { textOf, type Cell } from '../source/grid';
import { plain } from '../cells/plain';
import { currenciesOf } from '../../till';
import { readHeading, unitOf, type Evidence } from './heading';
import { single, type Meaning } from './meaning';
import { profileOf, type Profile as Contents } from './profile';

/** What the cells of a column are, and how often they repeat its heading. */
type Profile = Contents & { echo: number };

/** What a column is taken for, what speaks for it, and what else it could be. */
export interface ColumnProposal {
  heading: string;
  index: number;
  as: Meaning;
  /** What an option or a particular is called. */
  name: string;
  because: string;
  /** 0–1. */
  sure: number;
  others: readonly Meaning[];
  /** A price that is paid now, where another column has the one from before. */
  isSale: boolean;
  /** How much its heading speaks of prices. */
  priceWords: number;
  /** Whether its heading says anything that is known. */
  isKnown: boolean;
  unit: string;
  profile: Profile;
}

interface Candidate {
  as: Meaning;
  score: number;
  because: string;
}

/** Below this a column is a particular: nothing has claimed it. */
const enough = 1.4;

/** "Option Wood": something to choose, by name. */
const offered = /^\s*(?:option|choice|variant|variation)[\s:_-]+(?=\S)/i;

const tidyName = (heading: string): string => {
  const name = heading.replace(offered, '').replace(/_/g, ' ').trim();
  return name.charAt(0).toUpperCase() + name.slice(1);
};

/**
 * What each column holds: by the words of its heading, by its contents and by its neighbours. Each meaning that a list has once goes to
 * the column that has most for it; a column that nothing claims is a particular of the goods.
 */
export function proposeColumns(
  headings: readonly string[],
  rows: readonly (readonly Cell[])[],
  given: ReadonlyMap<number, Meaning> = new Map(),
): ColumnProposal[] {
  const width = Math.max(headings.length, ...rows.slice(0, 200).map((row) => row.length));
  const columns = Array.from({ length: width }, (_, index) => {
    const heading = (headings[index] ?? '').replace(/\s+/g, ' ').trim();
    const cells = rows.map((row) => row[index] ?? '');
    const profile = { ...profileOf(cells), echo: echoOf(heading, cells) };
    const evidence = readHeading(heading);
    return { index, heading, profile, evidence, candidates: candidatesOf(heading, evidence, profile, index) };
  });
  const taken = new Map<Meaning, number>();
  const chosen = new Map<number, Candidate>();
  for (const [index, as] of given) {
    chosen.set(index, { as, score: 10, because: 'You have said so.' });
    if (single.has(as)) taken.set(as, index);
  }
  const claims = columns
    .filter(({ index }) => !chosen.has(index))
    .flatMap((column) => column.candidates.map((candidate) => ({ column, candidate })))
    .filter(({ candidate }) => candidate.score >= enough)
    .sort((a, b) => b.candidate.score - a.candidate.score);
  for (const { column, candidate } of claims) {
    if (chosen.has(column.index)) continue;
    if (single.has(candidate.as)) {
      if (taken.has(candidate.as)) continue;
      taken.set(candidate.as, column.index);
    }
    chosen.set(column.index, candidate);
  }
  settlePrices(columns, chosen, taken);
  if (!taken.has('title')) giveTitle(columns, chosen, taken);
  if (!taken.has('price')) givePrice(columns, chosen, taken);
  return columns.map(({ index, heading, profile, evidence, candidates }) => {
    const own = chosen.get(index) ?? leftOver(heading, profile);
    const rivals = candidates.filter(({ as, score }) => as !== own.as && score > 0.4).sort((a, b) => b.score - a.score);
    return {
      heading,
      index,
      as: own.as,
      name: tidyName(heading) || `Column ${index + 1}`,
      because: own.because,
      sure: Number((1 / (1 + Math.exp((rivals[0]?.score ?? 0) - own.score))).toFixed(2)),
      others: rivals.slice(0, 4).map(({ as }) => as),
      isSale: (evidence.now ?? 0) > 0,
      priceWords: evidence.price ?? (isMoneyWord(heading) ? 2 : 0),
      isKnown: Object.keys(evidence).length > 0,
      unit: unitOf(heading),
      profile,
    };
  });
}

/** A heading that its own cells repeat names what they are: "Mask" over "Epee mask". */
function echoOf(heading: string, cells: readonly Cell[]): number {
  const words = plain(heading).match(/\p{L}{4,}/gu) ?? [];
  if (!words.length) return 0;
  const filled = cells
    .slice(0, 300)
    .map((cell) => plain(textOf(cell)))
    .filter(Boolean);
  return (
    filled.filter((text) => words.some((word) => text.includes(word.replace(/(?:en|er|es|e|s|n)$/, '')))).length /
    Math.max(1, filled.length)
  );
}

/** A price that is charged now leaves the other one as that from before; one that stands alone is the price, whatever it is called. */
function settlePrices(
  columns: readonly { index: number; heading: string; evidence: Evidence; profile: Profile }[],
  chosen: Map<number, Candidate>,
  taken: Map<Meaning, number>,
): void {
  const move = (from: Meaning, to: Meaning, index: number, because: string) => {
    chosen.set(index, { as: to, score: 2, because });
    taken.delete(from);
    taken.set(to, index);
  };
  const earlier = taken.get('earlierPrice');
  if (!taken.has('price') && earlier !== undefined) move('earlierPrice', 'price', earlier, 'It is the only column of prices.');
  const stated = columns.find(({ index }) => index === taken.get('price'));
  const offer = columns.find(
    ({ index, evidence, profile }) => !chosen.has(index) && (evidence.now ?? 0) > 0 && profile.filled > 0 && profile.money > 0.5,
  );
  if (stated && !stated.evidence.now && offer && !taken.has('earlierPrice')) {
    move('price', 'earlierPrice', stated.index, `It is charged where “${offer.heading}” is empty.`);
    chosen.set(offer.index, {
      as: 'price',
      score: 2,
      because: `It is headed “${offer.heading}”, and it holds amounts of money.`,
    });
    taken.set('price', offer.index);
    return;
  }
  const price = columns.find(({ index }) => index === taken.get('price'));
  if (!price?.evidence.now || taken.has('earlierPrice')) return;
  const usual = columns.find(
    ({ index, evidence, profile }) => !chosen.has(index) && (evidence.price ?? 0) > 1 && profile.money > 0.5,
  );
  if (usual) move('price', 'earlierPrice', usual.index, `It is charged where “${price.heading}” is empty.`);
  taken.set('price', price.index);
}

/** A list without a heading for it: the first column whose words differ from row to row holds the names. */
function giveTitle(
  columns: readonly { index: number; profile: Profile; heading: string }[],
  chosen: Map<number, Candidate>,
  taken: Map<Meaning, number>,
): void {
  const fit = ({ profile, index, heading }: (typeof columns)[number]) =>
    profile.text * 2 +
    Math.min(profile.distinct, 0.9) +
    profile.fill -
    profile.code -
    profile.measure * 2 -
    profile.money * 2 -
    profile.link * 3 -
    (profile.colours + profile.sizes) * 1.5 -
    (profile.length > 80 ? 2 : 0) -
    // Where nothing is headed, the name of a thing comes first.
    index * (heading ? 0.15 : 0.3);
  const open = columns.filter(({ index }) => {
    const as = chosen.get(index)?.as;
    return (
      as === undefined || as === 'option' || as === 'category' || as === 'particular' || as === 'description' || as === 'group'
    );
  });
  const [best] = open.filter(({ profile }) => profile.filled > 0 && profile.text > 0.5).sort((a, b) => fit(b) - fit(a));
  if (!best) return;
  chosen.set(best.index, { as: 'title', score: 1.5, because: 'The words in it differ from row to row.' });
  taken.set('title', best.index);
}

/** The only column of numbers in a list without headings, or the only one of amounts under one that says nothing, holds the prices. */
function givePrice(
  columns: readonly { index: number; profile: Profile; heading: string; evidence: Evidence }[],
  chosen: Map<number, Candidate>,
  taken: Map<Meaning, number>,
): void {
  const fit = columns.filter(
    ({ index, heading, profile }) =>
      !chosen.has(index) &&
      profile.money > 0.8 &&
      !profile.rising &&
      profile.gtinLong < 0.5 &&
      (!heading || profile.signed > 0.3 || profile.decimals > 0.6),
  );
  const [only, ...more] = fit;
  // What is headed as the price is that, however little of it is understood: each of its cells is asked about then.
  const [headed] = columns
    .filter(
      ({ index, evidence, profile }) =>
        !chosen.has(index) && (evidence.price ?? 0) >= 2.4 && !evidence.cost && !evidence.old && profile.filled > 0,
    )
    .sort((a, b) => (b.evidence.price ?? 0) - (a.evidence.price ?? 0));
  if (headed && (!only || more.length)) {
    chosen.set(headed.index, { as: 'price', score: 1.5, because: `It is headed “${headed.heading}”.` });
    taken.set('price', headed.index);
    return;
  }
  if (!only || more.length) return;
  chosen.set(only.index, { as: 'price', score: 1.5, because: 'It is the only column of amounts.' });
  taken.set('price', only.index);
}

function leftOver(heading: string, profile: Profile): Candidate {
  if (!profile.filled) return { as: 'ignored', score: 1, because: 'It is empty.' };
  if (profile.rising && /^(?:|#|no\.?|nr\.?|row|line|pos\.?|id)$/i.test(heading))
    return { as: 'ignored', score: 1, because: 'It only counts the rows.' };
  if (profile.ticks === 1) return { as: 'ignored', score: 1, because: 'It holds nothing but ticks.' };
  return {
    as: 'particular',
    score: 0.5,
    because: heading ? 'Nothing else claims it, so it is shown with the goods.' : 'It has no heading and nothing claims it.',
  };
}

/** "Rs.", "EUR", "kr": a heading that is nothing but money. */
const isMoneyWord = (heading: string): boolean => currenciesOf(heading.trim()).length > 0;

/** What a column could be, with the weight of all that speaks for it. */
function candidatesOf(heading: string, evidence: Evidence, profile: Profile, index: number): Candidate[] {
  const found: Candidate[] = [];
  if (!profile.filled) {
    const best = headingMeanings(evidence).sort((a, b) => b.score - a.score)[0];
    return best && best.score >= 2 ? [{ ...best, because: `It is headed “${heading}”; nothing stands in it.` }] : [];
  }
  for (const [as, of] of Object.entries(contents) as [Meaning, (typeof contents)[Meaning]][]) {
    if (!of) continue;
    const said =
      (headingMeanings(evidence).find((one) => one.as === as)?.score ?? 0) + (as === 'price' && isMoneyWord(heading) ? 2.4 : 0);
    const { score, because } = of(profile, heading, index);
    const total = said + score;
    if (total <= 0) continue;
    const parts = [...(said > 0 ? [`it is headed “${heading}”`] : []), ...(score > 0.3 && because ? [because] : [])];
    const reason = parts.join(', and ') || 'Its place in the list speaks for it';
    found.push({ as, score: total, because: `${reason.charAt(0).toUpperCase()}${reason.slice(1)}.` });
  }
  return found.sort((a, b) => b.score - a.score);
}

function headingMeanings(evidence: Evidence): { as: Meaning; score: number }[] {
  const { old = 0, now = 0, price = 0, cost = 0, thing = 0, title = 0, person = 0 } = evidence;
  const about = (as: Meaning, score: number) => ({ as, score });
  // A name for a price or a maker is no name of a thing.
  const others = Math.max(price, person, evidence.category ?? 0, evidence.option ?? 0, evidence.sku ?? 0);
  return [
    about('title', Math.max(title, thing) + (title && thing ? 0.6 : 0) - (others > 2 ? 1.2 : 0)),
    about('description', evidence.description ?? 0),
    about('price', Math.max(price, now ? price + 0.3 : 0, now * 1.2) - (old ? 1.5 : 0) - (cost > 2 && price < 2.8 ? 0.4 : 0)),
    about('earlierPrice', old ? old + Math.max(price * 0.8, 1.2) : 0),
    about('cost', cost - (price > 0 && cost < 2.6 ? 1 : 0) + (cost && price ? 0.4 : 0)),
    about('currency', evidence.currency ?? 0),
    about('category', evidence.category ?? 0),
    about('option', evidence.option ?? 0),
    about('optionName', evidence.optionName ?? 0),
    about('optionValue', evidence.optionValue ?? 0),
    about('sku', (evidence.sku ?? 0) - (evidence.gtin ? 1 : 0)),
    about('gtin', evidence.gtin ?? 0),
    about('group', evidence.group ?? 0),
    about('stock', evidence.stock ?? 0),
    about('weight', evidence.weight ?? 0),
    about('picture', evidence.picture ?? 0),
    about('kind', evidence.kind ?? 0),
    about('taxClass', evidence.taxClass ?? 0),
    about('particular', person),
    about('ignored', 0),
  ].filter(({ score }) => score > 0) as { as: Meaning; score: number }[];
}

type Of = (profile: Profile, heading: string, index: number) => { score: number; because: string };

/** "In the drawer", "on hand": where things lie, over whole numbers, is how many lie there. */
const isPlace = /^(?:in|on|at|im|auf|en|au|sul|nel|na|w|v|ve|på|i)\s\p{L}/iu;

/** What the contents of a column say for and against each meaning. */
const contents: Partial<Record<Meaning, Of>> = {
  title: (p, _, index) => ({
    score:
      (p.text < 0.6 ? -4 : 0) +
      p.echo * 1.2 -
      (p.colours + p.sizes) * 1.2 +
      (p.distinct > 0.5 ? 0.5 : -0.3) +
      (p.words <= 9 ? 0.2 : -1.2) -
      p.code * 1.5 -
      p.picture * 4 -
      p.link * 4 -
      p.signed * 3 -
      p.path * 1.5 -
      (p.currency + p.stockWords) * 3 +
      (index === 0 ? 0.5 : index === 1 ? 0.2 : -0.1),
    because: 'its words differ from row to row',
  }),
  description: (p) => ({
    score:
      (p.length >= 40 ? 1.6 : p.length >= 18 ? 0.4 : -0.8) + p.html * 1.5 - (p.text < 0.5 ? 3 : 0) - (p.picture + p.link) * 3,
    because: 'it holds sentences',
  }),
  price: (p) => ({
    score:
      p.money < 0.5
        ? -4
        : p.money * 0.6 + p.signed * 1.8 + p.decimals * 0.8 - p.gtinLong * 3 - (p.rising ? 2 : 0) - p.percent * 3,
    because: p.signed > 0.3 ? 'it holds amounts of money' : 'it holds numbers that can be prices',
  }),
  earlierPrice: (p) => ({ score: p.money < 0.5 ? -4 : p.signed * 0.8 + p.decimals * 0.4, because: 'it holds amounts of money' }),
  cost: (p) => ({ score: p.money < 0.5 ? -4 : p.signed * 0.8 + p.decimals * 0.4, because: 'it holds amounts of money' }),
  currency: (p) => ({ score: p.currency > 0.8 ? 4 : -4, because: 'it holds codes of currencies' }),
  category: (p) => ({
    score:
      p.path * 2.4 +
      (p.distinct < 0.5 && p.filled >= 5 && p.text > 0.8 && p.words < 5 ? 0.5 : 0) -
      (p.text < 0.5 ? 2.5 : 0) -
      // One shelf for everything parts nothing.
      (p.values === 1 && p.filled > 2 ? 0.8 : 0) -
      p.code * 1.5 -
      (p.length > 60 ? 1.5 : 0) -
      p.link * 2,
    because: p.path > 0.3 ? 'it holds paths' : 'few words come again and again in it',
  }),
  option: (p, heading) => ({
    score:
      (offered.test(heading) && p.optionNames < 0.5 ? 2.5 : 0) +
      (p.choiceLength > 40 ? -2 : 0) +
      (p.colours + p.sizes > 0.6 ? 1.6 : 0) +
      (p.lists > 0.5 && p.choiceLength < 24 ? 1.6 : 0) -
      p.link * 4 -
      p.picture * 4 -
      p.signed * 3,
    because:
      p.colours > p.sizes
        ? 'it holds colours'
        : p.sizes > 0.3
          ? 'it holds sizes'
          : p.lists > 0.5
            ? 'its cells list measures'
            : '',
  }),
  optionName: (p) => ({
    score: p.optionNames > 0.7 && p.values <= 6 ? 0.8 : p.text < 0.5 ? -3 : -0.5,
    because: 'it names what is chosen',
  }),
  optionValue: (p) => ({ score: p.choiceLength > 40 ? -3 : 0, because: '' }),
  sku: (p) => ({
    score:
      p.code * 1.5 +
      (p.distinct > 0.9 ? 0.4 : -0.8) -
      p.signed * 4 -
      (p.words > 3 ? 2 : 0) -
      (p.length > 28 ? 2 : 0) -
      p.measure * 2 -
      p.picture * 3 -
      p.link * 3 -
      p.decimals * 1.5 +
      (p.gtinLong > 0.8 ? -0.4 : 0) +
      (p.text > 0.8 && p.code < 0.2 && p.words > 1.6 ? -1.5 : 0),
    because: 'each of its codes stands once',
  }),
  gtin: (p) => ({ score: p.gtinLong > 0.7 ? 2.2 + p.gtinRight * 1.2 : -3.5, because: 'its numbers are as long as barcodes' }),
  group: (p) => ({
    score:
      p.lasting * 6 +
      (p.distinct < 0.95 ? 0.5 : -0.4) +
      p.code * 0.3 -
      (p.length > 40 ? 2 : 0) -
      p.signed * 4 -
      p.measure * 2 -
      p.decimals,
    because: 'rows share its values',
  }),
  stock: (p, heading) => ({
    score:
      (p.whole > 0.9 && isPlace.test(heading.trim()) ? 1.5 : 0) +
      (p.whole + p.stockWords > 0.6 ? 0.6 : -0.9) +
      p.stockWords * 2.2 +
      (p.hasZero && p.whole > 0.6 ? 0.4 : 0) -
      p.signed * 4 -
      p.decimals * 2 -
      p.gtinLong * 4 -
      p.measure * (p.whole > 0.5 ? 0 : 0.8) -
      (p.length > 30 ? 2 : 0),
    because: p.stockWords > 0.3 ? 'it says what is in stock' : 'it holds whole numbers',
  }),
  weight: (p) => ({
    score: p.mass * 1.8 + (p.mass < 0.3 && p.whole + p.money < 0.6 ? -3 : 0) - p.signed * 4,
    because: 'it holds weights with their units',
  }),
  picture: (p) => ({ score: p.picture * 3.4 - (p.picture < 0.3 ? 2 : 0), because: 'it holds names of picture files' }),
  kind: (p) => ({ score: p.kinds > 0.8 ? 0.6 : -3, because: 'it says how things are delivered' }),
  taxClass: (p) => ({
    score: p.percent * 1 - (p.percent < 0.5 && p.text < 0.5 && p.whole < 0.5 ? 1 : 0) - p.signed * 2 - (p.values > 6 ? 1.5 : 0),
    because: 'it holds rates',
  }),
  particular: () => ({ score: 0, because: '' }),
  ignored: (p) => ({
    score: p.link > 0.8 && p.picture < 0.3 ? 2.6 : p.date > 0.9 ? 0.6 : -1,
    because: p.link > 0.8 ? 'it holds addresses of pages' : 'it holds dates',
  }),
};
