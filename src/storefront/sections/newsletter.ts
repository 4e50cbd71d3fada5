import { letter } from '../pieces/letter';
import { arranged, drawText, own, say, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'newsletter'>['draw'] = (c) =>
  html`<section class="part ${arranged(c)}" ${own(c)}>
    <div class="words">${drawText(c, 'heading', 'h2')}${drawText(c, 'text', 'p')}</div>
    ${letter(c, say(c).drawn.newsletterOf(c.shop.name), html`<p class="field"><label for="${c.section.id}-name">${say(c).drawn.yourName}</label><input id="${c.section.id}-name" name="${say(c).drawn.onTheList}" autocomplete="name" required /></p>`)}
  </section>`;

export const newsletter: Drawing<'newsletter'> = {
  draw,
  css: `
.newsletter.as-band{background:var(--raised)}
.newsletter.as-column{grid-template-columns:minmax(0,1fr)}
`,
};
