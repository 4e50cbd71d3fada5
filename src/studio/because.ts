import { type Text } from '@/core/words';

/** Where a text comes from, in a sentence. */
export function sourceLine(text: Text): string {
  const [source] = text.sources;
  if (!source) return 'Put together from known facts.';
  if (source.kind === 'seller') return 'You wrote it here.';
  if (source.kind === 'ours') return 'A connecting word of Arcatum’s.';
  if (source.kind === 'goods') return `From your goods: ${source.say}.`;
  if (source.kind === 'till') return `From the till: ${source.say}.`;
  if (source.kind === 'ask') return `Still empty. ${source.prompt}`;
  return `From your brief: “${source.source.text.replace(/\s+/g, ' ').slice(0, 160)}”`;
}
