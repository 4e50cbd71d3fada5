import { type Draw, type Shop } from '@/core/site';
import { drawIcon } from './icon';
import { drawPage } from './page';
import { scripts } from './scripts.generated';
import { drawStyles } from './styles';

/** The storefront: the one way in which a shop is drawn, for preview, publication, download and command line alike. */
export const storefront: Draw = {
  page: drawPage,
  styles: drawStyles,
  icon: drawIcon,
  scripts,
  assets: (shop: Shop) => {
    const faces = shop.look.heading.id === shop.look.text.id ? [shop.look.text] : [shop.look.heading, shop.look.text];
    return faces.flatMap((face) => [
      { path: `fonts/${face.file}`, from: `fonts/${face.file}` },
      { path: `fonts/${face.id}-license.txt`, from: `fonts/${face.id}-license.txt` },
    ]);
  },
};
