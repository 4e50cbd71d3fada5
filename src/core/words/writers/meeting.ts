import { type SectionKind } from '../../plan';
import { capitalised } from '../grammar';
import { headingOf } from '../phrases';
import { deliveryAnswers } from '../questions';
import { fromBrief, ours, sourcesOf } from '../text';
import { numbered, spoken, type SectionWords, type Writer, type Writing } from '../writing';

const heading = (w: Writing, kind: SectionKind): SectionWords => ({ heading: ours(headingOf(kind, w)) });

export const meetingWriters: Partial<Record<SectionKind, Writer>> = {
  questions: (w) => {
    const answers = deliveryAnswers(w);
    if (!answers.length && w.section.from === 'made') return null;
    const words: SectionWords = { heading: ours(w.page.kind === 'questions' ? w.page.name : headingOf('questions', w)) };
    answers.forEach(({ question, answer }, i) => {
      words[`question-${i + 1}`] = question;
      words[`answer-${i + 1}`] = answer;
    });
    return words;
  },
  details: (w) => {
    const told = w.reading.statements.filter((statement) => statement.topics.includes('detail'));
    const words = heading(w, 'details');
    told.forEach((statement, i) => {
      const [name = '', ...rest] = statement.text.split(':');
      words[`name-${i + 1}`] = fromBrief(name.trim(), statement.source);
      words[`text-${i + 1}`] = fromBrief(capitalised(rest.join(':').trim()), statement.source);
    });
    return told.length || w.section.from !== 'made' ? words : null;
  },
  hours: (w) => {
    const words = heading(w, 'hours');
    w.reading.openings.forEach((fact, i) => {
      const sources = sourcesOf(fact);
      words[`days-${i + 1}`] = { text: fact.value.days, rank: 2, sources };
      words[`hours-${i + 1}`] = { text: fact.value.hours, rank: 2, sources };
    });
    return words;
  },
  map: (w) => {
    const { place, address } = w.reading;
    const where = address ?? place;
    return where ? { ...heading(w, 'map'), address: { text: where.value, rank: 2, sources: sourcesOf(where) } } : null;
  },
  form: (w) =>
    w.reading.email
      ? {
          ...heading(w, 'form'),
          note: {
            text: `It opens your mail program with the letter to ${w.reading.email.value} begun.`,
            rank: 2,
            sources: sourcesOf(w.reading.email),
          },
          button: ours('Begin the letter'),
        }
      : null,
  newsletter: (w) =>
    w.reading.email
      ? {
          ...heading(w, 'newsletter'),
          note: {
            text: `You sign up by a letter to ${w.reading.email.value}, and leave in the same way.`,
            rank: 2,
            sources: sourcesOf(w.reading.email),
          },
          button: ours('Sign up by letter'),
        }
      : null,
  contact: (w) => ({
    heading: ours(w.page.kind === 'contact' ? 'Contact' : spoken(w, 'Write to me', 'Write to us')),
    ...(w.page.kind === 'contact' ? numbered(w.harvest.contact, 'text') : {}),
  }),
};
