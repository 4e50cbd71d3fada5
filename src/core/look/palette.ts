import { type Mood } from '../brief';
import { chance } from '../chance';
import {
  contrastRatio,
  difference,
  differenceToAll,
  hexOf,
  hueDistance,
  lchOf,
  readable,
  textContrast,
  type Lch,
} from './colour';
import { harmonyById, isBright, isPale, schemeById, schemes, type HarmonyId } from './schemes';

/** What each colour of a shop is for. */
export interface Palette {
  ground: string;
  /** A ground a little apart from the first: cards, fields, bands. */
  raised: string;
  text: string;
  soft: string;
  line: string;
  /** The colour that the shop is remembered by: buttons, bands. */
  accent: string;
  onAccent: string;
  /** The edge of whatever is filled with the accent: the accent itself where that stands out from the ground. */
  rim: string;
  /** The accent where it is text on the ground: links, prices. */
  link: string;
  second: string;
  onSecond: string;
  /** A third colour, where three were asked for; else the second again. */
  third: string;
  onThird: string;
  sale: string;
  good: string;
  bad: string;
}

export interface PaletteWish {
  /** Colours that were asked for, most wanted first. */
  wanted: readonly string[];
  avoided: readonly string[];
  mood: Mood;
  /** How the ground relates to the accent. */
  scheme: string;
  /** A colour that nobody asked for and that suits the shop: it gives the hue where no wish does. */
  leaning?: string | undefined;
  /** Whether the ground follows the second of the asked-for colours instead of the first. */
  groundBySecond?: boolean;
  /** How the second hue stands to the first; where none is asked for, the seed has it. */
  harmony?: HarmonyId | undefined;
  seed: number;
  /** The seller's own picks. */
  accent?: string | undefined;
  second?: string | undefined;
  third?: string | undefined;
  ground?: string | undefined;
}

/** Least difference (CIEDE2000) between colours that mean different things, to eyes of all kinds. */
export const leastApart = 9;

/** A ground whose best text reaches this has room for texts of several colours beside it (found by trying: below 7, good and bad news look alike). */
const roomy = 7;

/** Below this chroma a colour has no hue that anyone would name. */
const hueless = 0.035;

export const isLike = (colour: Lch, avoided: readonly string[]): boolean =>
  avoided.some((hex) => {
    const a = lchOf(hex);
    if (neutralOf(a)) return neutralOf(a) === neutralOf(colour);
    // Light purples and light reds are called pink too.
    const pink = a.l > 0.6 && hueDistance(a.h, 5) < 25;
    return colour.c > hueless && hueDistance(a.h, colour.h) < (pink ? 45 : 30) && Math.abs(a.l - colour.l) < (pink ? 0.25 : 0.35);
  });

/** What people call a colour that has hardly a hue; null for one that has (found by looking: light and dark ones show a hue sooner or later than others). */
export function neutralOf({ l, c }: Pick<Lch, 'l' | 'c'>): 'black' | 'grey' | 'white' | null {
  if (c > (l < 0.35 ? 0.045 : l > 0.9 ? 0.012 : 0.036)) return null;
  return l < 0.35 ? 'black' : l > 0.955 ? 'white' : 'grey';
}

const refuses = (avoided: readonly string[], name: ReturnType<typeof neutralOf>): boolean =>
  name !== null && avoided.some((hex) => neutralOf(lchOf(hex)) === name);

/** Where black, white or grey was refused, what would be one takes a hue instead. */
function hued(colour: Lch, hue: number, avoided: readonly string[]): Lch {
  const name = neutralOf({ l: colour.l, c: colour.c - 0.002 });
  if (!name || !refuses(avoided, name)) return colour;
  const instead = {
    black: { l: Math.max(colour.l, 0.23), c: 0.075 },
    grey: { l: colour.l, c: 0.042 },
    white: { l: 0.94, c: 0.03 },
  };
  return clearOf({ ...instead[name], h: hue }, avoided);
}

/** Turns a hue away from those that the seller refused; where the wheel has no room left, the colour turns grey. */
function clearOf(colour: Lch, avoided: readonly string[]): Lch {
  const clear = (candidate: Lch) => !isLike(lchOf(hexOf(candidate)), avoided);
  for (const turn of [0, 35, -35, 70, -70, 105, -105, 140, -140, 180]) {
    const turned = { ...colour, h: (colour.h + turn + 360) % 360 };
    if (clear(turned)) return turned;
  }
  for (const l of [colour.l, 0.3, 0.6]) if (clear({ ...colour, l, c: 0.02 })) return { ...colour, l, c: 0.02 };
  return { ...colour, c: 0.02 };
}

