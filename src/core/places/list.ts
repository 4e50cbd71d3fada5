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

/** The answer to a question that a list has raised, by the question's id. */
export const listAnswer = definePlace({
  address: ['list', 'answer', ':question'],
  value: z.string().max(200),
  says: turnsAt(({ parts: [question] }) => `About the list, ${shortened(question)}`),
});
