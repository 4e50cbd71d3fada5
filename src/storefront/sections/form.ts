import { letter } from '../pieces/letter';
import { arranged, drawText, own, say, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'form'>['draw'] = (c) =>
  html`<section class="part ${arranged(c)}" ${own(c)}>
    ${drawText(c, 'heading', 'h2')}
    ${letter(
      c,
      c.shop.name,
      html`<p class="field">
          <label for="${c.section.id}-name">${say(c).drawn.yourName}</label
          ><input id="${c.section.id}-name" name="${say(c).drawn.letterName}" autocomplete="name" required />
        </p>
        <p class="field">
          <label for="${c.section.id}-ask">${say(c).drawn.likeToKnow}</label
          ><textarea id="${c.section.id}-ask" name="${say(c).drawn.letterQuestion}" rows="5" required></textarea>
        </p>`,
    )}
  </section>`;

export const form: Drawing<'form'> = {
  draw,
  css: `
.form.as-column{grid-template-columns:minmax(0,1fr)}
`,
};