/** A light tint of a hue is called by its pale name: a ground thinned from red is pink. Where that was refused, the ground is plain. */
function clearGround(ground: Lch, avoided: readonly string[]): Lch {
  const named = { ...ground, c: Math.max(ground.c, 0.06) };
  return ground.c > 0.006 && isLike(named, avoided) ? { l: ground.l, c: 0.01, h: 88 } : ground;
}

/**
 * A palette by role. Colours that the seller asked for stand as they were asked for; the rest follows from them.
 * Every pair of text and ground reaches 4.5:1 and every edge 3:1, by construction (WCAG 2.2, success criteria 1.4.3 and 1.4.11).
 */
export function makePalette(wish: PaletteWish): Palette {
  const random = chance(wish.seed * 7919 + 17);
  const [freeHue, freeLight, freeTurn, freeGround] = [random(), random(), random(), random()];
  const scheme = schemeById(wish.scheme) ?? schemes[0];
  if (!scheme) throw new Error('The registry of schemes is empty.');
  const wanted = wish.wanted.map((hex) => ({ hex, ...lchOf(hex) }));
  const pale = wanted.filter(isPale);
  const carrying = wanted.filter((c) => !pale.includes(c)).sort((a, b) => Number(b.c > hueless) - Number(a.c > hueless));

  const { mood } = wish;
  const leaning = wish.leaning === undefined ? null : lchOf(wish.leaning);
  const hue = leaning ? leaning.h : mood.warm > 0.2 ? 15 + freeHue * 75 : mood.warm < -0.2 ? 180 + freeHue * 110 : freeHue * 360;
  const paleHue = pale.filter((c) => c.c > 0.012).sort((a, b) => b.c - a.c)[0]?.h;
  const free = clearOf(
    { l: 0.42 + freeLight * 0.12, c: 0.085 + 0.075 * Math.max(0, mood.loud) - 0.03 * Math.max(0, -mood.loud), h: paleHue ?? hue },
    wish.avoided,
  );
  const accent = wish.accent ?? carrying[0]?.hex ?? hexOf(free);
  const a = lchOf(accent);

  const drowning = scheme.drowns && isBright(a);
  const leader = (wish.groundBySecond || drowning) && carrying[1] ? carrying[1] : a;
  // A colour that was asked for and is a ground of the scheme's kind is the ground, unless it is the accent already.
  const others = wanted.filter((c) => c.hex !== accent);
  const fitting = {
    pale: others.find(isPale),
    dark: others.filter((c) => c.l < 0.3).sort((one, other) => one.l - other.l)[0],
    strong: carrying.find((c) => c.hex !== accent && c.c > hueless),
  };
  const taken = scheme.takes && fitting[scheme.takes];
  // What has no hue of its own borrows this one where it must have one.
  const leading = a.c > hueless ? a.h : leader.c > hueless ? leader.h : hue;
  const hueful = (colour: Lch) => hued(colour, leading, wish.avoided);
  const ground =
    wish.ground ??
    (taken ? withRoom(taken.hex) : hexOf(hueful(clearGround(scheme.ground(leader, mood, freeGround), wish.avoided))));
  const g = lchOf(ground);
  const dark = contrastRatio('#ffffff', ground) > contrastRatio('#000000', ground);
  // A pale colour that is not the ground has the next most room: on light grounds what is raised, on dark ones the text.
  const [paleLeft] = pale.filter((c) => c.hex !== accent && c.hex !== ground);
  const raised =
    paleLeft && !dark && difference(paleLeft.hex, ground) > 2
      ? paleLeft.hex
      : hexOf(
          hueful({
            l: g.l + raisedStep(ground, g.l),
            // A strong ground stays strong where it is raised: weaker it would be mud.
            c: g.c < 0.002 ? 0.004 : Math.min(Math.max(0.11, g.c * 0.9), g.c * 1.15 + 0.003),
            h: g.c < 0.002 ? a.h : g.h,
          }),
        );
  const grounds = [ground, raised];

  const tint = a.c > hueless ? a.h : g.h;
  const textWish = dark ? paleLeft : carrying.find((c) => c.hex !== accent && c.l < 0.25);
  const text = readable(
    textWish?.hex ?? hexOf(hueful({ l: dark ? 0.95 : 0.21, c: Math.min(0.02, 0.004 + a.c / 6), h: tint })),
    grounds,
    // Text at its strongest is white, or nearly: where white was refused, somewhat less has to do.
    dark && refuses(wish.avoided, 'white') ? 6 : 8,
  );
  const soft = readable(hexOf(hueful({ l: dark ? 0.78 : 0.45, c: Math.min(0.025, 0.006 + a.c / 6), h: tint })), grounds);
  const line = hexOf(hueful({ l: dark ? g.l + 0.16 : g.l - 0.13, c: Math.min(0.06, g.c + 0.008), h: g.c < 0.002 ? a.h : g.h }));

  const turn = harmonyById(wish.harmony ?? '')?.turn ?? 130 + freeTurn * 60;
  const free2 = clearOf(
    {
      l: a.l > 0.6 ? 0.42 : 0.66,
      // Nobody asked for the second hue, so it speaks up only where the mood does.
      c: a.c < hueless ? 0.09 : Math.min(0.1 + 0.08 * Math.max(0, mood.loud), Math.max(0.07, a.c * (turn === 0 ? 0.75 : 0.9))),
      h: ((a.c < hueless ? hue : a.h) + turn) % 360,
    },
    wish.avoided,
  );
  // A harmony that was asked for holds before a colour of the brief that says otherwise.
  const secondWanted = wish.harmony ? undefined : carrying.find((c) => c.hex !== accent && c !== textWish && c.hex !== ground);
  const asked = wish.second ?? secondWanted?.hex;
  const second = asked ?? tellApart(hexOf(free2), [accent, ground], wish.avoided);
  // What the seller's own picks put in the place of an asked-for colour is not brought back as a third one.
  const placed = [carrying[0], secondWanted, textWish].map((one) => one?.hex).concat(accent, second, ground, text);
  const third = wish.third ?? carrying.find(({ hex }) => !placed.includes(hex))?.hex ?? second;
  const plain = refuses(wish.avoided, 'white') ? [] : ['#ffffff'];
  const on = (hex: string) => {
    const best = readable(
      [...plain, text, ground].reduce((best, one) => (contrastRatio(one, hex) > contrastRatio(best, hex) ? one : best)),
      [hex],
    );
    if (!refuses(wish.avoided, neutralOf(lchOf(best)))) return best;
    // Some hues are black as soon as they are dark; others near by are not.
    const { l } = lchOf(best);
    const others = [0, 30, -30, 60, -60].map((turn) => readable(hexOf({ l, c: 0.075, h: leading + turn }), [hex]));
    return others.find((one) => !refuses(wish.avoided, neutralOf(lchOf(one)))) ?? best;
  };

  const signal = (h: number, from: readonly string[], l = dark ? 0.76 : 0.46) =>
    readableApart(clearOf({ l, c: 0.14, h }, wish.avoided), grounds, from, wish.avoided);
  const bad = signal(27, [text]);
  const sale =
    lchOf(second).c > 0.08 && hueDistance(lchOf(second).h, 30) < 40
      ? readableApart(lchOf(second), grounds, [text], wish.avoided)
      : signal(35, [text]);
  return {
    ground,
    raised,
    text,
    soft,
    line,
    accent,
    onAccent: on(accent),
    // Yellow that is darkened until it reads is olive, which nobody asked for: the second colour or the text does it instead.
    rim: inkOf(accent, [second, text], grounds, 3.1),
    link: inkOf(accent, [second, text], grounds, textContrast),
    second,
    onSecond: on(second),
    third,
    onThird: on(third),
    sale,
    // Where red and green look alike, one is lighter.
    good: signal(152, [bad, text], dark ? 0.86 : 0.36),
    bad,
  };
}

