import { productPlaces, set } from '@/core/places';
import { type Product } from '@/core/project';

/** Pictures on a product, after those that it has. */
export const putOn = (product: Product, names: readonly string[]) =>
  set(productPlaces.pictures(product.id), [...product.pictures, ...names.filter((name) => !product.pictures.includes(name))]);
