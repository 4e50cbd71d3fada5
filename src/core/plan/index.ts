export * from './page';
export { freshId, planShop } from './plan';
export { pageDefinitions, pageLibrary, type PageDefinition } from './pages';
export {
  sectionDefinition,
  sectionDefinitions,
  sectionLibrary,
  type Arrangement,
  type Ask,
  type SectionDefinition,
} from './sections';
