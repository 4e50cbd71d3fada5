export { type PageMeta } from './search';
export { holdsSentences, pinsOf } from './own';
export { metaWriter } from './search';
export { placeOfText, vocabularyOf, Writer, type Prepared, type WrittenPage, type WrittenSection } from './write';
