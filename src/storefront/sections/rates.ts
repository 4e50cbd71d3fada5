import { drawText, items, money, own, paragraphs, say, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'rates'>['draw'] = (c) => {
  const { zones, returnsDays } = c.shop.rules;
  const { drawn, weight } = say(c);
  return html`<section class="text" ${own(c)}>
    ${drawText(c, 'heading', 'h1')}
    <div class="prose">${items(c, 'passages').map((item) => paragraphs(c, 'passages', item, 'text'))}</div>
    ${
      zones.length
        ? html`<table class="rates">
            <caption>
              ${drawn.rates}
            </caption>
            <thead>
              <tr>
                <th scope="col">${drawn.to}</th>
                <th scope="col">${drawn.how}</th>
                <th scope="col">${drawn.price}</th>
                <th scope="col">${drawn.freeFrom}</th>
              </tr>
            </thead>
            <tbody>
              ${zones.flatMap((zone) =>
                zone.rates.map(
                  (rate) =>
                    html`<tr>
                      <th scope="row">${zone.label}</th>
                      <td>${rate.label}${rate.upTo ? ` (${drawn.upTo(weight(rate.upTo))})` : ''}</td>
                      <td>${money(rate.price, c)}</td>
                      <td>${rate.freeFrom === null ? '–' : money(rate.freeFrom, c)}</td>
                    </tr>`,
                ),
              )}
            </tbody>
          </table>`
        : null
    }${returnsDays === null ? null : html`<div class="prose"><p>${drawn.sendBackWithin(returnsDays)}</p></div>`}
  </section>`;
};

export const rates: Drawing<'rates'> = {
  draw,
};
