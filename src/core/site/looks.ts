import { chance } from '../chance';
import { candidates, parts, startAgain, vary, type Candidate, type Genes, type Part } from '../look';
import { lookPlaces, planPlaces, set, type Wish } from '../places';
import { withWishes, type Project } from '../project';
import { sectionAbout } from '../sections';
import { lookSearch, makeShop, type Shop } from './shop';

export type LooksKind = 'candidates' | 'vary' | 'again';

export interface LooksWish {
  kind: LooksKind;
  turn: number;
  /** What was seen before: starting again goes far from it. */
  seen: readonly Genes[];
  /** What brings about the look to vary from, where it is not the present one. */
  base: readonly Wish[];
  /** What is kept: parts of the look, "order", "section:opening", or single places. */
  locks: readonly string[];
}

const isPart = (lock: string): lock is Part => lock in parts;

/** Looks to compare. What is locked in the plan is kept by decisions that say what the plan has by itself now. */
export function looksFor(project: Project, { kind, turn, seen, base, locks }: LooksWish): Candidate[] {
  const from = withWishes(project, base);
  const held = new Set(lookPlaces.lockedPlaces(locks));
  const genes = geneNames.filter((gene) => held.has(lookPlaces.genePlaces[gene].address));
  const search = lookSearch(from, { locks: locks.filter(isPart), genes, turn });
  const found = kind === 'candidates' ? candidates(search) : kind === 'vary' ? vary(search) : startAgain(search, seen);
  const now = makeShop(from);
  const kept = keptPlan(now, locks);
  return found.map((candidate, i) => ({
    ...candidate,
    wishes: [
      ...[...candidate.wishes, ...(kind === 'vary' ? otherArrangements(now, locks, turn * 3 + i) : [])].filter(
        ({ place }) => !held.has(place),
      ),
      ...kept,
    ],
  }));
}

const geneNames = Object.keys(lookPlaces.genePlaces) as (keyof typeof lookPlaces.genePlaces)[];

/** How a section is arranged: as was chosen, else as its family has it. */
export const arrangementNow = (shop: Shop, section: Shop['pages'][number]['sections'][number]): string | undefined =>
  section.arrangement ?? shop.look.family.arrangements[section.kind] ?? sectionAbout(section.kind).arrangements[0]?.id;

function keptPlan(shop: Shop, locks: readonly string[]): Wish[] {
  const [home] = shop.pages;
  if (!home) return [];
  const kept: Wish[] = [];
  if (locks.includes('order'))
    kept.push(
      set(
        planPlaces.sectionOrder(home.id),
        home.sections.map((section) => section.id),
      ),
    );
  for (const section of home.sections) {
    const arrangement = locks.includes(`section:${section.id}`) ? arrangementNow(shop, section) : undefined;
    if (arrangement) kept.push(set(planPlaces.arrangement(home.id, section.id), arrangement));
  }
  return kept;
}

/** A near relative arranges one or two sections of the home page otherwise. */
function otherArrangements(shop: Shop, locks: readonly string[], seed: number): Wish[] {
  const random = chance(seed * 37 + 11);
  const [home] = shop.pages;
  const open = (home?.sections ?? []).filter(
    (section) =>
      section.kind !== 'opening' &&
      !locks.includes(`section:${section.id}`) &&
      !locks.includes(lookPlaces.lockOf(planPlaces.arrangement(home?.id ?? '', section.id).address)) &&
      sectionAbout(section.kind).arrangements.length > 1,
  );
  const changed: Wish[] = [];
  for (let n = 0; n < 2 && open.length; n++) {
    const [section] = open.splice(Math.floor(random() * open.length), 1);
    if (!section) break;
    const now = arrangementNow(shop, section);
    const other = sectionAbout(section.kind).arrangements.find((arrangement) => arrangement.id !== now);
    if (home && other) changed.push(set(planPlaces.arrangement(home.id, section.id), other.id));
  }
  return changed;
}
