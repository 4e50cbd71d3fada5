import { fill, languageOf, phrasesOf } from '@/core/phrases';
import { addressOf, followings, type BookedOrder } from '@/core/till';
import { type Faces } from './faces';
import { a4, margin, Sheet } from './sheet';

const right = a4.width - margin;

/** What lies in a parcel: things and their numbers, no prices, for it may be a present. */
export async function packingSlipPdf(
  order: BookedOrder,
  /** What lies in one parcel; null is all that the order still has. */
  parcel: BookedOrder['books']['parcels'][number]['lines'] | null,
  shop: string,
  locale: string,
  fonts: Faces,
): Promise<Uint8Array> {
  const say = phrasesOf({ locale }).papers;
  const title = `${say.packingSlip} ${order.number}`;
  const sheet = new Sheet(fonts, title, locale, '#1c1c1c');
  const names = new Intl.DisplayNames([languageOf(locale)], { type: 'region' });
  const { buyer, books } = order;
  sheet.line(shop, margin, margin, 15, 'strong');
  const to = [buyer.name, ...addressOf(buyer), names.of(buyer.country) ?? buyer.country];
  let y = sheet.block(
    to.filter(Boolean).flatMap((text) => sheet.broken(text, 300, 12)),
    margin,
    150,
    12,
  );
  y += 40;
  sheet.line(title, margin, y, 19, 'strong');
  const day = new Intl.DateTimeFormat(locale, { dateStyle: 'long', timeZone: 'UTC' }).format(new Date(order.placed));
  sheet.line(`${say.ordered} ${day}`, right, y + 6, 9.5, 'regular', 'right');
  y += 44;
  sheet.rule(y - 8);
  for (const { title: what, quantity, variant, kind } of order.lines) {
    const number = parcel
      ? (parcel.find((line) => line.variant === variant)?.quantity ?? 0)
      : quantity - (books.refundedPieces[variant] ?? 0);
    if (!followings[kind].travels || number <= 0) continue;
    const words = sheet.broken(what, right - margin - 80, 12);
    if (y + words.length * 17 > a4.height - 110) {
      sheet.page();
      y = margin;
    }
    sheet.line(`${number} ×`, margin + 34, y, 12, 'strong', 'right');
    y = sheet.block(words, margin + 48, y, 12) + 9;
    sheet.rule(y - 4, margin, right, 0.3);
  }
  if (buyer.present) {
    const words = sheet.broken(buyer.present, 360, 15).slice(0, 14);
    if (y + words.length * 21 > a4.height - 150) {
      sheet.page();
      y = margin;
    }
    sheet.line(say.present, margin, y + 26, 9.5);
    y = sheet.block(words, margin, y + 44, 15) + 6;
  }
  if (buyer.note) sheet.block(sheet.broken(`${say.note}: ${buyer.note}`, right - margin, 10).slice(0, 12), margin, y + 16, 10);
  return sheet.bytes((page, all) => sheet.line(fill(say.page, { n: page, all }), right, a4.height - 44, 8.5, 'regular', 'right'));
}
