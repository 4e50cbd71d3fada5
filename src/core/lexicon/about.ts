export { surveyedColours } from './survey.generated';
export { countries, countryOf, type CountryEntry } from './countries';
