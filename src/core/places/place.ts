import { type z } from 'zod';

/** Where a decision stands, as it is written in files: segments joined by "/". A "/" or "~" inside a segment is escaped as in RFC 6901. */
export type Address = string;

/** What can be decided: any JSON value. */
export type Value = z.infer<ReturnType<typeof z.json>>;

/** Names that a sentence about a place needs. What isn't known is named by its id. */
export interface Names {
  page: (id: string) => string;
  section: (page: string, id: string) => string;
  product: (id: string) => string;
  variant: (id: string) => string;
  file: (hash: string) => string;
  /** What an item of a list says, shortened; or null. */
  item: (page: string, section: string, key: string, part: string) => string | null;
}

/** How the parts of an address are called, in order; and who names them. */
export interface At<Parts extends readonly string[] = readonly string[]> {
  parts: Parts;
  names: Names;
}

/** All that is known of one kind of place: its address, what may stand there, how a change of it reads. */
export interface PlaceKind<T = unknown> {
  /** The address with its parts as ":page", ":section", … */
  id: string;
  segments: readonly string[];
  /** What may stand there. Where it depends on the parts of the address: null where there is no such place. */
  value: z.ZodType<T> | ((...parts: string[]) => z.ZodType<T> | null);
  /** "Corners: 4 px → 8 px". What is undefined was not decided, or isn't any more. */
  says(before: T | undefined, after: T | undefined, at: At): string;
}

/** One typed address. */
export interface Place<T = unknown> {
  readonly address: Address;
  readonly kind: PlaceKind<T>;
}

/** Typed addresses that differ in their parts: one for each page, each product, … */
export interface PlaceFamily<Parts extends readonly string[], T> {
  (...parts: Parts): Place<T>;
  readonly kind: PlaceKind<T>;
}

type PartsOf<Segments extends readonly string[]> = Segments extends readonly [infer Head, ...infer Rest extends readonly string[]]
  ? Head extends `:${string}`
    ? [part: string, ...PartsOf<Rest>]
    : PartsOf<Rest>
  : [];

type Defined<Segments extends readonly string[], T> = PartsOf<Segments> extends [] ? Place<T> : PlaceFamily<PartsOf<Segments>, T>;

const escaped = (segment: string) => segment.replace(/~/g, '~0').replace(/\//g, '~1');
const unescaped = (segment: string) => segment.replace(/~1/g, '/').replace(/~0/g, '~');

const isPart = (segment: string) => segment.startsWith(':');

/** Longest address that is read, characters. */
export const longestAddress = 600;

/**
 * Defines a place. An address with parts (":page") gives a function of them, one without gives the place itself.
 * @param value what may stand there; everything that comes through a door is parsed by it
 */
export function definePlace<const Segments extends readonly string[], T extends Value>(definition: {
  address: Segments;
  value: z.ZodType<T> | ((...parts: PartsOf<Segments>) => z.ZodType<T> | null);
  says: (before: T | undefined, after: T | undefined, at: At<PartsOf<Segments>>) => string;
}): Defined<Segments, T> {
  const { address: segments, value, says } = definition;
  const kind: PlaceKind<T> = {
    id: segments.join('/'),
    segments,
    value: value as PlaceKind<T>['value'],
    says: says as unknown as PlaceKind<T>['says'],
  };
  const build = (...parts: string[]): Place<T> => {
    let next = 0;
    const address = segments.map((segment) => (isPart(segment) ? escaped(parts[next++] ?? '') : segment)).join('/');
    return { address, kind };
  };
  return (segments.some(isPart) ? Object.assign(build, { kind }) : build()) as Defined<Segments, T>;
}

/** The parts of an address of a kind, or null where it is of another. */
export function partsOf(kind: Pick<PlaceKind, 'segments'>, address: Address): string[] | null {
  const found = address.split('/');
  if (found.length !== kind.segments.length) return null;
  const parts: string[] = [];
  for (const [i, segment] of kind.segments.entries()) {
    const here = found[i] ?? '';
    if (!isPart(segment)) {
      if (segment !== here) return null;
    } else if (!here) return null;
    else parts.push(unescaped(here));
  }
  return parts;
}

/** A wish to have a value at a place; undefined takes back what stands there. */
export interface Wish {
  place: Address;
  value: Value | undefined;
}

/** Wishes a value at a place. A value of another type does not compile. */
export const set = <T extends Value>(place: Place<T>, value: NoInfer<T>): Wish => ({ place: place.address, value });

/** Wishes a value that a person typed; whether it may stand there is seen where it comes in. */
export const propose = (place: Place, value: Value): Wish => ({ place: place.address, value });

/** Takes back what was decided at a place: what was made stands there again. */
export const clear = (place: Place): Wish => ({ place: place.address, value: undefined });
