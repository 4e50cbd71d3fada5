import { choiceLine, stockLine, type PageOffer } from '../pieces/offer';
import { addToCart, paintCount } from './cart';
import { fill } from '@/core/phrases';
import { address, liveStock, loadPhrases, loadRules, make, money, onPaint } from './ports';

const offers = new WeakMap<HTMLFormElement, PageOffer>();
/** What the shop's prices are in, once its rules are here. */
let currency = '';

async function prepare(form: HTMLFormElement): Promise<void> {
  const offer = JSON.parse(form.querySelector('[data-offer]')?.textContent ?? 'null') as PageOffer | null;
  if (!offer) return;
  offers.set(form, offer);
  await paintChoice(form, offer);
  const stock = await liveStock(offer.variants.map((variant) => variant.id));
  if (stock.size) {
    for (const variant of offer.variants) variant.stock = stock.get(variant.id) ?? variant.stock;
    await paintChoice(form, offer);
  }
}

const pickedIn = (form: HTMLFormElement, offer: PageOffer) =>
  offer.options.map((_, at) => new FormData(form).get(`option-${at}`));

const chosen = (form: HTMLFormElement, offer: PageOffer) => {
  const picked = pickedIn(form, offer);
  return offer.variants.find((variant) => (offer.values[variant.id] ?? []).every((value, at) => value === picked[at]));
};

async function paintChoice(form: HTMLFormElement, offer: PageOffer): Promise<void> {
  const variant = chosen(form, offer);
  const [rules, phrases] = await Promise.all([loadRules(), loadPhrases()]);
  currency = rules.currency;
  const add = form.querySelector<HTMLButtonElement>('[data-add]');
  const stock = form.querySelector('[data-stock]');
  const number = form.querySelector<HTMLInputElement>('[name=quantity]');
  if (add) add.disabled = !variant || variant.stock === 0;
  if (stock) stock.textContent = variant ? stockLine(phrases, variant.stock) : choiceLine(phrases, offer, pickedIn(form, offer));
  if (number && variant) number.max = String(variant.stock ?? 999);
  // Only the form of the page's own thing: lists beside it have forms too.
  const page = form.closest('.product');
  if (!page || !variant) return;
  const price = page.querySelector('[data-price] b');
  if (price) price.textContent = money(variant.price, rules);
  const before = page.querySelector('[data-before]');
  const earlier = offer.before[variant.id];
  if (before) before.textContent = earlier === undefined ? '' : money(earlier, rules);
  before?.closest('s')?.toggleAttribute('hidden', earlier === undefined);
  const picture = page.querySelector<HTMLImageElement>('.product-pictures figure img');
  const src = offer.pictures[variant.id];
  if (picture && src && picture.getAttribute('src') !== src) picture.src = src;
}

document.addEventListener('change', (event) => {
  const form = event.target instanceof Element ? event.target.closest<HTMLFormElement>('form[data-buy]') : null;
  const offer = form && offers.get(form);
  if (form && offer) void paintChoice(form, offer);
});

document.addEventListener('submit', (event) => {
  const form = event.target instanceof HTMLFormElement && event.target.matches('[data-buy]') ? event.target : null;
  const offer = form && offers.get(form);
  if (!form || !offer) return;
  event.preventDefault();
  const variant = chosen(form, offer);
  const said = form.querySelector('[data-added]');
  const wanted = Math.max(1, Math.floor(Number(new FormData(form).get('quantity')) || 1));
  if (!variant || variant.stock === 0 || !said) return;
  // At once: whoever goes on to another page has it in the cart.
  const { id, title, price, stock } = variant;
  const now = addToCart(id, offer.path, wanted, stock, { title, price, currency });
  void sayAdded(said, now, stock !== null && now >= stock);
});

async function sayAdded(said: Element, n: number, full: boolean): Promise<void> {
  const { inCart, inCartAll, seeCart } = await loadPhrases();
  said.replaceChildren(fill(full ? inCartAll : inCart, { n }), make('a', { href: address('cart/') }, seeCart));
}

/** What the menu has opened is closed by Escape, and by a press beside it. */
const closeMenu = (but: EventTarget | null): void =>
  document.querySelectorAll<HTMLDetailsElement>('.top [open]').forEach((menu) => {
    if (!(but instanceof Node && menu.contains(but))) menu.open = false;
  });
document.addEventListener('click', ({ target }) => closeMenu(target));
document.addEventListener('keydown', ({ key }) => key === 'Escape' && closeMenu(null));

// On a phone the shelves stand in one row that slides; the one that is open is to be seen.
document.querySelector('.shelf-nav [aria-current]')?.scrollIntoView({ block: 'nearest', inline: 'center' });

/** On every page: the number in the cart, and the form that puts things in. */
onPaint(() => {
  paintCount();
  for (const form of document.querySelectorAll<HTMLFormElement>('form[data-buy]')) void prepare(form);
});
