import { plainProse, readProse, runsOf } from './prose';
import { lineOf, proseOf } from './goods/cells/prose';

test('paragraphs, lists and steps', () => {
  expect(readProse('One.\nStill one.\n\n– red\n– blue\n\n1. Soak.\n2) Rinse.\nThen wait.')).toEqual([
    { kind: 'paragraph', text: 'One.\nStill one.' },
    { kind: 'list', items: ['red', 'blue'] },
    { kind: 'steps', items: ['Soak.', 'Rinse.'] },
    { kind: 'paragraph', text: 'Then wait.' },
  ]);
});

test('a single dash makes no list', () =>
  expect(readProse('- as my father made it')).toEqual([{ kind: 'paragraph', text: 'as my father made it' }]));

test.each([
  ['a *soft* and **strong** word', ['a ', 'em:soft', ' and ', 'strong:strong', ' word']],
  ['2*3*4 and 5* of 6*', ['2*3*4 and 5* of 6*']],
  ['**left open', ['**left open']],
  ['* not so *', ['* not so *']],
])('stress in “%s”', (text, runs) => {
  expect(runsOf(text).map(({ text: run, as }) => (as === 'plain' ? run : `${as}:${run}`))).toEqual(runs);
  expect(plainProse(text)).toBe(runs.map((run) => run.replace(/^(?:em|strong):/, '')).join(''));
});

test('markup of a cell is kept where it is safe, and never shown', () => {
  const cell =
    '<h3>Care</h3><p>Wash it <em>cold</em>, <b> never </b>hot.<br>Dry flat.</p><ul><li>wool</li><li>silk <i></i></li></ul><ol><li>Soak</li><li>Press</li></ol><script>alert(1)</script><a href="javascript:alert(1)" onclick="x()">More</a><img src=x onerror=alert(1)>';
  expect(proseOf(cell)).toBe('Care\n\nWash it *cold*, **never** hot.\nDry flat.\n\n– wool\n– silk\n1. Soak\n2. Press\n\nMore');
  expect(lineOf('<b>Oak</b> <i>bowl</i>')).toBe('Oak bowl');
  expect(lineOf('5* Hotel *soap*')).toBe('5* Hotel *soap*');
});
