import { type Family } from './family';

export const poster: Family = {
  id: 'poster',
  name: 'Poster',
  character: 'The words are the picture: lettering from edge to edge, flat colour, hard corners.',
  mood: { loud: 0.9, warm: 0.1, exact: 0, ornate: -0.1 },
  suits: 'music food drink sauce coffee beer bicycle skate poster shirt sport record pizza',
  goods: { from: 1, to: 80 },
  headings: ['big-shoulders', 'epilogue', 'league-gothic', 'bricolage-grotesque', 'gloock', 'unbounded'],
  texts: ['work-sans', 'archivo-narrow', 'epilogue', 'hanken-grotesk', 'bricolage-grotesque'],
  ratio: 1.42,
  caps: true,
  schemes: ['paper', 'field', 'tinted', 'white', 'night'],
  shape: { corner: 0, rule: 3, room: 1, treatment: 'plain', motion: 'gentle' },
  card: {},
  art: 'texture',
  arrangements: {},
  leads: [],
  structure: { columns: 0.5, density: 0.5, pictures: 0.3, ruled: 0.3, symmetry: 0.1, contrast: 1, edges: 0, rhythm: 0.3, fields: 1 },
};
