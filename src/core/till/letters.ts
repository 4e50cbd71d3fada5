import { fill, phrasesOf } from '../phrases';
import { cardShown, linkTimes } from './following';
import { minorDigits } from './currencies';
import { formatMoney } from './money';
import type { Order } from './order';
import type { HostData } from './published';
import { type LetterKind, type Letters } from './rules';

/** What a letter is about, beside its order. */
export interface LetterMatter {
  /** The page on which the buyer sees the order. */
  orderPage: string;
  /** Lines that it is about: what is in a parcel, or what is given back. */
  lines?: { title: string; quantity: number }[];
  tracking?: string;
  files?: { name: string; href: string; until: string }[];
  cards?: { code: string; amount: number; href: string }[];
  title?: string;
  when?: string;
  /** A day that it is about, ISO date: it is said as `when`, in the shop's language. */
  day?: string;
  /** Given back, minor units. */
  sum?: number;
  /** Last day of a bank transfer, ISO date. */
  payUntil?: string;
}

export interface Letter {
  to: string;
  subject: string;
  /** The same letter for those who read text alone. */
  text: string;
  html: string;
}

type Shop = Pick<HostData, 'name' | 'rules' | 'look'>;

/** One piece of a letter below its words. */
type Piece =
  | { kind: 'table'; rows: { label: string; value: string; strong?: boolean }[] }
  | { kind: 'link'; label: string; href: string; note: string }
  | { kind: 'code'; label: string; code: string; note: string };

/** The words of a letter: the seller's where there are any. */
export const wordsOf = (kind: LetterKind, { letters, locale }: { letters: Letters; locale: string }) =>
  letters[kind] ?? phrasesOf({ locale }).letters[kind];

/** What stands in braces in words of letters. */
export const letterSlots = ['name', 'number', 'shop', 'total', 'sum', 'title', 'when', 'tracking'] as const;

export function writeLetter(kind: LetterKind, order: Order, matter: LetterMatter, shop: Shop): Letter {
  const { rules, name } = shop;
  const say = phrasesOf(rules).papers;
  const { currency } = order;
  const money = (amount: number) => formatMoney(amount, { ...rules, currency, digits: minorDigits(currency) });
  const slots: Record<(typeof letterSlots)[number], string> = {
    name: order.buyer.name,
    number: order.number,
    shop: name,
    total: money(order.total),
    sum: money(matter.sum ?? 0),
    title: matter.title ?? '',
    when: matter.when ?? (matter.day ? dayIn(rules.locale, matter.day) : ''),
    tracking: matter.tracking ?? '',
  };
  const { subject, words } = wordsOf(kind, rules);
  const paragraphs = fill(words, slots)
    .split(/\n\s*\n/)
    .map((paragraph) => paragraph.trim())
    .filter(Boolean);
  const pieces = piecesOf(kind, order, matter, shop, money);
  return {
    to: order.buyer.email,
    // A subject is one line, whatever stands in names (RFC 5322, section 2.2).
    subject: fill(subject, slots).replace(/[\r\n]+/g, ' '),
    text: [...paragraphs, ...pieces.map(plainPiece), `${say.seeOrder}: ${matter.orderPage}`, name].join('\n\n'),
    html: page(paragraphs, [...pieces, { kind: 'link', label: say.seeOrder, href: matter.orderPage, note: '' }], shop),
  };
}

/** A day as it is written in a language: "4 December 2026". */
export const dayIn = (locale: string, iso: string) =>
  new Intl.DateTimeFormat(locale, { dateStyle: 'long', timeZone: 'UTC' }).format(new Date(iso));

function piecesOf(
  kind: LetterKind,
  order: Order,
  matter: LetterMatter,
  { rules }: Shop,
  money: (amount: number) => string,
): Piece[] {
  const say = phrasesOf(rules).papers;
  const day = (iso: string) => dayIn(rules.locale, iso);
  if (kind === 'placed')
    return [
      {
        kind: 'table',
        rows: [
          { label: say.payTo, value: rules.payments.bank },
          { label: say.reference, value: order.number },
          ...(matter.payUntil ? [{ label: say.until, value: day(matter.payUntil) }] : []),
        ].filter(({ value }) => value),
      },
      billPiece(order, say, money),
    ];
  if (kind === 'paid' || kind === 'taken' || kind === 'unpaid') return [billPiece(order, say, money)];
  if (kind === 'files')
    return (matter.files ?? []).map(({ name, href, until }) => ({
      kind: 'link',
      label: fill(say.fetch, { name }),
      href,
      note: fill(say.linkEnds, { date: day(until), n: linkTimes }),
    }));
  if (kind === 'cards')
    return (matter.cards ?? []).flatMap(({ code, amount, href }): Piece[] => [
      { kind: 'code', label: say.code, code: cardShown(code), note: `${say.goodFor} ${money(amount)}` },
      { kind: 'link', label: say.print, href, note: 'PDF' },
    ]);
  const rows = (matter.lines ?? []).map(({ title, quantity }) => ({ label: title || say.aSum, value: `${quantity} ×` }));
  if (matter.tracking) rows.push({ label: say.followBy, value: matter.tracking });
  return rows.length ? [{ kind: 'table', rows }] : [];
}

