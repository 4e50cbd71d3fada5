import { leansBack, nameThem, standsAlone } from './leaning';
import { inOrderOfTelling, paragraphsOf, textOf, unitsOf } from './telling';
import { readSaid } from '../../../tests/said';

describe('a sentence that says nothing without the one before it', () => {
  test.each([
    'They write to me when it breaks.',
    'Those take five weeks.',
    'That is the whole craft.',
    'This means no waste.',
    'It stays in the family.',
    'It’s the only one left in the county.',
    'The woven ones take longer.',
    'Nobody casts those.',
    'I find them at clearances.',
    'Both are signed.',
    'There is no sugar in them, the gum is enough.',
    'We pour them and we sand them.',
    'We sand, and then his aunt paints the hats.',
    'One sol of each goes to the dog home.',
    'Each has two drain holes.',
    'Most are sold in spring.',
    'One takes five weeks.',
    'We rivet copper over a steel ring, it doesn’t.',
  ])('%s', (text) => expect(leansBack(text)).toBe(true));
  test.each([
    'We write what it weighs.',
    'Send it back in a box.',
    'We sand it twice.',
    'Each has a lid.',
    'We send another one.',
    'In the other months I sharpen what you send me.',
  ])('or does not stand alone: %s', (text) => expect(standsAlone(text)).toBe(false));
  test.each([
    'If it breaks, we mend it.',
    'A bobbin is smooth, or it frays the thread.',
    'Good steel rings when it is struck.',
    'It takes three weeks to dry a log.',
    'We bake on Fridays.',
  ])('or does: %s', (text) => expect(standsAlone(text)).toBe(true));
  test.each([
    'This shop opened in 2009.',
    'It takes three weeks to dry a log.',
    'It hurts me to see a good machine in the garbage.',
    'These days we cast on Mondays.',
    'We sew bags by hand and then we sell them.',
    'Every bowl is oiled three times.',
    'My brother turns bowls, and his wife oils the rim.',
    'The colour of each bowl is noted.',
    'Each pot is packed in two boxes.',
    'All bowls are oiled.',
    'Two brothers turn the bowls.',
    'Most people dry them too fast.',
  ])('but not: %s', (text) => expect(leansBack(text)).toBe(false));
  test('a pronoun gets its noun where that is known', () => {
    expect(nameThem('My father made them for his friends.', 'hoods')).toBe('My father made hoods for his friends.');
    expect(nameThem('There is no sugar in them, the gum is enough.', 'pastilles')).toBe(
      'There is no sugar in pastilles, the gum is enough.',
    );
    expect(nameThem('Each has two drain holes.', 'bonsai pots')).toBe('Each bonsai pot has two drain holes.');
    expect(nameThem('The looms are old, so we oil them.', 'tapes')).toBe('The looms are old, so we oil them.');
    expect(nameThem('One sol of each goes to the dog home.', 'figures')).toBe('One sol of each figure goes to the dog home.');
    expect(nameThem('My father made them for his friends.', 'bread')).toBe('My father made them for his friends.');
  });
});

describe('telling', () => {
  const brief =
    'We sell wooden bowls. If a bowl cracks within ten years we mend it for nothing.\n\nEvery bowl is turned from fallen ash and oiled three times. That is the whole craft.\n\nMy grandfather began in 1951 in a horsebox.';
  const { statements } = readSaid(brief);
  const texts = (units: ReturnType<typeof unitsOf>) => units.map(({ all }) => all.map(({ text }) => text));

  test('what leans stays with what it leans on', () =>
    expect(texts(unitsOf(statements, 'bowls'))).toContainEqual([
      'Every bowl is turned from fallen ash and oiled three times.',
      'That is the whole craft.',
    ]));
  test('and goes with it', () => {
    const without = statements.filter(({ text }) => !text.startsWith('Every bowl'));
    expect(texts(unitsOf(without, 'bowls')).flat()).not.toContain('That is the whole craft.');
  });
  test('begins with who and since when, then how; a promise comes last', () => {
    const order = inOrderOfTelling(paragraphsOf(unitsOf(statements, 'bowls'))).map((one) => textOf(one, 'bowls').text);
    const at = (word: RegExp) => order.findIndex((text) => word.test(text));
    expect(at(/1951/)).toBeLessThan(at(/fallen ash/));
    expect(order.join(' ').split(' ')).toHaveLength(statements.flatMap(({ text }) => text.split(' ')).length);
  });
  test('each text has the sentences that it is made of as sources', () => {
    for (const paragraph of paragraphsOf(unitsOf(statements, undefined))) {
      const { sources } = textOf(paragraph, undefined);
      expect(sources).toHaveLength(paragraph.flatMap(({ all }) => all).length);
    }
  });
  test('a paragraph is parted where it grows long, and where the seller has worked on a sentence', () => {
    const long = readSaid(
      Array.from({ length: 9 }, (_, i) => `Every bowl of batch ${i + 2} is oiled ${i + 2} times in the barn.`).join(' '),
    );
    const units = unitsOf(long.statements, undefined);
    expect(paragraphsOf(units).length).toBeGreaterThan(1);
    const apart = units[1]?.head.key ?? '';
    expect(paragraphsOf(units, new Set([apart]))[1]?.[0]?.head.key).toBe(apart);
  });
});
