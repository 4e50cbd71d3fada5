import { type Cell } from '../source/grid';
import { saysManner } from './manners';
import { numberPattern, plainDigits } from './number';
import { currenciesOf, minorSigns, signAt } from '../../till';

/** What a cell says of money, before it is known how its column writes numbers. */
export type Money =
  | { kind: 'blank' | 'request' | 'free' | 'unknown' }
  | { kind: 'amount'; number: string | number; sign: string; inMinor: boolean; negative: boolean }
  | { kind: 'range'; low: string; high: string; sign: string }
  | { kind: 'from' | 'about'; number: string; sign: string }
  | { kind: 'several'; count: string; number: string; sign: string }
  | { kind: 'per'; number: string; unit: string; sign: string };

const blank: Money = { kind: 'blank' };
const unknown: Money = { kind: 'unknown' };

interface Token {
  kind: 'number' | 'sign' | 'dash' | 'mark' | 'word';
  text: string;
}

const starts = new RegExp(`^${numberPattern.source}`);

/** Parts a cell into numbers, signs of currencies, dashes and words; every character is in one of them. */
function tokensOf(text: string): Token[] {
  const tokens: Token[] = [];
  let rest = text;
  while (rest) {
    if (/^\s/.test(rest)) {
      rest = rest.trimStart();
      continue;
    }
    const number = starts.exec(rest)?.[0];
    const sign = signAt(rest);
    if (number) tokens.push({ kind: 'number', text: number });
    else if (sign) tokens.push({ kind: 'sign', text: sign });
    else if (/^[-–—]/.test(rest)) tokens.push({ kind: 'dash', text: rest[0] ?? '' });
    else if (/^\p{L}/u.test(rest)) tokens.push({ kind: 'word', text: /^[\p{L}\p{M}.'’]+/u.exec(rest)?.[0] ?? rest });
    else tokens.push({ kind: 'mark', text: [...rest][0] ?? '' });
    rest = rest.slice(tokens.at(-1)?.text.length ?? 1);
  }
  return tokens;
}

/** "15.-", "15,--", "15:-", and the "15/-" and "15/=" of shillings and rupees, wherever it stands: whole units, the dash stands for no cents. */
const noCents = /(\d)(?:[.,:][-–—]{1,2}|\/[-–—=])(?!\d)/g;

const countedMoney = /\d[.,:/][-–—]{1,2}\s*[/x×*@=]\s*\d/;

/** Understands a cell that should hold a price. Whatever leaves anything of the cell over is not understood. */
export function understandMoney(cell: Cell): Money {
  if (typeof cell === 'number')
    return Number.isFinite(cell)
      ? { kind: 'amount', number: Math.abs(cell), sign: '', inMinor: false, negative: cell < 0 }
      : unknown;
  const given = plainDigits(cell).trim();
  if (!given) return blank;
  if (/^[-–—./]+$/.test(given)) return blank;
  // What stands for no cents is money, and no number of pieces: "18.- / 20.-".
  if (countedMoney.test(given)) return unknown;
  const text = given.replace(noCents, '$1');
  if (saysManner('request', text)) return { kind: 'request' };
  if (saysManner('free', text)) return { kind: 'free' };
  if (text.length > 60) return unknown;
  const tokens = tokensOf(text);
  const signs = tokens.filter(({ kind }) => kind === 'sign').map(({ text: sign }) => sign);
  const sign = signs[0] ?? '';
  if (new Set(signs.map((one) => currenciesOf(one).join())).size > 1 && !compatible(signs)) return unknown;
  const strict = signs.find((one) => currenciesOf(one).length === 1) ?? sign;
  return shapeOf(
    tokens.filter(({ kind }) => kind !== 'sign'),
    text,
    strict,
  );
}

/** "CA$ 12 CAD": two signs that can mean one currency. */
const compatible = (signs: readonly string[]): boolean => {
  const [first = '', ...others] = signs;
  return currenciesOf(first).some((code) => others.every((other) => currenciesOf(other).includes(code)));
};

function shapeOf(tokens: readonly Token[], text: string, sign: string): Money {
  const numbers = tokens.filter(({ kind }) => kind === 'number').map((token) => token.text);
  const [first, second] = numbers;
  if (first === undefined) return unknown;
  const shape = tokens
    .map(({ kind, text: said }) => (kind === 'number' ? 'n' : kind === 'dash' ? '-' : kind === 'word' ? 'w' : said))
    .join('');
  const words = tokens.filter(({ kind }) => kind === 'word').map((token) => token.text);
  const said = words.join(' ');
  const amount = (negative = false): Money => ({ kind: 'amount', number: first, sign, inMinor: false, negative });
  if (numbers.length === 1) {
    if (shape === 'n') return amount();
    if (shape === '-n' || shape === '(n)' || (shape === 'n-' && !/[-–—]\s*$/.test(text.replace(/[.,:]/g, ''))))
      return amount(true);
    if (/^n[.,:]?-+\.?$/.test(shape)) return amount();
    if (/^n[.:]$/.test(shape)) return amount();
    if (shape === 'nw' && minorSigns[said.replace(/\.$/, '')])
      return { kind: 'amount', number: first, sign: minorSigns[said.replace(/\.$/, '')] ?? '', inMinor: true, negative: false };
    if (shape === 'n¢') return { kind: 'amount', number: first, sign: '$', inMinor: true, negative: false };
    if (shape === 'n+' || (/^nw+$/.test(shape) && saysManner('upwards', said))) return { kind: 'from', number: first, sign };
    if (/^w+n$/.test(shape) && saysManner('from', said)) return { kind: 'from', number: first, sign };
    if ((/^w+n$/.test(shape) && saysManner('about', said)) || /^[~≈]n$/.test(shape))
      return { kind: 'about', number: first, sign };
    if (/^(n[/]?w+|n\/w+)$/.test(shape)) {
      if (saysManner('each', said)) return amount();
      const unit =
        words.length > 1 || shape.includes('/')
          ? said.replace(/^(\S+) (?=\S)/, (whole, head: string) => (saysManner('per', head) ? '' : whole))
          : '';
      if (unit && saysManner('each', unit)) return amount();
      if (unit && (shape.includes('/') || saysManner('per', words[0] ?? ''))) return { kind: 'per', number: first, unit, sign };
    }
    return unknown;
  }
  if (numbers.length === 2 && second !== undefined) {
    if (/^n-+n$/.test(shape) || (shape === 'nwn' && /^(to|bis|à|a|до|do|tot|til|till|–)$/i.test(said)))
      return { kind: 'range', low: first, high: second, sign };
    if (
      (shape === 'nwn' && saysManner('for', said)) ||
      shape === 'n/n' ||
      /^n[x×*@=]n$/i.test(shape) ||
      (shape === 'nwn' && /^x$/i.test(said))
    )
      return { kind: 'several', count: first, number: second, sign };
    // "10 / 100 g": a price per measure.
    if (/^n\/nw$/.test(shape)) return { kind: 'per', number: first, unit: `${second} ${said}`, sign };
  }
  return unknown;
}

/** The currencies that a sign can mean, where a cell has one. */
export const currenciesIn = (money: Money): readonly string[] => ('sign' in money && money.sign ? currenciesOf(money.sign) : []);

/** Whether a cell looks like money at all: a number alone does not say so, a sign does. "R12" may be rand, and is more often a code. */
export const isSigned = (money: Money): boolean =>
  'sign' in money && !/^\p{Script=Latin}$/u.test(money.sign) && currenciesOf(money.sign).length > 0;
