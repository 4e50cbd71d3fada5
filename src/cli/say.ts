import { randomUUID } from 'node:crypto';
import { fulfil, pastOf, understand, type Reading } from '@/core/sentences';
import { setsFor, wishesTo } from '@/core/project';
import { namesIn, placesOf } from '@/core/site';
import { print, Refusal, taken, usage, type Values } from './caller';
import { openProject } from './given';
import { withOutlines } from './outlines';
import { writeProject } from './projects';

/** Says a sentence to a project: prints what it can mean, and with a file to write to does the one sure reading. */
export function sayTo(values: Values, text: string | undefined, assets: string): void {
  if (!values.project) throw new Refusal(`No project is given. ${usage}`);
  if (text === undefined) throw new Refusal(`No sentence is given. ${usage}`);
  const { story, pictures } = openProject(values.project);
  const today = values.day ? dayOf(values.day) : new Date();
  const shop = withOutlines(story.project, assets);
  const names = namesIn(shop);
  const { readings, refused } = understand(shop, story.project, text, { at: values.at, past: pastOf(story, names), today });
  const now = new Map(placesOf(shop, story.project).map((one) => [one.place, one.value]));
  const stamp = () => ({ id: randomUUID(), at: new Date().toISOString() });
  const done = (reading: Reading) => fulfil(story, reading, stamp, names, (place) => now.get(place) ?? undefined);
  /** One reading as the caller gets it; what it does to the log moves places, too. */
  const told = (reading: Reading) => {
    const { kind, says, sets, act, sure } = reading;
    const after = act && !sets.length ? done(reading) : null;
    const moved = after?.ok ? setsFor(story.project, wishesTo(story.project, after.value.project)) : [];
    const all = sets.length
      ? sets
      : moved.map((one) => ({ place: one.place, before: one.before ?? null, after: one.after ?? null }));
    return { kind, says, sets: all, ...(act ? { act } : {}), sure };
  };
  const sure = readings.filter((reading) => reading.sure);
  const [only] = sure;
  if (values.out && only && sure.length === 1) writeProject(values.out, { story: taken(done(only)), pictures });
  print({ readings: readings.map(told), refused: refused && { says: refused.says, nearest: refused.nearest } });
}

function dayOf(text: string): Date {
  const [year = 0, month = 0, day = 0] = text.split('-').map(Number);
  const date = new Date(year, month - 1, day, 12);
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text) || date.getMonth() !== month - 1)
    throw new Refusal(`“${text}” is no day. Write it like 2026-11-28.`);
  return date;
}
