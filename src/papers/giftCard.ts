import { phrasesOf } from '@/core/phrases';
import { cardShown, formatMoney, minorDigits, type HostData } from '@/core/till';
import { type Faces } from './faces';
import { Sheet } from './sheet';

/** A5 across, points. */
const [width, height] = [595.28, 419.53];
const edge = 34;

/** A gift card to print: what it is good for, and its code, in the shop's colours. */
export async function giftCardPdf(
  card: { code: string; amount: number; currency: string },
  { name, rules, look }: Pick<HostData, 'name' | 'rules' | 'look'>,
  address: string,
  fonts: Faces,
): Promise<Uint8Array> {
  const say = phrasesOf(rules).papers;
  const { ground, ink, accent } = look ?? { ground: '#ffffff', ink: '#1c1c1c', accent: '#1c1c1c' };
  const sheet = new Sheet(fonts, `${say.giftCard}, ${name}`, rules.locale, ink, [width, height]);
  const { doc } = sheet;
  doc.rect(0, 0, width, height).fill(ground);
  doc
    .rect(edge / 2, edge / 2, width - edge, height - edge)
    .lineWidth(1.2)
    .stroke(accent);
  doc.fillColor(ink);
  sheet.block(sheet.broken(name, width - 2 * edge - 40, 22, 'strong').slice(0, 2), edge + 20, edge + 20, 22, 'strong');
  sheet.line(say.giftCard, edge + 20, 150, 15);
  const { currency } = card;
  sheet.line(formatMoney(card.amount, { ...rules, currency, digits: minorDigits(currency) }), edge + 20, 176, 52, 'strong');
  sheet.line(say.code, edge + 20, 282, 10.5);
  sheet.line(cardShown(card.code), edge + 20, 298, 21, 'strong');
  sheet.line(address.replace(/^https?:\/\//, '').replace(/\/$/, ''), edge + 20, height - edge - 34, 10.5);
  return sheet.bytes();
}
