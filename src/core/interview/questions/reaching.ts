import { toldPlace } from '../../brief';
import { set, tillPlaces } from '../../places';
import { countryOf } from '../../lexicon';
import { followings } from '../../till';
import { joined, type Question, type Situation } from '../asking';

const emailForm = /^[^\s@]+@(?:[\p{L}\p{N}-]+\.)+[\p{L}]{2,}$/u;

const countryName = ({ shop }: Situation): string => countryOf(shop.reading.country?.value ?? '')?.name ?? '';

/** Where the shop is, and how shop and buyers reach each other. */
export const reachingQuestions: readonly Question[] = [
  {
    id: 'place',
    ask: (s) =>
      toldPlace(s.shop.reading)
        ? null
        : {
            say: s.shop.reading.place
              ? `Are you in ${s.shop.reading.place.value}?`
              : `Where are you? A town and a country are enough.`,
            picks: s.shop.reading.place ? [s.shop.reading.place.value] : [],
            several: false,
            field: 'Town, country',
            sample: ['Kendal, England'],
            answerable: 1,
            answer: ([place = '']) => ({
              sentence: `Where: ${place.trim().replace(/^\p{Ll}/u, (letter) => letter.toUpperCase())}`,
            }),
            check: (typed) => (typed.trim().split(/\s+/).length > 8 ? 'Write the town and the country alone.' : null),
          },
  },
  {
    id: 'email',
    ask: (s) =>
      s.shop.reading.email
        ? null
        : {
            say: 'Which e-mail address may buyers write to?',
            picks: [],
            several: false,
            field: 'E-mail address',
            sample: ['post@sample.example'],
            answerable: 1,
            answer: ([email = '']) => ({ sentence: `Contact: ${email.trim()}` }),
            check: (typed) =>
              emailForm.test(typed.trim())
                ? null
                : 'That is no e-mail address. It has an @ in it, such as post@yourshop.example.',
          },
  },
  {
    id: 'reach',
    ask: (s) => {
      if (s.shop.reading.reach || s.shop.catalogue.products.every((product) => !followings[product.kind].travels)) return null;
      const home = countryName(s);
      return {
        say: `Where do you send your ${s.goods}?`,
        picks: [...(home ? [`${home} only`] : []), 'All of Europe', 'The whole world', 'Collection only'],
        several: false,
        field: 'Or name the countries',
        sample: ['the whole world'],
        answerable: 1,
        answer: (given) => ({ sentence: `Delivery: ${joined(given).replace(/^The/, 'the')}` }),
      };
    },
  },
  {
    id: 'returns',
    ask: (s) => {
      if (s.shop.rules.returnsDays !== null) return null;
      const told = s.shop.reading.returns?.value ?? null;
      const usual = [14, 30, 60, 100].filter((days) => days !== told);
      return {
        say: `Within how many days may buyers send ${s.goods} back?${told === null ? '' : ` Your brief speaks of ${told}.`}`,
        picks: [...(told === null ? usual : [told, ...usual.slice(0, 3)])].map((days) => `${days} days`),
        several: false,
        field: 'Number of days',
        sample: ['30 days'],
        answerable: 0.6,
        answer: ([days = '']) => ({
          wishes: [set(tillPlaces.returnsDays, Math.min(3650, Number.parseInt(days, 10) || 0))],
        }),
        check: (typed) => (/^\s*\d{1,4}\b/.test(typed) ? null : 'Write a number of days, such as 30.'),
      };
    },
  },
  {
    id: 'hours',
    ask: ({ shop: { reading } }) =>
      reading.openings.length ||
      !(reading.goal.value === 'visits' || reading.features.some((one) => one.value === 'hours' || one.value === 'map'))
        ? null
        : {
            say: 'When is the door open?',
            picks: ['Monday to Friday, 9 to 17', 'Tuesday to Saturday, 10 to 18', 'Saturday, 10 to 14'],
            several: true,
            field: 'Days and hours',
            sample: ['Tuesday to Saturday, 10 to 18'],
            answerable: 0.9,
            answer: (given) => ({ sentence: `Open: ${given.map((one) => one.trim()).join('; ')}.` }),
            check: (typed) => (/\d/.test(typed) ? null : 'Write days and hours, such as “Tuesday to Saturday, 10 to 18”.'),
          },
  },
];
