export { regionsOf, type Region } from './regions';
