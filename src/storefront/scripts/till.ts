import { fill, type ScriptPhrases } from '@/core/phrases';
import { type Bill, cardTyped, codeKey, codesIn, type DiscountRefusal, followings, makeBill, type TillRules } from '@/core/till';
import { changesOf, priceLine, readCart, writeCart, type CartChange, type CartLine, type Priced, type PricedLine } from './cart';
import { sendOrder } from './order';
import { rhythmIn, row, taxRows } from './figures';
import { keepTyped, typedBefore } from './typed';
import { address, liveStock, loadOffer, loadPhrases, loadRules, make, money, onPaint, orders } from './ports';

async function priceCart(): Promise<Priced> {
  const cart = readCart();
  const [rules, phrases] = await Promise.all([loadRules(), loadPhrases()]);
  const paths = [...new Set(cart.map((line) => line.path))];
  const offers = new Map(await Promise.all(paths.map(async (path) => [path, await loadOffer(path)] as const)));
  const stock = await liveStock(cart.map((line) => line.variant));
  const priced = cart.map((line) => priceLine(line, offers.get(line.path), stock.get(line.variant)));
  const changes = cart.flatMap((line, i) => changesOf(line, offers.get(line.path), priced[i] ?? null, rules.currency));
  return { rules, phrases, lines: priced.flatMap((line) => line ?? []), changes };
}

/** What changed since things were put in the cart, or nothing. */
function changeList({ changes, phrases, rules }: Priced): HTMLElement[] {
  if (!changes.length) return [];
  const say = (change: CartChange): string => {
    if (change.kind === 'gone') return change.title ? fill(phrases.nowGone, { title: change.title }) : phrases.oneGone;
    if (change.kind === 'sold-out') return fill(phrases.nowSoldOut, { title: change.title });
    if (change.kind === 'fewer') return fill(phrases.nowFewer, { title: change.title, n: change.left });
    return fill(phrases.nowCosts, {
      title: change.title,
      price: money(change.now, rules),
      before: money(change.before, rules),
    });
  };
  return [
    make(
      'div',
      { class: 'notice', role: 'status' },
      make('p', {}, phrases.cartChanged),
      make('ul', {}, ...changes.map((change) => make('li', {}, say(change)))),
    ),
  ];
}

/** The cart is as it is shown: what was told is told once. */
function settleCart({ lines, changes, rules }: Priced): void {
  if (changes.length)
    writeCart(
      lines.map(({ variant, path, quantity, title, price }) => ({
        variant,
        path,
        quantity,
        title,
        price,
        currency: rules.currency,
      })),
    );
}

const today = () => new Date().toISOString().slice(0, 10);

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
  if (bill.relief) list.append(row(phrases.taxRelief, `−${money(bill.relief, rules)}`));
  if (!bill.taxIncluded) list.append(...taxRows(bill, rules, phrases));
  list.append(row(phrases.total, money(bill.total, rules), 'total'));
  if (bill.taxIncluded) list.append(...taxRows(bill, rules, phrases));
  return list;
}

async function paintCart(): Promise<void> {
  const place = document.querySelector('[data-cart]');
  if (!place) return;
  const cart = await priceCart();
  const { rules, phrases, lines } = cart;
  settleCart(cart);
  if (!lines.length) {
    return redraw(place, [
      ...changeList(cart),
      make('p', { class: 'empty' }, phrases.cartEmpty, make('a', { href: address('shop/') }, phrases.toTheShop)),
    ]);
  }
  const typed = String(typedBefore().code ?? '');
  const bill = makeBill(rules, { lines, country: '', rate: '', code: discountsIn(typed, rules), today: today() });
  redraw(place, [
    ...changeList(cart),
    make('ul', { class: 'lines' }, ...lines.map((line) => cartLine(line, cart))),
    make(
      'div',
      { class: 'cart-foot' },
      ...(rules.codes.some(({ automatic }) => !automatic) ? [codeForm(typed, bill, cart)] : []),
      billList(bill, cart, false),
      ...(bill.deliveryState === 'none-needed' ? [] : [make('p', {}, make('small', {}, sayDelivery(cart, typed)))]),
      make('a', { class: 'button', href: address('checkout/') }, phrases.toCheckout),
    ),
  ]);
}

/** A code that is typed at the cart already: the checkout has it from here. A gift card, which pays there, is passed on. */
function codeForm(typed: string, bill: Bill, { phrases }: Priced): HTMLElement {
  const refused = bill.codes.find((one) => one.refused)?.refused ?? '';
  return make(
    'form',
    { class: 'field', 'data-cart-code': '' },
    make('label', { for: 'cart-code' }, phrases.discountCode),
    make(
      'span',
      { class: 'buy-row' },
      make('input', { id: 'cart-code', name: 'code', autocomplete: 'off', value: typed, 'aria-describedby': 'cart-code-said' }),
      make('button', { class: 'button second' }, phrases.apply),
    ),
    make('span', { class: 'error', id: 'cart-code-said' }, refusals(phrases)[refused]),
  );
}

