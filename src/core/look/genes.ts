import { z } from 'zod';
import { type Decided, type DecisionValue } from '../project';
import { faceDistance } from './pairs';
import { faceById } from './faces';
import { familyById, familyDistance, type Treatment } from './families';
import { paletteDistance, type Palette } from './palette';
import { type HarmonyId } from './schemes';

/** All that a look is chosen by. Every one of them is a decision that the seller can make alone. */
export interface Genes {
  family: string;
  scheme: string;
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
  motion: 'none' | 'gentle';
  /** The kind of made pictures. */
  art: string;
}

/** Parts of a look that a seller can keep while the rest changes, and the genes in each. */
export const parts = {
  family: ['family'],
  palette: ['scheme', 'harmony', 'mix'],
  type: ['heading', 'text'],
  shape: ['corner', 'rule', 'room', 'treatment', 'motion'],
  pictures: ['art'],
} as const satisfies Record<string, readonly (keyof Genes)[]>;

export type Part = keyof typeof parts;

/** Decisions of the seller that belong to a part, beside its genes. */
export const partPlaces: Record<Part, readonly string[]> = {
  family: ['look/family'],
  palette: ['look/scheme', 'look/harmony', 'look/mix', 'look/accent', 'look/second', 'look/third', 'look/ground', 'look/colours'],
  type: ['look/heading', 'look/text'],
  shape: ['look/corner', 'look/rule', 'look/room', 'look/treatment', 'look/motion'],
  pictures: ['look/art'],
};

export const treatments: readonly { id: Treatment; name: string; say: string }[] = [
  { id: 'plain', name: 'As they are', say: 'edge to edge' },
  { id: 'framed', name: 'Framed', say: 'a line and a margin round each' },
  { id: 'settled', name: 'Settled', say: 'white backgrounds sink into the ground' },
  { id: 'one-ink', name: 'One ink', say: 'printed in the colour of the text, in full colour when pointed at' },
];

const schemas: { [K in keyof Genes]: z.ZodType<Genes[K]> } = {
  family: z.string(),
  scheme: z.string(),
  harmony: z.enum(['single', 'neighbours', 'triad', 'split', 'opposite']).nullable(),
  mix: z.number(),
  heading: z.string(),
  text: z.string(),
  corner: z.number(),
  rule: z.number(),
  room: z.number(),
  treatment: z.enum(['plain', 'framed', 'settled', 'one-ink']),
  motion: z.enum(['none', 'gentle']),
  art: z.string(),
};

/** One gene as it was decided; undefined where nobody has. */
export const decidedGene = <K extends keyof Genes>(decided: Decided, gene: K): Genes[K] | undefined =>
  decided.at(`look/${gene}`, schemas[gene]);

/** Genes as the decisions that bring them about. */
export function geneDecisions(genes: Partial<Genes>): Record<string, DecisionValue> {
  return Object.fromEntries(Object.entries(genes).map(([gene, value]) => [`look/${gene}`, value]));
}

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
