import { briefCurrency, languagesAround } from './index';
import { currencyNamed } from './currencyNames';
import { countriesCalled } from './ownNames';

// Names of money as Unicode CLDR has them, in sentences of our own.
test.each([
  ['Papel Volador corta papel picado y banderas en Oaxaca. Los precios son en pesos mexicanos.', 'MXN'],
  ['Nous remettons à neuf des machines à calculer à Marrakech. Les prix sont en dirhams marocains.', 'MAD'],
  ['Wir schnitzen Masken in Winterthur und verkaufen sie überall. Die Preise sind in Schweizer Franken.', 'CHF'],
  ['Vi väver mattor i Malmö och säljer dem på nätet. Priser i svenska kronor.', 'SEK'],
  ['Robimy dzwonki w Krakowie i sprzedajemy je w całym kraju. Ceny w złotych polskich, bez wyjątków.', 'PLN'],
])('%s', (brief, code) => expect(briefCurrency(brief)).toBe(code));

test('a sign with letters is that of its country, whatever else has a dollar', () => {
  expect(briefCurrency('Pipe Dream, lamps from organ pipes, Taipei. NT$.')).toBe('TWD');
  expect(briefCurrency('We sell kites. Prices in NZ$, please.')).toBe('NZD');
});

test('one word alone names money only where it is that of the country', () => {
  expect(currencyNamed('Az árak forintban értendők.', 'hu', 'HU')?.value).toBe('HUF');
  expect(currencyNamed('Der Teller hat einen breiten Rand.', 'de', '')).toBeNull();
});

test('a name that two countries share is that of the seller’s own, or none', () => {
  const brief = 'Les prix sont en francs CFA.';
  expect(currencyNamed(brief, 'fr', '')).toBeNull();
  expect(currencyNamed(brief, 'fr', 'SN')?.value).toBe('XOF');
});

describe('pounds of a scale are no money', () => {
  test.each([
    ['We beat gold leaf in Montevideo. Three people, one hammer that weighs sixteen pounds.', 'UYU'],
    ['We sell anvils in Oaxaca, the smallest has 12 pounds.', 'MXN'],
    ['We roast coffee in Split; sacks of a hundred pounds come up the hill by hand.', 'EUR'],
    ['We tie wreaths in Tartu, Estonia. A wreath weighs about two naela (old pounds), a basket more.', 'EUR'],
    // Where money is spoken of, or nothing is counted, they are.
    ['We beat gold leaf in Montevideo. A book costs sixteen pounds.', 'GBP'],
    ['We beat gold leaf in Montevideo. Prices in pounds.', 'GBP'],
    ['We forge knives in Leeds. Our hammer weighs nine pounds.', 'GBP'],
  ])('%s', (brief, code) => expect(briefCurrency(brief)).toBe(code));
});

// What countries call themselves: the countries list by M. Ledoze (ODbL); sentences of our own.
describe('a country is known by what those who live there call it', () => {
  test.each([
    ['Молитвени броеници, низани в Пловдив, България. Цени без ДДС.', 'EUR'],
    ['صحون الزبدة من السيراميك، تُصنع في عمّان، الأردن. الأسعار بالدينار الأردني.', 'JOD'],
    ['Kilpkonnalauad, tehtud Tartus, Eestis.', 'EUR'],
    ['Керамика из Томска, сделано в России. Цены в рублях.', 'RUB'],
    ['ვაზები თბილისიდან, საქართველო. ფასები ლარში.', 'GEL'],
    ['茶器、京都、日本。', 'JPY'],
    ['도자기, 서울, 대한민국. 가격은 원.', 'KRW'],
    ['Κεραμικά από τη Θεσσαλονίκη, Ελλάδα.', 'EUR'],
    ['Keramika z Brna, Česko. Ceny v korunách.', 'CZK'],
    ['เซรามิกจากเชียงใหม่ ประเทศไทย', 'THB'],
    ['קרמיקה מחיפה, ישראל.', 'ILS'],
    // In the language of the brief, by the names that Unicode CLDR has.
    ['Рождественские фигуры из туфа, Ереван, Армения. Цены в драмах.', 'AMD'],
    ['Мыло из Алматы, Казахстан.', 'KZT'],
    ['Κεριά από τη Λευκωσία, Κύπρος.', 'EUR'],
    // Small words are written together with the next in Arabic.
    ['لعبة القناني الخشبية، بيروت، لبنان. الأسعار بالدولار الأمريكي.', 'USD'],
    // Where several are paid with, and none is named, none is taken.
    ['صابون من نابلس، فلسطين.', ''],
    ['Керамика з Києва, Україна. Ціни в гривнях.', 'UAH'],
  ])('%s', (brief, code) => expect(briefCurrency(brief)).toBe(code));

  test('and by no word that only begins like it', () => {
    expect(countriesCalled('We knit maroon scarves of Italian wool, and Maurice sells them.')).toEqual([]);
    expect(countriesCalled('Kannen aus Graz, Österreich.')).toEqual(['AT']);
  });

  test('its language is one that a list may be in', () => {
    expect(languagesAround('We make cider vinegar in Ljubljana, Slovenia, and sell it at the market.')).toContain('sl');
    expect(languagesAround('札幌のサンダル。')).toContain('ja');
    expect(languagesAround('Мёд из Уфы.')).toContain('ru');
    expect(languagesAround('')).toEqual([]);
  });
});
