import archivoNarrow from '@capsizecss/metrics/archivoNarrow';
import arial from '@capsizecss/metrics/arial';
import bigShoulders from '@capsizecss/metrics/bigShoulders';
import bricolage from '@capsizecss/metrics/bricolageGrotesque';
import gabarito from '@capsizecss/metrics/gabarito';
import literata from '@capsizecss/metrics/literata';
import newsreader from '@capsizecss/metrics/newsreader';
import sourceSans from '@capsizecss/metrics/sourceSans3';
import timesNewRoman from '@capsizecss/metrics/timesNewRoman';
import workSans from '@capsizecss/metrics/workSans';
import youngSerif from '@capsizecss/metrics/youngSerif';

interface Metrics {
  ascent: number;
  descent: number;
  lineGap: number;
  unitsPerEm: number;
  xWidthAvg: number;
  xHeight: number;
}

/** A typeface that ships with Arcatum. */
export interface Face {
  id: string;
  /** Its name in styles. */
  name: string;
  /** File under fonts/. */
  file: string;
  /** Package whose licence travels with the file. */
  from: string;
  /** Weights that the file holds: a range, or one. */
  weight: string;
  kind: 'serif' | 'sans';
  roles: readonly ('heading' | 'text')[];
  /** In a few words, for a seller. */
  character: string;
  metrics: Metrics;
}

export const faces: readonly Face[] = [
  {
    id: 'newsreader',
    name: 'Newsreader',
    file: 'newsreader.woff2',
    from: '@fontsource-variable/newsreader',
    weight: '200 800',
    kind: 'serif',
    roles: ['heading', 'text'],
    character: 'bookish, even, at ease',
    metrics: newsreader,
  },
  {
    id: 'young-serif',
    name: 'Young Serif',
    file: 'young-serif.woff2',
    from: '@fontsource/young-serif',
    weight: '400',
    kind: 'serif',
    roles: ['heading'],
    character: 'sturdy, warm, a little old',
    metrics: youngSerif,
  },
  {
    id: 'bricolage-grotesque',
    name: 'Bricolage Grotesque',
    file: 'bricolage-grotesque.woff2',
    from: '@fontsource-variable/bricolage-grotesque',
    weight: '200 800',
    kind: 'sans',
    roles: ['heading', 'text'],
    character: 'lively, handmade, odd joints',
    metrics: bricolage,
  },
  {
    id: 'big-shoulders',
    name: 'Big Shoulders Display',
    file: 'big-shoulders.woff2',
    from: '@fontsource-variable/big-shoulders-display',
    weight: '100 900',
    kind: 'sans',
    roles: ['heading'],
    character: 'tall, loud, narrow',
    metrics: bigShoulders,
  },
  {
    id: 'archivo-narrow',
    name: 'Archivo Narrow',
    file: 'archivo-narrow.woff2',
    from: '@fontsource-variable/archivo-narrow',
    weight: '400 700',
    kind: 'sans',
    roles: ['heading', 'text'],
    character: 'plain, exact, saves room',
    metrics: archivoNarrow,
  },
  {
    id: 'gabarito',
    name: 'Gabarito',
    file: 'gabarito.woff2',
    from: '@fontsource-variable/gabarito',
    weight: '400 900',
    kind: 'sans',
    roles: ['heading', 'text'],
    character: 'round, friendly, young',
    metrics: gabarito,
  },
  {
    id: 'literata',
    name: 'Literata',
    file: 'literata.woff2',
    from: '@fontsource-variable/literata',
    weight: '200 900',
    kind: 'serif',
    roles: ['heading', 'text'],
    character: 'calm, for long reading',
    metrics: literata,
  },
  {
    id: 'source-sans',
    name: 'Source Sans 3',
    file: 'source-sans.woff2',
    from: '@fontsource-variable/source-sans-3',
    weight: '200 900',
    kind: 'sans',
    roles: ['text', 'heading'],
    character: 'clear, quiet, open',
    metrics: sourceSans,
  },
  {
    id: 'work-sans',
    name: 'Work Sans',
    file: 'work-sans.woff2',
    from: '@fontsource-variable/work-sans',
    weight: '100 900',
    kind: 'sans',
    roles: ['text', 'heading'],
    character: 'wide, steady, practical',
    metrics: workSans,
  },
];

export const faceById = (id: string): Face | undefined => faces.find((face) => face.id === id);

/** Mean width of a character of running text, in em. */
export const advance = ({ metrics }: Face): number => metrics.xWidthAvg / metrics.unitsPerEm;

/**
 * A system face brought to the measures of a web face, so that nothing jumps when that arrives
 * (CSS Fonts Module Level 5, font metrics overrides).
 */
export function fallbackOf(face: Face): {
  name: string;
  local: string;
  sizeAdjust: number;
  ascent: number;
  descent: number;
  lineGap: number;
} {
  const base: Metrics = face.kind === 'serif' ? timesNewRoman : arial;
  const sizeAdjust = advance(face) / (base.xWidthAvg / base.unitsPerEm);
  const of = (units: number) => Math.abs(units) / face.metrics.unitsPerEm / sizeAdjust;
  return {
    name: `${face.name} stand-in`,
    local: face.kind === 'serif' ? 'Times New Roman' : 'Arial',
    sizeAdjust,
    ascent: of(face.metrics.ascent),
    descent: of(face.metrics.descent),
    lineGap: of(face.metrics.lineGap),
  };
}
