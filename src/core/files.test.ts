import { mediaTypeOf, mostGiven, sizeOf, whyNotGiven } from './files';

test('what shops give away is known by the ending of its name', () => {
  // Media types as IANA has registered them.
  expect(mediaTypeOf('Price list 2026.PDF')).toBe('application/pdf');
  expect(mediaTypeOf('film.webm')).toBe('video/webm');
  for (const name of ['page.html', 'x.htm', 'x.svg', 'x.js', 'x.xml', 'x', '.pdf.exe', 'x.constructor', '']) {
    expect(mediaTypeOf(name)).toBeNull();
    expect(whyNotGiven(name, 10, 'file')).toContain('of a kind that shops don');
  }
});

test('a file that is too large, or no video where one is wanted, is refused with a sentence', () => {
  expect(whyNotGiven('a.pdf', mostGiven, 'file')).toBe('');
  expect(whyNotGiven('a.pdf', mostGiven + 1, 'file')).toContain('larger than the 40 MB');
  expect(whyNotGiven('a.mp4', 10, 'video')).toBe('');
  expect(whyNotGiven('a.mov', 10, 'video')).toContain('MP4 or WebM');
});

test('sizes as people say them', () =>
  expect([1, 1024, 1025, 3 * 1024 ** 2].map(sizeOf)).toEqual(['1 kB', '1 kB', '2 kB', '3.0 MB']));
