import { type Family } from './family';

export const cabinet = {
  id: 'cabinet',
  name: 'Cabinet',
  character: 'A thing in its own compartment: unequal frames, labels like in a museum.',
  mood: { loud: -0.2, warm: -0.1, exact: 0.2, ornate: 0.75 },
  suits:
    'antique curiosity mineral fossil shell plant insect collector watch jewel jewellery jewelry glass porcelain tile lace map book print bag',
  goods: { from: 4, to: 120 },
  headings: ['cormorant', 'bodoni-moda', 'alegreya', 'gloock', 'crimson-pro'],
  texts: ['alegreya', 'crimson-pro', 'source-serif', 'cabin', 'jost'],
  ratio: 1.32,
  caps: false,
  schemes: ['night', 'tinted', 'paper'],
  shape: { corner: 0, rule: 1, room: 1, treatment: 'settled', motion: 'none' },
  bands: {},
  card: { names: true, lies: true },
  product: { order: ['name', 'facts', 'about', 'buy'], choices: 'menu' },
  art: 'still-life',
  arrangements: { gallery: 'wall', categories: 'pictures', details: 'table', numbers: 'row', 'buy-one': 'beside' },
  leads: ['featured', 'categories'],
  structure: {
    columns: 0.9,
    density: 0.6,
    pictures: 0.7,
    ruled: 0.6,
    symmetry: 0.7,
    contrast: 0.4,
    edges: 0.2,
    rhythm: 1,
    fields: 0.3,
  },
} as const satisfies Family;
