import { chance } from '../chance';
import { artIds } from '../pictures/about';
import { type Decided, type Wish } from '../places';
import { type Part } from './about';
import { families, familiesFor, familyById, familyFit, type Family } from './families';
import { geneWishes, parts, seenGene, styleDistance, type Genes } from './genes';
import { drawable, fittingGenes, givesGround, makeLook, occasionOf, paletteFor, type LookSource } from './look';
import { faceById } from './faces';
import { scorePair } from './pairs';
import { standsOut, type Palette } from './palette';
import { schemeById, schemeFit, schemes, type Scheme } from './schemes';

/** A whole look to choose: its genes, and the wishes that bring it about. */
export interface Candidate {
  genes: Genes;
  palette: Palette;
  /** How well it fits the brief, 0–1. */
  fit: number;
  wishes: readonly Wish[];
}

/** How looks are searched: the source, what is kept, and which turn it is. */
export interface Search {
  source: LookSource;
  decided: Decided;
  locks: readonly Part[];
  /** Genes that are kept by themselves. */
  genes?: readonly (keyof Genes)[];
  turn: number;
}

/** So many of the families that fit best are offered at first, however far the others are; starting again goes beyond them. */
const offered = 7;
/** Least fit that a candidate may have, beneath that of the best. */
const slack = 0.3;
/** How much being unlike the others weighs against fitting the brief. */
const farness = 0.68;
/** Nearer than this, two looks are one. */
const sameLook = 0.02;
/** From this style distance on, two looks are taken for those of two shops (found by looking). */
const farApart = 0.5;

/** Genes with what is kept of another look in their place. */
function keeping(genes: Genes, locked: Genes, { locks, genes: single = [] }: Pick<Search, 'locks' | 'genes'>): Genes {
  const kept = { ...genes };
  for (const gene of [...locks.flatMap((part): readonly (keyof Genes)[] => parts[part]), ...single])
    Object.assign(kept, { [gene]: seenGene(locked, gene) });
  return kept;
}

class Pool {
  private readonly palettes = new Map<string, Palette>();
  private readonly occasion;
  constructor(private readonly search: Search) {
    this.occasion = occasionOf(search.source);
  }

  palette(genes: Genes): Palette {
    const { scheme, harmony, mix } = genes;
    const key = `${scheme} ${harmony} ${mix}`;
    const known = this.palettes.get(key);
    if (known) return known;
    const made = paletteFor(this.search.source, this.search.decided, genes);
    this.palettes.set(key, made);
    return made;
  }

  fit(genes: Genes, family: Family): number {
    const [heading, text] = [faceById(genes.heading), faceById(genes.text)];
    const scheme = schemeById(genes.scheme);
    const pair = heading && text ? scorePair(heading, text, this.occasion.mood).score : 0;
    return 0.7 * familyFit(family, this.occasion).fit + 0.2 * pair + 0.1 * (scheme ? schemeFit(scheme, this.occasion) : 0);
  }

  candidate(genes: Genes): Candidate | null {
    const family = familyById(genes.family);
    if (!family) return null;
    const palette = this.palette(genes);
    return { genes, palette, fit: this.fit(genes, family), wishes: geneWishes(genes) };
  }

  /** Families, each in a few of its dresses. */
  wide(locked: Genes, of: readonly Family[] = families): Candidate[] {
    const { locks, turn } = this.search;
    const found = of.flatMap((family, at) => {
      const first = fittingGenes(family, this.occasion);
      const { ground } = this.occasion;
      const dresses = [
        first.scheme,
        ...family.schemes.filter((scheme) => scheme !== first.scheme && givesGround(scheme, ground)),
      ];
      return dresses.slice(0, 3).flatMap((scheme) =>
        family.headings.slice(0, 3).flatMap((heading, i) => {
          const text = family.texts[(i + turn) % family.texts.length] ?? first.text;
          const dress = { ...first, scheme, mix: turn * 3 + (at % 3), ...(i ? { heading, text } : {}) };
          return this.candidate(keeping(dress, locked, this.search)) ?? [];
        }),
      );
    });
    return found.filter(({ genes, palette }) => standsOut(palette) && (locks.includes('palette') || this.suits(genes.scheme)));
  }

  /** Whether a scheme is near enough to what the mood and the asked-for colour call for; a night does not suit cheerful yellow. */
  private suits(id: string): boolean {
    const fits = (scheme: Scheme) => schemeFit(scheme, this.occasion);
    const scheme = schemeById(id);
    return scheme !== undefined && fits(scheme) >= Math.max(...schemes.map(fits)) - 0.42;
  }

