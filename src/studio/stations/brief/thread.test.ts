import { makeShop } from '@/core/site';
import { newProject } from '@/core/project';
import { summarise } from '@/workers/summary';
import { withDecisions } from '../../../../tests/decisions';
import { yesToAll } from '../../../../tests/said';
import { factsOf } from './factLines';
import { madeOf, piecesOf, threadAt } from './thread';

const brief =
  'Plum & Sons bake bread in Leeds. The sourdough rests for two nights before it sees the oven. If a loaf is not right, we bake you another. Please keep the website calm and plain. “It lasted a week.” – Ann from Bray';
const project = { ...newProject('p', 'Shop'), brief };
const summaryOf = (decisions: Record<string, unknown> = {}) => {
  const decided = withDecisions(project, decisions);
  return summarise(makeShop(decided), decided);
};

describe('the thread from the letter to the shop', () => {
  const { reading, outline } = summaryOf(yesToAll(brief));
  const made = madeOf(outline);
  const facts = factsOf(reading);
  const at = (words: string) => threadAt(brief.indexOf(words) + 1, reading, made, facts);

  test('leads from a sentence to every text that was made of it', () => {
    const { said, texts, state } = at('The sourdough');
    expect(said?.text).toBe('The sourdough rests for two nights before it sees the oven.');
    expect(texts.length).toBeGreaterThan(0);
    for (const { text } of texts) expect(text.text).toContain('rests for two nights');
    expect(state).toBeNull();
  });

  test('says what was read in words', () => expect(at('Leeds').facts).toContainEqual({ label: 'Place', value: 'Leeds' }));

  test('tells a wish from what is for shoppers', () => {
    expect(at('Please keep')).toMatchObject({ wish: true, texts: [] });
    expect(at('The sourdough').wish).toBe(false);
  });

  test('says what the seller is asked about, and has refused', () => {
    const open = summaryOf();
    const { reading: before, outline: sheet } = open;
    const where = brief.indexOf('It lasted');
    expect(threadAt(where, before, madeOf(sheet), factsOf(before)).state).toBe('asked');
    const refused = summaryOf(Object.fromEntries(before.praise.map(({ key }) => [`printed/${key}`, false])));
    expect(threadAt(where, refused.reading, madeOf(refused.outline), factsOf(refused.reading)).state).toBe('never');
  });

  test('cuts the letter into pieces that are the letter', () => {
    const pieces = piecesOf(brief, reading, made, facts);
    expect(pieces.map(({ text }) => text).join('')).toBe(brief);
    const came = (words: string) => pieces.find(({ text }) => text.includes(words))?.came;
    expect(came('rests for two')).toContain('used');
    expect(came('Please keep')).not.toContain('used');
    expect(pieces.find(({ text }) => text === 'Leeds')?.came.some((one) => one === 'sure' || one === 'unsure')).toBe(true);
  });

  test('an empty letter has no pieces', () => expect(piecesOf('', reading, [], [])).toEqual([]));
});
