import { type Mood } from '../brief';

/** A way of arranging a shop, to be told from the others with the colours off. How it is drawn is in storefront/families. */
export interface Family {
  id: string;
  name: string;
  /** What it is like, for a seller. */
  character: string;
  mood: Mood;
  /** Faces that suit it, best first. */
  headings: readonly string[];
  texts: readonly string[];
  /** Ratio of its type scale. */
  ratio: number;
  ground: { lightness: number; tint: number };
  /** Structure on a scale of 0–1, for how far apart two families are. */
  structure: { columns: number; density: number; pictureFirst: number; ruled: number; symmetry: number; contrast: number };
}

export const families: readonly Family[] = [
  {
    id: 'ledger',
    name: 'Ledger',
    character: 'Everything entered and ruled: lines, numbers, prices in a column.',
    mood: { loud: -0.3, warm: 0, exact: 0.9, ornate: -0.3 },
    headings: ['newsreader', 'archivo-narrow'],
    texts: ['source-sans', 'literata'],
    ratio: 1.3,
    ground: { lightness: 0.972, tint: 0.012 },
    structure: { columns: 0.9, density: 0.9, pictureFirst: 0.2, ruled: 1, symmetry: 0.4, contrast: 0.3 },
  },
  {
    id: 'poster',
    name: 'Poster',
    character: 'The words are the picture: lettering from edge to edge, flat colour, hard corners.',
    mood: { loud: 0.9, warm: 0.2, exact: 0, ornate: 0 },
    headings: ['big-shoulders', 'bricolage-grotesque', 'gabarito'],
    texts: ['work-sans', 'archivo-narrow'],
    ratio: 1.42,
    ground: { lightness: 0.965, tint: 0.02 },
    structure: { columns: 0.5, density: 0.5, pictureFirst: 0.4, ruled: 0.2, symmetry: 0.1, contrast: 1 },
  },
  {
    id: 'quiet',
    name: 'Quiet room',
    character: 'One thing at a time: a narrow column off the middle, wide silence, small type.',
    mood: { loud: -0.8, warm: 0.3, exact: 0, ornate: 0.1 },
    headings: ['literata', 'young-serif', 'newsreader'],
    texts: ['literata', 'source-sans'],
    ratio: 1.27,
    ground: { lightness: 0.968, tint: 0.014 },
    structure: { columns: 0.1, density: 0.1, pictureFirst: 0.9, ruled: 0, symmetry: 0.2, contrast: 0.4 },
  },
];

export const familyById = (id: string): Family | undefined => families.find((family) => family.id === id);

/** How far two families are apart, 0–1: the mean difference of their structures. */
export function familyDistance(a: Family, b: Family): number {
  const keys = Object.keys(a.structure) as (keyof Family['structure'])[];
  return keys.reduce((sum, key) => sum + Math.abs(a.structure[key] - b.structure[key]), 0) / keys.length;
}

/** Families from the one that fits a mood best to the one that fits it least. */
export function familiesFor(mood: Mood): Family[] {
  const distance = (family: Family) =>
    (Object.keys(mood) as (keyof Mood)[]).reduce((sum, axis) => sum + (family.mood[axis] - mood[axis]) ** 2, 0);
  return [...families].sort((a, b) => distance(a) - distance(b));
}
