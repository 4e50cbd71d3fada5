import { type Project } from '@/core/project';
import { Workshop, type Shop } from '@/core/site';

const workshop = new Workshop();

/** Shops that differ a little from one to the next, made in stages: what a workshop makes is what `makeShop` makes, which has tests of its own. */
export const nextShop = (project: Project): Shop => workshop.make(project);
