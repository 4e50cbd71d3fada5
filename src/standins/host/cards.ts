/** A gift card. Minor units. */
export interface Card {
  code: string;
  /** The order that it was bought with, and its line. */
  order: string;
  variant: string;
  currency: string;
  amount: number;
  left: number;
  /** It was given back, and pays no more. */
  ended: boolean;
}

/** The gift cards of a shop: what is on each. A fold over the journal; nothing on a card is ever below zero. */
export class Cards {
  private readonly byCode = new Map<string, Card>();

  issue(card: Omit<Card, 'left' | 'ended'>): void {
    this.byCode.set(card.code, { ...card, left: card.amount, ended: false });
  }

  find = (code: string): Card | null => this.byCode.get(code) ?? null;

  /** What a card can pay with. */
  left(code: string, currency: string): number {
    const card = this.byCode.get(code);
    return card && !card.ended && card.currency === currency ? card.left : 0;
  }

  /** Money off a card, or onto it where it is below zero. */
  spend(code: string, amount: number): void {
    const card = this.byCode.get(code);
    if (card) card.left -= amount;
  }

  end(code: string): void {
    const card = this.byCode.get(code);
    if (card) card.ended = true;
  }
}

const prefix = 'card:';
/** What a payment by gift card is called among an order's payments. */
export const paymentOf = (code: string): string => prefix + code;
/** The card of such a payment, or null where it is another kind. */
export const cardOf = (payment: string): string | null => (payment.startsWith(prefix) ? payment.slice(prefix.length) : null);
