import { readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { type z } from 'zod';
import { type Result } from '@/core/result';

export const usage = `usage:
  arcatum build --brief FILE --goods FILE --out DIR [--seed N] [--report FILE]
                [--pictures DIR] [--mapping FILE] [--decisions FILE] [--address URL]
                [--candidate 1|2|3] [--look FILE] [--rules FILE]
  arcatum build --project FILE --out DIR [--report FILE] [--address URL]
                [--candidate 1|2|3] [--look FILE] [--rules FILE]
  arcatum total --release DIR --cart FILE [--day DATE]
  arcatum goods --in FILE [--brief FILE] [--pictures DIR] [--mapping FILE]
                [--out FILE.csv|.xlsx|.json]
  arcatum project --brief FILE [--goods FILE] [--pictures DIR] [--seed N] --out FILE.zip
  arcatum places --project FILE [--page ID]
  arcatum change --project FILE [--brief FILE] [--goods FILE] [--set PLACE=JSON]…
                 [--undo ID] [--name VERSION] --out FILE
  arcatum say --project FILE [--at PLACE] [--day DATE] "TEXT" [--out FILE]
  arcatum read --brief FILE [--goods FILE]`;

/** Something that the caller can put right: printed as one sentence, with exit code 2. */
export class Refusal extends Error {}

export function read(path: string | undefined, what: string): Uint8Array {
  if (!path) throw new Refusal(`No ${what} is given. ${usage}`);
  try {
    return readFileSync(path);
  } catch {
    throw new Refusal(`The ${what} “${path}” can't be read. Check the path.`);
  }
}

export function readText(path: string | undefined, what: string): string {
  const bytes = read(path, what);
  if (bytes.subarray(0, 8000).includes(0)) throw new Refusal(`The ${what} is not text. Save it as plain text.`);
  return new TextDecoder().decode(bytes);
}

/** A file of JSON in a known form, or a sentence that says where it isn't. */
export function readForm<S extends z.ZodType>(schema: S, path: string | undefined, what: string): z.output<S> {
  const text = readText(path, what);
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    throw new Refusal(`The ${what} is not JSON.`);
  }
  const read = schema.safeParse(value);
  if (read.success) return read.data;
  const [issue] = read.error.issues;
  throw new Refusal(`The ${what} can't be used: ${issue?.path.join(' ') || 'all of it'}: ${issue?.message ?? ''}`);
}

export function readPictures(folder: string): Map<string, Uint8Array> {
  let names: string[];
  try {
    names = readdirSync(folder);
  } catch {
    return new Map();
  }
  return new Map(
    names
      .filter((name) => /\.(webp|png|jpe?g|gif|avif|svg)$/i.test(name))
      .map((name) => [name, readFileSync(join(folder, name))]),
  );
}

export type Values = Record<string, string | undefined>;

export const taken = <T>(result: Result<T>): T => {
  if (!result.ok) throw new Refusal(result.say);
  return result.value;
};

/** Writes a file, or says why not. */
export function write(path: string, content: string | Uint8Array): void {
  try {
    writeFileSync(path, content);
  } catch (error) {
    throw new Refusal(`“${path}” can't be written. ${(error as Error).message}`);
  }
}

export const print = (value: unknown) => process.stdout.write(`${JSON.stringify(value, null, 2)}\n`);
