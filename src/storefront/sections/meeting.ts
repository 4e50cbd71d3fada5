import { type SectionKind } from '@/core/plan';
import { arranged, itemsOf, place, slot, type SectionContext } from '../context';
import { html, type Markup } from '../html';
import { drawMap } from './map';

type Drawing = (context: SectionContext) => Markup;

const details: Drawing = (c) =>
  html`<section class="part ${arranged(c)}" id="${c.section.id}">
    ${slot(c, 'heading', 'h2')}
    <dl class="items">
      ${itemsOf(c, 'name', 'text').map((n) => html`<div>${slot(c, `name-${n}`, 'dt')}${slot(c, `text-${n}`, 'dd')}</div>`)}
    </dl>
  </section>`;

const hours: Drawing = (c) =>
  html`<section class="part ${arranged(c)}" id="${c.section.id}">
    ${slot(c, 'heading', 'h2')}
    <dl class="items">
      ${itemsOf(c, 'days', 'hours').map((n) => html`<div>${slot(c, `days-${n}`, 'dt')}${slot(c, `hours-${n}`, 'dd')}</div>`)}
    </dl>
  </section>`;

const map: Drawing = (c) =>
  html`<section class="part ${arranged(c)}" id="${c.section.id}">
    <div class="words">${slot(c, 'heading', 'h2')}${slot(c, 'address', 'p', 'large')}</div>
    ${drawMap(c)}
  </section>`;

/** Fields whose letter opens in the visitor's own mail program: a shop on plain files has no one to hand it to. */
const letter = (c: SectionContext, subject: string, fields: Markup | null): Markup | null => {
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
    ${slot(c, 'note', 'p', 'note')}
  </form>`;
};

const form: Drawing = (c) =>
  html`<section class="part ${arranged(c)}" id="${c.section.id}">
    ${slot(c, 'heading', 'h2')}
    ${letter(
      c,
      c.shop.name,
      html`<p class="field">
          <label for="${c.section.id}-name">Your name</label
          ><input id="${c.section.id}-name" name="Name" autocomplete="name" required />
        </p>
        <p class="field">
          <label for="${c.section.id}-ask">What would you like to know?</label
          ><textarea id="${c.section.id}-ask" name="Question" rows="5" required></textarea>
        </p>`,
    )}
  </section>`;

const newsletter: Drawing = (c) =>
  html`<section class="part ${arranged(c)}" id="${c.section.id}">
    <div class="words">${slot(c, 'heading', 'h2')}${slot(c, 'text', 'p')}</div>
    ${letter(c, `Newsletter of ${c.shop.name}`, html`<p class="field"><label for="${c.section.id}-name">Your name</label><input id="${c.section.id}-name" name="Please put me on the list" autocomplete="name" required /></p>`)}
  </section>`;

export const meetingSections: Partial<Record<SectionKind, Drawing>> = { details, hours, map, form, newsletter };
