import { surveyedColours } from '../lexicon/about';
import { cssColours } from './cssColours';
import smallWords from './judge/smallWords.json';

export interface NamedColour {
  name: string;
  /** #rrggbb */
  hex: string;
}

/** Colour words of everyday speech that CSS has no name for, or gives another meaning. Values are our own, from memory of the pigments. */
const everyday: Record<string, string> = {
  red: '#c8202b',
  blue: '#1f4fa8',
  green: '#2c7a45',
  yellow: '#f0c419',
  orange: '#e8761a',
  pink: '#e58aa6',
  purple: '#6b3a8c',
  brown: '#6f4a2f',
  black: '#161616',
  white: '#fbfaf7',
  grey: '#83878a',
  gray: '#83878a',
  cream: '#f6ecd6',
  mustard: '#c9972b',
  ochre: '#c38a33',
  rust: '#a8492a',
  terracotta: '#b9603f',
  brick: '#9c4232',
  madder: '#a32e36',
  burgundy: '#6c1f30',
  wine: '#6f2236',
  claret: '#7a1f36',
  raspberry: '#b52a5b',
  peach: '#f3b593',
  apricot: '#eda563',
  sand: '#d9c5a0',
  stone: '#b8b0a2',
  slate: '#4c5863',
  charcoal: '#33373b',
  ink: '#1b2430',
  petrol: '#1d5563',
  duck: '#2e6f78',
  sage: '#93a587',
  moss: '#64733a',
  bottle: '#1d4a35',
  forest: '#24492f',
  mint: '#a9d8c0',
  sky: '#86b8dd',
  cobalt: '#1d49a5',
  royal: '#2740a0',
  lilac: '#b79dcb',
  heather: '#8d6f97',
  aubergine: '#46263f',
  plum: '#6c2f55',
  oatmeal: '#dccfb6',
  woad: '#3f6486',
  indigo: '#2b3a67',
  weld: '#d8bb35',
  lemon: '#f3de5b',
  copper: '#a9623a',
  bronze: '#86683a',
  gold: '#b98d2f',
  silver: '#b9bdc1',
  lime: '#a7c636',
  emerald: '#15805a',
  jade: '#3b8f73',
  leather: '#7b4a2d',
  walnut: '#553a2a',
  honey: '#dca43a',
  butter: '#f5e3a1',
  amber: '#c98a1b',
  vermilion: '#d9482b',
  neon: '#3dff14',
  concrete: '#9a9a96',
  brass: '#b08d3c',
  clay: '#b5734c',
  ash: '#b2b3ae',
  bone: '#e9e2d0',
  pine: '#2b4b3f',
  olive: '#6b6e2f',
  aqua: '#4fb3b8',
  scarlet: '#c9251e',
};

const hues: ReadonlyMap<string, string> = new Map([...Object.entries(cssColours), ...Object.entries(everyday)]);

/** Words that are colours only beside others ("sea", "royal", "duck" alone are not asked-for colours). */
const onlyBeforeColour = new Set([
  'royal',
  'duck',
  'bottle',
  'forest',
  'sky',
  'stone',
  'sand',
  'ink',
  'leather',
  'honey',
  'walnut',
  'butter',
  'lemon',
  'wine',
  'lime',
  'peach',
  'plum',
  'mint',
  'snow',
  'linen',
  'wheat',
  'tomato',
  'chocolate',
  'salmon',
  'coral',
  'gold',
  'silver',
  'bronze',
  'copper',
  'brick',
  'moss',
  'heather',
  'sage',
  'apricot',
  'raspberry',
  'tan',
  'peru',
  'rust',
  'cream',
  'weld',
  'woad',
  'madder',
  'emerald',
  'jade',
  'concrete',
  'brass',
  'clay',
  'ash',
  'bone',
  'pine',
  'olive',
]);

const modifiers: Record<string, { lighten: number }> = {
  dark: { lighten: -0.35 },
  deep: { lighten: -0.3 },
  pale: { lighten: 0.45 },
  light: { lighten: 0.35 },
  soft: { lighten: 0.3 },
  pastel: { lighten: 0.5 },
  dusty: { lighten: 0.2 },
  muted: { lighten: 0.15 },
  bright: { lighten: 0 },
  warm: { lighten: 0 },
  cool: { lighten: 0 },
  strong: { lighten: 0 },
  rich: { lighten: -0.1 },
  vivid: { lighten: 0 },
};

