import { planPlaces, set, type Address, type Value } from '../places';
import { pageKinds, type PageKind } from '../plan/about';
import { sectionKinds, type SectionKind } from '../sections/about';

interface FormerlyAdded {
  id: string;
  kind: string;
  name?: string | undefined;
}

const isAdded = (one: unknown): one is FormerlyAdded =>
  typeof one === 'object' && one !== null && 'id' in one && 'kind' in one && typeof one.id === 'string' && one.id !== '';

/** Added pages and sections once stood in one list each; now each has a place of its own, so that one can go without the others. */
export function fromFormer(address: Address, value: unknown): [Address, unknown][] {
  const wish = ({ place, value: at }: { place: Address; value: Value | undefined }): [Address, unknown] => [place, at];
  if (!Array.isArray(value)) return [[address, value]];
  const added = value.filter(isAdded);
  if (address === 'plan/pages')
    return added
      .filter((one) => (pageKinds as readonly string[]).includes(one.kind))
      .map((one) => wish(set(planPlaces.addedPage(one.id), { kind: one.kind as PageKind, name: one.name ?? one.id })));
  const page = /^plan\/([^/]+)\/added$/.exec(address)?.[1];
  if (page)
    return added
      .filter((one) => (sectionKinds as readonly string[]).includes(one.kind))
      .map((one) => wish(set(planPlaces.addedSection(page, one.id), { kind: one.kind as SectionKind })));
  return [[address, value]];
}

/** An address of a text by its position, as it was written once: "words/home/reviews/text-2". */
export interface FormerPosition {
  page: string;
  section: string;
  part: string;
  /** Counted from 1. */
  number: number;
}

export function formerPosition(address: Address): FormerPosition | null {
  const match = /^words\/([^/]+)\/([^/]+)\/([a-z]+)-(\d{1,4})$/.exec(address);
  if (!match) return null;
  const [, page = '', section = '', part = '', number = ''] = match;
  return { page, section, part, number: Number(number) };
}
