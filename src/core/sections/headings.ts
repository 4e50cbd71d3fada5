import { moodOf, type Fact, type Reading } from '../brief';
import { capitalised, ours, pluralOf, sourcesOf, type Text } from '../words';
import { type SectionAbout } from './kind';

type Spoken = Pick<SectionAbout, 'headings' | 'loud' | 'particular'>;

const asks = (phrase: string): string => phrase.replace(/ \?$/, '?');

/** Phrases in the person of the shop. */
function turned(phrases: readonly string[], { reading }: { reading: Reading }): string[] {
  const single = reading.person === 'I';
  return phrases.map((phrase) =>
    phrase
      .replace(/\{I\} \{am\}/g, single ? 'I am' : 'we are')
      .replace(/\{I\}/g, single ? 'I' : 'we')
      .replace(/\{me\}/g, single ? 'me' : 'us')
      .replace(/\{my\}/g, single ? 'my' : 'our'),
  );
}

/** All headings of ours of a kind, the usual one first. */
export const headingsOf = ({ headings = [] }: Spoken, known: { reading: Reading }): string[] => turned(headings, known).map(asks);

/** A fact has to be this sure to stand in a heading, and its words this few. */
const sure = 0.65;
const mostLetters = 42;
const mostLoudLetters = 26;

const large = (fact: Fact<string> | null | undefined): Fact<string> | null =>
  fact && (fact.corrected || fact.confidence >= sure) ? fact : null;

/** What is sold, in the plural where the brief speaks of several: "spice box" beside "Spice boxes, obviously". */
function severalOf(goods: string, { judged }: Reading): string {
  const several = pluralOf(goods);
  return judged.some(({ said }) => said.text.toLowerCase().includes(several.toLowerCase())) ? several : goods;
}

const small = (goods: string): string => goods.replace(/^\p{Lu}(?=\p{Ll})/u, (letter) => letter.toLowerCase());

/** What stands for each slot of a heading that says something of this shop alone. */
function slotsOf({ reading }: { reading: Reading }): Map<string, { text: string; fact: Fact<string> }> {
  const goods = large(reading.sells[0]);
  const place = large(reading.place);
  const town = place?.value.split(',')[0] ?? '';
  const name = large(reading.name);
  return new Map([
    ...(goods
      ? ([
          ['goods', { text: small(severalOf(goods.value, reading)), fact: goods }],
          ['Goods', { text: capitalised(severalOf(goods.value, reading)), fact: goods }],
        ] as const)
      : []),
    // "A farm outside Zagreb" is told in the text.
    ...(place && /^\p{Lu}/u.test(town) ? ([['place', { text: town, fact: place }]] as const) : []),
    ...(name ? ([['name', { text: name.value, fact: name }]] as const) : []),
  ]);
}

/** A heading that could stand over no other shop's section, or null where too little is known. */
function particularHeading({ particular = [] }: Spoken, known: { reading: Reading }, most: number): Text | null {
  const slots = slotsOf(known);
  for (const phrase of turned(particular, known)) {
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

/** The heading that stands there unless the seller takes another: of this shop where enough is known, short where it is to be loud. */
export function headingOf(about: Spoken, known: { reading: Reading }): Text {
  const loud = isLoud(known);
  return (
    particularHeading(about, known, loud ? mostLoudLetters : mostLetters) ??
    ours((loud ? about.loud : undefined) ?? headingsOf(about, known)[0] ?? '')
  );
}

/** A short sentence of the seller's as a heading: without its stop. */
export const asHeading = (text: Text): Text => ({ ...text, text: text.text.replace(/(?<!\.)\.$/, '') });
