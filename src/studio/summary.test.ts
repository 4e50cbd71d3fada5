import { decisionsOf } from '../../tests/decisions';
import { readFileSync } from 'node:fs';
import { importText } from '@/core/goods';
import { newProject, type Project } from '@/core/project';
import { makeShop } from '@/core/site';
import { sourceLine } from './because';
import { summarise } from '@/workers/summary';

function sample(decisions: Record<string, unknown> = {}): Project {
  const goods = importText(readFileSync('demo/goods.csv', 'utf8'));
  if (!goods.ok) throw new Error(goods.say);
  const all = { ...(JSON.parse(readFileSync('demo/decisions.json', 'utf8')) as Record<string, unknown>), ...decisions };
  return {
    ...newProject('p', 'Shop'),
    brief: readFileSync('demo/brief.txt', 'utf8'),
    goods: { file: 'goods.csv', ...goods.value },
    decisions: decisionsOf(all),
  };
}

const summary = (decisions?: Record<string, unknown>) => {
  const project = sample(decisions);
  return summarise(makeShop(project), project);
};

describe('the studio’s view of a shop', () => {
  const view = summary();

  test('can be sent between threads', () => expect(structuredClone(view)).toEqual(view));

  test('holds one product page for all of them, and every other page', () => {
    expect(view.outline.filter((page) => page.kind === 'product')).toHaveLength(1);
    expect(view.outline.filter((page) => page.kind === 'category')).toHaveLength(view.categories.length);
    expect([view.products, view.variants]).toEqual([50, 203]);
  });

  test('says of every text where it stands and where it comes from', () => {
    const texts = view.outline.flatMap((page) => page.sections).flatMap((section) => section.words);
    expect(texts.length).toBeGreaterThan(50);
    for (const text of texts) {
      expect(text.place).toMatch(/^words\/[^/]+\/[^/]+\/(?:[^/]+|[^/]+\/[^/]+\/[^/]+)$/);
      expect(sourceLine(text)).toMatch(/[.”]$/);
    }
  });

  test('shows hidden sections as hidden, and ones that nothing fills as left out', () => {
    const hidden = summary({ 'plan/home/why/hidden': true });
    expect(hidden.outline[0]?.sections.find((section) => section.id === 'why')).toMatchObject({ hidden: true, filled: true });
    const bare = { ...newProject('p', 'Shop'), brief: 'We sell soap. a@b.example' };
    const about = summarise(makeShop(bare), bare).outline.find((page) => page.kind === 'about');
    expect(about?.sections.every((section) => section.visitorGets.length > 0)).toBe(true);
  });

  test('names decisions that have lost their place', () => {
    expect(summary({ 'goods/p-gone/title': 'Gone' }).setAside.map(({ place }) => place)).toEqual(['goods/p-gone/title']);
  });
});

describe('where a text comes from', () => {
  test.each([
    [{ kind: 'seller' as const }, 'You wrote it here.'],
    [{ kind: 'ours' as const }, 'A connecting word of Arcatum’s.'],
    [{ kind: 'goods' as const, say: 'three in your list' }, 'From your goods: three in your list.'],
    [{ kind: 'till' as const, say: 'the tax rules' }, 'From the till: the tax rules.'],
    [
      { kind: 'brief' as const, source: { text: 'Dyed  on\nTuesdays', start: 0, end: 17 } },
      'From your brief: “Dyed on Tuesdays”',
    ],
  ])('%o', (source, say) => expect(sourceLine({ text: 'x', rank: 1, sources: [source] })).toBe(say));
  test('nothing known is said too', () =>
    expect(sourceLine({ text: 'x', rank: 2, sources: [] })).toBe('Put together from known facts.'));
});
