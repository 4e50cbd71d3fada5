import { moodOf } from '../brief';
import { type Known, type SectionKind } from '../plan';

/**
 * Headings of ours, several for each kind of section: plain, short, and true of any shop that has the section. `{me}`, `{my}`, `{I}` turn
 * into the person that the brief speaks in.
 */
const headings: Partial<Record<SectionKind, readonly string[]>> = {
  featured: ['A first look', 'From the shelves', 'Some of it', 'To begin with', 'A few to start from', 'Out of the list'],
  'buy-one': ['The one thing', 'Here it is', 'This is it', 'What there is', 'Just this', 'The thing itself'],
  categories: ['What {I} sell', 'The shelves', 'By kind', 'Find your way', 'All kinds', 'Where to look'],
  why: [
    'How {I} work',
    'What you can count on',
    'What {I} hold to',
    'How it is done here',
    'The way {I} do it',
    'Before you choose',
  ],
  story: ['Where it comes from', 'How it began', 'Who is behind it', 'The story so far', 'Behind the shop', 'How {I} got here'],
  numbers: ['In numbers', 'Counted', 'By the numbers', 'So far', 'What can be counted', 'The count'],
  people: ['Who {I} {am}', 'The people', 'Names to write to', 'Behind the counter', 'Who does it', 'Hands and names'],
  reviews: ['What buyers said', 'From letters', 'In their words', 'Heard from buyers', 'What came back', 'Said by others'],
  questions: ['Before you order', 'Good questions', 'Asked before', 'What buyers ask', 'Answers', 'In case you wonder'],
  gallery: ['To look at', 'Pictures', 'Seen close', 'A closer look', 'On the wall', 'Look first'],
  offer: ['Cheaper just now', 'On offer', 'For less', 'While it lasts', 'Lower prices', 'This time only'],
  newsletter: ['Letters from {me}', 'Hear from {me}', 'Now and then, a letter', 'By letter', 'Word from here', 'Stay in touch'],
  form: ['Ask {me}', 'Write to {me}', 'A question?', 'Tell {me} what you need', 'Send a note', 'What can {I} do for you'],
  map: ['Where {I} {am}', 'How to find {me}', 'On the map', 'The way here', 'Here', 'Around here'],
  video: ['To watch', 'Seen moving', 'The work, moving', 'A short film', 'Watch it done', 'Moving pictures'],
  'price-table': ['What it costs', 'Prices', 'All prices', 'The price list', 'Prices at a glance', 'From price to price'],
  steps: ['How it is made', 'Step by step', 'What happens', 'In this order', 'From start to end', 'The way it goes'],
  extracts: ['From the journal', 'Lately', 'Written down', 'What is new', 'Notes', 'Latest entries'],
  posts: ['Journal', 'Entries', 'Written down', 'Notes', 'What is new', 'Diary'],
  hours: ['Open', 'Opening hours', 'When the door is open', 'Hours', 'Come by', 'When to come'],
  posted: ['Posted elsewhere', 'More pictures', 'Out there', 'Follow along', 'Seen elsewhere', 'Pictures from the week'],
  details: ['Good to know', 'The particulars', 'What to know', 'In detail', 'Worth knowing', 'Details'],
  contact: ['Write to {me}', 'Reach {me}', 'Contact', 'Where to write', 'Get hold of {me}', 'A person to ask'],
  related: ['Beside it on the shelf', 'Near it', 'More like it', 'Goes with it', 'Its neighbours', 'Look at these too'],
};

const asks = (phrase: string): string => phrase.replace(/ \?$/, '?');

/** All headings of a kind in the person of the shop, the usual one first. */
export function headingsOf(kind: SectionKind, { reading }: Pick<Known, 'reading'>): string[] {
  const single = reading.person === 'I';
  const turned = (phrase: string) =>
    phrase
      .replace(/\{I\} \{am\}/g, single ? 'I am' : 'we are')
      .replace(/\{I\}/g, single ? 'I' : 'we')
      .replace(/\{me\}/g, single ? 'me' : 'us')
      .replace(/\{my\}/g, single ? 'my' : 'our');
  return (headings[kind] ?? []).map(turned).map(asks);
}

/** Headings for a shop that is to be loud: short, and as true of every such section as the usual ones. */
const loud: Partial<Record<SectionKind, string>> = {
  featured: 'Some of it',
  categories: 'By kind',
  story: 'Behind the shop',
  numbers: 'Counted',
  reviews: 'In their words',
  questions: 'Answers',
  offer: 'On offer',
  'price-table': 'Prices',
  steps: 'Step by step',
  map: 'Here',
};

/** The heading that stands there unless the seller takes another. */
export function headingOf(kind: SectionKind, known: Pick<Known, 'reading'>): string {
  const isLoud = moodOf(known.reading.tone.map((fact) => fact.value)).loud > 0.4;
  return (isLoud ? loud[kind] : undefined) ?? headingsOf(kind, known)[0] ?? '';
}
