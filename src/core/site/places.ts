import {
  corrections,
  Decided,
  given,
  goodsFirst,
  leadsOn,
  leadsTo,
  pictureLeadsTo,
  lookPlaces,
  plainNames,
  planPlaces,
  productHidden,
  productPlaces,
  sayNow,
  tillPlaces,
  variantPlaces,
  type Address,
  type Names,
  type Place,
  type Value,
} from '../places';
import { variantTitle } from '../goods';
import { ownerOf, type Page, type Section } from '../plan';
import { type Project } from '../project';
import { canFold, contentTexts, itemsIn, listsOf, narrowestOf, resizesOf, sectionAbout } from '../sections';
import { pageParts } from '../span';
import { type TextSource } from '../words';
import { placeOfText } from '../writing';
import { pieceOf } from './leads';
import { type Shop } from './shop';

/** A place at which something can be decided, with what stands there now. */
export interface PlaceNow {
  place: Address;
  /** Its kind: the address with its parts as ":page", ":section", … */
  kind: string;
  value: Value;
  /** What stands there, as a sentence. */
  says: string;
  because: string;
}

/** How pages and products of a shop are named in sentences. */
export function namesIn(shop: Shop): Names {
  const pages = new Map(shop.pages.map((page) => [page.id, page]));
  return {
    ...plainNames,
    page: (id) => (id === 'product' ? 'all products' : (pages.get(id)?.name ?? id)),
    product: (id) => shop.catalogue.byId.get(id)?.title ?? id,
    variant: (id) => {
      const piece = pieceOf(shop, id);
      return piece ? variantTitle(piece.product, piece.variant) : id;
    },
    file: (hash) => shop.files.get(hash)?.name ?? 'a file',
  };
}

const sourceSays = (sources: readonly TextSource[]): string => {
  const [source] = sources;
  switch (source?.kind) {
    case 'brief':
      return `Your brief says “${source.source.text}”.`;
    case 'goods':
    case 'till':
      return `It follows from ${source.say}.`;
    case 'seller':
      return 'You wrote it.';
    case 'ask':
      return `Only you can say: ${source.prompt}`;
    default:
      return 'It connects what is said.';
  }
};

/** Everything that can be decided of a shop. With a page: what can be decided on that page alone. */
export function placesOf(shop: Shop, project: Project, pageId?: string): PlaceNow[] {
  const decided = new Decided(project.decisions);
  const names = namesIn(shop);
  const now = <T extends Value>(place: Place<T>, value: T | null | undefined, because: string): PlaceNow => ({
    place: place.address,
    kind: place.kind.id,
    value: value ?? null,
    says: sayNow(place.address, value ?? undefined, names),
    because: decided.has(place) ? 'You decided it.' : because,
  });
  const pages = [
    ...shop.pages.filter((page) => page.kind !== 'product'),
    ...shop.pages.filter((page) => page.kind === 'product').slice(0, 1),
  ];
  if (pageId !== undefined) {
    const page = shop.pages.find((one) => one.id === pageId);
    return page ? onPage(shop, page, decided, now) : [];
  }
  return [
    ...ofTheWhole(shop, project, now),
    ...pages.flatMap((page) => onPage(shop, page, decided, now)),
    ...shop.catalogue.products.flatMap((product) => [
      now(productPlaces.title(product.id), product.title, 'Your list says so.'),
      now(productPlaces.description(product.id), product.description, 'Your list says so.'),
      now(productPlaces.slug(product.id), product.slug, 'It follows from the title.'),
      now(productPlaces.categories(product.id), product.categories, 'Your list says so.'),
      now(productPlaces.taxClass(product.id), product.taxClass, 'Your list says so.'),
      now(productPlaces.kind(product.id), product.kind, 'Your list says so.'),
      now(productHidden(product.id), false, 'It is on your list.'),
      ...product.variants.flatMap((variant) => [
        now(variantPlaces.price(product.id, variant.id), variant.price, 'Your list says so.'),
        now(variantPlaces.earlierPrice(product.id, variant.id), variant.earlierPrice, 'Your list says so.'),
        now(variantPlaces.stock(product.id, variant.id), variant.stock, 'Your list says so.'),
        now(variantPlaces.weight(product.id, variant.id), variant.weight, 'Your list says so.'),
      ]),
    ]),
  ];
}

/** Goods that the seller put before the others. */
const decidedFirst = ({ catalogue: { products, first } }: Shop) => (first ? products.slice(0, first).map(({ id }) => id) : null);

type Now = <T extends Value>(place: Place<T>, value: T | null | undefined, because: string) => PlaceNow;

