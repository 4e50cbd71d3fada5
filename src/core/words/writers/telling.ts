import { type SectionKind } from '../../plan';
import { capitalised } from '../grammar';
import { headingOf } from '../phrases';
import { fromBrief, ours, sourcesOf, type Text } from '../text';
import { numbered, spoken, type SectionWords, type Writer, type Writing } from '../writing';

const heading = (w: Writing, kind: SectionKind): SectionWords => ({ heading: ours(headingOf(kind, w)) });

export const tellingWriters: Partial<Record<SectionKind, Writer>> = {
  why: (w) => {
    const words = heading(w, 'why');
    w.harvest.why.forEach(({ title, text }, i) => {
      if (title) words[`title-${i + 1}`] = title;
      words[`text-${i + 1}`] = text;
    });
    return w.harvest.why.length || w.section.from === 'added' ? words : null;
  },
  story: (w) => {
    if (!w.harvest.story.length && w.section.from === 'made') return null;
    const words: SectionWords = { ...heading(w, 'story'), ...numbered(w.harvest.story, 'text') };
    if (w.harvest.about.length) words.link = ours(spoken(w, 'More about me', 'More about us'));
    return words;
  },
  numbers: (w) => {
    const words = heading(w, 'numbers');
    w.reading.figures.slice(0, 4).forEach((fact, i) => {
      const sources = sourcesOf(fact);
      words[`figure-${i + 1}`] = { text: fact.value.figure, rank: 2, sources };
      words[`what-${i + 1}`] = { text: fact.value.what, rank: 2, sources };
    });
    return w.reading.figures.length >= 2 || w.section.from !== 'made' ? words : null;
  },
  people: (w) => {
    const words = heading(w, 'people');
    w.reading.people.forEach((fact, i) => {
      words[`name-${i + 1}`] = { text: fact.value, rank: 2, sources: sourcesOf(fact) };
    });
    return words;
  },
  reviews: (w) => {
    const words = heading(w, 'reviews');
    w.reading.reviews.forEach((fact, i) => {
      const sources = sourcesOf(fact);
      words[`text-${i + 1}`] = { text: fact.value.text, rank: 1, sources };
      if (fact.value.by) words[`by-${i + 1}`] = { text: fact.value.by, rank: 1, sources };
    });
    return words;
  },
  steps: (w) => {
    const steps = w.reading.steps.map((fact): Text => fromBrief(capitalised(fact.value), ...(fact.source ? [fact.source] : [])));
    return { ...heading(w, 'steps'), ...numbered(steps, 'step') };
  },
  video: (w) => heading(w, 'video'),
  extracts: (w) => {
    const entries = w.written('journal', 'posts');
    const shown = Object.fromEntries(
      Object.entries(entries).filter(([slot, text]) => /^(?:title|text)-[123]$/.test(slot) && text.text),
    );
    return Object.keys(shown).length || w.section.from !== 'made'
      ? { ...heading(w, 'extracts'), ...shown, link: ours('To the journal') }
      : null;
  },
  'free-text': () => ({}),
  markup: () => ({}),
  posts: (w) => ({ heading: ours(w.page.name), ...w.written(w.page.id, 'posts') }),
  article: (w) => ({ heading: ours(`About ${w.reading.name?.value ?? 'us'}`), ...numbered(w.harvest.about, 'text') }),
};
