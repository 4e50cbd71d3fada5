import { fill, languageOf, phrasesOf } from '@/core/phrases';
import { formatMoney, minorDigits, type Paper } from '@/core/till';
import { type Faces } from './faces';
import { a4, margin, Sheet } from './sheet';

const right = a4.width - margin;
const columns = { what: margin, number: 360, each: 450, sum: right } as const;
const foot = a4.height - 70;

/** An invoice or a credit note as PDF, in the language and money that it was issued in. */
export async function invoicePdf(paper: Paper, fonts: Faces): Promise<Uint8Array> {
  const { locale, currency, seller, buyer, kind } = paper;
  const say = phrasesOf({ locale }).papers;
  const money = (amount: number) => formatMoney(amount, { locale, currency, digits: minorDigits(currency) });
  const day = (iso: string) => new Intl.DateTimeFormat(locale, { dateStyle: 'long', timeZone: 'UTC' }).format(new Date(iso));
  const names = new Intl.DisplayNames([languageOf(locale)], { type: 'region' });
  const country = (code: string) => (code ? (names.of(code) ?? code) : '');
  const title = `${kind === 'invoice' ? say.invoice : say.creditNote} ${paper.number}`;
  const sheet = new Sheet(fonts, title, locale, '#1c1c1c');

  sheet.line(seller.name, margin, margin, 15, 'strong');
  const from = [
    ...seller.address,
    country(seller.country),
    ...(seller.taxNumber ? [`${say.taxNumber}: ${seller.taxNumber}`] : []),
  ];
  let y = sheet.block(from.filter(Boolean), margin, margin + 24, 9.5);

  const top = Math.max(y + 34, 150);
  const to = [
    buyer.name,
    ...buyer.address,
    country(buyer.country),
    ...(buyer.taxNumber ? [`${say.taxNumber}: ${buyer.taxNumber}`] : []),
  ];
  y = sheet.block(
    to.filter(Boolean).flatMap((text) => sheet.broken(text, 250, 10.5)),
    margin,
    top,
    10.5,
  );
  const facts: [string, string][] = [
    [say.date, day(paper.date)],
    [say.orderNumber, paper.order],
    [say.ordered, day(paper.ordered)],
    ...(paper.of ? [[say.forInvoice, paper.of] as [string, string]] : []),
  ];
  facts.forEach(([label, value], i) => {
    sheet.line(label, columns.number, top + i * 15, 9.5);
    sheet.line(value, right, top + i * 15, 9.5, 'strong', 'right');
  });
  y = Math.max(y, top + facts.length * 15) + 40;
  sheet.line(title, margin, y, 19, 'strong');
  y = head(sheet, say, y + 40);

  for (const { title: what, quantity, price, discount, rates } of paper.lines) {
    const words = sheet.broken(what || say.aSum, columns.number - margin - 50, 10.5);
    const off = discount ? [fill(say.off, { amount: money(discount) })] : [];
    const height = words.length * 14.7 + off.length * 13 + 9;
    if (y + height > foot - 20) {
      sheet.page();
      y = head(sheet, say, margin);
    }
    const sum = rates.reduce((all, { net, tax }) => all + net + (paper.taxIncluded ? tax : 0), 0);
    sheet.block(words, margin, y, 10.5);
    sheet.block(off, margin, y + words.length * 14.7, 9);
    sheet.line(String(quantity), columns.number, y, 10.5, 'regular', 'right');
    // Where tax was taken off, a piece costs what its line does.
    const each = price * quantity - discount === sum ? price : sum % quantity === 0 ? sum / quantity : null;
    if (each !== null) sheet.line(money(each), columns.each, y, 10.5, 'regular', 'right');
    sheet.line(money(sum), columns.sum, y, 10.5, 'regular', 'right');
    y += height;
    sheet.rule(y - 4, margin, right, 0.3);
  }

  const isFree = paper.taxes.every(({ rate }) => rate === null);
  const sums: [string, string][] = [
    ...(isFree ? [] : [[say.net, money(paper.net)] as [string, string]]),
    ...paper.taxes.flatMap(({ rate, net, tax }): [string, string][] =>
      rate === null
        ? []
        : rate === 0
          ? [[fill(say.noTax, { net: money(net) }), money(0)]]
          : [[fill(say.tax, { percent: percent(rate, locale), net: money(net) }), money(tax)]],
    ),
  ];
  const notes = [
    ...(paper.taxIncluded && paper.tax ? [say.taxIsIn] : []),
    ...(paper.untaxed ? [say[paper.untaxed]] : []),
    ...(paper.lines.some((line) => line.kind === 'gift-card') ? [say.voucher] : []),
    ...(paper.paid ? [kind === 'invoice' ? say.paid : say.givenBack] : []),
    ...(paper.note ? [paper.note] : []),
  ].flatMap((note) => sheet.broken(note, right - margin, 9.5));
  if (y + sums.length * 16 + 60 + notes.length * 13.3 > foot) {
    sheet.page();
    y = margin;
  }
  y += 8;
  for (const [label, value] of sums) {
    sheet.line(label, columns.each - 30, y, 10, 'regular', 'right');
    sheet.line(value, right, y, 10, 'regular', 'right');
    y += 16;
  }
  sheet.line(say.total, columns.each - 30, y + 4, 12.5, 'strong', 'right');
  sheet.line(money(paper.total), right, y + 4, 12.5, 'strong', 'right');
  sheet.block(notes, margin, y + 46, 9.5);

  return sheet.bytes((page, all) => {
    sheet.line(`${seller.name}, ${title}`, margin, foot + 26, 8.5);
    sheet.line(fill(say.page, { n: page, all }), right, foot + 26, 8.5, 'regular', 'right');
  });
}

const percent = (basisPoints: number, locale: string) =>
  new Intl.NumberFormat(locale, { maximumFractionDigits: 4 }).format(basisPoints / 100);

/** The head of the table; says where its lines begin. */
function head(sheet: Sheet, say: ReturnType<typeof phrasesOf>['papers'], y: number): number {
  sheet.line(say.what, margin, y, 9.5, 'strong');
  sheet.line(say.number, columns.number, y, 9.5, 'strong', 'right');
  sheet.line(say.each, columns.each, y, 9.5, 'strong', 'right');
  sheet.line(say.sum, columns.sum, y, 9.5, 'strong', 'right');
  sheet.rule(y + 16);
  return y + 24;
}
