import { z } from 'zod';
import { meanings } from '../goods/about';
import { definePlace } from './place';
import { shortened, turnsAt } from './says';

/** What the seller has said of a list, remembered for the next one of that form: what a column is, by its heading. */
export const listColumn = definePlace({
  address: ['list', 'column', ':heading'],
  value: z.enum(meanings),
  says: turnsAt(({ parts: [heading] }) => `The column “${shortened(heading)}”`),
});

/** Longer names of columns are no names. */
export const longestName = 60;

/** What shoppers read for an option or a particular of a list, where that is not its heading. */
export const listName = definePlace({
  address: ['list', 'called', ':column'],
  value: z.string().trim().min(1).max(longestName),
  says: turnsAt(({ parts: [column] }) => `The name of the column “${shortened(column)}”`),
});

/** The answer to a question that a list has raised, by the question's id. */
export const listAnswer = definePlace({
  address: ['list', 'answer', ':question'],
  value: z.string().max(200),
  says: turnsAt(({ parts: [question] }) => `About the list, ${shortened(question)}`),
});

/** A cell of a list that was put right, for as long as the list has there what it was put right from. The file is never changed. */
export const listCell = definePlace({
  address: ['list', 'cell', ':sheet', ':row', ':column'],
  value: z.object({ was: z.string().max(20_000), is: z.string().max(20_000) }),
  says: (_, after, { parts: [, row] }) =>
    after
      ? `Row ${row} of the list: “${shortened(after.was)}” is read as “${shortened(after.is)}”`
      : `Row ${row} of the list is read as it came`,
});

/** A category that was suggested and is not wanted. */
export const shelfRefused = definePlace({
  address: ['list', 'refused', ':shelf'],
  value: z.literal('refused'),
  says: (_, after, { parts: [shelf] }) => `The category “${shortened(shelf)}” is ${after ? 'not wanted' : 'suggested again'}`,
});
