import { withDecisions } from '../../../tests/decisions';
import { newProject } from '../project';
import { makeShop } from './index';

test('a page whose place is under one that has gone is kept, set aside and told of', () => {
  const project = withDecisions(
    { ...newProject('p', 'Shop'), brief: 'We sell lamps. Write to a@b.example.' },
    { 'plan/contact/under': 'workshops', 'plan/gone/under': 'contact' },
  );
  const { setAside, pages } = makeShop(project);
  expect(setAside.map(({ place, because }) => [place, because])).toEqual(
    expect.arrayContaining([
      ['plan/contact/under', 'The page that it is to stand under is not in the shop.'],
      ['plan/gone/under', 'The page is not in the shop.'],
    ]),
  );
  expect(pages.find(({ id }) => id === 'contact')?.inMenu).toBe(true);
});
