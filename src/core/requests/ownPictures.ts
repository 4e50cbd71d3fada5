import { type Wish } from '../places';
import { type Picture } from '../project';
import { type Offer } from './about';
import { type Shop } from '../site';

/** The seller's pictures to choose from: those that belong to no product come first. */
export function picturesToOffer({ catalogue, pictures }: Pick<Shop, 'catalogue' | 'pictures'>): Picture[] {
  const ofGoods = new Set(catalogue.products.flatMap((product) => product.pictures.map((name) => name.toLowerCase())));
  const isOfGoods = ({ name }: Picture) => Number(ofGoods.has(name.toLowerCase()));
  return [...pictures.values()].sort((a, b) => isOfGoods(a) - isOfGoods(b));
}

/** So many of them are shown to choose from. */
export const mostOffered = 8;

/** A picture to choose, by its name. */
export const offerOf = (picture: Picture, now: Picture | null, take: (name: string) => Wish): Offer => ({
  id: `own ${picture.name}`,
  label: `${picture.name}, ${picture.width} × ${picture.height} pixels`,
  picture: picture.name,
  wishes: [take(picture.name)],
  stands: picture === now,
});

/** One of the seller's pictures for a place: the one that stands there first, then those that belong to no product. */
export const ownOffers = (
  shop: Pick<Shop, 'catalogue' | 'pictures'>,
  now: Picture | null,
  take: (name: string) => Wish,
): Offer[] =>
  [...(now ? [now] : []), ...picturesToOffer(shop).filter((one) => one !== now)]
    .slice(0, mostOffered)
    .map((picture) => offerOf(picture, now, take));
