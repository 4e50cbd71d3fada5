import { reason, reasonFrom, wished } from '../page';
import { type SectionDefinition } from './definition';

/** Sections through which shop and visitor find each other. */
export const meeting: readonly SectionDefinition[] = [
  {
    kind: 'questions',
    label: 'Questions',
    visitorGets: 'Answers on delivery, returns and payment before they have to ask.',
    doNext: 'Check every answer against what you really do; they come from the till.',
    because: ({ rules }) =>
      rules.zones.length || rules.returnsDays !== null
        ? reason('The till knows what delivery, returns and payment are like.')
        : null,
    library: true,
    arrangements: [
      { id: 'open', label: 'All open' },
      { id: 'folded', label: 'Folded' },
    ],
    asks: [
      { slot: 'question-1', prompt: 'A question that buyers ask you' },
      { slot: 'answer-1', prompt: 'Your answer' },
    ],
  },
  {
    kind: 'details',
    label: 'Good to know',
    visitorGets: 'What people who buy such things always ask.',
    doNext: 'Answer the next question at Brief; each answer lands here.',
    because: ({ reading }) => {
      const told = reading.statements.filter((statement) => statement.topics.includes('detail'));
      return told.length ? reasonFrom('Your brief tells what buyers of such things ask about.', told) : null;
    },
    library: true,
    arrangements: [
      { id: 'table', label: 'A table' },
      { id: 'lines', label: 'Lines of text' },
    ],
    asks: [
      { slot: 'name-1', prompt: 'What it is about: care, sizes, keeping …' },
      { slot: 'text-1', prompt: 'What buyers should know' },
    ],
  },
  {
    kind: 'hours',
    label: 'Opening hours',
    visitorGets: 'When the door is open.',
    doNext: 'Change them here before a holiday.',
    because: ({ reading }) =>
      reading.openings.length ? reasonFrom('Your brief says when you are open.', reading.openings) : null,
    asked: (known) => wished(known, 'hours', 'Your brief asks for opening hours.'),
    library: true,
    arrangements: [
      { id: 'table', label: 'A table' },
      { id: 'line', label: 'One line' },
    ],
    asks: [
      { slot: 'days-1', prompt: 'Days' },
      { slot: 'hours-1', prompt: 'Hours' },
    ],
  },
  {
    kind: 'map',
    label: 'Map',
    visitorGets: 'Where you are, seen from the towns around.',
    doNext: 'Stand at your door and check the words against what you see.',
    because: ({ reading }) =>
      reading.place && (reading.goal.value === 'visits' || reading.openings.length)
        ? reasonFrom('People are to come to you.', [reading.place, ...reading.openings])
        : null,
    asked: (known) => (known.reading.place ? wished(known, 'map', 'Your brief asks for a map.') : null),
    needs: 'a place in the brief',
    library: true,
    arrangements: [
      { id: 'beside', label: 'Beside the address' },
      { id: 'wide', label: 'Across the page' },
    ],
  },
  {
    kind: 'form',
    label: 'Form',
    visitorGets: 'A way to ask without leaving the page.',
    doNext: 'Send yourself one.',
    because: ({ reading }) =>
      reading.email && reading.goal.value === 'enquiries'
        ? reasonFrom('The site is to bring enquiries.', [reading.goal, reading.email])
        : null,
    asked: (known) => (known.reading.email ? wished(known, 'form', 'Your brief asks for a form.') : null),
    needs: 'an e-mail address in the brief',
    library: true,
    arrangements: [
      { id: 'column', label: 'One column' },
      { id: 'beside', label: 'Beside its heading' },
    ],
  },
  {
    kind: 'newsletter',
    label: 'Newsletter',
    visitorGets: 'Word from you, if they want it.',
    doNext: 'Say how often you write, and keep to it.',
    because: ({ reading }) =>
      reading.email && reading.goal.value === 'subscribers'
        ? reasonFrom('The site is to win readers for your letters.', [reading.goal])
        : null,
    asked: (known) => (known.reading.email ? wished(known, 'newsletter', 'Your brief asks for a newsletter.') : null),
    needs: 'an e-mail address in the brief',
    library: true,
    arrangements: [
      { id: 'band', label: 'A band across' },
      { id: 'column', label: 'In the column' },
    ],
    asks: [{ slot: 'text', prompt: 'What do you write about, and how often?', optional: true }],
  },
  {
    kind: 'contact',
    label: 'Contact',
    visitorGets: 'A way to reach a person.',
    doNext: 'Ring the number and write to the address once, to see that both work.',
    because: ({ reading }) => {
      const facts = [reading.email, reading.phone, reading.address, reading.place].filter((fact) => fact !== null);
      return facts.length ? reasonFrom('Your brief gives a way to reach you.', facts) : null;
    },
    library: true,
    arrangements: [
      { id: 'spread', label: 'Spread out' },
      { id: 'line', label: 'One line' },
    ],
  },
];
