import { parsePhoneNumberFromString } from 'libphonenumber-js/min';
import { countries, isWorldPart, placesNamed, sharedCurrency } from '../../lexicon';
import { readCurrency } from '../currency';
import { countriesCalled } from '../ownNames';
import { locate } from '../where';
import { type Features } from '../../softmax';
import { type Ground } from './about';
import { refusedBy } from './reach';
import { isCommon, isWord, type Token } from './tokens';
import { type Weighed } from './weigh';

/** Below this a place is none. */
const worthLocating = 0.02;
/** Power of ten of the people of a place that its bare name may mean. */
const [town, country] = [5, 8];

/** "The European Union" is no town called Union. */
const endsWorldPart = (tokens: readonly Token[], at: number): boolean =>
  isWorldPart(`${tokens[at - 1]?.low ?? ''} ${tokens[at]?.low ?? ''}`);

/** All countries that anything in a brief points to, and what does: where the shop may be, places and people that are named, money, numbers to call. */
export function countryFeatures({ document, lines }: Ground, places: readonly Weighed[]): Map<string, Features> {
  const bags = new Map<string, Record<string, number>>();
  const refused = new Set(lines.flatMap(refusedBy));
  const add = (code: string, name: string, value = 1, sum = false) => {
    if (refused.has(code)) return;
    const bag = bags.get(code) ?? { 'any country': 1 };
    bag[name] = sum ? Math.min(1, (bag[name] ?? 0) + value) : Math.max(bag[name] ?? 0, value);
    bags.set(code, bag);
  };
  for (const { span, share } of places)
    if (share > worthLocating) {
      const place = locate(span.text, refused);
      if (place) add(place.country, place.size >= town ? 'country of place' : 'country of small place', share, true);
    }
  const text = document.text;
  for (const { tokens, judged, cased } of lines) {
    if (!judged) continue;
    tokens.forEach((token, i) => {
      if (!isWord(token.low) || (cased && !/^\p{Lu}/u.test(token.text)) || endsWorldPart(tokens, i)) return;
      const next = tokens[i + 1];
      const two = next ? placesNamed(`${token.text} ${next.text}`) : [];
      const [place] = [...two, ...placesNamed(token.text)].filter((one) => !refused.has(one.country));
      if (!place || place.size < town) return;
      // Without capitals a town is told from a word by being none: "bath", "nice".
      if (!cased && !two.length && isCommon(token.low)) return;
      add(place.country, place.size >= country ? 'country named' : 'town of country named');
      add(place.country, `country named in ${judged.role}`);
    });
  }
  for (const { code, people } of countries)
    if (people.length > 3 && text.includes(people) && new RegExp(String.raw`(?<!\p{L})${people}(?!\p{L})`, 'u').test(text))
      add(code, 'people of country');
  for (const code of countriesCalled(text)) add(code, 'country named');
  const money = readCurrency(text, '')?.value;
  if (money)
    for (const { code, currencies } of countries)
      if (currencies[0]?.code === money) add(code, sharedCurrency(money) ? 'shared money of country' : 'money of country');
  const dialled = /\+\d[\d\s().-]{6,17}\d/.exec(text)?.[0];
  const number = dialled === undefined ? undefined : parsePhoneNumberFromString(dialled);
  if (number?.country) add(number.country, 'dialled in country');
  return bags;
}
