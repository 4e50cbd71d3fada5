export { checks, findingsOf, type Check, type Finding, type Station } from './findings';
export { stationsDone, stations } from './done';
