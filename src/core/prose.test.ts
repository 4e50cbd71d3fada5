import { plainProse, readProse, runsOf } from './prose';

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
