import { leastAsked, leastStory, type Reading } from '../../brief';
import { suggestShelves } from '../../lexicon';
import { inSentence, pluralTitle } from '../../words';
import { nameIdeas } from '../ideas';
import { asSentence, asSentences, joined, withGoods, type Question, type Situation } from '../asking';

const single = ({ shop }: Situation) => shop.reading.person === 'I';
const we = (situation: Situation) => (single(situation) ? 'I' : 'We');
const us = (situation: Situation) => (single(situation) ? 'me' : 'us');
const them = (situation: Situation) => (pluralTitle(situation.goods) ? 'them' : 'it');
const ourselves = (situation: Situation) => (single(situation) ? 'myself' : 'ourselves');

/** So sure that goods are not the seller's own work that nobody asks how they are made. */
const surelyResold = 0.8;
const isSurelyResold = ({ origin }: Reading): boolean =>
  origin?.value === 'resold' && (origin.corrected === true || origin.confidence >= surelyResold);

/** Categories of the list, or kinds found in the lexical database, as answers to what is sold. */
function soldByTheList({ shop }: Situation): string[] {
  const named = shop.catalogue.categories.map((category) => inSentence(category.name));
  if (named.length) return named.slice(0, 6);
  const found = suggestShelves(shop.catalogue.products.slice(0, 60).map((product) => product.title)).filter(
    (shelf) => shelf !== null,
  );
  const titles = shop.catalogue.products.slice(0, 5).map((product) => inSentence(product.title));
  return [...new Set([...found.map((shelf) => shelf.toLowerCase()), ...titles])].slice(0, 6);
}

/** Where the goods come from, as a sentence of the letter. */
function originSentence(answer: string, s: Situation): string {
  if (answer === 'Both') return `${we(s)} make some of the ${s.goods} ${ourselves(s)} and also buy in from other makers.`;
  if (/^(?:We|I) buy (?:them|it) from makers$/.test(answer))
    return `${we(s)} buy the ${s.goods} from makers that ${we(s).replace('W', 'w')} know.`;
  return /^(?:We|I) make (?:them|it) /.test(answer) ? `${we(s)} make the ${s.goods} ${ourselves(s)}.` : asSentence(answer);
}

/** What the business is. */
/** A year that something goes back to. */
const sinceWhen = /\b(?:since|in|from) (?:1[6-9]|20)\d\d\b/i;
/** Whether a sentence tells how it all began, printed or not. */
const isTold = ({ story, print, text }: Reading['told'][number]): boolean =>
  print >= leastAsked && (story >= leastStory || sinceWhen.test(text));

