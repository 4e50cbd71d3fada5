import { z } from 'zod';
import { meanings } from './columns/meaning';
import { forms } from './source/grid';

export { meanings, type Meaning } from './columns/meaning';

/** Money is always a whole number of the currency's minor units (pence, cents, fils). */
export const minorSchema = z.number().int().nonnegative().max(Number.MAX_SAFE_INTEGER);

export const taxClassSchema = z.enum(['standard', 'reduced', 'zero']);
export const productKindSchema = z.enum(['physical', 'download', 'appointment', 'gift-card', 'repeat']);

/** How often a thing comes again. */
export const rhythmSchema = z.object({ every: z.number().int().min(1).max(52), unit: z.enum(['week', 'month']) });
export type Rhythm = z.infer<typeof rhythmSchema>;

export const variantSchema = z.object({
  id: z.string(),
  /** One value per option of the product, in the product's order of options. */
  values: z.array(z.string()),
  sku: z.string().default(''),
  /** GTIN with its right check digit, or empty. */
  gtin: z.string().default(''),
  /** Null where it is not known yet: the thing is shown, and not sold. */
  price: minorSchema.nullable(),
  earlierPrice: minorSchema.nullable().default(null),
  /** What it costs the seller, minor units before tax. */
  cost: minorSchema.nullable().default(null),
  /** Pieces left; null where the seller doesn't count. */
  stock: z.number().int().nonnegative().nullable().default(null),
  /** Grams. */
  weight: z.number().nonnegative().default(0),
  picture: z.string().nullable().default(null),
  /** What has to be answered before it is sold: its price, how many there are, what money its price is in, what its file is, how often it comes. */
  asks: z.array(z.enum(['price', 'stock', 'money', 'file', 'rhythm'])).default([]),
});

/** A file that buyers of a download get, or that the shop gives away: the hash of its bytes (SHA-256), what it is called, and its bytes. */
export const givenFileSchema = z.object({
  hash: z.string().regex(/^[0-9a-f]{64}$/),
  name: z.string().min(1).max(200),
  size: z.number().int().positive(),
});
export type GivenFile = z.infer<typeof givenFileSchema>;

export const productSchema = z.object({
  id: z.string(),
  slug: z.string(),
  title: z.string().min(1),
  description: z.string().default(''),
  kind: productKindSchema.default('physical'),
  taxClass: taxClassSchema.default('standard'),
  categories: z.array(z.string()).default([]),
  options: z.array(z.string()).default([]),
  /** What else the list says of it, under the headings of its columns. */
  particulars: z.array(z.object({ name: z.string(), value: z.string() })).default([]),
  pictures: z.array(z.string()).default([]),
  /** Of a download; null until the seller has said. */
  file: givenFileSchema.nullable().default(null),
  /** Of what comes again and again; null until the seller has said. */
  rhythm: rhythmSchema.nullable().default(null),
  variants: z.array(variantSchema).min(1),
});

export const problemSchema = z.object({
  /** The sheet of the file, or empty. */
  sheet: z.string().default(''),
  /** The line of the list, counted from 1, the header included. */
  row: z.number().int(),
  column: z.string(),
  /**
   * "left-out": the row is not in the shop; "mended": it is, with a repaired value; "asked": a value is not taken until it is answered;
   * "look": it is as given, but odd.
   */
  kind: z.enum(['left-out', 'mended', 'look', 'asked']),
  say: z.string(),
  /** What stands in the cell. */
  found: z.string().default(''),
});

/** What a column of the list was taken for, and on what grounds. */
export const columnSchema = z.object({
  heading: z.string(),
  /** What it is known by among the others; empty in lists that were read before columns had one. */
  key: z.string().default(''),
  index: z.number().int(),
  as: z.enum(meanings),
  /** What an option or a particular is called. */
  name: z.string(),
  because: z.string(),
  /** 0–1. */
  sure: z.number(),
  /** What else it could be, the likeliest first. */
  others: z.array(z.enum(meanings)),
});

