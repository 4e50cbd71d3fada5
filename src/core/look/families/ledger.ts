import { type Family } from './family';

export const ledger: Family = {
  id: 'ledger',
  name: 'Ledger',
  character: 'Everything entered and ruled: lines, numbers, prices in a column.',
  mood: { loud: -0.3, warm: 0, exact: 0.85, ornate: -0.3 },
  suits: 'tool part spare machine second-hand instrument hardware supply material coin stamp record yarn paper',
  goods: { from: 4, to: 400 },
  headings: ['newsreader', 'source-serif', 'archivo-narrow', 'bitter', 'familjen-grotesk'],
  texts: ['source-sans', 'hanken-grotesk', 'literata', 'atkinson', 'source-serif'],
  ratio: 1.3,
  caps: false,
  schemes: ['paper', 'white', 'tinted'],
  shape: { corner: 0, rule: 1, room: 1, treatment: 'plain', motion: 'none' },
  card: {},
  art: 'still-life',
  arrangements: { numbers: 'ledger' },
  leads: [],
  structure: { columns: 0.8, density: 0.85, pictures: 0.2, ruled: 1, symmetry: 0.5, contrast: 0.3, edges: 0, rhythm: 0, fields: 0 },
};
