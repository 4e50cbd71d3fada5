/** What a heading, a question or a word before a colon says that the words after it are about. */
export type Label =
  | 'name'
  | 'sells'
  | 'audience'
  | 'look'
  | 'colours'
  | 'avoid'
  | 'features'
  | 'goal'
  | 'difference'
  | 'place'
  | 'reach'
  | 'contact'
  | 'currency'
  | 'story'
  | 'reviews'
  | 'detail'
  | 'other';

const words: [Label, RegExp][] = [
  ['name', /\b(?:business|shop|company|brand|it|you) (?:be )?called\b|\bname\b/],
  [
    'reviews',
    /\b(?:reviews?|testimonials?|what (?:do )?(?:our |your |my )?(?:customers|people|buyers|they|others) say|feedback)\b/,
  ],
  ['avoid', /\b(?:avoid|don'?t want|not wanted|dislikes?|hates?|no[- ]gos?|taboos?)\b/],
  ['difference', /\b(?:different|difference|special|unique|stand out|why us|why (?:buy|choose)|usp|promise)\b/],
  ['colours', /\b(?:colou?rs?|palette)\b/],
  [
    'look',
    /\b(?:look|feel|feeling|tone|mood|style|design|vibe|atmosphere|branding|character|voice)\b|^(?:we )?wants?$|^(?:the )?(?:web ?)?site$/,
  ],
  [
    'goal',
    /\b(?:goals?|aims?|purpose|objectives?|site (?:must|should|needs? to|has to) do|do for you|achieve|people do|visitors do)\b/,
  ],
  ['features', /\b(?:features?|pages|must[- ]haves?|functions?|should have|needs?|include|sections)\b/],
  ['story', /^who (?:are|is) (?:you|we|behind)\b/],
  [
    'audience',
    /\b(?:audience|customers?|buyers?|who comes|who buys|who is it for|who's it for|clients?|^who|target|shoppers?)\b/,
  ],
  ['reach', /\b(?:deliver\w*|ship\w*|postage|post to|reach|send to)\b/],
  ['currency', /\b(?:currency|prices?)\b/],
  ['contact', /\b(?:contact|e-?mail|tel|telephone|phone|ring|call|write|questions|address|mobile|whatsapp)\b/],
  ['place', /\b(?:where|place|location|based|town|city)\b/],
  ['sells', /\b(?:what (?:do you |you |we |i )?(?:sell|make)|what|sells?|selling|products?|goods|range|offer\w*|services?)\b/],
  ['name', /\b(?:name|called|business|company|shop|brand|title)\b/],
  ['story', /\b(?:story|about us|about me|background|history|who (?:are|we are|is behind))\b/],
];

/** What a heading or a question asks about. */
export function labelOf(text: string): Label | null {
  const plain = text
    .toLowerCase()
    .replace(/[’]/g, "'")
    .replace(/^[#>*\s-]+/, '');
  return words.find(([, pattern]) => pattern.test(plain))?.[0] ?? null;
}
