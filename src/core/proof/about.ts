export { stations, stationsDone } from './done';
export { type Finding, type Station } from './finding';
