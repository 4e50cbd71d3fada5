import { type Address, type Wish } from '../places';
import { type Because } from '../plan/about';

/** Everything that can be done to a thing of a shop, by its slip. Definition and registry are held to this list by the compiler. */
export const requestKinds = [
  'leads-to',
  'leads-outside',
  'leave-out-text',
  'leave-out-item',
  'item-order',
  'item-picture',
  'picture-order',
  'order',
  'hide',
  'fold',
  'map-pin',
  'video-file',
  'arrangement',
  'ground',
  'section-width',
  'section-room',
  'section-align',
  'section-size',
  'phones',
  'phone-room',
  'phone-align',
  'phone-size',
  'second-button',
  'section-pictures',
  'picture-size',
  'keep-it',
  'add-section',
  'duplicate',
  'remove-section',
  'page-name',
  'page-place',
  'page-under',
  'shelves-in-menu',
  'link-itself',
  'link-place',
  'link-out',
  'link-more',
  'page-order',
  'take-out-page',
  'mark',
  'mark-size',
  'mark-places',
  'head-as',
  'foot-as',
  'product-title',
  'product-price',
  'product-picture',
  'shelf-picture',
  'goods-first',
  'product-hidden',
  'goods-columns',
  'opening-picture',
  'art',
  'treatment',
  'motion',
  'scheme',
  'corners',
  'room',
] as const;
export type RequestKind = (typeof requestKinds)[number];

/** Something that can be led to: its lead, how it is called, and among which it is. */
export interface TargetOf {
  id: string;
  label: string;
  under: string;
}

/** One thing that can be chosen or done. */
export interface Offer {
  /** What tells it from the other offers of its request. */
  id: string;
  label: string;
  /** What it is for whoever does not know. */
  say?: string;
  /** Among which it is, where there are many. */
  under?: string;
  /** A picture by its name, where the offer is one. */
  picture?: string;
  wishes: readonly Wish[];
  /** Whether it is as the shop stands now. */
  stands?: boolean;
  /** As it is where nobody says anything: not worth telling of. */
  usual?: boolean;
}

/** Something to type: a name, a sum. */
export interface FieldOffer {
  label: string;
  place: Address;
  /** What stands there now; of money, minor units as a number. */
  value: string | number | null;
  as: 'line' | 'money' | 'address' | 'position';
}

/** A file of the seller's can be brought. What names it is to stand at this place, alone or after others. */
export interface Bringing {
  place: Address;
  beside: readonly string[] | null;
  /** A picture is named by its name; a file that is given away, or a video, by the lead to it. */
  as: 'picture' | 'file' | 'video';
}

/** How a request is made: one of several that stand for each other, something that is done, or something that is typed. */
export type Offered =
  | { as: 'choice'; offers: readonly Offer[]; brings?: Bringing }
  /** Any number of them: each stands or doesn't, and what it does turns that round. */
  | { as: 'several'; offers: readonly Offer[]; brings?: Bringing }
  /** What is to be known before it is done is said over it. */
  | { as: 'acts'; offers: readonly Offer[]; say?: string }
  | { as: 'fields'; fields: readonly FieldOffer[]; digits: number; currency: string };

/** Requests that are looked at together, once asked for: what they are about, and what is said of them before. */
export const requestFolds = { standing: 'Place and size', phones: 'On phones' } as const;
export type RequestFold = keyof typeof requestFolds;

export type Group = Offered & { kind: RequestKind; title: string; fold?: RequestFold };

/** The slip of a thing, text fields and rework apart. */
export interface SlipOf {
  thing: string;
  name: string;
  because: Because | null;
  /** Where else the same thing stands, or that it stands here alone; empty where each request says it. */
  shared: string;
  groups: readonly Group[];
}
