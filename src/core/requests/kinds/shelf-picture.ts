import { clear, planPlaces, set } from '../../places';
import { mostOffered, offerOf, picturesToOffer } from '../ownPictures';
import { defineRequest } from '../request';

/** What a category is shown with: one of its goods, as it is by itself, or a picture that the seller chooses. */
export const shelfPicture = defineRequest({
  kind: 'shelf-picture',
  title: 'Shown with',
  on: ['shelf', 'page'],
  offers: ({ shop, page }) => {
    if (!page?.category) return null;
    const place = planPlaces.shelfPicture(page.id);
    const now = shop.pictures.get(shop.shelfPictures.get(page.id)?.toLowerCase() ?? '') ?? null;
    const its = new Set(page.category.products.flatMap(({ pictures }) => pictures.map((name) => name.toLowerCase())));
    const isIts = ({ name }: { name: string }) => Number(its.has(name.toLowerCase()));
    const others = picturesToOffer(shop)
      .filter((one) => one !== now)
      .sort((a, b) => isIts(b) - isIts(a));
    return {
      as: 'choice',
      offers: [
        { id: 'goods', label: 'As its goods have it', wishes: [clear(place)], stands: !now, usual: true },
        ...[...(now ? [now] : []), ...others]
          .slice(0, mostOffered)
          .map((picture) => offerOf(picture, now, (name) => set(place, name))),
      ],
      brings: { as: 'picture', place: place.address, beside: null },
    };
  },
});
