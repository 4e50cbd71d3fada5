import { readBrief } from '../brief';
import { titlesOf } from '../goods/about';
import { makeLook, type Look, type LookSource } from '../look';
import {
  correctionOf,
  Decided,
  locate,
  lookPlaces,
  sayNow,
  standsAt,
  writtenTexts,
  type Address,
  type Value,
  type Wish,
} from '../places';
import { type Project } from '../project';
import { contentTexts } from '../sections';
import { toldFacts } from './compare';
import { namesIn } from './places';
import { type Shop } from './shop';

/** Something that the seller decided, and that would be made otherwise now than it was when they did: theirs stays unless they say otherwise. */
export interface BothChanged {
  place: Address;
  /** "Lead of Opening on Home", "Look". */
  where: string;
  /** What the seller decided, what was made without it, and what would be made now. */
  yours: string;
  before: string;
  after: string;
}

/** A project with the shop that it comes to, and what its look follows from. */
export interface Made {
  project: Project;
  shop: Shop;
  source: LookSource;
}

/** The text that is made for a place, whatever the seller wrote there; null where none is. */
function madeAt({ pages, writer }: Shop, place: Address): string | null {
  const at = standsAt(place);
  const page = at && pages.find(({ id, kind }) => (at.page === 'product' ? kind === 'product' : id === at.page));
  const section = page?.sections.find(({ id }) => id === at?.section);
  if (!at || !page || !section) return null;
  const { field, key, part } = at.at;
  const found = contentTexts(writer.made(page, section) ?? {}).find(
    (one) => one.at.field === field && one.at.key === key && one.at.part === part,
  );
  return found?.text.text || null;
}

const textKinds: ReadonlySet<string> = new Set([writtenTexts.fieldText.kind.id, writtenTexts.itemText.kind.id]);

/** Where decisions were before a change moved them, by where they are. */
function camefrom(moves: readonly Wish[]): ReadonlyMap<Address, Address> {
  const came = new Map<Address, Address>();
  moves.forEach(({ place, value }, i) => {
    const next = moves[i + 1];
    if (value === undefined && next && next.value !== undefined && locate(place)?.kind.id === locate(next.place)?.kind.id)
      came.set(next.place, place);
  });
  return came;
}

function textsOfBoth(before: Made, after: Made, moves: readonly Wish[]): BothChanged[] {
  const came = camefrom(moves);
  const names = namesIn(after.shop);
  return [...after.project.decisions].flatMap(([place, value]): BothChanged[] => {
    const at = locate(place);
    if (!at || !textKinds.has(at.kind.id) || typeof value !== 'string') return [];
    const [was, is] = [madeAt(before.shop, came.get(place) ?? place), madeAt(after.shop, place)];
    if (was === null || is === null || was === is || is === value) return [];
    const [page = '', section = '', field = '', , part] = at.parts;
    const called = part ?? field;
    return [
      {
        place,
        where: `${called.charAt(0).toUpperCase()}${called.slice(1)} of ${names.section(page, section)} on ${names.page(page)}`,
        yours: value,
        before: was,
        after: is,
      },
    ];
  });
}

/** Parts of the look by their places, with what stands there in a look. */
const partsOfLook: readonly (readonly [Address, (look: Look) => Value | undefined])[] = [
  ...Object.entries(lookPlaces.genePlaces).map(
    ([name, { address }]) => [address, ({ genes }: Look) => genes[name as keyof typeof lookPlaces.genePlaces] as Value] as const,
  ),
  ...Object.entries(lookPlaces.picked).map(
    ([role, { address }]) => [address, ({ palette }: Look) => palette[role as keyof typeof lookPlaces.picked]] as const,
  ),
];

function looksOfBoth(before: Made, after: Made): BothChanged[] {
  const decided = partsOfLook.filter(([place]) => after.project.decisions.has(place));
  if (!decided.length) return [];
  // What the look would be if the seller had decided nothing of it.
  const [was, is] = [before, after].map(({ source }) => makeLook(source, new Decided(new Map())));
  if (!was || !is) return [];
  return decided.flatMap(([place, of]): BothChanged[] => {
    const [then, now, yours] = [of(was), of(is), after.project.decisions.get(place)];
    if (then === undefined || now === undefined || JSON.stringify(then) === JSON.stringify(now)) return [];
    if (JSON.stringify(now) === JSON.stringify(yours)) return [];
    const say = (value: Value | undefined) => sayNow(place, value).replace(/^[^:]*:\s*/, '');
    return [{ place, where: sayNow(place, yours).split(':')[0] ?? '', yours: say(yours), before: say(then), after: say(now) }];
  });
}

/** Facts that the seller put right, where another brief says something else than the one that they were put right in. */
function factsOfBoth(before: Made, after: Made): BothChanged[] {
  const { decisions } = after.project;
  const corrected = toldFacts.filter(([, , fact]) => fact !== null && decisions.has(correctionOf(fact).address));
  if (!corrected.length) return [];
  const [was, is] = [before, after].map(({ project: { brief, goods } }) => readBrief(brief, titlesOf(goods)));
  if (!was || !is) return [];
  return corrected.flatMap(([label, show, fact]): BothChanged[] => {
    const [then, now, yours] = [show(was), show(is), show(after.shop.reading)];
    return fact === null || then === now || now === yours || now === ''
      ? []
      : [{ place: correctionOf(fact).address, where: label, yours, before: then, after: now }];
  });
}

/**
 * What both changed: the seller by hand, and what is made by itself, because another brief is there.
 * @param moves what goes along with the change, as `withMoves` tells it
 */
export const bothChanged = (before: Made, after: Made, moves: readonly Wish[]): BothChanged[] => [
  ...factsOfBoth(before, after),
  ...textsOfBoth(before, after, moves),
  ...looksOfBoth(before, after),
];
