import { planPlaces, set } from '../../places';
import { type Offer } from '../about';
import { canMove, defineRequest, ordered, sectionsOf } from '../request';

/** Where a section stands among those of its page. One that is out of the shop is passed over, not moved to. */
export const order = defineRequest({
  kind: 'order',
  title: 'Its place on the page',
  on: ['section'],
  offers: (spot) => {
    const { section, owner } = spot;
    if (!section || !canMove(spot)) return null;
    const sections = sectionsOf(spot);
    const at = sections.indexOf(section);
    const inSight = sections.flatMap((one, i) => (one.hidden || one === section ? [] : [i]));
    const above = inSight.filter((i) => i < at).at(-1);
    const below = inSight.find((i) => i > at);
    const first = inSight[0] ?? at;
    const last = inSight.at(-1) ?? at;
    const to = (id: string, label: string, index: number | undefined): Offer[] =>
      index === undefined || index === at
        ? []
        : [{ id, label, wishes: [set(planPlaces.sectionOrder(owner), ordered(spot, section.id, index))] }];
    const offers = [
      ...to('up', 'Up', above),
      ...to('down', 'Down', below),
      ...(above !== undefined && above !== first ? to('top', 'To the top', first) : []),
      ...(below !== undefined && below !== last ? to('end', 'To the end', last) : []),
    ];
    return offers.length ? { as: 'acts', offers } : null;
  },
});
