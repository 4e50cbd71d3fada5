import { type Addresses, type Shop } from '@/core/site';
import { ledger } from '../families/ledger';
import { poster } from '../families/poster';
import { quiet } from '../families/quiet';
import { base } from './base';
import { parts } from './parts';
import { tokens } from './tokens';

/** How each family is drawn. A family of core/look has its styles here. */
const families: Record<string, string> = { ledger, poster, quiet };

const squeeze = (css: string) => css.replace(/\n+/g, '').replace(/\s*([{};,])\s*/g, '$1');

/** The shop's one style sheet. */
export function drawStyles(shop: Shop, addresses: Addresses): string {
  return squeeze(tokens(shop.look, addresses) + base + (families[shop.look.family.id] ?? '') + parts);
}
