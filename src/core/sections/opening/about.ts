import { button, headline, lead } from '../field';
import { aboutSection } from '../kind';

export const opening = aboutSection({
  kind: 'opening',
  label: 'Opening',
  visitorGets: 'In three seconds: what you sell, and why yours.',
  doNext: 'Read the headline aloud. If a competitor could say it, choose another.',
  library: false,
  arrangements: [
    { id: 'pictured', label: 'Words and pictures' },
    { id: 'spoken', label: 'Words alone' },
  ],
  narrowest: 12,
  resizes: ['small', 'smaller', 'larger', 'large'],
  fields: { headline: headline(), lead: lead(), button: button(), second: button({ optional: true }) },
});
