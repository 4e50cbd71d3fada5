import { type Document } from '../../document';
import { headNoun, singular } from '../../lexicon';
import { type Features } from '../../softmax';
import { roles, shareOf, type Judgement, type Role } from '../judge/judge';
import { isWord, knownOf, tokensIn, type Token } from './tokens';

/** A sentence of the brief, a label over one, or a title of the list, with its words and what it stands in. */
export interface Line {
  stands: 'said' | 'label' | 'title';
  /** What its words' places are counted in. */
  text: string;
  tokens: Token[];
  /** What is the same for all that stands in it: its roles, what is written over it. */
  around: Features;
  /** What the judge makes of a sentence; nothing of a label or a title. */
  judged: Judgement | null;
  /** Whether capitals tell anything: not where all letters are capitals, or none is. */
  cased: boolean;
}

const isCased = (text: string): boolean => /\p{Lu}/u.test(text) && /\p{Ll}/u.test(text);

/** How likely a line does one thing; a title does nothing. */
export const lineShare = ({ judged }: Line, role: Role): number => (judged ? shareOf(judged, role) : 0);

/** All that facts are looked for in: the brief as a document, what the judge makes of it, and the goods beside it. */
export interface Ground {
  document: Document;
  lines: Line[];
  /** Words of the goods' titles, singular, and how many titles have each. */
  goods: ReadonlyMap<string, number>;
  titles: number;
  /** Nouns that titles are called by, before what tells one from another, and how many titles have each. */
  heads: ReadonlyMap<string, number>;
  /** Letters of the name that the shop's e-mail address is at: "temevalleyboards". */
  domain: string;
  /** How often each word stands in the brief. */
  times: ReadonlyMap<string, number>;
}

/** A role has to be this likely to speak for anything. */
const worthSaying = 0.08;

function aroundOf({ said, roles: shares }: Judgement, at: number, of: number): Features {
  const bag: Record<string, number> = { [`stands ${said.standing}`]: 1 };
  shares.forEach((share, k) => {
    if (share > worthSaying) bag[`role ${roles[k] ?? ''}`] = share;
  });
  for (const [name, over] of [
    ['label', said.label],
    ['heading', said.heading],
    ['question', said.question],
  ] as const) {
    if (over) bag[`under ${name}`] = 1;
    for (const { low } of tokensIn(over, 0, over.length))
      if (isWord(low)) {
        bag[`over ${knownOf(low).stem}`] = 1;
        if (name !== 'heading') bag[`${name} ${knownOf(low).stem}`] = 0.7;
      }
  }
  bag[at === 0 ? 'opens brief' : at === of - 1 ? 'ends brief' : `at ${Math.floor((at / of) * 4)}`] = 1;
  if (said.speaker) bag.spoken = 1;
  if (said.bullet) bag.bullet = 1;
  bag[said.ownLine ? 'own line' : 'among others'] = 1;
  return bag;
}

/** A text as an address writes it: small letters and figures alone. */
export const lettersOf = (text: string): string =>
  text
    .normalize('NFD')
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]/gu, '');

/** "Fence & Tide" is at fenceandtide: how addresses write the sign. */
const andIn = ['', 'and', 'und', 'et', 'y', 'e', 'og', 'och', 'en', 'n', 'ja'];

/** The ways in which an address may write a name. */
export const spelled = (text: string): string[] =>
  text.includes('&') || text.includes('+') ? andIn.map((and) => lettersOf(text.replace(/[&+]/g, and))) : [lettersOf(text)];

/** So many labels are looked at for the name of the shop: "Cintura: leather belts from one workshop in Florence". */
const mostLabels = 12;

/** Labels as they stand before what is said under them, each once. */
function labelsOf(text: string, judged: readonly Judgement[], shouted: boolean): Line[] {
  const labels: Line[] = [];
  let from = 0;
  for (const { said } of judged) {
    const at = said.label ? text.lastIndexOf(said.label, said.start) : -1;
    if (at >= from && labels.length < mostLabels) {
      labels.push({
        stands: 'label',
        text,
        tokens: tokensIn(text, at, at + said.label.length),
        around: { 'stands label': 1, [at === 0 ? 'opens brief' : 'not at the beginning']: 1 },
        judged: null,
        cased: !shouted && isCased(said.label),
      });
      from = at + said.label.length;
    }
  }
  return labels;
}

/** Of a very long brief the first and the last sentences are looked at: what it is about stands there. */
const [mostLines, lastLines] = [400, 100];
/** So many titles are looked at for what is sold. */
const mostTitles = 30;

/** Who gives addresses to everybody says nothing of a shop's name. */
function domainOf(text: string): string {
  const at = /@((?:[\w-]+\.)+)\p{L}{2,}/u.exec(text)?.[1];
  return lettersOf(at?.split('.')[0] ?? '');
}

/** @param shouted whether the brief is in capitals, so that they tell nothing of its names */
export function groundOf(document: Document, judged: readonly Judgement[], titles: readonly string[], shouted = false): Ground {
  const read = judged.length > mostLines ? [...judged.slice(0, mostLines - lastLines), ...judged.slice(-lastLines)] : judged;
  const said = read.map((one, at): Line => ({
    stands: 'said',
    text: document.text,
    tokens: tokensIn(document.text, one.said.start, one.said.end),
    around: aroundOf(one, at, read.length),
    judged: one,
    cased: !shouted && isCased(document.text.slice(one.said.start, one.said.end)),
  }));
  const goods = new Map<string, number>();
  for (const title of titles) {
    const words = tokensIn(title, 0, title.length).filter(({ low }) => isWord(low) && low.length > 2);
    for (const word of new Set(words.map(({ low }) => singular(low)))) goods.set(word, (goods.get(word) ?? 0) + 1);
  }
  const heads = new Map<string, number>();
  for (const title of titles.slice(0, mostTitles)) {
    const noun = headNoun(title)?.split(/[ -]/).at(-1);
    if (noun) heads.set(singular(noun), (heads.get(singular(noun)) ?? 0) + 1);
  }
  const times = new Map<string, number>();
  for (const { tokens } of said) for (const { low } of tokens) times.set(low, (times.get(low) ?? 0) + 1);
  const listed = titles.slice(0, mostTitles).map((text): Line => ({
    stands: 'title',
    text,
    tokens: tokensIn(text, 0, text.length),
    around: { 'stands title': 1 },
    judged: null,
    cased: isCased(text),
  }));
  return {
    document,
    lines: [...said, ...labelsOf(document.text, read, shouted), ...listed],
    goods,
    titles: titles.length,
    heads,
    domain: domainOf(document.text),
    times,
  };
}
