import { set, textPlace } from '../../places';
import { itemsIn } from '../../sections';
import { defineRequest } from '../request';

/** An item that the seller does without: each of its texts is left out. */
export const leaveOutItem = defineRequest({
  kind: 'leave-out-item',
  title: 'As a whole',
  on: ['item'],
  offers: ({ shop, thing, page, section, owner }) => {
    if (thing.kind !== 'item' || !page || !section) return null;
    const item = itemsIn(shop.writer.words(page, section) ?? {}, thing.list).find(({ key }) => key === thing.key);
    if (!item) return null;
    const wishes = Object.keys(item.texts).map((part) =>
      set(textPlace(owner, section.id, { field: thing.list, key: thing.key, part }), ''),
    );
    return { as: 'acts', offers: [{ id: 'out', label: 'Leave it out', wishes }] };
  },
});
