import { Decided, productPlaces, variantPlaces } from '../places';
import { decidedGoods, importText, matchPictures } from './index';

const read = importText(
  'title,price,sku,size,colour,picture\nOak bowl,40,B-1,,,bowl.JPG\nTall lamp,90,LAMP7,,,\nLow lamp,70,,,,\nRain coat,120,RC-S,S,green,\nRain coat,120,RC-M,M,green,\nRain coat,125,RC-R,M,red,\nÉtagère,60,,,,\n',
  { brief: 'EUR' },
);
if (!read.ok) throw new Error(read.say);
const { products } = read.value;
const found = (...names: string[]) => {
  const { matched, alone } = matchPictures(products, names);
  return [matched.map(({ name, product, by }) => `${name} ${by} ${product}`), alone];
};

test('pictures are known by the list, also where the file ends otherwise', () => {
  expect(found('bowl.JPG', 'BOWL.jpeg')).toEqual([['BOWL.jpeg list p-oak-bowl', 'bowl.JPG list p-oak-bowl'], []]);
});

test('by a code in the name, however it is parted', () => {
  expect(found('rc-r_front.jpg', 'IMG lamp7 (2).png', 'b1-2.webp')[0]).toEqual([
    'b1-2.webp code p-oak-bowl',
    'IMG lamp7 (2).png code p-tall-lamp',
    'rc-r_front.jpg code p-rain-coat',
  ]);
});

test('by title, with a number or a choice after it; nearly is enough where nothing else is near', () => {
  expect(found('tall-lamp.jpg', 'low_lamp2.jpg', 'rain coat red.jpg', 'etagere.png', 'rain-caot.jpg')).toEqual([
    [
      'etagere.png near p-etagere',
      'low_lamp2.jpg title p-low-lamp',
      'rain coat red.jpg title p-rain-coat',
      'rain-caot.jpg near p-rain-coat',
      'tall-lamp.jpg title p-tall-lamp',
    ],
    [],
  ]);
});

test('what two things could claim, or none, belongs to neither', () => {
  expect(found('lamp.jpg', 'DSC_0412.jpg', 'tall-lamp-and-low-lamp.jpg')[1]).toEqual([
    'DSC_0412.jpg',
    'lamp.jpg',
    'tall-lamp-and-low-lamp.jpg',
  ]);
});

test('they stand in the order of their numbers, after those that the list has, and on the choice that they name', () => {
  const { wishes } = matchPictures(products, [
    'low-lamp-10.jpg',
    'low-lamp-2.jpg',
    'low-lamp.jpg',
    'rc-r.jpg',
    'oak-bowl-2.jpg',
    'bowl.JPG',
  ]);
  const decided = new Decided(new Map(wishes.flatMap(({ place, value }) => (value === undefined ? [] : [[place, value]]))));
  expect(decided.get(productPlaces.pictures('p-low-lamp'))).toEqual(['low-lamp.jpg', 'low-lamp-2.jpg', 'low-lamp-10.jpg']);
  expect(decided.get(productPlaces.pictures('p-oak-bowl'))).toEqual(['bowl.JPG', 'oak-bowl-2.jpg']);
  const coat = products.find(({ id }) => id === 'p-rain-coat');
  const red = coat?.variants.find(({ sku }) => sku === 'RC-R');
  expect(decided.get(variantPlaces.picture('p-rain-coat', red?.id ?? ''))).toBe('rc-r.jpg');
  expect(decidedGoods(products, decided, 2, 2).products.find(({ id }) => id === 'p-rain-coat')?.pictures).toEqual(['rc-r.jpg']);
});

test('a file that is called otherwise than the list says takes the place of that name', () => {
  const { wishes } = matchPictures(products, ['bowl.webp']);
  expect(wishes.map(({ value }) => value)).toEqual([['bowl.webp']]);
});