function ofTheWhole(shop: Shop, project: Project, now: Now): PlaceNow[] {
  const { reading, look, rules, mark, exceptions } = shop;
  const { genes, palette, because } = look;
  const { genePlaces, picked } = lookPlaces;
  const one = <T extends string>(fact: { value: T; source: { text: string } | null } | null) =>
    [fact?.value, fact?.source ? `Your brief says “${fact.source.text}”.` : 'Your brief does not say.'] as const;
  const many = (facts: readonly { value: string }[]) =>
    [facts.map((fact) => fact.value), facts.length ? 'It was read in your brief.' : 'Your brief does not say.'] as const;
  const colours = (facts: readonly { value: { name: string } }[]) =>
    [facts.map((fact) => fact.value.name), facts.length ? 'It was read in your brief.' : 'Your brief does not say.'] as const;
  const till = 'It was not set yet.';
  return [
    now(given.brief, project.brief, 'You wrote it.'),
    now(given.seed, project.seed, 'It chooses among what fits alike.'),
    now(corrections.name, ...one(reading.name)),
    now(corrections.place, ...one(reading.place)),
    now(corrections.currency, ...one(reading.currency)),
    now(corrections.email, ...one(reading.email)),
    now(corrections.phone, ...one(reading.phone)),
    now(corrections.address, ...one(reading.address)),
    now(corrections.goal, ...one(reading.goal)),
    now(corrections.reach, ...one(reading.reach)),
    now(corrections.origin, ...one(reading.origin)),
    now(corrections.sells, ...many(reading.sells)),
    now(corrections.audience, ...many(reading.audience)),
    now(corrections.tone, ...many(reading.tone)),
    now(corrections.features, ...many(reading.features)),
    now(corrections.difference, ...many(reading.difference)),
    now(corrections.coloursWanted, ...colours(reading.coloursWanted)),
    now(corrections.coloursAvoided, ...colours(reading.coloursAvoided)),
    now(genePlaces.family, genes.family, because.family),
    now(genePlaces.head, genes.head, 'It is the family’s own.'),
    now(genePlaces.foot, genes.foot, 'It is the family’s own.'),
    now(genePlaces.scheme, genes.scheme, because.palette),
    now(genePlaces.harmony, genes.harmony, because.palette),
    now(genePlaces.mix, genes.mix, because.palette),
    now(picked.ground, palette.ground, because.palette),
    now(picked.accent, palette.accent, because.palette),
    now(picked.second, palette.second, because.palette),
    now(picked.third, palette.third, because.palette),
    now(lookPlaces.givenColours, null, 'No colours were given beside the brief’s.'),
    now(genePlaces.heading, genes.heading, because.type),
    now(genePlaces.text, genes.text, because.type),
    now(genePlaces.corner, genes.corner, because.shape),
    now(genePlaces.rule, genes.rule, because.shape),
    now(genePlaces.room, genes.room, because.shape),
    now(genePlaces.treatment, genes.treatment, because.shape),
    now(genePlaces.motion, genes.motion, because.shape),
    now(genePlaces.art, genes.art, because.family),
    now(lookPlaces.openingPicture, shop.art ? 'made' : 'goods', 'It depends on whether your goods have pictures.'),
    now(lookPlaces.openingShows, shop.opening?.name, 'You chose none of your own.'),
    now(lookPlaces.mark, mark.kind, 'The name stands in its own face until you choose a mark.'),
    now(lookPlaces.markSize, mark.size, 'It is the usual size.'),
    now(lookPlaces.markFoot, mark.foot, 'Marks stand at the head.'),
    now(lookPlaces.markName, mark.named, 'A mark holds the name already.'),
    now(lookPlaces.logo, mark.logo, 'You brought none.'),
    now(lookPlaces.goodsColumns, exceptions.columns, 'The family has a number of its own.'),
    now(lookPlaces.phoneColumns, exceptions.phone.columns, 'Phones have what the family likes.'),
    now(lookPlaces.phoneSize, exceptions.phone.size, 'Phones have the same size.'),
    now(
      planPlaces.pageOrder,
      shop.pages.filter(({ inMenu, inFooter }) => inMenu || inFooter).map(({ id }) => id),
      'It is the usual order.',
    ),
    now(planPlaces.shelvesInMenu, shop.shelvesInMenu, 'The page with all goods leads to its shelves.'),
    now(goodsFirst, decidedFirst(shop), 'Goods stand as the list has them.'),
    now(tillPlaces.country, rules.country || null, 'It follows from your brief.'),
    now(tillPlaces.pricesIncludeTax, rules.pricesIncludeTax, 'It is the usual way.'),
    now(tillPlaces.taxes, rules.taxes as { standard: number; reduced: number; zero: 0 } | null, till),
    now(tillPlaces.zones, rules.zones, till),
    now(tillPlaces.codes, rules.codes, till),
    now(tillPlaces.payments, rules.payments, 'A card is what most buyers have.'),
    now(tillPlaces.returnsDays, rules.returnsDays, till),
    now(tillPlaces.publishedAt, null, 'It is chosen when you publish.'),
  ];
}

