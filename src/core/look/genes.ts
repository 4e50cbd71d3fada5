import { clear, lookPlaces, set, type Decided, type Place, type Value, type Wish } from '../places';
import { type ArtId } from '../pictures/about';
import { partIds, type FamilyId, type HarmonyId, type Motion, type Part, type SchemeId, type Treatment } from './about';
import { faceDistance } from './pairs';
import { faceById } from './faces';
import { familyById, familyDistance } from './families';
import { paletteDistance, type Palette } from './palette';

const { genePlaces } = lookPlaces;

/** All that a look is chosen by. Every one of them is a decision that the seller can make alone. */
export interface Genes {
  family: FamilyId;
  /** The family whose header stands on the pages, or whose footer; null where it is the shop's own. */
  head: FamilyId | null;
  foot: FamilyId | null;
  scheme: SchemeId;
  /** How the second hue stands to the first; null leaves it to the brief and the seed. */
  harmony: HarmonyId | null;
  /** Which of the mixtures of the same wishes. */
  mix: number;
  heading: string;
  text: string;
  corner: number;
  rule: number;
  room: number;
  treatment: Treatment;
  motion: Motion;
  /** The kind of made pictures. */
  art: ArtId;
}

/** Parts of a look that a seller can keep while the rest changes, and the genes in each. */
export const parts = {
  family: ['family'],
  head: ['head'],
  foot: ['foot'],
  palette: ['scheme', 'harmony', 'mix'],
  type: ['heading', 'text'],
  shape: ['corner', 'rule', 'room', 'treatment', 'motion'],
  pictures: ['art'],
} as const satisfies Record<Part, readonly (keyof Genes)[]>;

/** A gene as it is seen: a header that is the family's own is that family's, wherever it is taken to. */
export const seenGene = <Gene extends keyof Genes>(genes: Genes, gene: Gene): Genes[Gene] =>
  gene === 'head' || gene === 'foot' ? ((genes[gene] ?? genes.family) as Genes[Gene]) : genes[gene];

/** A look of which each part is that of another. */
export function mixOf(from: Readonly<Record<Part, Genes>>): Genes {
  const mixed = { ...from.family };
  for (const part of partIds) for (const gene of parts[part]) Object.assign(mixed, { [gene]: seenGene(from[part], gene) });
  for (const gene of ['head', 'foot'] as const) if (mixed[gene] === mixed.family) mixed[gene] = null;
  return mixed;
}

/** Places of the seller's that belong to a part: its genes, and for the palette the colours that were picked or given. */
export const partPlaces: Record<Part, readonly Place[]> = {
  family: [genePlaces.family],
  head: [genePlaces.head],
  foot: [genePlaces.foot],
  palette: [genePlaces.scheme, genePlaces.harmony, genePlaces.mix, ...Object.values(lookPlaces.picked), lookPlaces.givenColours],
  type: [genePlaces.heading, genePlaces.text],
  shape: [genePlaces.corner, genePlaces.rule, genePlaces.room, genePlaces.treatment, genePlaces.motion],
  pictures: [genePlaces.art],
};

export const treatments: readonly { id: Treatment; name: string; say: string }[] = [
  { id: 'plain', name: 'As they are', say: 'edge to edge' },
  { id: 'framed', name: 'Framed', say: 'a line and a margin round each' },
  { id: 'settled', name: 'Settled', say: 'white backgrounds sink into the ground' },
  { id: 'one-ink', name: 'One ink', say: 'printed in the colour of the text, in full colour when pointed at' },
];

/** The genes that the seller has decided. */
export function decidedGenes(decided: Decided): Partial<Genes> {
  return Object.fromEntries(
    Object.entries(genePlaces).flatMap(([gene, place]) => {
      const value = decided.get<Value>(place);
      return value === undefined ? [] : [[gene, value]];
    }),
  );
}

/** Genes as the wishes that bring them about. */
export function geneWishes(genes: Partial<Genes>): Wish[] {
  return Object.entries(genePlaces).flatMap(([gene, place]) => {
    const value = genes[gene as keyof Genes];
    return value === undefined ? [] : [set<Value>(place, value)];
  });
}

/** Takes back all that was decided of a part. */
export const withoutPart = (part: Part): Wish[] => partPlaces[part].map(clear);

/**
 * The style space: how far two looks are apart, 0–1. Half of it is structure (what the families are made of), a fifth type (kind,
 * contrast, width and weight as measured), a fifth colour (CIEDE2000 of ground, accent and second), a tenth shape.
 */
export function styleDistance(a: { genes: Genes; palette: Palette }, b: { genes: Genes; palette: Palette }): number {
  const [fa, fb] = [familyById(a.genes.family), familyById(b.genes.family)];
  const structure = fa && fb ? Math.min(1, familyDistance(fa, fb) / 0.55) : 0;
  const faces = (one: string, other: string) => {
    const [x, y] = [faceById(one), faceById(other)];
    return x && y ? faceDistance(x, y) : 0;
  };
  const type = Math.min(1, 1.1 * (0.7 * faces(a.genes.heading, b.genes.heading) + 0.3 * faces(a.genes.text, b.genes.text)));
  const colour = Math.min(1, paletteDistance(a.palette, b.palette) / 45);
  const corner = Math.abs(Math.log2(1 + a.genes.corner) - Math.log2(1 + b.genes.corner)) / Math.log2(100);
  const shape =
    (corner +
      Math.abs(a.genes.rule - b.genes.rule) / 3 +
      Math.abs(a.genes.room - b.genes.room) / 0.6 +
      Number(a.genes.treatment !== b.genes.treatment)) /
    4;
  return 0.5 * structure + 0.2 * type + 0.2 * colour + 0.1 * Math.min(1, shape);
}
