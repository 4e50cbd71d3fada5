import { decisionsOf } from '../../../tests/decisions';
import { importText } from '../goods';
import { newProject, type Project } from '../project';
import { compareShops, makeShop } from './index';

const base =
  'Mill House sells oat cakes in Leeds. We bake every batch twice. The site should be calm. Colours: dark green. post@mill.example';

function shopOf(brief: string, decisions: Record<string, unknown> = {}) {
  const goods = importText('title,price\nOat cake,4\nRye cake,5\n');
  if (!goods.ok) throw new Error(goods.say);
  const project: Project = {
    ...newProject('p', 'p'),
    brief,
    goods: { file: '', ...goods.value },
    decisions: decisionsOf(decisions),
  };
  return makeShop(project);
}

test('the same brief changes nothing', () => {
  const difference = compareShops(shopOf(base), shopOf(`${base} `));
  expect(difference).toMatchObject({
    reading: [],
    opens: [],
    closes: [],
    pagesGained: [],
    pagesLost: [],
    look: [],
    setAside: [],
  });
  expect(difference.texts.count).toBe(0);
});

test('another brief says which facts, pages, sections, texts and looks it changes', () => {
  const after =
    base.replace('dark green', 'orange').replace('calm', 'loud') +
    ' We have ovens from 1961 and three of them. There are forty recipes. I want a journal.';
  const difference = compareShops(shopOf(base), shopOf(after));
  expect(difference.reading).toEqual(
    expect.arrayContaining([
      { label: 'Tone', before: 'calm', after: 'loud' },
      { label: 'Colours', before: 'dark green', after: 'orange' },
      { label: 'Asked for', before: '', after: 'journal' },
    ]),
  );
  expect(difference.pagesGained).toEqual(['Journal']);
  expect(difference.look.join(' ')).toContain('colours');
  const back = compareShops(shopOf(after), shopOf(base));
  expect(back.pagesLost).toEqual(['Journal']);
  expect(back.closes).toEqual(difference.opens);
});

test('decisions stay through another brief; one whose place is gone is set aside and comes back with it', () => {
  const decisions = { 'words/home/opening/headline': 'Twice baked.', 'words/journal/posts/entries/own-1/title': 'Monday' };
  const asked = `${base} I want a journal.`;
  const without = shopOf(base, decisions);
  const written = without.writer.write(without.pages[0] ?? never());
  expect(written.sections[0]?.words.headline).toMatchObject({ text: 'Twice baked.' });
  expect(compareShops(shopOf(asked, decisions), without).setAside).toEqual(['Title in Entries on Journal: “Monday”']);
  expect(shopOf(asked, decisions).setAside).toEqual([]);
});

const never = (): never => {
  throw new Error('no page');
};
