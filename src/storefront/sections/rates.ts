import { drawText, items, money, paragraphs, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'rates'>['draw'] = (c) => {
  const { zones, returnsDays } = c.shop.rules;
  return html`<section class="text" id="rates">
    ${drawText(c, 'heading', 'h1')}
    <div class="prose">${items(c, 'passages').map((item) => paragraphs(c, 'passages', item, 'text'))}</div>
    ${
      zones.length
        ? html`<table class="rates">
            <caption>
              What delivery costs
            </caption>
            <thead>
              <tr>
                <th scope="col">To</th>
                <th scope="col">How</th>
                <th scope="col">Price</th>
                <th scope="col">Free from</th>
              </tr>
            </thead>
            <tbody>
              ${zones.flatMap((zone) =>
                zone.rates.map(
                  (rate) =>
                    html`<tr>
                      <th scope="row">${zone.label}</th>
                      <td>
                        ${rate.label}${rate.upTo ? ` (up to ${rate.upTo >= 1000 ? `${rate.upTo / 1000} kg` : `${rate.upTo} g`})` : ''}
                      </td>
                      <td>${money(rate.price, c)}</td>
                      <td>${rate.freeFrom === null ? '–' : money(rate.freeFrom, c)}</td>
                    </tr>`,
                ),
              )}
            </tbody>
          </table>`
        : null
    }${returnsDays === null ? null : html`<div class="prose"><p>You can send goods back within ${returnsDays} days of their arrival.</p></div>`}
  </section>`;
};

export const rates: Drawing<'rates'> = {
  draw,
};
