import { nextUndo, undo, type Project, type Story } from '@/core/project';
import { findingsOf } from '@/core/proof';
import { families } from '@/core/look';
import { firstView, makeShop, relativeAddresses, type Target } from '@/core/site';
import { changedAtRandom, stamps } from '../../tests/changes';
import { everything } from '../../tests/sites/everything';
import { storefront } from './index';

const host: Target = { kind: 'host', address: 'https://shop.example/' };
const bytesOf = (project: Project) => {
  const shop = makeShop(project);
  const pages = shop.pages.map((page) =>
    storefront.page(shop, shop.writer.write(page), firstView, relativeAddresses(shop, page.path, host), host),
  );
  return [...pages, storefront.styles(shop, relativeAddresses(shop, '', host))].join('\n');
};

function allUndone(story: Story): Story {
  const stamp = stamps();
  let now = story;
  while (nextUndo(now)) now = undo(now, { ...stamp(), id: `undo ${now.log.changes.length}` });
  return now;
}

describe('whatever is changed, in whatever order', () => {
  test.each(families.map(({ id }, i) => [id, i] as const))(
    '%s: all of it stands, can be read, and can be undone to the byte',
    (family, i) => {
      const first = everything(family, i % 2 ? 1 : 0);
      const { story, did } = changedAtRandom(first, 4711 + i, 16);
      expect(did).toHaveLength(16);
      const before = bytesOf(first);
      const after = bytesOf(story.project);
      expect(after).not.toBe(before);
      // Signs that are typed are words.
      expect(after).not.toContain('<b>not bold</b>');
      const shop = makeShop(story.project);
      expect([did, findingsOf(shop, []).filter(({ check, level }) => check === 'contrast' && level === 'mend')]).toEqual([
        did,
        [],
      ]);
      expect(bytesOf(allUndone(story).project)).toBe(before);
    },
  );
});
