import { phrasesOf } from '@/core/phrases';
import { formatMoney } from '@/core/till';
import { testCards, type Intent } from './payment';

const escape = (text: string) => text.replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`);

/** The provider's own page, on which a buyer types the card. The shop never sees the number. */
export function payPage(intent: Intent, say = ''): string {
  const { payment: words, code } = phrasesOf(intent);
  const [asks, to, end] = words.asks;
  const { locale, currency, digits } = intent;
  const sum = escape(formatMoney(intent.amount, { currency, digits, locale }));
  const shop = escape(intent.shop);
  const body =
    intent.state === 'confirm'
      ? `<p>${asks}<b>${sum}</b>${to}<b>${shop}</b>${end}</p><div class="row"><button name="answer" value="yes">${words.yes}</button><button class="no" name="answer" value="no">${words.no}</button></div>`
      : `<p><b>${sum}</b>${words.to}<b>${shop}</b>${words.order(escape(intent.order))}</p><label for="card">${words.card}</label><input id="card" name="card" inputmode="numeric" autocomplete="off" required${say ? ' aria-invalid="true" aria-describedby="say"' : ''}>${say ? `<p id="say" role="alert">${escape(say)}</p>` : ''}<button>${words.pay(sum)}</button><table><caption>${words.cards}</caption>${testCards.map(({ number, outcome }) => `<tr><td><code>${number}</code></td><td>${words[outcome]}</td></tr>`).join('')}</table>`;
  return `<!doctype html><html lang="${code}"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><meta name="robots" content="noindex"><title>${words.pay(sum)}</title><style>body{font:17px/1.5 system-ui,sans-serif;background:#e9e9e6;color:#1b2430;display:grid;place-items:center;min-height:100vh;margin:0}main{background:#fff;padding:2rem;width:min(27rem,92vw);border-top:6px solid #1b2430}h1{font-size:1.1rem;margin:0 0 1rem}label{display:block;font-weight:600}input{font:inherit;width:100%;box-sizing:border-box;padding:.6rem;margin:.25rem 0 1rem;border:1px solid #5a6470}button{font:600 1rem/1.2 inherit;font-family:inherit;padding:.85rem 1.25rem;background:#1b2430;color:#fff;border:2px solid #1b2430;cursor:pointer}button.no{background:#fff;color:#1b2430}.row{display:flex;gap:.75rem;flex-wrap:wrap}table{margin-top:1.5rem;font-size:.9rem;border-collapse:collapse;width:100%}caption{text-align:left;font-weight:600}td{border-top:1px solid #d5d5d0;padding:.35rem .5rem .35rem 0}[role=alert]{color:#9c2530;margin:0 0 1rem}</style></head><body><main><h1>${words.heading}</h1><form method="post">${body}</form></main></body></html>`;
}
