import { reasonFrom, wished } from '../page';
import { type SectionDefinition } from './definition';

/** Sections that say who is behind the shop and how the work is done. */
export const telling: readonly SectionDefinition[] = [
  {
    kind: 'why',
    label: 'Why us',
    visitorGets: 'The reasons to buy here and not elsewhere, in your own words.',
    doNext: 'Add a promise that you keep anyway to the brief.',
    because: ({ reading }) => {
      const reasons = reading.statements.filter((s) => s.topics.some((t) => t === 'promise' || t === 'method' || t === 'limit'));
      return reasons.length ? reasonFrom('Your brief says how you work and what you promise.', reasons.slice(0, 3)) : null;
    },
    library: true,
    arrangements: [
      { id: 'abreast', label: 'Side by side' },
      { id: 'stacked', label: 'One under the other' },
    ],
    asks: [{ slot: 'text-1', prompt: 'One reason to buy from you, that no other shop could give.' }],
  },
  {
    kind: 'story',
    label: 'Story',
    visitorGets: 'Who is behind it, so that a stranger can trust you.',
    doNext: 'A picture of the two hands that do the work would help here.',
    because: ({ reading }) => {
      const telling = reading.statements.filter((s) => s.topics.some((t) => t === 'since' || t === 'people' || t === 'place'));
      return telling.length ? reasonFrom('Your brief tells where you come from.', telling.slice(0, 3)) : null;
    },
    library: true,
    arrangements: [
      { id: 'column', label: 'One column' },
      { id: 'columns', label: 'Two columns' },
    ],
    asks: [{ slot: 'text-1', prompt: 'How did it begin? Two sentences are enough.' }],
  },
  {
    kind: 'numbers',
    label: 'Numbers',
    visitorGets: 'How much, how many, how long: what can be counted.',
    doNext: 'Count again once a year.',
    because: ({ reading }) =>
      reading.figures.length >= 2 ? reasonFrom('Your brief gives numbers that say something.', reading.figures) : null,
    library: true,
    arrangements: [
      { id: 'row', label: 'In a row' },
      { id: 'ledger', label: 'In a column, figures right' },
    ],
    asks: [
      { slot: 'figure-1', prompt: 'A number' },
      { slot: 'what-1', prompt: 'What it counts' },
    ],
  },
  {
    kind: 'people',
    label: 'People',
    visitorGets: 'Names, so that buyers know whom they write to.',
    doNext: 'Say in one line what each of you does.',
    because: () => null,
    asked: (known) => wished(known, 'people', 'Your brief asks for the people behind it.'),
    library: true,
    arrangements: [
      { id: 'list', label: 'Names in a list' },
      { id: 'pair', label: 'Side by side' },
    ],
    asks: [
      { slot: 'name-1', prompt: 'A name' },
      { slot: 'text-1', prompt: 'What this person does, in one line', optional: true },
    ],
  },
  {
    kind: 'reviews',
    label: 'Reviews',
    visitorGets: 'What buyers said, in their own words.',
    doNext: 'Ask your last three buyers for a sentence each.',
    because: ({ reading }) =>
      reading.reviews.length ? reasonFrom('Your brief quotes what buyers said.', reading.reviews) : null,
    asked: (known) => wished(known, 'reviews', 'Your brief asks for reviews. They have to come from your buyers.'),
    library: true,
    arrangements: [
      { id: 'one', label: 'The first one large' },
      { id: 'all', label: 'All alike' },
    ],
    asks: [
      { slot: 'text-1', prompt: 'What a buyer wrote to you, word for word' },
      { slot: 'by-1', prompt: 'Who it was, as they want to be named', optional: true },
    ],
  },
  {
    kind: 'steps',
    label: 'Steps',
    visitorGets: 'What happens, in which order.',
    doNext: 'Read it as someone who has never ordered this.',
    because: ({ reading }) =>
      reading.steps.length >= 3 ? reasonFrom('Your brief tells the steps of the work.', reading.steps) : null,
    asked: (known) => wished(known, 'steps', 'Your brief asks for the steps.'),
    library: true,
    arrangements: [
      { id: 'row', label: 'In a row' },
      { id: 'ladder', label: 'One under the other' },
    ],
    asks: [{ slot: 'step-1', prompt: 'What happens first?' }],
  },
  {
    kind: 'video',
    label: 'Video',
    visitorGets: 'The work, moving.',
    doNext: 'Keep it under a minute.',
    because: () => null,
    asked: (known) => wished(known, 'video', 'Your brief asks for a video.'),
    library: true,
    arrangements: [
      { id: 'plate', label: 'A picture that leads to it' },
      { id: 'line', label: 'A line of text' },
    ],
    asks: [
      { slot: 'title', prompt: 'What the video shows' },
      { slot: 'address', prompt: 'Where it is: its web address' },
    ],
  },
  {
    kind: 'extracts',
    label: 'From the journal',
    visitorGets: 'What happened lately.',
    doNext: 'Write the next entry within a month, or take this out.',
    because: () => null,
    asked: (known) => wished(known, 'journal', 'Your brief asks for a journal; its newest entries belong on the front page.'),
    library: true,
    arrangements: [
      { id: 'titles', label: 'Titles in a list' },
      { id: 'openings', label: 'With their first lines' },
    ],
  },
  {
    kind: 'free-text',
    label: 'Text',
    visitorGets: 'Whatever you want to tell.',
    doNext: 'Cut it to half, then look whether anything is missing.',
    because: () => null,
    library: true,
    repeats: true,
    arrangements: [
      { id: 'plain', label: 'A column' },
      { id: 'set-off', label: 'Set off from the rest' },
    ],
    asks: [
      { slot: 'heading', prompt: 'A heading' },
      { slot: 'text-1', prompt: 'Your text' },
    ],
  },
  {
    kind: 'markup',
    label: 'Piece of markup',
    visitorGets: 'Something from outside, such as a programme or a board of dates.',
    doNext: 'Look at it on a phone too.',
    because: () => null,
    library: true,
    repeats: true,
    arrangements: [
      { id: 'framed', label: 'Framed' },
      { id: 'bare', label: 'Without a frame' },
    ],
    asks: [
      { slot: 'heading', prompt: 'What it is' },
      { slot: 'markup', prompt: 'The markup. It is shown in a box of its own, without scripts.' },
    ],
  },
];
