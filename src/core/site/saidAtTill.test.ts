import { readBrief } from '../brief';
import { amountsIn, saidOfDelivery, saidOfPrices } from './saidAtTill';

test('sums are those of the shop’s money: its sign, code or name stands beside them', () => {
  const pounds = { currency: 'GBP', digits: 2 };
  expect(amountsIn('Post is £3.95, free over £40, and we have sent 1,200 parcels since 1998.', pounds)).toEqual([395, 4000]);
  expect(amountsIn('It costs 5 pounds, or GBP 7.50 by courier; abroad 12 euros.', pounds)).toEqual([500, 750]);
  expect(amountsIn('Three days by bus parcel, 6,000 shillings', { currency: 'TZS', digits: 2 })).toEqual([600_000]);
  expect(amountsIn('Versand 4,90 €, ab 60 Euro frei', { currency: 'EUR', digits: 2 })).toEqual([490, 6000]);
  expect(amountsIn('送料 800円', { currency: 'JPY', digits: 0 })).toEqual([800]);
  expect(amountsIn('2 days, 3 vans, 40 kg', pounds)).toEqual([]);
  expect(amountsIn('Sending within Finland costs 6.50. A parcel weighs 6.50 kg at most; abroad $7.95.', { currency: 'EUR', digits: 2 })).toEqual([650]); // prettier-ignore
  expect(amountsIn('送料 800.', { currency: 'JPY', digits: 0 })).toEqual([]);
});

test('what a brief says of delivery is proposed in its words, and nothing else of it', () => {
  const brief = `Ammer Soap is a soap maker in Herrsching. We boil soap in small pots.

Post is 4.90 euros in Germany. A cake of soap lasts six weeks and costs 7 euros.

Write to post@ammer.example.`;
  const said = saidOfDelivery(readBrief(brief), { currency: 'EUR', digits: 2 });
  expect(said).toEqual([{ words: 'Post is 4.90 euros in Germany.', amounts: [490] }]);
  expect(saidOfPrices(readBrief(`${brief} Prices in euros with the VAT in them.`))).toEqual([
    'Prices in euros with the VAT in them.',
  ]);
});
