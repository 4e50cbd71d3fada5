import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { outlinesOf, provideOutlines, type Outlines } from '@/core/pictures';
import { type Project } from '@/core/project';
import { makeShop, type Shop } from '@/core/site';

/** The shop of a project, with the outlines of its face at hand. */
export function withOutlines(project: Project, assets: string): Shop {
  const first = makeShop(project);
  const face = first.look.heading.id;
  if (outlinesOf(face)) return first;
  provideOutlines(face, JSON.parse(readFileSync(join(assets, 'outlines', `${face}.json`), 'utf8')) as Outlines);
  return makeShop(project);
}
