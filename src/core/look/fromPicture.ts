import { clear, lookPlaces, set, type Wish } from '../places';
import { type PictureStyle } from '../pictures/style';
import { type Part, type SchemeId, type Treatment } from './about';
import { lchOf } from './colour';
import { isLike } from './palette';
import { schemes } from './schemes';

/** One thing that a look takes from a picture: which part of the look it is, what it is, in words, and what it changes. */
export interface Taking {
  part: Part;
  says: string;
  /** Colours that are shown beside it. */
  colours?: readonly string[];
  wishes: Wish[];
}

/** Lightness and chroma of OKLCH from which a ground is plain white, under which it is dark, and from which it has a colour. */
const white = 0.985;
const dark = 0.42;
const tint = 0.028;
const strong = 0.09;

function schemeOf({ ground }: PictureStyle): SchemeId {
  const { l, c } = lchOf(ground);
  if (l < dark) return c > strong ? 'flood' : 'night';
  if (c > tint) return l > 0.8 ? 'tinted' : l > 0.6 ? 'field' : 'flood';
  return l > white ? 'white' : 'paper';
}

/** A ground of middling lightness leaves too little for words: there the scheme finds its own. */
const isGround = (hex: string): boolean => lchOf(hex).l < dark || lchOf(hex).l > 0.8;

const { accent, second, third, ground: ownGround } = lookPlaces.picked;
const percent = (share: number) => `${Math.round(share * 100)} %`;

/** Steps by a measure: the first whose limit it is under. */
const stepOf = <T>(steps: readonly (readonly [under: number, value: T, says: string])[], measure: number) =>
  steps.find(([under]) => measure < under) ?? steps[steps.length - 1];

/** Room between things by the share of points at an edge (common practice: crowded prints have little, posters much). */
const rooms = [
  [0.04, 1.5, 'Wide'],
  [0.1, 1.25, 'Airy'],
  [0.22, 1, 'As usual'],
  [Infinity, 0.8, 'Tight'],
] as const;
/** Corners, px, by the share of edges that run straight: in a circle it is a fifth. */
const corners = [
  [0.3, 16, 'Soft'],
  [0.55, 6, 'Eased'],
  [Infinity, 0, 'Sharp'],
] as const;
/** Lines, px, by the share that stands out strongly. */
const rules = [
  [0.12, 1, 'Thin'],
  [0.35, 2, 'Strong'],
  [Infinity, 3, 'Heavy'],
] as const;
const softContrast = 0.35;

/**
 * What a look would take from a picture that the seller likes. It takes no drawing, no letters and no words of it.
 * @param avoided colours that the brief refuses: they are not taken
 */
export function takingsFrom(style: PictureStyle, avoided: readonly string[] = []): Taking[] {
  const colours = style.colours.filter((hex) => !isLike(lchOf(hex), avoided)).slice(0, 8);
  const without = style.colours.length > colours.length ? ' but not those that your brief refuses' : '';
  const { groundShare, contrast, density, upright, weight } = style;
  const scheme = schemeOf(style);
  const ground = schemes.find(({ id }) => id === scheme);
  const takesGround = isGround(style.ground) && !isLike(lchOf(style.ground), avoided);
  const room = stepOf(rooms, density);
  const corner = upright === null ? undefined : stepOf(corners, upright);
  const rule = stepOf(rules, weight);
  const treatment: Treatment = contrast < softContrast ? 'settled' : 'plain';
  const takings: (Taking | null)[] = [
    colours.length
      ? {
          part: 'palette',
          says: `Colours${without}:`,
          colours,
          wishes: [
            set(lookPlaces.givenColours, colours),
            set(lookPlaces.mix, 0),
            ...[accent, second, third].map((place) => clear(place)),
          ],
        }
      : null,
    {
      part: 'palette',
      says: `Ground: ${ground?.name ?? scheme}, as ${percent(groundShare)} of the picture is ${style.ground}.`,
      wishes: [set(lookPlaces.scheme, scheme), takesGround ? set(ownGround, style.ground) : clear(ownGround)],
    },
    room
      ? {
          part: 'shape',
          says: `Room: ${room[2].toLowerCase()}, as ${percent(density)} of it is edges.`,
          wishes: [set(lookPlaces.room, room[1])],
        }
      : null,
    corner && upright !== null
      ? {
          part: 'shape',
          says: `Corners: ${corner[2].toLowerCase()}, as ${percent(upright)} of its edges run straight.`,
          wishes: [set(lookPlaces.corner, corner[1])],
        }
      : null,
    rule
      ? {
          part: 'shape',
          says: `Lines: ${rule[2].toLowerCase()}, as ${percent(weight)} of it stands out strongly.`,
          wishes: [set(lookPlaces.rule, rule[1])],
        }
      : null,
    {
      part: 'shape',
      says: `Pictures: ${treatment === 'settled' ? 'settled' : 'as they are'}, as its contrast is ${contrast < softContrast ? 'soft' : 'full'}.`,
      wishes: [set(lookPlaces.treatment, treatment)],
    },
  ];
  return takings.filter((taking) => taking !== null);
}
