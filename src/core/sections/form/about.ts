import { button, heading, note } from '../field';
import { aboutSection } from '../kind';

export const form = aboutSection({
  kind: 'form',
  label: 'Form',
  visitorGets: 'A way to ask without leaving the page.',
  doNext: 'Send yourself one.',
  library: true,
  needs: 'an e-mail address in the brief',
  arrangements: [
    { id: 'column', label: 'One column' },
    { id: 'beside', label: 'Beside its heading' },
  ],
  narrowest: 5,
  fields: { heading: heading(), note: note(), button: button() },
});
