export { correct, readBrief, type Reading } from './read';
export { colourOf, type NamedColour } from './colours';
export { moodOf, toneWords, type Mood } from './tone';
export { topicsOf, type Statement, type Topic } from './statements';
export { type Fact, type Source } from './fact';
