import { bareTill } from '../../../tests/till';
import { sets } from '../../../tests/briefs';
import { readBrief } from '../brief';
import { chance } from '../chance';
import { importText, makeCatalogue } from '../goods';
import { Decided, parseAt, planPlaces, set, type Wish } from '../places';
import { newProject, withWishes, type Project } from '../project';
import { sectionAbout, sectionLibrary } from '../sections';
import { freshId, pageDefinitions, pageLibrary, planShop, type Page } from './index';

const rules = { ...bareTill, returnsDays: 14 };
const goods = importText('title,price,category\nTall lamp,40,Lamps\nLow lamp,30,Lamps\nAsh bowl,12,Bowls\nGift card,20,\n');
if (!goods.ok) throw new Error(goods.say);
const { products } = goods.value;

const briefs = [...sets.before, ...sets.after].map(({ what, brief }) => ({ what, brief, reading: readBrief(brief) }));

function planOf(reading: ReturnType<typeof readBrief>, decisions: Project['decisions'] = new Map()): Page[] {
  const decided = new Decided(decisions);
  return planShop({ reading, catalogue: makeCatalogue(products, decided, 2, 2), rules }, decided);
}

/** What nothing is sold without (common practice), and what the law wants. */
const needed = ['home', 'shop', 'contact', 'delivery', 'privacy', 'terms', 'cart', 'checkout', 'thanks', 'missing'];

/** What is wrong with a plan, whatever brief and seller did. */
function faultsOf(pages: readonly Page[]): string[] {
  const twice = (what: string, values: readonly string[]) =>
    values.filter((value, i) => values.indexOf(value) !== i).map((value) => `${what} “${value}” twice`);
  return [
    ...twice(
      'page',
      pages.map(({ id }) => id),
    ),
    ...twice(
      'address',
      pages.map(({ path }) => path),
    ),
    ...needed.filter((kind) => !pages.some((page) => page.kind === kind)).map((kind) => `no ${kind}`),
    ...(pages.filter((page) => page.kind === 'product').length === products.length ? [] : ['not every product has a page']),
    // Addresses that any server gives as they are (RFC 3986: unreserved characters), so that no link has to be escaped.
    ...pages.filter(({ path }) => !/^([a-z0-9-]+\/)*$|^404\.html$/.test(path)).map(({ path }) => `address “${path}”`),
    ...pages.flatMap((page) =>
      twice(
        `on ${page.id}: section`,
        page.sections.map(({ id }) => id),
      ),
    ),
    ...pages.flatMap((page) =>
      page.sections.filter(({ because }) => !because.say).map(({ id }) => `no reason for ${page.id}/${id}`),
    ),
  ];
}

test.each(briefs.map((one) => [one.what, one] as const))(
  '%s: the plan is sound, and every reason points at its words',
  (what, one) => {
    const pages = planOf(one.reading);
    expect(faultsOf(pages)).toEqual([]);
    for (const { say, brief } of pages.flatMap((page) => [page.because, ...page.sections.map((section) => section.because)])) {
      expect(say).toMatch(/^[\p{Lu}\d].*\.$/su);
      for (const { start, end } of brief) {
        expect(end).toBeGreaterThan(start);
        expect(one.brief.slice(start, end).trim()).not.toBe('');
      }
    }
    // A menu of a few words is read at a glance: seven at most (common practice).
    expect(pages.filter((page) => page.inMenu).length).toBeLessThanOrEqual(7);
  },
);

interface Seller {
  project: Project;
  /** Sections and pages that were put in and not taken out again. */
  added: { page: string; section: string }[];
  pages: string[];
}

/** A seller who does any of the things that can be done at Plan, at random. */
function move(seller: Seller, pages: readonly Page[], random: () => number): Seller {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  const { project } = seller;
  const at = (wish: Wish): Project => {
    expect([wish.place, wish.value === undefined || parseAt(wish.place, wish.value).ok]).toEqual([wish.place, true]);
    return withWishes(project, [wish]);
  };
  const page = pick(pages.filter(({ kind }) => kind !== 'product' && kind !== 'category'));
  const section = page.sections.length ? pick(page.sections) : null;
  const what = Math.floor(random() * 7);
  if (what === 0) {
    const { kind } = pick(sectionLibrary);
    const id = freshId(
      kind,
      page.sections.map((one) => one.id),
    );
    return {
      ...seller,
      project: at(set(planPlaces.addedSection(page.id, id), { kind })),
      added: [...seller.added, { page: page.id, section: id }],
    };
  }
  if (what === 1) {
    const { kind } = pick(pageLibrary);
    const id = freshId(
      kind,
      pages.map((one) => one.id),
    );
    const name = pick(['Wholesale', 'Cart', 'Ünsere Bänke', 'Shop', '茶', 'Goods & more']);
    return {
      ...seller,
      project: at(set(planPlaces.addedPage(id), { kind, name })),
      pages: [...seller.pages, id],
    };
  }
  if (!section) return seller;
  const shuffled = [...page.sections].map(({ id }) => id).sort(() => random() - 0.5);
  if (what === 2) return { ...seller, project: at(set(planPlaces.sectionOrder(page.id), shuffled)) };
  if (what === 3) return { ...seller, project: at(set(planPlaces.sectionHidden(page.id, section.id), random() < 0.7)) };
  if (what === 4) {
    const { arrangements } = sectionAbout(section.kind);
    return arrangements.length
      ? { ...seller, project: at(set(planPlaces.arrangement(page.id, section.id), pick(arrangements).id)) }
      : seller;
  }
  if (what === 5) return { ...seller, project: at(set(planPlaces.inMenu(page.id), random() < 0.5)) };
  // Taking a page out: only those that may go do.
  const isOwn = seller.pages.includes(page.id);
  return isOwn ? seller : { ...seller, project: at(set(planPlaces.pageHidden(page.kind), true)) };
}

test('sixty sellers who do anything at Plan never break it, lose nothing that they put in, and can take it all back', () => {
  for (let n = 0; n < 60; n++) {
    const random = chance(n * 31 + 5);
    const { what, reading } = briefs[n % briefs.length] as (typeof briefs)[number];
    const first = planOf(reading);
    let seller: Seller = { project: newProject('p', 'p'), added: [], pages: [] };
    let pages = first;
    for (let step = 0; step < 20; step++) {
      seller = move(seller, pages, random);
      pages = planOf(reading, seller.project.decisions);
      expect([what, n, step, faultsOf(pages)]).toEqual([what, n, step, []]);
    }
    for (const id of seller.pages) expect(pages.find((page) => page.id === id)).toBeDefined();
    for (const { page, section } of seller.added) {
      const found = pages.find((one) => one.id === page);
      if (found) expect(found.sections.map(({ id }) => id)).toContain(section);
      else expect(pageDefinitions.find((one) => one.kind === page)?.optional).toBe(true);
    }
    for (const { id, sections } of pages) {
      const order = new Decided(seller.project.decisions).get(planPlaces.sectionOrder(id));
      if (order) expect(sections.map((one) => one.id).filter((one) => order.includes(one))).toEqual(order.filter((one) => sections.some((section) => section.id === one))); // prettier-ignore
    }
    const back = withWishes(
      seller.project,
      [...seller.project.decisions.keys()].map((place) => ({ place, value: undefined })),
    );
    expect(planOf(reading, back.decisions)).toEqual(first);
  }
});
