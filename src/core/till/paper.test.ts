import Ajv from 'ajv/dist/2019';
import { InvoiceService, invoiceSchema } from '@e-invoice-eu/core';
import { XMLParser } from 'fast-xml-parser';
import { chanceOrder, invoices } from '../../../tests/orders';
import { chance } from '../chance';
import { creditNoteOf, invoiceOf, isInvoiced, type Paper } from './paper';
import { refundPartsOf, type Refunded } from './refund';
import { ublOf } from './ubl';

const sum = (amounts: readonly number[]) => amounts.reduce((a, b) => a + b, 0);
const issue = (number: string, rules: ReturnType<typeof chanceOrder>['rules']) => ({
  number,
  date: '2026-11-28',
  rules,
  by: invoices,
});

/** The parts of a paper are its sums, by rate and in all. */
function agrees(paper: Paper): void {
  const rated = paper.lines.flatMap(({ rates }) => rates);
  for (const { taxClass, net, tax } of paper.taxes) {
    const same = rated.filter((one) => one.taxClass === taxClass);
    expect([sum(same.map((one) => one.net)), sum(same.map((one) => one.tax))]).toEqual([net, tax]);
  }
  expect(sum(rated.map(({ net }) => net))).toBe(paper.net);
  expect(sum(rated.map(({ tax }) => tax))).toBe(paper.tax);
  expect(paper.net + paper.tax).toBe(paper.total);
}

test('an invoice says what was paid and what tax of it, and the notes for all of it take back exactly that, in any portions', () => {
  let notes = 0;
  for (let seed = 1; seed <= 600; seed++) {
    const { order, rules } = chanceOrder(seed);
    const random = chance(seed + 7000);
    if (!isInvoiced(order, rules)) continue;
    const invoice = invoiceOf(order, issue('R-1', rules));
    agrees(invoice);
    expect([seed, invoice.total, invoice.tax]).toEqual([seed, order.total, order.tax]);
    const pieces = new Map<string, number>();
    let before: Refunded = { pieces, delivery: false, amount: 0 };
    const issued: Paper[] = [];
    for (let step = 0; step < 30 && before.amount < order.total; step++) {
      const line = order.lines[Math.floor(random() * order.lines.length)];
      const left = line ? line.quantity - (pieces.get(line.variant) ?? 0) : 0;
      const beside = random() < 0.3 ? Math.min(order.total - before.amount, 1 + Math.floor(random() * 300)) : 0;
      const last = step === 29;
      const wanted = {
        lines: line && left > 0 && !beside && !last ? [{ variant: line.variant, quantity: 1 + Math.floor(random() * left) }] : [],
        delivery: !beside && !last && !before.delivery && order.delivery !== null && random() < 0.2,
        sum: last ? order.total - before.amount : beside,
      };
      const parts = refundPartsOf(order, wanted, before);
      if (!parts.ok) continue;
      const note = creditNoteOf(order, parts.value, issued, invoice.number, issue(`G-${step}`, rules));
      if (!note.ok) throw new Error(note.say);
      agrees(note.value);
      for (const { net, tax } of note.value.taxes) expect([seed, net >= 0, tax >= 0]).toEqual([seed, true, true]);
      for (const { variant, quantity } of wanted.lines) pieces.set(variant, (pieces.get(variant) ?? 0) + quantity);
      before = { pieces, delivery: before.delivery || wanted.delivery, amount: before.amount + note.value.total };
      issued.push(note.value);
    }
    notes += issued.length;
    expect([seed, sum(issued.map(({ total }) => total))]).toEqual([seed, order.total]);
    for (const { taxClass, net, tax } of invoice.taxes) {
      const back = issued.flatMap(({ taxes }) => taxes.filter((one) => one.taxClass === taxClass));
      expect([seed, sum(back.map((one) => one.net)), sum(back.map((one) => one.tax))]).toEqual([seed, net, tax]);
    }
  }
  expect(notes).toBeGreaterThan(1500);
});

test('no paper before the seller says who issues it and what tax is charged, nor of an order of before its rates were kept', () => {
  const { order, rules } = chanceOrder(2);
  expect(isInvoiced(order, rules)).toBe(true);
  expect(isInvoiced(order, { ...rules, invoices: null })).toBe(false);
  expect(isInvoiced({ ...order, taxing: 'unset' }, rules)).toBe(false);
  expect(isInvoiced({ ...order, taxing: '' }, rules)).toBe(false);
  expect(isInvoiced({ ...order, lines: order.lines.map((line) => ({ ...line, paid: undefined })) }, rules)).toBe(false);
});

/** A parsed document as the reference package writes one: attributes as fields beside their element, lists where its schema has lists. */
function asReference(node: unknown, schema: Schema | undefined): unknown {
  const defs = invoiceSchema.$defs as Record<string, Schema>;
  const known = schema?.$ref ? defs[schema.$ref.replace('#/$defs/', '')] : schema;
  if (known?.type === 'array') return (Array.isArray(node) ? node : [node]).map((one) => asReference(one, known.items));
  if (typeof node !== 'object' || node === null) return String(node);
  const out: Record<string, unknown> = {};
  for (const [name, value] of Object.entries(node)) {
    if (name.startsWith('@')) continue;
    const inner = known?.properties?.[name];
    if (typeof value === 'object' && value !== null && '#text' in value) {
      out[name] = String(value['#text']);
      for (const [attribute, text] of Object.entries(value))
        if (attribute.startsWith('@')) out[`${name}${attribute}`] = String(text);
    } else out[name] = asReference(value, inner);
  }
  return out;
}
interface Schema {
  $ref?: string;
  type?: string;
  items?: Schema;
  properties?: Record<string, Schema>;
}

