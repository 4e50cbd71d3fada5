import { lookPlaces, type Decided } from '../places';
import { type Mark } from '../pictures';
import { type MarkId } from '../pictures/about';

/** How the shop's name stands at its head: as text in its own face, as a drawn mark, or as a picture of the seller's. */
export interface MarkChoice {
  kind: MarkId;
  /** Its size beside the usual, 1. */
  size: number;
  /** Whether it stands at the foot too. */
  foot: boolean;
  /** Whether the name stands in type beside it. */
  named: boolean;
  /** The seller's own logo: a picture's name. */
  logo: string | null;
}

/** How high a mark of a manner stands at the head at its usual size, px. */
export const markHeights = { wordmark: 24, monogram: 40, emblem: 68, badge: 68 } as const satisfies Record<
  Mark['manner'],
  number
>;

export const markChoice = (decided: Decided): MarkChoice => ({
  kind: decided.get(lookPlaces.mark) ?? 'text',
  size: decided.get(lookPlaces.markSize) ?? 1,
  foot: decided.get(lookPlaces.markFoot) ?? false,
  named: decided.get(lookPlaces.markName) ?? false,
  logo: decided.get(lookPlaces.logo) ?? null,
});
