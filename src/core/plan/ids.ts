import { sectionAbout, type SectionKind } from '../sections/about';
import { reason, type Section } from './page';

/** An id for one more section of a kind on a page, or one more page. */
export function freshId(kind: string, taken: readonly string[]): string {
  if (!taken.includes(kind)) return kind;
  let n = 2;
  while (taken.includes(`${kind}-${n}`)) n++;
  return `${kind}-${n}`;
}

/** A section of the library before it is added: to see what it would show. */
export function sectionToAdd(kind: SectionKind, id: string): Section {
  const { label, visitorGets, doNext } = sectionAbout(kind);
  return {
    id,
    kind,
    label,
    because: reason(''),
    visitorGets,
    doNext,
    hidden: false,
    folded: false,
    pin: null,
    from: 'added',
    arrangement: null,
    pictures: [],
  };
}
