import { defineSection } from '../definition';
import { freeText as about } from './about';

export const freeText = defineSection(about, { because: () => null, write: () => ({}) });
