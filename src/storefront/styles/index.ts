import { type Look } from '@/core/look';
import { type Addresses, type Shop } from '@/core/site';
import { nearGround } from '../context';
import { base } from './base';
import { narrowStyles, sectionStyles } from '../sections';
import { narrowParts, parts } from './parts';
import { exceptions } from './exceptions';
import { drawnWith } from './lent';
import { standing } from './standing';
import { tokens } from './tokens';
import { treatments } from './treatments';

const squeeze = (css: string) => css.replace(/\n+/g, '').replace(/\s*([{};,])\s*/g, '$1');

const sheets = new Map<string, string>();

/** What shops of the same frame share, squeezed once: the window is given its style sheet with every decision. */
function sheetOf({ family, head, foot }: Look): string {
  const key = `${family.id} ${head.id} ${foot.id}`;
  const sheet =
    sheets.get(key) ??
    squeeze(
      `${base}${parts}${sectionStyles}@media (max-width:820px){${narrowParts}${narrowStyles}}${drawnWith(family.id, { head: head.id, foot: foot.id })}`,
    );
  sheets.set(key, sheet);
  return sheet;
}

/** The shop's one style sheet. */
export function drawStyles(shop: Shop, addresses: Addresses): string {
  const { shape } = shop.look;
  return (
    squeeze(tokens(shop, addresses)) +
    sheetOf(shop.look) +
    squeeze(
      treatments[shape.treatment] + (shape.motion === 'none' ? '' : motion) + exceptions(shop) + standing(shop) + grounds(shop),
    )
  );
}

/** Grounds of pictures that are shown whole, so that no seam shows between a picture and its place; the most frequent of them. */
function grounds(shop: Shop): string {
  const counts = new Map<string, number>();
  for (const { fit, cuts, ground } of shop.pictures.values())
    if ((fit === 'whole' || cuts.length) && ground) counts.set(nearGround(ground), (counts.get(nearGround(ground)) ?? 0) + 1);
  const frequent = [...counts].sort((a, b) => b[1] - a[1]).slice(0, 64);
  return frequent.map(([hex]) => `.on-${hex}{--plate:#${hex}}`).join('');
}

/** Gentle motion on still pictures, off where the visitor's system asks for less. */
const motion = `
@media (prefers-reduced-motion:no-preference){
@keyframes drift{from{transform:scale(1)}to{transform:scale(1.05)}}
.opening-pictures>:first-child{overflow:hidden}
.opening-pictures>:first-child img{animation:drift 24s ease-in-out infinite alternate}
.good .thumb{overflow:hidden}
.good .thumb img{transition:transform .5s}
.good a:hover .thumb img{transform:scale(1.03)}
}
`;
