import { formatMoney } from '@/core/till';
import { testCards, type Intent } from './payment';

const escape = (text: string) => text.replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`);

/** The provider's own page, on which a buyer types the card. The shop never sees the number. */
export function payPage(intent: Intent, say = ''): string {
  const sum = formatMoney(intent.amount, { currency: intent.currency, digits: intent.digits, locale: 'en' });
  const body =
    intent.state === 'confirm'
      ? `<p>Your bank asks: are you paying <b>${escape(sum)}</b> to <b>${escape(intent.shop)}</b>?</p><div class="row"><button name="answer" value="yes">Yes, I am paying</button><button class="no" name="answer" value="no">No</button></div>`
      : `<p><b>${escape(sum)}</b> to <b>${escape(intent.shop)}</b>, order ${escape(intent.order)}</p><label for="card">Card number</label><input id="card" name="card" inputmode="numeric" autocomplete="off" required${say ? ' aria-invalid="true" aria-describedby="say"' : ''}>${say ? `<p id="say" role="alert">${escape(say)}</p>` : ''}<button>Pay ${escape(sum)}</button><table><caption>Cards of this stand-in</caption>${testCards.map(({ number, say: does }) => `<tr><td><code>${number}</code></td><td>${does}</td></tr>`).join('')}</table>`;
  return `<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><meta name="robots" content="noindex"><title>Pay ${escape(sum)}</title><style>body{font:17px/1.5 system-ui,sans-serif;background:#e9e9e6;color:#1b2430;display:grid;place-items:center;min-height:100vh;margin:0}main{background:#fff;padding:2rem;width:min(27rem,92vw);border-top:6px solid #1b2430}h1{font-size:1.1rem;margin:0 0 1rem}label{display:block;font-weight:600}input{font:inherit;width:100%;box-sizing:border-box;padding:.6rem;margin:.25rem 0 1rem;border:1px solid #5a6470}button{font:600 1rem/1.2 inherit;font-family:inherit;padding:.85rem 1.25rem;background:#1b2430;color:#fff;border:2px solid #1b2430;cursor:pointer}button.no{background:#fff;color:#1b2430}.row{display:flex;gap:.75rem;flex-wrap:wrap}table{margin-top:1.5rem;font-size:.9rem;border-collapse:collapse;width:100%}caption{text-align:left;font-weight:600}td{border-top:1px solid #d5d5d0;padding:.35rem .5rem .35rem 0}[role=alert]{color:#9c2530;margin:0 0 1rem}</style></head><body><main><h1>Card payment, simulated. No money moves.</h1><form method="post">${body}</form></main></body></html>`;
}