/** What delivery costs at home, before anybody says where they live. */
function sayDelivery({ rules, phrases, lines }: Priced, typed: string): string {
  const code = discountsIn(typed, rules);
  const { delivery } = makeBill(rules, { lines, country: rules.country, rate: '', code, today: today() });
  if (!rules.country) return phrases.deliveryLater;
  const place = new Intl.DisplayNames([rules.locale], { type: 'region' }).of(rules.country) ?? rules.country;
  if (!delivery) return fill(phrases.deliveryNot, { place });
  return delivery.price
    ? fill(phrases.deliveryAbout, { place, price: money(delivery.price, rules) })
    : fill(phrases.deliveryFree, { place });
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

function changeLine(variant: string, quantity: number): void {
  writeCart(readCart().map((line: CartLine) => (line.variant === variant ? { ...line, quantity } : line)));
  void paintCart();
}

/** Draws a part of the page anew. Who used the keyboard in it stays where they were: at the same control, or at the one in its place. */
function redraw(place: Element, children: readonly Node[]): void {
  const controls = () => [...place.querySelectorAll<HTMLElement>('[data-line],[data-remove]')];
  const at = controls().findIndex((control) => control === document.activeElement);
  const was = controls()[at]?.dataset;
  place.replaceChildren(...children);
  if (at < 0) return;
  const now = controls();
  const same = now.find(({ dataset }) => dataset.line === was?.line && dataset.remove === was?.remove);
  (same ?? now[Math.min(at, now.length - 1)] ?? place.querySelector('a'))?.focus();
}

let code = '';
let priced: Priced | undefined;

const checkoutForm = () => document.querySelector<HTMLFormElement>('form[data-checkout]');

function currentBill(form: HTMLFormElement, { rules, lines }: Priced, codes = code): Bill {
  const data = new FormData(form);
  return makeBill(rules, {
    lines,
    country: String(data.get('country') ?? ''),
    region: String(data.get('region') ?? ''),
    postalCode: String(data.get('postcode') ?? ''),
    rate: String(data.get('rate') ?? ''),
    code: codes,
    business: globalThis.arcatumTaxNumber?.(String(data.get('taxNumber') ?? '')) ?? null,
    today: today(),
  });
}

/** Of what was typed the codes of discounts, known or not: what may be a gift card is none. */
const discountsIn = (typed: string, { codes }: TillRules): string =>
  codesIn(typed)
    .filter((one) => codes.some((known) => codeKey(known.code) === one) || !cardTyped(one))
    .join(',');

/** The gift card that pays, with what is on it; none while the host hasn't been asked. */
let card: { code: string; left: number } | null = null;
let cardRefused = '';

/** Takes what stands in the field of codes: discounts, and one gift card, which the host knows alone. */
async function applyCode(form: HTMLFormElement, cart: Priced): Promise<void> {
  const typed = codesIn(String(new FormData(form).get('code') ?? ''));
  const isDiscount = (one: string) => cart.rules.codes.some((known) => codeKey(known.code) === one);
  const cards = orders() === 'host' ? typed.flatMap((one) => (isDiscount(one) ? [] : (cardTyped(one) ?? []))) : [];
  code = typed.filter((one) => isDiscount(one) || !cards.includes(cardTyped(one) ?? '')).join(',');
  const [wanted, another] = cards;
  if (another) [card, cardRefused] = [null, cart.phrases.oneGiftCard];
  else if (!wanted) [card, cardRefused] = [null, ''];
  else if (card?.code !== wanted) [card, cardRefused] = await askForCard(wanted, cart.phrases);
  paintBill(form, cart);
}

async function askForCard(wanted: string, phrases: ScriptPhrases): Promise<[typeof card, string]> {
  try {
    const answer = await fetch(address('api/gift-card'), { method: 'POST', body: JSON.stringify({ code: wanted }) });
    const said = (await answer.json()) as { left?: number; say?: string };
    return answer.ok && said.left ? [{ code: wanted, left: said.left }, ''] : [null, said.say ?? phrases.notReached];
  } catch {
    return [null, phrases.notReached];
  }
}

/** What a buyer typed stays through a refusal, a reload and the way back, as long as the browser's tab; consent is given each time. */
function keepForm(form: HTMLFormElement): void {
  const typed = [...new FormData(form)].filter(([name, value]) => name !== 'consent' && typeof value === 'string');
  keepTyped(Object.fromEntries(typed));
}

let restored: HTMLFormElement | undefined;
/** The way of delivery that was chosen on an earlier visit: the choices are painted later than the form. */
let rateBefore = '';

function restoreForm(form: HTMLFormElement): void {
  if (restored === form) return;
  restored = form;
  for (const [name, value] of Object.entries(typedBefore())) {
    const field = form.elements.namedItem(name);
    if (typeof value !== 'string' || !value) continue;
    if (name === 'rate') rateBefore = value;
    if (field instanceof HTMLInputElement || field instanceof HTMLTextAreaElement || field instanceof RadioNodeList)
      field.value = value;
    // A country that the shop does not name any more is not chosen.
    if (field instanceof HTMLSelectElement && [...field.options].some((option) => option.value === value)) field.value = value;
  }
}

async function paintCheckout(): Promise<void> {
  const form = checkoutForm();
  if (!form) return;
  priced = await priceCart();
  restoreForm(form);
  document.querySelector('[data-changes]')?.replaceChildren(...changeList(priced));
  const empty = document.querySelector<HTMLElement>('[data-empty]');
  form.hidden = priced.lines.length === 0;
  if (empty) empty.hidden = priced.lines.length > 0;
  if (priced.lines.length) await applyCode(form, priced);
}

const refusals = (phrases: ScriptPhrases): Record<DiscountRefusal, string> => ({
  '': '',
  unknown: phrases.codeUnknown,
  ended: phrases.codeEnded,
  least: phrases.codeLeast,
  'nothing-to-deliver': phrases.codeNothingToDeliver,
  'not-yet': phrases.codeNotYet,
  'not-these': phrases.codeNotThese,
  'used-up': phrases.codeUsedUp,
  'used-by-you': phrases.codeUsedByYou,
  less: phrases.codeLess,
});

/** The parts of the chosen country that the shop asks for, where it asks for any. */
function paintRegions(form: HTMLFormElement): void {
  const field = form.querySelector<HTMLElement>('[data-region]');
  const select = field?.querySelector('select');
  if (!field || !select) return;
  const country = String(new FormData(form).get('country') ?? '');
  const mine = [...select.options].filter((option) => option.dataset.country === country);
  for (const option of select.options) option.hidden = option.disabled = option.value !== '' && !mine.includes(option);
  field.hidden = mine.length === 0;
  if (!mine.includes(select.selectedOptions[0] ?? new Option())) select.value = '';
}

function paintBill(form: HTMLFormElement, cart: Priced): void {
  const { rules, phrases, lines } = cart;
  paintRegions(form);
  const bill = currentBill(form, cart);
  const rates = form.querySelector('[data-rates]');
  const needsParcel = bill.deliveryState !== 'none-needed';
  // What is fetched, or comes over the line, needs no street.
  const needsStreet = needsParcel && bill.delivery?.rate.collection !== true;
  for (const part of form.querySelectorAll<HTMLElement>('[data-delivery],[data-present]')) part.hidden = !needsParcel;
  for (const part of form.querySelectorAll<HTMLElement>('[data-parcel]')) part.hidden = !needsStreet;
  for (const input of form.querySelectorAll<HTMLInputElement>('[data-parcel] input')) input.required = needsStreet;
  if (rates) {
    const before = new FormData(form).get('rate') ?? rateBefore;
    rates.replaceChildren(
      ...bill.rates.map((rate) => {
        const input = make('input', { type: 'radio', name: 'rate', value: rate.id });
        input.checked = rate.id === (bill.rates.some((r) => r.id === before) ? before : bill.delivery?.rate.id);
        return make(
          'label',
          {},
          input,
          make('span', {}, rate.label, make('b', {}, rate.costs === 0 ? phrases.free : money(rate.costs, rules))),
        );
      }),
    );
    if (bill.deliveryState === 'nowhere') rates.replaceChildren(make('p', { class: 'notice' }, phrases.deliversNotThere));
  }
  // Cash is taken by whoever hands something over.
  const cash = form.querySelector<HTMLElement>('[data-cash]');
  if (cash) cash.hidden = !lines.some(({ kind = 'physical' }) => followings[kind].by === 'seller');
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
    ...(card ? [cardList(Math.min(card.left, bill.total), bill, cart)] : []),
    ...lines.flatMap((line) => sayAgain(line, form, cart)),
  );
  const said = form.querySelector('[data-error=code]');
  if (said) said.textContent = cardRefused || refusals(phrases)[bill.codes.find(({ refused }) => refused)?.refused ?? ''];
}

