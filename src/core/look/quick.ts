import { type Decided } from '../project';
import { geneDecisions } from './genes';
import { givesGround, occasionOf, paletteFor, type Look, type LookSource } from './look';
import { paletteDistance, standsOut, type Palette } from './palette';
import { suggestPairs, type Pair } from './pairs';
import { harmonies, schemes } from './schemes';
import { type DecisionValue } from '../project';

/** A palette to take at once, and the decisions that bring it about. */
export interface QuickPalette {
  palette: Palette;
  name: string;
  decisions: Record<string, DecisionValue>;
}

/** Palettes that suit the brief, no two alike, best first. Colours that were asked for are in all of them. */
export function quickPalettes(source: LookSource, decided: Decided, look: Look, count: number): QuickPalette[] {
  const { mood, ground } = occasionOf(source);
  const free = look.asked.filter((colour) => colour.hex !== '#ffffff').length < 2;
  const found: QuickPalette[] = [];
  const mixed = new Map<string, Palette>();
  const given = (id: string) => Number(givesGround(id, ground));
  const ranked = [...schemes].sort((a, b) => given(b.id) - given(a.id) || b.fit(mood) - a.fit(mood));
  // A few mixtures of each scheme and harmony are more than are needed; what looks like one before it is passed over.
  for (const least of [14, 9, 5, 2.5, 1]) {
    for (let mix = 0; mix < 12; mix++)
      for (const scheme of ranked)
        for (const harmony of free ? [null, ...harmonies] : [null]) {
          if (found.length >= count) return found;
          const genes = { scheme: scheme.id, harmony: harmony?.id ?? null, mix };
          const key = JSON.stringify(genes);
          const palette = mixed.get(key) ?? paletteFor(source, decided, genes);
          mixed.set(key, palette);
          if (!standsOut(palette)) continue;
          if (found.some((known) => paletteDistance(known.palette, palette) < least)) continue;
          found.push({
            palette,
            name: harmony ? `${scheme.name}, ${harmony.name.toLowerCase()}` : scheme.name,
            decisions: geneDecisions(genes),
          });
        }
  }
  return found;
}

/** Pairs of faces that suit the brief. */
export const quickPairs = (look: Look, count: number): Pair[] => suggestPairs(look.mood, count);
