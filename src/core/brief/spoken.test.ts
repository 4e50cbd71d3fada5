import { Decided, corrections, mayPrint } from '../places';
import { correct, readBrief, shopLanguage } from './index';

const german =
  'Bürstenmacherei Kranich in Todtnau. Wir machen Bürsten aus Buchenholz. Mein Großvater hat 1931 angefangen. Fällt eine Borste aus, ersetzen wir sie kostenlos. Versand in Deutschland 4,90 €. Die Seite soll ruhig sein, viel Holz. Unsere Käufer sind Leute, die Besen mögen. post@kranich.example';

describe('a brief in German', () => {
  const reading = readBrief(german);
  const by = (begin: string) => reading.told.find(({ text }) => text.startsWith(begin));

  test('is one, makes a German shop, and speaks as several', () =>
    expect([reading.spoken, shopLanguage(reading.language), reading.person]).toEqual(['de', 'de', 'we']));

  test('prints nothing unasked, and asks about what may be for shoppers', () => {
    expect(reading.statements).toEqual([]);
    expect(reading.unsure.map(({ text }) => text)).toEqual(
      expect.arrayContaining(['Wir machen Bürsten aus Buchenholz.', 'Mein Großvater hat 1931 angefangen.']),
    );
    expect(reading.unsure.map(({ text }) => text).join(' ')).not.toMatch(/Seite|Käufer/);
  });

  test('keeps words that only an English sentence would lose', () =>
    expect(
      readBrief('Wir machen Bürsten in Todtnau. So wie früher machen wir sie mit der Hand.').told.map(({ text }) => text),
    ).toContain('So wie früher machen wir sie mit der Hand.'));

  test('has its sentences where they belong, by their words', () => {
    expect(by('Wir machen')?.role).toBe('claim');
    expect(by('Mein Großvater')).toMatchObject({ role: 'story', story: 1 });
    expect(by('Fällt eine')?.topics).toContain('promise');
    expect(by('Versand')?.topics).toEqual(['delivery']);
  });

  test('of which the shop is to be in English has no sentence printed, not even with a yes', () => {
    const key = by('Wir machen')?.key ?? '';
    const said = (more: [string, string][]) =>
      correct(reading, new Decided(new Map<string, string | boolean>([[mayPrint(key).address, true], ...more])));
    expect(said([]).statements.map(({ text }) => text)).toEqual(['Wir machen Bürsten aus Buchenholz.']);
    const english = said([[corrections.language.address, 'en']]);
    expect(english.statements).toEqual([]);
    expect(english.unsure.filter(({ text }) => !text.startsWith('“'))).toEqual([]);
  });
});

test('a brief in a language that Arcatum has no phrases for makes an English shop, and none of its sentences is printed', () => {
  const reading = readBrief(
    'Nous sommes une petite maison à Lyon et nous faisons des savons avec de l’huile d’olive. Chaque savon est coupé à la main dans notre atelier.',
  );
  expect([reading.spoken, shopLanguage(reading.language)]).toEqual(['fr', 'en']);
  expect([reading.statements, reading.unsure]).toEqual([[], []]);
  expect(reading.foreign.length).toBe(2);
});

test('a few words are of no language that is sure, and the shop is in English', () =>
  expect(shopLanguage(readBrief('Kerzen Ulm').language)).toBe('en'));
