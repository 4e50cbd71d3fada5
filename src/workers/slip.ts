import { fieldOfText, standsAt } from '@/core/places';
import { type Project } from '@/core/project';
import { slipOf, spotOf, targetsOf } from '@/core/requests';
import { hasSigns } from '@/core/sections/about';
import { type Shop } from '@/core/site';
import { isText, thingOf } from '@/core/things/about';
import { askedAt } from '@/core/words';
import { type Jobs } from './protocol';

/** The slip of a thing by its name, with the text that stands there. */
export function slipAt(
  shop: Shop,
  project: Project,
  id: string,
  urlOf: (picture: string) => string | undefined,
): Jobs['slip']['get'] {
  const thing = thingOf(id);
  const slip = thing && slipOf(shop, project, thing);
  if (!slip) return null;
  const spot = isText(thing) ? spotOf(shop, project, thing) : null;
  const text = spot?.text ?? null;
  const at = isText(thing) ? standsAt(thing.place)?.at : undefined;
  const pictures = slip.groups
    .flatMap((group) => (group.as === 'fields' ? [] : group.offers))
    .flatMap(({ picture }) => (picture === undefined ? [] : [[picture, urlOf(picture) ?? '']]));
  return {
    slip,
    targets: spot && isText(thing) && hasSigns(fieldOfText(thing.place)) ? targetsOf(shop, spot.owner) : [],
    pictures: Object.fromEntries(pictures) as Record<string, string>,
    text: text && at && isText(thing) ? { ...text, place: thing.place, at, ask: askedAt(text) } : null,
  };
}