export const businessQuestions: readonly Question[] = [
  {
    id: 'name',
    ask: (s) =>
      s.shop.reading.name && s.shop.reading.name.confidence >= 0.6
        ? null
        : {
            say: s.shop.reading.name
              ? `Is “${s.shop.reading.name.value}” the name of the shop?`
              : s.trade === 'goods'
                ? 'What is the shop called?'
                : `What is your ${s.trade} shop called?`,
            picks: s.shop.reading.name
              ? [s.shop.reading.name.value]
              : nameIdeas(s.shop, s.project.seed)
                  .slice(0, 5)
                  .map((idea) => idea.name),
            several: false,
            field: 'The name',
            sample: ['Quill and Anvil'],
            answerable: 1,
            answer: ([name = '']) => ({ sentence: `Name: ${name.trim()}` }),
            check: (typed) => (typed.trim().length > 60 ? 'A name of more than 60 letters fits no sign. Shorten it.' : null),
          },
  },
  {
    id: 'sells',
    ask: (s) =>
      s.shop.reading.sells.length
        ? null
        : {
            say: s.shop.catalogue.products.length
              ? 'Your list names many things. What do you call them all together?'
              : 'What do you sell?',
            picks: soldByTheList(s),
            several: true,
            field: 'In your words',
            sample: ['wooden spoons'],
            answerable: 1,
            answer: (given) => ({ sentence: `What ${we(s) === 'I' ? 'I' : 'we'} sell: ${joined(given)}.` }),
          },
  },
  {
    id: 'difference',
    ask: (s) =>
      s.shop.reading.difference.length >= 2
        ? null
        : {
            say: `What do people get with your ${s.goods} that they would not get elsewhere?`,
            picks: [
              'Everything is made to order.',
              `${we(s)} mend what ${we(s).replace('W', 'w')} sold, for as long as it can be mended.`,
              'All material comes from nearby.',
              `${we(s)} answer every letter ${ourselves(s)}.`,
              'There are no two alike.',
            ],
            several: true,
            field: 'Or in your words',
            sample: ['Everything is looked at twice before it leaves.', 'Nothing is thrown away that can be mended.'],
            answerable: 0.9,
            answer: asSentences,
          },
  },
  {
    id: 'origin',
    ask: (s) =>
      s.shop.reading.origin
        ? null
        : {
            say: `Do you make the ${s.goods} yourself, or find ${them(s)}?`,
            picks: [`${we(s)} make ${them(s)} ${ourselves(s)}`, `${we(s)} buy ${them(s)} from makers`, 'Both'],
            several: false,
            field: 'Or in your words',
            sample: [`${we(s)} make ${them(s)} ${ourselves(s)}`],
            answerable: 1,
            answer: ([pick = '']) => ({ sentence: originSentence(pick, s), prints: true }),
          },
  },
  {
    id: 'method',
    ask: (s) =>
      s.shop.reading.steps.length >= 3 ||
      isSurelyResold(s.shop.reading) ||
      s.shop.reading.statements.filter((one) => one.topics.includes('method')).length >= 3
        ? null
        : {
            say: withGoods('What happens to one of your {goods}, from the first step to the last?', s.goods),
            picks: [],
            several: false,
            field: 'Three or four steps, in order',
            sample: [`${we(s)} choose the best piece, cut it by hand, leave it for a week, and finish it with oil.`],
            answerable: 0.7,
            answer: ([typed = '']) => ({
              sentence: asSentence(
                /\b(?:we|i)\b/i.test(typed) ? typed : `${we(s)} ${typed.charAt(0).toLowerCase()}${typed.slice(1)}`,
              ),
              prints: true,
            }),
          },
  },
  {
    id: 'story',
    ask: (s) =>
      s.shop.reading.told.some(isTold)
        ? null
        : {
            say: 'How did it begin, and when?',
            picks: [],
            several: false,
            field: 'One or two sentences',
            sample: [`${we(s)} started in 2015 with one table in a garage.`],
            answerable: 0.9,
            answer: asSentences,
          },
  },
  {
    id: 'people',
    ask: (s) =>
      s.shop.reading.people.length
        ? null
        : {
            say: `Who is behind the ${s.goods}? First names are enough.`,
            picks: [],
            several: false,
            field: 'Names, parted by commas',
            sample: ['Mara', 'Tom'],
            answerable: 0.8,
            answer: (given) => {
              const names = given
                .flatMap((part) => part.split(/,|\band\b|&/))
                .map((name) => name.trim())
                .filter(Boolean);
              return { sentence: names.length > 1 ? `We are ${joined(names)}.` : `I am ${names[0] ?? ''}.` };
            },
          },
  },
  {
    id: 'figures',
    ask: (s) =>
      s.shop.reading.figures.length >= 3
        ? null
        : {
            say: 'Is there something that can be counted: how many, how often, how long?',
            picks: [],
            several: false,
            field: 'One or two sentences with numbers',
            sample: [`${we(s)} have two kilns. There are forty shapes and six glazes.`],
            answerable: 0.45,
            answer: asSentences,
          },
  },
  {
    id: 'audience',
    ask: (s) =>
      s.shop.reading.audience.length
        ? null
        : {
            say: `Who buys your ${s.goods}?`,
            picks: [
              'People who look for a present',
              'People who have used such things for years',
              'Beginners',
              'Neighbours',
              'Other shops',
            ],
            several: true,
            field: 'Or in your words',
            sample: ['people who look for a present'],
            answerable: 1,
            answer: (given) => ({ sentence: `Who buys: ${joined(given.map((one) => inSentence(one)))}.` }),
          },
  },
  {
    id: 'review',
    ask: (s) =>
      s.shop.reading.praise.length
        ? null
        : {
            say: `Has a buyer written to ${us(s)}? Copy the best sentence, word for word.`.replace(`to ${us(s)}`, 'to you'),
            picks: [],
            several: false,
            field: 'The sentence, a dash, and who it was',
            sample: ['It arrived sooner than my own birthday. – Ann from Bray'],
            answerable: 0.4,
            answer: ([typed = '']) => {
              const [, text = typed, by = ''] = /^["“]?(.+?)["”]?\s*[–—-]\s*([^–—-]+)$/s.exec(typed.trim()) ?? [];
              return { sentence: `Reviews: “${text.trim().replace(/["“”]/g, '')}”${by ? ` – ${by.trim()}` : ''}` };
            },
          },
  },
];
