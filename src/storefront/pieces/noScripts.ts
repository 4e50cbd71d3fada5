import { type Context } from '../context';
import { html, type Markup } from '../html';

/** What stands where scripts are off. */
export const noScripts = (c: Context): Markup =>
  html`<noscript
    ><p class="notice">
      Cart and checkout need scripts, which are off in this browser. Turn them
      on${
        c.shop.reading.email
          ? html`, or write to <a href="mailto:${c.shop.reading.email.value}">${c.shop.reading.email.value}</a>`
          : null
      }.
    </p></noscript
  >`;
