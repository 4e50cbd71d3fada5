export * from './about';
export { planShop } from './plan';
