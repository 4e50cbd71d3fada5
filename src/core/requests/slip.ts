import { standsAt } from '../places';
import { type Project } from '../project';
import { type Shop } from '../site';
import { reason, type Because } from '../plan/about';
import { isText, thingId, thingName, type Thing } from '../things/about';
import { type SlipOf } from './about';
import { allRequests } from './registry';
import { spotOf, type Spot } from './request';

/** The page that decisions on a thing are kept for: products have theirs together, but for what is said of the one. */
const pageOf = (thing: Thing): string | undefined =>
  isText(thing) ? standsAt(thing.place)?.page : 'page' in thing ? thing.page : undefined;

/** Where else a change of a thing is seen. */
function sharedBy({ thing }: Spot): string {
  switch (thing.kind) {
    case 'header':
    case 'logo':
    case 'menu':
    case 'entry':
    case 'footer':
    case 'footer-entry':
    case 'outside-link':
      return 'The same on all pages.';
    case 'card':
    case 'price':
    case 'product-picture':
      return 'The same wherever this thing is shown.';
    case 'shelf':
      return 'The same wherever this category is shown.';
    case 'page':
      return '';
    default:
      return pageOf(thing) === 'product' ? 'The same on all product pages.' : 'On this page alone.';
  }
}

const wholes: Partial<Record<Thing['kind'], string>> = {
  header: 'Visitors find the name of the shop and the way to everything here.',
  logo: 'It is the name of your shop.',
  menu: 'It leads to the pages that you put in it.',
  footer: 'Whoever reads to the end looks for the other pages and for you here.',
};

function becauseOf({ thing, section, page, product }: Spot): Because | null {
  if (isText(thing)) return null;
  const whole = wholes[thing.kind];
  if (whole) return reason(whole);
  if (product && (thing.kind === 'card' || thing.kind === 'price' || thing.kind === 'product-picture'))
    return reason('It is one of your goods.');
  return section?.because ?? page?.because ?? null;
}

/** What can be done to a thing, or null where it is not there. */
export function slipOf(shop: Shop, project: Project, thing: Thing): SlipOf | null {
  const spot = spotOf(shop, project, thing);
  if (!spot) return null;
  const groups = allRequests.flatMap(({ kind, title, fold, on, offers }) => {
    const offered = on.includes(thing.kind) ? offers(spot) : null;
    return offered ? [{ kind, title, ...(fold ? { fold } : {}), ...offered }] : [];
  });
  const named =
    thing.kind === 'page' || thing.kind === 'shelf' || thing.kind === 'entry' || thing.kind === 'footer-entry'
      ? spot.page?.name
      : spot.product?.title;
  return {
    thing: thingId(thing),
    name: named && !isText(thing) && !('section' in thing) ? `${thingName(thing)}: ${named}` : thingName(thing),
    because: becauseOf(spot),
    shared: sharedBy(spot),
    groups,
  };
}
