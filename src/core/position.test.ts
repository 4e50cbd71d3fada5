import { geoAddress, parsePosition, writePosition } from './position';

const edinburgh = { latitude: 55.9486, longitude: -3.1999 };

test.each([
  ['55.9486, -3.1999', edinburgh],
  ['55.9486 -3.1999', edinburgh],
  ['55.9486,-3.1999', edinburgh],
  ['55,9486; -3,1999', edinburgh],
  ['55,9486, -3,1999', edinburgh],
  ['N 55.9486 W 3.1999', edinburgh],
  ['55.9486° N, 3.1999° W', edinburgh],
  ['3.1999° W, 55.9486° N', edinburgh],
  [' geo:55.9486,-3.1999;u=20 ', edinburgh],
  ['−33.8568, 151.2153', { latitude: -33.8568, longitude: 151.2153 }],
  // ISO 6709:2008, annex H, gives these for one place: Mount Everest, in degrees with minutes and seconds. From memory.
  [`27° 59' 17" N, 86° 55' 31" E`, { latitude: 27.988056, longitude: 86.925278 }],
  ['27°59’17”N 86°55’31”E', { latitude: 27.988056, longitude: 86.925278 }],
  ["48° 12.5' N 16° 22.4' E", { latitude: 48.208333, longitude: 16.373333 }],
  // RFC 5870, sections 1 and 6.1.
  ['geo:13.4125,103.8667', { latitude: 13.4125, longitude: 103.8667 }],
  ['geo:48.2010,16.3695,183', null],
  ['geo:48.198634,16.371648;crs=wgs84;u=40', { latitude: 48.198634, longitude: 16.371648 }],
])('%s', (typed, position) => {
  const read = parsePosition(typed);
  expect(read.ok ? read.value : null).toEqual(position);
});

test.each([
  '',
  '55.9',
  'the old mill',
  '91, 3',
  '3, 181',
  '55.9 N, 3.1 N',
  '55.9 W 3.1 E',
  '55 61 2',
  '1,2,3,4,5',
  '12° 75’ N 3° W',
  '- 5',
])('“%s” is refused with a sentence', (typed) => {
  const read = parsePosition(typed);
  expect(read.ok ? '' : read.say).toMatch(/^(?:Write latitude|Latitude goes|Longitude goes)/);
});

test('what is written is read again', () => {
  for (const position of [edinburgh, { latitude: -90, longitude: 180 }, { latitude: 0, longitude: 0 }])
    for (const typed of [writePosition(position), geoAddress(position)])
      expect(parsePosition(typed)).toEqual({ ok: true, value: position });
});
