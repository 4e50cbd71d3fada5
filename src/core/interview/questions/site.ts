import { type Goal } from '../../brief';
import { asSentence, joined, type Question, type Situation } from '../asking';

const goals: [Goal, string, string][] = [
  ['sell', 'Sell', 'Goal: sell online.'],
  ['visits', 'Bring people to the door', 'Goal: get people to visit the shop.'],
  ['bookings', 'Fill the calendar', 'Goal: get people to book appointments.'],
  ['enquiries', 'Make people write or ring', 'Goal: get people to get in touch.'],
  ['subscribers', 'Win readers for letters', 'Goal: get people to sign up for letters.'],
];

/** Feelings that stand far apart, those that fit the trade first. */
const feelings = ['calm', 'warm', 'exact', 'playful', 'loud', 'plain', 'traditional'];
const fits: Record<string, readonly string[]> = {
  tools: ['exact', 'sturdy', 'plain', 'straightforward'],
  toys: ['playful', 'cheerful', 'warm'],
  food: ['warm', 'fresh', 'honest', 'lively'],
  cosmetics: ['calm', 'natural', 'fresh'],
  jewellery: ['elegant', 'quiet', 'serious'],
  textiles: ['calm', 'warm', 'earthy'],
  plants: ['fresh', 'calm', 'natural'],
  pictures: ['quiet', 'bold', 'modern'],
  books: ['bookish', 'calm', 'witty'],
};

const colours = ['deep green', 'navy', 'terracotta', 'mustard', 'black', 'cream', 'teal', 'burgundy'];

const feelingsFor = ({ kinds }: Situation): string[] =>
  [...new Set([...kinds.flatMap((kind) => fits[kind.id] ?? []), ...feelings])].slice(0, 7);

/** How the site should be. These are wishes: they steer, and are never printed. */
export const siteQuestions: readonly Question[] = [
  {
    id: 'goal',
    ask: (s) =>
      s.shop.reading.goal.source
        ? null
        : {
            say: `Beside having your ${s.goods} on show: what should the site do first of all?`,
            picks: goals.map(([, label]) => label),
            several: false,
            field: 'Or in your words',
            sample: ['Bring people to the door'],
            answerable: 0.6,
            answer: ([pick]) => ({
              sentence: goals.find(([, label]) => label === pick)?.[2] ?? asSentence(`Goal: ${pick ?? 'sell'}`),
            }),
          },
  },
  {
    id: 'tone',
    ask: (s) =>
      s.shop.reading.tone.length
        ? null
        : {
            say: s.trade === 'goods' ? 'How should the shop feel?' : `How should a shop for ${s.goods} like yours feel?`,
            picks: feelingsFor(s),
            several: true,
            field: 'Or in your words',
            sample: ['loud'],
            answerable: 1,
            answer: (given) => ({ sentence: `The site should feel ${joined(given.map((one) => one.toLowerCase()))}.` }),
          },
  },
  {
    id: 'colours',
    ask: (s) =>
      s.shop.reading.coloursWanted.length
        ? null
        : {
            say: 'Which colours are yours? Say also which you never want to see.',
            picks: colours.filter(
              (colour) => !s.shop.reading.coloursAvoided.some((avoided) => colour.includes(avoided.value.name)),
            ),
            several: true,
            field: 'Or in your words: “sea green, no brown”',
            sample: ['teal'],
            answerable: 1,
            answer: (given) => ({ sentence: `Colours: ${given.map((one) => one.trim().replace(/\.$/, '')).join(', ')}.` }),
          },
  },
];
