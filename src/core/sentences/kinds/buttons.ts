import { isForSale } from '../../goods';
import { writeLead, type Lead } from '../../lead';
import { clear, leadsOn, leadsTo, set, standsAt, textPlace } from '../../places';
import { type Product, type Variant } from '../../project';
import { textIn } from '../../sections';
import { codeKey } from '../../till';
import { isText } from '../../things/about';
import {
  addressNamed,
  defineSentence,
  firmNo,
  hears,
  no,
  otherNo,
  pagesNamed,
  categoriesNamed,
  productsNamed,
  sectionsNamed,
  textNamed,
  type Found,
  type No,
  type Said,
} from '../said';

/** The one piece of a product that a button can put into the cart: what has choices is chosen on its page. */
function pieceFor(product: Product): Variant | null {
  const sold = product.variants.filter(isForSale);
  return product.options.length === 0 && sold.length === 1 ? (sold[0] ?? null) : null;
}

/** What a sentence says that a button leads to, with how it is called. */
function targetOf(said: Said): { lead: Lead; name: string } | null {
  const { shop, spot } = said;
  const toCart = hears(said, 'cart', 'basket', 'bag', 'trolley', 'buy');
  const [wanted] = productsNamed(said);
  const piece = toCart && wanted ? pieceFor(wanted) : null;
  if (wanted && piece) return { lead: { kind: 'cart', variant: piece.id }, name: `the cart, with ${wanted.title} put in` };
  const code = codeNamed(said);
  if (code !== null) return { lead: { kind: 'code', code }, name: `the cart, with the code ${code} typed in` };
  const address = addressNamed(said);
  if (address) return { lead: { kind: 'outside', address }, name: address };
  const [page] = pagesNamed(said);
  if (page) return { lead: { kind: 'page', page: page.page.id }, name: page.page.name };
  const [category] = categoriesNamed(said);
  const ofCategory = category && shop.pages.find((one) => one.category?.name === category.name);
  if (ofCategory) return { lead: { kind: 'page', page: ofCategory.id }, name: ofCategory.name };
  const [product] = productsNamed(said);
  const ofProduct = product && shop.pages.find((one) => one.product?.id === product.id);
  if (ofProduct) return { lead: { kind: 'page', page: ofProduct.id }, name: ofProduct.name };
  const section = sectionsNamed(said).find((one) => one.section && !one.section.hidden)?.section;
  if (section && spot.page) return { lead: { kind: 'section', page: spot.owner, section: section.id }, name: section.id };
  const { email, phone } = shop.reading;
  if (email && hears(said, 'mail', 'email', 'e-mail', 'write')) return outside(`mailto:${email.value}`);
  if (phone && hears(said, 'call', 'ring', 'phone', 'dial', 'number', 'telephone')) {
    const number = phone.value.replace(/[^\d+]/g, '');
    if (/^\+\d{6,}$/.test(number)) return outside(`tel:${number}`);
  }
  return null;
}

/** A code of the till that a sentence names as it is typed. */
function codeNamed({ sentence, shop }: Said): string | null {
  const text = ` ${sentence.text.toUpperCase().replace(/[^\p{L}\p{N}]+/gu, ' ')} `;
  const found = shop.rules.codes.find(
    ({ code, automatic }) => !automatic && text.includes(` ${codeKey(code).replace(/[^\p{L}\p{N}]+/gu, ' ')} `),
  );
  return found?.code ?? null;
}

const outside = (address: string) => ({ lead: { kind: 'outside' as const, address }, name: address });

const unknownTarget =
  'Where should it lead? To a page, a shelf, a product or a part of this page by its name, or to a web, mail or phone address.';

/** The button or link that a sentence was said at; where it speaks of the button and was said at none, that of the opening. */
function buttonHere(said: Said): { section: string; field: string } | null {
  const { thing, section, page, shop } = said.spot;
  const at = isText(thing) ? standsAt(thing.place) : null;
  if (at && section && at.at.key === undefined && leadsOn(section.id, at.at.field))
    return { section: section.id, field: at.at.field };
  const opening = page?.sections.find(({ kind, hidden }) => kind === 'opening' && !hidden);
  if (!page || !opening || isText(thing) || !hears(said, 'button')) return null;
  const field = hears(said, 'second', 'other') ? 'second' : 'button';
  return textIn(shop.writer.words(page, opening) ?? {}, field)?.text ? { section: opening.id, field } : null;
}

