import { fill, type ScriptPhrases } from '@/core/phrases';
import { type Bill, makeBill, type TillRules } from '@/core/till';
import { priceLine, readCart, writeCart, type CartLine, type Priced, type PricedLine } from './cart';
import { sendOrder, showThanks } from './order';
import { address, liveStock, loadOffer, loadPhrases, loadRules, make, money, onPaint } from './ports';

async function priceCart(): Promise<Priced> {
  const cart = readCart();
  const [rules, phrases] = await Promise.all([loadRules(), loadPhrases()]);
  const paths = [...new Set(cart.map((line) => line.path))];
  const offers = new Map(await Promise.all(paths.map(async (path) => [path, await loadOffer(path)] as const)));
  const stock = await liveStock(cart.map((line) => line.variant));
  const lines = cart.flatMap((line) => priceLine(line, offers.get(line.path), stock.get(line.variant)) ?? []);
  return { rules, phrases, lines };
}

/** Basis points as per cent, with the decimal sign of the shop. */
const percent = (basisPoints: number, { locale }: TillRules): string =>
  new Intl.NumberFormat(locale, { maximumFractionDigits: 2 }).format(basisPoints / 100);

const today = () => new Date().toISOString().slice(0, 10);

function row(label: string | Node, amount: string, className = ''): HTMLElement {
  return make('div', className ? { class: className } : {}, make('dt', {}, label), make('dd', {}, amount));
}

/** The figures of a bill as a list, in the order in which they are worked out. */
function billList(bill: Bill, { rules, phrases }: Priced, withDelivery: boolean): HTMLElement {
  const list = make('dl', { class: 'bill' }, row(phrases.goods, money(bill.goods, rules)));
  if (bill.discount) list.append(row(phrases.discount, `−${money(bill.discount, rules)}`));
  if (bill.delivery && withDelivery)
    list.append(
      row(
        fill(phrases.delivery, { rate: bill.delivery.rate.label }),
        bill.delivery.price ? money(bill.delivery.price, rules) : phrases.free,
      ),
    );
  if (!bill.taxIncluded)
    for (const line of bill.taxes)
      if (line.tax) list.append(row(fill(phrases.tax, { percent: percent(line.rate, rules) }), money(line.tax, rules)));
  list.append(row(phrases.total, money(bill.total, rules), 'total'));
  if (bill.taxIncluded)
    for (const line of bill.taxes)
      if (line.rate)
        list.append(
          row(make('small', {}, fill(phrases.ofWhichTax, { percent: percent(line.rate, rules) })), money(line.tax, rules)),
        );
  return list;
}

async function paintCart(): Promise<void> {
  const place = document.querySelector('[data-cart]');
  if (!place) return;
  const cart = await priceCart();
  const { rules, phrases, lines } = cart;
  if (!lines.length) {
    place.replaceChildren(
      make('p', { class: 'empty' }, phrases.cartEmpty, make('a', { href: address('shop/') }, phrases.toTheShop)),
    );
    return;
  }
  const bill = makeBill(rules, { lines, country: '', rate: '', code: '', today: today() });
  place.replaceChildren(
    make('ul', { class: 'lines' }, ...lines.map((line) => cartLine(line, cart))),
    make(
      'div',
      { class: 'cart-foot' },
      billList(bill, cart, false),
      ...(bill.deliveryState === 'none-needed' ? [] : [make('p', {}, make('small', {}, phrases.deliveryLater))]),
      make('a', { class: 'button', href: address('checkout/') }, phrases.toCheckout),
    ),
  );
}

function cartLine(line: PricedLine, { rules, phrases }: Priced): HTMLElement {
  const number = make('input', {
    type: 'number',
    min: '0',
    max: String(line.stock ?? 999),
    value: String(line.quantity),
    inputmode: 'numeric',
    'data-line': line.variant,
    'aria-label': fill(phrases.numberOf, { title: line.title }),
  });
  const remove = make(
    'button',
    {
      type: 'button',
      class: 'plain',
      'data-remove': line.variant,
      'aria-label': fill(phrases.takeOutThis, { title: line.title }),
    },
    phrases.takeOut,
  );
  return make(
    'li',
    { class: 'line' },
    line.picture
      ? make('img', { src: address(line.picture), alt: '', width: '88', height: '88' })
      : make('span', { class: 'no-picture', 'aria-hidden': 'true' }, line.title.slice(0, 1)),
    make(
      'div',
      {},
      make('a', { href: address(line.path) }, line.title),
      make(
        'p',
        { class: 'note' },
        fill(line.stock !== null && line.quantity >= line.stock ? phrases.eachLast : phrases.each, {
          price: money(line.price, rules),
        }),
      ),
      make('div', { class: 'buy-row' }, make('label', { class: 'quantity' }, make('span', {}, phrases.number), number), remove),
    ),
    make('p', { class: 'sum' }, money(line.price * line.quantity, rules)),
  );
}

const changeLine = (variant: string, quantity: number) => {
  writeCart(readCart().map((line: CartLine) => (line.variant === variant ? { ...line, quantity } : line)));
  void paintCart();
};

let code = '';
let priced: Priced | undefined;

const checkoutForm = () => document.querySelector<HTMLFormElement>('form[data-checkout]');

function currentBill(form: HTMLFormElement, { rules, lines }: Priced): Bill {
  const data = new FormData(form);
  return makeBill(rules, {
    lines,
    country: String(data.get('country') ?? ''),
    rate: String(data.get('rate') ?? ''),
    code,
    today: today(),
  });
}

