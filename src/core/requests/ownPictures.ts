import { type Picture } from '../project';
import { type Shop } from '../site';

/** The seller's pictures to choose from: those that belong to no product come first. */
export function picturesToOffer({ catalogue, pictures }: Pick<Shop, 'catalogue' | 'pictures'>): Picture[] {
  const ofGoods = new Set(catalogue.products.flatMap((product) => product.pictures.map((name) => name.toLowerCase())));
  const isOfGoods = ({ name }: Picture) => Number(ofGoods.has(name.toLowerCase()));
  return [...pictures.values()].sort((a, b) => isOfGoods(a) - isOfGoods(b));
}
