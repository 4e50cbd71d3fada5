const scripts = ['Han', 'Hiragana', 'Katakana', 'Thai', 'Lao', 'Khmer', 'Myanmar'].map((name) => `\\p{Script=${name}}`).join('');
const sign = new RegExp(`[${scripts}]`, 'u');
const signs = new RegExp(`[${scripts}]`, 'gu');

/** Whether a text has signs of a script that puts no space between words. */
export const isUnspaced = (text: string): boolean => sign.test(text);

/** How many signs of such scripts a text has. */
export const unspacedSigns = (text: string): number => text.match(signs)?.length ?? 0;
