import { type Family } from './family';

export const almanac: Family = {
  id: 'almanac',
  name: 'Almanac',
  character: 'There is a time for everything: chapters with large numerals, index tabs at the side.',
  mood: { loud: 0, warm: 0.7, exact: 0.2, ornate: 0.5 },
  suits: 'garden plant seed animal pet bee honey vegetable food course herb tea flower fruit season dye yarn',
  goods: { from: 4, to: 200 },
  headings: ['vollkorn', 'rokkitt', 'alegreya', 'young-serif', 'bitter'],
  texts: ['alegreya', 'vollkorn', 'cabin', 'bitter', 'literata'],
  ratio: 1.3,
  caps: false,
  schemes: ['tinted', 'paper', 'field'],
  shape: { corner: 0, rule: 2, room: 1.1, treatment: 'framed', motion: 'none' },
  card: { about: true },
  art: 'landscape',
  arrangements: { steps: 'ladder', categories: 'pictures', why: 'stacked', questions: 'open' },
  leads: ['categories', 'steps'],
  structure: { columns: 0.4, density: 0.5, pictures: 0.5, ruled: 0.5, symmetry: 0.3, contrast: 0.85, edges: 0.5, rhythm: 0.5, fields: 0.5 },
};
