import { parseDocument, DomUtils } from 'htmlparser2';
import { chanceOrder } from '../../../tests/orders';
import { germanTill } from '../../../tests/till';
import { minorDigits } from './currencies';
import { formatMoney } from './money';
import { letterKinds } from './rules';
import { letterSlots, writeLetter } from './letters';
import { type HostData } from './published';

const { order } = chanceOrder(4);
/** A letter as another program reads it. */
function read(html: string) {
  const page = parseDocument(html);
  const all = (name: string) => DomUtils.getElementsByTagName(name, page);
  return {
    text: DomUtils.textContent(page),
    count: (name: string) => all(name).length,
    links: all('a').map((link) => link.attribs.href),
  };
}
const matter = {
  orderPage: 'https://glas.example/thank-you/?order=1001&receipt=r',
  lines: [{ title: 'Bowl', quantity: 2 }],
  tracking: 'Post 00 340',
  files: [{ name: 'Pattern.pdf', href: 'https://glas.example/api/files/t', until: '2026-12-28T00:00:00.000Z' }],
  cards: [{ code: 'ABCDEFGHIJKLMNOP', amount: 2500, href: 'https://glas.example/card' }],
  title: 'Lesson',
  when: 'Tuesday at 10',
  sum: 1234,
  payUntil: '2026-12-05',
};
const shop = (locale: string, part: Partial<HostData['rules']> = {}): Pick<HostData, 'name' | 'rules' | 'look'> => ({
  name: 'Glas & Ofen',
  rules: {
    ...germanTill,
    locale,
    payments: { card: true, bank: 'DE02 1203', bankDays: 7, cardMinutes: 30, cash: true },
    ...part,
  },
});

describe.each(['en-GB', 'de-DE'])('in %s', (locale) => {
  test.each(letterKinds)(
    '“%s” is whole: a subject of one line, no slot left open, what it is about, a way back to the order',
    (kind) => {
      const letter = writeLetter(kind, order, matter, shop(locale));
      expect(letter.to).toBe(order.buyer.email);
      for (const text of [letter.subject, letter.text, letter.html]) {
        expect(text).not.toMatch(/\{\w+\}|undefined|NaN/);
        expect(text.trim()).not.toBe('');
      }
      expect(letter.subject).not.toContain('\n');
      expect(letter.text).toContain(matter.orderPage);
      const page = read(letter.html);
      expect(page.text).toContain(order.buyer.name);
      expect(page.links.at(-1)).toBe(matter.orderPage);
      expect(['script', 'img', 'link'].map(page.count)).toEqual([0, 0, 0]);
      const about: Partial<Record<typeof kind, string>> = { placed: 'DE02 1203', files: matter.files[0]?.href ?? '', cards: 'ABCD-EFGH-IJKL-MNOP', time: 'Tuesday at 10', sent: 'Post 00 340', refunded: formatMoney(1234, { locale, currency: order.currency, digits: minorDigits(order.currency) }) }; // prettier-ignore
      expect(letter.text).toContain(about[kind] ?? order.number);
    },
  );
});

test('names and words of strangers are text, whatever they are', () => {
  const hostile = '"><script>alert(1)</script>';
  const bad = { ...order, buyer: { ...order.buyer, name: `${hostile}\r\nBcc: x@post.example` } };
  const letters = { paid: { subject: `{name} ${hostile}`, words: `${hostile}\n\n{name} {unknown} {number}` } };
  const letter = writeLetter('paid', bad, { ...matter, orderPage: 'javascript:alert(1)' }, shop('en-GB', { letters }));
  expect(letter.subject).not.toMatch(/[\r\n]/);
  const page = read(letter.html);
  expect(page.count('script')).toBe(0);
  expect(page.links).toEqual(['#']);
  // A slot that we don't know stays as the seller wrote it.
  expect(page.text).toContain('{unknown} 1001');
});

test('the seller’s own words stand where they wrote some, with every slot filled', () => {
  const words = letterSlots.map((slot) => `${slot}={${slot}}`).join('\n');
  const letter = writeLetter('sent', order, matter, shop('en-GB', { letters: { sent: { subject: 'Off it goes', words } } }));
  expect(letter.subject).toBe('Off it goes');
  for (const slot of letterSlots) expect(letter.text).toMatch(new RegExp(`^${slot}=.+$`, 'm'));
});
