import { csvOf } from '../csv';
import { utils, write } from '@e965/xlsx';
import { XMLBuilder } from 'fast-xml-parser';
import { decimal } from '../till';
import { type Product, type Variant } from './about';
import { type Meaning } from './columns/meaning';
import { type Given } from './columns/claims';
import { type CatalogueForm } from './forms';
import { isLastingId } from './lasting';
import { textOf, type Cell } from './source/grid';

/** The columns of our own lists that every list has, and what they are. */
const own = [
  ['title', 'title'],
  ['description', 'description'],
  ['category', 'category'],
  ['group', 'group'],
  ['price', 'price'],
  ['currency', 'currency'],
  ['earlier price', 'earlierPrice'],
  ['cost price', 'cost'],
  ['sku', 'sku'],
  ['gtin', 'gtin'],
  ['stock', 'stock'],
  ['weight (g)', 'weight'],
  ['pictures', 'picture'],
  ['kind', 'kind'],
  ['tax class', 'taxClass'],
] as const satisfies readonly (readonly [string, Meaning])[];
/** As many of them tell what the goods are, before what can be chosen; the others come after it. */
const ahead = 4;
const ownMeanings: ReadonlyMap<string, Meaning> = new Map(own);

/**
 * What the columns of a list are that went out from here: it names its goods by the ids that they were given, and its headings are our own.
 * Whatever else it has was a particular of the goods.
 */
export function meaningsOfOwn(headings: readonly string[], rows: readonly (readonly Cell[])[]): Map<number, Given> {
  const group = headings.indexOf('group');
  if (group < 0 || !headings.includes('tax class') || !rows.every((row) => isLastingId(textOf(row[group]).trim())))
    return new Map();
  return new Map(
    headings.map((heading, i) => [
      i,
      {
        as: ownMeanings.get(heading) ?? (heading.startsWith('option ') ? 'option' : 'particular'),
        because: 'The list went out from here, under headings of our own.',
      },
    ]),
  );
}

/**
 * A catalogue as rows, one for each variant, under headings that are read again as they were meant. The group is the variant's lasting id,
 * which begins with that of its product.
 */
export function tableOf(products: readonly Product[], currency: string, digits: number): (string | number)[][] {
  const options = [...new Set(products.flatMap(({ options: names }) => names))];
  const particulars = [...new Set(products.flatMap(({ particulars: all }) => all.map(({ name }) => name)))];
  const header = [
    ...own.slice(0, ahead).map(([heading]) => heading),
    ...options.map((name) => `option ${name}`),
    ...own.slice(ahead).map(([heading]) => heading),
    ...particulars,
  ];
  const money = (minor: number | null) => (minor === null ? '' : decimal(minor, digits));
  const rows = products.flatMap((product) =>
    product.variants.map((variant) => [
      ...[product.title, product.description, product.categories.join(' | '), variant.id],
      ...options.map((name) => variant.values[product.options.indexOf(name)] ?? ''),
      ...[money(variant.price), currency, money(variant.earlierPrice), money(variant.cost), variant.sku, variant.gtin],
      ...[variant.stock ?? '', variant.weight || '', product.pictures.join(' | '), product.kind, product.taxClass],
      ...particulars.map((name) => product.particulars.find((one) => one.name === name)?.value ?? ''),
    ]),
  );
  return [header, ...rows];
}

/** Office Open XML. Text stays text: no cell is a formula. */
export function xlsxOf(rows: readonly (readonly (string | number)[])[]): Uint8Array {
  const book = utils.book_new();
  utils.book_append_sheet(book, utils.aoa_to_sheet(rows.map((row) => [...row])), 'Goods');
  return new Uint8Array(write(book, { type: 'array', bookType: 'xlsx', compression: true }) as ArrayBuffer);
}

type Cells = readonly (readonly (string | number)[])[];

const recordsOf = ([header = [], ...rows]: Cells): [string, string | number][][] =>
  rows.map((row) =>
    header.map((name, i): [string, string | number] => [String(name), row[i] ?? '']).filter(([, value]) => value !== ''),
  );

/** An object for each row (RFC 8259). */
export const jsonOf = (rows: Cells): string =>
  `${JSON.stringify(
    recordsOf(rows).map((record) => Object.fromEntries(record)),
    null,
    2,
  )}\n`;

