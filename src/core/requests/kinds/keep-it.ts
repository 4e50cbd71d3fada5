import { lookPlaces, planPlaces, set, variantPlaces, type Address, type Wish } from '../../places';
import { arrangementNow } from '../../site';
import { isText, textKinds } from '../../things/about';
import { defineRequest, type Spot } from '../request';

/** More variants than these have no price that one would call theirs. */
const mostPrices = 12;

/** What is kept of a thing where it is to stay as it is: its places, with what stands there now. */
export function keptOf({ shop, thing, section, product, text, owner }: Spot): Wish[] {
  if (isText(thing)) return text?.text ? [{ place: thing.place, value: text.set ?? text.text }] : [];
  switch (thing.kind) {
    case 'section': {
      const now = section && arrangementNow(shop, section);
      return section && now ? [set(planPlaces.arrangement(owner, section.id), now)] : [];
    }
    case 'picture':
      return shop.art && section?.kind === 'opening' ? [set(lookPlaces.art, shop.look.genes.art)] : [];
    case 'logo':
      return shop.mark.logo ? [] : [set(lookPlaces.mark, shop.mark.kind)];
    // A header that is laid out with its pages goes with them.
    case 'header':
      return shop.look.head.keepsHead ? [] : [set(lookPlaces.genePlaces.head, shop.look.head.id)];
    case 'footer':
      return [set(lookPlaces.genePlaces.foot, shop.look.foot.id)];
    case 'price':
      return product && product.variants.length <= mostPrices
        ? product.variants.flatMap(({ id, price }) => (price === null ? [] : [set(variantPlaces.price(product.id, id), price)]))
        : [];
    default:
      return [];
  }
}

/** Locks a thing as it stands, or lets it go; what stands there stands on. */
export function locking({ decided, project }: Spot, kept: readonly Wish[], isLocked: boolean): Wish[] {
  const now = decided.get(lookPlaces.locks) ?? [];
  const its = kept.map(({ place }) => lookPlaces.lockOf(place));
  const others = now.filter((lock) => !its.includes(lock));
  const undecided = ({ place }: Wish) => !project.decisions.has(place);
  return isLocked ? [...kept.filter(undecided), set(lookPlaces.locks, [...others, ...its])] : [set(lookPlaces.locks, others)];
}

/** Whether a place is locked. */
export const isLockedAt = ({ decided }: Spot, place: Address): boolean =>
  (decided.get(lookPlaces.locks) ?? []).includes(lookPlaces.lockOf(place));

/** Whether a thing stays as it is: when looks are tried, when it is started again, with another brief or list. */
export const keepIt = defineRequest({
  kind: 'keep-it',
  title: 'When the rest changes',
  on: [...textKinds, 'section', 'picture', 'logo', 'header', 'footer', 'price'],
  offers: (spot) => {
    const kept = keptOf(spot);
    const [first] = kept;
    if (!first) return null;
    const isLocked = isLockedAt(spot, first.place);
    // The seller's own words stay by themselves.
    if (isText(spot.thing) && !isLocked && spot.project.decisions.has(first.place)) return null;
    return {
      as: 'choice',
      offers: [
        { id: 'free', label: 'It may too', wishes: locking(spot, kept, false), stands: !isLocked, usual: true },
        { id: 'kept', label: 'It stays as it is', wishes: locking(spot, kept, true), stands: isLocked },
      ],
    };
  },
});
