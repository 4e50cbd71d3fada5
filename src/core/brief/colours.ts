import { sourceAt, type Fact } from './fact';
import { cssColours } from './cssColours';

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
]);

const modifiers: Record<string, { lighten: number }> = {
  dark: { lighten: -0.35 },
  deep: { lighten: -0.3 },
  pale: { lighten: 0.45 },
  light: { lighten: 0.35 },
  soft: { lighten: 0.3 },
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

const negation =
  /\b(no|not|never|avoid|without|hate|hates|nothing|isn't|don't|dont|do not|anything but|rather than|instead of|less|except|sick of|tired of|enough of)\b/i;
const siteTalk =
  /\b(colou?rs?|palette|brand|logo|website|web site|site|page|look|feel|card|sign|accent|background|theme|please|hate|love|avoid|want|like)\b/i;

export interface ColourReading {
  wanted: Fact<NamedColour>[];
  avoided: Fact<NamedColour>[];
}

/**
 * Colours that a sentence asks for and refuses. A colour of the goods ("blue mugs") is neither: the sentence has to speak of the
 * site or the brand, or refuse the colour.
 */
export function coloursIn(sentence: string, start: number, brief: string): ColourReading {
  const wanted: Fact<NamedColour>[] = [];
  const avoided: Fact<NamedColour>[] = [];
  const speaksOfSite = siteTalk.test(sentence);
  const speaksOfColour = /\b(colou?rs?|palette)\b/i.test(sentence);
  for (const clause of clausesOf(sentence)) {
    const refused = negation.exec(clause.text);
    for (const found of colourWords(clause.text, speaksOfColour)) {
      const at = start + clause.at + found.at;
      const fact: Fact<NamedColour> = {
        value: { name: found.text.toLowerCase(), hex: found.hex },
        confidence: speaksOfSite ? 0.9 : 0.7,
        source: sourceAt(brief, at, at + found.text.length),
      };
      if (refused && refused.index < found.at) avoided.push(fact);
      else if (speaksOfSite) wanted.push(fact);
    }
  }
  return { wanted, avoided };
}

function clausesOf(sentence: string): { text: string; at: number }[] {
  const clauses: { text: string; at: number }[] = [];
  let at = 0;
  for (const part of sentence.split(
    /(;|:|—|–|,\s*(?=but\b|just\b|only\b|we\b|i\b|our\b|my\b|more\b)|(?<!anything )(?<!nothing )\bbut\b(?! not)|\bjust\b)/i,
  )) {
    clauses.push({ text: part, at });
    at += part.length;
  }
  return clauses;
}

function* colourWords(clause: string, speaksOfColour: boolean): Generator<{ text: string; at: number; hex: string }> {
  const words = [...clause.matchAll(/#[0-9a-f]{6}\b|[a-z]+/gi)].map((match) => ({ text: match[0], at: match.index }));
  const isColour = (word: string) => word.startsWith('#') || hues.has(word.toLowerCase().replace(/ish$/, ''));
  for (let i = 0; i < words.length; i++) {
    const word = words[i];
    if (!word) continue;
    const next = words[i + 1];
    const beside = next !== undefined && /^[\s-]$/.test(clause.slice(word.at + word.text.length, next.at));
    const hasNext = beside && isColour(next.text) && (isColour(word.text) || word.text.toLowerCase() in modifiers);
    if (hasNext) {
      const text = clause.slice(word.at, next.at + next.text.length);
      const hex = colourOf(text);
      if (hex) yield { text, at: word.at, hex };
      i++;
      continue;
    }
    const hex = isColour(word.text) ? colourOf(word.text) : undefined;
    const refusedOutright = /\b(?:no|not)\s+$/i.test(clause.slice(0, word.at));
    if (hex && (speaksOfColour || refusedOutright || !onlyBeforeColour.has(word.text.toLowerCase()))) yield { ...word, hex };
  }
}
