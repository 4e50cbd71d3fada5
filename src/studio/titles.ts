import { type ShopWorker } from '@/workers/client';

type Kind = 'products' | 'variants';

/** How goods are called, as far as anybody has asked. */
export interface KnownTitles {
  product: (id: string) => string | null;
  variant: (id: string) => string | null;
}

/** Titles of the goods that steps name. They are asked for when they are to be said: nobody has the list for their sake. */
export class Titles {
  private readonly listeners = new Set<() => void>();
  private readonly wanted: Record<Kind, Set<string>> = { products: new Set(), variants: new Set() };
  private known: Record<Kind, ReadonlyMap<string, string>> = { products: new Map(), variants: new Map() };
  private worker: ShopWorker | null = null;
  private isDue = false;
  private view = this.makeView();

  /** Another shop stands, in which things may be called otherwise. */
  turnTo(worker: ShopWorker | null): void {
    this.worker = worker;
    if (this.wanted.products.size || this.wanted.variants.size) this.askSoon();
  }

  get state(): KnownTitles {
    return this.view;
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => void this.listeners.delete(listener);
  };

  private makeView(): KnownTitles {
    const { products, variants } = this.known;
    return {
      product: (id) => products.get(id) ?? this.want('products', id),
      variant: (id) => variants.get(id) ?? this.want('variants', id),
    };
  }

  private want(kind: Kind, id: string): null {
    if (this.wanted[kind].has(id)) return null;
    this.wanted[kind].add(id);
    this.askSoon();
    return null;
  }

  /** What is wanted one after another in a moment is asked for at once. */
  private askSoon(): void {
    if (this.isDue) return;
    this.isDue = true;
    queueMicrotask(() => {
      this.isDue = false;
      void this.ask();
    });
  }

  private async ask(): Promise<void> {
    const [products, variants] = [[...this.wanted.products], [...this.wanted.variants]];
    const told = await this.worker?.ask('titles', { products, variants }).catch(() => null);
    if (!told) return;
    const known = { products: new Map(told.products), variants: new Map(told.variants) };
    if (isSame(known.products, this.known.products) && isSame(known.variants, this.known.variants)) return;
    this.known = known;
    this.view = this.makeView();
    for (const listener of this.listeners) listener();
  }
}

const isSame = (a: ReadonlyMap<string, string>, b: ReadonlyMap<string, string>): boolean =>
  a.size === b.size && [...a].every(([id, title]) => b.get(id) === title);
