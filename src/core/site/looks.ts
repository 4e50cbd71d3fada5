import { chance } from '../chance';
import { candidates, parts, startAgain, vary, type Candidate, type Genes, type Part } from '../look';
import { sectionDefinition } from '../plan';
import { decide, type DecisionValue, type Project } from '../project';
import { lookSearch, makeShop, type Shop } from './shop';

export type LooksKind = 'candidates' | 'vary' | 'again';

export interface LooksWish {
  kind: LooksKind;
  turn: number;
  /** What was seen before: starting again goes far from it. */
  seen: readonly Genes[];
  /** Decisions of the look to vary from, where it is not the present one. */
  base: Record<string, DecisionValue>;
  /** What is kept: parts of the look, "order", or "section:opening". */
  locks: readonly string[];
}

const isPart = (lock: string): lock is Part => lock in parts;

/** Looks to compare. What is locked in the plan is kept by decisions that say what the plan has by itself now. */
export function looksFor(project: Project, { kind, turn, seen, base, locks }: LooksWish): Candidate[] {
  const from = withDecisions(project, base);
  const search = lookSearch(from, { locks: locks.filter(isPart), turn });
  const found = kind === 'candidates' ? candidates(search) : kind === 'vary' ? vary(search) : startAgain(search, seen);
  const now = makeShop(from);
  const kept = keptPlan(now, locks);
  return found.map((candidate, i) => ({
    ...candidate,
    decisions: { ...candidate.decisions, ...(kind === 'vary' ? otherArrangements(now, locks, turn * 3 + i) : {}), ...kept },
  }));
}

export function withDecisions(project: Project, decisions: Record<string, DecisionValue>): Project {
  return decide(
    project,
    Object.entries(decisions).map(([place, value]) => ({ place, value, at: '' })),
  );
}

const arrangementNow = (shop: Shop, section: Shop['pages'][number]['sections'][number]): string | undefined =>
  section.arrangement ?? shop.look.family.arrangements[section.kind] ?? sectionDefinition(section.kind).arrangements[0]?.id;

function keptPlan(shop: Shop, locks: readonly string[]): Record<string, DecisionValue> {
  const [home] = shop.pages;
  if (!home) return {};
  const kept: Record<string, DecisionValue> = {};
  if (locks.includes('order')) kept['plan/home/order'] = home.sections.map((section) => section.id);
  for (const section of home.sections) {
    const arrangement = locks.includes(`section:${section.id}`) ? arrangementNow(shop, section) : undefined;
    if (arrangement) kept[`plan/home/${section.id}/arrangement`] = arrangement;
  }
  return kept;
}

/** A near relative arranges one or two sections of the home page otherwise. */
function otherArrangements(shop: Shop, locks: readonly string[], seed: number): Record<string, DecisionValue> {
  const random = chance(seed * 37 + 11);
  const open = (shop.pages[0]?.sections ?? []).filter(
    (section) =>
      section.kind !== 'opening' &&
      !locks.includes(`section:${section.id}`) &&
      sectionDefinition(section.kind).arrangements.length > 1,
  );
  const changed: Record<string, DecisionValue> = {};
  for (let n = 0; n < 2 && open.length; n++) {
    const [section] = open.splice(Math.floor(random() * open.length), 1);
    if (!section) break;
    const now = arrangementNow(shop, section);
    const other = sectionDefinition(section.kind).arrangements.find((arrangement) => arrangement.id !== now);
    if (other) changed[`plan/home/${section.id}/arrangement`] = other.id;
  }
  return changed;
}
