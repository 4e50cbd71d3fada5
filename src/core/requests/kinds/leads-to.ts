import { sizeOf } from '../../files';
import { priceListOf } from '../../goods';
import { writeLead } from '../../lead';
import { clear, leadsOn, leadsTo as place, set, standsAt } from '../../places';
import { leadAt, type Shop } from '../../site';
import { isText } from '../../things/about';
import { type Offer } from '../about';
import { defineRequest } from '../request';

/** Products beyond these are led to by the address of their page. */
const mostProducts = 60;

/** Pages that are led to by what they are for, never by a link of the seller's. */
const notLedTo: ReadonlySet<string> = new Set(['thanks', 'missing', 'checkout']);

/** Pieces beyond these are put into the cart from their own page alone. */
const mostPieces = 60;

/** What a button can do beside leading to a page: put one thing into the cart, type a code there, give a file. */
const doing = ({ catalogue, rules, files }: Shop): { id: string; label: string }[] => [
  ...[...priceListOf(catalogue.products).values()].slice(0, mostPieces).map(({ id, title }) => ({
    id: writeLead({ kind: 'cart', variant: id }),
    label: `Into the cart: ${title}`,
  })),
  ...rules.codes
    .filter(({ automatic }) => !automatic)
    .map(({ code }) => ({ id: writeLead({ kind: 'code', code }), label: `To the cart with the code ${code}` })),
  ...[...files].map(([file, { name, size }]) => ({
    id: writeLead({ kind: 'file', file }),
    label: `The file ${name}, ${sizeOf(size)}`,
  })),
];

/** Everything that a button or words can lead to: pages, the sections of the page that they stand on, what is put into the cart, files; each by its lead. */
export function targetsOf(shop: Shop, here: string): { id: string; label: string }[] {
  const pages = shop.pages.filter((page) => page.kind !== 'product' && !notLedTo.has(page.kind));
  const products = shop.pages.filter((page) => page.kind === 'product').slice(0, mostProducts);
  const sections = pages.find(({ id }) => id === here)?.sections.filter(({ hidden }) => !hidden) ?? [];
  return [
    ...pages.map((page) => ({
      id: writeLead({ kind: 'page', page: page.id }),
      label: page.kind === 'category' ? `Shelf: ${page.name}` : page.name,
    })),
    ...sections.map(({ id, label }) => ({
      id: writeLead({ kind: 'section', page: here, section: id }),
      label: `Here: ${label}`,
    })),
    ...doing(shop),
    ...products.map((page) => ({ id: writeLead({ kind: 'page', page: page.id }), label: `Product: ${page.name}` })),
  ];
}

/** Where a button or a link leads inside the shop. */
export const leadsTo = defineRequest({
  kind: 'leads-to',
  title: 'Leads to',
  on: ['button', 'link'],
  offers: ({ thing, shop, owner, section }) => {
    const at = isText(thing) ? standsAt(thing.place) : null;
    if (!at || !section || at.at.key !== undefined || !leadsOn(section.id, at.at.field)) return null;
    const to = place(owner, section.id, at.at.field);
    const lead = shop.leads.get(leadAt(owner, section.id, at.at.field));
    const now = lead ? writeLead(lead) : '';
    const offers: Offer[] = [
      { id: 'itself', label: 'Where it leads by itself', wishes: [clear(to)], stands: now === '' },
      ...(lead?.kind === 'outside' ? [{ id: now, label: `Outside: ${lead.address}`, wishes: [set(to, now)], stands: true }] : []),
      ...targetsOf(shop, owner).map(({ id, label }) => ({ id, label, wishes: [set(to, id)], stands: now === id })),
    ];
    return { as: 'choice', offers, brings: { as: 'file', place: to.address, beside: null } };
  },
});