/** RSS 2.0 with an item for each row; what RSS has no element for stands in fields by name. */
export function feedOf(rows: Cells, title: string): string {
  const item = (record: [string, string | number][]) => {
    const of = new Map(record);
    const rest = record.filter(([name]) => !['title', 'description', 'category', 'group'].includes(name));
    return {
      title: of.get('title'),
      ...(of.has('description') ? { description: of.get('description') } : {}),
      category: String(of.get('category') ?? '')
        .split(' | ')
        .filter(Boolean),
      guid: { '@isPermaLink': 'false', '#text': of.get('group') },
      'goods:field': [['group', of.get('group') ?? ''] as const, ...rest].map(([name, value]) => ({
        '@name': name,
        '#text': String(value),
      })),
    };
  };
  const feed = {
    '?xml': { '@version': '1.0', '@encoding': 'UTF-8' },
    rss: {
      '@version': '2.0',
      '@xmlns:goods': feedNamespace,
      channel: {
        title,
        link: 'https://catalogue.example/',
        description: `The goods of ${title}`,
        item: recordsOf(rows).map(item),
      },
    },
  };
  return `${new XMLBuilder({ ignoreAttributes: false, attributeNamePrefix: '@', format: true, suppressEmptyNode: true }).build(feed)}`;
}

/** Names what RSS has no element for. Nothing is fetched from there. */
const feedNamespace = 'https://arcatum.example/ns/goods';

/** schema.org's Product, or ProductGroup where something can be chosen, as JSON-LD. */
export function schemaOrgOf(products: readonly Product[], currency: string, digits: number): string {
  const money = (minor: number) => decimal(minor, digits);
  const property = (name: string, value: string) => ({ '@type': 'PropertyValue', name, value });
  const offerOf = ({ price, earlierPrice, stock }: Variant) => ({
    '@type': 'Offer',
    ...(price === null ? {} : { price: money(price), ...(currency ? { priceCurrency: currency } : {}) }),
    ...(earlierPrice === null
      ? {}
      : {
          priceSpecification: {
            '@type': 'UnitPriceSpecification',
            priceType: 'https://schema.org/StrikethroughPrice',
            price: money(earlierPrice),
          },
        }),
    availability: `https://schema.org/${stock === 0 ? 'OutOfStock' : 'InStock'}`,
    ...(stock === null ? {} : { inventoryLevel: { '@type': 'QuantitativeValue', value: stock } }),
  });
  const thingOf = (product: Product, variant: Variant) => ({
    ...(variant.sku ? { sku: variant.sku } : {}),
    ...(variant.gtin ? { gtin: variant.gtin } : {}),
    ...(variant.weight ? { weight: { '@type': 'QuantitativeValue', value: variant.weight, unitCode: 'GRM' } } : {}),
    identifier: variant.id,
    additionalProperty: [
      ...product.options.map((name, i) => property(name, variant.values[i] ?? '')),
      ...(variant.cost === null ? [] : [property('cost price', money(variant.cost))]),
    ],
    offers: offerOf(variant),
  });
  const graph = products.map((product) => {
    const shared = {
      name: product.title,
      ...(product.description ? { description: product.description } : {}),
      ...(product.categories.length ? { category: product.categories } : {}),
      ...(product.pictures.length ? { image: product.pictures } : {}),
    };
    const told = [
      ...product.particulars.map(({ name, value }) => property(name, value)),
      ...(product.kind === 'physical' ? [] : [property('kind', product.kind)]),
      ...(product.taxClass === 'standard' ? [] : [property('tax class', product.taxClass)]),
    ];
    return {
      '@type': 'ProductGroup',
      productGroupID: product.id,
      ...shared,
      ...(product.options.length ? { variesBy: product.options } : {}),
      additionalProperty: told,
      hasVariant: product.variants.map((variant) => ({ '@type': 'Product', name: product.title, ...thingOf(product, variant) })),
    };
  });
  return `${JSON.stringify({ '@context': 'https://schema.org', '@graph': graph }, null, 2)}\n`;
}

/** A catalogue as a file. Each form is read again as the same catalogue. */
export function catalogueFile(
  form: CatalogueForm,
  { products, currency, digits, name }: { products: readonly Product[]; currency: string; digits: number; name: string },
): string | Uint8Array {
  const rows = () => tableOf(products, currency, digits);
  switch (form) {
    case 'csv':
      return csvOf(rows());
    case 'xlsx':
      return xlsxOf(rows());
    case 'json':
      return jsonOf(rows());
    case 'jsonld':
      return schemaOrgOf(products, currency, digits);
    case 'xml':
      return feedOf(rows(), name);
  }
}
