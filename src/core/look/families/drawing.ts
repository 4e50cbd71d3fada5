import { type Family } from './family';

export const drawing: Family = {
  id: 'drawing',
  name: 'Drawing board',
  character: 'It is explained: squared ground, thin lines, call-outs and figure numbers.',
  mood: { loud: -0.1, warm: -0.4, exact: 0.95, ornate: 0.1 },
  suits: 'tool repair instrument kit model electronics bicycle course machine clock lamp furniture telescope microscope',
  goods: { from: 2, to: 120 },
  headings: ['spline-sans-mono', 'jost', 'familjen-grotesk', 'archivo-narrow'],
  texts: ['familjen-grotesk', 'jost', 'source-sans', 'spline-sans-mono'],
  ratio: 1.25,
  caps: false,
  schemes: ['tinted', 'white', 'paper', 'night'],
  shape: { corner: 0, rule: 1, room: 1, treatment: 'settled', motion: 'none' },
  card: {},
  art: 'still-life',
  arrangements: { steps: 'row', details: 'table', 'buy-one': 'beside', numbers: 'ledger', questions: 'open' },
  leads: ['featured', 'steps', 'numbers'],
  structure: { columns: 0.6, density: 0.6, pictures: 0.6, ruled: 0.9, symmetry: 0.2, contrast: 0.15, edges: 0.7, rhythm: 0.3, fields: 0.1 },
};
