import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chanceOrder, invoices } from '../../tests/orders';
import { bookedOrderSchema, formatMoney, invoiceOf, isInvoiced, type Paper } from '@/core/till';
import { facesIn, giftCardPdf, invoicePdf, packingSlipPdf } from './index';

const folder = mkdtempSync(join(tmpdir(), 'arcatum-papers-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const faces = facesIn('public/papers');

/** What another program reads in a PDF, page by page (pdf.js). */
function textOf(pdf: Uint8Array): string[] {
  const path = join(folder, 'paper.pdf');
  writeFileSync(path, pdf);
  return JSON.parse(execFileSync(process.execPath, ['tests/pdfText.mjs', path], { encoding: 'utf8' })) as string[];
}
/** Without spaces: where a name changes its face, pdf.js sees two pieces. */
const plain = (text: string) => text.replace(/\s+/g, '');

function invoice(seed: number): { paper: Paper; rules: ReturnType<typeof chanceOrder>['rules'] } {
  for (let at = seed; ; at++) {
    const { order, rules } = chanceOrder(at);
    if (!isInvoiced(order, rules)) continue;
    return { paper: invoiceOf(order, { number: 'R-2026-0007', date: '2026-11-28', rules, by: invoices }), rules };
  }
}

test('an invoice says who, what, what tax, and the total, in its language and money', async () => {
  for (const seed of [1, 20, 41, 77]) {
    const { paper, rules } = invoice(seed);
    const [page = ''] = textOf(await invoicePdf(paper, faces)).map(plain);
    const money = (amount: number) => plain(formatMoney(amount, rules));
    for (const part of [
      'Glas & Ofen GmbH',
      'Innstraße 4',
      'DE136695976',
      'R-2026-0007',
      'Ünal Şahin',
      'Ringstraße 1',
      money(paper.total),
    ])
      expect(page).toContain(plain(part));
    for (const { title } of paper.lines) expect(page).toContain(plain(title));
    for (const { tax, rate } of paper.taxes) if (rate) expect(page).toContain(money(tax));
    expect(page).toContain(rules.locale.startsWith('de') ? 'Rechnung' : 'Invoice');
  }
});

test.each([
  ['Greek, Cyrillic, Turkish, Vietnamese', 'Ελένη Щукина Nguyễn Ğ'],
  ['Japanese', '髙﨑 さくら カ'],
  ['Chinese, short and long forms', '李小龙 張偉齊'],
  ['Korean', '김민수'],
  ['Thai', 'สมชาย'],
  ['Hebrew', 'דוד לוי'],
  ['Arabic', 'محمد علي'],
])('names in %s are on the paper as they are', async (_, name) => {
  const { paper } = invoice(1);
  const [page = ''] = textOf(await invoicePdf({ ...paper, buyer: { ...paper.buyer, name } }, faces)).map(plain);
  // Arabic letters are set in the forms that they have within a word, which stand for the same letters (NFKC).
  for (const word of name.split(' ')) expect(page.normalize('NFKC')).toContain(word.normalize('NFKC'));
  expect(page).not.toContain('?');
});

test('a letter that no face has is a question mark, not a gap', async () => {
  const { paper } = invoice(1);
  const [page = ''] = textOf(await invoicePdf({ ...paper, buyer: { ...paper.buyer, name: 'Ann 𒀀 Lee' } }, faces)).map(plain);
  expect(page).toContain('Ann?Lee');
});

test('a long invoice goes over several pages, each with its number, and loses no line', async () => {
  const { paper } = invoice(1);
  const [line] = paper.lines;
  const long = { ...paper, lines: Array.from({ length: 90 }, (_, i) => ({ ...line, title: `Ware Nummer ${i} ${'mit langem Namen '.repeat(i % 7)}` }) as (typeof paper.lines)[number]) }; // prettier-ignore
  const pages = textOf(await invoicePdf(long, faces)).map(plain);
  expect(pages.length).toBeGreaterThan(2);
  for (let i = 0; i < 90; i++) expect(pages.join('')).toContain(plain(`Ware Nummer ${i} ${'mit langem Namen '.repeat(i % 7)}`));
  pages.forEach((page, i) => expect(page).toMatch(new RegExp(`${i + 1}(of|von)${pages.length}`)));
});

test('the same paper gives the same file', async () => {
  const { paper } = invoice(3);
  expect(Buffer.from(await invoicePdf(paper, faces)).equals(Buffer.from(await invoicePdf(paper, faces)))).toBe(true);
});

test('a packing slip has the things that travel and no price; a gift card what it is good for and its code', async () => {
  const { order, rules } = chanceOrder(8);
  const books = { history: [], received: 0, refunded: 0, refundedPieces: {}, refundedDelivery: false, givenBack: 0, toGiveBack: 0, handed: {}, parcels: [], ready: false, files: [], cards: [], times: [], papers: [], letters: [] }; // prettier-ignore
  const booked = bookedOrderSchema.parse({ ...order, buyer: { ...order.buyer, note: 'Please ring twice.' }, books });
  const [slip = ''] = textOf(await packingSlipPdf(booked, null, 'Glas & Ofen', rules.locale, faces)).map(plain);
  for (const { title, kind } of order.lines) expect(slip.includes(plain(title))).toBe(kind === 'physical');
  expect(slip).toContain(plain('Please ring twice.'));
  expect(slip).not.toMatch(/[€$£¥]/);
  const card = { code: 'ABCDEFGHIJKLMNOP', amount: 2500, currency: 'EUR' };
  const [text = ''] = textOf(await giftCardPdf(card, { name: 'Glas & Ofen', rules }, 'https://glas.example/', faces)).map(plain);
  expect(text).toContain('ABCD-EFGH-IJKL-MNOP');
  expect(text).toMatch(/25[.,]00/);
});
