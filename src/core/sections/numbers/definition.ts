import { reasonFrom } from '../../plan/about';
import { sourcesOf } from '../../words';
import { defineSection } from '../definition';
import { headingOf } from '../headings';
import { itemFrom } from '../keys';
import { fewestFigures, numbers as about } from './about';

export const numbers = defineSection(about, {
  because: ({ reading }) =>
    reading.figures.length >= fewestFigures ? reasonFrom('Your brief gives numbers that say something.', reading.figures) : null,
  write: (w) => {
    const { figures } = w.reading;
    if (figures.length < fewestFigures && w.section.from === 'made') return null;
    return {
      heading: headingOf(about, w),
      figures: figures.slice(0, 4).map((fact) => {
        const { figure, what } = fact.value;
        const sources = sourcesOf(fact);
        const item = { figure: { text: figure, rank: 2 as const, sources }, what: { text: what, rank: 2 as const, sources } };
        return itemFrom({ source: fact.source, value: `${figure} ${what}` }, item);
      }),
    };
  },
});
