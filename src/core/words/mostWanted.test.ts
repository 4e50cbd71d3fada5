import { Decided } from '../places';
import { readBrief } from '../brief';
import { importText, makeCatalogue } from '../goods';
import { firstGoal } from './mostWanted';

const list =
  'title,category,price\nTasting box,Boxes,30\nAssam second flush,Black tea,9\nKeemun,Black tea,8\nSencha,Green tea,9\nGunpowder,Green tea,7\nDragon well,Green tea,14\n';
const goods = importText(list);
if (!goods.ok) throw new Error(goods.say);
const catalogue = makeCatalogue(goods.value.products, new Decided(new Map()), 2, 2);
const brief =
  'We are Kettle & Leaf, two sisters in Bristol. We buy tea from nine gardens and pack it by hand. The website should be calm and plain. ';
const goal = (wish: string) => {
  const { path, called, source } = firstGoal({ reading: readBrief(brief + wish), catalogue });
  return [path, called.kind === 'everything' ? '' : called.name, source !== null];
};

describe('the button of the front page', () => {
  test.each([
    ['What we want people to buy on the site most of all is the tasting box.', 'goods/tasting-box/', 'Tasting box'],
    ['On the home page, black tea should be seen first, please.', 'shop/black-tea/', 'Black tea'],
  ])('leads to what the brief wants: %s', (wish, path, called) => expect(goal(wish)).toEqual([path, called, true]));
  test.each([
    ['The website must not push the tasting box on people.'],
    ['We want to sell more on the website.'],
    ['The tasting box holds six teas.'],
  ])('else to the fullest shelf: %s', (wish) => expect(goal(wish)).toEqual(['shop/green-tea/', 'Green tea', false]));
});
