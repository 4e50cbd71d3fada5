export { askedAt, type Text, type TextSource } from './text';
export { harvest, type Harvest } from './harvest';
export { article, capitalised, fit, inSentence, listed, numberWords, pluralTitle, possessive } from './grammar';
export { type PageMeta } from './search';
export { type SectionWords } from './writing';
export { describe } from './products';
export { readingEase, fleschScore, splitBlock, type Ease } from './ease';
export { stockIn, stockPhrases } from './stock';
export { Writer, wordsPlace, type WrittenPage, type WrittenSection } from './write';