/** What comes again: how often, and what each time comes to, delivery and tax with it. */
function sayAgain(line: PricedLine, form: HTMLFormElement, cart: Priced): HTMLElement[] {
  if (!line.rhythm) return [];
  const { total } = currentBill(form, { ...cart, lines: [line] }, '');
  const { phrases, rules } = cart;
  return [
    make(
      'p',
      {},
      fill(phrases.againEach, { title: line.title, every: rhythmIn(line.rhythm, phrases), sum: money(total, rules) }),
    ),
  ];
}

/** What a gift card pays of a bill, and what is left to pay. */
function cardList(pays: number, { total }: Bill, { rules, phrases }: Priced): HTMLElement {
  return make(
    'dl',
    { class: 'bill' },
    row(phrases.giftCard, `−${money(pays, rules)}`),
    ...(card && card.left > pays ? [row(make('small', {}, phrases.giftCardRest), money(card.left - pays, rules))] : []),
    row(phrases.toPay, money(total - pays, rules), 'total'),
  );
}

const wanted = ({ rules, phrases }: Priced): Record<string, string> => ({
  name: phrases.wantName,
  email: phrases.wantEmail,
  street: phrases.wantStreet,
  place: phrases.wantPlace,
  postcode: phrases.wantPostcode,
  ...Object.fromEntries(rules.questions.map(({ id, label }) => [id, fill(phrases.wantAnswer, { label })])),
  consent: phrases.wantConsent,
});

