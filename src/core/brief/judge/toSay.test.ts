import { toSay } from './toSay';

const said = (text: string): string | null => {
  const at = toSay(text);
  return at === null ? null : text.slice(at);
};

// Written to build it with, not a measure of it.
test.each([
  ['Put in that every pan has been cooked in once before it leaves.', 'every pan has been cooked in once before it leaves.'],
  ['Say somewhere that the handles are riveted by hand.', 'the handles are riveted by hand.'],
  ['Mention that we pay the postage both ways.', 'we pay the postage both ways.'],
  ['Tell people that the coffee is on us.', 'the coffee is on us.'],
  ['Make it clear that nothing is glazed twice.', 'nothing is glazed twice.'],
  ['Work in that my father forged the first one in 1961.', 'my father forged the first one in 1961.'],
  ['Add that a pan comes back for free.', 'a pan comes back for free.'],
  ['Stick in a line that each pan is numbered.', 'each pan is numbered.'],
  ['Write that the oak is from our own wood.', 'the oak is from our own wood.'],
])('“%s” bids to say something', (text, what) => expect(said(text)).toBe(what));

test.each([
  'Bowls that last a lifetime are turned from green wood.',
  'Bring a cushion that fits and we copy it for you.',
  'Send us the lid that broke and we cast a new one.',
  'Choose a colour that you like best.',
  'Wool that we dye by hand is never quite even.',
  'We say that every pan has been cooked in once.',
  'It is true that we close in August every year.',
  'Cloth so fine that you can read through it.',
  'Every pan has been cooked in once.',
  'That one.',
  '',
])('“%s” says something by itself', (text) => expect(toSay(text)).toBeNull());
