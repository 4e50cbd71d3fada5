/** How a list of the corpus comes into the world: as text in an encoding, or as cells that a file is written from. */
export interface ListCase {
  /** The draw it was written to: seed and number, trade, place. */
  drawn: string;
  /** As the file would be called. */
  file: string;
  encoding?: string;
  brief?: string;
  /** Text of the file, or sheets of cells for a workbook. */
  text?: string;
  sheets?: { name: string; rows: (string | number)[][]; merged?: string[] }[];
  /** ISO 4217, or empty where nothing names one. */
  currency: string;
  /**
   * What each column of the (first) sheet is, from the left; "a/b" where a shopper would be served alike by both. Fields of a feed or of JSON
   * have no place of their own and are named: "you_pay=price".
   */
  columns: string;
  /** "title | values | price in minor units | stock", a line a variant; ? is asked, ∞ not counted. */
  want: string;
  /** Where two columns tell the same rows apart: the reading by the other, which serves a shopper as well. */
  or?: { columns: string; want: string };
  /** Rows of goods that are left out on purpose: placeholders, totals. */
  leftOut?: number;
}

export const columnsMeant = ({ columns }: Pick<ListCase, 'columns'>): { heading?: string; as: string[] }[] =>
  columns.split(' ').map((column) => {
    const [meant = '', heading] = column.split('=').reverse();
    return { ...(heading === undefined ? {} : { heading: heading.replace(/_/g, ' ') }), as: meant.split('/') };
  });

/** Rows made by a script, for the long ones. */
export const made = <T>(n: number, row: (i: number) => T): T[] => Array.from({ length: n }, (_, i) => row(i));

/** A saved page that carries its goods as schema.org Product in JSON-LD, among what else such a page has. */
export const savedPage = (title: string, products: readonly object[]): string => `<!doctype html>
<html><head><meta charset="utf-8"><title>${title}</title>
<script>window.dataLayer=[{page:"shop"}]</script>
<script type="application/ld+json">${JSON.stringify({ '@context': 'https://schema.org', '@graph': [{ '@type': 'Organization', name: title }, ...products] })}</script>
</head><body><nav><a href="/">Home</a></nav><h1>${title}</h1><p>Everything we have.</p></body></html>`;

export const product = (
  name: string,
  price: string | number,
  priceCurrency: string,
  more: { offer?: object; [field: string]: unknown } = {},
): object => {
  const { offer, ...rest } = more;
  return { '@type': 'Product', name, ...rest, offers: { '@type': 'Offer', price, priceCurrency, ...offer } };
};

/** Cells in columns of one width, as an old till prints them. */
export const fixedWidth = (widths: readonly number[], rows: readonly string[][]): string =>
  rows
    .map((row) =>
      row
        .map((cell, i) => cell.padEnd(widths[i] ?? 0))
        .join('')
        .trimEnd(),
    )
    .join('\n') + '\n';

/** One object or row in each line. */
export const jsonLines = (rows: readonly unknown[]): string => rows.map((row) => JSON.stringify(row)).join('\n');

/** A, B, C, and from the beginning after Z. */
export const letter = (i: number): string => String.fromCharCode(65 + (i % 26));

/** The values in turn. */
export const pick = <T>(from: readonly T[], i: number): T => from[i % from.length] as T;

/** A GTIN-13 with its check digit as GS1 General Specifications, 7.9, work it out; a slip makes it wrong. */
export const gtin = (body: number, slip = 0): string => {
  const digits = String(body).padStart(12, '0');
  const sum = [...digits].reduce((total, digit, i) => total + Number(digit) * (i % 2 ? 3 : 1), 0);
  return `${digits}${(10 - (sum % 10) + slip) % 10}`;
};

const escaped = (text: string) => text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;');

/** A feed whose items have fields of a seller's own. */
export const feed = (items: readonly (readonly (readonly [string, string])[])[], encoding = 'UTF-8'): string =>
  `<?xml version="1.0" encoding="${encoding}"?>\n<rss version="2.0"><channel><title>All of it</title>\n${items
    .map((item) => `<item>${item.map(([name, text]) => `<${name}>${escaped(text)}</${name}>`).join('')}</item>`)
    .join('\n')}\n</channel></rss>\n`;