export const leads = defineSentence({
  kind: 'leads',
  affirms: true,
  offers: 'Lead a button elsewhere: “this should go to the gift cards”',
  at: ['button', 'link', 'page', 'section'],
  words: [
    'this should go to {page}',
    'this should put {product} in the cart',
    'the big button should put {product} in the basket',
    'a press adds {product} to the cart',
    'it should take the code to the cart',
    'the button in the opening should lead to {category}',
    'this should lead to {category}',
    'link it to {page}',
    'link this to {address}',
    'go to {page} when pressed',
    'make the button open {address}',
    'it should take people to {category}',
    'send visitors to {product} from here',
    'lead to {product}',
    'jump to {section}',
    'point this at {category}',
    'should open an email to us',
    'it should ring us',
    'let it call our number',
    'target {page}',
    'when they click it they get to {category}',
  ],
  reads: (said): Found | No => {
    const here = buttonHere(said);
    if (!here) return no('Point at a button or a link first.');
    // One more of them is another wish.
    if (hears(said, 'another', 'second') || (hears(said, 'one') && hears(said, 'more'))) return otherNo('This one, or one more?');
    const target = targetOf(said);
    const [wanted] = productsNamed(said);
    if (wanted && hears(said, 'cart', 'basket', 'bag', 'trolley') && target?.lead.kind !== 'cart')
      return firmNo(
        wanted.options.length
          ? `“${wanted.title}” has choices, which are made on its page. Lead the button there, or choose one of them at the button.`
          : `“${wanted.title}” is not for sale as things stand.`,
      );
    if (!target) return no(unknownTarget);
    return {
      wishes: [set(leadsTo(said.spot.owner, here.section, here.field), writeLead(target.lead))],
      of: { to: target.name },
    };
  },
});

export const leadsBack = defineSentence({
  kind: 'leads-back',
  offers: 'Have a button lead where it did: “back to where it went”',
  at: ['button', 'link'],
  words: [
    'back to where it went',
    'lead where it did',
    'remove my link',
    'the original target',
    'reset the link',
    'it should go where it went before',
  ],
  reads: (said) => {
    const here = buttonHere(said);
    if (!here) return no('Point at a button or a link first.');
    const place = leadsTo(said.spot.owner, here.section, here.field);
    if (said.decided.get(place) === undefined) return no('It leads where it leads by itself.');
    return { wishes: [clear(place)] };
  },
});

export const secondButton = defineSentence({
  kind: 'second-button',
  affirms: true,
  offers: 'Put a second button in the opening: “a second button to the gift cards”',
  at: ['section', 'button', 'page'],
  words: [
    'a second button to {page}',
    'add a second button to {category}',
    'another button that goes to {page}',
    'one more button for {category}',
    'add a button {quote} to {page}',
    'two buttons here, the second leads to {category}',
    'next to it one more button to {category}',
    'I want a button to {product} as well',
  ],
  reads: (said) => {
    const { shop, spot } = said;
    const { page, owner } = spot;
    const home = page;
    const opening = home?.sections.find(({ kind }) => kind === 'opening');
    if (!home || !opening) return no('A second button stands in the opening of a page, and this page has none.');
    if (textIn(shop.writer.words(home, opening) ?? {}, 'second')?.text)
      return no('The opening has two buttons already. Point at the second to change it.');
    const target = targetOf(said);
    if (!target) return no(unknownTarget);
    const label = quotedLabel(said) ?? target.name;
    return {
      wishes: [
        set(textPlace(owner, opening.id, { field: 'second' }), label),
        set(leadsTo(owner, opening.id, 'second'), writeLead(target.lead)),
      ],
      says: `A second button: “${label}”, that leads to ${target.name}.`,
      of: { to: target.name },
    };
  },
});

/** What is quoted names the button, unless it names where it leads. */
const quotedLabel = (said: Said): string | null =>
  said.sentence.slots.some((slot) => slot.quote !== undefined && !slot.page && !slot.category && !slot.product)
    ? textNamed(said)
    : null;

export const oneButton = defineSentence({
  kind: 'one-button',
  offers: 'Have one button in the opening: “only one button”',
  at: ['section', 'button', 'page'],
  words: [
    'only one button',
    'remove the second button',
    'without the second button',
    'one button is enough',
    'take the other button away',
  ],
  reads: ({ spot: { page, owner }, shop }) => {
    const opening = page?.sections.find(({ kind }) => kind === 'opening');
    const second = page && opening ? textIn(shop.writer.words(page, opening) ?? {}, 'second')?.text : '';
    if (!opening || !second) return no('There is only one button.');
    return { wishes: [set(textPlace(owner, opening.id, { field: 'second' }), '')] };
  },
});
