import { phrasesOf } from '../../phrases';
import { topOf } from '../../goods';
import { reason } from '../../plan/about';
import { capitalised, fromGoods } from '../../words';
import { defineSection } from '../definition';
import { headingOf } from '../headings';
import { categories as about } from './about';

/** Categories that fit a line are their own heading. */
const mostLetters = 42;

export const categories = defineSection(about, {
  because: ({ catalogue }) =>
    topOf(catalogue.categories).length > 1
      ? reason(`Your goods fall into ${topOf(catalogue.categories).length} categories.`)
      : null,
  write: (w) => {
    const shelves = topOf(w.catalogue.categories).map(({ name }) => name);
    if (!shelves.length) return null;
    const say = phrasesOf(w.rules);
    const named = capitalised(say.listed(shelves.map((name, i) => (i ? say.inSentence(name) : name))));
    return { heading: named.length <= mostLetters ? fromGoods(named, 'the categories of your list') : headingOf(about, w) };
  },
});
