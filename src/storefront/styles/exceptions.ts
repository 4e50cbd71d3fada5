import { type Shop } from '@/core/site';

/** The tones that one section can have alone: grounds of the palette with the text that belongs on them. */
const tones = `
.tone-raised{--ground:var(--raised);background:var(--raised)}
.tone-accent{background:var(--accent);color:var(--on-accent);--text:var(--on-accent);--soft:var(--on-accent);--link:var(--on-accent);--line:var(--on-accent);--sale:var(--on-accent)}
.tone-second{background:var(--second);color:var(--on-second);--text:var(--on-second);--soft:var(--on-second);--link:var(--on-second);--line:var(--on-second);--sale:var(--on-second)}
.tone-inverse{background:var(--text);color:var(--ground);--soft:var(--ground);--link:var(--ground);--line:var(--ground);--sale:var(--ground)}
:is(.tone-accent,.tone-second,.tone-inverse) :is(.good a,.notice,.items li){background:transparent}
.tone-accent .button,.tone-second .button,.tone-inverse .button{background:transparent;color:inherit;border-color:currentColor}
main>section:is(.tone-raised,.tone-accent,.tone-second,.tone-inverse){padding-block:var(--rest)}
`;

/** Goods beside each other: as many as asked for where there is room, no more than three on a tablet. Phones have a number of their own. */
const columnsOf = (count: number): string => {
  const grid = (n: number) =>
    `.shelf .goods,.featured:not(.as-row) .goods{display:grid;grid-template-columns:repeat(${n},minmax(0,1fr))!important}`;
  return `@media (min-width:601px){${grid(Math.min(count, 3))}}@media (min-width:1000px){${grid(count)}}`;
};

/** What stands alone: sections in another tone, and whatever is set for phones only. */
export function exceptions(shop: Shop): string {
  const { only, phone, columns } = shop.exceptions;
  const css = (only.length ? tones : '') + (columns === null ? '' : columnsOf(columns));
  const rules = [
    phone.size === null ? '' : `:root{--body:${phone.size.toFixed(2)}rem}`,
    phone.columns === null
      ? ''
      : `.shelf .goods,.featured .goods{grid-template-columns:repeat(${phone.columns},minmax(0,1fr))!important}`,
    phone.hidden.length ? '.off-phone{display:none!important}' : '',
  ].join('');
  return rules ? `${css}@media (max-width:600px){${rules}}` : css;
}
