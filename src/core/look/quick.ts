import { type Decided, type Wish } from '../places';
import { geneWishes } from './genes';
import { givesGround, occasionOf, paletteFor, type Look, type LookSource } from './look';
import { paletteDistance, standsOut, type Palette } from './palette';
import { suggestPairs, type Pair } from './pairs';
import { lchOf } from './colour';
import { harmonies, isPale, schemeFit, schemes } from './schemes';

/** A palette to take at once, and the wishes that bring it about. */
export interface QuickPalette {
  palette: Palette;
  name: string;
  wishes: readonly Wish[];
}

/** Palettes that suit the brief, no two alike, best first. Colours that were asked for are in them. */
export function quickPalettes(source: LookSource, decided: Decided, look: Look, count: number): QuickPalette[] {
  const occasion = occasionOf(source);
  // A harmony turns the second colour, so it is only free where no second one was asked for.
  const free = look.asked.filter((colour) => !isPale(lchOf(colour.hex))).length < 2;
  const found: QuickPalette[] = [];
  const mixed = new Map<string, Palette>();
  const given = (id: string) => Number(givesGround(id, occasion.ground));
  const ranked = [...schemes].sort((a, b) => given(b.id) - given(a.id) || schemeFit(b, occasion) - schemeFit(a, occasion));
  const turns = [null, ...harmonies];
  // First what keeps all that was asked for, the unlike before the like; where two colours leave too little room, what keeps the first.
  const rounds = [
    ...[14, 9, 5, 2.5].map((least) => ({ least, turns: free ? turns : [null] })),
    ...[5, 2.5, 1].map((least) => ({ least, turns })),
  ];
  // A few mixtures of each scheme and harmony are more than are needed; what looks like one before it is passed over.
  for (const { least, turns } of rounds) {
    // Each harmony is a mixture of its own, so fewer of each do.
    for (let mix = 0; mix < (turns.length > 1 ? 5 : 12); mix++)
      for (const scheme of ranked)
        for (const harmony of turns) {
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
            wishes: geneWishes(genes),
          });
        }
  }
  return found;
}

/** Pairs of faces that suit the brief. */
export const quickPairs = (look: Look, count: number): Pair[] => suggestPairs(look.mood, count);
