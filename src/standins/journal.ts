import { createHash } from 'node:crypto';
import {
  appendFileSync,
  closeSync,
  existsSync,
  fstatSync,
  fsyncSync,
  ftruncateSync,
  mkdirSync,
  openSync,
  readFileSync,
  truncateSync,
  writeSync,
} from 'node:fs';
import { dirname } from 'node:path';
import { type z } from 'zod';

/** A record that can't be used: its line, from 1, and why. It stays in the file. */
export interface Damage {
  line: number;
  because: string;
}

const newline = 0x0a;
/** What the first line has for the checksum of the line before it. */
const nothing = '0'.repeat(16);
/** SHA-256 of a record, its first 16 hexadecimal digits. */
const sumOf = (text: string) => createHash('sha256').update(text).digest('hex').slice(0, 16);
/** A line: its checksum, that of the line before it, and the record. Lines of before there were checksums, or the second of them, lack these. */
const summed = /^([0-9a-f]{16}) (?:([0-9a-f]{16}) )?(.*)$/s;

/**
 * A list of events on disk, a line each, only ever added to: one JSON object after its checksum, which takes in that of the line before, so
 * that a line that is gone is missed. What `add` returned from is on the disk.
 * A crash can leave a line without an end: nobody was told of it, so it is moved into a file beside (`.torn`), and never written onto.
 * A whole line that can't be used was told to somebody: it stays where it is and is reported.
 */
export class Journal<T> {
  readonly damage: Damage[] = [];
  private readonly found: T[];
  /** The checksum that the last line stands under, or null where it has none. */
  private last: string | null = nothing;

  constructor(
    private readonly path: string,
    private readonly schema: z.ZodType<T>,
  ) {
    const bytes = existsSync(path) ? readFileSync(path) : Buffer.alloc(0);
    const whole = bytes.lastIndexOf(newline) + 1;
    if (whole < bytes.length) {
      appendFileSync(`${path}.torn`, Buffer.concat([bytes.subarray(whole), Buffer.of(newline)]), { flush: true });
      truncateSync(path, whole);
    }
    this.found = bytes
      .subarray(0, whole)
      .toString('utf8')
      .split('\n')
      .flatMap((line, i) => {
        if (!line) return [];
        const read = this.parse(line);
        const [, sum = null, before] = summed.exec(line) ?? [];
        if (before && this.last && before !== this.last)
          this.damage.push({ line: i + 1, because: 'what stood before it is gone' });
        this.last = sum;
        if (typeof read === 'string') this.damage.push({ line: i + 1, because: read });
        return typeof read === 'string' ? [] : [read.event];
      });
  }

  /** The events of a file as it was when it was opened, with what was added since. */
  read(): readonly T[] {
    return this.found;
  }

  /** Records that can be used: more of them is another state. */
  get length(): number {
    return this.found.length;
  }

  add(event: T): void {
    mkdirSync(dirname(this.path), { recursive: true });
    const text = `${this.last ? `${this.last} ` : ''}${JSON.stringify(event)}`;
    const sum = sumOf(text);
    const line = Buffer.from(`${sum} ${text}\n`);
    const file = openSync(this.path, 'a');
    try {
      const before = fstatSync(file).size;
      try {
        for (let taken = 0; taken < line.length;) taken += writeSync(file, line, taken);
        fsyncSync(file);
      } catch (error) {
        // A disk that is full takes a part of it. Nobody is told of this record, so the part goes, and the next one begins a line.
        ftruncateSync(file, before);
        throw error;
      }
    } finally {
      closeSync(file);
    }
    this.last = sum;
    this.found.push(event);
  }

  /** Records of before there were checksums begin with their object. */
  private parse(line: string): { event: T } | string {
    const [, sum, before, text = line] = summed.exec(line) ?? [];
    if (sum !== undefined && sum !== sumOf(before ? `${before} ${text}` : text)) return 'its checksum does not fit';
    try {
      const parsed = this.schema.safeParse(JSON.parse(text));
      return parsed.success ? { event: parsed.data } : 'it is of another form than is known here';
    } catch {
      return 'it is no record';
    }
  }
}
