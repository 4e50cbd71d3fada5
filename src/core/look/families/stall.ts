import { type Family } from './family';

export const stall: Family = {
  id: 'stall',
  name: 'Stall',
  character: 'Friendly noise: an awning, scalloped edges, patterned strips, prices on tickets.',
  mood: { loud: 0.6, warm: 0.85, exact: -0.5, ornate: 0.3 },
  suits: 'toy child sweet gift chocolate cake biscuit party baby game balloon candy pet dog',
  goods: { from: 3, to: 120 },
  headings: ['caprasimo', 'fredoka', 'gabarito', 'shantell-sans', 'young-serif'],
  texts: ['gabarito', 'cabin', 'shantell-sans', 'work-sans'],
  ratio: 1.32,
  caps: false,
  schemes: ['field', 'tinted', 'paper'],
  shape: { corner: 99, rule: 2, room: 1, treatment: 'plain', motion: 'gentle' },
  card: {},
  art: 'pattern',
  arrangements: { categories: 'pictures', steps: 'row', reviews: 'all', why: 'abreast' },
  leads: ['categories', 'featured'],
  structure: { columns: 0.6, density: 0.6, pictures: 0.6, ruled: 0.1, symmetry: 0.9, contrast: 0.5, edges: 1, rhythm: 0.2, fields: 0.9 },
};
