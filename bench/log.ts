import { given, set } from '@/core/places';
import { change, newKeptProject, startStory, type KeptStory } from '@/core/project';
import { appendToLog, writeLog } from '@/studio/logStore';

const at = (n: number) => new Date(Date.UTC(2026, 0, 1) + n * 1000).toISOString();
const decided = (story: KeptStory, n: number): KeptStory =>
  change(story, '', [set(given.brief, `We turn bowls, number ${n}.`)], { id: `d${n}`, at: at(n) });

/** Appends changes one after another to a log that has so many already, and nothing beside it: how long each takes, ms. Runs in a browser. */
export async function appendTimes(decisions: number): Promise<number[]> {
  let story = startStory(newKeptProject(`bench-${decisions}`, 'Bench'), at(0));
  for (let n = 0; n < decisions; n++) story = decided(story, n);
  let seen = await writeLog(story);
  const times: number[] = [];
  for (let n = decisions; n < decisions + 101; n++) {
    story = decided(story, n);
    const start = performance.now();
    ({ seen } = await appendToLog(story, story.log.changes.slice(-1), seen));
    times.push(performance.now() - start);
  }
  return times;
}
