import { readDocument } from '../document';
import { readBrief } from './index';
import { labelOf } from './labels';
import { sentencesOf as sentencesIn } from './sentences';

const sentencesOf = (brief: string) => sentencesIn(readDocument(brief));

const texts = (brief: string) => sentencesOf(brief).map((sentence) => sentence.text);

describe('a brief is parted', () => {
  test.each([
    ['One. Two! Three?', ['One.', 'Two!', 'Three?']],
    ['We open at 10 a.m. and close at 4. Dr. Holt helps.', ['We open at 10 a.m. and close at 4.', 'Dr. Holt helps.']],
    ['It costs £4.50. It weighs 1.2 kg.', ['It costs £4.50.', 'It weighs 1.2 kg.']],
    ['- bread\n- cakes\n* pies', ['bread', 'cakes', 'pies']],
    [
      'First line that was wrapped by hand at some column\nand goes on here.',
      ['First line that was wrapped by hand at some column and goes on here.'],
    ],
    ['', []],
    ['   \n\n  ', []],
    ['…', []],
  ])('%s', (brief, wanted) => expect(texts(brief)).toEqual(wanted));

  test('with offsets that point at the very words', () => {
    const brief = '# Mill\n\nWhat: bells, horns\n\n  * cast in May.  Loud!\nColours: red';
    for (const { source } of sentencesOf(brief)) expect(brief.slice(source.start, source.end)).toBe(source.text);
  });

  test('a long run without stops is cut where something new begins', () => {
    const parts = texts(
      'hi we are the bell people and we cast bells in a barn near bath we post them on mondays please make it loud and red',
    );
    expect(parts.length).toBeGreaterThan(2);
    expect(parts.at(-1)).toMatch(/^please/);
  });

  test('what we do to a thing that stands first is no thought of its own', () =>
    expect(
      texts('the pencils and the rubbers we buy, from a factory in the next town, and they are really good ones')[0],
    ).toMatch(/^the pencils and the rubbers we buy/));
});

describe('headings, questions and labels', () => {
  const labelled = (brief: string) => sentencesOf(brief).map((sentence) => [sentence.label, sentence.text]);
  test.each([
    ['Colours: moss green', [['colours', 'moss green']]],
    ['name = Longshore', [['name', 'Longshore']]],
    [
      '## Who buys\n- cooks\n- bakers',
      [
        [null, 'Who buys'],
        ['audience', 'cooks'],
        ['audience', 'bakers'],
      ],
    ],
    [
      'What do you sell?\nBells.',
      [
        [null, 'What do you sell?'],
        ['sells', 'Bells.'],
      ],
    ],
    [
      '1. Products\nBells and horns.\n2. Shipping\nEurope.',
      [
        [null, 'Products'],
        ['sells', 'Bells and horns.'],
        [null, 'Shipping'],
        ['reach', 'Europe.'],
      ],
    ],
    [
      'We cast bells. Customers = bands.',
      [
        [null, 'We cast bells.'],
        ['audience', 'bands.'],
      ],
    ],
    ['Allergens: milk', [['detail', 'Allergens: milk']]],
  ])('%s', (brief, wanted) => expect(labelled(brief)).toEqual(wanted));

  test.each([
    ['Who are you?', 'story'],
    ['Who are your customers?', 'audience'],
    ['What is the business called?', 'name'],
    ['Where do you deliver?', 'reach'],
    ['What should people do on the site?', 'goal'],
    ['Anything to avoid?', 'avoid'],
    ['What do customers say?', 'reviews'],
    ['How old are you?', null],
  ])('“%s” asks for %s', (question, label) => expect(labelOf(question)).toBe(label));
});

describe('wishes about the site', () => {
  test.each([
    'The website should feel calm.',
    'No pink.',
    'Please use green.',
    'I want a newsletter.',
    "We'd like a journal.",
    'Bright green + navy.',
  ])('“%s” is one', (text) => {
    const { statements, wishes } = readBrief(`We cast bells in Leeds.\n\n${text}`);
    expect(statements.map((one) => one.source.text)).not.toContain(text);
    expect(wishes.map((one) => one.text)).toContain(text);
  });

  test.each([
    'Nothing is heated or blended.',
    'No two are alike.',
    'No sugar, no fillers.',
    'We never polish the case.',
    'Nothing off the shelf fits them, they are all leg and chest.',
    'Every tent lasts thirty years.',
    'We make the frames ourselves.',
  ])('“%s” is a statement', (text) => {
    const { statements, unsure } = readBrief(`We cast bells in Leeds. ${text}`);
    expect([...statements, ...unsure].map((one) => one.source.text)).toContain(text);
  });

  test('what goes on from a wish without a subject of its own is one too', () => {
    const { wishes } = readBrief(
      'We cast bells in Leeds. The site should be serious. With a wink, though. We have cast 900 since 1994.',
    );
    expect(wishes.map((one) => one.text)).toEqual(['The site should be serious.', 'With a wink, though.']);
  });
});
