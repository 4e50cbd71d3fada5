import { reanchor, type Anchor } from './anchor';

const anchors = (...says: string[]): Anchor[] => says.map((one) => ({ key: one, says: one }));

test('a lightly changed sentence is the same one; a new one beside it is not', () => {
  const went = reanchor(
    anchors('Every wheel is trued twice by hand.', 'Parcels leave on Mondays.'),
    anchors('Parcels leave on Mondays.', 'There is a cat.', 'Every wheel is trued twice, by hand, at night.'),
  );
  expect(went('Every wheel is trued twice by hand.')).toBe('Every wheel is trued twice, by hand, at night.');
  expect(went('Parcels leave on Mondays.')).toBe('Parcels leave on Mondays.');
});

test('where two would do alike, nothing is moved', () => {
  const went = reanchor(anchors('Oak bowl from Galway'), anchors('Oak bowl from Galway one', 'Oak bowl from Galway two'));
  expect(went('Oak bowl from Galway')).toBeNull();
});

test('one old thing goes to one new thing at most', () => {
  const went = reanchor(anchors('Oak bowl from Galway one', 'Oak bowl from Galway two'), anchors('Oak bowl from Galway'));
  expect([went('Oak bowl from Galway one'), went('Oak bowl from Galway two')]).toEqual([null, null]);
});

test('a brief of a thousand sentences that is all rewritten is followed too', () => {
  // Each shares a word that stands everywhere, and has four of its own, of which the last is changed.
  const said = (end: string) => Array.from({ length: 1000 }, (_, n) => `Shelf row${n} box${n} tin${n} ${end}${n}`);
  const [before, after] = [said('old'), said('new')];
  const went = reanchor(anchors(...before), anchors(...after));
  expect(before.map(went)).toEqual(after);
});
