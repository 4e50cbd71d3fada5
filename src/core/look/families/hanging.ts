import { type Family } from './family';

export const hanging: Family = {
  id: 'hanging',
  name: 'Hanging',
  character: 'A wall of pictures: works at different heights, generous white, captions only.',
  mood: { loud: -0.4, warm: -0.2, exact: 0, ornate: -0.2 },
  suits: 'art print ceramic photograph painting poster illustration sculpture drawing textile pottery',
  goods: { from: 5, to: 150 },
  headings: ['jost', 'familjen-grotesk', 'cormorant', 'epilogue', 'hanken-grotesk'],
  texts: ['jost', 'hanken-grotesk', 'source-sans', 'familjen-grotesk'],
  ratio: 1.22,
  caps: false,
  schemes: ['white', 'paper', 'night'],
  shape: { corner: 0, rule: 1, room: 1.2, treatment: 'plain', motion: 'gentle' },
  card: {},
  art: 'texture',
  arrangements: { gallery: 'wall', opening: 'pictured', story: 'column', hours: 'line', contact: 'line', why: 'stacked' },
  leads: ['featured', 'gallery'],
  structure: { columns: 0.85, density: 0.35, pictures: 1, ruled: 0, symmetry: 0.3, contrast: 0.05, edges: 0, rhythm: 1, fields: 0 },
};
