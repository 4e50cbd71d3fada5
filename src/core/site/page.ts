/** What the studio's page reads of decisions itself. */
export { markChoice, markHeights, type MarkChoice } from './markChoice';
export { exceptionsOf, type Exceptions } from './exceptions';
