export * from './about';
export { checks, findingsOf, type Check } from './findings';
