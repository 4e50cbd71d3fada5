import {
  creditNoteOf,
  invoiceOf,
  isInvoiced,
  refundPartsOf,
  writeLetter,
  type GivenBack,
  type HostData,
  type Paper,
} from '@/core/till';
import { isPaid, sumOf, type Kept } from './kept';
import { type Ledger } from './ledger';
import { type Outbox } from './outbox';

/** Where papers and letters are written from. */
export interface Office {
  /** What is published now; null where nothing is. */
  data: () => HostData | null;
  /** The shop's address, with a slash at its end. */
  address: () => string;
  outbox: Outbox;
}

export const productOf = ({ prices }: HostData, variant: string): string =>
  prices.find(({ id }) => id === variant)?.product ?? '';

/** Issues invoices and credit notes, and writes to buyers. Without an office it does neither. */
export class Desk {
  constructor(
    private readonly ledger: Ledger,
    readonly office: Office | null,
  ) {}

  /** What is missing of an order's papers: its invoice, and a note for all that is given back. */
  issueMissing(kept: Kept, now: string): void {
    if (isPaid(kept.order)) this.issueInvoice(kept, now);
    const { order, papers, refunded } = kept;
    if (!papers.length) return;
    const credited = sumOf(papers.filter(({ kind }) => kind === 'credit-note').map(({ total }) => total));
    const due = (order.state === 'cancelled' ? order.total : refunded.amount) - credited;
    if (due <= 0) return;
    const rest = order.lines.flatMap(({ variant, quantity }) => {
      const left = quantity - (refunded.pieces.get(variant) ?? 0);
      return left > 0 ? [{ variant, quantity: left }] : [];
    });
    // Of an order that is cancelled as a whole, each thing is named.
    const all = refundPartsOf(order, { lines: rest, delivery: order.delivery !== null && !refunded.delivery, sum: 0 }, refunded);
    const named = order.state === 'cancelled' && all.ok ? all.value.filter(({ amount }) => amount > 0) : [];
    const over = due - sumOf(named.map(({ amount }) => amount));
    const beside: GivenBack[] = over > 0 ? [{ title: '', quantity: 1, amount: over, of: 'sum' }] : [];
    if (over >= 0) this.issue(kept, [...named, ...beside], now);
  }

  /** The invoice of an order, once. */
  private issueInvoice(kept: Kept, now: string): void {
    const { rules } = this.office?.data() ?? {};
    if (!rules?.invoices || kept.papers.length || !isInvoiced(kept.order, rules)) return;
    const { prefix } = rules.invoices;
    const by = { number: this.nextOf(prefix, rules.invoices.first), date: this.dayFor(prefix, now), rules, by: rules.invoices };
    this.paper(kept, invoiceOf(kept.order, by), now);
  }

  /** A credit note, where there is an invoice that it takes back from. */
  issue(kept: Kept, given: readonly GivenBack[], now: string): void {
    const { rules } = this.office?.data() ?? {};
    const invoice = kept.papers.find(({ kind }) => kind === 'invoice');
    if (!rules?.invoices || !invoice) return;
    const { creditPrefix, first } = rules.invoices;
    const notes = kept.papers.filter(({ kind }) => kind === 'credit-note');
    const by = { number: this.nextOf(creditPrefix, first), date: this.dayFor(creditPrefix, now), rules, by: rules.invoices };
    const made = creditNoteOf(kept.order, given, notes, invoice.number, by);
    if (made.ok) this.paper(kept, made.value, now);
  }

  private paper({ order: { number } }: Kept, paper: Paper, now: string): void {
    this.ledger.record({ type: 'paper', at: now, number, paper });
  }

  /** The day of the next paper of a series: never before that of the last one, wherever the clock went since. */
  private dayFor(prefix: string, now: string): string {
    const [today, last] = [now.slice(0, 10), this.ledger.lastDay.get(prefix) ?? ''];
    return today < last ? last : today;
  }

  /** The next number of a series. Each record that can't be read may have been a paper: its number is given to no other. */
  private nextOf(prefix: string, first: number): string {
    return `${prefix}${String(first + (this.ledger.series.get(prefix) ?? 0) + this.ledger.damage.length).padStart(4, '0')}`;
  }

  /** Letters that are due and have not gone out. */
  post(kept: Kept, now: string): void {
    const { office } = this;
    const data = office?.data();
    const waiting = kept.letters?.filter(({ id }) => !office?.outbox.has(id)) ?? [];
    if (!office || !data || !waiting.length) return;
    const { order, receipt } = kept;
    const at = office.address();
    const matter = {
      orderPage: `${at}thank-you/?order=${order.number}&receipt=${receipt}`,
      files: kept.files.map(({ variant, token, until }) => ({
        name: data.files[productOf(data, variant)]?.name ?? order.lines.find((line) => line.variant === variant)?.title ?? '',
        href: `${at}api/files/${token}`,
        until,
      })),
      cards: kept.cards.flatMap((code) => {
        const card = this.ledger.cards.find(code);
        const href = `${at}api/orders/${order.number}/cards/${code}?receipt=${receipt}`;
        return card ? [{ code, amount: card.amount, href }] : [];
      }),
    };
    try {
      for (const { id, kind, matter: own } of waiting)
        office.outbox.post(id, order.number, writeLetter(kind, order, { ...matter, ...own }, data), now);
    } catch (error) {
      // A letter that can't go out now undoes nothing of the order: it is due still, and goes with the next step or start.
      console.error(error);
    }
  }
}