function onPage(shop: Shop, page: Page, decided: Decided, now: Now): PlaceNow[] {
  const owner = ownerOf(page);
  const named = page.kind !== 'product' && page.kind !== 'category';
  return [
    ...(named
      ? [
          now(planPlaces.pageName(page.id), page.name, page.because.say),
          now(planPlaces.inMenu(page.id), page.inMenu, page.because.say),
          now(planPlaces.under(page.id), page.under, 'It stands by itself.'),
          now(planPlaces.inFooter(page.id), page.inFooter, page.because.say),
          now(planPlaces.pageHidden(page.id), false, page.because.say),
        ]
      : []),
    ...(page.category
      ? [now(planPlaces.shelfPicture(page.id), shop.shelfPictures.get(page.id), 'It is shown with one of its goods.')]
      : []),
    now(
      planPlaces.sectionOrder(owner),
      page.sections.map((section) => section.id),
      'It is the order of a usual page.',
    ),
    ...page.sections.flatMap((section) => inSection(shop, page, section, owner, decided, now)),
  ];
}

function standingOf({ id, kind }: Section, owner: string, decided: Decided, now: Now): PlaceNow[] {
  const { standing, phoneStanding } = lookPlaces;
  const { arrangements } = sectionAbout(kind);
  const one = <T extends Value>(place: Place<T>, because: string) => now(place, decided.get(place), because);
  if (!arrangements.length) return [];
  return [
    ...(narrowestOf(kind) < pageParts ? [one(standing.span(owner, id), 'It takes the width of its page.')] : []),
    ...(resizesOf(kind).length ? [one(standing.pictures(owner, id), 'Its picture is as large as its look has it.')] : []),
    one(standing.room(owner, id), 'It has the room of its look.'),
    one(standing.align(owner, id), 'Its words stand as its look has them.'),
    one(standing.size(owner, id), 'Its words are as large as its look has them.'),
    one(phoneStanding.room(owner, id), 'It is as on wide screens.'),
    one(phoneStanding.align(owner, id), 'It is as on wide screens.'),
    one(phoneStanding.size(owner, id), 'It is as on wide screens.'),
  ];
}

function inSection(shop: Shop, page: Page, section: Section, owner: string, decided: Decided, now: Now): PlaceNow[] {
  const why = section.because.say;
  const words = shop.writer.words(page, section) ?? {};
  return [
    now(planPlaces.sectionHidden(owner, section.id), section.hidden, why),
    now(planPlaces.arrangement(owner, section.id), section.arrangement, 'It is as the family likes it.'),
    ...(sectionAbout(section.kind).pictures
      ? [now(planPlaces.sectionPictures(owner, section.id), [...section.pictures], 'It shows no picture of its own.')]
      : []),
    ...(canFold(section.kind)
      ? [now(planPlaces.sectionFolded(owner, section.id), section.folded, 'It is seen at once, without a press.')]
      : []),
    ...(section.kind === 'map' ? [now(planPlaces.mapPin(owner, section.id), section.pin, 'It stands at your town.')] : []),
    ...Object.keys(sectionAbout(section.kind).fields).flatMap((field) => {
      if (!leadsOn(section.id, field)) return [];
      const place = leadsTo(owner, section.id, field);
      return [now(place, decided.get(place), 'It leads where it leads by itself.')];
    }),
    ...section.pictures.map((name) => {
      const place = pictureLeadsTo(owner, section.id, name);
      return now(place, decided.get(place), 'It leads nowhere.');
    }),
    now(lookPlaces.toneOf(owner, section.id), decided.get(lookPlaces.toneOf(owner, section.id)), 'It has the tone of its page.'),
    now(lookPlaces.offPhone(owner, section.id), decided.get(lookPlaces.offPhone(owner, section.id)), 'Phones show it too.'),
    ...standingOf(section, owner, decided, now),
    ...listsOf(section.kind).flatMap(([list, field]) => {
      const keys = itemsIn(words, list).map(({ key }) => key);
      return [
        ...(keys.length > 1 ? [now(planPlaces.itemOrder(owner, section.id, list), keys, 'It is the order as made.')] : []),
        ...(field.pictured ? keys : []).map((key) => {
          const place = planPlaces.itemPicture(owner, section.id, list, key);
          return now(place, decided.get(place), 'No picture stands with it.');
        }),
      ];
    }),
    ...contentTexts(words).map(({ at, text }) =>
      now(placeOfText(page, section, at), text.set ?? text.text, sourceSays(text.sources)),
    ),
  ];
}
