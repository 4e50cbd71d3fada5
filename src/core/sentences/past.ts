import { type Names } from '../places';
import { nextRedo, sayChange, takenBack, versionsOf, type AnyList, type Story } from '../project';
import { type Past } from './about';

/** What a project's log says that sentences can speak of. */
export function pastOf(story: Story<AnyList>, names: Partial<Names>): Past {
  const gone = takenBack(story.log.changes);
  const standing = story.log.changes.filter((one) => one.undoes === undefined && !one.version && !gone.has(one.id));
  const redo = nextRedo(story);
  return {
    done: standing
      .slice(-mostSaid)
      .reverse()
      .map((one) => ({ id: one.id, says: sayChange(one, names) })),
    undone: redo ? sayChange(redo, names).replace(/^Taken back: /, '') : null,
    versions: versionsOf(story).map(({ id, version, at }) => ({ id, name: version?.name ?? '', at })),
    moments: story.log.changes.map(({ id, at }) => ({ id, at })),
  };
}

/** So many steps can be spoken of; a long project has thousands. */
const mostSaid = 60;
