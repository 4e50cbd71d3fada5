import { wished } from '../../plan/about';
import { sourcesOf } from '../../words';
import { defineSection } from '../definition';
import { headingOf } from '../headings';
import { itemSaying } from '../keys';
import { people as about } from './about';

export const people = defineSection(about, {
  because: () => null,
  asked: (known) => wished(known, 'people', 'Your brief asks for the people behind it.'),
  write: (w) => ({
    heading: headingOf(about, w),
    // A person is known by the name, wherever and however the brief speaks of her.
    people: w.reading.people.map((fact) =>
      itemSaying(fact.value, { name: { text: fact.value, rank: 2, sources: sourcesOf(fact) } }),
    ),
  }),
});
