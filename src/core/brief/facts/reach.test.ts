import { readDocument } from '../../document';
import { judge } from '../judge/judge';
import { groundOf } from './about';
import { farthest, reachesIn } from './reach';

/** How far a sentence says that parcels go, of a shop in some country. */
function reachOf(text: string, country: string): string | null {
  const document = readDocument(text);
  const [line] = groundOf(document, judge(document, []), []).lines;
  return line ? farthest(reachesIn(line, country)) : null;
}

test.each([
  ['We post to Portugal only.', 'PT', 'country'],
  ['Parcels leave on Mondays for anywhere in Peru.', 'PE', 'country'],
  ['We deliver to the whole country by night bus.', 'BO', 'country'],
  ['Free delivery on the mainland.', 'GB', 'country'],
  ['we send to all argentina', 'AR', 'country'],
  ['We ship to Kenya, Uganda and Rwanda.', 'KE', 'abroad'],
  ['FR, BE, LU', 'FR', 'abroad'],
  ['Delivery is to Norway and the Nordic countries.', 'NO', 'region'],
  ['EU only, nine euros.', 'AT', 'region'],
  ['We ship all over South America.', 'CL', 'region'],
  ['Orders go worldwide in a padded envelope.', 'IE', 'world'],
  ['We post to every country that has a post office.', 'NZ', 'world'],
  ['I send it anywhere.', 'IT', 'world'],
  ['World, eight euros.', 'HR', 'world'],
  ['Everywhere on earth that has a customs office.', 'LB', 'world'],
])('“%s” (%s): %s', (text, country, reach) => expect(reachOf(text, country)).toBe(reach));

test.each([
  ['We ship to Ireland, but not to the United States.', 'IE', 'country'],
  ['Not to France or Italy, only within Spain.', 'ES', 'country'],
  ['To Sweden we are not sending.', 'FI', null],
  ['They ship worldwide; we ship in Canada.', 'CA', 'country'],
  ['They travel to Greece in a tin.', 'BG', 'abroad'],
  ['Everywhere else, write to us first.', 'DE', null],
])('what is denied, or done by others, is not said of us: “%s” (%s): %s', (text, country, reach) =>
  expect(reachOf(text, country)).toBe(reach),
);
