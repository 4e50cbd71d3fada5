import { type RequestKind } from './about';
import { addSection } from './kinds/add-section';
import { arrangement } from './kinds/arrangement';
import { art } from './kinds/art';
import { cornersRequest } from './kinds/corners';
import { duplicate } from './kinds/duplicate';
import { fold } from './kinds/fold';
import { footAs, headAs } from './kinds/frame';
import { goodsColumns } from './kinds/goods-columns';
import { goodsFirst } from './kinds/goods-first';
import { ground } from './kinds/ground';
import { hide } from './kinds/hide';
import { keepIt } from './kinds/keep-it';
import { leadsOutside } from './kinds/leads-outside';
import { leadsTo } from './kinds/leads-to';
import { leaveOutItem } from './kinds/leave-out-item';
import { leaveOutText } from './kinds/leave-out-text';
import { itemPicture } from './kinds/item-picture';
import { linkItself } from './kinds/link-itself';
import { linkMore } from './kinds/link-more';
import { linkOut } from './kinds/link-out';
import { linkPlace } from './kinds/link-place';
import { mapPin } from './kinds/map-pin';
import { mark } from './kinds/mark';
import { markPlaces } from './kinds/mark-places';
import { markSize } from './kinds/mark-size';
import { motion } from './kinds/motion';
import { openingPicture } from './kinds/opening-picture';
import { order } from './kinds/order';
import { pictureOrder } from './kinds/picture-order';
import { pageName } from './kinds/page-name';
import { itemOrder } from './kinds/item-order';
import { pageOrder } from './kinds/page-order';
import { pagePlace } from './kinds/page-place';
import { pageUnder } from './kinds/page-under';
import { shelvesInMenu } from './kinds/shelves-in-menu';
import { phones } from './kinds/phones';
import { productHidden } from './kinds/product-hidden';
import { productPicture } from './kinds/product-picture';
import { productPrice } from './kinds/product-price';
import { productTitle } from './kinds/product-title';
import { removeSection } from './kinds/remove-section';
import { room } from './kinds/room';
import { scheme } from './kinds/scheme';
import { sectionPictures } from './kinds/section-pictures';
import { secondButton } from './kinds/second-button';
import { pictureSize } from './kinds/picture-size';
import { phoneAlign, phoneRoom, phoneSize, sectionAlign, sectionRoom, sectionSize, sectionWidth } from './kinds/standing';
import { shelfPicture } from './kinds/shelf-picture';
import { takeOutPage } from './kinds/take-out-page';
import { treatment } from './kinds/treatment';
import { videoFile } from './kinds/video-file';
import { type RequestDefinition } from './request';

/** Every request there is, in the order of a slip. Leave one out and this does not compile. */
export const requests: { readonly [K in RequestKind]: RequestDefinition<K> } = {
  'leads-to': leadsTo,
  'leads-outside': leadsOutside,
  'leave-out-text': leaveOutText,
  'leave-out-item': leaveOutItem,
  'item-order': itemOrder,
  'item-picture': itemPicture,
  'picture-order': pictureOrder,
  order,
  hide,
  fold,
  'map-pin': mapPin,
  'video-file': videoFile,
  arrangement,
  ground,
  'section-width': sectionWidth,
  'section-room': sectionRoom,
  'section-align': sectionAlign,
  'section-size': sectionSize,
  phones,
  'phone-room': phoneRoom,
  'phone-align': phoneAlign,
  'phone-size': phoneSize,
  'second-button': secondButton,
  'section-pictures': sectionPictures,
  'picture-size': pictureSize,
  'keep-it': keepIt,
  'add-section': addSection,
  duplicate,
  'remove-section': removeSection,
  'page-name': pageName,
  'page-place': pagePlace,
  'page-under': pageUnder,
  'shelves-in-menu': shelvesInMenu,
  'link-itself': linkItself,
  'link-place': linkPlace,
  'link-out': linkOut,
  'link-more': linkMore,
  'page-order': pageOrder,
  'take-out-page': takeOutPage,
  mark,
  'mark-size': markSize,
  'mark-places': markPlaces,
  'head-as': headAs,
  'foot-as': footAs,
  'product-title': productTitle,
  'product-price': productPrice,
  'product-picture': productPicture,
  'shelf-picture': shelfPicture,
  'goods-first': goodsFirst,
  'product-hidden': productHidden,
  'goods-columns': goodsColumns,
  'opening-picture': openingPicture,
  art,
  treatment,
  motion,
  scheme,
  corners: cornersRequest,
  room,
};

export const allRequests: readonly RequestDefinition[] = Object.values(requests);
