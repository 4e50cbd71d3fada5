import { fieldOfText, standsAt, type Address } from '../places';
import { capitalised } from '../capitalised';
import { kindOfSection, sectionAbout } from '../sections/about';

/**
 * What can be pointed at in a shop: by mouse, touch, keyboard and screen reader in the window, and by words. A kind says what it is called and
 * what tells one of it from the others. What stands in the shop carries the name of its thing by construction, in the preview alone.
 */
interface ThingKindAbout {
  /** How it is called, beside what it shows. */
  name: string;
  parts: readonly string[];
  /** Whether several of it stand in a row whose order is the seller's: the part that tells one from the others. */
  inRowBy?: string;
}

export const thingAbouts = {
  page: { name: 'Page', parts: ['page'] },
  header: { name: 'Header', parts: [] },
  logo: { name: 'Logo', parts: [] },
  menu: { name: 'Menu', parts: [] },
  entry: { name: 'Menu entry', parts: ['page'], inRowBy: 'page' },
  footer: { name: 'Footer', parts: [] },
  'footer-entry': { name: 'Footer entry', parts: ['page'], inRowBy: 'page' },
  'outside-link': { name: 'Link out of the shop', parts: ['link'] },
  section: { name: 'Section', parts: ['page', 'section'], inRowBy: 'section' },
  item: { name: 'Item', parts: ['page', 'section', 'list', 'key'], inRowBy: 'key' },
  heading: { name: 'Heading', parts: ['place'] },
  text: { name: 'Text', parts: ['place'] },
  button: { name: 'Button', parts: ['place'] },
  link: { name: 'Link', parts: ['place'] },
  picture: { name: 'Picture', parts: ['page', 'section'] },
  'product-picture': { name: 'Picture', parts: ['product'] },
  'own-picture': { name: 'Picture', parts: ['page', 'section', 'name'], inRowBy: 'name' },
  shelf: { name: 'Category', parts: ['page'] },
  card: { name: 'Card', parts: ['product'], inRowBy: 'product' },
  price: { name: 'Price', parts: ['product'] },
} as const satisfies Readonly<Record<string, ThingKindAbout>>;

export type ThingKind = keyof typeof thingAbouts;
export const thingKinds = Object.keys(thingAbouts) as ThingKind[];

type PartsOf<K extends ThingKind> = (typeof thingAbouts)[K]['parts'][number];

/** A thing of a shop. */
export type Thing = { [K in ThingKind]: { kind: K } & Readonly<Record<PartsOf<K>, string>> }[ThingKind];

/** Kinds of things that are texts. */
export const textKinds = ['heading', 'text', 'button', 'link'] as const satisfies readonly ThingKind[];
type TextThing = Extract<Thing, { kind: (typeof textKinds)[number] }>;
export const isText = (thing: Thing): thing is TextThing => 'place' in thing;

/** A thing as one word, as it stands in the drawn page and in messages: "section/home/story". */
export function thingId(thing: Thing): string {
  const values = thing as unknown as Readonly<Record<string, string>>;
  return [thing.kind, ...thingAbouts[thing.kind].parts.map((part) => encodeURIComponent(values[part] ?? ''))].join('/');
}

/** The thing that a word names, or null. */
export function thingOf(id: string): Thing | null {
  const [kind = '', ...values] = id.split('/');
  if (!Object.hasOwn(thingAbouts, kind)) return null;
  const { parts } = thingAbouts[kind as ThingKind];
  if (values.length !== parts.length || values.some((value) => !value)) return null;
  try {
    const named = parts.map((part, i) => [part, decodeURIComponent(values[i] ?? '')]);
    return { kind, ...Object.fromEntries(named) } as Thing;
  } catch {
    return null;
  }
}

/** What tells a thing from the others of its row, and the row from other rows of the page; null where it stands in none. */
export function inRow(thing: Thing): { key: string; row: string } | null {
  const { parts, inRowBy }: ThingKindAbout = thingAbouts[thing.kind];
  if (inRowBy === undefined) return null;
  const values = thing as unknown as Readonly<Record<string, string>>;
  return {
    key: values[inRowBy] ?? '',
    row: [thing.kind, ...parts.filter((part) => part !== inRowBy).map((part) => values[part] ?? '')].join('/'),
  };
}

/** The thing that stands at the address of a text. */
export function textThing(place: Address): Thing | null {
  const field = fieldOfText(place);
  return field ? ({ kind: field.as, place } as Thing) : null;
}

/** How a thing is called: by its kind, and what tells it from others of it where its words are no part of the page. */
export function thingName(thing: Thing): string {
  if (isText(thing)) {
    const at = standsAt(thing.place);
    return capitalised((at?.at.part ?? at?.at.field ?? thing.kind).replace(/-/g, ' '));
  }
  if (thing.kind === 'section') {
    const kind = kindOfSection(thing.section);
    return kind ? sectionAbout(kind).label : thingAbouts.section.name;
  }
  return thingAbouts[thing.kind].name;
}
