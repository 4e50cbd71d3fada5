import { importText } from '../goods';
import { readProject } from '../project';
import { itemsIn } from '../sections';
import { makeShop, settlePositions } from './index';

const brief = `Hollerbach is a knife workshop in Schwyz. We forge kitchen knives from one bar of steel and fit handles of pear wood. We sell in Swiss francs.

"It cuts like the day I got it, and that was six years ago." — Beat Rickenbacher
"My loaf finally has straight slices." — Ladina Caviezel

vreni@hollerbach.example`;

/** A project as version 2 wrote it, when texts were kept by their position. */
function former(decisions: Record<string, string>) {
  const goods = importText('title,price\nBread knife,189\n');
  if (!goods.ok) throw new Error(goods.say);
  const read = readProject({
    format: 'arcatum-project',
    version: 2,
    id: 'p',
    name: 'Old',
    created: '2026-01-01T00:00:00.000Z',
    seed: 1,
    brief,
    goods: { file: 'list.csv', ...goods.value },
    pictures: [],
    decisions: Object.entries(decisions).map(([place, value]) => ({ place, value, at: '2026' })),
  });
  if (!read.ok) throw new Error(read.say);
  return settlePositions(read.value);
}

const praise = (story: ReturnType<typeof former>): (string | undefined)[][] => {
  const shop = makeShop(story.project);
  const home = shop.pages.find(({ id }) => id === 'home');
  const section = home?.sections.find(({ kind }) => kind === 'reviews');
  if (!home || !section) throw new Error('There are no reviews.');
  return itemsIn(shop.writer.words(home, section) ?? {}, 'praise').map(({ texts }) => [texts.text?.text, texts.by?.text]);
};

test('a text that was kept by its position goes to what stands there, with its name', () => {
  const story = former({ 'words/home/reviews/text-2': 'Straight slices, at last.' });
  expect(story.log.misfits).toEqual([]);
  expect(praise(story)).toEqual([
    ['It cuts like the day I got it, and that was six years ago.', 'Beat Rickenbacher'],
    ['Straight slices, at last.', 'Ladina Caviezel'],
  ]);
});

test('one beyond what the brief says was added by the seller, and stays an item of its own', () => {
  const story = former({ 'words/home/reviews/text-3': 'Light in the hand.', 'words/home/reviews/by-3': 'Flurina Derungs' });
  expect(story.log.misfits).toEqual([]);
  expect(praise(story)[2]).toEqual(['Light in the hand.', 'Flurina Derungs']);
});

test('what still has no place stays set aside, with its value', () => {
  const story = former({ 'words/home/reviews/text-2': 'x'.repeat(30_000), 'words/home/nowhere/text-1': 'Kept.' });
  expect(story.log.misfits.map(({ place, value }) => [place, String(value).length])).toEqual([
    ['words/home/reviews/text-2', 30_000],
    ['words/home/nowhere/text-1', 5],
  ]);
});
