import { type Family } from './family';

export const board: Family = {
  id: 'board',
  name: 'Board',
  character: 'What is on, what is gone: bands across, narrow capitals, a column of states.',
  mood: { loud: 0.6, warm: -0.4, exact: 0.5, ornate: -0.5 },
  suits: 'sport ticket release sneaker shoe race climbing running record concert coffee beer cycling surf skate',
  goods: { from: 4, to: 150 },
  headings: ['league-gothic', 'archivo-narrow', 'big-shoulders', 'spline-sans-mono', 'unbounded'],
  texts: ['archivo-narrow', 'spline-sans-mono', 'hanken-grotesk', 'epilogue'],
  ratio: 1.34,
  caps: true,
  schemes: ['night', 'white', 'field', 'paper'],
  shape: { corner: 0, rule: 2, room: 0.85, treatment: 'one-ink', motion: 'none' },
  card: { state: true },
  art: 'lettering',
  arrangements: { numbers: 'row', steps: 'row', why: 'stacked', 'price-table': 'table', hours: 'table' },
  leads: ['featured'],
  structure: { columns: 0.15, density: 0.85, pictures: 0.1, ruled: 0.7, symmetry: 0.4, contrast: 0.7, edges: 0, rhythm: 0.1, fields: 0.7 },
};
