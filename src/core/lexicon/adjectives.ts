import { packedMoodWords } from './adjectives.generated';
import { lineOf, unpack } from './packed';
import { once } from '../once';

const lines = once(() => unpack(packedMoodWords).split('\n'));

/** The listed words of mood that an adjective means nearly the same as, and how nearly; none for one that is listed itself. */
export function moodWordsLike(adjective: string): { word: string; weight: number }[] {
  const line = lineOf(lines(), adjective.toLowerCase());
  if (!line) return [];
  return line.split(';').map((entry) => {
    const [word = '', weight] = entry.split(',');
    return { word, weight: Number(weight) };
  });
}
