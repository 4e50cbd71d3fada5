/** What may be printed without asking: of a hundred sentences that are this likely, one may be wrong. */
export const surelyPrinted = 0.7;
/** What looks sure and is not: asked about before all else. */
export const leastSure = surelyPrinted * 0.99;

/** Signs that stand for words in notes, and in no sentence: arrows, sums, slashes between things, "w/". */
const notation = /[→➔➜⇒⇐←↔]|[-=]+>|(?:^|\s)[+=|~<>^\\/](?:\s|$)|(?:^|[\s(])\p{L}{1,2}\/(?=\s|\p{L})|[{}]/u;

/** Whether a text is notes: understood by who wrote it, and no sentence for a page before it is written out. */
export const isNotes = (text: string): boolean => notation.test(text);
