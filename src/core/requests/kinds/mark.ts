import { clear, lookPlaces, set } from '../../places';
import { markOptions } from '../../pictures';
import { logoOf, markSource } from '../../site';
import { defineRequest } from '../request';

/** What stands for the name at the head: the name in type, or a mark that is drawn from it. */
export const mark = defineRequest({
  kind: 'mark',
  title: 'Stands as',
  on: ['logo', 'header'],
  offers: ({ shop }) => {
    const source = markSource(shop);
    const own = logoOf(shop);
    const now = shop.mark.logo === null ? shop.mark.kind : null;
    const away = shop.mark.logo === null ? [] : [clear(lookPlaces.logo)];
    return {
      as: 'choice',
      offers: [
        { id: 'text', label: 'The name in type', wishes: [...away, set(lookPlaces.mark, 'text')], stands: now === 'text' },
        ...(source ? markOptions(source) : []).map(({ kind, name }) => ({
          id: kind,
          label: name,
          wishes: [...away, set(lookPlaces.mark, kind)],
          stands: now === kind,
        })),
        // The seller's own, where one is the logo.
        ...(own
          ? [
              {
                id: 'own',
                label: `Your own: ${own.name}`,
                picture: own.name,
                wishes: [set(lookPlaces.logo, own.name)],
                stands: true,
              },
            ]
          : []),
      ],
      brings: { as: 'picture', place: lookPlaces.logo.address, beside: null },
    };
  },
});
