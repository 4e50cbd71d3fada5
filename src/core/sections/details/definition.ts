import { reasonFrom, type Known } from '../../plan/about';
import { capitalised, fromBrief } from '../../words';
import { defineSection } from '../definition';
import { headingOf } from '../headings';
import { itemFrom } from '../keys';
import { details as about } from './about';

const told = ({ reading }: Pick<Known, 'reading'>) =>
  reading.statements.filter((statement) => statement.topics.includes('detail'));

export const details = defineSection(about, {
  because: (known) => {
    const found = told(known);
    return found.length ? reasonFrom('Your brief tells what buyers of such things ask about.', found) : null;
  },
  write: (w) => {
    const found = told(w);
    if (!found.length && w.section.from === 'made') return null;
    return {
      heading: headingOf(about, w),
      details: found.map((statement) => {
        const [name = '', ...rest] = statement.text.split(':');
        return itemFrom(
          { source: statement.source, value: statement.text },
          {
            name: fromBrief(name.trim(), statement.source),
            text: fromBrief(capitalised(rest.join(':').trim()), statement.source),
          },
        );
      }),
    };
  },
});
