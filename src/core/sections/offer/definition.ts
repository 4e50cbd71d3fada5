import { phrasesOf } from '../../phrases';
import { isForSale, priceRange } from '../../goods';
import { reason, wished, type Known } from '../../plan/about';
import { type Product } from '../../goods/about';
import { dayIn, type DiscountCode } from '../../till';
import { fromGoods, fromTill, ours, type Text } from '../../words';
import { defineSection, money } from '../definition';
import { headingOf } from '../headings';
import { offer as about } from './about';

const reduced = ({ catalogue }: Known): Product[] =>
  catalogue.products.filter((product) => product.variants.some((variant) => variant.earlierPrice && isForSale(variant)));

/** What is cheaper than before, by name. */
function cheaperText(cheaper: readonly Product[], known: Known): Text | null {
  const [only] = cheaper;
  if (!only) return null;
  const price = priceRange(only);
  const titles = cheaper.slice(0, 3).map((product) => product.title);
  const more = cheaper.length - titles.length;
  const say = phrasesOf(known.rules).goods;
  return fromGoods(
    cheaper.length === 1 && price?.earlier
      ? say.cheaper(only.title, money(price.low, known), money(price.earlier, known))
      : say.cheaperOnes(titles, more),
    'the earlier prices in your list',
  );
}

/** What a discount is taken off: shelves or things by name; none is everything. */
function takenOff({ of }: DiscountCode, { catalogue }: Known): string[] {
  if (of.kind === 'shelves') return of.names;
  return of.kind === 'products' ? of.ids.flatMap((id) => catalogue.byId.get(id)?.title ?? []) : [];
}

/** The first discount of the till, with what it asks for and how long it holds; one that is taken off unasked has no code to type. */
function codeText(known: Known): Text | null {
  const [code] = known.rules.codes.filter((one) => one.kind !== 'free-delivery' || one.code);
  if (!code) return null;
  const say = phrasesOf(known.rules).goods;
  const off = code.kind === 'percent' ? say.percent(code.amount / 100) : code.kind === 'sum' ? money(code.amount, known) : null;
  return fromTill(
    say.code({
      code: code.automatic ? null : code.code,
      off,
      what: takenOff(code, known),
      least: code.least ? money(code.least, known) : null,
      until: code.until && dayIn(known.rules.locale, code.until),
    }),
    'the discount codes at the till',
  );
}

export const offer = defineSection(about, {
  because: (known) => {
    const cheaper = reduced(known);
    if (!cheaper.length && !known.rules.codes.length) return null;
    return reason(
      cheaper.length
        ? `${cheaper.length} of your goods ${cheaper.length === 1 ? 'has' : 'have'} an earlier price in the list.`
        : 'The till has a discount code to tell of.',
    );
  },
  asked: (known) => wished(known, 'offer', 'Your brief asks for offers.'),
  write: (w) => {
    const text = cheaperText(reduced(w), w);
    const code = codeText(w);
    const heading = headingOf(about, w);
    return text || code
      ? { heading, ...(text ? { text } : {}), ...(code ? { code } : {}), link: ours(phrasesOf(w.rules).sections.toTheShop) }
      : { heading };
  },
});
