import { lineOf, proseOf } from './prose';

test('markup of a cell is kept where it is safe, and never shown', () => {
  const cell =
    '<h3>Care</h3><p>Wash it <em>cold</em>, <b> never </b>hot.<br>Dry flat.</p><ul><li>wool</li><li>silk <i></i></li></ul><ol><li>Soak</li><li>Press</li></ol><script>alert(1)</script><a href="javascript:alert(1)" onclick="x()">More</a><img src=x onerror=alert(1)>';
  expect(proseOf(cell)).toBe('Care\n\nWash it *cold*, **never** hot.\nDry flat.\n\n– wool\n– silk\n1. Soak\n2. Press\n\nMore');
  expect(lineOf('<b>Oak</b> <i>bowl</i>')).toBe('Oak bowl');
  expect(lineOf('5* Hotel *soap*')).toBe('5* Hotel *soap*');
});
