/** What the studio's page computes itself of goods. Light: no reader of lists is behind it. */
export { decidedGoods } from './catalogue';
export { decodeText } from './decode';
export { nameShown as columnNameShown, unheaded as unheadedName } from './columns/keys';
export { typedChoices, withFurther } from './byHand';
export { keptListOf } from './kept';
export { catalogueForms, mostBytes, sayTooLarge } from './forms';
export { onlySheet } from './mapping';
export { shelfPath } from './shelves';
export { parsePrice } from './price';
