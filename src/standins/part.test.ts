import { partOf } from './part';

// RFC 9110, section 14.1.2: the examples of byte ranges on a representation of 10,000 bytes.
test.each([
  ['bytes=0-499', { from: 0, to: 499 }],
  ['bytes=500-999', { from: 500, to: 999 }],
  ['bytes=-500', { from: 9500, to: 9999 }],
  ['bytes=9500-', { from: 9500, to: 9999 }],
  ['bytes=0-0', { from: 0, to: 0 }],
  ['bytes=9000-20000', { from: 9000, to: 9999 }],
  ['bytes=-20000', { from: 0, to: 9999 }],
])('%s', (header, part) => {
  expect(partOf(header, 10_000)).toEqual(part);
});

test.each(['bytes=10000-', 'bytes=10000-10001', 'bytes=-0'])('%s has no byte', (header) => {
  expect(partOf(header, 10_000)).toBe('none');
});

// An invalid or unknown range is as if there were none (section 14.2).
test.each([null, '', 'bytes=', 'bytes=-', 'bytes=5-2', 'lines=1-2', 'bytes=0-1,3-4', 'bytes=a-b'])(
  '%s is all of it',
  (header) => {
    expect(partOf(header, 10_000)).toBeNull();
  },
);
