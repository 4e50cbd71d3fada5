import { chanceOrder } from '../../../../tests/orders';
import { tillWith } from '../../../../tests/till';
import { formatMoney } from '../money';
import { ruleFileSchema, tillRulesSchema } from '../published';
import { ruleIds, rulesSay, tillRules, type RuleId } from './index';

const says = (id: RuleId, part: Parameters<typeof tillWith>[0] = {}) => {
  const rules = tillWith(part);
  return rulesSay(rules, (amount) => formatMoney(amount, rules)).find((said) => said.id === id)?.says ?? '';
};

describe('each rule of a till', () => {
  test.each(ruleIds)('%s may be as it is while nothing is set, and says so in a sentence', (id) => {
    const { schema, unset } = tillRules[id];
    expect(schema.safeParse(unset)).toMatchObject({ success: true, data: unset });
    expect(says(id)).toMatch(/^[A-Z].*\.$/);
  });

  test('of whatever till says sentences without a hole, and comes back from its file as it was', () => {
    for (let seed = 1; seed <= 150; seed++) {
      const { rules } = chanceOrder(seed);
      for (const { says: said } of rulesSay(rules, (amount) => formatMoney(amount, rules))) expect(said).toMatch(/^[^\s].*\.$/);
      expect(rulesSay(rules, String).map(({ says: said }) => said).join(' ')).not.toMatch(/undefined|null|NaN|\[object|\{|\(\)/); // prettier-ignore
      const file = Object.fromEntries(ruleIds.map((id) => [id, rules[id]]));
      expect(ruleFileSchema.parse(JSON.parse(JSON.stringify(file)))).toEqual(file);
    }
  });

  test.each<[RuleId, Parameters<typeof tillWith>[0], string]>([
    ['country', { country: 'CA' }, 'The shop is in Canada.'],
    ['pricesIncludeTax', { pricesIncludeTax: false }, 'Tax is added to prices.'],
    ['taxes', { taxes: { standard: 997.5, reduced: 500, zero: 0 } }, 'Tax is 9.975%, 5% on what is reduced.'],
    ['zones', { zones: [{ id: 'z', label: 'Ireland', countries: ['IE'], rates: [{ id: 'r', label: 'Post', price: 590, freeFrom: 4500, upTo: null }] }, { id: 'y', label: 'Iceland', countries: ['IS'], closed: true, rates: [] }] }, 'Parcels go to Ireland (Post €5.90, free from €45.00). Nothing is sent to Iceland.'], // prettier-ignore
    ['codes', { codes: [{ code: 'MAY', kind: 'percent', amount: 1250, least: 2000, until: '2026-05-31' }] }, 'MAY takes 12.5% off, from €20.00, until 2026-05-31.'], // prettier-ignore
    ['payments', { payments: { card: true, bank: 'IE29', bankDays: 7, cash: true } }, 'Buyers pay by card, by bank transfer within 7 days and in cash when it is handed over.'], // prettier-ignore
    ['returnsDays', { returnsDays: 1 }, 'Things can be sent back within 1 day.'],
    ['questions', { questions: [{ id: 'q1', label: 'Which size?', required: true }] }, 'Buyers are asked “Which size?”.'],
    ['presents', { presents: true }, 'Buyers may write a few words for a present.'],
  ])('%s is said as it is', (id, part, sentence) => expect(says(id, part)).toBe(sentence));

  test.each<[RuleId, unknown]>([
    ['country', 'ZZZ'],
    ['country', 'QQ'],
    ['taxes', { standard: 200_000, reduced: 0, zero: 0 }],
    ['taxes', { standard: 0.123456, reduced: 0, zero: 0 }],
    ['zones', [{ id: 'z', label: 'A', countries: ['IE'], rates: [] }, { id: 'y', label: 'B', countries: ['IE'], rates: [] }]], // prettier-ignore
    ['zones', [{ id: 'z', label: 'A', countries: ['IE'], rates: [{ id: 'r', label: 'P', price: 1, freeFrom: null, upTo: null, steps: { by: 'weight', at: [{ from: 500, price: 1 }] } }] }]], // prettier-ignore
    ['codes', [{ code: 'A', kind: 'percent', amount: 20_000, least: 0, until: '' }]],
    ['codes', [{ code: 'a', kind: 'sum', amount: 1, least: 0, until: '' }, { code: 'A ', kind: 'sum', amount: 2, least: 0, until: '' }]], // prettier-ignore
    ['payments', { card: true, bank: '', bankDays: 0 }],
    ['returnsDays', -1],
    ['invoices', { ...{ name: 'A', address: 'B', taxNumber: '', note: '', first: 1 }, prefix: 'X', creditPrefix: 'X' }],
    ['letters', { nothing: { subject: 'a', words: 'b' } }],
    ['questions', [{ id: 'q1', label: 'A', required: true }, { id: 'q1', label: 'B', required: true }]], // prettier-ignore
    ['presents', 'yes'],
  ])('%s can’t be set, loaded or published as what can’t be: %j', (id, value) => {
    expect(tillRules[id].schema.safeParse(value).success).toBe(false);
    expect(ruleFileSchema.safeParse({ [id]: value }).success).toBe(false);
    expect(tillRulesSchema.safeParse({ ...tillWith({}), [id]: value }).success).toBe(false);
  });
});
