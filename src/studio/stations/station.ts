import { type Address } from '@/core/places';
import { type Owner } from '@/core/project';
import { type ProjectState } from '../useProject';
import { type ShopState } from '../useShop';

/** A stretch of the brief that is to be shown. */
export interface Spot {
  start: number;
  end: number;
}

/** What every station's sheet works with. */
export interface StationProps {
  state: ProjectState;
  shop: ShopState;
  /** Shows a page, and a section of it, in the window. */
  goTo: (path: string, section?: string) => void;
  path: string;
  /** Words of the brief that the window leads back to, until they have been shown. */
  spot: Spot | null;
  onSpotSeen: () => void;
  /** Lights up texts in the window. */
  onLight: (places: readonly Address[]) => void;
  owner: Owner | null;
  onOwner: (owner: Owner) => void;
  /** Tells the studio how many orders the host has. */
  onOrders: (count: number) => void;
}
