import { calmed, nameCalmed } from './calm';

test.each([
  [
    'IT STANDS IN AN EMERGENCY STOP, WE BEND IT IN ONE WEEK FROM BRONZE, IN ANTWERP!',
    'It stands in an emergency stop, we bend it in one week from bronze, in Antwerp.',
  ],
  [
    'I SEND TO CZECHIA, SLOVAKIA AND AUSTRIA. NOT TO BATH, NOT TO READING.',
    'I send to Czechia, Slovakia and Austria. Not to bath, not to reading.',
  ],
  ['GRAIN & GLASS MAKES FRAMES IN WORCESTER!', 'Grain & glass makes frames in Worcester.'],
  ['WE ARE NOT DOCTORS AND THE OFFICE WROTE US!!! STOP.', 'We are not doctors and the office wrote us.   Stop.'],
  ['WE ARE SCARF ACE, AND WE KNIT!', 'We are Scarf Ace, and we knit.'],
])('%s', (shouted, calm) => expect(calmed(shouted)).toBe(calm));

test('what is not shouted stays as it is, and no letter moves', () => {
  const spoken = 'We MEND clocks in Bray. ASK for Ann.';
  expect(calmed(spoken)).toBe(spoken);
  const shouted = 'İSTANBUL’DA ÇALIŞIYORUZ, GEL VE GÖR, ADRES: KADIKÖY!';
  expect(calmed(shouted)).toHaveLength(shouted.length);
});

test('a name has its capitals', () => {
  expect(nameCalmed('Scarf ace')).toBe('Scarf Ace');
  expect(nameCalmed('House of the ladle')).toBe('House of the Ladle');
});
