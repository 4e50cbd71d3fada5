import { readDocument } from '../../document';
import { judge } from '../judge/judge';
import { groundOf } from './about';
import { goalsIn, mostBinding } from './goals';

/** What a brief wishes that people do on the site. */
function goalOf(text: string): string | null {
  const document = readDocument(text);
  const lines = groundOf(document, judge(document, []), []).lines;
  return mostBinding((goal) => lines.some((line) => goalsIn(line).has(goal)));
}

test.each([
  ['The website should let people book a lesson.', 'bookings'],
  ['On the site customers must be able to reserve a table.', 'bookings'],
  ['Visitors of the website should write to us before they order.', 'enquiries'],
  ['The main thing on the page is a form for a quotation.', 'enquiries'],
  ['The site should make people come to the shop.', 'visits'],
])('“%s”: %s', (text, goal) => expect(goalOf(text)).toBe(goal));

test.each([
  ['The site should be blue and white.', null],
  ['We write every label by hand.', null],
  ['On the site people should not book anything.', null],
])('what is no wish of buyers, or is denied, is no goal: “%s”', (text, goal) => expect(goalOf(text)).toBe(goal));

test('who books has asked and comes', () => {
  expect(mostBinding((goal) => goal === 'visits' || goal === 'bookings')).toBe('bookings');
  expect(mostBinding(() => false)).toBeNull();
});
