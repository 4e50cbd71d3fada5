import type { z } from 'zod';
import type { Decision, DecisionValue, Project } from './schema';

/** What the seller decided, for looking up by place. Remembers which places were asked for and found. */
export class Decided {
  private readonly byPlace: Map<string, DecisionValue>;

  constructor(decisions: readonly Decision[]) {
    this.byPlace = new Map(decisions.map((d) => [d.place, d.value]));
  }

  /** The decided value at a place, if one was made and it still has the form that the place wants. */
  at<T>(place: string, schema: z.ZodType<T>): T | undefined {
    if (!this.byPlace.has(place)) return undefined;
    const parsed = schema.safeParse(this.byPlace.get(place));
    return parsed.success ? parsed.data : undefined;
  }

  has(place: string): boolean {
    return this.byPlace.has(place);
  }

  /** All places that begin with a prefix, with their values. */
  under(prefix: string): [place: string, value: DecisionValue][] {
    return [...this.byPlace].filter(([place]) => place.startsWith(prefix));
  }
}

/** Adds decisions, each taking the place of an earlier one at the same address. */
export function decide(project: Project, made: Decision[]): Project {
  const places = new Set(made.map((d) => d.place));
  return { ...project, decisions: [...project.decisions.filter((d) => !places.has(d.place)), ...made] };
}

/** Takes decisions back: what was generated stands there again. */
export function withdraw(project: Project, places: string[]): Project {
  return { ...project, decisions: project.decisions.filter((d) => !places.includes(d.place)) };
}