const parser = new XMLParser({
  ignoreAttributes: false,
  attributeNamePrefix: '@',
  parseTagValue: false,
  parseAttributeValue: false,
});
const references = new Ajv({ strict: false, allErrors: true, validateFormats: false }).compile(invoiceSchema);

describe('UBL 2.1 with the elements of EN 16931, against @e-invoice-eu/core', () => {
  const euros = Array.from({ length: 400 }, (_, i) => chanceOrder(i + 1)).filter(({ order, rules }) => isInvoiced(order, rules) && order.currency === 'EUR'); // prettier-ignore

  test('an invoice has the form of its schema', () => {
    expect(euros.length).toBeGreaterThan(100);
    for (const { order, rules } of euros) {
      const { Invoice } = parser.parse(ublOf(invoiceOf(order, issue('R-2026-0001', rules)))) as { Invoice: object };
      const document = { 'ubl:Invoice': asReference(Invoice, invoiceSchema.properties['ubl:Invoice'] as Schema) };
      const fits = references(document);
      expect(fits ? [] : (references.errors ?? []).map(({ instancePath, message }) => `${instancePath} ${message}`)).toEqual([]);
    }
  });

  test('its elements stand in the order in which the package writes them', async () => {
    const service = new InvoiceService({ log: () => {}, warn: () => {}, error: () => {} } as never);
    for (const { order, rules } of euros.slice(0, 12)) {
      const xml = ublOf(invoiceOf(order, issue('R-2026-0001', rules)));
      const { Invoice } = parser.parse(xml) as { Invoice: object };
      const document = { 'ubl:Invoice': asReference(Invoice, invoiceSchema.properties['ubl:Invoice'] as Schema) };
      const written = String(await service.generate(document as never, { format: 'UBL', lang: 'en' } as never));
      const names = (text: string) => [...text.matchAll(/<((?:cac|cbc):\w+)/g)].map(([, name]) => name);
      // The package adds the name of a business process, which EN 16931 leaves open (BT-23).
      expect(names(xml)).toEqual(names(written).filter((name) => name !== 'cbc:ProfileID'));
    }
  });

  // EN 16931-1:2017, clause 6.4.2: the numbers of the rules are as in the standard, from memory.
  test('its sums follow the rules of calculation (BR-CO-10, 13, 14, 15, 16 and 17)', () => {
    for (const { order, rules } of euros) {
      const paper = invoiceOf(order, issue('R-2026-0001', rules));
      const { Invoice } = parser.parse(ublOf(paper)) as { Invoice: Ubl };
      const list = <T>(one: T | T[]) => (Array.isArray(one) ? one : [one]);
      const cents = (value: { '#text': string }) => Math.round(Number(value['#text']) * 100);
      const total = Invoice['cac:LegalMonetaryTotal'];
      const lines = list(Invoice['cac:InvoiceLine']);
      const taxes = list(Invoice['cac:TaxTotal']['cac:TaxSubtotal']);
      expect(sum(lines.map((line) => cents(line['cbc:LineExtensionAmount'])))).toBe(cents(total['cbc:LineExtensionAmount']));
      expect(cents(total['cbc:TaxExclusiveAmount'])).toBe(cents(total['cbc:LineExtensionAmount']));
      expect(sum(taxes.map((tax) => cents(tax['cbc:TaxAmount'])))).toBe(cents(Invoice['cac:TaxTotal']['cbc:TaxAmount']));
      expect(cents(total['cbc:TaxInclusiveAmount'])).toBe(cents(total['cbc:TaxExclusiveAmount']) + cents(Invoice['cac:TaxTotal']['cbc:TaxAmount'])); // prettier-ignore
      expect(cents(total['cbc:PayableAmount'])).toBe(cents(total['cbc:TaxInclusiveAmount']) - cents(total['cbc:PrepaidAmount']));
      for (const tax of taxes) {
        const percent = Number(tax['cac:TaxCategory']['cbc:Percent']);
        const exact = (cents(tax['cbc:TaxableAmount']) * percent) / 100;
        // The tax was worked out of what the prices contain, or line by line: a cent's width a line, as rounding asks.
        const width = rules.tax.rounding.per === 'line' ? lines.length : 1;
        expect(Math.abs(cents(tax['cbc:TaxAmount']) - exact)).toBeLessThanOrEqual(width);
      }
    }
  });
});

interface Ubl {
  'cac:InvoiceLine': Line | Line[];
  'cac:TaxTotal': { 'cbc:TaxAmount': Amount; 'cac:TaxSubtotal': Subtotal | Subtotal[] };
  'cac:LegalMonetaryTotal': Record<string, Amount> & Record<`cbc:${'LineExtension' | 'TaxExclusive' | 'TaxInclusive' | 'Prepaid' | 'Payable'}Amount`, Amount>; // prettier-ignore
}
type Amount = { '#text': string };
type Line = { 'cbc:LineExtensionAmount': Amount };
type Subtotal = { 'cbc:TaxableAmount': Amount; 'cbc:TaxAmount': Amount; 'cac:TaxCategory': { 'cbc:Percent': string } };
