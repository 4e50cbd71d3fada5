import { rank, train, type Choice } from './regression';

const how = { rounds: 200, restraint: 0.0005, least: 1 };

test('the one with what made others right is right, and none where nothing has it', () => {
  const choices = Array.from({ length: 12 }, (_, i): Choice => ({
    candidates: [
      { features: { any: 1, good: 1 }, right: true },
      { features: { any: 1, [`other ${i % 3}`]: 1 }, right: false },
    ],
  }));
  const none = Array.from({ length: 12 }, (_, i): Choice => ({
    candidates: [{ features: { any: 1, [`other ${i % 3}`]: 1 }, right: false }],
  }));
  const weights = rank([...choices, ...none], how);
  const score = (...names: string[]) => names.reduce((sum, name) => sum + (weights.get(name) ?? 0), 0);
  expect(score('any', 'good')).toBeGreaterThan(1);
  expect(score('any', 'other 0')).toBeLessThan(-1);
  expect([...rank([...choices, ...none], how)]).toEqual([...weights]);
});

test('of several right ones any may be taken: what they share is learned', () => {
  const weights = rank(
    Array.from({ length: 10 }, (): Choice => ({
      candidates: [
        { features: { both: 1, first: 1 }, right: true },
        { features: { both: 1, second: 1 }, right: true },
        { features: { wrong: 1 }, right: false },
      ],
    })),
    how,
  );
  expect(weights.get('both')).toBeGreaterThan(weights.get('first') ?? 9);
  expect(weights.get('wrong')).toBeLessThan(0);
});

// With one feature that is always there, a multinomial logit gives each outcome the logarithm of its share (a property of maximum likelihood).
test('with nothing to tell them apart, outcomes are as likely as they were often', () => {
  const examples = [
    ...Array.from({ length: 30 }, () => ({ features: { bias: 1 }, outcome: 0 })),
    ...Array.from({ length: 10 }, () => ({ features: { bias: 1 }, outcome: 1 })),
  ];
  const [first = 0, second = 0] = train(examples, { outcomes: 2, rounds: 400, restraint: 0, least: 1 }).get('bias') ?? [];
  expect(Math.exp(first - second)).toBeCloseTo(3, 1);
});
