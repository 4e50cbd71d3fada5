import { anything, heading, items, link, title } from '../field';
import { aboutSection } from '../kind';

export const extracts = aboutSection({
  kind: 'extracts',
  label: 'From the journal',
  visitorGets: 'What happened lately.',
  doNext: 'Write the next entry within a month, or take this out.',
  library: true,
  arrangements: [
    { id: 'titles', label: 'Titles in a list' },
    { id: 'openings', label: 'With their first lines' },
  ],
  narrowest: 5,
  fields: { heading: heading(), entries: items({ title: title(), text: anything() }), link: link() },
});
