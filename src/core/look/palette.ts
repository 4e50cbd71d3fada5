import { type Mood } from '../brief';
import { chance } from '../chance';
import { contrastRatio, difference, hexOf, hueDistance, lchOf, readable, type Lch } from './colour';

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
  /** The accent where it is text on the ground: links, prices. */
  link: string;
  second: string;
  onSecond: string;
  sale: string;
  good: string;
  bad: string;
}

export interface PaletteWish {
  wanted: readonly string[];
  avoided: readonly string[];
  mood: Mood;
  /** How light the family likes its ground: 1 is white paper. */
  groundLightness: number;
  groundTint: number;
  seed: number;
  /** The seller's own picks. */
  accent?: string | undefined;
  second?: string | undefined;
  ground?: string | undefined;
}

const tooLike = (colour: Lch, avoided: readonly string[]): boolean =>
  colour.c > 0.03 &&
  avoided.some((hex) => {
    const a = lchOf(hex);
    return a.c > 0.03 && hueDistance(a.h, colour.h) < 28 && Math.abs(a.l - colour.l) < 0.3;
  });

/** Turns a hue away from those that the seller refused. */
function clearOf(colour: Lch, avoided: readonly string[]): Lch {
  for (let turn = 0; turn < 12 && tooLike(colour, avoided); turn++) colour = { ...colour, h: (colour.h + 30) % 360 };
  return colour;
}

/**
 * A palette by role. Colours that the seller asked for stand as they were asked for; the rest follows from them.
 * Every pair of text and ground reaches 4.5:1, by construction (WCAG 2.2, success criterion 1.4.3).
 */
export function makePalette(wish: PaletteWish): Palette {
  const random = chance(wish.seed * 7919 + 17);
  const wanted = wish.wanted.map((hex) => ({ hex, ...lchOf(hex) }));
  const pale = wanted.filter((c) => c.l > 0.88);
  const carrying = wanted.filter((c) => c.l <= 0.88).sort((a, b) => Number(b.c > 0.04) - Number(a.c > 0.04));

  const freeHue = wish.mood.warm > 0.2 ? 20 + random() * 70 : wish.mood.warm < -0.2 ? 180 + random() * 110 : random() * 360;
  const freeAccent = clearOf(
    { l: 0.42 + random() * 0.1, c: 0.09 + 0.07 * Math.max(0, wish.mood.loud), h: freeHue },
    wish.avoided,
  );
  const accent = wish.accent ?? carrying[0]?.hex ?? hexOf(freeAccent);
  const accentLch = lchOf(accent);

  const groundHue =
    pale[0]?.h ??
    (wish.mood.warm < -0.3
      ? 240
      : wish.mood.warm > 0.2
        ? 80
        : accentLch.c > 0.05 && accentLch.h > 150 && accentLch.h < 285 && random() < 0.4
          ? accentLch.h
          : 88);
  const groundLch = clearOf({ l: wish.groundLightness, c: wish.groundTint, h: groundHue }, wish.avoided);
  const ground = wish.ground ?? pale[0]?.hex ?? hexOf(groundLch);
  const dark = lchOf(ground).l < 0.5;
  const g = lchOf(ground);
  const raised = hexOf({ l: g.l + raisedStep(ground, g.l), c: Math.min(0.05, g.c + 0.006), h: g.h });
  const grounds = [ground, raised];

  const textWish = carrying.find((c) => c.hex !== accent && c.l < 0.25);
  const text = readable(textWish?.hex ?? hexOf({ l: dark ? 0.95 : 0.22, c: 0.02, h: accentLch.h }), grounds, 8);
  const soft = readable(hexOf({ l: dark ? 0.78 : 0.45, c: 0.02, h: accentLch.h }), grounds);
  const line = hexOf({ l: dark ? g.l + 0.16 : g.l - 0.13, c: Math.min(0.04, g.c + 0.008), h: g.h });

  const freeSecond = clearOf(
    { l: accentLch.l > 0.6 ? 0.4 : 0.62, c: Math.max(0.07, accentLch.c * 0.9), h: (accentLch.h + 150 + random() * 60) % 360 },
    wish.avoided,
  );
  const secondWanted = carrying.find((c) => c.hex !== accent && c !== textWish);
  const second = apart(
    wish.second ?? secondWanted?.hex ?? hexOf(freeSecond),
    [accent, ground],
    wish.second !== undefined || secondWanted !== undefined,
  );
  const on = (hex: string) => readable(contrastRatio('#ffffff', hex) >= contrastRatio(text, hex) ? '#ffffff' : text, [hex]);

  const signal = (h: number, l = 0.45) => readable(hexOf({ l: dark ? 0.75 : l, c: 0.14, h }), grounds);
  return {
    ground,
    raised,
    text,
    soft,
    line,
    accent,
    onAccent: on(accent),
    link: readable(accent, grounds),
    second,
    onSecond: on(second),
    sale: readable(
      apart(lchOf(second).c > 0.08 && hueDistance(lchOf(second).h, 30) < 40 ? second : signal(32), [accent], false),
      grounds,
    ),
    good: signal(150),
    bad: signal(27),
  };
}

/** How far the raised ground stands from the first. On grounds of middling lightness it moves to where the same text still reads. */
function raisedStep(ground: string, lightness: number): number {
  if (lightness > 0.78) return -0.035;
  if (lightness < 0.4) return 0.06;
  return contrastRatio('#000000', ground) > contrastRatio('#ffffff', ground) ? 0.05 : -0.05;
}

/** Moves a colour's lightness until it can be told from others; a colour that was asked for stays as it is. */
function apart(hex: string, others: readonly string[], asked: boolean): string {
  if (asked || others.every((other) => difference(hex, other) >= 15)) return hex;
  const { l, c, h } = lchOf(hex);
  for (let step = 1; step <= 10; step++) {
    for (const direction of [-1, 1]) {
      const candidate = hexOf({ l: l + direction * step * 0.06, c, h: h + step * 6 });
      if (others.every((other) => difference(candidate, other) >= 15)) return candidate;
    }
  }
  return hex;
}

/** The pairs of text and ground that shops use, with the figure of each. */
export function contrastPairs(palette: Palette): { on: keyof Palette; text: keyof Palette; ratio: number }[] {
  const pairs: [text: keyof Palette, on: keyof Palette][] = [
    ['text', 'ground'],
    ['text', 'raised'],
    ['soft', 'ground'],
    ['soft', 'raised'],
    ['link', 'ground'],
    ['link', 'raised'],
    ['onAccent', 'accent'],
    ['onSecond', 'second'],
    ['sale', 'ground'],
    ['good', 'ground'],
    ['bad', 'ground'],
  ];
  return pairs.map(([text, on]) => ({ text, on, ratio: contrastRatio(palette[text], palette[on]) }));
}
