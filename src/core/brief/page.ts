/** What the studio's page reads itself: the colour that a word names. */
export { colourOf } from './colours';
export { isJudged, shopLanguage } from './spoken';