function mix(hex: string, amount: number): string {
  const channels = [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16));
  const target = amount < 0 ? 0 : 255;
  return `#${channels
    .map((c) =>
      Math.round(c + (target - c) * Math.abs(amount))
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;
}

/** The colour that a word or two mean: "teal", "dark green", "duck egg blue". */
export function colourOf(phrase: string): string | undefined {
  if (/^#[0-9a-f]{6}$/i.test(phrase.trim())) return phrase.trim().toLowerCase();
  const words = phrase.toLowerCase().replace(/[-–]/g, ' ').replace(/ish\b/g, '').split(/\s+/);
  const joined = words.join('');
  const css = cssColours[joined as keyof typeof cssColours];
  if (css && words.length > 1) return css;
  const base = [...words].reverse().find((word) => hues.has(word));
  if (!base) return undefined;
  const first = words.find((word) => word !== base && hues.has(word) && onlyBeforeColour.has(word));
  const hex = hues.get(first ?? base) ?? hues.get(base);
  const modifier = words.map((word) => modifiers[word]).find(Boolean);
  return hex && modifier ? mix(hex, modifier.lighten) : hex;
}

/** The colour of a word or two; a survey may know two together that are none alone: "dusty rose". */
export function hexOf(phrase: string): string | undefined {
  const [first = '', ...rest] = phrase.toLowerCase().split(/\s+/);
  const surveyed = surveyedColours[phrase.toLowerCase()];
  const plain = colourOf(phrase);
  // "Grey blue" is neither of the two.
  const isBetween = [first, ...rest].filter((word) => hues.has(word) && !onlyBeforeColour.has(word)).length > 1;
  if (isBetween && surveyed) return surveyed;
  return rest.length && !hues.has(first) && !modifierWord.test(first) ? (surveyed ?? plain) : (plain ?? surveyed);
}

/** Whether any word of a sentence is a colour, wherever it stands. */
export const namesColour = (sentence: string): boolean =>
  (sentence.toLowerCase().match(/[a-z]+/g) ?? []).some((word) => hues.has(word) && !onlyBeforeColour.has(word));

/** A sentence that is nothing but colours: "Bright green + navy." "Concrete, silver grey, black." */
export function isColourList(sentence: string): boolean {
  if (/\b(?:we|i|our|my|is|are|sell|make)\b/i.test(sentence)) return false;
  const parts = sentence.split(/[,+&:;]|\band\b|\bwith\b/).filter((part) => /\p{L}/u.test(part));
  const coloured = parts.filter((part) => {
    const words = part.toLowerCase().match(/[a-z]+/g) ?? [];
    return (
      words.length <= 8 && words.some((word, i) => hues.has(word) && (i === 0 || words.length < 4 || !onlyBeforeColour.has(word)))
    );
  });
  return coloured.length >= 2 && coloured.length * 2 >= parts.length;
}

const modifierWord = /^(?:dark|deep|pale|light|soft|bright|pastel|warm|cool|strong|rich|dusty|muted|vivid)$/;
/** Words that lead up to a colour in a list and are no part of its name. */
const leadsUp = new Set(
  'a an the of and or with some one just only mostly mainly dash touch hint bit little lots use please colour colours color colors are is be to in no not plus our my keep maybe very but more like white black strong for by than it should want feel look as from on at never without avoid'.split(
    ' ',
  ),
);

const grammar: ReadonlySet<string> = new Set(smallWords);

/** All words that may name a colour, wherever they stand. */
export function* colourWords(clause: string): Generator<{ text: string; at: number; hex: string }> {
  const words = [...clause.matchAll(/#[0-9a-f]{6}\b|[\p{L}]+/giu)].map((match) => ({ text: match[0], at: match.index }));
  const isColour = (word: string) => word.startsWith('#') || hues.has(word.toLowerCase().replace(/ish$/, ''));
  for (let i = 0; i < words.length; i++) {
    const word = words[i];
    if (!word) continue;
    const next = words[i + 1];
    const beside = next !== undefined && /^[\s-]$/.test(clause.slice(word.at + word.text.length, next.at));
    const lower = word.text.toLowerCase();
    const named = next && beside ? surveyedColours[`${lower} ${next.text.toLowerCase()}`] : undefined;
    // Two words that a survey knows together, though neither is a colour alone: "dusty rose".
    if (next && named && !isColour(next.text)) {
      yield { text: clause.slice(word.at, next.at + next.text.length), at: word.at, hex: named };
      i++;
      continue;
    }
    if (
      next &&
      beside &&
      isColour(next.text) &&
      (isColour(word.text) || modifierWord.test(lower) || named || nickname(clause, word))
    ) {
      const text = clause.slice(word.at, next.at + next.text.length);
      const hex = isColour(word.text) || modifierWord.test(lower) ? colourOf(text) : (named ?? colourOf(text));
      const third = words[i + 2];
      if (hex) yield { text, at: word.at, hex };
      i++;
      if (third && isColour(third.text) && /^[\s-]$/.test(clause.slice(next.at + next.text.length, third.at))) i++;
      continue;
    }
    const hex = isColour(word.text)
      ? colourOf(word.text)
      : !modifierWord.test(lower) && !/\b(?:no|not)\s/i.test(clause) && !leadsUp.has(lower)
        ? surveyedColours[lower]
        : undefined;
    if (hex) yield { ...word, hex };
  }
}

/** Words before the first or the second of two. */
const pairs: ReadonlySet<string> = new Set(['neither', 'nor', 'either', 'both']);

/** "sail white", "signal red": in a list of colours a noun before one belongs to its name. */
const nickname = (clause: string, word: { text: string; at: number }): boolean =>
  !pairs.has(word.text.toLowerCase()) &&
  !leadsUp.has(word.text.toLowerCase()) &&
  !grammar.has(word.text.toLowerCase()) &&
  /(?:^|[,:+&(]|\b(?:and|of|a|an|the|with)\s)\s*$/i.test(clause.slice(0, word.at));
