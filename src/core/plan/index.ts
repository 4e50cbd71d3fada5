export { canListShelves, holdersFor, menuOf, mostShelves, type MenuEntry } from './menu';
export * from './about';
export { planShop } from './plan';
