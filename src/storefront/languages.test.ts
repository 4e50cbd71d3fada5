import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import nspell from 'nspell';
import { languages, phrasesOf } from '@/core/phrases';
import { firstView, makeShop, relativeAddresses, siteFiles, viewsOf, type Shop, type Target } from '@/core/site';
import { everything } from '../../tests/sites/everything';
import { withDecisions } from '../../tests/decisions';
import { storefront } from './index';

const target: Target = { kind: 'host', address: 'https://shop.example/' };

/** The German dictionary of the igerman98 project, as the registry's package “dictionary-de” has it. */
const folder = dirname(createRequire(__filename).resolve('dictionary-de'));
const german = nspell(readFileSync(join(folder, 'index.aff')), readFileSync(join(folder, 'index.dic')));

const capital = (word: string) => word.charAt(0).toUpperCase() + word.slice(1);
const isWord = (word: string): boolean => [word, word.toLowerCase(), capital(word)].some((form) => german.correct(form));
/** German makes words of words, with or without a sound between them; the speller knows the parts. */
const isGerman = (word: string, parts = 3): boolean =>
  isWord(word) ||
  (parts > 1 &&
    Array.from({ length: Math.max(0, word.length - 5) }, (_, i) => i + 3).some((at) => {
      const head = word.slice(0, at);
      const heads = [head, head.replace(/(?:s|es|n|en)$/, '')];
      return heads.some((one) => one.length > 2 && isWord(one)) && isGerman(capital(word.slice(at).toLowerCase()), parts - 1);
    }));

/** Abbreviations and names that no dictionary of words has. */
const notWords = new Set(['inkl', 'zzgl', 'nr', 'geonames', 'cc', 'by', 'kg', 'km', 'eur', 'gbp', 'skripte']);
const wordsIn = (text: string): string[] => text.match(/\p{L}{2,}/gu) ?? [];
const strange = (texts: Iterable<string>, known: ReadonlySet<string> = new Set()): string[] => [
  ...new Set(
    [...texts]
      .flatMap(wordsIn)
      .filter((word) => !known.has(word.toLowerCase()) && !notWords.has(word.toLowerCase()) && !isGerman(word)),
  ),
];

/** All that is read of a page: its text, and what stands in attributes for those who listen. */
function readOn(markup: string): string[] {
  const body = markup.replace(/<(script|style|svg)\b[\s\S]*?<\/\1>/g, ' ');
  const unescaped = (text: string) => text.replace(/&(?:amp|lt|gt|quot|#\d+|#x[\da-f]+);/g, ' ');
  const attributes = [
    ...body.matchAll(
      /(?:\b(?:alt|aria-label|title|placeholder)|(?:name="description"|property="og:(?:title|description)")\s+content)="([^"]*)"/g,
    ),
  ];
  return [body.replace(/<[^>]*>/g, ' '), ...attributes.map(([, text = '']) => text)].map(unescaped);
}

function pagesOf(shop: Shop): [path: string, markup: string][] {
  let products = 0;
  return shop.pages
    .filter((page) => shop.writer.hasContent(page) && (page.kind !== 'product' || products++ < 12))
    .flatMap((page) =>
      viewsOf(shop, page)
        .slice(0, 2)
        .map((view): [string, string] => [
          page.path,
          storefront.page(shop, shop.writer.write(page), view, relativeAddresses(shop, page.path, target), target),
        ]),
    );
}

const texts = (value: unknown): string[] =>
  typeof value === 'string'
    ? [value]
    : typeof value === 'object' && value !== null
      ? Object.values(value as Record<string, unknown>).flatMap(texts)
      : [];

const slots = (phrase: string): string[] => (phrase.match(/\{\w+\}/g) ?? []).sort();

