import { XMLBuilder } from 'fast-xml-parser';
import { phrasesOf } from '../phrases';
import { minorDigits } from './currencies';
import { decimal } from './money';
import type { Paper, Rated } from './paper';
import { countryOfTaxNumber } from './taxNumber';

/** Categories of EN 16931 (UNTDID 5305): standard, zero-rated, exempt, export, reverse charge. */
type Category = 'S' | 'Z' | 'E' | 'G' | 'AE';

interface Taxed {
  category: Category;
  /** Per cent. */
  percent: number;
  /** Why none is charged, or empty. */
  reason: string;
}

function taxedAs({ rate }: Rated, isVoucher: boolean, paper: Paper): Taxed {
  const say = phrasesOf(paper).papers;
  if (rate === null) {
    const category = { business: 'AE', outside: 'G', small: 'E', '': 'E' } as const;
    return { category: category[paper.untaxed], percent: 0, reason: paper.untaxed ? say[paper.untaxed] : say.small };
  }
  if (rate > 0) return { category: 'S', percent: rate / 100, reason: '' };
  return isVoucher ? { category: 'E', percent: 0, reason: say.voucher } : { category: 'Z', percent: 0, reason: '' };
}

/**
 * An invoice or a credit note as UBL 2.1 (ISO/IEC 19845), with the elements that EN 16931-1 names. Lines are net, one for each of their
 * rates, so that they add up to the net of the whole. What was paid at the till stands as prepaid, and nothing is left to pay.
 */
export function ublOf(paper: Paper): string {
  const { kind, currency, seller, buyer } = paper;
  const digits = minorDigits(currency);
  const amount = (minor: number) => ({ '@currencyID': currency, '#text': decimal(minor, digits) });
  const scheme = { 'cac:TaxScheme': { 'cbc:ID': 'VAT' } };
  const category = ({ category: id, percent, reason }: Taxed, withReason: boolean) => ({
    'cbc:ID': id,
    'cbc:Percent': percent,
    ...(withReason && reason ? { 'cbc:TaxExemptionReason': reason } : {}),
    ...scheme,
  });
  const lines = paper.lines.flatMap(({ title, quantity, kind: of, rates }) =>
    rates.map((rated) => ({ title, quantity, ...rated, as: taxedAs(rated, of === 'gift-card', paper) })),
  );
  const groups = new Map<string, { as: Taxed; net: number; tax: number }>();
  for (const { as, net, tax } of lines) {
    const name = `${as.category} ${as.percent}`;
    const group = groups.get(name) ?? { as, net: 0, tax: 0 };
    groups.set(name, { as, net: group.net + net, tax: group.tax + tax });
  }
  const isInvoice = kind === 'invoice';
  const quantityOf = isInvoice ? 'cbc:InvoicedQuantity' : 'cbc:CreditedQuantity';
  const body = {
    'cbc:CustomizationID': 'urn:cen.eu:en16931:2017',
    'cbc:ID': paper.number,
    'cbc:IssueDate': paper.date,
    // UNTDID 1001: commercial invoice, credit note.
    ...(isInvoice ? { 'cbc:InvoiceTypeCode': '380' } : { 'cbc:CreditNoteTypeCode': '381' }),
    ...(paper.note ? { 'cbc:Note': paper.note } : {}),
    'cbc:DocumentCurrencyCode': currency,
    'cac:OrderReference': { 'cbc:ID': paper.order },
    ...(paper.of ? { 'cac:BillingReference': { 'cac:InvoiceDocumentReference': { 'cbc:ID': paper.of } } } : {}),
    'cac:AccountingSupplierParty': { 'cac:Party': partyOf(seller, true) },
    'cac:AccountingCustomerParty': {
      'cac:Party': partyOf(buyer, false),
    },
    'cac:TaxTotal': {
      'cbc:TaxAmount': amount(paper.tax),
      'cac:TaxSubtotal': [...groups.values()].map(({ as, net, tax }) => ({
        'cbc:TaxableAmount': amount(net),
        'cbc:TaxAmount': amount(tax),
        'cac:TaxCategory': category(as, true),
      })),
    },
    'cac:LegalMonetaryTotal': {
      'cbc:LineExtensionAmount': amount(paper.net),
      'cbc:TaxExclusiveAmount': amount(paper.net),
      'cbc:TaxInclusiveAmount': amount(paper.total),
      ...(paper.paid ? { 'cbc:PrepaidAmount': amount(paper.total) } : {}),
      'cbc:PayableAmount': amount(paper.paid ? 0 : paper.total),
    },
    [isInvoice ? 'cac:InvoiceLine' : 'cac:CreditNoteLine']: lines.map(({ title, quantity, net, as }, i) => ({
      'cbc:ID': String(i + 1),
      [quantityOf]: { '@unitCode': 'C62', '#text': quantity },
      'cbc:LineExtensionAmount': amount(net),
      'cac:Item': { 'cbc:Name': title || phrasesOf(paper).papers.aSum, 'cac:ClassifiedTaxCategory': category(as, false) },
      // The price of all pieces of the line, which is whole: that of one need not be.
      'cac:Price': { 'cbc:PriceAmount': amount(net), 'cbc:BaseQuantity': { '@unitCode': 'C62', '#text': quantity } },
    })),
  };
  const root = isInvoice ? 'Invoice' : 'CreditNote';
  const document = {
    '?xml': { '@version': '1.0', '@encoding': 'UTF-8' },
    [root]: {
      '@xmlns': `urn:oasis:names:specification:ubl:schema:xsd:${root}-2`,
      '@xmlns:cac': 'urn:oasis:names:specification:ubl:schema:xsd:CommonAggregateComponents-2',
      '@xmlns:cbc': 'urn:oasis:names:specification:ubl:schema:xsd:CommonBasicComponents-2',
      ...body,
    },
  };
  return `${new XMLBuilder({ ignoreAttributes: false, attributeNamePrefix: '@', format: true, suppressEmptyNode: true }).build(document)}`;
}

/** A party as UBL has it: its elements in the order of the schema. A number that is no tax number of the European Union is a local one. */
function partyOf({ name, address, country, taxNumber, email }: Paper['seller'], isSeller: boolean) {
  const isVat = taxNumber !== '' && countryOfTaxNumber(taxNumber) !== null;
  const [street, more, ...others] = address;
  const number = taxNumber.replace(/\s/g, '');
  return {
    // The electronic address: EM is e-mail in the list of EN 16931.
    ...(email ? { 'cbc:EndpointID': { '@schemeID': 'EM', '#text': email } } : {}),
    ...(isSeller && number && !isVat ? { 'cac:PartyIdentification': { 'cbc:ID': number } } : {}),
    'cac:PartyName': { 'cbc:Name': name },
    'cac:PostalAddress': {
      ...(street ? { 'cbc:StreetName': street } : {}),
      ...(more ? { 'cbc:AdditionalStreetName': more } : {}),
      ...(others.length ? { 'cac:AddressLine': { 'cbc:Line': others.join(', ') } } : {}),
      'cac:Country': { 'cbc:IdentificationCode': country },
    },
    ...(number
      ? {
          'cac:PartyTaxScheme': {
            'cbc:CompanyID': number,
            'cac:TaxScheme': { 'cbc:ID': isVat ? 'VAT' : 'FC' },
          },
        }
      : {}),
    'cac:PartyLegalEntity': { 'cbc:RegistrationName': name },
  };
}
