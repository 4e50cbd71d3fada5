import { textPlace, set, clear } from '../../places';
import { isVideo } from '../../files';
import { readLead, writeLead } from '../../lead';
import { textIn } from '../../sections';
import { defineRequest } from '../request';

/** A video of the seller's own, which the shop plays itself. */
export const videoFile = defineRequest({
  kind: 'video-file',
  title: 'A video of yours',
  on: ['section'],
  offers: ({ section, owner, page, shop }) => {
    if (section?.kind !== 'video' || !page) return null;
    const place = textPlace(owner, section.id, { field: 'address' });
    const lead = readLead(textIn(shop.writer.words(page, section) ?? {}, 'address')?.text ?? '');
    const now = lead?.kind === 'file' ? lead.file : null;
    return {
      as: 'choice',
      offers: [
        { id: 'none', label: 'None', wishes: [clear(place)], stands: now === null },
        ...[...shop.files]
          .filter(([, { name }]) => isVideo(name))
          .map(([file, { name }]) => ({
            id: file,
            label: name,
            wishes: [set(place, writeLead({ kind: 'file', file }))],
            stands: now === file,
          })),
      ],
      brings: { as: 'video', place: place.address, beside: null },
    };
  },
});
