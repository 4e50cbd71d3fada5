const moment = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

/** A moment as the studio writes it: "24 Nov 2026, 03:48". */
export const when = (iso: string): string => moment.format(new Date(iso));

const date = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeZone: 'UTC' });

/** A day as the studio writes it: "24 Nov 2026". */
export const day = (iso: string): string => date.format(new Date(iso));
