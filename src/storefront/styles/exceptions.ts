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

/**
 * Goods beside each other: as many as asked for where there is room, no more than three on a tablet. Cards that lie stand upright beside each
 * other, so that no word is broken; from five on the price stands under the name. Phones have a number of their own.
 */
function columnsOf(count: number, lies: boolean): string {
  const lists = ['.shelf .goods', '.featured:not(.as-row) .goods'];
  const of = (...inside: string[]) => lists.flatMap((list) => inside.map((one) => `${list} ${one}`)).join();
  const grid = (n: number) => `${lists.join()}{display:grid;grid-template-columns:repeat(${n},minmax(0,1fr))!important}`;
  const upright =
    `${lists.join()}{gap:1.75rem 1.25rem;max-width:none;margin:0;padding-top:1.25rem}` +
    `${of('.good')}{border:0;align-self:start;padding:0!important}` +
    `${of('.good a')}{display:grid;grid-template-columns:minmax(0,1fr) auto;min-height:0;gap:.35rem .75rem;align-content:start;padding:0 0 .5rem}` +
    `${of('.entry')}{display:none}` +
    `${of('.thumb')}{grid-column:1/-1;grid-row:auto;width:100%;margin:0 0 .5rem}` +
    `${of('.name', '.note')}{grid-column:1;grid-row:auto}` +
    `${of('.about', '.state')}{grid-column:1/-1;grid-row:auto}` +
    `${of('.price')}{grid-column:2;grid-row:2;text-align:right}`;
  const narrow = `${of('.good a')}{grid-template-columns:minmax(0,1fr)}${of('.price')}{grid-column:1;grid-row:auto;text-align:left}`;
  const tablet = Math.min(count, 3);
  return [
    `@media (min-width:601px){${of('.good')}{grid-area:auto!important;margin:0!important}${grid(tablet)}${lies && tablet > 1 ? upright : ''}}`,
    `@media (min-width:601px) and (max-width:999px){${lies && tablet > 2 ? narrow : ''}}`,
    `@media (min-width:1000px){${grid(count)}${lies && count > 4 ? narrow : ''}}`,
  ].join('');
}

/** What stands alone: sections in another tone, and whatever is set for phones only. */
export function exceptions(shop: Shop): string {
  const { only, phone, columns } = shop.exceptions;
  const css = (only.length ? tones : '') + (columns === null ? '' : columnsOf(columns, shop.look.family.card.lies ?? false));
  const rules = [
    phone.size === null ? '' : `:root{--body:${phone.size.toFixed(2)}rem}`,
    phone.columns === null
      ? ''
      : `.shelf .goods,.featured .goods{grid-template-columns:repeat(${phone.columns},minmax(0,1fr))!important}`,
    phone.hidden.length ? '.off-phone{display:none!important}' : '',
  ].join('');
  return rules ? `${css}@media (max-width:600px){${rules}}` : css;
}
