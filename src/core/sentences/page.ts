/** What the studio's page says of sentences itself. */
export { pastOf } from './past';
export { longestSentence, type Act, type Past, type Reading, type Understood } from './about';