describe('the table of phrases', () => {
  test.each(languages.filter((language) => language !== 'en'))(
    'of %s has the slots of the English one, and no phrase of it',
    (language) => {
      const [en, other] = [phrasesOf({ locale: 'en' }), phrasesOf({ locale: language })];
      for (const [name, phrase] of Object.entries(en.scripts)) {
        const said = other.scripts[name as keyof typeof en.scripts];
        expect([name, slots(said)]).toEqual([name, slots(phrase)]);
        expect([name, said]).not.toEqual([name, phrase]);
      }
      expect(Object.keys(other.headings)).toEqual(Object.keys(en.headings));
    },
  );

  test('is spelled as the German dictionary has it', () => {
    const de = phrasesOf({ locale: 'de-DE' });
    const all = texts(de).map((text) => text.replace(/\{\w+\}/g, ' '));
    expect(all.length).toBeGreaterThan(250);
    expect(strange(all, new Set(['de', 'ada', 'example', 'cookies']))).toEqual([]);
  });

  test('the dictionary knows what is no German', () => {
    expect(strange(['Wrenkorb, Everything, delivery, Rückgbe, Warenkorb, Zahlungsanbieters'])).toEqual([
      'Wrenkorb',
      'Everything',
      'delivery',
      'Rückgbe',
    ]);
    const sentences = texts(phrasesOf({ locale: 'en' }).scripts).filter((text) => text.split(' ').length > 3);
    expect(sentences.filter((text) => !strange([text]).length)).toEqual([]);
  });
});

describe('a shop in German', () => {
  const project = withDecisions(everything('ledger', 0), { 'reading/language': 'de' });
  const shop = makeShop(project);
  const given = new Set(
    [
      project.brief,
      JSON.stringify(project.goods.products),
      [...project.decisions.values()].map((value) => JSON.stringify(value)).join(' '),
      Object.values(shop.catalogue.categories.map(({ name }) => name)).join(' '),
      shop.rules.zones.map(({ label, rates }) => `${label} ${rates.map((rate) => rate.label).join(' ')}`).join(' '),
      new Intl.DisplayNames(['de'], { type: 'region' }).of(shop.rules.country) ?? '',
    ]
      .flatMap(wordsIn)
      .map((word) => word.toLowerCase()),
  );

  test.each(pagesOf(shop))('says nothing of ours in another language at /%s', (_, markup) => {
    expect(markup).toContain('lang="de"');
    const withoutCountries = markup.replace(/<option[\s\S]*?<\/option>/g, ' ');
    expect(strange(readOn(withoutCountries), given)).toEqual([]);
  });

  test('names countries in German, and writes money as it is written there', () => {
    const checkout = pagesOf(shop).find(([path]) => path === 'checkout/')?.[1] ?? '';
    expect(checkout).toContain('Deutschland');
    expect(checkout).toContain('Zahlungspflichtig bestellen');
    const german = makeShop({
      ...project,
      brief: 'Bürstenmacherei Kranich in Todtnau. Wir machen Bürsten aus Holz und Borsten. Preise in €.',
    });
    expect(german.rules.locale).toMatch(/^de/);
    const [home] = german.pages;
    const page =
      home && storefront.page(german, german.writer.write(home), firstView, relativeAddresses(german, '', target), target);
    // CLDR: German puts the sign behind, after a space that does not break.
    expect(page).toMatch(/\d,\d\d\u00a0€/);
  });

  test('has its scripts speak German', () => {
    const files = [...siteFiles({ ...shop, pages: [] }, storefront, target)];
    const phrases = files.find(({ path }) => path === 'data/phrases.json');
    expect(JSON.parse(phrases && 'text' in phrases ? phrases.text : '{}')).toMatchObject({ toCheckout: 'Zur Kasse' });
    // The scripts themselves hold no sentence.
    for (const file of files)
      if (file.path.endsWith('.js') && 'text' in file)
        expect(file.text).not.toMatch(/["'`](?:The|Write|Nothing|No|To the|In) [a-z]+/);
  });

  test('keeps English sentences of the brief out of it', () => {
    expect(shop.reading.statements).toEqual([]);
    expect(shop.reading.foreign.length).toBeGreaterThan(5);
  });
});
