import { readBrief } from '../index';
import { isNotes } from './notes';

test.each([
  'clothes cut sitting down: trousers w/ high back + low front',
  'adults only / every piece one of a kind',
  'oak → ash → beech',
  'glaze => fire => glaze',
  'postage = ours',
  '{name}, potter',
])('“%s” is notes', (text) => expect(isNotes(text)).toBe(true));

test.each([
  'Half and half: wool/silk, spun 2/8.',
  'We open 24/7 – and/or by appointment.',
  'Tea & cake from 9 to 5, well-aired rooms.',
  'Call +44 1632 960118, we’re in.',
])('“%s”', (text) => expect(isNotes(text)).toBe(false));

test('notes are asked about and never printed unasked; a bid to say something asks for what is to be said', () => {
  const { statements, unsure } = readBrief(
    'Halm & Co make straw hats in Luton. who → people who burn. what → hats w/ wide brims + linen bands, all stitched by hand.\nSay somewhere that every brim is stitched by hand. Put in that the straw is cut by us in August.',
    [],
  );
  const printed = statements.map(({ text }) => text).join(' ');
  expect(printed).not.toMatch(/→|w\/| \+ |Say somewhere|Put in/);
  expect(unsure.map(({ text }) => text)).toEqual(
    expect.arrayContaining(['Every brim is stitched by hand.', 'The straw is cut by us in August.']),
  );
});
