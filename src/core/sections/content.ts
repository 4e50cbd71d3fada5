import { type Text } from '../words/text';
import { type Fields, type ItemsField, type TextField } from './field';

/** One thing in a list of a section: a review, a step, an answer. Its key comes from what it says, not from where it stands. */
export interface Item<Parts extends string = string> {
  key: string;
  /** The words that it is known by when it moves or is lightly changed. */
  says: string;
  texts: Partial<Record<Parts, Text>>;
}

/** What stands in a section, by its fields. */
export type Words<F extends Fields> = {
  [K in keyof F as F[K] extends TextField ? K : never]?: Text;
} & {
  [K in keyof F as F[K] extends ItemsField ? K : never]?: readonly Item<F[K] extends ItemsField<infer Parts> ? Parts : never>[];
};

/** The same where the kind of section isn't known. */
export type Content = Readonly<Record<string, Text | readonly Item[] | undefined>>;

/** Where a text stands in its section: in a field of its own, or in a part of an item. */
export type TextAt = { field: string; key?: undefined; part?: undefined } | { field: string; key: string; part: string };

export interface ContentText {
  at: TextAt;
  text: Text;
}

/** Where a text stands, as one word: "heading", "praise/patient-1x/text". */
export const pathOf = ({ field, key, part }: TextAt): string => (key === undefined ? field : `${field}/${key}/${part}`);

const isList = (field: Text | readonly Item[]): field is readonly Item[] => Array.isArray(field);

/** Every text of a section, in the order in which it is read. */
export function contentTexts(content: Content): ContentText[] {
  return Object.entries(content).flatMap(([field, found]): ContentText[] => {
    if (!found) return [];
    if (!isList(found)) return [{ at: { field }, text: found }];
    return found.flatMap((item) =>
      Object.entries(item.texts).flatMap(([part, text]) => (text ? [{ at: { field, key: item.key, part }, text }] : [])),
    );
  });
}

/** The text of a field, where it has one. */
export function textIn(content: Content, field: string): Text | undefined {
  const found = content[field];
  return found && !isList(found) ? found : undefined;
}

/** The items of a list, none where it has none. */
export function itemsIn(content: Content, field: string): readonly Item[] {
  const found = content[field];
  return found && isList(found) ? found : [];
}

/** Tells items of the same words apart: the second "Noon till five" in a list is another. */
export function withDistinctKeys(content: Content): Content {
  return Object.fromEntries(
    Object.entries(content).map(([field, found]) => [field, found && isList(found) ? distinct(found) : found]),
  );
}

function distinct(items: readonly Item[]): readonly Item[] {
  const seen = new Map<string, number>();
  return items.map((item) => {
    const n = (seen.get(item.key) ?? 0) + 1;
    seen.set(item.key, n);
    return n === 1 ? item : { ...item, key: `${item.key}.${n}` };
  });
}

/** Content with each of its texts turned into another, or left out; an item without texts goes. */
export function turnTexts(content: Content, turn: (text: Text, at: TextAt) => Text | null): Content {
  const turned: Record<string, Text | readonly Item[]> = {};
  for (const [field, found] of Object.entries(content)) {
    if (!found) continue;
    if (!isList(found)) {
      const text = turn(found, { field });
      if (text) turned[field] = text;
      continue;
    }
    turned[field] = found.flatMap((item): Item[] => {
      const texts = Object.fromEntries(
        Object.entries(item.texts).flatMap(([part, text]) => {
          const kept = text && turn(text, { field, key: item.key, part });
          return kept ? [[part, kept]] : [];
        }),
      );
      return Object.keys(texts).length ? [{ ...item, texts }] : [];
    });
  }
  return turned;
}
