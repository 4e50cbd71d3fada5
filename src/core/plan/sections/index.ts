import { type SectionKind } from '../page';
import { type SectionDefinition } from './definition';
import { fixedSections } from './fixed';
import { meeting } from './meeting';
import { selling } from './selling';
import { telling } from './telling';

export { type Arrangement, type Ask, type SectionDefinition } from './definition';

export const sectionDefinitions: readonly SectionDefinition[] = [...selling, ...telling, ...meeting, ...fixedSections];

const byKind = new Map(sectionDefinitions.map((definition) => [definition.kind, definition]));

export const sectionDefinition = (kind: SectionKind): SectionDefinition => {
  const found = byKind.get(kind);
  if (!found) throw new Error(`No definition of the section kind “${kind}” in the registry.`);
  return found;
};

/** Sections that sellers can put on a page. */
export const sectionLibrary: readonly SectionDefinition[] = sectionDefinitions.filter((definition) => definition.library);
