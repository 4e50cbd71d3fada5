import arial from '@capsizecss/metrics/arial';
import courierNew from '@capsizecss/metrics/courierNew';
import timesNewRoman from '@capsizecss/metrics/timesNewRoman';
import { type Mood } from '../brief';
import list from './faces.json';
import { measured } from './faces.generated';
import { type Measures } from './measures';

export type FaceKind = 'serif' | 'slab' | 'sans' | 'mono' | 'display' | 'hand';

/** A typeface that ships with Arcatum: what it is for, how it feels, and what was measured of it. */
export interface Face {
  id: string;
  /** Its name in styles. */
  name: string;
  kind: FaceKind;
  roles: readonly ('heading' | 'text')[];
  /** How it feels, in a few words. */
  moods: readonly string[];
  mood: Mood;
  /** Weights in which headings and strong words are set. */
  heading: number;
  strong: number;
  measures: Measures;
}

export const faces: readonly Face[] = list.flatMap((entry): Face[] => {
  const measures = measured[entry.id];
  if (!measures) return [];
  const { id, name, kind, roles, moods, mood, heading, strong } = entry;
  return [
    { id, name, kind: kind as FaceKind, roles: roles as Face['roles'], moods, mood: mood as Mood, heading, strong, measures },
  ];
});

export const faceById = (id: string): Face | undefined => faces.find((face) => face.id === id);

/** Mean width of a character of running text, in em. */
export const advance = (face: Face): number => face.measures.advance;

/** How wide a text runs in a face at its heading weight, in em. Characters that were not measured count as a mean one. */
export function runLength(face: Face, text: string, caps = false): number {
  const { widths, headAdvance, capsAdvance } = face.measures;
  let sum = 0;
  for (const character of caps ? text.toUpperCase() : text) sum += widths[character] ?? (caps ? capsAdvance : headAdvance);
  return sum;
}

const hasSerifs = (face: Face): boolean => face.kind === 'serif' || face.kind === 'slab';

/** The generic family of CSS that stands in last. */
export const genericOf = (face: Face): string => (hasSerifs(face) ? 'serif' : face.kind === 'mono' ? 'monospace' : 'sans-serif');

const standIns = {
  serif: { metrics: timesNewRoman, names: ['Times New Roman', 'Liberation Serif'] },
  sans: { metrics: arial, names: ['Arial', 'Liberation Sans'] },
  mono: { metrics: courierNew, names: ['Courier New', 'Liberation Mono'] },
} as const;

export interface StandIn {
  name: string;
  local: readonly string[];
  sizeAdjust: number;
  ascent: number;
  descent: number;
  lineGap: number;
}

/**
 * A system face brought to the measures of a web face, so that nothing jumps when that arrives
 * (CSS Fonts Module Level 5, font metrics overrides).
 */
export function standInFor(face: Face, role: 'heading' | 'text'): StandIn {
  const base = standIns[hasSerifs(face) ? 'serif' : face.kind === 'mono' ? 'mono' : 'sans'];
  const { measures } = face;
  const width = role === 'heading' ? measures.headAdvance : measures.advance;
  const sizeAdjust = width / (base.metrics.xWidthAvg / base.metrics.unitsPerEm);
  return {
    name: `${face.name} stand-in ${role}`,
    local: base.names,
    sizeAdjust,
    ascent: measures.ascent / sizeAdjust,
    descent: measures.descent / sizeAdjust,
    lineGap: measures.lineGap / sizeAdjust,
  };
}

/** The parts of a face that a text needs: the Latin part always, others where one of their characters occurs. */
export function subsetsFor(face: Face, characters: ReadonlySet<number>): Measures['subsets'] {
  return face.measures.subsets.filter(({ subset, range }) => subset === 'latin' || covers(range, characters));
}

function covers(range: string, characters: ReadonlySet<number>): boolean {
  const spans = range.split(',').map((span) => {
    const [from = '', to] = span.replace('U+', '').split('-');
    return [parseInt(from, 16), parseInt(to ?? from, 16)] as const;
  });
  for (const character of characters)
    if (character > 255 && spans.some(([from, to]) => character >= from && character <= to)) return true;
  return false;
}
