import { heading, link, passage, terms } from '../field';
import { aboutSection } from '../kind';

export const offer = aboutSection({
  kind: 'offer',
  label: 'Offer',
  visitorGets: 'What is cheaper just now, and until when.',
  doNext: 'Take it out when it ends; the till knows the date.',
  library: true,
  arrangements: [
    { id: 'band', label: 'A band across' },
    { id: 'notice', label: 'A boxed notice' },
  ],
  fields: {
    heading: heading(),
    text: passage({ ask: 'What is on offer, and until when?' }),
    code: terms(),
    link: link(),
  },
});
