import { readDocument } from '../../document';
import { judge } from '../judge/judge';
import { readBrief } from '../read';
import { groundOf, type Line } from './about';
import { farthest, reachesIn, refusedBy } from './reach';

function lineOf(text: string): Line | undefined {
  const document = readDocument(text);
  return groundOf(document, judge(document, []), []).lines[0];
}

/** How far a sentence says that parcels go, of a shop in some country. */
function reachOf(text: string, country: string): string | null {
  const line = lineOf(text);
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
  ['To 26 countries so far.', 'MA', 'abroad'],
  ['Sent anywhere in Korea.', 'KR', 'country'],
  ['I post to all provinces, on Fridays.', 'AR', 'country'],
  ['By train to every canton.', 'CH', 'country'],
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

test.each<[string, string[]]>([
  ['Not to Australia, which gets our parcels often enough by accident.', ['AU']],
  ['We ship to Ireland, but not to the United States.', ['US']],
  ['No parcels to France or Italy.', ['FR', 'IT']],
  ['We never send to Russia, Belarus or Iran.', ['RU', 'BY', 'IR']],
  ['We post to the UK, Ireland, France and Germany.', []],
  // What is denied is not that anything goes there.
  ['Our wool was never in Australia.', []],
  ['Nothing is made in China, all of it in Peru.', []],
  ['Not only to Spain.', []],
  ['To Italy we are not sending.', ['IT']],
  ['We can’t ship to Brazil yet.', ['BR']],
  ['No charge for delivery to the UK.', []],
  ['No postage to Ireland.', []],
  ['We never charge extra for posting to Portugal.', []],
  ['No more than three days to Spain.', []],
  // A part of a country is not all of it.
  ['We don’t send to Hawaii.', []],
  ['We do not post to Northern Ireland.', []],
  ['Not to Scotland.', []],
])('“%s” refuses %j', (text, refused) => {
  const line = lineOf(text);
  expect(line ? refusedBy(line) : null).toEqual(refused);
});

test('a shop is not at home where it doesn’t send, also where its town is named like one there', () => {
  const brief =
    'Dunnet Toys. Perth – the wet one.\nWe build toy theatres for kitchen tables.\nWe post to the UK and Ireland. Not to Australia.\n';
  expect(readBrief(brief).country?.value).toBe('GB');
  expect(readBrief(brief).currency?.value).toBe('GBP');
  expect(readBrief(brief.replace(' Not to Australia.', '').replace('the UK and Ireland', 'all Australia')).country?.value).toBe(
    'AU',
  );
});
