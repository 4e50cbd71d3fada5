import { drawText, own, say, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'search'>['draw'] = (c) => {
  const { drawn } = say(c);
  return html`<section class="text search" ${own(c)}>
    ${drawText(c, 'heading', 'h1')}
    <form role="search" data-search method="get" action="${c.addresses.page('search/')}">
      <label for="q">${drawn.lookingFor}</label>
      <div class="buy-row">
        <input id="q" name="q" type="search" autocomplete="off" /><button class="button" type="submit">${drawn.search}</button>
      </div>
    </form>
    <p data-found role="status"></p>
    <div data-results></div>
    <noscript
      ><p class="notice">${drawn.searchNeedsScripts} <a href="${c.addresses.page('shop/')}">${drawn.allInShop}</a></p></noscript
    >
  </section>`;
};

export const search: Drawing<'search'> = {
  draw,
};