/** Something about a list that only the seller knows. Cells that raise the same one are answered together. */
export const listQuestionSchema = z.object({
  id: z.string(),
  about: z.enum(['currency', 'price', 'stock', 'barcode', 'double', 'columns', 'placeholder']),
  say: z.string(),
  choices: z.array(z.object({ value: z.string(), say: z.string() })),
  likeliest: z.string(),
  cells: z.array(z.object({ sheet: z.string().default(''), row: z.number().int(), column: z.string(), found: z.string() })),
});

/** How a list was read. */
export const listReportSchema = z.object({
  /** Where the list itself is kept in this browser, so that it can be read anew; null where it isn't. */
  source: z.string().nullable().default(null),
  form: z.enum(forms),
  encoding: z.string(),
  /** Counted from 1; null where the list has no headings. */
  headerRow: z.number().int().nullable(),
  currency: z.object({ code: z.string().nullable(), because: z.string() }),
  /** Whether the list names its goods by the ids that Arcatum gave them: one that was taken out and came back. */
  namesIds: z.boolean().default(false),
  /** The sheets of the file that hold anything; the headings of each are counted from 1, null where it has none. */
  sheets: z.array(z.object({ name: z.string(), headerRow: z.number().int().nullable(), isUsed: z.boolean() })).default([]),
  columns: z.array(columnSchema),
  questions: z.array(listQuestionSchema),
  counts: z.object({
    rows: z.number(),
    products: z.number(),
    variants: z.number(),
    leftOut: z.number(),
    mended: z.number(),
    asked: z.number(),
  }),
});

/** A list of goods as it was brought in. */
export const goodsSchema = z.object({
  file: z.string(),
  /** The currency that the list's own signs name, or empty; and the digits that its prices were read with. */
  currency: z.string().default(''),
  digits: z.number().int().min(0).max(4).default(2),
  products: z.array(productSchema),
  problems: z.array(problemSchema),
  /** What stood on earlier lists and is on this one no more: out of the shop, and found again where it comes back. */
  former: z.array(productSchema).default([]),
  /** How it was read; null for lists of earlier versions. */
  report: listReportSchema.nullable().default(null),
});

/** What of a list is known where the list itself is not: as much of a long one as of a short one. */
export const keptListSchema = z.strictObject({
  /** The key that the list is kept under; empty where there is none. */
  keptAs: z.string(),
  ...goodsSchema.pick({ file: true, currency: true, digits: true }).shape,
  counts: z.object({
    products: z.number().int(),
    variants: z.number().int(),
    former: z.number().int(),
    notes: z.number().int(),
    leftOut: z.number().int(),
    questions: z.number().int(),
  }),
  /** What is said of its rows, the first of it. */
  notes: z.array(problemSchema),
  /** How it was read, with the first of its questions, and of each the first cells and how many there are. */
  report: listReportSchema.extend({ questions: z.array(listQuestionSchema.extend({ alike: z.number().int() })) }).nullable(),
});

export type TaxClass = z.infer<typeof taxClassSchema>;
export type ProductKind = z.infer<typeof productKindSchema>;
export type Variant = z.infer<typeof variantSchema>;
export type Product = z.infer<typeof productSchema>;
export type Problem = z.infer<typeof problemSchema>;
export type ListColumn = z.infer<typeof columnSchema>;
export type ListQuestion = z.infer<typeof listQuestionSchema>;
export type ListReport = z.infer<typeof listReportSchema>;
export type Goods = z.infer<typeof goodsSchema>;
export type KeptList = z.infer<typeof keptListSchema>;
export type KeptQuestion = NonNullable<KeptList['report']>['questions'][number];

export const noGoods: Goods = { file: '', currency: '', digits: 2, products: [], problems: [], former: [], report: null };

/** Where nothing was brought in yet, as who keeps a log has it. */
export const noList: KeptList = {
  keptAs: '',
  file: '',
  currency: '',
  digits: 2,
  counts: { products: 0, variants: 0, former: 0, notes: 0, leftOut: 0, questions: 0 },
  notes: [],
  report: null,
};

/** Whether what stands for a list says where it is kept, rather than being it. */
export const isKeptList = (list: Goods | KeptList): list is KeptList => 'keptAs' in list;

/** What the goods of a list are called. */
export const titlesOf = ({ products }: Pick<Goods, 'products'>): string[] => products.map(({ title }) => title);
