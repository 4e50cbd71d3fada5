import { type Fact, type Reading } from '../brief';
import { sayNow, type Address, type CorrectedFact } from '../places';
import { contentTexts, pathOf } from '../sections';
import { type Shop } from './shop';

/** What two shops differ in, in words for the seller. */
export interface ShopDifference {
  /** Facts of the reading that are other than before. */
  reading: { label: string; before: string; after: string }[];
  /** "Story on Home" */
  opens: string[];
  closes: string[];
  pagesGained: string[];
  pagesLost: string[];
  /** How many texts of pages that stay read otherwise, and a few of them. */
  texts: { count: number; examples: { where: string; before: string; after: string }[] };
  /** What of the look is other than before. */
  look: string[];
  /** Decisions that would be set aside. None is lost. */
  setAside: string[];
}

const one = (fact: Fact<unknown> | null): string => (fact ? String(fact.value) : '');
const many = (facts: readonly Fact<string>[]): string => facts.map((fact) => fact.value).join(', ');

/** The facts that a seller knows by name. */
export const toldFacts: readonly (readonly [label: string, show: (reading: Reading) => string, fact: CorrectedFact | null])[] = [
  ['Name', (r) => one(r.name), 'name'],
  ['Sells', (r) => many(r.sells), 'sells'],
  ['Trade', (r) => r.trade?.value.label ?? '', null],
  ['For', (r) => many(r.audience), 'audience'],
  ['Tone', (r) => many(r.tone), 'tone'],
  ['Colours', (r) => r.coloursWanted.map((fact) => fact.value.name).join(', '), 'coloursWanted'],
  ['Not these colours', (r) => r.coloursAvoided.map((fact) => fact.value.name).join(', '), 'coloursAvoided'],
  ['Asked for', (r) => many(r.features), 'features'],
  ['Goal', (r) => (r.goal.source || r.goal.corrected ? r.goal.value : ''), 'goal'],
  ['Place', (r) => one(r.place), 'place'],
  ['Parcels go to', (r) => one(r.reach), 'reach'],
  ['Origin', (r) => one(r.origin), 'origin'],
  ['E-mail', (r) => one(r.email), 'email'],
  ['Telephone', (r) => one(r.phone), 'phone'],
  ['Currency', (r) => one(r.currency), 'currency'],
];

/** One page of each kind, and each page of a kind that comes once. */
function outline(shop: Shop) {
  const seen = new Set<string>();
  const pages = shop.pages.filter((page) =>
    page.kind === 'product' || page.kind === 'category' ? !seen.has(page.kind) && seen.add(page.kind) : true,
  );
  const sections = new Map<string, string>();
  const texts = new Map<string, { where: string; text: string }>();
  for (const page of pages) {
    const where = page.kind === 'product' ? 'each product' : page.kind === 'category' ? 'each category' : page.name;
    const key = page.kind === 'product' || page.kind === 'category' ? page.kind : page.id;
    for (const section of shop.writer.write(page).sections) {
      if (!section.filled) continue;
      sections.set(`${key}/${section.id}`, `${section.label} on ${where}`);
      for (const { at, text } of contentTexts(section.words))
        if (text.text && page.kind !== 'product')
          texts.set(`${key}/${section.id}/${pathOf(at)}`, { where: `${section.label} on ${where}`, text: text.text });
    }
  }
  return { pages: new Map(pages.filter((page) => page.kind !== 'product').map((page) => [page.id, page.name])), sections, texts };
}

const gained = (before: ReadonlyMap<string, string>, after: ReadonlyMap<string, string>): string[] =>
  [...after].filter(([key]) => !before.has(key)).map(([, name]) => name);

/** Decisions that are in effect before and would not be after, as sentences. */
function newlySetAside(before: Shop, after: Shop): string[] {
  const already = new Set<Address>(before.setAside.map(({ place }) => place));
  return after.setAside.filter(({ place }) => !already.has(place)).map(({ place, value }) => sayNow(place, value));
}

/** What would be other in a shop: shown before it is done. */
export function compareShops(before: Shop, after: Shop): ShopDifference {
  const [was, is] = [outline(before), outline(after)];
  const changed = [...is.texts].flatMap(([key, { where, text }]) => {
    const old = was.texts.get(key);
    return old && old.text !== text ? [{ where, before: old.text, after: text }] : [];
  });
  const look: string[] = [];
  if (before.look.family.id !== after.look.family.id)
    look.push(`the family, from ${before.look.family.name} to ${after.look.family.name}`);
  for (const [part, name] of [
    ['head', 'the header'],
    ['foot', 'the footer'],
  ] as const)
    if (before.look.genes[part] !== after.look.genes[part]) look.push(name);
  if (before.look.heading.id !== after.look.heading.id || before.look.text.id !== after.look.text.id) look.push('the typefaces');
  if (JSON.stringify(before.look.palette) !== JSON.stringify(after.look.palette)) look.push('the colours');
  return {
    reading: toldFacts
      .map(([label, show]) => ({ label, before: show(before.reading), after: show(after.reading) }))
      .filter((fact) => fact.before !== fact.after),
    opens: gained(was.sections, is.sections),
    closes: gained(is.sections, was.sections),
    pagesGained: gained(was.pages, is.pages),
    pagesLost: gained(is.pages, was.pages),
    texts: { count: changed.length, examples: changed.slice(0, 3) },
    look,
    setAside: newlySetAside(before, after),
  };
}
