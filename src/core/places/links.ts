import { z } from 'zod';
import { leadSchema, readLead } from '../lead';
import { definePlace, type At } from './place';
import { shown } from './says';

/** Where menu and footer lead out of the shop: each link has a key of its own, and stands where it is put. */
const address = definePlace({
  address: ['links', ':link', 'address'],
  value: leadSchema.refine((word) => readLead(word)?.kind === 'outside', 'Give a web, mail or phone address.'),
  says: (before, after) => (after ? `A link to ${after}` : `The link to ${shown(before)} went`),
});
const label = definePlace({
  address: ['links', ':link', 'label'],
  value: z.string().min(1).max(60),
  says: (_, after, { parts: [link] }: At<[string]>) =>
    after ? `A link is called ${shown(after)}` : `The link ${link} has no name`,
});
export const linkPlaces = ['footer', 'menu', 'both'] as const;
const where = definePlace({
  address: ['links', ':link', 'where'],
  value: z.enum(linkPlaces),
  says: (_, after) =>
    after === 'menu'
      ? 'A link stands in the menu'
      : after === 'both'
        ? 'A link stands in menu and footer'
        : 'A link stands in the footer',
});

export const outsideLinks = { address, label, where };
