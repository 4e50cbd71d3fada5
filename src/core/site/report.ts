import { isMade, verdictOf, type Fact } from '../brief';
import { bestLine, contrastPairs } from '../look';
import { type Problem } from '../project';
import { type Shop } from './shop';

const plain = <T>(fact: Fact<T> | null) => fact && { value: fact.value, confidence: fact.confidence, source: fact.source };

/** A reading as the command line prints it: a contract, extended but never broken. */
export function readingReport({ reading }: Pick<Shop, 'reading'>) {
  return {
    name: plain(reading.name),
    sells: reading.sells.map(plain),
    trade: plain(reading.trade),
    audience: reading.audience.map(plain),
    tone: reading.tone.map(plain),
    style: reading.style.map(plain),
    coloursWanted: reading.coloursWanted.map(plain),
    coloursAvoided: reading.coloursAvoided.map(plain),
    features: reading.features.map((fact) => ({ ...plain(fact), made: isMade(fact.value) })),
    goal: plain(reading.goal),
    difference: reading.difference.map(plain),
    place: plain(reading.place),
    country: plain(reading.country),
    reach: plain(reading.reach),
    origin: plain(reading.origin),
    contact: { email: plain(reading.email), phone: plain(reading.phone), address: plain(reading.address) },
    links: reading.links.map(plain),
    currency: plain(reading.currency),
    language: plain(reading.language),
    claims: reading.statements.map(({ text, topics, source }) => ({ text, topics, source })),
    wishes: reading.wishes,
    sentences: reading.judged.map((one) => {
      const { text, start, end } = one.said;
      return { text, start, end, role: one.role, ...verdictOf(one) };
    }),
    doubts: reading.doubts.map(({ id, about, say, sources }) => ({ id, about, say, sources })),
  };
}

/** What was made of which inputs, and every warning on the way. */
export function buildReport(shop: Shop, problems: readonly Problem[], files: number) {
  const { look } = shop;
  return {
    reading: readingReport(shop),
    goods: {
      products: shop.catalogue.products.length,
      variants: shop.catalogue.products.reduce((n, p) => n + p.variants.length, 0),
      categories: shop.catalogue.categories.map((c) => c.name),
    },
    look: {
      family: look.family.id,
      palette: look.palette,
      contrast: contrastPairs(look.palette),
      faces: { heading: look.heading.id, text: look.text.id },
      because: look.because,
      from: look.from,
      genes: look.genes,
      asked: look.asked,
      measure: { characters: bestLine, rem: Number(look.scale.measure.toFixed(2)) },
    },
    pages: shop.pages.length,
    files,
    setAside: shop.setAside.map(({ place }) => place),
    warnings: problems.map(({ row, column, kind, say }) => ({ row, column, kind, say })),
  };
}
