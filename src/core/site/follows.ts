import { contrastRatio, makeLook, type Look } from '../look';
import { lookPlaces, type Wish } from '../places';
import { type Project } from '../project';
import { lookSearch } from './shop';

/** The look of a project alone, without the shop round it. */
export function lookOf(project: Project): Look {
  const { source, decided } = lookSearch(project);
  return makeLook(source, decided);
}

const roles = [
  ['ground', 'the ground'],
  ['accent', 'the accent'],
  ['second', 'the second colour'],
  ['third', 'the third colour'],
  ['text', 'the colour of text'],
] as const;

/** What of a look changes with some wishes beside what they ask for: said with them, so that nothing moves unsaid. */
export function lookChanges(before: Look, after: Look, wishes: readonly Wish[]): string[] {
  const asked = new Set(wishes.map(({ place }) => place));
  const said: string[] = [];
  for (const [role, name] of roles) {
    const place = role === 'text' ? undefined : lookPlaces.picked[role].address;
    const [was, is] = [before.palette[role], after.palette[role]];
    if (was !== is && !(place !== undefined && asked.has(place))) said.push(`${name} follows: ${was} → ${is}`);
  }
  const faces = !asked.has(lookPlaces.headingFace.address) && before.heading.id !== after.heading.id;
  if (faces) said.push(`headings follow: ${before.heading.name} → ${after.heading.name}`);
  if (!asked.has(lookPlaces.textFace.address) && before.text.id !== after.text.id)
    said.push(`texts follow: ${before.text.name} → ${after.text.name}`);
  const [was, is] = [before, after].map(({ palette }) => contrastRatio(palette.text, palette.ground).toFixed(1));
  if (was !== is) said.push(`contrast of text: ${was ?? ''} → ${is ?? ''}`);
  return said;
}
