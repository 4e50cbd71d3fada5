import { codesIn } from '@/core/till';
import { addToCart } from './cart';
import { loadOffer, loadRules } from './ports';
import { keepTyped, typedBefore } from './typed';

/** What a button of the shop leads to the cart with, once: a thing to put in, a code to type. A reload asks for nothing again. */
async function takeAsked(): Promise<void> {
  const asked = new URLSearchParams(location.search);
  const [put, from, code] = ['put', 'from', 'code'].map((name) => asked.get(name) ?? '');
  if (!put && !code) return;
  history.replaceState(null, '', location.pathname);
  if (code) keepTyped({ ...typedBefore(), code: codesIn(`${String(typedBefore().code ?? '')},${code}`).join(', ') });
  const offer = put && from && /^goods\/[^/]+\/$/.test(from) ? await loadOffer(from) : null;
  const sold = offer?.variants.find(({ id }) => id === put);
  if (sold && sold.stock !== 0) {
    const { currency } = await loadRules();
    addToCart(sold.id, from ?? '', 1, sold.stock, { title: sold.title, price: sold.price, currency });
  }
  document.dispatchEvent(new Event('arcatum:repaint'));
}

void takeAsked();
