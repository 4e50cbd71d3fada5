import { defineSection } from '../definition';
import { markup as about } from './about';

export const markup = defineSection(about, { because: () => null, write: () => ({}) });
