import { fill, type ScriptPhrases } from '@/core/phrases';
import { type Order, type OrderFile, type OrderRequest } from '@/core/till';
import { writeCart, type Priced } from './cart';
import { row, taxRows } from './figures';
import { address, load, loadPhrases, loadRules, make, money, orders } from './ports';

const attempt = 'arcatum-attempt';

/** One key for one attempt, so that pressing twice or a broken line orders once. */
function attemptKey(): string {
  const known = sessionStorage.getItem(attempt);
  if (known) return known;
  const key = crypto.randomUUID();
  sessionStorage.setItem(attempt, key);
  return key;
}

function requestOf(form: HTMLFormElement, { lines }: Priced, code: string, seen: number): OrderRequest {
  const data = new FormData(form);
  const field = (name: string) => String(data.get(name) ?? '').trim();
  return {
    key: attemptKey(),
    lines: lines.map(({ variant, quantity }) => ({ variant, quantity })),
    country: field('country'),
    rate: field('rate'),
    code,
    region: field('region'),
    taxNumber: field('taxNumber'),
    payment: field('payment') === 'card' ? 'card' : 'bank',
    seen,
    consent: true,
    buyer: {
      name: field('name'),
      email: field('email'),
      phone: field('phone'),
      street: field('street'),
      place: field('place'),
      postcode: field('postcode'),
      note: field('note'),
    },
  };
}

/** Sends what was chosen to the host, which works out the sums again; without a host, makes a file of it. */
export async function sendOrder(
  form: HTMLFormElement,
  priced: Priced,
  code: string,
  seen: number,
  refuse: (say: string) => void,
): Promise<void> {
  const button = form.querySelector<HTMLButtonElement>('[data-pay]');
  const { phrases } = priced;
  if (orders() === 'preview') return refuse(phrases.preview);
  const request = requestOf(form, priced, code, seen);
  if (orders() === 'archive') return saveOrderFile(form, request, phrases);
  if (button) button.disabled = true;
  try {
    const answer = await fetch(address('api/orders'), {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(request),
    });
    const said = (await answer.json()) as { say?: string; number?: string; receipt?: string; pay?: string | null };
    if (!answer.ok || !said.number) {
      sessionStorage.removeItem(attempt);
      return refuse(said.say ?? phrases.notTaken);
    }
    location.href = said.pay ?? `${address('thank-you/')}?order=${said.number}&receipt=${said.receipt ?? ''}`;
  } catch {
    refuse(phrases.notReached);
  } finally {
    if (button) button.disabled = false;
  }
}

function saveOrderFile(form: HTMLFormElement, request: OrderRequest, phrases: ScriptPhrases): void {
  const placed = new Date().toISOString();
  const file: OrderFile = {
    format: 'arcatum-order',
    version: 1,
    shop: document.documentElement.dataset.shop ?? '',
    placed,
    request,
  };
  const url = URL.createObjectURL(new Blob([JSON.stringify(file, null, 2)], { type: 'application/json' }));
  const link = make('a', { href: url, download: `order-${request.key.slice(0, 8)}.json`, class: 'button' }, phrases.saveOrder);
  const mail = document.querySelector<HTMLAnchorElement>('.foot a[href^="mailto:"]')?.href;
  form.replaceWith(
    make(
      'div',
      { class: 'prose' },
      make('p', {}, phrases.byPost),
      make('p', {}, link),
      ...(mail
        ? [make('p', {}, make('a', { href: `${mail}?subject=${encodeURIComponent(phrases.anOrder)}` }, phrases.writeToShop))]
        : []),
    ),
  );
  link.click();
  sessionStorage.removeItem(attempt);
  writeCart([]);
}

/** The order as the host keeps it, on the page after paying. */
export async function showThanks(): Promise<void> {
  const place = document.querySelector('[data-thanks]');
  if (!place) return;
  const phrases = await loadPhrases();
  const query = new URLSearchParams(location.search);
  const number = query.get('order');
  const title = document.querySelector('.thanks h1');
  // The page is headed by what happened, in the seller's words where they wrote their own.
  const head = (text: string) => {
    if (title && text !== phrases['head-paid']) title.textContent = text;
  };
  if (!number) head(phrases['head-none']);
  if (!number)
    return place.replaceChildren(make('p', {}, phrases.noOrder, make('a', { href: address('shop/') }, phrases.toTheShop)));
  try {
    const order = await load<Order>(
      `api/orders/${encodeURIComponent(number)}?receipt=${encodeURIComponent(query.get('receipt') ?? '')}`,
    );
    const rules = await loadRules();
    sessionStorage.removeItem(attempt);
    const taken =
      order.state === 'paid' || order.state === 'sent' || (order.payment === 'bank' && order.state === 'awaiting-payment');
    if (taken) writeCart([]);
    head(phrases[`head-${order.state}`]);
    const until = new Date(Date.parse(order.placed) + rules.payments.bankDays * 86_400_000);
    if (order.state === 'refused' || order.state === 'expired')
      return place.replaceChildren(
        make('p', {}, phrases[`state-${order.state}`]),
        make('p', {}, make('a', { class: 'button', href: address('checkout/') }, phrases.backToCheckout)),
      );
    place.replaceChildren(
      make('p', { class: 'number' }, fill(phrases.orderNumber, { number: order.number })),
      make('p', {}, phrases[`state-${order.state}`]),
      ...(order.tracking ? [make('p', {}, fill(phrases.followIt, { tracking: order.tracking }))] : []),
      make(
        'ul',
        { class: 'lines' },
        ...order.lines.map((line) =>
          make(
            'li',
            { class: 'line' },
            make('span', {}, `${line.quantity} ×`),
            make('span', {}, line.title),
            make('span', { class: 'sum' }, money(line.sum, rules)),
          ),
        ),
      ),
      make(
        'dl',
        { class: 'bill' },
        ...(order.discount ? [row(phrases.discount, `−${money(order.discount, rules)}`)] : []),
        ...(order.delivery
          ? [
              row(
                fill(phrases.delivery, { rate: order.delivery.label }),
                order.delivery.price ? money(order.delivery.price, rules) : phrases.free,
              ),
            ]
          : []),
        ...(order.relief ? [row(phrases.taxRelief, `−${money(order.relief, rules)}`)] : []),
        ...(order.taxIncluded ? [] : taxRows(order, rules, phrases)),
        row(phrases.total, money(order.total, rules), 'total'),
        ...(order.taxIncluded ? taxRows(order, rules, phrases) : []),
      ),
      ...(order.payment === 'bank' && rules.payments.bank && order.state === 'awaiting-payment'
        ? [
            make('p', {}, fill(phrases.payTo, { account: rules.payments.bank, number: order.number })),
            make(
              'p',
              {},
              fill(phrases.keptUntil, { date: new Intl.DateTimeFormat(rules.locale, { dateStyle: 'long' }).format(until) }),
            ),
          ]
        : []),
    );
  } catch {
    place.replaceChildren(make('p', {}, phrases.orderNotFound));
  }
}
