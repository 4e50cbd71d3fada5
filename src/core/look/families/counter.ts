import { type Family } from './family';

export const counter = {
  id: 'counter',
  name: 'Counter',
  character: 'Shop first, talk later: goods at once, shelves that stay beside them, a dense grid.',
  mood: { loud: 0.1, warm: 0.1, exact: 0.6, ornate: -0.8 },
  suits: 'supply material stationery hardware grocery food part craft fabric bead seed spice battery cable office',
  goods: { from: 24, to: 10000 },
  headings: ['familjen-grotesk', 'hanken-grotesk', 'archivo-narrow', 'cabin', 'bitter'],
  texts: ['hanken-grotesk', 'source-sans', 'atkinson', 'cabin', 'work-sans'],
  ratio: 1.2,
  caps: false,
  schemes: ['white', 'paper', 'tinted'],
  shape: { corner: 4, rule: 1, room: 0.8, treatment: 'plain', motion: 'none' },
  bands: { head: 'accent', foot: 'raised' },
  card: { quick: true, names: true },
  product: { order: ['name', 'price', 'buy', 'facts', 'about'], choices: 'rows', folds: true },
  art: 'pattern',
  arrangements: { questions: 'folded', story: 'columns', details: 'table', opening: 'spoken' },
  leads: ['featured', 'offer', 'price-table'],
  structure: { columns: 1, density: 1, pictures: 0.5, ruled: 0.3, symmetry: 0.3, contrast: 0, edges: 0, rhythm: 0, fields: 0.2 },
} as const satisfies Family;
