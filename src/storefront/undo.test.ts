import { readFileSync } from 'node:fs';
import { importText } from '@/core/goods';
import { given, lookPlaces, planPlaces, set, textPlace, type Wish } from '@/core/places';
import { change, newProject, nextUndo, startStory, undo, type Project } from '@/core/project';
import { itemsIn } from '@/core/sections';
import { firstView, makeShop, relativeAddresses, withMoves, type Target } from '@/core/site';
import { storefront } from './index';

const goods = importText('title,price,category\nOak Bowl,40,Bowls\nAsh Bowl,55,Bowls\nLow Lamp,90,Lamps\n');
if (!goods.ok) throw new Error(goods.say);

test('undoing everything gives the first shop again, to the byte', () => {
  const target: Target = { kind: 'host', address: 'https://shop.example/' };
  const bytes = (project: Project) => {
    const shop = makeShop(project);
    return (
      shop.pages
        .map((page) =>
          storefront.page(shop, shop.writer.write(page), firstView, relativeAddresses(shop, page.path, target), target),
        )
        .join('\n') + storefront.styles(shop, relativeAddresses(shop, '', target))
    );
  };
  const first = {
    ...newProject('p', 'Shop'),
    brief: readFileSync('demo/brief.txt', 'utf8'),
    goods: { file: '', ...goods.value },
  };
  let story = startStory(first, '2026-01-01T00:00:00.000Z');
  let n = 0;
  const stamp = () => ({ id: `c${++n}`, at: new Date(Date.UTC(2026, 0, 1, 0, 0, n)).toISOString() });
  const [home] = makeShop(first).pages;
  const why = home?.sections.find(({ id }) => id === 'why');
  const [item] = home && why ? itemsIn(makeShop(first).writer.made(home, why) ?? {}, 'reasons') : [];
  expect(item).toBeDefined();
  const wishes: Wish[][] = [
    [set(lookPlaces.family, 'poster'), set(lookPlaces.corner, 12)],
    [set(textPlace('home', 'opening', { field: 'headline' }), 'Wool.')],
    item ? [set(textPlace('home', 'why', { field: 'reasons', key: item.key, part: 'text' }), 'Because.')] : [],
    [
      set(planPlaces.addedPage('journal'), { kind: 'journal', name: 'Journal' }),
      set(planPlaces.sectionHidden('home', 'story'), true),
    ],
  ];
  for (const some of wishes) story = change(story, '', some, stamp());
  const another = first.brief.split('\n\n').reverse().join('\n\n').replace('by hand', 'slowly');
  story = change(story, '', withMoves(story.project, [set(given.brief, another)]), stamp());
  expect(bytes(story.project)).not.toBe(bytes(first));
  while (nextUndo(story)) story = undo(story, stamp());
  expect(bytes(story.project)).toBe(bytes(first));
});
