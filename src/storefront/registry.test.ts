import { drawings } from './sections';
import { drawings as styles } from './families';
import { familyIds, families } from '@/core/look';
import { sectionAbout, sectionAbouts, sectionDefinition, sectionKinds } from '@/core/sections';

test('every kind of section is defined, drawn and told of under its own name', () => {
  for (const kind of sectionKinds) {
    expect(sectionAbout(kind).kind).toBe(kind);
    expect(sectionDefinition(kind).about).toBe(sectionAbouts[kind]);
    expect(typeof drawings[kind].draw).toBe('function');
  }
  expect(Object.keys(drawings).sort()).toEqual([...sectionKinds].sort());
});

test('every family has its definition and its style', () => {
  expect(families.map(({ id }) => id)).toEqual([...familyIds]);
  for (const id of familyIds) expect(styles[id].length).toBeGreaterThan(500);
});

/** None of these compiles; that is what is tested. The function is never called. */
export function neverCompiles(): unknown {
  const { reviews, ...others } = drawings;
  // @ts-expect-error a kind of section without its drawing
  const drawn: typeof drawings = others;
  const { poster, ...fewer } = styles;
  // @ts-expect-error a family without its style
  const dressed: typeof styles = fewer;
  return [reviews, drawn, poster, dressed];
}
