import { fieldOfText, standsAt, type Wish } from '@/core/places';
import { type Picture, type Project } from '@/core/project';
import { reorder, slipOf, spotOf, standingWishes, targetsOf } from '@/core/requests';
import { fail, type Result } from '@/core/result';
import { hasSigns } from '@/core/sections/about';
import { type Shop } from '@/core/site';
import { isText, thingOf, type Thing } from '@/core/things/about';
import { askedAt } from '@/core/words';
import { type Jobs } from './protocol';

/** The seller's picture that is shown where a thing stands. */
function pictureOf(shop: Shop, thing: Thing): Picture | null {
  const name =
    thing.kind === 'own-picture'
      ? thing.name
      : thing.kind === 'product-picture'
        ? shop.catalogue.byId.get(thing.product)?.pictures[0]
        : thing.kind === 'picture'
          ? shop.opening?.name
          : thing.kind === 'shelf'
            ? shop.shelfPictures.get(thing.page)
            : undefined;
  return shop.pictures.get(name?.toLowerCase() ?? '') ?? null;
}

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
  const picture = pictureOf(shop, thing);
  const offered = slip.groups
    .flatMap((group) => (group.as === 'fields' ? [] : group.offers))
    .flatMap(({ picture }) => (picture === undefined ? [] : [[picture, urlOf(picture) ?? '']]));
  return {
    slip,
    targets: spot && isText(thing) && hasSigns(fieldOfText(thing.place)) ? targetsOf(shop, spot.owner) : [],
    picture,
    pictures: Object.fromEntries([...offered, ...(picture ? [[picture.name, urlOf(picture.name) ?? '']] : [])]) as Record<
      string,
      string
    >,
    text: text && at && isText(thing) ? { ...text, place: thing.place, at, ask: askedAt(text) } : null,
  };
}

/** What it takes to have the row of a thing in another order. */
export function orderAt(shop: Shop, project: Project, { thing, among, row }: Jobs['order']['give']): Result<Wish[]> {
  const at = (id: string) => {
    const found = thingOf(id);
    return found && spotOf(shop, project, found);
  };
  const spot = at(thing);
  return spot ? reorder(spot, row, at(among)) : fail('It is not there any more.');
}

/** What it takes to have a section stand otherwise. */
export function standAt(shop: Shop, project: Project, { thing, wanted }: Jobs['stand']['give']): Result<Wish[]> {
  const found = thingOf(thing);
  const spot = found && spotOf(shop, project, found);
  return spot ? standingWishes(spot, wanted) : fail('It is not there any more.');
}
