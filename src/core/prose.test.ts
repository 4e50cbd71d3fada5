import fc from 'fast-check';
import { leadsIn, plainProse, readProse, runsOf, settledRuns, writeProse, writeRuns, type Run, type SetBlock } from './prose';

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

/** Runs in short: "em:soft", "strong+em:both", "page/about:there". */
const inShort = (runs: readonly Run[]) =>
  runs.map(({ text, em, strong, lead }) =>
    [[strong && 'strong', em && 'em', lead].filter(Boolean).join('+'), text].filter(Boolean).join(':'),
  );

test.each([
  ['a *soft* and **strong** word', ['a ', 'em:soft', ' and ', 'strong:strong', ' word']],
  ['***both*** at once', ['strong+em:both', ' at once']],
  ['2*3*4 and 5* of 6*', ['2*3*4 and 5* of 6*']],
  ['**left open', ['**left open']],
  ['* not so *', ['* not so *']],
  ['come to [a *lesson*](page/lessons) soon', ['come to ', 'page/lessons:a ', 'em+page/lessons:lesson', ' soon']],
  ['**see [this](https://mill.example/) now**', ['strong:see ', 'strong+https://mill.example/:this', 'strong: now']],
  ['[nowhere](javascript:alert) and [here](page/about)', ['[nowhere](javascript:alert) and ', 'page/about:here']],
  ['[1] as it came (no link)', ['[1] as it came (no link)']],
  ['\\*as it is\\* and \\[so\\](page/about)', ['*as it is* and [so](page/about)']],
  ['C:\\yarn', ['C:\\yarn']],
])('how “%s” is set', (text, runs) => {
  expect(inShort(runsOf(text))).toEqual(runs);
  expect(plainProse(text)).toBe(
    runsOf(text)
      .map((run) => run.text)
      .join(''),
  );
});

test('where the words of a text lead', () =>
  expect(leadsIn('[one](page/a), [two](mailto:post@mill.example), [one again](page/a)')).toEqual([
    'page/a',
    'mailto:post@mill.example',
  ]));

test('a word is stressed as a whole, and nothing is stressed that is only space', () => {
  expect(inShort(settledRuns([{ text: 'hand' }, { text: 'dyed ', em: true }, { text: 'yarn' }]))).toEqual([
    'em:handdyed',
    ' yarn',
  ]);
  expect(writeRuns([{ text: ' soft ', strong: true }, { text: 'yarn' }])).toBe(' **soft** yarn');
});

const words = fc.stringMatching(/^[a-zé*[\]()\\\-.– 0-9]{1,12}$/);
const run: fc.Arbitrary<Run> = fc
  .record({
    text: words,
    em: fc.boolean(),
    strong: fc.boolean(),
    lead: fc.constantFrom(null, 'page/about', 'https://mill.example/a_(b)'),
  })
  .map(({ text, em, strong, lead }) => ({
    text,
    ...(em ? { em: true as const } : {}),
    ...(strong ? { strong: true as const } : {}),
    ...(lead === null ? {} : { lead: lead.replace('(b)', '%28b%29') }),
  }));

test('whatever is written is read as it was set', () =>
  fc.assert(
    fc.property(fc.array(run, { minLength: 1, maxLength: 6 }), (runs) => {
      const settled = settledRuns(runs);
      expect(runsOf(writeRuns(runs))).toEqual(settled);
      expect(writeRuns(settled)).toBe(writeRuns(runs));
      expect(plainProse(writeRuns(runs))).toBe(
        runs
          .map(({ text }) => text)
          .join('')
          .replace(/\s+/g, ' '),
      );
    }),
    { numRuns: 600 },
  ));

test('a text that only looks like a list is none', () => {
  const blocks: SetBlock[] = [
    { kind: 'paragraph', runs: [{ text: '12. May we are closed.' }] },
    { kind: 'paragraph', runs: [{ text: '- as my father made it' }] },
    { kind: 'list', items: [[{ text: 'red' }], [{ text: 'blue', em: true }]] },
    { kind: 'steps', items: [[{ text: 'Soak.' }], [{ text: 'Rinse.' }]] },
  ];
  const text = writeProse(blocks);
  expect(text).toBe('12\\. May we are closed.\n\n\\- as my father made it\n\n- red\n- *blue*\n\n1. Soak.\n2. Rinse.');
  const read = readProse(text);
  expect(read.map(({ kind }) => kind)).toEqual(['paragraph', 'paragraph', 'list', 'steps']);
  expect(read[0]?.kind === 'paragraph' && plainProse(read[0].text)).toBe('12. May we are closed.');
});
