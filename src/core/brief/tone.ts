import { isNoun } from '../lexicon';
import { sourceAt, type Fact } from './fact';
import { colourOf } from './colours';
import { type Sentence } from './sentences';

/** How a tone word bends the look and the words. Each axis runs from −1 to 1; a definition a line. */
export interface Mood {
  /** Quiet … loud. */
  loud: number;
  /** Cool … warm. */
  warm: number;
  /** Free … exact. */
  exact: number;
  /** Plain … ornate. */
  ornate: number;
}

const moods: Record<string, Partial<Mood>> = {
  calm: { loud: -0.8 },
  quiet: { loud: -1 },
  peaceful: { loud: -0.9 },
  gentle: { loud: -0.6, warm: 0.3 },
  soft: { loud: -0.5, warm: 0.3 },
  minimal: { loud: -0.6, ornate: -0.8 },
  simple: { loud: -0.4, ornate: -0.6 },
  clean: { loud: -0.3, exact: 0.4, ornate: -0.6 },
  airy: { loud: -0.6, ornate: -0.4 },
  unhurried: { loud: -0.7 },
  slow: { loud: -0.7 },
  loud: { loud: 1 },
  bold: { loud: 0.9 },
  bright: { loud: 0.6, warm: 0.2 },
  cheeky: { loud: 0.8, warm: 0.2 },
  funny: { loud: 0.7, warm: 0.3 },
  fun: { loud: 0.7, warm: 0.3 },
  playful: { loud: 0.7, warm: 0.4 },
  lively: { loud: 0.6 },
  cheerful: { loud: 0.5, warm: 0.5 },
  energetic: { loud: 0.8 },
  punchy: { loud: 1 },
  brash: { loud: 1 },
  rebellious: { loud: 0.9 },
  young: { loud: 0.5 },
  warm: { warm: 1 },
  friendly: { warm: 0.7, loud: 0.1 },
  cosy: { warm: 0.9, loud: -0.3 },
  cozy: { warm: 0.9, loud: -0.3 },
  homely: { warm: 0.8 },
  rustic: { warm: 0.8, exact: -0.3 },
  earthy: { warm: 0.8 },
  welcoming: { warm: 0.7 },
  handmade: { warm: 0.5, exact: -0.2 },
  nostalgic: { warm: 0.6, ornate: 0.4 },
  honest: { exact: 0.6, ornate: -0.4 },
  plain: { exact: 0.5, ornate: -0.8 },
  trustworthy: { exact: 0.6 },
  serious: { exact: 0.7, loud: -0.2 },
  exact: { exact: 1 },
  precise: { exact: 1 },
  technical: { exact: 0.9, warm: -0.4 },
  sober: { exact: 0.7, loud: -0.4 },
  practical: { exact: 0.7 },
  professional: { exact: 0.6 },
  orderly: { exact: 0.8 },
  modern: { exact: 0.4, warm: -0.3, ornate: -0.4 },
  cool: { warm: -0.7 },
  crisp: { exact: 0.6, warm: -0.4 },
  elegant: { loud: -0.4, ornate: 0.5 },
  refined: { loud: -0.5, ornate: 0.3 },
  luxurious: { loud: -0.3, ornate: 0.7 },
  romantic: { warm: 0.5, ornate: 0.6 },
  quirky: { loud: 0.5, ornate: 0.3 },
  traditional: { ornate: 0.5, exact: 0.2 },
  classic: { ornate: 0.3, exact: 0.2 },
  vintage: { ornate: 0.5, warm: 0.4 },
  moody: { loud: 0.2, warm: -0.2 },
  bookish: { exact: 0.3, warm: 0.3 },
  straightforward: { exact: 0.5, ornate: -0.4 },
  minimalist: { loud: -0.6, ornate: -0.9 },
  restrained: { loud: -0.6, ornate: -0.6 },
  understated: { loud: -0.7, ornate: -0.5 },
  sturdy: { exact: 0.5, ornate: -0.3 },
  solid: { exact: 0.5 },
  robust: { exact: 0.4, loud: 0.2 },
  rugged: { exact: 0.1, loud: 0.4, ornate: -0.4 },
  easy: { warm: 0.3, exact: -0.1 },
  relaxed: { loud: -0.4, warm: 0.3 },
  casual: { exact: -0.4, warm: 0.3 },
  fresh: { warm: -0.1, loud: 0.2 },
  natural: { warm: 0.5, ornate: -0.3 },
  organic: { warm: 0.5, exact: -0.4 },
  industrial: { exact: 0.6, warm: -0.5 },
  clear: { exact: 0.6, ornate: -0.4 },
  tidy: { exact: 0.7 },
  neat: { exact: 0.6 },
  austere: { loud: -0.5, ornate: -0.9, exact: 0.5 },
  scientific: { exact: 1, warm: -0.3 },
  reliable: { exact: 0.6 },
  confident: { loud: 0.4, exact: 0.3 },
  proud: { loud: 0.3 },
  mischievous: { loud: 0.7 },
  silly: { loud: 0.7, exact: -0.5 },
  witty: { loud: 0.4 },
  dry: { loud: -0.2, exact: 0.4 },
  ironic: { loud: 0.3 },
  weird: { loud: 0.6, exact: -0.5 },
  eccentric: { loud: 0.5, ornate: 0.4 },
  wild: { loud: 0.6, exact: -0.6 },
  raw: { ornate: -0.7, exact: -0.2 },
  dark: { loud: 0.1, warm: -0.3 },
  mysterious: { loud: -0.1, ornate: 0.4 },
  dreamy: { loud: -0.5, ornate: 0.4 },
  poetic: { loud: -0.5, ornate: 0.3 },
  delicate: { loud: -0.7, ornate: 0.2 },
  light: { loud: -0.3 },
  sunny: { warm: 0.8, loud: 0.4 },
  happy: { warm: 0.5, loud: 0.4 },
  homemade: { warm: 0.6, exact: -0.4 },
  intimate: { warm: 0.6, loud: -0.6 },
  personal: { warm: 0.6 },
  generous: { warm: 0.6 },
  old: { ornate: 0.3, warm: 0.3 },
  'old-fashioned': { ornate: 0.5, warm: 0.4 },
  retro: { ornate: 0.3, warm: 0.4, loud: 0.3 },
  timeless: { loud: -0.3, ornate: 0.1 },
  sleek: { exact: 0.6, warm: -0.5 },
  sharp: { exact: 0.7, loud: 0.2 },
  edgy: { loud: 0.7 },
  urban: { loud: 0.4, warm: -0.2 },
  punk: { loud: 1, exact: -0.6 },
  expensive: { loud: -0.4, ornate: 0.3 },
  premium: { loud: -0.3, ornate: 0.3 },
  scandinavian: { loud: -0.6, ornate: -0.7 },
  japanese: { loud: -0.7, ornate: -0.5 },
  nautical: { exact: 0.3 },
  bohemian: { warm: 0.6, exact: -0.6, ornate: 0.5 },
  brutalist: { loud: 0.7, ornate: -0.8, warm: -0.5 },
  folk: { warm: 0.7, ornate: 0.6 },
  gothic: { ornate: 0.8, warm: -0.4 },
  editorial: { exact: 0.4, loud: -0.1 },
  geometric: { exact: 0.7 },
  scholarly: { exact: 0.6, warm: 0.2 },
  caring: { warm: 0.7 },
  reassuring: { warm: 0.5, exact: 0.4 },
  colourful: { loud: 0.6 },
  colorful: { loud: 0.6 },
};

