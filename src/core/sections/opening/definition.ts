import { reason } from '../../plan/about';
import { fromBrief, plainHeadline, seeFirst } from '../../words';
import { defineSection } from '../definition';
import { opening as about } from './about';

export const opening = defineSection(about, {
  because: () => reason('Every visitor lands here first.'),
  write: (w) => {
    const { name } = w.reading;
    const headline =
      w.harvest.headline ?? plainHeadline(w) ?? (name ? fromBrief(name.value, ...(name.source ? [name.source] : [])) : null);
    const button = seeFirst(w);
    const words = {
      ...(headline ? { headline } : {}),
      ...(w.harvest.lead ? { lead: w.harvest.lead } : {}),
      ...(button ? { button } : {}),
    };
    return Object.keys(words).length ? words : null;
  },
});
