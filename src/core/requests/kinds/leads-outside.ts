import { defineRequest, typed } from '../request';
import { ledFrom } from './leads-to';

/** A web address, a mail address or a telephone number that a button or a link opens. */
export const leadsOutside = defineRequest({
  kind: 'leads-outside',
  title: 'Or to an address',
  on: ['button', 'link', 'own-picture'],
  offers: (spot) => {
    const { shop } = spot;
    const led = ledFrom(spot);
    if (!led) return null;
    const { to, lead } = led;
    return typed(shop, {
      label: 'Or to a web, mail or phone address',
      place: to.address,
      value: lead?.kind === 'outside' ? lead.address : '',
      as: 'address',
    });
  },
});
