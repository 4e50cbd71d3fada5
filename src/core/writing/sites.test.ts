import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import nspell from 'nspell';
import { type Page } from '../plan';
import { formatMoney } from '../till';
import { sites, type Site } from '../../../tests/sites/sites';
import { contentTexts, pathOf, suits, textFieldAt, textIn, type TextField } from '../sections';
import { numberWords, stockIn, type Text } from '../words';

const all = sites();

interface Said {
  page: Page;
  at: string;
  text: Text;
  field: TextField | undefined;
}

/** Every text of a site: all pages, and three products for the rest of them. */
function said({ shop }: Site): Said[] {
  let products = 0;
  return shop.pages
    .filter((page) => page.kind !== 'product' || products++ < 3)
    .flatMap((page) =>
      shop.writer.write(page).sections.flatMap((section) =>
        contentTexts(section.words)
          .filter(({ text }) => text.text)
          .map(({ at, text }) => ({
            page,
            at: `${page.name}/${section.id}/${pathOf(at)}`,
            text,
            field: textFieldAt(section.kind, at.field, at.part),
          })),
      ),
    );
}

const words = (text: string): string[] => text.match(/[\p{L}\p{N}]+(?:[’'-][\p{L}\p{N}]+)*/gu) ?? [];
const plain = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[’]/g, "'")
    .replace(/[^\p{L}\p{N}']+/gu, ' ')
    .trim();

describe.each(all.map((site) => [site.name, site] as const))('%s', (_, site) => {
  const texts = said(site);

  test('is more than headings', () => expect(texts.filter(({ text }) => text.rank < 3).length).toBeGreaterThan(4));

  test('opens with a headline', () => {
    const [home] = site.shop.pages;
    const opening = home && site.shop.writer.write(home).sections.find(({ kind }) => kind === 'opening');
    expect(textIn(opening?.words ?? {}, 'headline')?.text ?? '').toMatch(/\p{L}/u);
  });

  test('every sentence has its source, and what is said to stand in the brief stands there', () => {
    for (const { at, text } of texts) {
      expect([at, text.sources.length > 0]).toEqual([at, true]);
      for (const source of text.sources) {
        if (source.kind !== 'brief') continue;
        const there = site.shop.brief.slice(source.source.start, source.source.end);
        expect([at, there.toLowerCase()]).toEqual([at, source.source.text.toLowerCase()]);
      }
      const spans = text.sources.flatMap((source) => (source.kind === 'brief' ? [source.source.text] : []));
      if (text.rank !== 1 || !spans.length) continue;
      // A sentence of the seller's own has their words in their order, but for a capital, a stop and a pronoun that got its noun.
      const own = new Set(words(plain(spans.join(' '))));
      const foreign = words(plain(text.text)).filter((word) => !own.has(word) && !plain(site.inputs).includes(word));
      expect([at, foreign]).toEqual([at, []]);
    }
  });

  test('prints no number, proper name or superlative that is in no input', () => {
    // The currency is a rule of the till, from the brief, the list or the country.
    const inputs = plain(`${site.inputs} ${site.shop.rules.currency}`);
    const known = new Set(words(inputs).flatMap((word) => word.split(/[-']/)));
    const { catalogue, rules } = site.shop;
    const prices = catalogue.products
      .flatMap((product) => product.variants.flatMap((v) => [v.price ?? 0, v.earlierPrice ?? 0]))
      .map((price) => formatMoney(price, rules));
    const rates = rules.zones
      .flatMap((zone) => zone.rates.flatMap((rate) => [rate.price, rate.freeFrom ?? 0]))
      .map((price) => formatMoney(price, rules));
    const figures = new Set([...prices, ...rates].flatMap((price) => price.match(/\d+/g) ?? []));
    // What can be counted in the list.
    const counts = new Set(Array.from({ length: catalogue.products.length + 1 }, (_, n) => [String(n), numberWords(n)]).flat());
    const numberNames = new Set(
      Array.from({ length: 100 }, (_, n) => numberWords(n)).filter((word) => word !== 'one' && word !== 'no'),
    );
    const inFigures = new Map(Array.from({ length: 100 }, (_, n) => [String(n), numberWords(n)]));
    for (const { at, text } of texts) {
      for (const number of text.text.match(/\d+/g) ?? [])
        expect([
          at,
          number,
          known.has(number) ||
            inputs.includes(number) ||
            figures.has(number) ||
            counts.has(number) ||
            inputs.includes(inFigures.get(number) ?? '#'),
        ]).toEqual([at, number, true]);
      for (const word of words(text.text.toLowerCase()))
        if (numberNames.has(word))
          expect([
            at,
            word,
            inputs.includes(word) ||
              counts.has(word) ||
              inputs.includes(String([...inFigures].find(([, name]) => name === word)?.[0])),
          ]).toEqual([at, word, true]);
      const inner = text.text.match(/(?<=[\p{Ll},;]\s)\p{Lu}[\p{L}’'-]+/gu) ?? [];
      for (const name of inner.filter((one) => !/^I(?:['’]\w+)?$/.test(one)))
        expect([at, name, inputs.includes(plain(name))]).toEqual([at, name, true]);
      const praise =
        text.text.match(/\b(?:best|finest|greatest|largest|biggest|oldest|unique|ultimate|perfect|unrivalled|leading)\b/gi) ?? [];
      for (const word of praise) expect([at, word, known.has(word.toLowerCase())]).toEqual([at, word, true]);
    }
  });

  test('has every text of ours and of the seller’s in the length that suits its place', () => {
    for (const { at, text, field } of texts)
      expect([at, text.text, field !== undefined && suits(field, text.text)]).toEqual([at, text.text, true]);
  });

  test('says no sentence twice on a page, nor on more than two', () => {
    const seen = new Map<string, Set<string>>();
    for (const { page, at, text } of texts) {
      // The sections that product pages share stand there once for all of them.
      if (page.kind === 'product' && !/\/product\//.test(at)) continue;
      for (const sentence of text.text.match(/[^.!?]+[.!?]/g) ?? []) {
        const key = plain(sentence);
        if (key.split(' ').length < 4 || text.rank === 3) continue;
        // How much there is, and for what, is said of the same goods on each page that lists them.
        if (/\d/.test(sentence) && text.sources.every((source) => source.kind === 'goods')) continue;
        const pages = seen.get(key) ?? new Set();
        expect([at, sentence, pages.has(page.id)]).toEqual([at, sentence, false]);
        seen.set(key, pages.add(page.id));
        // What the front page says is told again in its order by the page about the shop alone.
        expect([at, sentence, [...pages].filter((id) => id !== 'about').length]).toEqual([
          at,
          sentence,
          pages.has('about') ? pages.size - 1 : 1,
        ]);
        expect(pages.size).toBeLessThanOrEqual(2);
      }
    }
  });

  test('opens no three products alike, and each description fits its own', () => {
    const { shop } = site;
    const openings = new Map<string, number>();
    for (const page of shop.pages.filter((one) => one.kind === 'product')) {
      const section = shop.writer.write(page).sections.find((one) => one.id === 'product');
      const about = section && textIn(section.words, 'about')?.text;
      if (!about) continue;
      const opening = plain(about).split(' ').slice(0, 4).join(' ');
      openings.set(opening, (openings.get(opening) ?? 0) + 1);
      if (!page.product?.description) expect(about.startsWith(page.product?.title ?? '#')).toBe(true);
    }
    for (const [opening, count] of openings) expect([opening, count <= 2]).toEqual([opening, true]);
  });

  test('has a title and a description of its own for each page that search may list', () => {
    const metas = site.shop.pages.filter((page) => page.listed).map((page) => site.shop.writer.write(page).meta);
    expect(new Set(metas.map((meta) => meta.title)).size).toBe(metas.length);
    expect(new Set(metas.map((meta) => meta.description)).size).toBe(metas.length);
    for (const meta of metas) {
      expect(meta.title.length).toBeLessThanOrEqual(64);
      expect(meta.description.length).toBeLessThanOrEqual(158);
    }
  });

  test('uses none of the phrases that every shop uses, but where the seller does', () => {
    for (const { at, text } of texts)
      if (!text.sources.some((source) => source.kind === 'brief' || source.kind === 'goods'))
        expect([at, stockIn(text.text)]).toEqual([at, []]);
  });

  test('offers six others for every headline, lead and button of the opening, and for every heading', () => {
    const { shop } = site;
    const [home] = shop.pages;
    if (!home) throw new Error('no home');
    for (const section of shop.writer.write(home).sections)
      for (const { at, text } of contentTexts(section.words)) {
        const slot = at.field;
        if (!['headline', 'lead', 'button', 'heading'].includes(slot) || section.kind === 'buy-one') continue;
        const others = shop.writer.alternatives(home, section, at, text.text);
        expect([section.id, slot, others.length >= (slot === 'heading' ? 5 : 6)]).toEqual([section.id, slot, true]);
        expect(new Set(others.map((one) => plain(one.text))).size).toBe(others.length);
        for (const other of others) expect(plain(other.text)).not.toBe(plain(text.text));
      }
  });
});

test('every word of ours is spelt as a dictionary spells it', () => {
  // The dictionary is American English (Hunspell, from dictionary-en); British forms of ours are listed.
  const british = new Set([
    'catalogue',
    'colour',
    'colours',
    'favour',
    'neighbours',
    'cheque',
    'grey',
    'programme',
    'judgement',
    'licence',
    'centre',
  ]);
  const folder = dirname(createRequire(__filename).resolve('dictionary-en'));
  const spell = nspell(readFileSync(join(folder, 'index.aff')), readFileSync(join(folder, 'index.dic')));
  const unknown = new Set<string>();
  for (const site of all) {
    const inputs = plain(`${site.inputs} ${site.shop.rules.currency}`);
    for (const { text } of said(site))
      for (const word of text.text.match(/\p{L}+(?:[’']\p{L}+)?/gu) ?? []) {
        const form = word.replace('’', "'");
        if (inputs.includes(plain(word)) || british.has(word.toLowerCase())) continue;
        if (!spell.correct(form) && !spell.correct(form.toLowerCase())) unknown.add(word);
      }
  }
  expect([...unknown]).toEqual([]);
});
