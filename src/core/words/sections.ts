import { sectionDefinition } from '../plan';
import { askFor } from './text';
import { fixedWriters } from './writers/fixed';
import { meetingWriters } from './writers/meeting';
import { sellingWriters } from './writers/selling';
import { tellingWriters } from './writers/telling';
import { type SectionWords, type Writer, type Writing } from './writing';

const writers: Partial<Record<string, Writer>> = { ...sellingWriters, ...tellingWriters, ...meetingWriters, ...fixedWriters };

/** Writes a section, or gives null where nothing known fills it. */
export function writeSection(writing: Writing): SectionWords | null {
  const { kind } = writing.section;
  const writer = writers[kind];
  if (!writer) throw new Error(`No writer for the section kind “${kind}”.`);
  return writer(writing);
}

/** The places of a section that only the seller can fill, where the brief or the seller wants it and nothing stands there yet. */
export function withAsks(words: SectionWords, { section }: Writing): SectionWords {
  if (section.from === 'made') return words;
  const asks = sectionDefinition(section.kind).asks ?? [];
  const open = asks.filter(({ slot }) => !words[slot]);
  return { ...words, ...Object.fromEntries(open.map(({ slot, prompt }) => [slot, askFor(prompt)])) };
}

/** Whether a section says or shows anything of this shop: without that it isn't published. Its heading alone is nothing. */
export function isFilled(words: SectionWords, { section }: Writing): boolean {
  const needed = (sectionDefinition(section.kind).asks ?? []).filter(({ slot, optional }) => !optional && slot !== 'heading');
  const kindOf = (slot: string) => slot.replace(/-\d+$/, '');
  const given = new Set(Object.entries(words).flatMap(([slot, text]) => (text.text ? [kindOf(slot)] : [])));
  // An offer may be a code of the till instead of words.
  return needed.length === 0 || needed.some(({ slot }) => given.has(kindOf(slot))) || given.has('code');
}
