import { type LetterMatter, type Order, type TillRules } from '@/core/till';

/** An order that nobody made, for letters to be looked at before there is one. */
export const pretendOrder = (rules: TillRules): Order => ({
  number: '1001',
  placed: '2026-01-02T10:00:00.000Z',
  state: 'paid',
  currency: rules.currency,
  payment: 'card',
  buyer: {
    ...{ name: 'Ada Example', email: 'ada@post.example', phone: '', street: '1 Long Lane', place: 'Anytown', postcode: '12345' },
    ...{ note: '', country: rules.country, region: '' },
  },
  lines: [
    {
      ...{ variant: 'one', title: 'A thing of yours', quantity: 2, price: 10 ** rules.digits * 12, sum: 10 ** rules.digits * 24 },
      ...{ discount: 0, kind: 'physical' },
    },
  ],
  goods: 10 ** rules.digits * 24,
  ...{ discount: 0, code: '', discounts: [], taxNumber: '', tracking: '', relief: 0, taxing: 'home', delivery: null },
  ...{ taxes: [], tax: 0, taxIncluded: true, total: 10 ** rules.digits * 24, giftCard: 0, answers: [] },
});

export const pretendMatter = (rules: TillRules): LetterMatter => ({
  orderPage: 'https://shop.example/thank-you/',
  lines: [{ title: 'A thing of yours', quantity: 2 }],
  tracking: 'Post 00 340 1234',
  files: [{ name: 'A file of yours.pdf', href: 'https://shop.example/', until: '2026-02-01T10:00:00.000Z' }],
  cards: [{ code: 'ABCDEFGH23456722', amount: 10 ** rules.digits * 25, href: 'https://shop.example/' }],
  ...{ title: 'A lesson of yours', when: 'Tuesday, 8 December, at 10', sum: 10 ** rules.digits * 12, payUntil: '2026-01-16' },
});
