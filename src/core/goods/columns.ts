/** What a column of a list can hold. */
export type Field =
  | 'title'
  | 'description'
  | 'price'
  | 'earlierPrice'
  | 'categories'
  | 'sku'
  | 'stock'
  | 'weight'
  | 'picture'
  | 'group'
  | 'kind'
  | 'taxClass';

/** How sellers head their columns, most usual first. Compared without case, spaces and signs. */
const headings: Record<Field, string[]> = {
  title: [
    'title',
    'name',
    'product',
    'product name',
    'product title',
    'item',
    'item name',
    'article',
    'bezeichnung',
    'nom',
    'titel',
    'nombre',
  ],
  description: ['description', 'details', 'text', 'about', 'notes', 'body', 'long description', 'beschreibung', 'descripción'],
  price: [
    'price',
    'unit price',
    'retail price',
    'our price',
    'selling price',
    'cost to buyer',
    'rrp',
    'preis',
    'prix',
    'precio',
    'prijs',
    'amount',
    'price incl tax',
    'price inc vat',
  ],
  earlierPrice: [
    'earlier price',
    'was',
    'old price',
    'was price',
    'previous price',
    'full price',
    'before',
    'former price',
    'price before',
  ],
  categories: [
    'categories',
    'category',
    'department',
    'section',
    'group of goods',
    'kategorie',
    'catégorie',
    'shelf',
    'collection',
  ],
  sku: [
    'sku',
    'code',
    'item code',
    'product code',
    'article number',
    'ref',
    'reference',
    'item number',
    'part number',
    'artikelnummer',
    'id',
    'no',
  ],
  stock: ['stock', 'quantity', 'qty', 'in stock', 'on hand', 'left', 'available', 'pieces', 'bestand', 'how many'],
  weight: ['weight', 'grams', 'weight g', 'weight grams', 'shipping weight', 'parcel weight', 'gewicht', 'weight kg', 'kg'],
  picture: ['picture', 'pictures', 'image', 'images', 'photo', 'photos', 'photograph', 'file', 'picture file', 'bild', 'foto'],
  group: ['handle', 'product id', 'parent', 'group', 'family', 'belongs to', 'model', 'slug'],
  kind: ['kind', 'type', 'product type', 'sort of thing'],
  taxClass: ['tax', 'vat', 'tax class', 'tax rate', 'vat rate', 'vat class', 'mwst', 'tva', 'gst'],
};

const optionWords =
  /^(colou?r|colou?rway|shade|size|length|width|height|diameter|scent|flavou?r|material|finish|style|skein|ply|thickness|volume|format|edition|grind|roast|strength|pack|pattern|wood|metal|stone|fit|needle size|farbe|größe)$/;

const plain = (heading: string) =>
  heading
    .toLowerCase()
    .replace(/[_\-./()]+/g, ' ')
    .replace(/[^\p{L}\p{N} ]/gu, '')
    .replace(/\s+/g, ' ')
    .trim();

const fieldOf = new Map(
  Object.entries(headings).flatMap(([field, names]) => names.map((name) => [name, field as Field] as const)),
);

export interface Column {
  index: number;
  heading: string;
  /** A field of the goods, an option that the buyer chooses, or neither. */
  meaning: { field: Field } | { option: string } | null;
}

/** Says what each column holds, from its heading. The first column with a meaning keeps it; the next is left over. */
export function readColumns(header: readonly string[]): Column[] {
  const taken = new Set<Field>();
  return header.map((heading, index): Column => {
    const name = plain(heading);
    const named = /^(?:option|choice|variant|variation) (.+)$/.exec(name)?.[1];
    if (named) return { index, heading, meaning: { option: tidyOption(heading) } };
    const field = fieldOf.get(name) ?? fieldOf.get(name.replace(/ (gbp|eur|usd|chf|sek|jpy|kwd|pounds|euros?)$/, ''));
    if (field && !taken.has(field)) {
      taken.add(field);
      return { index, heading, meaning: { field } };
    }
    if (optionWords.test(name)) return { index, heading, meaning: { option: tidyOption(heading) } };
    return { index, heading, meaning: null };
  });
}

function tidyOption(heading: string): string {
  const name = heading.replace(/^\s*(option|choice|variant|variation)[\s:_-]+/i, '').trim();
  return name.charAt(0).toUpperCase() + name.slice(1);
}
