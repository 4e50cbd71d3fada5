import { chance } from '@/core/chance';
import { movedTo } from '@/core/order';
import { lookPlaces, parseAt, set, type Wish } from '@/core/places';
import { change, startStory, type Project, type Story } from '@/core/project';
import { reorder, slipOf, spotOf, type Group } from '@/core/requests';
import { families } from '@/core/look';
import { firstView, relativeAddresses, type Shop, type Target } from '@/core/site';
import { inRow, textThing, thingId, thingOf, type Thing } from '@/core/things/about';
import { storefront } from '@/storefront';
import { nextShop } from './workshop';

const preview: Target = { kind: 'preview', address: 'https://shop.example/' };

/** Things to write that are short, long, of one long word, in another script, or with signs in them. */
const texts = [
  'Wool.',
  'A line that goes on for some time about what it is, where it is from, and why anybody should care',
  'Donaudampfschifffahrtselektrizitätenhauptbetriebswerk',
  '毛糸と水',
  '“Quoted”, <b>not bold</b> & *stressed*',
];

/** The stamps of a story: one second after another. */
export function stamps() {
  let n = 0;
  return () => ({ id: `c${++n}`, at: new Date(Date.UTC(2026, 0, 1, 0, 0, n)).toISOString() });
}

/**
 * Does what comes: at things that are drawn, something that their slips offer, a text, another place in a row, another family.
 * @param seed the same gives the same changes
 */
export function changedAtRandom(first: Project, seed: number, steps: number): { story: Story; did: string[] } {
  const random = chance(seed);
  const one = <T>(all: readonly T[]): T | undefined => all[Math.floor(random() * all.length)];
  const stamp = stamps();
  const did: string[] = [];
  let story = startStory(first, '2026-01-01T00:00:00.000Z');
  while (did.length < steps) {
    const { project } = story;
    const shop = nextShop(project);
    const page = one([...new Map(shop.pages.map((each) => [each.kind, each])).values()]);
    const thing = page && one(thingsOn(shop, page.id));
    const [says, wishes] = (thing && changeOf(shop, project, thing, one, random)) ?? ['', []];
    // What a field of the slip refuses is refused here.
    if (!wishes.length || !wishes.every(({ place, value }) => value === undefined || parseAt(place, value).ok)) continue;
    story = change(story, says, wishes, stamp());
    did.push(says);
  }
  return { story, did };
}

function thingsOn(shop: Shop, id: string): Thing[] {
  const page = shop.pages.find((each) => each.id === id);
  if (!page) return [];
  const html = storefront.page(shop, shop.writer.write(page), firstView, relativeAddresses(shop, page.path, preview), preview);
  const named = [...html.matchAll(/ data-thing="([^"]*)"/g)].map(([, name = '']) => thingOf(name));
  const written = [...html.matchAll(/ data-place="([^"]*)"/g)].map(([, place = '']) => textThing(place));
  return [...named, ...written].filter((thing) => thing !== null);
}

type One = <T>(all: readonly T[]) => T | undefined;

function changeOf(shop: Shop, project: Project, thing: Thing, one: One, random: () => number): [string, readonly Wish[]] | null {
  const name = thingId(thing);
  const luck = random();
  if (luck < 0.06) {
    const family = one(families)?.id ?? 'ledger';
    return [`family ${family}`, [set(lookPlaces.family, family)]];
  }
  const mine = inRow(thing);
  if (mine && luck < 0.3) return moveOf(shop, project, thing, one);
  if ('place' in thing && luck < 0.6) {
    const text = one(texts) ?? '';
    return [`${name}: “${text}”`, [{ place: thing.place, value: text }]];
  }
  const group = one(slipOf(shop, project, thing)?.groups ?? []);
  return group ? doneWith(name, group, one) : null;
}

function moveOf(shop: Shop, project: Project, thing: Thing, one: One): [string, readonly Wish[]] | null {
  const spot = spotOf(shop, project, thing);
  const section = thing.kind === 'card' ? spotOf(shop, project, { kind: 'section', page: 'shop', section: 'listing' }) : null;
  const row =
    thing.kind === 'card'
      ? shop.catalogue.products.map(({ id }) => id)
      : (spot?.page?.sections.filter(({ hidden }) => !hidden).map(({ id }) => id) ?? []);
  const at = row.indexOf(inRow(thing)?.key ?? '');
  const to = row.indexOf(one(row) ?? '');
  if (!spot || at < 0 || to === at || !(thing.kind === 'card' || thing.kind === 'section')) return null;
  const done = reorder(spot, movedTo(row, at, to), section);
  return done.ok ? [`${thingId(thing)} to place ${to + 1}`, done.value] : null;
}

function doneWith(name: string, group: Group, one: One): [string, readonly Wish[]] | null {
  if (group.as === 'fields') {
    const field = one(group.fields);
    if (!field) return null;
    const value =
      field.as === 'money'
        ? (one([1, 990, 123_456]) ?? 1)
        : field.as === 'address'
          ? 'https://mill.example/'
          : (one(texts) ?? '');
    return [`${name} ${field.label}: ${value}`, [{ place: field.place, value }]];
  }
  const offer = one(group.offers.filter(({ stands }) => group.as === 'several' || !stands));
  return offer ? [`${name} ${group.kind}: ${offer.label}`, offer.wishes] : null;
}
