import type { z } from 'zod';
import type { productKindSchema } from '../../goods/about';

export type GoodsKind = z.infer<typeof productKindSchema>;

/** What follows once a thing of one kind is paid: all that the till knows of the kind. What has no following can't be sold. */
export interface Following {
  /** Who hands it over: the seller, or the host at once. */
  by: 'seller' | 'host';
  /** Whether it travels: it has a weight, and delivery is charged for it. */
  travels: boolean;
  /** Whether discounts take anything off it. */
  discounted: boolean;
  /** Whether it is taxed when it is bought. */
  taxed: boolean;
  /** What else must be there before it is sold. */
  wants: 'file' | null;
}
