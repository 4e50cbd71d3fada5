import { hashOf } from '../keys';
import { moodOf, type Fact, type Reading } from '../brief';
import { capitalised, ours, severalOf, sourcesOf, type Text } from '../words';
import { inPerson, phrasesOf, type Headings } from '../phrases';
import { type Known } from '../plan/about';
import { type SectionAbout, type SectionKind } from './kind';

/** What a heading is made for: a kind of section that may stand under words of ours. */
type Kinded = Pick<SectionAbout, 'kind'>;
type Spoken = Pick<Known, 'reading' | 'rules'>;

const none: Headings = { usual: [] };

const headingsFor = ({ kind }: Kinded, { rules }: Spoken): Headings =>
  (phrasesOf(rules).headings as Partial<Record<SectionKind, Headings>>)[kind] ?? none;

/** All headings of ours of a kind, the usual one first. */
export const headingsOf = (about: Kinded, known: Spoken): string[] =>
  headingsFor(about, known).usual.map((phrase) => inPerson(phrase, known.reading.person));

/** A fact has to be this sure to stand in a heading, and its words this few. */
const sure = 0.65;
const mostLetters = 42;
const mostLoudLetters = 26;

const large = (fact: Fact<string> | null | undefined): Fact<string> | null =>
  fact && (fact.corrected || fact.confidence >= sure) ? fact : null;

/** What stands for each slot of a heading that says something of this shop alone. */
function slotsOf(known: Spoken): Map<string, { text: string; fact: Fact<string> }> {
  const { reading } = known;
  const goods = large(reading.sells[0]);
  const place = large(reading.place);
  const town = place?.value.split(',')[0] ?? '';
  const name = large(reading.name);
  return new Map([
    ...(goods
      ? ([
          ['goods', { text: phrasesOf(known.rules).goodsInside(severalOf(goods.value, known)), fact: goods }],
          ['Goods', { text: capitalised(severalOf(goods.value, known)), fact: goods }],
        ] as const)
      : []),
    // "A farm outside Zagreb" is told in the text.
    ...(place && /^\p{Lu}/u.test(town) ? ([['place', { text: town, fact: place }]] as const) : []),
    ...(name ? ([['name', { text: name.value, fact: name }]] as const) : []),
  ]);
}

/** A heading that could stand over no other shop's section, or null where too little is known. */
function particularHeading({ particular = [] }: Headings, known: Spoken, most: number): Text | null {
  const slots = slotsOf(known);
  for (const phrase of particular.map((one) => inPerson(one, known.reading.person))) {
    const used = [...phrase.matchAll(/\{(\w+)\}/g)].map(([, slot = '']) => slots.get(slot));
    if (used.includes(undefined)) continue;
    const text = phrase.replace(/\{(\w+)\}/g, (_, slot: string) => slots.get(slot)?.text ?? '');
    if (text.length <= most && !/\S{17}/.test(text))
      return { text, rank: 2, sources: sourcesOf(...used.map((one) => one?.fact)) };
  }
  return null;
}

const isLoud = ({ reading }: { reading: Reading }): boolean => moodOf(reading.tone.map((fact) => fact.value)).loud > 0.4;

/** Whether a line of facts is short enough to head a section. */
export const fitsHeading = (text: string, known: { reading: Reading }): boolean =>
  text.length <= (isLoud(known) ? mostLoudLetters : mostLetters) && !/[.!?] /.test(text) && !/\S{17}/.test(text);

/** Which heading of ours a shop has: the same each time for one shop, and another for the next, so that none stands on every site. */
function drawnOf(headings: readonly string[], { kind }: Kinded, { reading }: Spoken): string {
  const shop = reading.name?.value ?? reading.email?.value ?? reading.judged[0]?.said.text ?? '';
  return headings[hashOf(`${shop} ${kind}`) % Math.max(1, headings.length)] ?? '';
}

/** The heading that stands there unless the seller takes another: of this shop where enough is known, short where it is to be loud. */
export function headingOf(about: Kinded, known: Spoken): Text {
  const loud = isLoud(known);
  const headings = headingsFor(about, known);
  return (
    particularHeading(headings, known, loud ? mostLoudLetters : mostLetters) ??
    ours((loud ? headings.loud : undefined) ?? drawnOf(headingsOf(about, known), about, known))
  );
}

/** A short sentence of the seller's as a heading: without its stop. */
export const asHeading = (text: Text): Text => ({ ...text, text: text.text.replace(/(?<!\.)\.$/, '') });
