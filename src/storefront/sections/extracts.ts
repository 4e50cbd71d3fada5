import {
  arranged,
  drawPart,
  drawText,
  isArranged,
  items,
  itemThing,
  onward,
  own,
  type Drawing,
  type SectionContext,
} from '../context';
import { html, type Markup } from '../html';

const entries = (c: SectionContext<'extracts'>, lines: boolean): Markup =>
  html`<ol class="items">
    ${items(c, 'entries').map((item) => {
      const text = item.texts.text?.text ?? '';
      const first = /^.*?[.!?](?=\s|$)/s.exec(text)?.[0] ?? text;
      return html`<li${itemThing(c, 'entries', item)}>${drawPart(c, 'entries', item, 'title', 'h3')}${lines && first ? html`<p>${first}</p>` : null}</li>`;
    })}
  </ol>`;

const draw: Drawing<'extracts'>['draw'] = (c) =>
  html`<section class="part ${arranged(c)}" ${own(c)}>
    ${drawText(c, 'heading', 'h2')}${entries(c, isArranged(c, 'openings'))}${onward(c, 'journal/')}
  </section>`;

export const extracts: Drawing<'extracts'> = {
  draw,
  css: `
.extracts .items{display:grid}
.extracts li{border-bottom:1px solid var(--line);padding:.85rem 0}
.extracts li p{color:var(--soft);max-width:var(--measure);padding-top:.25rem}
.extracts .onward,.extracts .items{grid-column:-2/-1}
`,
  narrow: `
.extracts .onward,.extracts .items{grid-column:1}
`,
};
