import { type ListColumn } from '@/core/goods/about';

/** What a column is, in the words of the trade. */
export const meant: Record<ListColumn['as'], string> = {
  title: 'Name of the thing',
  description: 'Description',
  price: 'Price',
  earlierPrice: 'Earlier price',
  cost: 'What it costs you',
  currency: 'Currency',
  category: 'Category',
  option: 'Something to choose',
  optionName: 'What is chosen by',
  optionValue: 'What is chosen',
  sku: 'Code',
  gtin: 'Barcode',
  group: 'Group of one thing',
  stock: 'Stock',
  weight: 'Weight',
  picture: 'Picture',
  kind: 'Kind of thing',
  taxClass: 'Tax class',
  particular: 'Told with the thing',
  ignored: 'Left aside',
};

export const meanings = (Object.keys(meant) as ListColumn['as'][]).map((id) => ({ id, name: meant[id] }));
