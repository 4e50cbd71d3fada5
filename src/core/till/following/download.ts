import type { Following, FollowingSays } from './following';

/** A file of the seller's: the buyer gets a link, which ends by time and by number. */
export const download: Following = {
  by: 'host',
  travels: false,
  discounted: true,
  taxed: true,
  wants: 'file',
  makes: 'link',
  isOver: () => true,
};

export const downloadSays: FollowingSays = {
  name: 'A file',
  says: 'Once it is paid, the buyer gets a link to the file, by e-mail and on the page of the order.',
};

/** Days that a link opens a file, and how often: common practice. */
export const linkDays = 30;
export const linkTimes = 5;
