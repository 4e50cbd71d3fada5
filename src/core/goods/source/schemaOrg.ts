import { type Meaning } from '../columns/meaning';
import { type Cell } from './grid';
import { isLastingId } from '../lasting';
import { type Fields } from './records';

/** A typed item, whichever notation it stood in: its type and the values of its properties. */
export interface Item {
  types: readonly string[];
  props: ReadonlyMap<string, readonly (Item | Cell)[]>;
}

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const localName = (name: string): string => name.replace(/^.*[/#:]/, '');

/** Whether JSON is linked data with schema.org's types in it. */
export const isTyped = (value: unknown): boolean =>
  Array.isArray(value) ? value.some(isTyped) : isObject(value) && ('@type' in value || '@graph' in value);

/** JSON-LD (W3C) as items. */
export function itemOfJson(value: unknown, depth = 0): Item | null {
  if (!isObject(value) || depth > 8) return null;
  const props = new Map<string, (Item | Cell)[]>();
  for (const [name, given] of Object.entries(value)) {
    if (name.startsWith('@')) continue;
    const values = (Array.isArray(given) ? given : [given]) as unknown[];
    props.set(
      localName(name),
      values.flatMap((one): (Item | Cell)[] => {
        if (typeof one === 'number' || typeof one === 'string') return [one];
        if (typeof one === 'boolean') return [one ? 'yes' : 'no'];
        const item = itemOfJson(one, depth + 1);
        return item ? [item] : [];
      }),
    );
  }
  const types = [value['@type']].flat().filter((type): type is string => typeof type === 'string');
  return { types: types.map(localName), props };
}

function* itemsIn(value: unknown, depth = 0): Generator<Item> {
  if (depth > 8) return;
  if (Array.isArray(value)) for (const one of value) yield* itemsIn(one, depth + 1);
  else if (isObject(value)) {
    const item = itemOfJson(value);
    if (item && isProduct(item)) yield item;
    else for (const inner of Object.values(value)) yield* itemsIn(inner, depth + 1);
  }
}

export const isProduct = (item: Item): boolean =>
  item.types.some((type) => /^(Product|ProductGroup|ProductModel|IndividualProduct|SomeProducts|Book|Vehicle)$/.test(type));

/** Goods that stand in JSON-LD, a record for each variant. */
export const productRecords = (value: unknown): Fields[] => [...itemsIn(value)].flatMap((item) => recordsOfProduct(item));

const one = (item: Item, name: string): Item | Cell | undefined => item.props.get(name)?.[0];
const isItem = (value: Item | Cell | undefined): value is Item => typeof value === 'object';

const gtins = /^gtin(8|12|13|14)?$/;
const skipped = new Set([
  'url',
  'offers',
  'hasVariant',
  'additionalProperty',
  'review',
  'aggregateRating',
  'isVariantOf',
  'variesBy',
  'mainEntityOfPage',
  'brand',
]);

/** What the properties of Product and Offer are (schema.org), under the names that records of them have here. */
export const propertyMeanings: ReadonlyMap<string, Meaning> = new Map([
  ['name', 'title'],
  ['description', 'description'],
  ['category', 'category'],
  ['group', 'group'],
  ['sku', 'sku'],
  ['gtin', 'gtin'],
  ['price', 'price'],
  ['earlier price', 'earlierPrice'],
  ['priceCurrency', 'currency'],
  ['availability', 'stock'],
  ['image', 'picture'],
]);

/** Fields by schema.org's own names; offers add "price" and "priceCurrency". */
export function recordsOfProduct(item: Item, inherited?: Fields): Fields[] {
  const fields: Fields = new Map(inherited);
  for (const [name, values] of item.props) {
    if (skipped.has(name)) continue;
    const said = values.map(plainValue).filter((value) => value !== '');
    if (said.length) fields.set(gtins.test(name) ? 'gtin' : name, said.length === 1 ? (said[0] ?? '') : said.join(' | '));
  }
  const brand = one(item, 'brand');
  if (brand !== undefined) fields.set('brand', plainValue(brand));
  for (const [name, value] of propertiesOf(item)) fields.set(name, value);
  const variants = (item.props.get('hasVariant') ?? []).filter(isItem);
  if (variants.length) {
    const group = one(item, 'productGroupID') ?? one(item, 'sku') ?? one(item, 'name');
    const varies = new Set((item.props.get('variesBy') ?? []).map((value) => localName(String(plainValue(value))).toLowerCase()));
    fields.delete('productGroupID');
    const shared: Fields = new Map(fields);
    if (group !== undefined) shared.set('group', plainValue(group));
    const title = fields.get('name');
    return variants.flatMap((variant) =>
      recordsOfProduct(variant, shared).map((record) => {
        // What a variant is told apart by is something to choose, whatever it is called.
        const named: Fields = new Map(
          [...record].map(([name, value]) => [varies.has(name.toLowerCase()) ? `option ${name}` : name, value]),
        );
        const id = one(variant, 'identifier');
        if (isLastingId(String(id))) named.set('group', String(id));
        named.delete('identifier');
        return title === undefined ? named : named.set('name', title);
      }),
    );
  }
  const offers = (item.props.get('offers') ?? []).filter(isItem);
  if (!offers.length) return [fields];
  // Several offers of one thing that differ are what can be chosen of it.
  const inner = offers.flatMap((offer) => {
    const held = (offer.props.get('offers') ?? []).filter(isItem);
    return held.length ? held : [offer];
  });
  return inner.map((offer) => withOffer(fields, offer, inner.length > 1));
}

function withOffer(fields: Fields, offer: Item, isOneOfSeveral: boolean): Fields {
  const record: Fields = new Map(fields);
  const specification = one(offer, 'priceSpecification');
  const isBefore =
    isItem(specification) && /Strikethrough|ListPrice/i.test(String(plainValue(one(specification, 'priceType') ?? '')));
  const priced = isItem(specification) && !isBefore ? specification : offer;
  if (isBefore) record.set('earlier price', plainValue(one(specification, 'price') ?? ''));
  const [price, low, high] = ['price', 'lowPrice', 'highPrice'].map((name) => one(offer, name) ?? one(priced, name));
  const range =
    low !== undefined
      ? high !== undefined && plainValue(high) !== plainValue(low)
        ? `${plainValue(low)} – ${plainValue(high)}`
        : plainValue(low)
      : '';
  record.set('price', price !== undefined ? plainValue(price) : range);
  const currency = one(offer, 'priceCurrency') ?? one(priced, 'priceCurrency');
  if (currency !== undefined) record.set('priceCurrency', plainValue(currency));
  // A number of pieces says more than that there are some.
  const level = one(offer, 'inventoryLevel');
  const availability = one(offer, 'availability');
  if (level !== undefined) record.set('availability', plainValue(level));
  else if (availability !== undefined) record.set('availability', localName(String(plainValue(availability))));
  for (const name of ['sku', 'gtin']) {
    const value = one(offer, name);
    if (value !== undefined) record.set(name, plainValue(value));
  }
  const name = one(offer, 'name');
  const properties = propertiesOf(offer);
  // What an offer says of itself tells it from the others.
  for (const [property, value] of properties) record.set(isOneOfSeveral ? `option ${property}` : property, value);
  if (isOneOfSeveral && name !== undefined && !properties.length) record.set('option', plainValue(name));
  return record;
}

/** Properties that the standard has no name for: schema.org's PropertyValue. */
const propertiesOf = (item: Item): [name: string, value: Cell][] =>
  (item.props.get('additionalProperty') ?? []).filter(isItem).flatMap((property): [string, Cell][] => {
    const name = plainValue(one(property, 'name') ?? '');
    const unit = one(property, 'unitText');
    const value = plainValue(one(property, 'value') ?? '');
    if (name === '' || value === '') return [];
    return [[String(name), unit === undefined ? value : `${value} ${plainValue(unit)}`]];
  });

/** UN/CEFACT Recommendation 20: the unit codes that schema.org's QuantitativeValue uses, as people write them. */
const unitCodes: Readonly<Record<string, string>> = {
  GRM: 'g',
  KGM: 'kg',
  ONZ: 'oz',
  LBR: 'lb',
  MMT: 'mm',
  CMT: 'cm',
  MTR: 'm',
  INH: 'in',
  FOT: 'ft',
  MLT: 'ml',
  LTR: 'l',
};

function plainValue(value: Item | Cell): Cell {
  if (!isItem(value)) return value;
  const amount = one(value, 'value');
  if (amount !== undefined) {
    const code = String(plainValue(one(value, 'unitText') ?? one(value, 'unitCode') ?? ''));
    const unit = unitCodes[code] ?? code;
    return unit ? `${plainValue(amount)} ${unit}` : plainValue(amount);
  }
  for (const name of ['name', 'url', 'contentUrl']) {
    const named = one(value, name);
    if (named !== undefined) return plainValue(named);
  }
  return '';
}
