export * from './about';
export { understand, thingAt, type Saying } from './say';
export { allSentences, sentences } from './registry';
export { featuresOf, seenIn, seenInWords } from './features';
export {
  judge,
  judgeOf,
  knower,
  learnedJudge,
  outcomes,
  packSparse,
  type JudgeWeights,
  type Outcome,
  type StoredJudge,
} from './judge';
export { readSentence, type Sentence } from './sentence';
export { stem } from './tokens';
export { fulfil } from './fulfil';
export { pastOf } from './past';
