import { gtin } from '../case';
import { minorDigits } from '@/core/till';
import { pickOne, pickSome, type Draw, type Random } from './draw';

/** A row of goods, as it is meant. */
export interface Row {
  title: string;
  /** Whether it is the first of its thing. */
  isFirst: boolean;
  group: string;
  category: string;
  values: string[];
  finish: string;
  /** Minor units; each as it is written on purpose: a range, another currency, nothing. */
  price: number;
  offer: number | null;
  priced: 'plainly' | 'from' | 'range' | 'missing' | 'in other money';
  stock: number;
  isToldInWords: boolean;
  sku: string;
  gtin: string;
  grams: number;
  text: string;
  particulars: string[];
}

/** What a unit of a currency is to one of a euro, about: a list in rupees has larger numbers. */
const level: Readonly<Record<string, number>> = { NGN: 800, COP: 3000, CLP: 700, XOF: 500, JPY: 120, MXN: 15, TRY: 30, SEK: 10, NOK: 10 }; // prettier-ignore
export const levelOf = (currency: string): number => level[currency] ?? 1;

/** How many rows a thing has, about, where it can be chosen. */
const rowsEach = 2.5;
const manyRows = 30;

export function goodsOf(drawn: Draw, random: Random): Row[] {
  const { language, mess, choice, isTwofold } = drawn;
  const hasRows = choice !== 'none' && choice !== 'in a cell';
  const things = thingsOf(drawn, Math.max(2, Math.ceil(drawn.rows / (hasRows ? rowsEach : 1))), random);
  const sizes = pickOne([['S', 'M', 'L'], ['20 cm', '30 cm', '40 cm'], language.sizes, language.sizes], random);
  const step = minorDigits(drawn.currency) ? 5 : 10;
  const begin = random() * 13;
  const rows: Row[] = [];
  for (const [n, { title, category }] of things.entries()) {
    if (rows.length >= drawn.rows) break;
    const chosen = hasRows ? sizes.filter((_, i) => i === n % sizes.length || random() < 0.5) : [];
    const ways = !hasRows
      ? [[]]
      : chosen.flatMap((size) =>
          isTwofold ? pickSome(language.colours, 1 + Math.floor(random() * 2), random).map((colour) => [size, colour]) : [[size]],
        );
    const finishes = mess.has('doubles')
      ? n % 3 === 0
        ? language.finishes.slice(0, 2)
        : [pickOne(language.finishes, random)]
      : [''];
    const text = pickOne(language.texts, random);
    const particulars = language.particulars.map(([, values]) => pickOne(values as string[], random));
    for (const [i, values] of ways.entries())
      for (const [k, finish] of finishes.entries()) {
        const units = (4 + (((begin + n) * 7.3) % 90) + sizes.indexOf(values[0] ?? '') * 3.5) * levelOf(drawn.currency);
        const price = Math.round((units * 10 ** minorDigits(drawn.currency)) / step) * step;
        const at = rows.length;
        rows.push({
          title,
          isFirst: i === 0 && k === 0,
          group: `G${100 + n}`,
          category,
          values,
          finish,
          price,
          offer: mess.has('sale') && at % 3 === 0 ? Math.round((price * 0.8) / step) * step : null,
          priced: pricedAt(at, drawn, random),
          stock: mess.has('stock in words') && at % 3 === 1 ? 0 : Math.floor(random() * 14),
          isToldInWords: mess.has('stock in words') && at % 3 === 1,
          sku: mess.has('spaced codes') ? `AR ${200 + at} ${pickOne(['A', 'B'], random)}` : `AR-${200 + at}`,
          gtin: gtin(520100000000 + at * 37, mess.has('check digits') && at % 5 === 2 ? 3 : 0),
          grams: (3 + Math.floor(random() * 40)) * 50,
          text,
          particulars,
        });
      }
  }
  return rows;
}

function pricedAt(at: number, { mess }: Draw, random: Random): Row['priced'] {
  if (mess.has('other money') && at % 4 === 3) return 'in other money';
  if (mess.has('missing') && at % 5 === 2) return 'missing';
  if (mess.has('ranges') && at % 4 === 1) return random() < 0.5 ? 'from' : 'range';
  return 'plainly';
}

const begun = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Things by nouns, by names, or by both; in long lists with a number. */
function thingsOf({ language, rows }: Draw, count: number, random: Random): { title: string; category: string }[] {
  const way = Math.floor(random() * 4);
  const isUnspaced = language.encoding === 'shift_jis';
  const joined = (...parts: string[]) => begun(parts.join(isUnspaced ? '' : ' '));
  const found = new Map<string, string>();
  for (let tries = 0; found.size < count && tries < count * 40; tries++) {
    const [noun, kind, name] = [language.nouns, language.kinds, language.names].map((list) => pickOne(list, random)) as [string, string, string]; // prettier-ignore
    const title = [joined(kind, noun), joined(noun, name), joined(name, kind), joined(kind, noun, name)][way] ?? noun;
    const numbered = rows > manyRows ? `${title} ${Math.floor(found.size / 3) + 1}` : title;
    if (!found.has(numbered)) found.set(numbered, pickOne(language.cats, random));
  }
  return [...found].map(([title, category]) => ({ title, category }));
}