const refusal = /\b(?:no|not|never|avoid|without|nothing|isn't|don't|anything but|rather than|instead of|less|hate)\b[^.;,]*$/i;

/** Tone words that name a manner of design rather than a temper. */
const styles = new Set(
  'minimal minimalist rustic vintage classic handmade modern retro industrial scandinavian japanese nautical bohemian brutalist folk gothic editorial geometric traditional romantic old-fashioned homemade punk'.split(
    ' ',
  ),
);

/** What a feeling is asked for with: the words after it are tone words even where nobody has listed them. */
const feeling = /\b(?:feel|look|sound|be|tone|mood|feeling|style)\b:?\s+(?:as |very |a bit |quite |rather |a little |like )*/i;

/** Tone words that the brief asks for in its wishes about the site. */
export function readTone(brief: string, sentences: readonly Sentence[], wishes: ReadonlySet<Sentence>): Fact<string>[] {
  const found: Fact<string>[] = [];
  for (const sentence of sentences) {
    const labelled = sentence.label === 'look';
    const ofColours = sentence.label === 'colours' || sentence.label === 'avoid' || sentence.label === 'features';
    if (sentence.asks || ofColours || sentence.label === 'goal') continue;
    const certain = wishes.has(sentence);
    if (!certain && !/\b(?:tone|mood|feel|style)\b/i.test(sentence.text)) continue;
    const raw = sentence.source.text;
    for (const match of raw.matchAll(/[a-z]+(?:-fashioned)?/gi)) {
      const word = match[0].toLowerCase();
      const next = /^\s+([a-z]+)/i.exec(raw.slice(match.index + word.length))?.[1] ?? '';
      // "dark brown", "fresh bread": before a noun or a colour it says something of that.
      const ofAnother =
        colourOf(next) !== undefined ||
        (!labelled &&
          isNoun(next) &&
          !(next in moods) &&
          !/^(?:and|but|like|or|please|too|as|tone|look|feel|mood|style|type|lettering|typography|website|site|page|shop|design|brand|voice)$/i.test(
            next,
          ));
      if (!Object.hasOwn(moods, word) || ofAnother || found.some((known) => known.value === word)) continue;
      if (refusal.test(raw.slice(0, match.index))) continue;
      const start = sentence.source.start + match.index;
      found.push({ value: word, confidence: certain ? 0.9 : 0.5, source: sourceAt(brief, start, start + word.length) });
    }
    for (const { word, at } of unlisted(raw, labelled))
      if (!found.some((known) => known.value === word))
        found.push({
          value: word,
          confidence: 0.55,
          source: sourceAt(brief, sentence.source.start + at, sentence.source.start + at + word.length),
        });
  }
  return found;
}

