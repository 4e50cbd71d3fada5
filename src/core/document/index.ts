export { readDocument } from './read';
export { plain } from './plain';
export { sentencesIn } from './sentences';
export { type Document, type Said, type Standing } from './about';
