import { families } from '@/core/look';
import { drawings } from '../families';
import { drawnWith, rulesOf } from './lent';

const ids = families.map(({ id }) => id);
const bare = (css: string) => css.replace(/\s+/g, '');
const own = (id: (typeof ids)[number]) => ({ head: id, foot: id });
const selectorsIn = (css: string) => rulesOf(css).flatMap(({ selectors }) => selectors);

describe.each(ids)('the sheet of %s', (id) => {
  test('is read into rules whole: nothing of it is left over', () => {
    const rules = rulesOf(drawings[id]);
    const back = rules.map(({ media, selectors, body }) => {
      const rule = `${selectors.join(',')}{${body}}`;
      return media ? `${media}{${rule}}` : rule;
    });
    // Rules that stand in one block come back in one each.
    const joined = back.join('\n').replace(/\}\}\n(@media[^{]+)\{/g, (all, query: string, at: number, text: string) => {
      const before = text.slice(0, at).lastIndexOf(query);
      return before >= 0 && !text.slice(before, at).includes('}}') ? '}' : all;
    });
    expect(bare(joined)).toBe(bare(drawings[id]));
  });

  test('with its own head and foot is as it was', () => {
    expect(drawnWith(id, own(id))).toBe(drawings[id]);
  });

  test.each(['head', 'foot'] as const)('has the %s of any other, and nothing of its own', (part) => {
    const named = part === 'head' ? /\.(?:top|tools)\b/ : /(?<!cart-)\.foot\b/;
    const of = (css: string) =>
      rulesOf(css).flatMap(({ media, selectors, body }) =>
        selectors.filter((one) => named.test(one)).map((one) => `${media} ${one} ${body}`),
      );
    for (const other of ids.filter((one) => one !== id)) {
      const mixed = drawnWith(id, { ...own(id), [part]: other });
      // The last rule fits it into the page.
      expect(of(mixed).slice(0, -1)).toEqual(of(drawings[other]));
      const rest = (css: string) => selectorsIn(css).filter((one) => !named.test(one));
      expect(rest(mixed)).toEqual(rest(drawings[id]));
    }
  });

  test('lends a head and a foot that use nothing which only its own pages have', () => {
    const { keepsHead } = families.find((one) => one.id === id) ?? {};
    const given = (css: string) => new Set([...css.matchAll(/(--[a-z-]+):/g)].map(([, name]) => name));
    const everywhere = ids.map((one) => given(drawings[one])).reduce((a, b) => new Set([...a].filter((name) => b.has(name))));
    const mine = [...given(drawings[id])].filter((name) => !everywhere.has(name));
    const lent = rulesOf(drawings[id]).filter(({ selectors }) =>
      selectors.some(
        (one) => /^(?:\.page-[a-z]+ )?\.foot\b/.test(one) || (!keepsHead && /^(?:\.page-[a-z]+ )?\.(?:top|tools)\b/.test(one)),
      ),
    );
    const used = lent.flatMap(({ body }) => [...body.matchAll(/var\((--[a-z-]+)/g)].map(([, name]) => name));
    expect(used.filter((name) => mine.includes(name) && !shared.has(name ?? ''))).toEqual([]);
  });
});

/** What every shop has, by its look, also where a family has it otherwise. */
const shared = new Set(['--edge', '--wide', '--side', '--rest', '--flush']);
