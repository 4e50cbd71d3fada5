import { reason } from '../../plan/about';
import { ours } from '../../words';
import { defineSection } from '../definition';
import { missing as about } from './about';

export const missing = defineSection(about, {
  because: () => reason('Addresses age; visitors should not hit a wall.'),
  write: () => ({
    heading: ours('This page is not here'),
    text: ours('The address may be old. The goods are still where they were.'),
  }),
});
