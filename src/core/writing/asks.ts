import { itemsIn, ownKey, sectionAbout, textIn, type Content, type Item, type SectionKind, type TextField } from '../sections';
import { type Section } from '../plan';
import { askFor } from '../words';

/** The fields of a list that only the seller can fill. */
const asked = (parts: Readonly<Record<string, TextField>>): [part: string, prompt: string][] =>
  Object.entries(parts).flatMap(([part, { ask }]) => (ask === undefined ? [] : [[part, ask]]));

/** The places of a section that only the seller can fill, where the brief or the seller wants it and nothing stands there yet. */
export function withAsks(words: Content, { kind, from }: Pick<Section, 'kind' | 'from'>): Content {
  if (from === 'made' && isFilled(kind, words)) return words;
  const open: Record<string, Content[string]> = {};
  for (const [name, field] of Object.entries(sectionAbout(kind).fields)) {
    if (field.kind === 'text') {
      if (field.ask !== undefined && !textIn(words, name)) open[name] = askFor(field.ask);
      continue;
    }
    const asks = asked(field.parts);
    if (!asks.length) continue;
    const [first = { key: ownKey(1), says: '', texts: {} }, ...rest] = itemsIn(words, name);
    const missing = asks.filter(([part]) => !first.texts[part]).map(([part, prompt]) => [part, askFor(prompt)]);
    const filled: Item = { ...first, texts: { ...first.texts, ...Object.fromEntries(missing) } };
    open[name] = [filled, ...rest];
  }
  return { ...words, ...open };
}

/** Whether a section says or shows anything of this shop: without that it isn't published. Its heading alone is nothing. */
export function isFilled(kind: SectionKind, words: Content): boolean {
  const { fields } = sectionAbout(kind);
  let needed = 0;
  for (const [name, field] of Object.entries(fields)) {
    if (field.kind === 'text') {
      if (field.ask === undefined || field.optional || name === 'heading') continue;
      if (textIn(words, name)?.text) return true;
      needed++;
      continue;
    }
    for (const [part, { ask, optional }] of Object.entries(field.parts)) {
      if (ask === undefined || optional) continue;
      if (itemsIn(words, name).some((item) => item.texts[part]?.text)) return true;
      needed++;
    }
  }
  // An offer may be a code of the till instead of words.
  return needed === 0 || Boolean(textIn(words, 'code')?.text);
}
