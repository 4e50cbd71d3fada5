export { moodWordsLike } from './adjectives';
export { countries, countryOf, sharedCurrency, type CountryEntry } from './countries';
export {
  broaderSenses,
  broaderTerms,
  chooseSenses,
  headNoun,
  isForSale,
  isNoun,
  isThing,
  plural,
  sensesOf,
  singular,
  wordOf,
  type Sense,
} from './nouns';
export { isWorldPart, placesCalled, placesNamed, townsAround, type Place, type Town } from './places';
export { sharedTerms, proposeShelves, suggestShelves, type SharedTerm, type ShelfIdea } from './kinds';
export { surveyedColours } from './survey.generated';
export { baseOf, isVerb, verbClass, verbShare } from './verbs';