/** Adjectives by their ending, where a feeling is asked for: "it should feel weightless and grandfatherly". */
function unlisted(raw: string, labelled: boolean): { word: string; at: number }[] {
  const opens = labelled ? { index: 0, 0: '' } : feeling.exec(raw);
  if (!opens) return [];
  const from = opens.index + opens[0].length;
  return [...raw.slice(from).matchAll(/\b[a-z]+(?:less|ful|ish|ous|like|ly)\b/gi)].flatMap((match) => {
    const word = match[0].toLowerCase();
    const known = Object.hasOwn(moods, word) || refusal.test(raw.slice(0, from + match.index)) || colourOf(word) !== undefined;
    return known ||
      /^(?:only|really|mostly|mainly|easily|quickly|like|family|early|daily|simply|clearly|exactly|slightly|definitely|absolutely|useful|helpful|careful|beautiful|wonderful|successful|various|previous|obvious|serious|delicious)$/.test(
        word,
      ) ||
      word.length < 6
      ? []
      : [{ word, at: from + match.index }];
  });
}

/** The tone words that name a manner of design. */
export const styleOf = (tone: readonly Fact<string>[]): Fact<string>[] => tone.filter((fact) => styles.has(fact.value));

/** The mood that tone words add up to: the mean of those that speak on an axis. */
export function moodOf(tone: readonly string[]): Mood {
  const mood: Mood = { loud: 0, warm: 0, exact: 0, ornate: 0 };
  for (const axis of Object.keys(mood) as (keyof Mood)[]) {
    const votes = tone.map((word) => moods[word.toLowerCase()]?.[axis]).filter((vote) => vote !== undefined);
    if (votes.length) mood[axis] = votes.reduce((a, b) => a + b, 0) / votes.length;
  }
  return mood;
}

export const toneWords = (): string[] => Object.keys(moods);
