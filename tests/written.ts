import { itemsIn, textIn, type Content } from '@/core/sections';

/** The texts of a section as they stand: a field by its name, the parts of items by their number, "text-1". */
export function numbered(content: Content): Record<string, string> {
  const found: Record<string, string> = {};
  for (const field of Object.keys(content)) {
    const text = textIn(content, field);
    if (text) found[field] = text.text;
    itemsIn(content, field).forEach((item, i) => {
      for (const [part, said] of Object.entries(item.texts)) if (said) found[`${part}-${i + 1}`] = said.text;
    });
  }
  return found;
}
