import { set, textPlace } from '../../places';
import { textIn } from '../../sections';
import { phrasesOf } from '../../phrases';
import { isText } from '../../things/about';
import { defineRequest } from '../request';

/** A second button in the opening: to the goods at first, and from then on pointed at as the other is. */
export const secondButton = defineRequest({
  kind: 'second-button',
  title: 'A second button',
  on: ['section', 'button'],
  offers: ({ shop, thing, page, section, owner }) => {
    if (section?.kind !== 'opening' || !page || (isText(thing) && thing.kind !== 'button')) return null;
    if (textIn(shop.writer.words(page, section) ?? {}, 'second')?.text) return null;
    const [first = ''] = phrasesOf(shop.rules).choices.openingButtons;
    return {
      as: 'acts',
      offers: [{ id: 'add', label: 'Add one', wishes: [set(textPlace(owner, section.id, { field: 'second' }), first)] }],
    };
  },
});
