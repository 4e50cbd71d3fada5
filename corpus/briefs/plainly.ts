import { type FactName, type MarkedBrief } from './marked';

/** How the least that can be said of a fact is said; `*` is the fact. What is one of a few things has words of its own. */
const phrases: Partial<Record<FactName, readonly string[]>> = {
  name: ['Name: *', 'We are *.', 'The shop is called *.', '*', 'Business name: *', 'My shop is *.'],
  sells: ['What we sell: *.', 'We sell *.', 'I make *.', '* to buy online.', 'We make and sell *.', '*.'],
  place: ['Where: *', 'We are based in *.', 'From *.', 'I work in *.', 'Location: *', 'You find us in *.'],
  audience: ['Who buys: *.', 'Our customers are *.', 'For *.', 'Customers: *', '* buy from us.', 'It is for *.'],
  tone: [
    'The site should feel *.',
    'It should look *.',
    'Mood: *',
    'The website should be *.',
    'Make it *.',
    'We want something *, please.',
  ],
  wanted: [
    'Colours: *.',
    'Our card is *.',
    'The site should be *.',
    'Our colours are *.',
    '*, please.',
    'We want it *.',
    'Use *.',
  ],
  avoided: ['No *.', 'Not *, please.', 'Anything but *.', 'We want no *.', 'Never *.', 'But not *.'],
  features: ['We need *.', 'Please include *.', 'The site should have *.', 'I want *.', 'Also *.'],
};

const saidOutright: { readonly [fact in 'goal' | 'origin' | 'reach']: Readonly<Record<string, readonly string[]>> } = {
  goal: {
    sell: ['Goal: sell online.', 'People should buy.', 'The site must sell.'],
    bookings: ['Goal: get people to book appointments.', 'They should book a time.', 'Visitors book a visit first.'],
    enquiries: ['Goal: get people to get in touch.', 'People should ask for a quote.', 'They should write to us first.'],
    visits: ['Goal: get people to visit the shop.', 'The site should bring people to the door.', 'They should come to the shop.'],
    subscribers: [
      'Goal: get people to sign up for letters.',
      'Visitors should sign up for the newsletter.',
      'Win readers for our letters.',
    ],
    known: ['Goal: be known.', 'The site should make us known.', 'People should find out that we are here.'],
  },
  origin: {
    own: ['We make them ourselves.', 'All of it is my own work.', 'Made by hand in our workshop.', 'I bake and pack everything.'],
    resold: ['We buy them from makers.', 'We import them.', 'I choose all of it from other producers.', 'We find them at sales.'],
    both: ['Some we make ourselves, the rest we buy.', 'Half is our own, half is bought in.', 'I make most and resell the rest.'],
  },
  reach: {
    local: ['Collection only.', 'We deliver in the town only.', 'Delivery by bicycle in the neighbourhood.'],
    country: ['We deliver in the whole country.', 'Delivery: inland only.', 'We send nationwide.'],
    region: ['Delivery: all of Europe.', 'We ship across the EU.', 'We deliver to all neighbouring countries.'],
    world: ['Delivery: the whole world.', 'We ship worldwide.', 'I send anywhere.'],
  },
};

/** What says a colour and wants none; `*` is what is sold. */
const passing = [
  'The * come in red and blue.',
  'We have * in green, too.',
  'We sell black * and white ones.',
  'Our * are grey, with a pink edge.',
  'The yellow ones go first.',
];

const listed = (values: readonly string[], by: string): string =>
  values.length < 2 ? (values[0] ?? '') : `${values.slice(0, -1).join(', ')}${by}${values.at(-1) ?? ''}`;

const joins = [' and ', ', ', ' and '] as const;
const capitalised = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** One of several, another for each brief and each fact. */
const turn = <T>(of: readonly T[], n: number): T => of[n % of.length] as T;

/** What is said of each fact of a brief that can be said so. */
function sayingsOf({ facts }: MarkedBrief, n: number): { fact: FactName; values: string[]; text: string }[] {
  const sayings: { fact: FactName; values: string[]; text: string }[] = [];
  for (const [i, [fact, ways]] of (Object.entries(phrases) as [FactName, readonly string[]][]).entries()) {
    const values = facts[fact];
    if (values?.length)
      sayings.push({ fact, values, text: capitalised(turn(ways, n + i).replace('*', () => listed(values, turn(joins, n)))) });
  }
  // What is one of a few things may be any of them here: nothing else is said that speaks for another.
  for (const [fact, ways] of Object.entries(saidOutright) as ['goal' | 'origin' | 'reach', Record<string, readonly string[]>][]) {
    const [value, said] = turn(Object.entries(ways), n);
    sayings.push({ fact, values: [value], text: turn(said, Math.floor(n / 7)) });
  }
  return sayings;
}

/** What follows from what is said; of what is not said nothing is known. */
const implied = ({ facts }: MarkedBrief, said: readonly FactName[]): MarkedBrief['facts'] => ({
  goal: [],
  origin: [],
  reach: [],
  country: said.includes('place') ? (facts.country ?? []) : [],
  ...(said.includes('sells') && facts.trade ? { trade: facts.trade } : {}),
});

/** So many of its facts at a time. */
const together = 5;

/**
 * The facts of a brief as somebody says them who says nothing else, a few at a time and in another order for each: in lines, in a row, and one
 * alone. That is how answers are put into a brief, and how many briefs begin.
 */
export function saidPlainly(brief: MarkedBrief, n: number): MarkedBrief[] {
  const all = sayingsOf(brief, n);
  const turned = [...all.slice(n % all.length), ...all.slice(0, n % all.length)];
  const form = (sayings: typeof all, between: string, more: readonly string[] = []): MarkedBrief => ({
    ...brief,
    goods: [],
    marks: [],
    text: [...sayings.map(({ text }) => text), ...more].join(between),
    facts: {
      ...implied(
        brief,
        sayings.map(({ fact }) => fact),
      ),
      ...Object.fromEntries(sayings.map(({ fact, values }) => [fact, values])),
    },
  });
  const inPassing = turn(passing, n).replace('*', () => brief.facts.sells?.[0] ?? 'things');
  const [alone] = turned.slice(n % 3);
  return [
    form(turned.slice(0, together), n % 2 ? '\n' : ' ', n % 3 ? [inPassing] : []),
    form(turned.slice(together), n % 2 ? ' ' : '\n'),
    ...(alone ? [form([alone], '')] : []),
  ].filter(({ text }) => text !== '');
}
