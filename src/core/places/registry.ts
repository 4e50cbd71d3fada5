import { type z } from 'zod';
import * as given from './given';
import { goodsFirst, ownProduct, productHidden, productPlaces, variantPlaces } from './goods';
import { listAnswer, listCell, listColumn, listName, shelfRefused } from './list';
import * as look from './look';
import { misfit } from './misfit';
import { longestAddress, partsOf, type Address, type Names, type Place, type PlaceKind, type Value } from './place';
import * as plan from './plan';
import { asked, corrections, mayPrint } from './reading';
import { kindOfSection, sectionAbout } from '../sections/about';
import * as till from './till';
import { givenAway } from './files';
import { outsideLinks } from './links';
import { leadsTo, pictureLeadsTo, writtenTexts } from './words';

const kindOf = (one: Pick<Place, 'kind'>): PlaceKind => one.kind;

const listed: readonly Pick<Place, 'kind'>[] = [
  given.shopName,
  given.brief,
  given.seed,
  given.goods,
  given.picture,
  ...Object.values(corrections),
  asked,
  mayPrint,
  ...Object.values(look.genePlaces),
  ...Object.values(look.picked),
  look.givenColours,
  look.openingPicture,
  look.openingShows,
  look.mark,
  look.markSize,
  look.markFoot,
  look.markName,
  look.logo,
  look.locks,
  look.toneOf,
  look.goodsColumns,
  look.phoneColumns,
  look.phoneSize,
  look.offPhone,
  ...Object.values(look.standing),
  ...Object.values(look.phoneStanding),
  plan.addedPage,
  plan.addedSection,
  plan.pageName,
  plan.inMenu,
  plan.under,
  plan.shelvesInMenu,
  plan.inFooter,
  plan.shelfPicture,
  plan.pageHidden,
  plan.pageOrder,
  plan.sectionOrder,
  plan.itemOrder,
  plan.itemPicture,
  plan.sectionHidden,
  plan.arrangement,
  plan.sectionFolded,
  plan.mapPin,
  plan.sectionPictures,
  ...Object.values(writtenTexts),
  leadsTo,
  pictureLeadsTo,
  givenAway,
  ...Object.values(outsideLinks),
  ...Object.values(productPlaces),
  productHidden,
  goodsFirst,
  ownProduct,
  ...Object.values(variantPlaces),
  listColumn,
  listName,
  listAnswer,
  listCell,
  shelfRefused,
  ...Object.values(till.ofRules),
  till.publishedAt,
] as readonly Pick<Place, 'kind'>[];

/** Every kind of place there is. Two kinds that an address could belong to alike are refused here, not when a page is drawn. */
export const placeKinds: readonly PlaceKind[] = listed.map(kindOf);

const byShape = new Map<string, PlaceKind[]>();
for (const kind of placeKinds) {
  const [area = ''] = kind.segments;
  const shape = `${area}/${kind.segments.length}`;
  const others = byShape.get(shape) ?? [];
  if (others.some((other) => other.segments.every((segment, i) => alike(segment, kind.segments[i] ?? ''))))
    throw new Error(`The place “${kind.id}” has the address of another. Give it an address of its own.`);
  byShape.set(shape, [...others, kind]);
}

function alike(a: string, b: string): boolean {
  return a === b || (a.startsWith(':') && b.startsWith(':'));
}

/** An address with the kind that it belongs to and its parts. */
export interface Located {
  address: Address;
  kind: PlaceKind;
  parts: readonly string[];
}

const remembered = new Map<Address, Located | null>();

/** The kind of place that an address names, or null where Arcatum knows no such place. A word stands before a part where both fit. */
export function locate(address: Address): Located | null {
  const known = remembered.get(address);
  if (known !== undefined) return known;
  const found = findKind(address);
  if (remembered.size > 100_000) remembered.clear();
  remembered.set(address, found);
  return found;
}

function findKind(address: Address): Located | null {
  if (address.length > longestAddress) return null;
  const area = address.slice(0, address.indexOf('/'));
  const candidates = byShape.get(`${area}/${address.split('/').length}`) ?? [];
  let best: Located | null = null;
  for (const kind of candidates) {
    const parts = partsOf(kind, address);
    if (parts && (!best || parts.length < best.parts.length)) best = { address, kind, parts };
  }
  return best;
}

/** The area that an address belongs to: "look", "words"; empty where no place has it. */
export const areaOf = (address: Address): string => locate(address)?.kind.segments[0] ?? '';

/** Something that was said of a place and can't stand there. It is kept, and shown. */
export interface Misfit {
  place: Address;
  value: Value;
  because: string;
}

export type Parsed = { ok: true; value: Value } | { ok: false; because: string };

/** What has come through the door once, by the kind of place that it came in for: long lists are not looked at again and again. */
const seen = new WeakMap<object, PlaceKind>();

const schemas = new WeakMap<Located, z.ZodType>();

/** What may stand at an address. It is made once for each: a schema takes longer to make than to ask. */
function schemaAt(at: Located): z.ZodType | null {
  const known = schemas.get(at);
  if (known) return known;
  const schema = typeof at.kind.value === 'function' ? at.kind.value(...at.parts) : at.kind.value;
  if (schema) schemas.set(at, schema);
  return schema;
}

/** Parses a value for an address: the one door through which what others wrote comes in. */
export function parseAt(address: Address, value: unknown): Parsed {
  const at = locate(address);
  if (at && typeof value === 'object' && value !== null && seen.get(value) === at.kind)
    return { ok: true, value: value as Value };
  const schema = at && schemaAt(at);
  if (!schema) return { ok: false, because: 'Arcatum knows no such place.' };
  const parsed = schema.safeParse(value, { error: misfit });
  if (parsed.success) {
    if (typeof parsed.data === 'object' && parsed.data !== null) seen.set(parsed.data, at.kind);
    return { ok: true, value: parsed.data as Value };
  }
  const [issue] = parsed.error.issues;
  const why = issue?.message ?? 'it has another form';
  return { ok: false, because: `It can’t stand there: ${why.charAt(0).toLowerCase()}${why.slice(1)}.`.replace(/\.\.$/, '.') };
}

/** Why a value can't stand at a place, for the field beside it; empty where it can. */
export const whyNot = (place: Place, value: Value): string => whyNotAt(place.address, value);
export function whyNotAt(address: Address, value: Value): string {
  const parsed = parseAt(address, value);
  return parsed.ok ? '' : parsed.because;
}

/** What stands at a place, as a sentence; of what nobody decided: that it is as Arcatum makes it. */
export const sayNow = (address: Address, value: Value | undefined, names: Partial<Names> = {}): string =>
  sayAt(address, undefined, value, names).replace(': as made → ', ': ');

const plain = (id: string): string => id.charAt(0).toUpperCase() + id.slice(1).replace(/-/g, ' ');

/** How things are called where nobody says it better. */
export const plainNames: Names = {
  page: (id) => (id === 'product' ? 'all products' : plain(id)),
  section: (_, id) => {
    const kind = kindOfSection(id);
    return kind ? sectionAbout(kind).label : plain(id);
  },
  product: (id) => plain(id.replace(/^p-/, '')),
  variant: () => 'a thing',
  file: () => 'a file',
  item: () => null,
};

/** A change of a place as a sentence. */
export function sayAt(address: Address, before: Value | undefined, after: Value | undefined, names: Partial<Names> = {}): string {
  const at = locate(address);
  if (!at) return address;
  return at.kind.says(before, after, { parts: at.parts, names: { ...plainNames, ...names } });
}
