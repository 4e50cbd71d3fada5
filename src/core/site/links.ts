import { readLead } from '../lead';
import { outsideLinks, type Decided } from '../places';

/** A way out of the shop, in menu or footer. */
export interface OutsideLink {
  key: string;
  label: string;
  address: string;
  inMenu: boolean;
  inFooter: boolean;
}

/** An address as a person would name it: "mill.example/visit". */
export const namedAddress = (address: string): string =>
  address.replace(/^(?:mailto|tel):|^https?:\/\/(?:www\.)?|\/$/g, '').slice(0, 60);

export const linksOf = (decided: Decided): OutsideLink[] =>
  decided.all(outsideLinks.address).flatMap(({ parts: [key], value }): OutsideLink[] => {
    const lead = readLead(value);
    if (lead?.kind !== 'outside') return [];
    const where = decided.get(outsideLinks.where(key)) ?? 'footer';
    const label = decided.get(outsideLinks.label(key)) ?? namedAddress(lead.address);
    return [{ key, label, address: lead.address, inMenu: where !== 'footer', inFooter: where !== 'menu' }];
  });
