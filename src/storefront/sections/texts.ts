import { type SectionKind } from '@/core/plan';
import { money, numberedSlots, paragraphs, slot, type SectionContext } from '../context';
import { html, type Markup } from '../html';

const prose = (c: SectionContext): Markup =>
  html`<section class="text" id="${c.section.id}">
    ${slot(c, 'heading', 'h1')}
    <div class="prose">${numberedSlots(c, 'text').map((name) => paragraphs(c, name))}</div>
  </section>`;

const rates = (c: SectionContext): Markup => {
  const { zones, returnsDays } = c.shop.rules;
  return html`<section class="text" id="rates">
    ${slot(c, 'heading', 'h1')}
    <div class="prose">${numberedSlots(c, 'text').map((name) => paragraphs(c, name))}</div>
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

const missing = (c: SectionContext): Markup =>
  html`<section class="text" id="missing">
    ${slot(c, 'heading', 'h1')}
    <div class="prose">
      ${slot(c, 'text', 'p')}
      <p class="onward"><a href="${c.addresses.page('shop/')}">To the shop</a></p>
    </div>
  </section>`;

const search = (c: SectionContext): Markup =>
  html`<section class="text search" id="search">
    ${slot(c, 'heading', 'h1')}
    <form role="search" data-search method="get" action="${c.addresses.page('search/')}">
      <label for="q">What are you looking for?</label>
      <div class="buy-row">
        <input id="q" name="q" type="search" autocomplete="off" /><button class="button" type="submit">Search</button>
      </div>
    </form>
    <p data-found role="status"></p>
    <div data-results></div>
    <noscript
      ><p class="notice">
        Search needs scripts, which are off in this browser. <a href="${c.addresses.page('shop/')}">Everything is in the shop.</a>
      </p></noscript
    >
  </section>`;

export const textSections: Partial<Record<SectionKind, (c: SectionContext) => Markup>> = {
  article: prose,
  clauses: prose,
  rates,
  missing,
  search,
};