/**
 * A ground on which words of several colours can be told apart. One of middling lightness carries white alone, or black alone: it is
 * deepened, or lightened, to where there is room between its words.
 */
function withRoom(hex: string): string {
  const { l, c, h } = lchOf(hex);
  for (let step = 0; step < 30; step++)
    for (const direction of [-1, 1]) {
      const candidate = step ? hexOf({ l: l + direction * step * 0.01, c, h }) : hex;
      if (Math.max(contrastRatio(candidate, '#ffffff'), contrastRatio(candidate, '#000000')) >= roomy) return candidate;
    }
  return hex;
}

/** Whether a colour loses its name where it is darkened: yellows turn olive and brown (common practice). */
const muddies = (colour: string): boolean => {
  const { l, c, h } = lchOf(colour);
  return l > 0.7 && c > hueless && h > 70 && h < 130;
};

/** A colour as it can be read; where it would lose its name in that, the first of others that does not. */
function inkOf(colour: string, others: readonly string[], grounds: readonly string[], ratio: number): string {
  const reads = (one: string) => grounds.every((ground) => contrastRatio(one, ground) >= ratio);
  const fit = [colour, ...others].find((one) => reads(one) || (!muddies(one) && lchOf(one).c > hueless));
  return readable(fit ?? others.at(-1) ?? colour, grounds, ratio);
}

