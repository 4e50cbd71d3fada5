import { drawMap } from '../pieces/map';
import { geoAddress, writePosition } from '@/core/position';
import { arranged, drawText, own, say, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'map'>['draw'] = (c) =>
  html`<section class="part ${arranged(c)}" ${own(c)}>
    <div class="words">
      ${drawText(c, 'heading', 'h2')}${drawText(c, 'address', 'p', 'large')}${
        c.section.pin
          ? html`<p class="onward">
              <a href="${geoAddress(c.section.pin)}">${say(c).drawn.openInMap}</a>
              <span class="note">${writePosition(c.section.pin)}</span>
            </p>`
          : null
      }
    </div>
    ${drawMap(c)}
  </section>`;

export const map: Drawing<'map'> = {
  draw,
  css: `
.map.as-wide{grid-template-columns:minmax(0,1fr)}
.sketch svg{display:block;width:100%;height:auto;background:var(--raised)}
.sketch figcaption{font-size:var(--small);color:var(--soft);padding-top:.4rem}
.sketch text{font:400 15px var(--text-face);fill:var(--text)}
.sketch .own{font-weight:700;font-size:17px}
.sketch .town{fill:var(--soft)}
.sketch .here{fill:var(--accent);stroke:var(--ground);stroke-width:3}
.sketch .grid{stroke:var(--line);fill:none}
.sketch .bar{stroke:var(--text);fill:none;stroke-width:1.5}
`,
  narrow: `
.sketch text{font-size:19px}
`,
};
