import { drawText, place, type SectionContext } from '../context';
import { html, type Markup } from '../html';

/** Fields whose letter opens in the visitor's own mail program: a shop on plain files has no one to hand it to. */
export const letter = (
  c: SectionContext<'form'> | SectionContext<'newsletter'>,
  subject: string,
  fields: Markup | null,
): Markup | null => {
  const { email } = c.shop.reading;
  if (!email) return null;
  return html`<form
    class="letter"
    action="mailto:${email.value}?subject=${encodeURIComponent(subject)}"
    method="post"
    enctype="text/plain"
  >
    ${fields}
    <p><button class="button" type="submit" ${place(c, 'button')}>${c.section.words.button?.text ?? ''}</button></p>
    ${drawText(c, 'note', 'p', 'note')}
  </form>`;
};
