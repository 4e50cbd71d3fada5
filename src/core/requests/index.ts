export * from './about';
export { allRequests, requests } from './registry';
export { spotOf, type RequestDefinition, type Spot } from './request';
export { slipOf } from './slip';
