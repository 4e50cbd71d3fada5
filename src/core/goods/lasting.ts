/** The shape of the ids that Arcatum gives variants, which begin with that of their product: "p-oak-bowl.large". */
const lasting = /^((?:p|own)-[a-z0-9]+(?:-[a-z0-9]+)*)\.[a-z0-9]+(?:-[a-z0-9]+)*$/;

/** Whether a cell holds an id that Arcatum gave: a list that was taken out and comes back. */
export const isLastingId = (text: string): boolean => lasting.test(text);

/** The product that a variant's id begins with, or null where it is no such id. */
export const productOf = (id: string): string | null => lasting.exec(id)?.[1] ?? null;
