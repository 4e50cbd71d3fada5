import { type Fact, type Reading } from '@/core/brief';
import { colourOf, shopLanguage } from '@/core/brief/page';
import { languageNames } from '@/core/phrases/about';
import { type ReadFact } from './thread';

/** A kind of fact as the sheet shows it. */
export interface Line {
  key: string;
  label: string;
  many: boolean;
  facts: Fact<string>[];
  hex?: (value: string) => string | undefined;
  /** What may stand there, with its name for people. */
  options?: Record<string, string>;
  /** Whether it can be put right. */
  fixed?: boolean;
  empty: string;
}

const goals = {
  sell: 'sell',
  bookings: 'fill the calendar',
  enquiries: 'bring enquiries',
  visits: 'bring people to the door',
  subscribers: 'win readers for letters',
  known: 'become known',
};
const reaches = {
  local: 'the town',
  country: 'the country',
  abroad: 'some countries',
  region: 'a part of the world',
  world: 'everywhere',
};
const origins = { own: 'made by you', resold: 'bought from others', both: 'both' };
const features: Record<string, string> = {
  newsletter: 'newsletter',
  journal: 'journal',
  reviews: 'reviews',
  gallery: 'gallery',
  map: 'map',
  appointments: 'appointments',
  'gift-cards': 'gift cards',
  questions: 'questions and answers',
  hours: 'opening hours',
  video: 'video',
  form: 'form',
  steps: 'steps',
  people: 'people',
  'price-table': 'price table',
  offer: 'offers',
  story: 'story',
  posted: 'pictures posted elsewhere',
  'free-text': 'a page of your own',
};

/** All kinds of facts, in the order in which they are read. */
export function linesOf(reading: Reading): Line[] {
  const one = (fact: Fact<string> | null) => (fact ? [fact] : []);
  const colours = (facts: Reading['coloursWanted']): Fact<string>[] => facts.map((fact) => ({ ...fact, value: fact.value.name }));
  const goal = reading.goal.source || reading.goal.corrected ? [reading.goal] : [];
  return [
    { key: 'name', label: 'Name', many: false, facts: one(reading.name), empty: 'not given' },
    { key: 'sells', label: 'Sells', many: true, facts: reading.sells, empty: 'not given' },
    {
      key: 'trade',
      label: 'Trade',
      many: false,
      fixed: true,
      facts: reading.trade
        ? [{ ...reading.trade, value: [reading.trade.value.label, ...reading.trade.value.broader.slice(0, 2)].join(' → ') }]
        : [],
      empty: 'not known yet',
    },
    { key: 'audience', label: 'For', many: true, facts: reading.audience, empty: 'not given' },
    { key: 'difference', label: 'Apart by', many: true, facts: reading.difference, empty: 'nothing yet' },
    { key: 'origin', label: 'Origin', many: false, facts: one(reading.origin), options: origins, empty: 'not given' },
    { key: 'goal', label: 'Goal', many: false, facts: goal, options: goals, empty: 'sell, unless you say otherwise' },
    {
      key: 'features',
      label: 'Asked for',
      many: true,
      facts: reading.features,
      options: features,
      empty: 'nothing in particular',
    },
    { key: 'tone', label: 'Tone', many: true, facts: reading.tone, empty: 'none asked for' },
    {
      key: 'coloursWanted',
      label: 'Colours',
      many: true,
      facts: colours(reading.coloursWanted),
      hex: colourOf,
      empty: 'none asked for',
    },
    {
      key: 'coloursAvoided',
      label: 'Not',
      many: true,
      facts: colours(reading.coloursAvoided),
      hex: colourOf,
      empty: 'none refused',
    },
    { key: 'place', label: 'Place', many: false, facts: one(reading.place), empty: 'not given' },
    { key: 'reach', label: 'Parcels to', many: false, facts: one(reading.reach), options: reaches, empty: 'not given' },
    { key: 'email', label: 'E-mail', many: false, facts: one(reading.email), empty: 'not given' },
    { key: 'phone', label: 'Telephone', many: false, facts: one(reading.phone), empty: 'not given' },
    { key: 'address', label: 'Address', many: false, facts: one(reading.address), empty: 'not given' },
    {
      key: 'language',
      label: 'Language',
      many: false,
      // Its words are all of the brief.
      facts: one(reading.language).map((fact) => ({ ...fact, value: shopLanguage(fact), source: null })),
      options: languageNames,
      empty: 'English, unless you say otherwise',
    },
    { key: 'currency', label: 'Currency', many: false, facts: one(reading.currency), empty: 'not given' },
  ];
}

/** Every fact with words of the brief behind it. */
export const factsOf = (reading: Reading): ReadFact[] =>
  linesOf(reading).flatMap(({ label, facts, options }) =>
    facts.map(({ value, confidence, source, corrected }) => ({
      label,
      value: options?.[value] ?? value,
      confidence: corrected ? 1 : confidence,
      source,
    })),
  );
