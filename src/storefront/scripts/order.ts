import { type ScriptPhrases } from '@/core/phrases';
import { type OrderFile, type OrderRequest } from '@/core/till';
import { writeCart, type Priced } from './cart';
import { address, attempt, make, orders } from './ports';

/** One key for one attempt, so that pressing twice or a broken line orders once. */
function attemptKey(): string {
  const known = sessionStorage.getItem(attempt);
  if (known) return known;
  const key = crypto.randomUUID();
  sessionStorage.setItem(attempt, key);
  return key;
}

/** What the form itself does not hold: discount codes, a gift card's code or none, and the total that was seen. */
export interface Chosen {
  code: string;
  giftCard: string;
  seen: number;
}

function requestOf(form: HTMLFormElement, { lines, rules }: Priced, { code, giftCard, seen }: Chosen): OrderRequest {
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
    ...(giftCard ? { giftCard } : {}),
    ...(rules.questions.length ? { answers: Object.fromEntries(rules.questions.map(({ id }) => [id, field(id)])) } : {}),
    payment: field('payment') as OrderRequest['payment'],
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
      ...(field('present') ? { present: field('present') } : {}),
    },
  };
}

/** Sends what was chosen to the host, which works out the sums again; without a host, makes a file of it. */
export async function sendOrder(
  form: HTMLFormElement,
  priced: Priced,
  chosen: Chosen,
  refuse: (say: string) => void,
): Promise<void> {
  const button = form.querySelector<HTMLButtonElement>('[data-pay]');
  const { phrases } = priced;
  if (orders() === 'preview') return refuse(phrases.preview);
  const request = requestOf(form, priced, chosen);
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
