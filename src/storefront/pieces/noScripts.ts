import { type Context, say } from '../context';
import { html, type Markup } from '../html';

/** What stands where scripts are off. */
export function noScripts(c: Context): Markup {
  const { drawn } = say(c);
  return html`<noscript
    ><p class="notice">
      ${drawn.needsScripts}${
        c.shop.reading.email
          ? html`, ${drawn.orWriteTo} <a href="mailto:${c.shop.reading.email.value}">${c.shop.reading.email.value}</a>`
          : null
      }.
    </p></noscript
  >`;
}
