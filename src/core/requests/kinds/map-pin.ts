import { planPlaces } from '../../places';
import { writePosition } from '../../position';
import { defineRequest, typed } from '../request';

/** Where the pin of a map stands. */
export const mapPin = defineRequest({
  kind: 'map-pin',
  title: 'The pin',
  on: ['section'],
  offers: ({ section, owner, shop }) =>
    section?.kind === 'map'
      ? typed(shop, {
          label: 'The pin: latitude and longitude',
          place: planPlaces.mapPin(owner, section.id).address,
          value: section.pin ? writePosition(section.pin) : '',
          as: 'position',
        })
      : null,
});
