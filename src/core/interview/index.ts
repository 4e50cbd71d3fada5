export { answerQuestion, askedSoFar, mostQuestions, nextQuestion, openQuestions, type Gain, type Next } from './interview';
export { nameIdeas, sloganIdeas, type NameIdea } from './ideas';
export { fullerBrief } from './fuller';
