import { type Mood } from '../brief';
import { faces, type Face } from './faces';
import { moodDistance } from './mood';

/** Two faces that go together, and why. */
export interface Pair {
  heading: Face;
  text: Face;
  /** 0–1 */
  score: number;
  because: string;
}

/** Unlikeness of two faces by what was measured: contrast of strokes, width, weight, and what kind they are. 0–1. */
export function faceDistance(a: Face, b: Face): number {
  if (a.id === b.id) return 0;
  const kind = a.kind === b.kind ? 0 : serifed(a) === serifed(b) ? 0.5 : 1;
  const contrast = Math.min(1, Math.abs(Math.log(a.measures.contrast / b.measures.contrast)) / Math.log(4));
  const width = Math.min(1, Math.abs(a.measures.headAdvance - b.measures.headAdvance) / 0.2);
  const stroke = Math.min(1, Math.abs(a.measures.stroke - b.measures.stroke) / 0.08);
  return 0.4 * kind + 0.25 * contrast + 0.2 * width + 0.15 * stroke;
}

const serifed = (face: Face): boolean => face.kind === 'serif' || face.kind === 'slab';

/** What tells two faces apart most, for the reason. */
function unlikeness(heading: Face, text: Face): string {
  const [h, t] = [heading.measures, text.measures];
  const width = h.headAdvance / t.advance;
  if (width < 0.76) return `${heading.name} is narrow beside an open ${text.name}`;
  if (width > 1.3) return `${heading.name} is wide beside a calm ${text.name}`;
  if (h.contrast / t.contrast > 1.8) return `${heading.name} swells from thin to thick, ${text.name} stays even`;
  if (serifed(heading) !== serifed(text))
    return serifed(heading)
      ? `${heading.name} has feet, ${text.name} has none`
      : `${heading.name} is bare, ${text.name} has feet for long reading`;
  if (h.stroke / t.stroke > 1.3) return `${heading.name} is heavier built than ${text.name}`;
  return `${heading.name} and ${text.name} are of different making`;
}

/**
 * How well two faces stand together: one voice, or a contrast that is meant. Two that are nearly alike and not the same read as a
 * mistake (common practice; Bringhurst, The Elements of Typographic Style, 6.5).
 */
export function scorePair(heading: Face, text: Face, mood: Mood): Pair {
  const heights = Math.abs(heading.measures.xHeight - text.measures.xHeight);
  const level = 1 - Math.min(1, heights / 0.15);
  const fit = 1 - (0.7 * moodDistance(heading.mood, mood) + 0.3 * moodDistance(text.mood, mood)) / 2;
  if (heading.id === text.id)
    return {
      heading,
      text,
      score: 0.62 * fit + 0.38 * 0.72,
      because: `${text.name} speaks with one voice: ${text.moods.join(', ')}.`,
    };
  const apart = faceDistance(heading, text);
  const meant = apart >= 0.35 ? 1 : apart / 0.35;
  const because = `${unlikeness(heading, text)}${level > 0.7 ? '; their small letters are nearly as tall' : ''}. ${capital(heading.moods.join(', '))}.`;
  return { heading, text, score: 0.62 * fit + 0.38 * (0.75 * meant + 0.25 * level), because };
}

const capital = (text: string) => text.slice(0, 1).toUpperCase() + text.slice(1);

export const headingFaces: readonly Face[] = faces.filter((face) => face.roles.includes('heading'));
export const textFaces: readonly Face[] = faces.filter((face) => face.roles.includes('text'));

/** The best pairs for a mood. No heading face more than twice, so that a choice is one. */
export function suggestPairs(mood: Mood, count: number): Pair[] {
  const all = headingFaces
    .flatMap((heading) => textFaces.map((text) => scorePair(heading, text, mood)))
    .sort((a, b) => b.score - a.score);
  const seen = new Map<string, number>();
  return all
    .filter(({ heading }) => {
      const times = seen.get(heading.id) ?? 0;
      seen.set(heading.id, times + 1);
      return times < 2;
    })
    .slice(0, count);
}
