import { arranged, drawPart, drawText, items, itemThing, own, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'steps'>['draw'] = (c) =>
  html`<section class="part ${arranged(c)}" ${own(c)}>
    ${drawText(c, 'heading', 'h2')}
    <ol class="items">
      ${items(c, 'steps').map((item, i) => html`<li${itemThing(c, 'steps', item)}><span class="count" aria-hidden="true">${i + 1}</span>${drawPart(c, 'steps', item, 'step', 'p')}</li>`)}
    </ol>
  </section>`;

export const steps: Drawing<'steps'> = {
  draw,
  css: `
.steps .items{display:grid;gap:1.5rem 2rem}
.steps .count{font:var(--loud);color:var(--link);display:block;font-variant-numeric:tabular-nums}
.steps.as-row .items{grid-template-columns:repeat(auto-fit,minmax(9rem,1fr))}
.steps.as-row .count{border-top:var(--rule);padding-top:.75rem;margin-bottom:.5rem}
.steps.as-ladder li{display:grid;grid-template-columns:3.5rem minmax(0,1fr);gap:1rem;align-items:baseline;max-width:var(--measure)}
`,
};
