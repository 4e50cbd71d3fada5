import { type Draw, type Shop } from '@/core/site';
import { drawIcon } from './icon';
import { drawPage } from './page';
import { scripts } from './scripts.generated';
import { drawStyles } from './styles';
import { facesOf, partsOf } from './styles/tokens';

/** The storefront: the one way in which a shop is drawn, for preview, publication, download and command line alike. */
export const storefront: Draw = {
  page: drawPage,
  styles: drawStyles,
  icon: drawIcon,
  scripts,
  assets: (shop: Shop) =>
    facesOf(shop.look).flatMap((face) => [
      ...partsOf(shop, face).flatMap(({ files }) => files.map(({ file }) => ({ path: `fonts/${file}`, from: `fonts/${file}` }))),
      { path: `fonts/${face.id}-license.txt`, from: `fonts/${face.id}-license.txt` },
    ]),
};
