import { placesNamed } from '../../lexicon';
import { type Features } from '../../softmax';
import { isAddressForm } from '../contact';
import { spelled, type Ground, type Line } from './about';
import { isStrange, breaks, isNegation, isWord, joins, knownOf, type Token } from './tokens';

/** Some words in a row that may be a fact. */
export class Span {
  readonly start: number;
  readonly end: number;
  private said: string | undefined;

  /** @param to behind its last word */
  constructor(
    readonly line: Line,
    readonly from: number,
    readonly to: number,
  ) {
    this.start = line.tokens[from]?.start ?? 0;
    this.end = line.tokens[to - 1]?.end ?? this.start;
  }

  /** Most stretches are passed over before anybody reads them. */
  get text(): string {
    return (this.said ??= this.line.text.slice(this.start, this.end).replace(/[*_`]/g, '').replace(/\s+/g, ' '));
  }
}

type Bag = Record<string, number>;

/** What a word is, in the widest sense. */
function classOf({ text, low }: Token): string {
  if (!isWord(low)) return low;
  const { noun, verb, colour, mood, likeMood } = knownOf(low);
  if (colour) return 'colour';
  if (mood) return 'mood';
  if (likeMood) return 'like mood';
  if (/^\p{Lu}/u.test(text) && noun === null && verb === null) return 'name';
  return `${noun === null ? '' : `n${noun}`}${verb === null ? '' : `v${verb}`}` || (low.length < 4 ? low : 'unknown');
}

/** What stands before it in its clause: the verb that it may be the object of, who does it, and whether it is denied. */
function beforeIt(bag: Bag, { line: { tokens }, from }: Span): void {
  let verb = false;
  for (let i = from - 1; i >= 0 && from - i < 14; i--) {
    const low = tokens[i]?.low ?? '';
    if (breaks.has(low)) break;
    if (isNegation(low)) bag[from - i < 3 ? 'denied right before' : 'denied before'] = bag.denied = 1;
    const next = tokens[i + 1]?.low;
    if ((low === 'used' && next === 'to') || (low === 'no' && next === 'longer') || next === 'up' || low.startsWith('stop'))
      bag['given up'] = 1;
    const { base, verb: kind, noun } = knownOf(low);
    if (!verb && base !== null && (noun === null || kind !== null) && low.length > 1) {
      bag[`verb ${base}`] = 1;
      if (kind !== null) bag[`verb class ${kind}`] = 1;
      bag[from - i < 3 ? 'verb near' : 'verb far'] = 1;
      verb = true;
    }
    if (/^(?:i|we|they|you|he|she|it|who|people|customers)\b/.test(low)) bag[`subject ${low.split("'")[0] ?? ''}`] = 1;
  }
  if (!verb) bag['no verb before'] = 1;
}

/** A verb as after "she" or a name: "makes". */
export const doesSomething = (low: string): boolean => {
  const { base } = isWord(low) && /[^s]s$/.test(low) ? knownOf(low) : { base: null };
  return base !== null && base !== low;
};

const quotation = /^["“”„«»]$/;

/** What stands right beside it. */
function besideIt(bag: Bag, { line: { tokens }, from, to }: Span): void {
  const [before2, before, after, after2] = [tokens[from - 2], tokens[from - 1], tokens[to], tokens[to + 1]];
  const [b, a] = [before?.low ?? '^', after?.low ?? '$'];
  bag[`before ${b}`] = 1;
  bag[`before two ${before2?.low ?? '^'} ${b}`] = 1;
  bag[`after ${a}`] = 1;
  bag[`after two ${a} ${after2?.low ?? '$'}`] = 1;
  if (before) bag[`before is ${classOf(before)}`] = 1;
  if (after) bag[`after is ${classOf(after)}`] = 1;
  if (after && doesSomething(a)) bag[from === 0 ? 'opens and does' : 'does'] = 1;
  if (before && /^\p{Lu}/u.test(before.text)) bag['name before'] = 1;
  if (after && /^\p{Lu}/u.test(after.text)) bag['name after'] = 1;
  if (b === ',' && before2 && /^\p{Lu}/u.test(before2.text)) bag['behind name and comma'] = 1;
  if (a === ',' && after2 && /^\p{Lu}/u.test(after2.text)) bag['before comma and name'] = 1;
  if (joins.has(b)) bag['joined before'] = 1;
  if (joins.has(a)) bag['joined after'] = 1;
  if (tokens.slice(0, from).some(({ low }) => quotation.test(low))) bag['behind quotation'] = 1;
  const ends = after === undefined || (/^[.!?]$/.test(a) && after2 === undefined);
  if (ends) bag['ends sentence'] = 1;
  if (from === 0 && ends) bag['all of it'] = 1;
}

/** What its own words are. */
function ofIt(bag: Bag, span: Span, ground: Ground): void {
  const {
    line: { tokens },
    from,
    to,
    text,
  } = span;
  const own = tokens.slice(from, to);
  const [first, last] = [own[0], own.at(-1)];
  if (!first || !last) return;
  bag[`first ${first.low}`] = 1;
  bag[`last ${last.low}`] = 1;
  bag[`first is ${classOf(first)}`] = 1;
  bag[`last is ${classOf(last)}`] = 1;
  bag[`words ${Math.min(own.length, 9)}`] = 1;
  let capitals = 0;
  let strange = 0;
  let [ofGoods, words] = [0, 0];
  for (const token of own) {
    const { low } = token;
    bag[`in ${low}`] = 0.6;
    bag[`in is ${classOf(token)}`] = 0.5;
    if (!isWord(low)) continue;
    words++;
    if (token !== last && doesSomething(low)) bag['does inside'] = 1;
    if (/^\p{Lu}/u.test(token.text)) capitals++;
    if (isStrange(token)) strange++;
    if (ground.goods.has(knownOf(low).singular)) ofGoods++;
  }
  bag[capitals === 0 ? 'small' : capitals === words ? 'capitals' : 'some capitals'] = 1;
  if (capitals === words && from > 0) bag['capitals inside'] = 1;
  if (words && strange === words) bag['all strange'] = 1;
  else if (strange) bag['some strange'] = 1;
  if (text === text.toUpperCase() && /\p{Lu}{2}/u.test(text)) bag['all capitals'] = 1;
  if (!span.line.cased && from === 0) bag['opens without case'] = 1;
  if (ground.goods.size) {
    if (ofGoods === words) bag['goods all'] = 1;
    else bag[ofGoods ? 'goods some' : 'goods none'] = 1;
    const head = ground.goods.get(knownOf(last.low).singular) ?? 0;
    if (head) bag['goods head'] = 1;
    if (head * 2 > ground.titles) bag['goods most'] = 1;
  }
  const again = Math.min(...own.filter(({ low }) => isWord(low)).map(({ low }) => ground.times.get(low) ?? 0));
  if (again > 1 && words) bag[again > 2 ? 'often' : 'twice'] = 1;
  const place = capitals || !span.line.cased ? (placesNamed(text)[0]?.size ?? placesNamed(own[0]?.text ?? '')[0]?.size ?? 0) : 0;
  if (place) bag[`place ${place}`] = 1;
  if (own.length > 2 && /\d/.test(text) && isAddressForm(text)) bag['form of address'] = 1;
  if (place && own.length > 2 && placesNamed(last.text).length) bag['ends in place'] = 1;
  const ways = ground.domain.length > 3 ? spelled(text).filter((letters) => letters.length > 3) : [];
  if (ways.includes(ground.domain)) bag['is domain'] = 1;
  else if (ways.some((letters) => ground.domain.includes(letters))) bag['in domain'] = 1;
  else if (ways.some((letters) => letters.includes(ground.domain))) bag['has domain'] = 1;
}

/** All that speaks for and against some words being a fact, whichever. */
export const featuresOf = (span: Span, ground: Ground): Features => ({ ...span.line.around, ...ownFeaturesOf(span, ground) });

/** The same without what is seen of the whole line that they stand in. */
export function ownFeaturesOf(span: Span, ground: Ground): Features {
  const bag: Bag = { bias: 1 };
  beforeIt(bag, span);
  besideIt(bag, span);
  ofIt(bag, span, ground);
  const role = span.line.judged?.role ?? span.line.stands;
  const first = span.line.tokens[span.from];
  bag[`${role} ${bag['all of it'] ? 'whole' : bag['joined before'] || bag['joined after'] ? 'joined' : 'within'}`] = 1;
  if (first) bag[`${role} ${bag.capitals ? 'capitals' : classOf(first)}`] = 1;
  if (bag['goods head']) bag[`${role} goods`] = 1;
  if (bag['all strange'] && span.from === 0) bag[bag['opens and does'] ? 'strange and does' : 'strange and opens'] = 1;
  if (bag['all of it'])
    for (const name in span.line.around) if (name.startsWith('over ') || name.startsWith('label ')) bag[`whole ${name}`] = 1;
  if (bag.denied) bag[`denied ${role}`] = 1;
  return bag;
}
