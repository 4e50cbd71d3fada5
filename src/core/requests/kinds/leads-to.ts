import { sizeOf } from '../../files';
import { priceListOf } from '../../goods';
import { writeLead, type Lead } from '../../lead';
import { clear, leadsOn, leadsTo as place, pictureLeadsTo, set, standsAt, type Place } from '../../places';
import { leadAt, pictureField, type Shop } from '../../site';
import { isText } from '../../things/about';
import { type Offer, type TargetOf } from '../about';
import { type Page } from '../../plan';
import { defineRequest, type Spot } from '../request';

/** Products beyond these are led to by the address of their page. */
const mostProducts = 60;

/** Pages that are led to by what they are for, never by a link of the seller's. */
const notLedTo: ReadonlySet<string> = new Set(['thanks', 'missing', 'checkout']);

/** Pieces beyond these are put into the cart from their own page alone. */
const mostPieces = 60;

/** What a button can do beside leading to a page: put one thing into the cart, type a code there, give a file. */
const doing = ({ catalogue, rules, files }: Shop): TargetOf[] => [
  // What has no choices comes first: the others are mostly led to by their page, where one is chosen.
  ...[...priceListOf([...catalogue.products].sort((a, b) => a.options.length - b.options.length)).values()]
    .slice(0, mostPieces)
    .map(({ id, title }) => ({
      id: writeLead({ kind: 'cart', variant: id }),
      label: `Into the cart: ${title}`,
      under: 'Puts one into the cart',
    })),
  ...rules.codes
    .filter(({ automatic }) => !automatic)
    .map(({ code }) => ({ id: writeLead({ kind: 'code', code }), label: `The code ${code}`, under: 'Types a code at the cart' })),
  ...[...files].map(([file, { name, size }]) => ({
    id: writeLead({ kind: 'file', file }),
    label: `The file ${name}, ${sizeOf(size)}`,
    under: 'Gives a file',
  })),
];

/** Everything that a button or words can lead to: pages, the sections of the page that they stand on, what is put into the cart, files; each by its lead. */
export function targetsOf(shop: Shop, here: string): TargetOf[] {
  const pages = shop.pages.filter((page) => page.kind !== 'product' && !notLedTo.has(page.kind));
  const products = shop.pages.filter((page) => page.kind === 'product').slice(0, mostProducts);
  const sections = pages.find(({ id }) => id === here)?.sections.filter(({ hidden }) => !hidden) ?? [];
  const to = (page: Page, label: string, under: string) => ({ id: writeLead({ kind: 'page', page: page.id }), label, under });
  return [
    ...pages.map((page) =>
      page.kind === 'category' ? to(page, `Shelf: ${page.name}`, 'Shelves') : to(page, page.name, 'Pages'),
    ),
    ...sections.map(({ id, label, folded }) => ({
      id: writeLead({ kind: 'section', page: here, section: id }),
      label: folded ? `Opens: ${label}` : `Here: ${label}`,
      under: 'On this page',
    })),
    ...doing(shop),
    ...products.map((page) => to(page, `Product: ${page.name}`, 'Pages of goods')),
  ];
}

/** From where something leads: a button, a link, or a picture of the seller's own; null where nothing does. */
export function ledFrom({
  thing,
  shop,
  owner,
  section,
}: Pick<Spot, 'thing' | 'shop' | 'owner' | 'section'>): { to: Place<string>; lead: Lead | undefined; isPicture: boolean } | null {
  if (!section) return null;
  if (thing.kind === 'own-picture')
    return {
      to: pictureLeadsTo(owner, section.id, thing.name),
      lead: shop.leads.get(leadAt(owner, section.id, pictureField(thing.name))),
      isPicture: true,
    };
  const at = isText(thing) ? standsAt(thing.place)?.at : undefined;
  if (!at || at.key !== undefined || !leadsOn(section.id, at.field)) return null;
  return {
    to: place(owner, section.id, at.field),
    lead: shop.leads.get(leadAt(owner, section.id, at.field)),
    isPicture: false,
  };
}

/** Where a button, a link or a picture leads inside the shop. */
export const leadsTo = defineRequest({
  kind: 'leads-to',
  title: 'Leads to',
  on: ['button', 'link', 'own-picture'],
  offers: (spot) => {
    const { shop, owner } = spot;
    const led = ledFrom(spot);
    if (!led) return null;
    const { to, lead } = led;
    const now = lead ? writeLead(lead) : '';
    const offers: Offer[] = [
      { id: 'itself', label: led.isPicture ? 'Nowhere' : 'Where it leads by itself', wishes: [clear(to)], stands: now === '' },
      ...(lead?.kind === 'outside' ? [{ id: now, label: `Outside: ${lead.address}`, wishes: [set(to, now)], stands: true }] : []),
      ...targetsOf(shop, owner).map(({ id, label, under }) => ({ id, label, under, wishes: [set(to, id)], stands: now === id })),
    ];
    return { as: 'choice', offers, brings: { as: 'file', place: to.address, beside: null } };
  },
});
