import { reason } from '../../plan/about';
import { ours, privacyClauses, refundClauses, termsClauses } from '../../words';
import { defineSection } from '../definition';
import { itemNamed } from '../keys';
import { clauses as about } from './about';

const written = { privacy: privacyClauses, refunds: refundClauses, terms: termsClauses };

export const clauses = defineSection(about, {
  because: () => reason('A shop has to say this.'),
  write: (w) => {
    const kind = w.page.kind === 'privacy' || w.page.kind === 'refunds' ? w.page.kind : 'terms';
    return { heading: ours(w.page.name), clauses: written[kind](w).map(({ about: topic, text }) => itemNamed(topic, { text })) };
  },
});
