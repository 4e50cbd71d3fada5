export * from './about';
export { allRequests, requests } from './registry';
export { canMove, isWhatThePageIsFor, ordered, spotOf, type RequestDefinition, type Spot } from './request';
export { leadsToSection, pageOut, sayLinks } from './going';
export { reorder } from './rows';
export { slipOf } from './slip';
export { isLockedAt, keptOf, locking } from './kinds/keep-it';
export { spanAt, standingWishes } from './kinds/standing';
export { targetsOf } from './kinds/leads-to';
