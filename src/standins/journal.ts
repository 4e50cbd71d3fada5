import { appendFileSync, existsSync, mkdirSync, readFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { type z } from 'zod';

/** A list of events on disk, one JSON object a line, only ever added to. A line that a crash cut short is passed over. */
export class Journal<T> {
  constructor(
    private readonly path: string,
    private readonly schema: z.ZodType<T>,
  ) {}

  read(): T[] {
    if (!existsSync(this.path)) return [];
    return readFileSync(this.path, 'utf8')
      .split('\n')
      .flatMap((line) => {
        if (!line) return [];
        try {
          const parsed = this.schema.safeParse(JSON.parse(line));
          return parsed.success ? [parsed.data] : [];
        } catch {
          return [];
        }
      });
  }

  add(event: T): void {
    mkdirSync(dirname(this.path), { recursive: true });
    appendFileSync(this.path, `${JSON.stringify(event)}\n`);
  }
}
