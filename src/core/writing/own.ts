import { reseated } from '../order';
import { planPlaces, writtenTexts, type Decided } from '../places';
import { plainProse } from '../prose';
import {
  hasSigns,
  isOwnKey,
  itemsIn,
  listsOf,
  textFieldAt,
  type Content,
  type Item,
  type SectionKind,
  type TextField,
} from '../sections';
import { type Pins, type Text } from '../words';

/** What the seller wrote into one section: texts by field, and by list, item and part. Empty texts leave out what was made. */
export interface OwnSection {
  fields: ReadonlyMap<string, string>;
  items: ReadonlyMap<string, ReadonlyMap<string, ReadonlyMap<string, string>>>;
  /** The order of a list, by the keys of its items. */
  orders: ReadonlyMap<string, readonly string[]>;
}

const inner = <K, V>(map: Map<K, Map<string, V>>, key: K): Map<string, V> => {
  const found = map.get(key) ?? new Map<string, V>();
  map.set(key, found);
  return found;
};

/** The seller's own texts, by page and section. */
export class OwnTexts {
  private readonly fields = new Map<string, Map<string, string>>();
  private readonly items = new Map<string, Map<string, Map<string, Map<string, string>>>>();
  private readonly orders = new Map<string, Map<string, readonly string[]>>();

  constructor(decided: Decided) {
    for (const { parts, value } of decided.all(writtenTexts.fieldText)) {
      const [page, section, field] = parts;
      inner(this.fields, `${page}/${section}`).set(field, value);
    }
    for (const { parts, value } of decided.all(writtenTexts.itemText)) {
      const [page, section, list, key, part] = parts;
      const lists = inner(this.items, `${page}/${section}`);
      inner(inner(lists, list) as Map<string, Map<string, string>>, key).set(part, value);
    }
    for (const { parts, value } of decided.all(planPlaces.itemOrder)) {
      const [page, section, list] = parts;
      inner(this.orders, `${page}/${section}`).set(list, value);
    }
  }

  of(page: string, section: string): OwnSection | null {
    const at = `${page}/${section}`;
    const [fields, items, orders] = [this.fields.get(at), this.items.get(at), this.orders.get(at)];
    return fields || items || orders
      ? { fields: fields ?? new Map(), items: items ?? new Map(), orders: orders ?? new Map() }
      : null;
  }
}

/** Where words can be set, the seller's signs say how. */
const byTheSeller = (text: string, field: TextField | undefined): Text => ({
  ...(hasSigns(field) ? { text: plainProse(text), set: text } : { text }),
  rank: 1,
  sources: [{ kind: 'seller' }],
});

const numberOf = (key: string): number => Number(key.split('-').at(-1));

/** Whether the seller wrote anything there: an order alone makes no section. */
export const isWritten = (own: OwnSection | null): boolean => own !== null && own.fields.size + own.items.size > 0;

/** Lays the seller's texts and order over what was made. A text that was emptied is left out; items of the seller's own come last. */
export function withOwn(made: Content, own: OwnSection | null, kind: SectionKind): Content {
  if (!own) return made;
  const words: Record<string, Content[string]> = { ...made };
  for (const [field, text] of own.fields) {
    const at = textFieldAt(kind, field);
    if (!at) continue;
    if (text === '') delete words[field];
    else words[field] = byTheSeller(text, at);
  }
  for (const [list] of listsOf(kind)) {
    const written = own.items.get(list);
    if (written) words[list] = withOwnItems(itemsIn(made, list), written, (part) => textFieldAt(kind, list, part));
    const order = own.orders.get(list);
    if (order && words[list]) words[list] = reseated(itemsIn(words, list), order, ({ key }) => key);
  }
  return words;
}

function withOwnItems(
  made: readonly Item[],
  written: ReadonlyMap<string, ReadonlyMap<string, string>>,
  fieldOf: (part: string) => TextField | undefined,
): Item[] {
  const known = new Set(made.map((item) => item.key));
  const added = [...written.keys()]
    .filter((key) => isOwnKey(key) && !known.has(key))
    .sort((a, b) => numberOf(a) - numberOf(b))
    .map((key): Item => ({ key, says: '', texts: {} }));
  return [...made, ...added].flatMap((item) => {
    const texts = { ...item.texts };
    for (const [part, text] of written.get(item.key) ?? []) {
      if (text === '') delete texts[part];
      else texts[part] = byTheSeller(text, fieldOf(part));
    }
    return Object.keys(texts).length ? [{ ...item, texts }] : [];
  });
}

/** Lists of single sentences, and the place that harvest keeps for each. */
const heldIn: Readonly<Record<string, keyof Pins>> = {
  'home/why/reasons': 'why',
  'home/story/passages': 'story',
  'about/article/passages': 'about',
  'delivery/rates/passages': 'delivery',
  'contact/contact/passages': 'contact',
};

/** Whether the items of a list are single sentences of the brief, which harvest gives their place. */
export const holdsSentences = (page: string, section: string, list: string): boolean =>
  heldIn[`${page}/${section}/${list}`] !== undefined;

/** The sentences that the seller has worked on where they stand. */
export function pinsOf(decided: Decided): Pins {
  const pins: Partial<Record<keyof Pins, Set<string>>> = {};
  for (const { parts } of decided.all(writtenTexts.itemText)) {
    const [page, section, list, key] = parts;
    const place = heldIn[`${page}/${section}/${list}`];
    if (place && !isOwnKey(key)) (pins[place] ??= new Set()).add(key.replace(/\.\d+$/, ''));
  }
  return pins;
}
