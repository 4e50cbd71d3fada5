import { drawText, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'search'>['draw'] = (c) =>
  html`<section class="text search" id="search">
    ${drawText(c, 'heading', 'h1')}
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

export const search: Drawing<'search'> = {
  draw,
};
