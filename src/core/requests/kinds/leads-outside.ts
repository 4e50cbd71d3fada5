import { leadsOn, leadsTo, standsAt } from '../../places';
import { leadAt } from '../../site';
import { isText } from '../../things/about';
import { defineRequest } from '../request';

/** A web address, a mail address or a telephone number that a button or a link opens. */
export const leadsOutside = defineRequest({
  kind: 'leads-outside',
  title: 'Or to an address',
  on: ['button', 'link'],
  offers: ({ thing, shop, owner, section }) => {
    const at = isText(thing) ? standsAt(thing.place) : null;
    if (!at || !section || at.at.key !== undefined || !leadsOn(section.id, at.at.field)) return null;
    const lead = shop.leads.get(leadAt(owner, section.id, at.at.field));
    return {
      as: 'fields',
      digits: shop.rules.digits,
      currency: shop.rules.currency,
      fields: [
        {
          label: 'Or to a web, mail or phone address',
          place: leadsTo(owner, section.id, at.at.field).address,
          value: lead?.kind === 'outside' ? lead.address : '',
          as: 'address',
        },
      ],
    };
  },
});
