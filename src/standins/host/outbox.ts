import { z } from 'zod';
import { type Letter } from '@/core/till';
import { Journal } from '../journal';

const sentSchema = z.object({
  /** Once under a name, however often it is posted. */
  id: z.string(),
  at: z.string(),
  order: z.string(),
  to: z.string(),
  subject: z.string(),
  text: z.string(),
  html: z.string(),
});
export type Sent = z.infer<typeof sentSchema>;

/** The stand-in of a mail service: what is posted lies in a journal, and goes nowhere. */
export class Outbox {
  private readonly journal: Journal<Sent>;
  private readonly byId = new Map<string, Sent>();

  constructor(path: string) {
    this.journal = new Journal(path, sentSchema);
    for (const sent of this.journal.read()) this.byId.set(sent.id, sent);
  }

  get length(): number {
    return this.byId.size;
  }

  has = (id: string): boolean => this.byId.has(id);

  post(id: string, order: string, letter: Letter, at: string): void {
    if (this.byId.has(id)) return;
    const sent = { id, at, order, ...letter };
    this.journal.add(sent);
    this.byId.set(id, sent);
  }

  find = (id: string): Sent | null => this.byId.get(id) ?? null;
}
