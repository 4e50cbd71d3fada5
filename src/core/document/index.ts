export { readDocument } from './read';
export { plain } from './plain';
export { type Document, type Said, type Standing } from './about';
