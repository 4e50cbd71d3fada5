import { letter } from '../pieces/letter';
import { arranged, drawText, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'newsletter'>['draw'] = (c) =>
  html`<section class="part ${arranged(c)}" id="${c.section.id}">
    <div class="words">${drawText(c, 'heading', 'h2')}${drawText(c, 'text', 'p')}</div>
    ${letter(c, `Newsletter of ${c.shop.name}`, html`<p class="field"><label for="${c.section.id}-name">Your name</label><input id="${c.section.id}-name" name="Please put me on the list" autocomplete="name" required /></p>`)}
  </section>`;

export const newsletter: Drawing<'newsletter'> = {
  draw,
  css: `
.newsletter.as-band{background:var(--raised)}
.newsletter.as-column{grid-template-columns:minmax(0,1fr)}
`,
};
