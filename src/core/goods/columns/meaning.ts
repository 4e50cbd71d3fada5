/** What a column of a list can be. */
export const meanings = [
  'title',
  'description',
  'price',
  'earlierPrice',
  'cost',
  'currency',
  'category',
  'option',
  'optionName',
  'optionValue',
  'sku',
  'gtin',
  'group',
  'stock',
  'weight',
  'picture',
  'kind',
  'taxClass',
  'particular',
  'ignored',
] as const;
export type Meaning = (typeof meanings)[number];

/** Meanings that only one column of a list has. */
export const single: ReadonlySet<Meaning> = new Set([
  'title',
  'price',
  'earlierPrice',
  'cost',
  'currency',
  'sku',
  'gtin',
  'group',
  'stock',
  'weight',
  'kind',
  'taxClass',
  'description',
]);
