import { items, link, prose } from '../field';
import { aboutFixed } from '../kind';

export const assurance = aboutFixed({
  kind: 'assurance',
  label: 'With every order',
  visitorGets: 'What you promise of everything you sell, where it is decided on.',
  doNext: 'Keep it true: it stands beside every price.',
  fields: { passages: items({ text: prose() }), link: link() },
});
