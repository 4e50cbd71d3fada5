import { type Mood } from '../brief';
import { type HarmonyId, type SchemeId } from './about';
import { type Lch } from './colour';
import { type Occasion } from './families';

/** How the ground of a shop relates to its accent. */
export interface Scheme {
  id: SchemeId;
  name: string;
  say: string;
  /** Whether the ground itself wears the asked-for colour, so that one too light for words is still seen. */
  worn: boolean;
  /** Whether the ground is light, whatever the colours. */
  light: boolean;
  /** The kind of asked-for colour that is its ground as it stands, where there is one. */
  takes: 'pale' | 'dark' | 'strong' | null;
  /** Whether a light accent would drown in it, so that it follows the other colour that was asked for. */
  drowns?: boolean;
  /** The ground for an accent; `free` is a number in [0, 1) that stays the same for a seed. */
  ground: (accent: Lch, mood: Mood, free: number) => Lch;
  /** Whether it fits a mood, 0–1. */
  fit: (mood: Mood) => number;
}

const between = (low: number, high: number, at: number) => low + (high - low) * Math.min(1, Math.max(0, at));

/** A colour that is strong and yet too light to write with: yellow, lime, light pink. */
export const isBright = ({ l, c }: Pick<Lch, 'l' | 'c'>): boolean => l > 0.72 && c > 0.08;

export const schemes: readonly Scheme[] = [
  {
    id: 'paper',
    worn: false,
    light: true,
    takes: 'pale',
    name: 'Paper',
    say: 'a warm or cool white with a breath of colour',
    ground: (accent, mood, free) => {
      const cool = mood.warm < -0.2 || (mood.warm <= 0.2 && accent.c > 0.05 && accent.h > 150 && accent.h < 285 && free < 0.45);
      return { l: 0.972 - 0.012 * free, c: 0.008 + 0.008 * free, h: cool ? (accent.c > 0.05 ? accent.h : 240) : 84 };
    },
    fit: (mood) => 0.72 + 0.12 * mood.warm,
  },
  {
    id: 'white',
    worn: false,
    light: true,
    takes: null,
    name: 'White',
    say: 'plain white, so that the goods bring the colour',
    ground: () => ({ l: 1, c: 0, h: 90 }),
    fit: (mood) => 0.6 + 0.2 * mood.exact - 0.2 * mood.warm - 0.12 * mood.ornate,
  },
  {
    id: 'tinted',
    worn: true,
    light: true,
    takes: 'pale',
    name: 'Tinted',
    say: 'the accent, thinned until it is a ground',
    ground: (accent, mood, free) => ({
      l: 0.935 - 0.02 * free,
      // A light, strong colour such as yellow has to be thinned less to be seen.
      c: between(0.018, 0.04, 0.4 + 0.5 * mood.loud + 0.2 * free) * (accent.c < 0.03 ? 0.4 : isBright(accent) ? 1.9 : 1),
      h: accent.h,
    }),
    fit: (mood) => 0.58 + 0.15 * mood.warm + 0.1 * mood.ornate,
  },
  {
    id: 'field',
    worn: true,
    light: true,
    takes: null,
    drowns: true,
    name: 'Field of colour',
    say: 'a full, light colour from edge to edge',
    ground: (accent, mood, free) => ({
      l: 0.865 - 0.03 * free,
      c: between(0.06, 0.1, 0.5 + 0.5 * mood.loud) * (accent.c < 0.03 ? 0.3 : 1),
      h: accent.c < 0.03 ? 95 : accent.h + (accent.l > 0.72 ? 0 : free < 0.5 ? 0 : 28),
    }),
    fit: (mood) => 0.4 + 0.45 * mood.loud + 0.1 * mood.warm - 0.15 * mood.exact,
  },
  {
    id: 'night',
    worn: false,
    light: false,
    takes: 'dark',
    name: 'Night',
    say: 'a deep ground from which the goods shine',
    ground: (accent, mood, free) => ({
      l: 0.19 + 0.05 * free,
      c: accent.c < 0.03 ? 0.008 : 0.026,
      h: accent.h + (mood.warm > 0.2 ? 20 : 0),
    }),
    fit: (mood) => 0.42 + 0.3 * mood.ornate - 0.3 * mood.warm + 0.12 * mood.loud,
  },
  {
    id: 'flood',
    worn: true,
    light: false,
    takes: 'strong',
    name: 'Flooded',
    say: 'the second colour is the ground',
    ground: (accent, mood, free) => ({
      l: accent.l > 0.6 ? 0.36 : 0.8 - 0.05 * free,
      c: Math.min(0.12, 0.07 + 0.04 * Math.max(0, mood.loud)),
      h: accent.h + 150 + free * 50,
    }),
    fit: (mood) => 0.28 + 0.5 * mood.loud - 0.1 * mood.exact,
  },
];

/** Whether a colour is a ground by itself: white, cream, ivory. */
export const isPale = ({ l, c }: Pick<Lch, 'l' | 'c'>): boolean => l > 0.9 || (l > 0.86 && c < 0.06);

/** How well a scheme fits a mood, and the colours that were asked for. */
export const schemeFit = (scheme: Scheme, { mood, bright, pale }: Pick<Occasion, 'mood' | 'bright' | 'pale'>): number =>
  scheme.fit(mood) + (bright && scheme.worn ? 0.3 : 0) - (pale && scheme.takes !== 'pale' ? 0.25 : 0);

export const schemeById = (id: string): Scheme | undefined => schemes.find((scheme) => scheme.id === id);

/** How hues stand to one another on the wheel, in degrees from the accent (the harmonies of the trade; common practice). */
export const harmonies = [
  { id: 'single', name: 'One hue', say: 'light and dark of one colour', turn: 0 },
  { id: 'neighbours', name: 'Neighbours', say: 'two that lie side by side', turn: 38 },
  { id: 'triad', name: 'A third apart', say: 'two of three that share the wheel', turn: 120 },
  { id: 'split', name: 'Beside the opposite', say: 'nearly across the wheel, a little softer', turn: 152 },
  { id: 'opposite', name: 'Opposites', say: 'straight across the wheel', turn: 180 },
] as const satisfies readonly { id: HarmonyId; name: string; say: string; turn: number }[];

export { type HarmonyId };

export const harmonyById = (id: string) => harmonies.find((harmony) => harmony.id === id);
