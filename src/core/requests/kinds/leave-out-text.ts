import { writeText } from '../../places';
import { isText, textKinds } from '../../things/about';
import { type Offer } from '../about';
import { defineRequest } from '../request';

export const leaveOutText = defineRequest({
  kind: 'leave-out-text',
  title: 'As a whole',
  on: textKinds,
  offers: ({ thing, text, project }) => {
    if (!isText(thing) || !text) return null;
    const without = writeText(thing.place, '');
    const offers: Offer[] = [];
    if (text.text !== '' && without) offers.push({ id: 'out', label: 'Leave it out', wishes: [without] });
    if (project.decisions.has(thing.place))
      offers.push({ id: 'back', label: 'Back to what was made', wishes: [{ place: thing.place, value: undefined }] });
    return offers.length ? { as: 'acts', offers } : null;
  },
});
