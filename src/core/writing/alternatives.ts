import { largestCategory, pricesOf } from '../goods';
import { worthOf, type Statement } from '../brief';
import { headingsOf, suits, textFieldAt, type TextAt, type Writing } from '../sections';
import { formatMoney } from '../till';
import { phrasesOf } from '../phrases';
import { capitalised, fromBrief, fromGoods, ours, sourcesOf, type Text } from '../words';

const money = (amount: number, { rules }: Writing): string => formatMoney(amount, rules);

/** Where a clause of a longer sentence begins anew. */
const joints =
  /;\s+|:\s+|\s+[–—]\s+|,\s+(?:and|so|but|because|which is why)\s+(?=(?:we|i|it|they|no|nothing|every|each|you)\b)|\s+and\s+(?=(?:we|i)\s)/i;
const leans =
  /^(?:with|for|from|in|by|that|which|who|because|so|if|when|and|but|or|it|they|this|these|them|he|she|there|at|on|to|of|as|then|both|same|here)\b/i;

/** Short claims of the seller's own: whole sentences, and parts of long ones that stand on their own. */
function shortClaims(statements: readonly Statement[], most: number): Text[] {
  return statements
    .filter(
      (s) => !s.topics.some((topic) => topic === 'contact' || topic === 'detail' || topic === 'delivery' || topic === 'returns'),
    )
    .sort((a, b) => worthOf(b) - worthOf(a))
    .flatMap((statement) =>
      statement.text
        .replace(/[.!]+$/, '')
        .split(joints)
        .map((part) => part.trim())
        .filter((part) => {
          const words = part.split(/\s+/).length;
          return words >= 3 && words <= most && !leans.test(part) && !/[([]/.test(part);
        })
        .map((part) => fromBrief(`${capitalised(part)}.`, statement.source)),
    );
}

/** What is known, in few words: goods, place, prices, people, numbers. */
function shortFacts(w: Writing): Text[] {
  const { reading, catalogue } = w;
  const { listed, goods: say } = phrasesOf(w.rules);
  const [what] = reading.sells;
  const facts: Text[] = [];
  const fact = (text: string, ...from: Parameters<typeof sourcesOf>) =>
    facts.push({ text, rank: 2, sources: sourcesOf(...from) });
  const place = reading.place;
  if (what && place) fact(say.fromPlace(what.value, place.value), what, place);
  if (reading.sells.length > 1)
    fact(capitalised(listed(reading.sells.slice(0, 3).map((one) => one.value))), ...reading.sells.slice(0, 3));
  const range = pricesOf(catalogue.products);
  if (what && range)
    facts.push({
      text: say.fromPrice(what.value, money(range.low, w)),
      rank: 2,
      sources: [...sourcesOf(what), { kind: 'goods', say: 'the lowest price in your list' }],
    });
  const [audience] = reading.audience;
  if (audience && audience.value.split(' ').length <= 8) fact(say.forWhom(audience.value), audience);
  if (reading.people.length > 1) fact(say.by(reading.people.map((one) => one.value)), ...reading.people);
  for (const figure of reading.figures) fact(`${capitalised(`${figure.value.figure} ${figure.value.what}`)}`, figure);
  if (reading.name && what) fact(`${reading.name.value}: ${what.value}`, reading.name, what);
  if (what) fact(capitalised(what.value), what);
  const shelf = largestCategory(catalogue.categories);
  if (shelf)
    facts.push(
      fromGoods(say.countedIn(shelf.products.length, shelf.name), `${shelf.products.length} in that category of your list`),
    );
  if (catalogue.products.length) {
    const titles = catalogue.products.slice(0, 3).map((product) => product.title);
    facts.push(fromGoods(listed(titles), 'the first of your list'));
    facts.push(fromGoods(say.toChooseFrom(catalogue.products.length), 'the length of your list'));
    if (range) facts.push(fromGoods(say.from(money(range.low, w)), 'the lowest price in your list'));
  }
  if (reading.name) fact(reading.name.value, reading.name);
  return facts;
}

/** Sentences that could lead into a shop. */
function leads(w: Writing): Text[] {
  const { reading, catalogue } = w;
  const { listed, inSentence, goods: say } = phrasesOf(w.rules);
  const own = reading.statements
    .filter((s) => s.words >= 6 && s.words <= 28 && !s.topics.some((topic) => topic === 'contact' || topic === 'detail'))
    .sort((a, b) => b.fit.lead - a.fit.lead)
    .map((s) => fromBrief(s.text, s.source));
  const goods = reading.sells.slice(0, 3).map((one) => one.value);
  const facts: Text[] = [];
  const from = reading.sells.slice(0, 3);
  if (goods.length && reading.place)
    facts.push({
      text: say.madeAt(goods, reading.place.value),
      rank: 2,
      sources: sourcesOf(...from, reading.place),
    });
  if (goods.length) facts.push({ text: say.sell(reading.person === 'I', goods), rank: 2, sources: sourcesOf(...from) });
  const count = catalogue.products.length;
  if (count) {
    const range = pricesOf(catalogue.products);
    if (range) facts.push(fromGoods(say.priced(count, money(range.low, w), money(range.high, w)), 'your list'));
    facts.push(fromGoods(say.among(catalogue.products.slice(0, 3).map((product) => product.title)), 'the first of your list'));
    facts.push(fromGoods(say.thereAre(count), 'the length of your list'));
    if (catalogue.categories.length > 1)
      facts.push(
        fromGoods(
          `${capitalised(listed(catalogue.categories.slice(0, 4).map((category) => inSentence(category.name))))}.`,
          'the categories of your list',
        ),
      );
  }
  const claims = shortClaims(reading.statements, 9);
  const pairs = claims.slice(0, 6).flatMap((first, i) => {
    const second = claims[i + 1];
    return second && second.text !== first.text
      ? [{ text: `${first.text} ${second.text}`, rank: 1 as const, sources: [...first.sources, ...second.sources] }]
      : [];
  });
  return [...own, ...pairs, ...facts];
}

function buttons(w: Writing): Text[] {
  const { categories, products } = w.catalogue;
  const { choices, goods: goodsSay } = phrasesOf(w.rules);
  const shelf = largestCategory(categories);
  const count = (shelf ?? w.catalogue).products.length;
  const name = shelf ? goodsSay.theShelf(shelf.name) : goodsSay.everything;
  const say = `${count} in your list`;
  const counted = count
    ? [
        fromGoods(goodsSay.see(name, count), say),
        fromGoods(goodsSay.lookAt(name), say),
        fromGoods(goodsSay.allFromTheFirst(products.length), `${products.length} in your list`),
      ]
    : [];
  return [...counted, ...choices.openingButtons.map(ours)];
}

const unique = (texts: readonly Text[], but: string): Text[] => {
  const plain = (text: string) =>
    text
      .toLowerCase()
      .replace(/[^\p{L}\p{N}]+/gu, ' ')
      .trim();
  const seen = new Set([plain(but)]);
  return texts.filter(({ text }) => text && !seen.has(plain(text)) && seen.add(plain(text)));
};

/** Other texts that would do at a place, best first: at least six for headlines, leads, headings and buttons wherever brief or list give that many. */
export function alternatives(writing: Writing, at: TextAt, now: string): Text[] {
  const field = textFieldAt(writing.section.kind, at.field, at.part);
  return field ? candidates(writing, at, now).filter((text) => suits(field, text.text)) : [];
}

function candidates(writing: Writing, { field: slot, part }: TextAt, now: string): Text[] {
  const { kind } = writing.section;
  if (slot === 'headline')
    return unique([...shortClaims(writing.reading.statements, 10), ...shortFacts(writing)], now).slice(0, 12);
  if (slot === 'lead') return unique(leads(writing), now).slice(0, 12);
  if (slot === 'button' && kind === 'opening') return unique(buttons(writing), now).slice(0, 9);
  if (slot === 'button') return unique(phrasesOf(writing.rules).choices.buttons.map(ours), now).slice(0, 7);
  if (slot === 'heading') return unique(headingsOf({ kind }, writing).map(ours), now).slice(0, 8);
  if (slot === 'link') return unique(phrasesOf(writing.rules).choices.links.map(ours), now).slice(0, 6);
  if (part !== undefined && ['why', 'story', 'article'].includes(kind))
    return unique(shortClaims(writing.reading.statements, 16), now).slice(0, 8);
  return [];
}