type Say = ReturnType<typeof phrasesOf>['papers'];

function billPiece(order: Order, say: Say, money: (amount: number) => string): Piece {
  const { lines, discount, delivery, relief, total, giftCard, taxes, taxIncluded } = order;
  const percent = (rate: number) => String(rate / 100);
  return {
    kind: 'table',
    rows: [
      ...lines.map(({ title, quantity, sum }) => ({ label: `${quantity} × ${title}`, value: money(sum) })),
      ...(discount ? [{ label: say.discount, value: `−${money(discount)}` }] : []),
      ...(delivery ? [{ label: `${say.delivery}, ${delivery.label}`, value: money(delivery.price) }] : []),
      ...(relief ? [{ label: say.taxRelief, value: `−${money(relief)}` }] : []),
      ...(taxIncluded
        ? []
        : taxes.map(({ rate, net, tax }) => ({
            label: fill(say.tax, { percent: percent(rate), net: money(net) }),
            value: money(tax),
          }))),
      { label: say.total, value: money(total), strong: true },
      ...(giftCard ? [{ label: say.byGiftCard, value: money(giftCard) }] : []),
    ],
  };
}

function plainPiece(piece: Piece): string {
  if (piece.kind === 'table') return piece.rows.map(({ label, value }) => `${label}: ${value}`).join('\n');
  const note = piece.note ? ` (${piece.note})` : '';
  return piece.kind === 'link' ? `${piece.label}${note}: ${piece.href}` : `${piece.label}: ${piece.code}${note}`;
}

const escaped = (text: string) =>
  text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;').replace(/'/g, '&#39;');

/** Only addresses of the web are followed. */
const safe = (href: string) => (/^https?:\/\//.test(href) ? escaped(href) : '#');

const usualLook = { ground: '#ffffff', ink: '#1c1c1c', accent: '#1c1c1c' };

/** As letters are read: one column in a table, styles where they stand (common practice for e-mail). */
function page(paragraphs: readonly string[], pieces: readonly Piece[], { name, rules, look = usualLook }: Shop): string {
  const { ground, ink, accent } = look;
  const cell = `padding:7px 0;border-bottom:1px solid ${ink}33`;
  const drawn = (piece: Piece): string => {
    if (piece.kind === 'link')
      return `<p style="margin:0 0 14px"><a href="${safe(piece.href)}" style="color:${accent}">${escaped(piece.label)}</a>${piece.note ? ` <small>${escaped(piece.note)}</small>` : ''}</p>`;
    if (piece.kind === 'code')
      return `<p style="margin:0 0 14px">${escaped(piece.label)}<br><b style="font-size:20px;letter-spacing:1px">${escaped(piece.code)}</b><br>${escaped(piece.note)}</p>`;
    const rows = piece.rows.map(({ label, value, strong }) => {
      const weight = strong ? ';font-weight:bold' : '';
      return `<tr><td style="${cell}${weight}">${escaped(label)}</td><td align="right" style="${cell}${weight};padding-left:16px">${escaped(value).replace(/\n/g, '<br>')}</td></tr>`;
    });
    return `<table role="presentation" width="100%" cellpadding="0" cellspacing="0" style="border-collapse:collapse;margin:6px 0 22px">${rows.join('')}</table>`;
  };
  return `<!doctype html><html lang="${escaped(rules.locale)}"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>${escaped(name)}</title></head><body style="margin:0;background:${ground};color:${ink};font:16px/1.55 Georgia,'Times New Roman',serif"><div role="main"><table role="presentation" width="100%" cellpadding="0" cellspacing="0"><tr><td align="center" style="padding:32px 20px"><table role="presentation" width="100%" cellpadding="0" cellspacing="0" style="max-width:560px;text-align:left"><tr><td><h1 style="margin:0 0 26px;padding-bottom:12px;border-bottom:2px solid ${accent};font-size:22px;font-weight:normal">${escaped(name)}</h1>${paragraphs.map((text) => `<p style="margin:0 0 16px">${escaped(text).replace(/\n/g, '<br>')}</p>`).join('')}${pieces.map(drawn).join('')}</td></tr></table></td></tr></table></div></body></html>`;
}
