import { type Place, type Wish } from '@/core/places';

/** How the parts of the Look say what is wished. */
export type Decide = (wishes: Wish | readonly Wish[], label?: string) => void;
export type Withdraw = (...places: readonly Place[]) => void;
