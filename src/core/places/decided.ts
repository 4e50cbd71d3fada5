import { type Address, type Place, type PlaceFamily, type PlaceKind, type Value, type Wish } from './place';
import { areaOf, locate } from './registry';

/** What the seller decided, by address. Every value in it was parsed when it came in. */
export type Decisions = ReadonlyMap<Address, Value>;

/** A decision at one of many places, with the parts of its address. */
export interface DecidedAt<Parts extends readonly string[], T> {
  address: Address;
  parts: Parts;
  value: T;
}

type Entry = DecidedAt<readonly string[], Value>;

/** What was read of decisions, to know whether others would read the same. */
export class Reads {
  readonly places = new Map<Address, Value | undefined>();
  readonly kinds = new Map<string, readonly Entry[]>();

  /** Whether all that was read is the same in other decisions. */
  hold(others: Decided): boolean {
    for (const [address, value] of this.places) if (others.valueAt(address) !== value) return false;
    for (const [kind, entries] of this.kinds) {
      const found = others.entriesOf(kind);
      if (found === entries) continue;
      if (found.length !== entries.length) return false;
      if (found.some((entry, i) => entry.address !== entries[i]?.address || entry.value !== entries[i].value)) return false;
    }
    return true;
  }
}

const none: readonly Entry[] = [];

/** Typed reading of what was decided. */
export class Decided {
  private byKind: ReadonlyMap<string, readonly Entry[]> | null = null;

  constructor(
    private readonly decisions: Decisions,
    private readonly reads: Reads | null = null,
    /** What this one was made from, so that the decisions are sorted once for all who watch. */
    private readonly origin: Decided | null = null,
  ) {}

  /** The same decisions, with note taken of what is read. */
  watched(): { watched: Decided; reads: Reads } {
    const reads = new Reads();
    return { watched: new Decided(this.decisions, reads, this), reads };
  }

  /** The decided value at a place, undefined where nobody decided. */
  get<T>(place: Place<T>): T | undefined {
    const value = this.decisions.get(place.address);
    this.note(place.address, value);
    return value as T | undefined;
  }

  has(place: Place): boolean {
    return this.get(place) !== undefined;
  }

  /** All that was decided at places of a kind, in the order in which it was. */
  all<Parts extends readonly string[], T>({ kind }: PlaceFamily<Parts, T>): readonly DecidedAt<Parts, T>[] {
    const found = this.entriesOf(kind.id);
    if (this.reads) this.reads.kinds.set(kind.id, found);
    if (this.origin?.reads) this.origin.all({ kind } as PlaceFamily<Parts, T>);
    return found as unknown as readonly DecidedAt<Parts, T>[];
  }

  /** Wishes that take back everything that was decided in an area: "look". */
  area(name: string): Wish[] {
    return [...this.decisions.keys()].filter((address) => areaOf(address) === name).map((place) => ({ place, value: undefined }));
  }

  /** A value by its address, for those who compare what was read. */
  valueAt(address: Address): Value | undefined {
    return this.decisions.get(address);
  }

  /** Decisions of a kind by its id, for those who compare what was read. */
  entriesOf(kind: PlaceKind['id']): readonly Entry[] {
    if (this.origin) return this.origin.entriesOf(kind);
    this.byKind ??= sorted(this.decisions);
    return this.byKind.get(kind) ?? none;
  }

  private note(address: Address, value: Value | undefined): void {
    this.reads?.places.set(address, value);
    if (this.origin?.reads) this.origin.note(address, value);
  }
}

function sorted(decisions: Decisions): Map<string, Entry[]> {
  const byKind = new Map<string, Entry[]>();
  for (const [address, value] of decisions) {
    const at = locate(address);
    if (!at) continue;
    const found = byKind.get(at.kind.id) ?? [];
    found.push({ address, parts: at.parts, value });
    byKind.set(at.kind.id, found);
  }
  return byKind;
}