async function paintCheckout(): Promise<void> {
  const form = checkoutForm();
  if (!form) return;
  priced = await priceCart();
  const empty = document.querySelector<HTMLElement>('[data-empty]');
  form.hidden = priced.lines.length === 0;
  if (empty) empty.hidden = priced.lines.length > 0;
  if (priced.lines.length) paintBill(form, priced);
}

const refusals = (phrases: ScriptPhrases): Record<Bill['codeRefused'], string> => ({
  '': '',
  unknown: phrases.codeUnknown,
  ended: phrases.codeEnded,
  least: phrases.codeLeast,
  'nothing-to-deliver': phrases.codeNothingToDeliver,
});

function paintBill(form: HTMLFormElement, cart: Priced): void {
  const { rules, phrases, lines } = cart;
  const bill = currentBill(form, cart);
  const rates = form.querySelector('[data-rates]');
  const needsParcel = bill.deliveryState !== 'none-needed';
  for (const part of form.querySelectorAll<HTMLElement>('[data-delivery],[data-parcel]')) part.hidden = !needsParcel;
  for (const input of form.querySelectorAll<HTMLInputElement>('[data-parcel] input')) input.required = needsParcel;
  if (rates) {
    const before = new FormData(form).get('rate');
    rates.replaceChildren(
      ...bill.rates.map((rate) => {
        const free = rate.freeFrom !== null && bill.goods - bill.discount >= rate.freeFrom;
        const input = make('input', { type: 'radio', name: 'rate', value: rate.id });
        input.checked = rate.id === (bill.rates.some((r) => r.id === before) ? before : bill.delivery?.rate.id);
        return make(
          'label',
          {},
          input,
          make(
            'span',
            {},
            rate.label,
            make('b', {}, free || bill.delivery?.free === 'code' ? phrases.free : money(rate.price, rules)),
          ),
        );
      }),
    );
    if (bill.deliveryState === 'nowhere') rates.replaceChildren(make('p', { class: 'notice' }, phrases.deliversNotThere));
  }
  const summary = form.querySelector('[data-summary]');
  summary?.replaceChildren(
    make(
      'ul',
      {},
      ...lines.map((line) =>
        make(
          'li',
          {},
          make('span', {}, `${line.quantity} × ${line.title}`),
          make('span', {}, money(line.price * line.quantity, rules)),
        ),
      ),
    ),
    billList(bill, cart, true),
  );
  const said = form.querySelector('[data-error=code]');
  if (said) said.textContent = refusals(phrases)[bill.codeRefused];
}

const wanted = (phrases: ScriptPhrases): Record<string, string> => ({
  name: phrases.wantName,
  email: phrases.wantEmail,
  street: phrases.wantStreet,
  place: phrases.wantPlace,
  postcode: phrases.wantPostcode,
  consent: phrases.wantConsent,
});

/** Says what is missing, at the field and above the form; true where nothing is. */
function check(form: HTMLFormElement, bill: Bill, phrases: ScriptPhrases): boolean {
  const faults: [string, string][] = [];
  for (const [name, say] of Object.entries(wanted(phrases))) {
    const input = form.elements.namedItem(name);
    if (!(input instanceof HTMLInputElement)) continue;
    const bad = !input.validity.valid;
    input.setAttribute('aria-invalid', String(bad));
    const place = form.querySelector(`[data-error=${name}]`);
    if (place) place.textContent = bad ? say : '';
    if (bad) faults.push([input.id || `f-${name}`, say]);
    if (!input.id) input.id = `f-${name}`;
  }
  if (bill.deliveryState === 'nowhere') faults.push(['f-country', phrases.deliversNotToThis]);
  showErrors(form, faults, phrases);
  return faults.length === 0;
}

function showErrors(form: HTMLFormElement, faults: [id: string, say: string][], phrases: ScriptPhrases): void {
  const box = form.querySelector<HTMLElement>('[data-errors]');
  if (!box) return;
  box.hidden = faults.length === 0;
  box.replaceChildren(
    make('p', {}, faults.length === 1 ? phrases.oneMissing : phrases.someMissing),
    make('ul', {}, ...faults.map(([id, say]) => make('li', {}, make('a', { href: `#${id}` }, say)))),
  );
  if (faults.length) box.focus();
}

document.addEventListener('change', (event) => {
  const target = event.target;
  if (target instanceof HTMLInputElement && target.dataset.line)
    changeLine(target.dataset.line, Math.max(0, Math.floor(Number(target.value) || 0)));
  const form = checkoutForm();
  if (
    form &&
    priced &&
    target instanceof Element &&
    form.contains(target) &&
    target instanceof HTMLElement &&
    ['rate', 'country'].includes(target.getAttribute('name') ?? '')
  )
    paintBill(form, priced);
});

document.addEventListener('click', (event) => {
  const target = event.target instanceof Element ? event.target.closest<HTMLElement>('[data-remove],[data-apply]') : null;
  if (target?.dataset.remove) changeLine(target.dataset.remove, 0);
  const form = checkoutForm();
  if (target?.hasAttribute('data-apply') && form && priced) {
    code = String(new FormData(form).get('code') ?? '').trim();
    paintBill(form, priced);
  }
});

document.addEventListener('submit', (event) => {
  const form = checkoutForm();
  if (!form || event.target !== form) return;
  event.preventDefault();
  if (!priced) return;
  code = String(new FormData(form).get('code') ?? '').trim();
  paintBill(form, priced);
  const bill = currentBill(form, priced);
  const { phrases } = priced;
  if (bill.codeRefused || !check(form, bill, phrases)) return;
  void sendOrder(form, priced, code, bill.total, (say) => showErrors(form, [['f-name', say]], phrases));
});

onPaint(() => {
  void paintCart();
  void paintCheckout();
  void showThanks();
});