  /** Near relatives of a look: one or two parts of it changed, the family kept. */
  near(base: Genes): Candidate[] {
    const { turn } = this.search;
    const family = familyById(base.family);
    if (!family) return [];
    const random = chance(turn * 911 + 5);
    const dresses = [base.scheme, ...family.schemes.filter((scheme) => givesGround(scheme, this.occasion.ground))];
    const headings = [base.heading, ...family.headings];
    const texts = [base.text, ...family.texts];
    const corners = [
      base.corner,
      ...[0, 3, 8, 16, 99].filter((corner) => Math.abs(Math.log2((corner + 1) / (base.corner + 1))) < 4),
    ];
    const arts = [base.art, ...artIds].map((art) => drawable(art, this.occasion));
    const pick = <T>(from: readonly T[], keep: number): T => {
      const at = random() < keep ? 0 : Math.floor(random() * from.length);
      return from[at] as T;
    };
    return Array.from({ length: 60 }, () => {
      const genes: Genes = {
        ...base,
        scheme: pick(dresses, 0.55),
        mix: base.mix + pick([0, 1, 2, 3], 0.55),
        heading: pick(headings, 0.5),
        text: pick(texts, 0.6),
        corner: pick(corners, 0.6),
        rule: pick([base.rule, 1, 2, 3], 0.7),
        room: pick([base.room, 0.9, 1, 1.15], 0.7),
        art: pick(arts, 0.5),
      };
      return this.candidate(keeping(genes, base, this.search));
    })
      .filter((candidate) => candidate !== null)
      .filter(({ palette }) => standsOut(palette));
  }
}

/**
 * Picks some that fit and are as far from each other, and from what was seen, as can be: each next one is the best of fit and distance.
 * @param weight of the distance
 * @param apart none is nearer to the others than this while there is one that is not
 */
function spread(
  from: readonly Candidate[],
  chosen: Candidate[],
  count: number,
  seen: readonly Candidate[],
  { weight = farness, apart = 0 } = {},
): Candidate[] {
  const best = Math.max(...from.map((candidate) => candidate.fit));
  const fitting = from.filter((candidate) => candidate.fit >= best - slack);
  const picked = [...chosen];
  while (picked.length < count) {
    const others = [...picked, ...seen];
    const rated = fitting
      .map((candidate) => {
        const least = others.length ? Math.min(...others.map((other) => styleDistance(candidate, other))) : 1;
        return { candidate, least, value: weight * least + (1 - weight) * candidate.fit };
      })
      .filter(({ least }) => least >= sameLook)
      .sort((a, b) => b.value - a.value);
    // Where none is as far as that, the farthest.
    const farthest = apart > 0 ? [...rated].sort((a, b) => b.least - a.least)[0] : rated[0];
    const next = rated.find(({ least }) => least >= apart) ?? farthest;
    if (!next) break;
    picked.push(next.candidate);
  }
  return picked;
}

const currentGenes = ({ source, decided }: Search): Genes => makeLook(source, decided).genes;

/** Three looks for the same brief: the one that fits best as it is made, and two that still fit and are far from it and from each other. */
export function candidates(search: Search, count = 3): Candidate[] {
  const pool = new Pool(search);
  const genes = currentGenes(search);
  const first = pool.candidate(genes);
  const fitting = familiesFor(occasionOf(search.source)).slice(0, offered);
  return spread(pool.wide(genes, fitting), first ? [first] : [], count, [], { apart: farApart });
}

/** Three near relatives of a look: the same character, other dress. They are far from each other only among their kind. */
export function vary(search: Search, count = 3): Candidate[] {
  const pool = new Pool(search);
  const genes = currentGenes(search);
  const base = pool.candidate(genes);
  if (!base) return [];
  const near = pool.near(genes).filter((candidate) => {
    const far = styleDistance(candidate, base);
    return far >= 0.03 && far <= 0.3;
  });
  return spread(near, [], count, [base], { weight: 0.8 });
}

/** Three looks far from all that were seen. */
export function startAgain(search: Search, seen: readonly Genes[], count = 3): Candidate[] {
  const pool = new Pool(search);
  const genes = currentGenes(search);
  const before = seen.map((one) => pool.candidate(one)).filter((candidate) => candidate !== null);
  const families = new Set(before.map((candidate) => candidate.genes.family));
  const all = pool.wide(genes);
  const fresh = all.filter((candidate) => !families.has(candidate.genes.family));
  return spread(fresh.length >= count ? fresh : all, [], count, before);
}
