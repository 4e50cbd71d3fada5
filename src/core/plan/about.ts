export * from './page';
export { pageDefinition, pageDefinitions, pageLibrary, type PageDefinition } from './pages';
export { freshId, sectionToAdd } from './ids';
