import { Decided } from '../places';
import { readSaid } from '../../../tests/said';
import { bareTill } from '../../../tests/till';
import { importText, makeCatalogue } from '../goods';
import { planShop, type Known, type Page } from '../plan';

import { contentTexts } from '../sections';
import { describe as describeProduct, fromBrief, fromGoods, harvest, ours, untraced, Vocabulary, type Text } from '../words';
import { Writer } from './index';

const brief =
  "Saddler's Rest. I restore old leather bags, the sort your grandfather had, and sell them. I find them at house clearances around Ghent, take out the lining, feed the leather for a month, and sew everything by hand. 30 years at the bench. People who buy are tired of things that fall apart. 100 year old bags that'll do another fifty. I don't do polish, the scratches stay. Website should be brown but not boring, trustworthy, no luxury talk. repairs too – people send me theirs. I answer the phone myself.";

const whole = { text: brief, start: 0, end: brief.length };
const everywhere = new Vocabulary([brief, 'Doctor bag Satchel']);

describe('whatever claims something that stands in no input is left out', () => {
  test.each<[string, Text]>([
    ['a number', ours('See all 12 of them')],
    ['a name', fromGoods('Made by Hermione', 'your list')],
    ['a superlative', fromGoods('The finest bags', 'your list')],
    ['a figure that the brief lacks', { text: '45 years at the bench', rank: 2, sources: [{ kind: 'brief', source: whole }] }],
    ['a sentence that its source does not hold', fromBrief('Every purse is blessed by monks under moonlight.', whole)],
  ])('%s', (_, text) => expect(untraced(text, everywhere).length).toBeGreaterThan(0));

  test.each<[string, Text]>([
    ['a sentence of the brief', fromBrief('I answer the phone myself.', whole)],
    ['a pronoun that got its noun', fromBrief('I find old leather bags at house clearances around Ghent.', whole)],
    ['a connecting word', ours('See everything')],
    ['a title of the list', fromGoods('See the Satchel', 'your list')],
    ['the seller’s own', { text: 'Winner of 12 prizes', rank: 1, sources: [{ kind: 'seller' }] }],
  ])('%s passes', (_, text) => expect(untraced(text, everywhere)).toEqual([]));

  test('numbers in words and in figures are the same number', () => {
    expect(new Vocabulary(['thirty-six colourways']).has('36')).toBe(true);
    expect(new Vocabulary(['36 colourways']).has('thirty')).toBe(true);
    expect(new Vocabulary(['36 colourways']).has('37')).toBe(false);
    for (const [several, one] of [
      ['figures', 'figure'],
      ['bowls', 'bowl'],
      ['berries', 'berry'],
    ])
      expect(new Vocabulary([several ?? '']).has(one ?? '')).toBe(true);
  });
});

/** The page by hand that Arcatum is to come near: every line of it that can be harvested is. */
describe('the saddler’s page', () => {
  const goods = importText(
    `title,price,stock\n${['Doctor bag', 'Satchel', 'Gladstone'].map((title, i) => `${title},${140 + i * 140},1`).join('\n')}\n`,
  );
  if (!goods.ok) throw new Error(goods.say);
  const decided = new Decided(new Map());
  const known: Known = {
    reading: readSaid(brief),
    catalogue: makeCatalogue(goods.value.products, decided, 2, 2),
    rules: { ...bareTill, locale: 'en-BE', country: 'BE' },
  };
  const writer = new Writer(known, decided);
  const [home] = planShop(known, decided);
  if (!home) throw new Error('no home');
  const textsOf = (page: Page) =>
    writer.write(page).sections.flatMap((section) => contentTexts(section.words).map(({ text }) => text.text));
  const texts = textsOf(home);
  const all = planShop(known, decided).flatMap(textsOf);

  test.each([
    "100 year old bags that'll do another fifty.",
    "I don't do polish, the scratches stay.",
    '30 years at the bench.',
    'I answer the phone myself.',
    'Feed the leather for a month',
    'Sew everything by hand',
  ])('prints “%s”', (line) => expect(all).toContain(line));

  test('opens with the line that no other shop could print', () =>
    expect(harvest(known.reading).headline?.text).toBe("100 year old bags that'll do another fifty."));
  test('says that each is the only one', () => expect(texts.join(' ')).toContain('Each is the only one.'));
  test('prints no instruction', () => expect(texts.join(' ')).not.toMatch(/brown|boring|trustworthy|luxury/));
  test('search is told what, where and from how much', () => {
    const { title, description } = writer.metaOf(home);
    expect(title).toContain('Ghent');
    expect(description).toMatch(/from €\s?140/);
  });
});

describe('a product’s description', () => {
  const describeFirst = (list: string) => {
    const goods = importText(list);
    if (!goods.ok) throw new Error(goods.say);
    const catalogue = makeCatalogue(goods.value.products, new Decided(new Map()), 2, 2);
    const [product] = catalogue.products;
    if (!product) throw new Error('no product');
    return describeProduct(product, bareTill);
  };
  test.each([
    ['title,price,description\nBell,4,Cast in May.\n', 'Cast in May.'],
    ['title,price\nBell,4\nHorn,5\n', ''],
    ['title,price,size\nCoat,4,S\nCoat,5,M\nCoat,6,L\n', 'Coat comes in three sizes: S, M and L.'],
    // A choice that is called by no noun is named, not counted.
    ['title,price,option Wt oz\nTin,4,1\nTin,9,4\n', 'Tin. Wt oz: 1 and 4.'],
    [
      'title,price,kind,category\nSock pattern,4,download,Patterns\nHat pattern,5,download,Patterns\n',
      'Sock pattern comes as a file, right after paying.',
    ],
    ['title,price,stock\nBell,4,1\nHorn,5,8\n', 'Bell is the only one of its kind.'],
    ['title,price\nBell,4\n', ''],
  ])('%s', (list, wanted) => expect(describeFirst(list).text).toBe(wanted));
});
