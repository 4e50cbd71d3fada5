import { arranged, drawText, items, own, paragraphs, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'contact'>['draw'] = (c) => {
  const { email, phone, place: where } = c.shop.reading;
  const onContactPage = c.page.kind === 'contact';
  return html`<section class="${arranged(c)}" ${own(c)}>
    ${drawText(c, 'heading', onContactPage ? 'h1' : 'h2')}
    <address>
      ${
        email ? html`<p><a href="mailto:${email.value}">${email.value}</a></p>` : null
      }${phone ? html`<p><a href="tel:${phone.value.replace(/[^+\d]/g, '')}">${phone.value}</a></p>` : null}${where ? html`<p>${where.value}</p>` : null}
    </address>
    ${items(c, 'passages').map((item) => paragraphs(c, 'passages', item, 'text'))}
  </section>`;
};

export const contact: Drawing<'contact'> = {
  draw,
  css: `
.contact.as-line{display:flex;flex-wrap:wrap;gap:.75rem 2.5rem;align-items:baseline}
.contact.as-line address{display:flex;flex-wrap:wrap;gap:.25rem 2rem;font:inherit;margin:0}
`,
};
