import { readDocument } from './index';

const standing = (text: string) => readDocument(text).said.map((one) => [one.standing, one.text]);
const texts = (text: string) => readDocument(text).said.map((one) => one.text);
const labelled = (text: string) => readDocument(text).said.map((one) => [one.label, one.text]);

describe('every form of text comes apart into what is said', () => {
  test('prose', () => expect(texts('One thing. Another!\n\nA third?')).toEqual(['One thing.', 'Another!', 'A third?']));

  test('lines that a program broke are one line again, lines that their writer ended are not', () => {
    const broken = `We cast bells in a barn near Bath, and we post them on Mondays because that is\nwhen the post office at the bridge has somebody in it who can lift, and nobody\nelse in the village can, which we have asked about at more than one meeting of\nthe council.`;
    expect(texts(broken)).toHaveLength(1);
    expect(texts('bells, cast in may\nall in bronze\nwe post on mondays')).toHaveLength(3);
  });

  test.each([
    ['- bread\n- cakes', ['bread', 'cakes']],
    ['• bread\n→ cakes\n-> pies', ['bread', 'cakes', 'pies']],
    ['1. bread\n2) cakes\n3.1 pies', ['bread', 'cakes', 'pies']],
    ['1914 was cold.', ['1914 was cold.']],
  ])('a list: %j', (text, wanted) => expect(texts(text)).toEqual(wanted));

  test('labels and values, by colon, by dash where all lines have one, and in cells', () => {
    expect(labelled('Where: Bath\n**Tone:** loud\nMoney = pounds')).toEqual([
      ['Where', 'Bath'],
      ['Tone', 'loud'],
      ['Money', 'pounds'],
    ]);
    expect(labelled('where → Bath\ntone => loud\nWe fire it twice → it lasts, and longer than you do.')).toEqual([
      ['where', 'Bath'],
      ['tone', 'loud'],
      ['We fire it twice', 'it lasts, and longer than you do.'],
    ]);
    expect(labelled('Where – Bath\nTone – loud')).toEqual([
      ['Where', 'Bath'],
      ['Tone', 'loud'],
    ]);
    expect(labelled('Town | Bath\nTone | loud')).toEqual([
      ['Town', 'Bath'],
      ['Tone', 'loud'],
    ]);
    expect(labelled('Town\tBath\nTone\tloud')).toEqual([
      ['Town', 'Bath'],
      ['Tone', 'loud'],
    ]);
    // A sentence that goes on after a colon keeps its beginning.
    expect(labelled('Nothing here is wasted: the offcuts become spoons.')).toEqual([
      ['', 'Nothing here is wasted: the offcuts become spoons.'],
    ]);
    expect(labelled('We cast bells. Customers = bands.')).toEqual([
      ['', 'We cast bells.'],
      ['Customers', 'bands.'],
    ]);
  });

  test('headings stand over what comes after them', () => {
    const { said } = readDocument('# Bells\nWe cast them.\n\n2. Delivery\n2.1 Europe only.');
    expect(said.map(({ standing, heading, text }) => [standing, heading, text])).toEqual([
      ['heading', 'Bells', 'Bells'],
      ['said', 'Bells', 'We cast them.'],
      ['heading', 'Delivery', 'Delivery'],
      ['said', 'Delivery', 'Europe only.'],
    ]);
  });

  test('an answer knows its question', () => {
    const { said } = readDocument('What do you sell?\nBells.\n\nWhere?\nIn Bath.');
    expect(said.map(({ standing, question, text }) => [standing, question, text])).toEqual([
      ['question', '', 'What do you sell?'],
      ['said', 'What do you sell?', 'Bells.'],
      ['question', '', 'Where?'],
      ['said', 'Where?', 'In Bath.'],
    ]);
  });

  test('a conversation has speakers, and nobody after it sees their names', () => {
    const { said } = readDocument('Ann: we cast bells\nBob: loud ones\nAnn: quiet ones\nBob: loud');
    expect(said.map(({ speaker, text }) => [speaker, text])).toEqual([
      ['Ann', 'we cast bells'],
      ['Bob', 'loud ones'],
      ['Ann', 'quiet ones'],
      ['Bob', 'loud'],
    ]);
  });

  test('an address that begins like a greeting is none', () =>
    expect(standing('Ciao Ann,\n\nciao@funnels.example')).toEqual([
      ['greeting', 'Ciao Ann,'],
      ['said', 'ciao@funnels.example'],
    ]));

  test('mail: greeting, farewell, signature and what is passed on', () => {
    expect(
      standing(
        'Dear Ann,\n\nsee below.\n\nBest wishes,\nBob\n\n-----Original Message-----\nFrom: Bob\nSubject: text\n\n> We cast bells.\n> Loud ones.',
      ),
    ).toEqual([
      ['greeting', 'Dear Ann,'],
      ['said', 'see below.'],
      ['said', 'Best wishes,'],
      ['said', 'Bob'],
      ['header', '-----Original Message-----'],
      ['header', 'From: Bob'],
      ['header', 'Subject: text'],
      ['said', 'We cast bells.'],
      ['said', 'Loud ones.'],
    ]);
    expect(standing('We cast bells.\n\nMany thanks,\nBob\nbob@bells.example')).toEqual([
      ['said', 'We cast bells.'],
      ['farewell', 'Many thanks,'],
      ['signature', 'Bob'],
      ['signature', 'bob@bells.example'],
    ]);
  });

  test('full stops that end no sentence', () => {
    expect(texts('Dr. Holt opens at 9 a.m. and shuts at 4. No. 3 is loud.')).toEqual([
      'Dr. Holt opens at 9 a.m. and shuts at 4.',
      'No. 3 is loud.',
    ]);
    expect(texts('It had lost its G. He mended it.')).toEqual(['It had lost its G.', 'He mended it.']);
    expect(texts('J. Smith casts bells.')).toEqual(['J. Smith casts bells.']);
    expect(texts('It rots in 60 d. if it is lost. We sell 12 oz. Tins are extra.')).toEqual([
      'It rots in 60 d. if it is lost.',
      'We sell 12 oz.',
      'Tins are extra.',
    ]);
    expect(texts('Zvono d.o.o. is a foundry in Split. Open to 6 p.m. We cast bells.')).toEqual([
      'Zvono d.o.o. is a foundry in Split.',
      'Open to 6 p.m.',
      'We cast bells.',
    ]);
  });

  test('sentences of other scripts end where theirs do', () => {
    expect(texts('আমরা ঘণ্টা বানাই। তিনবার ঘষি।')).toHaveLength(2);
    expect(texts('Մենք զանգ ենք ձուլում։ Ամեն օր։')).toHaveLength(2);
    expect(texts('我们铸钟。每天都铸。')).toHaveLength(2);
  });
});

