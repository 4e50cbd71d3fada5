import { wished } from '../../plan/about';
import { defineSection } from '../definition';
import { headingOf } from '../headings';
import { video as about } from './about';

export const video = defineSection(about, {
  because: () => null,
  asked: (known) => wished(known, 'video', 'Your brief asks for a video.'),
  write: (w) => ({ heading: headingOf(about, w) }),
});