/** Says what is missing, at the field and above the form; true where nothing is. */
function check(form: HTMLFormElement, bill: Bill, cart: Priced): boolean {
  const { phrases } = cart;
  const faults: [string, string][] = [];
  for (const [name, say] of Object.entries(wanted(cart))) {
    const input = form.elements.namedItem(name);
    if (!(input instanceof HTMLInputElement)) continue;
    const bad = !input.validity.valid;
    input.setAttribute('aria-invalid', String(bad));
    const place = form.querySelector(`[data-error=${name}]`);
    if (place) place.textContent = bad ? say : '';
    if (bad) faults.push([input.id || `f-${name}`, say]);
    if (!input.id) input.id = `f-${name}`;
  }
  const number = form.elements.namedItem('taxNumber');
  if (number instanceof HTMLInputElement) {
    const isWrong = number.value.trim() !== '' && !globalThis.arcatumTaxNumber?.(number.value);
    number.setAttribute('aria-invalid', String(isWrong));
    const place = form.querySelector('[data-error=taxNumber]');
    if (place) place.textContent = isWrong ? phrases.taxNumberSlip : '';
    if (isWrong) faults.push([number.id, phrases.taxNumberSlip]);
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
    ['rate', 'country', 'region', 'postcode', 'taxNumber'].includes(target.getAttribute('name') ?? '')
  )
    paintBill(form, priced);
});

// Return in the field of the code takes the code; it orders nothing.
document.addEventListener('keydown', (event) => {
  const form = checkoutForm();
  if (event.key !== 'Enter' || !form || !priced || !(event.target instanceof HTMLInputElement) || event.target.name !== 'code')
    return;
  event.preventDefault();
  void applyCode(form, priced);
});

document.addEventListener('input', (event) => {
  const form = checkoutForm();
  if (form && event.target instanceof Node && form.contains(event.target)) keepForm(form);
});

document.addEventListener('click', (event) => {
  const target = event.target instanceof Element ? event.target.closest<HTMLElement>('[data-remove],[data-apply]') : null;
  if (target?.dataset.remove) changeLine(target.dataset.remove, 0);
  const form = checkoutForm();
  if (target?.hasAttribute('data-apply') && form && priced) void applyCode(form, priced);
});

document.addEventListener('submit', (event) => {
  if (event.target instanceof HTMLFormElement && event.target.matches('[data-cart-code]')) {
    event.preventDefault();
    keepTyped({ ...typedBefore(), code: String(new FormData(event.target).get('code') ?? '') });
    // Who typed it goes on there.
    void paintCart().then(() => document.querySelector<HTMLElement>('#cart-code')?.focus());
    return;
  }
  const form = checkoutForm();
  if (!form || event.target !== form) return;
  event.preventDefault();
  if (priced) void order(form, priced);
});

async function order(form: HTMLFormElement, cart: Priced): Promise<void> {
  await applyCode(form, cart);
  const bill = currentBill(form, cart);
  const { phrases } = cart;
  if (cardRefused || bill.codeRefused || !check(form, bill, cart)) return;
  const chosen = { code, giftCard: card?.code ?? '', seen: bill.total };
  await sendOrder(form, cart, chosen, (say) => {
    // What is on a card may have changed: it is asked about anew.
    card = null;
    showErrors(form, [['f-name', say]], phrases);
  });
}

onPaint(() => {
  void paintCart();
  void paintCheckout();
});
