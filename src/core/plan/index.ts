export * from './page';
export { planShop } from './plan';
export { sectionDefinition, sectionDefinitions } from './sections';
