import { type Owner } from '../store';
import { type ProjectState } from '../useProject';
import { type ShopState } from '../useShop';

/** What every station's sheet works with. */
export interface StationProps {
  state: ProjectState;
  shop: ShopState;
  /** Shows a page, and a section of it, in the window. */
  goTo: (path: string, section?: string) => void;
  path: string;
  owner: Owner | null;
  onOwner: (owner: Owner) => void;
  /** Tells the studio how many orders the host has. */
  onOrders: (count: number) => void;
}
