import { leadSchema, readLead, typedAddress, writeLead, type Lead } from './lead';

test('where a button leads is read as it was written', () => {
  const leads: Lead[] = [
    { kind: 'page', page: 'about' },
    { kind: 'page', page: 'category-é/b' },
    { kind: 'section', page: 'home', section: 'free-text-2' },
    { kind: 'cart', variant: 'p-oak-bowl/v 2' },
    { kind: 'code', code: 'MAI 10 %' },
    { kind: 'file', file: 'a'.repeat(64) },
    { kind: 'outside', address: 'https://mill.example/visit?a=1#b' },
    { kind: 'outside', address: 'mailto:post@mill.example' },
    { kind: 'outside', address: 'tel:+441632960118' },
  ];
  for (const lead of leads) {
    expect(readLead(writeLead(lead))).toEqual(lead);
    expect(leadSchema.safeParse(writeLead(lead)).success).toBe(true);
  }
});

test.each([
  'javascript:alert(1)',
  'JaVaScRiPt:alert(1)',
  ' javascript:alert(1)',
  'data:text/html,<script>1</script>',
  'vbscript:x',
  'file:///etc/passwd',
  'about/',
  'page/',
  'page/%',
  'section/home',
  'section/home/a/b',
  'cart/',
  'code/%',
  'file/a/b',
  'constructor/a',
  '//mill.example',
  '',
  `https://mill.example/${'x'.repeat(700)}`,
])('“%s” leads nowhere', (word) => {
  expect(leadSchema.safeParse(word).success).toBe(false);
});

test.each([
  ['mill.example/visit', 'https://mill.example/visit'],
  ['https://mill.example', 'https://mill.example/'],
  ['mill.example:8080/a', 'https://mill.example:8080/a'],
  ['post@mill.example', 'mailto:post@mill.example'],
  ['mailto:post@mill.example', 'mailto:post@mill.example'],
  ['+44 1632 960 118', 'tel:+441632960118'],
  [' bücher.example ', 'https://xn--bcher-kva.example/'],
])('typed “%s” is %s', (typed, address) => {
  expect(typedAddress(typed)).toEqual({ ok: true, value: address });
});

test.each(['', 'the about page', 'javascript:alert(1)', 'mill', 'post@mill', '12 34', 'data:text/html,x'])(
  'typed “%s” is refused with a sentence',
  (typed) => {
    const read = typedAddress(typed);
    expect(read.ok ? '' : read.say).toMatch(/^Write a web address/);
  },
);