/** Whether the accent is seen on the ground: by its lightness, or by its hue where both are light. */
export const standsOut = ({ accent, ground }: Palette): boolean =>
  contrastRatio(accent, ground) >= 1.6 || difference(accent, ground) >= 24;

/** Whether there is a third colour beside accent and second. */
export const hasThird = ({ second, third }: Palette): boolean => third !== second;

/** The colours of a palette by role. A third that is only the second again is left out, so that what would wear it keeps what else it has. */
export const coloursOf = (palette: Palette): [role: string, hex: string][] =>
  Object.entries(palette).filter(([role]) => hasThird(palette) || (role !== 'third' && role !== 'onThird'));

/** How far the raised ground stands from the first. On grounds of middling lightness it moves to where the same text still reads. */
function raisedStep(ground: string, lightness: number): number {
  if (lightness > 0.78) return -0.035;
  if (lightness < 0.4) return 0.06;
  return contrastRatio('#000000', ground) > contrastRatio('#ffffff', ground) ? 0.05 : -0.05;
}

/** The nearest colour, by lightness and then by a little hue, that eyes of all kinds can tell from others. */
function tellApart(hex: string, others: readonly string[], avoided: readonly string[]): string {
  const enough = (candidate: string) => others.every((other) => differenceToAll(candidate, other) >= leastApart + 3);
  if (enough(hex)) return hex;
  const { l, c, h } = lchOf(hex);
  for (let step = 1; step <= 10; step++) {
    for (const direction of [-1, 1]) {
      const at = { l: l + direction * step * 0.055, c, h: h + step * 5 };
      if (at.l < 0.12 || at.l > 0.95) continue;
      const candidate = hexOf(at);
      if (enough(candidate) && !isLike(lchOf(candidate), avoided)) return candidate;
    }
  }
  return hex;
}

/**
 * A colour of a hue that reads on the grounds and can be told from others. What reads keeps reading further away from the grounds, so
 * only that way is looked, and a little to either side in hue.
 */
function readableApart(from: Lch, grounds: readonly string[], others: readonly string[], avoided: readonly string[]): string {
  const first = readable(hexOf(from), grounds);
  const { l } = lchOf(first);
  const away = contrastRatio('#000000', grounds[0] ?? '#ffffff') > contrastRatio('#ffffff', grounds[0] ?? '#ffffff') ? -1 : 1;
  let best = first;
  let most = Math.min(...others.map((other) => differenceToAll(first, other)));
  for (let step = 0; step <= 5 && most < leastApart; step++) {
    for (const turn of [0, 25, -14]) {
      const at = l + away * step * 0.05;
      if (at < 0.08 || at > 0.97) continue;
      const candidate = hexOf({ l: at, c: from.c, h: from.h + turn });
      if (isLike(lchOf(candidate), avoided) || grounds.some((ground) => contrastRatio(candidate, ground) < textContrast))
        continue;
      const least = Math.min(...others.map((other) => differenceToAll(candidate, other)));
      if (least > most) [best, most] = [candidate, least];
    }
  }
  return best;
}

export interface ContrastPair {
  on: keyof Palette;
  text: keyof Palette;
  ratio: number;
  /** What WCAG asks of it: 4.5 for text, 3 for what only marks an edge. */
  least: number;
}

/** The pairs of text or edge and ground that shops use, with the figure of each. */
export function contrastPairs(palette: Palette): ContrastPair[] {
  const pair = (text: keyof Palette, on: keyof Palette, least = 4.5): ContrastPair => ({
    text,
    on,
    ratio: contrastRatio(palette[text], palette[on]),
    least,
  });
  const onGrounds = (['text', 'soft', 'link', 'sale', 'good', 'bad'] as const).flatMap((role) => [
    pair(role, 'ground'),
    pair(role, 'raised'),
  ]);
  return [
    ...onGrounds,
    pair('onAccent', 'accent'),
    pair('onSecond', 'second'),
    ...(hasThird(palette) ? [pair('onThird', 'third')] : []),
    pair('rim', 'ground', 3),
    pair('rim', 'raised', 3),
  ];
}

/** How unlike two palettes look: the mean difference of their large colours. */
export const paletteDistance = (a: Palette, b: Palette): number =>
  (1.5 * difference(a.ground, b.ground) + 1.5 * difference(a.accent, b.accent) + difference(a.second, b.second)) / 4;
