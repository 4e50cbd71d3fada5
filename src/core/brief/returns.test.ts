import { readBrief } from './read';

const days = (text: string) => readBrief(`We make toast racks in Winterthur.\n\n${text}`).returns?.value ?? null;

test.each([
  ['Returns, thirty days, even if there was jam on it.', 30],
  ["If the sheet isn't what the note says, send it back within 30 days and we pay the postage.", 30],
  ['Returns\nif it doesn’t fit, send it back unwashed within three weeks', 21],
  ['Thirty nights to try; after that yours.', 30],
  ['Money back for a fortnight.', 14],
  ['Return: 100 days.', 100],
  ['You may return it within a year.', 365],
  // What is mended or replaced is not given back.
  ['If a bone breaks within two years we replace it for free.', null],
  ['Everything is repaired free for five years.', null],
  ['If you don’t need it, send it back at our cost, whenever.', null],
  ['We are back in 14 days.', null],
])('“%s”: %s', (text, wanted) => expect(days(text)).toBe(wanted));
