import { type Names } from '../places';
import { change, goBackTo, nameVersion, redo, takeOut, undo, type Stamp, type Standing, type Story } from '../project';
import { withMoves } from '../site';
import { ok, type Result } from '../result';
import { type Reading } from './about';

/** Does what a sentence was understood as: one step in the log, or what it says of the log. */
export function fulfil(
  story: Story,
  { wishes, act, says }: Pick<Reading, 'wishes' | 'act' | 'says'>,
  stamp: () => Stamp,
  names: Partial<Names>,
  standing?: Standing,
): Result<Story> {
  if (wishes.length) return ok(change(story, says.replace(/\.$/, ''), withMoves(story.project, wishes), stamp(), standing));
  switch (act?.do) {
    case undefined:
      return ok(story);
    case 'undo': {
      let next = story;
      for (let step = 0; step < act.steps; step++) next = undo(next, stamp());
      return ok(next);
    }
    case 'redo':
      return ok(redo(story, stamp()));
    case 'take-out':
      return takeOut(story, act.change, stamp(), names);
    case 'name':
      return ok(nameVersion(story, { name: act.version }, stamp()));
    case 'back-to':
      return goBackTo(story, act.change, stamp());
    // To look at something changes nothing.
    case 'compare':
    case 'go':
      return ok(story);
  }
}
