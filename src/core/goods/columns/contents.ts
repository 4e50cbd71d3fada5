import { currenciesOf, isNameOfMoney, isShortForMoney } from '../../till';
import { type Evidence } from './heading';
import { type Meaning } from './meaning';
import { plainly, type Profile as Contents } from './profile';

/** What the cells of a column are, and how often they repeat its heading. */
export type Profile = Contents & { echo: number };

/** What is seen of a column by itself. */
export interface Looked {
  index: number;
  heading: string;
  /** Whether it is headed with nothing but a word for money. */
  isMoney: boolean;
  evidence: Evidence;
  profile: Profile;
}

export interface Candidate {
  as: Meaning;
  score: number;
  because: string;
}

/** "Option Wood": something to choose, by name. */
export const offered = /^\s*(?:option|choice|variant|variation)[\s:_-]+(?=\S)/i;

/** Words this short only join others. */
const joining = 3;

/** "Rs.", "EUR", "kr", "In naira": a heading that is nothing but money, that of the brief where it is in words of any language. */
export function isMoneyWord(heading: string, currency: string): boolean {
  if (currenciesOf(heading.trim()).length > 0) return true;
  const words = (heading.match(/[\p{L}\p{M}]+/gu) ?? []).filter((word, _, all) => word.length > joining || all.length === 1);
  return (
    currency !== '' && words.length > 0 && words.every((word) => isNameOfMoney(word, currency) || isShortForMoney(word, currency))
  );
}

/** What a column could be, with the weight of all that speaks for it. */
export function candidatesOf({ heading, isMoney, evidence, profile, index }: Looked): Candidate[] {
  const found: Candidate[] = [];
  if (!profile.filled) {
    const best = headingMeanings(evidence).sort((a, b) => b.score - a.score)[0];
    return best && best.score >= 2 ? [{ ...best, because: `It is headed “${heading}”; nothing stands in it.` }] : [];
  }
  for (const [as, of] of Object.entries(contents) as [Meaning, (typeof contents)[Meaning]][]) {
    if (!of) continue;
    const said = (headingMeanings(evidence).find((one) => one.as === as)?.score ?? 0) + (as === 'price' && isMoney ? 2.4 : 0);
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
      (p.length >= 40 ? 1.6 : p.length >= 18 || p.sentences > plainly ? 0.4 : -0.8) +
      p.html * 1.5 -
      (p.text < 0.5 ? 3 : 0) -
      (p.picture + p.link) * 3,
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
      // No shelf is called "yes".
      (p.yesNo > 0.8 ? 4 : 0) -
      p.link * 2,
    because: p.path > 0.3 ? 'it holds paths' : 'few words come again and again in it',
  }),
  option: (p, heading) => ({
    score:
      (offered.test(heading) && p.optionNames < 0.5 ? 2.5 : 0) +
      (p.choiceLength > 40 ? -2 : 0) +
      (p.colours + p.sizes > 0.6 ? 1.6 : 0) +
      (p.listed > 0.5 && p.choiceLength < 24 ? 1.6 : 0) -
      p.link * 4 -
      p.picture * 4 -
      p.signed * 3,
    because:
      p.colours > p.sizes
        ? 'it holds colours'
        : p.sizes > 0.3
          ? 'it holds sizes'
          : p.listed > 0.5
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
