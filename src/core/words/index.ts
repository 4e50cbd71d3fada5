export { type Text, type TextSource } from './text';
export { harvest, type Harvest } from './harvest';
export { capitalised, fit, inSentence, listed, numberWords } from './grammar';
export { type PageMeta } from './search';
export { type SectionWords } from './sections';
export { Writer, wordsPlace, type WrittenPage, type WrittenSection } from './write';
