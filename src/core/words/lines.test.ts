import { readSaid } from '../../../tests/said';
import { nameThem } from './leaning';
import { liftClause, titled, withoutName } from './lines';
import { choosable } from './products';

test.each([
  ['Night Garden is a small nursery in Malmö.', 'Night Garden', 'A small nursery in Malmö.'],
  ['Fell Maps draws walking maps of the fells.', 'Fell Maps', 'Walking maps of the fells.'],
  ['Fell Maps walks every path twice.', 'Fell Maps', 'Fell Maps walks every path twice.'],
  ['Walking maps.', undefined, 'Walking maps.'],
])('“%s”: the name stands above the headline, not in it', (text, name, large) => expect(withoutName(text, name)).toBe(large));

test('a sentence is parted into a claim and what follows from it', () => {
  const [statement] = readSaid(
    'We dye wool by hand in a mill. No two batches match, so we write the batch on the band.',
  ).statements.slice(-1);
  if (!statement) throw new Error('the sentence is not read');
  const { title, text } = titled(statement);
  expect([title?.text, text.text]).toEqual(['No two batches match.', 'We write the batch on the band.']);
  const whole = 'Our pots have glaze on the outside, so that the roots hold.';
  expect(titled({ ...statement, text: whole })).toMatchObject({ title: null, text: { text: whole } });
});

test('a sentence on its own gets the noun that it leans on', () => {
  const text = 'I find them at house clearances around Ghent.';
  expect(nameThem(text, 'old leather bags')).toBe('I find old leather bags at house clearances around Ghent.');
  expect(nameThem(text, undefined)).toBe(text);
});

test('of a long sentence the part is lifted that says what is done', () => {
  const long =
    'We are Tarnwick Dye House, the two of us, Isolde and Bram, and we dye knitting yarn by hand in an old fulling mill near Tarnwick.';
  expect(liftClause(long)).toBe('We dye knitting yarn by hand in an old fulling mill near Tarnwick.');
  expect(liftClause('We dye yarn, and we knit.')).toBe('We dye yarn, and we knit.');
});

test.each([
  ['Wood', true],
  ['Hand', true],
  ['for how many holes', false],
  ['on the scales', false],
])('“%s”: whether there can be several of what is chosen by: %s', (name, isNoun) =>
  expect(choosable(name)).toEqual({ name, isNoun }),
);