test.each([
  '# Mill\n\nWhat: bells, horns\n\n  * cast in May.  Loud!\nColours: red',
  'Ann: we **cast** bells\r\nBob: `loud` ones\r\nAnn: no\r\nBob: yes',
  '> From: a\n> Subject: b\n> We cast bells, and\n> more bells.',
  'Town\tBath\nTone\tloud\nCast\tin May. In bronze.',
])('offsets point at the words themselves: %j', (text) => {
  const { said } = readDocument(text);
  expect(said.length).toBeGreaterThan(1);
  for (const one of said) {
    const plain = text.slice(one.start, one.end).replace(/[*`>]/g, '').replace(/\s+/g, ' ').trim();
    expect(plain).toBe(one.text);
  }
});

test.each(['', '   \n\n', '…', ':', '|||', '> > >', '####'])('%j says nothing', (text) =>
  expect(readDocument(text).said.filter(({ text: words }) => /\p{L}/u.test(words))).toEqual([]),
);

test('twenty thousand words are read in one go', () => {
  const { said } = readDocument(Array.from({ length: 2000 }, (_, i) => `We glaze bowl number ${i} by hand in Leeds.`).join(' '));
  expect(said).toHaveLength(2000);
});

test('a form whose questions have their answers behind them on the same line', () => {
  const text =
    '1. Trade name of the undertaking: Hollow Reed\n2. What do you make? Flutes. Of bamboo.\n3. Where? In Kobe, over the baker.\n4. Who buys? Choirs.\n';
  const { said } = readDocument(text);
  expect(said.map(({ text: words, standing, label, question }) => [words, standing, label || question])).toEqual([
    ['Hollow Reed', 'said', 'Trade name of the undertaking'],
    ['What do you make?', 'question', ''],
    ['Flutes.', 'said', 'What do you make?'],
    ['Of bamboo.', 'said', 'What do you make?'],
    ['Where?', 'question', 'What do you make?'],
    ['In Kobe, over the baker.', 'said', 'Where?'],
    ['Who buys?', 'question', 'Where?'],
    ['Choirs.', 'said', 'Who buys?'],
  ]);
});

test('a question that somebody answers himself is no form', () => {
  const { said } = readDocument('Why bamboo? It grows behind the house.\nWe cut it in winter.\nNothing else is needed.\n');
  expect(said.every(({ question, standing }) => question === '' && standing === 'said')).toBe(true);
});
