import { type Mood } from '../brief';

const axes = ['loud', 'warm', 'exact', 'ornate'] as const;

/** How far two moods are apart: 0 to 2, the mean over the axes of each weighted alike. */
export const moodDistance = (a: Mood, b: Mood): number =>
  Math.sqrt(axes.reduce((sum, axis) => sum + (a[axis] - b[axis]) ** 2, 0) / axes.length);
