'use client';

import { useState } from 'react';
import { Checkbox } from 'react-aria-components';
import styled from 'styled-components';
import { makeCatalogue, parsePrice, priceListOf } from '@/core/goods';
import { Decided } from '@/core/project';
import { decimal, explainBill, makeBill, type DeliveryZone, type DiscountCode, type TillRules } from '@/core/till';
import { Choice, Field, Head, Notice, Row, SheetBody, Soft, TextButton } from '../parts';
import { tokens } from '../theme';
import { type StationProps } from './station';

const Part = styled.section`
  border-top: 1px solid ${tokens.ink};
  padding-top: 12px;
  display: grid;
  gap: 10px;
`;

const Zone = styled.div`
  border-left: 4px solid ${tokens.verdigris};
  padding-left: 12px;
  display: grid;
  gap: 8px;
  .three {
    display: grid;
    grid-template-columns: minmax(0, 2fr) 1fr 1fr;
    gap: 8px;
    align-items: end;
  }
`;

const Check = styled(Checkbox)`
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 28px;
  cursor: pointer;
  &::before {
    content: '';
    width: 18px;
    height: 18px;
    border: 1px solid ${tokens.soft};
    background: #fff;
  }
  &[data-selected]::before {
    background: ${tokens.verdigris};
    box-shadow: inset 0 0 0 4px #fff;
  }
  &[data-focus-visible] {
    outline: 3px solid ${tokens.verdigris};
  }
`;

const Bill = styled.dl`
  div {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 0 12px;
    padding: 6px 0;
    border-bottom: 1px solid ${tokens.line};
  }
  dt {
    font-weight: 600;
  }
  dd + dd {
    grid-column: 1 / -1;
    color: ${tokens.soft};
    font-size: 13.5px;
  }
`;

/** Names of the countries that the till knows by their codes. */
const countryName = (code: string) => {
  try {
    return new Intl.DisplayNames(['en'], { type: 'region' }).of(code) ?? code;
  } catch {
    return code;
  }
};

/** The worked bill: tax, delivery, discounts and payment, and what an order comes to under them. */
export function TillStation({ state, shop }: StationProps) {
  const rules = shop.summary?.rules;
  if (!rules) return <SheetBody role="status">Opening the till …</SheetBody>;
  return (
    <SheetBody key={state.project.id}>
      <Head title="Till">What buyers pay beside your prices. Nothing here is guessed.</Head>
      <WorkedBill state={state} rules={rules} />
      <Tax state={state} rules={rules} />
      <Delivery state={state} rules={rules} />
      <Codes state={state} rules={rules} />
      <Payment state={state} rules={rules} />
    </SheetBody>
  );
}

type PartProps = { state: StationProps['state']; rules: TillRules };

/** A field that is read when it is left, and says what is wrong until then. */
function Reading({
  label,
  value,
  read,
  onSet,
  placeholder = '',
}: {
  label: string;
  value: string;
  read: (text: string) => { ok: true } | { ok: false; say: string };
  onSet: (text: string) => void;
  placeholder?: string;
}) {
  const [draft, setDraft] = useState(value);
  const [known, setKnown] = useState(value);
  if (known !== value) {
    setKnown(value);
    setDraft(value);
  }
  const result = read(draft);
  return (
    <Field
      label={label}
      value={draft}
      placeholder={placeholder}
      onChange={setDraft}
      wrong={result.ok ? '' : result.say}
      onBlur={() => result.ok && draft !== value && onSet(draft)}
    />
  );
}

const anyText = () => ({ ok: true }) as const;
const wanted = (text: string) => (text.trim() ? ({ ok: true } as const) : ({ ok: false, say: 'Write something here.' } as const));

function WorkedBill({ state, rules }: PartProps) {
  const { project } = state;
  const products = makeCatalogue(
    project.goods.products,
    new Decided(project.decisions),
    project.goods.digits,
    rules.digits,
  ).products;
  const some = products.filter((product) => product.kind === 'physical').slice(0, 2);
  const list = priceListOf(some);
  const lines = some.flatMap((product, i) => {
    const [variant] = product.variants;
    const entry = variant && list.get(variant.id);
    return variant && entry ? [{ ...entry, variant: variant.id, quantity: i + 1 }] : [];
  });
  if (!lines.length) return <Notice>Bring in goods, and an order is worked out here.</Notice>;
  const bill = makeBill(rules, { lines, country: rules.country, rate: '', code: '', today: '2000-01-01' });
  return (
    <Part aria-label="An order, worked out">
      <h2>An order from home, worked out</h2>
      <Bill>
        {explainBill(bill, rules).map((figure) => (
          <div key={figure.figure}>
            <dt>{figure.figure}</dt>
            <dd>{figure.amount}</dd>
            <dd>{figure.how}</dd>
          </div>
        ))}
      </Bill>
      {bill.deliveryState === 'nowhere' ? (
        <Notice $kind="mend">No delivery rate fits this order, so it could not be placed.</Notice>
      ) : null}
    </Part>
  );
}

function Tax({ state, rules }: PartProps) {
  const percentOf = (text: string) => Number(text.replace(',', '.').replace('%', '').trim());
  const isPercent = (text: string) =>
    text.trim() && percentOf(text) >= 0 && percentOf(text) <= 100
      ? ({ ok: true } as const)
      : ({ ok: false, say: 'Write a percentage from 0 to 100.' } as const);
  const set = (name: 'standard' | 'reduced', text: string) => {
    const taxes = { standard: 0, reduced: 0, zero: 0, ...rules.taxes, [name]: Math.round(percentOf(text) * 100) };
    state.decide({ 'till/taxes': taxes });
  };
  return (
    <Part aria-label="Tax">
      <h2>Tax</h2>
      <Reading
        label="Your country, two letters"
        value={rules.country}
        read={(text) =>
          /^[A-Za-z]{2}$/.test(text.trim())
            ? { ok: true }
            : { ok: false, say: 'Write the two letters of the country, such as GB.' }
        }
        onSet={(text) => state.decide({ 'till/country': text.trim().toUpperCase() })}
      />
      {rules.country ? <Soft>{countryName(rules.country)}</Soft> : null}
      {rules.taxes ? null : (
        <Notice>No rates are set. Ask your tax office or adviser which apply; write 0 if you charge none.</Notice>
      )}
      <div style={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 12 }}>
        <Reading
          label="Standard rate, %"
          value={rules.taxes ? String(rules.taxes.standard / 100) : ''}
          read={(text) => (text === '' && !rules.taxes ? anyText() : isPercent(text))}
          onSet={(text) => set('standard', text)}
        />
        <Reading
          label="Reduced rate, %"
          value={rules.taxes ? String(rules.taxes.reduced / 100) : ''}
          read={(text) => (text === '' && !rules.taxes ? anyText() : isPercent(text))}
          onSet={(text) => set('reduced', text)}
        />
      </div>
      <Check isSelected={rules.pricesIncludeTax} onChange={(value) => state.decide({ 'till/pricesIncludeTax': value })}>
        The prices in the list contain the tax
      </Check>
    </Part>
  );
}

function Delivery({ state, rules }: PartProps) {
  const setZones = (zones: DeliveryZone[]) =>
    state.decide({ 'till/zones': zones.map((zone) => ({ ...zone, rates: zone.rates.map((rate) => ({ ...rate })) })) });
  const changeZone = (id: string, next: (zone: DeliveryZone) => DeliveryZone) =>
    setZones(rules.zones.map((zone) => (zone.id === id ? next(zone) : zone)));
  const price = (text: string) => parsePrice(text, rules.digits);
  const priceOf = (text: string) => {
    const parsed = price(text);
    return parsed.ok ? parsed.value : 0;
  };
  const unused = (base: string, taken: string[]) => {
    for (let n = 1; ; n++) if (!taken.includes(`${base}-${n}`)) return `${base}-${n}`;
  };
  return (
    <Part aria-label="Delivery">
      <h2>Delivery</h2>
      {rules.zones.length ? null : <Notice $kind="mend">There is no delivery yet, so nobody can order a parcel.</Notice>}
      {rules.zones.map((zone) => (
        <Zone key={zone.id}>
          <Reading
            label="Zone"
            value={zone.label}
            read={wanted}
            onSet={(label) => changeZone(zone.id, (z) => ({ ...z, label }))}
          />
          <Reading
            label="Countries, two letters each; * is the rest of the world"
            value={zone.countries.join(' ')}
            read={(text) =>
              /^\s*(?:(?:[A-Za-z]{2}|\*)[\s,]*)+$/.test(text)
                ? { ok: true }
                : { ok: false, say: 'Write codes such as GB IE FR, or *.' }
            }
            onSet={(text) =>
              changeZone(zone.id, (z) => ({
                ...z,
                countries: text
                  .toUpperCase()
                  .split(/[\s,]+/)
                  .filter(Boolean),
              }))
            }
          />
          {zone.rates.map((rate) => {
            const changeRate = (part: Partial<typeof rate>) =>
              changeZone(zone.id, (z) => ({ ...z, rates: z.rates.map((r) => (r.id === rate.id ? { ...r, ...part } : r)) }));
            return (
              <div className="three" key={rate.id}>
                <Reading label="Rate" value={rate.label} read={wanted} onSet={(label) => changeRate({ label })} />
                <Reading
                  label="Price"
                  value={decimal(rate.price, rules.digits)}
                  read={price}
                  onSet={(text) => changeRate({ price: priceOf(text) })}
                />
                <Reading
                  label="Free from"
                  value={rate.freeFrom === null ? '' : decimal(rate.freeFrom, rules.digits)}
                  read={(text) => (text.trim() ? price(text) : anyText())}
                  onSet={(text) => changeRate({ freeFrom: text.trim() ? priceOf(text) : null })}
                />
              </div>
            );
          })}
          <Row>
            <TextButton
              onPress={() =>
                changeZone(zone.id, (z) => ({
                  ...z,
                  rates: [
                    ...z.rates,
                    {
                      id: unused(
                        `${z.id}-rate`,
                        z.rates.map((r) => r.id),
                      ),
                      label: 'Another rate',
                      price: 0,
                      freeFrom: null,
                      upTo: null,
                    },
                  ],
                }))
              }
            >
              Add a rate
            </TextButton>
            <TextButton onPress={() => setZones(rules.zones.filter((other) => other.id !== zone.id))}>
              Take the zone out
            </TextButton>
          </Row>
        </Zone>
      ))}
      <Row>
        <TextButton
          onPress={() =>
            setZones([
              ...rules.zones,
              {
                id: unused(
                  'zone',
                  rules.zones.map((zone) => zone.id),
                ),
                label: rules.zones.length || !rules.country ? 'Rest of the world' : countryName(rules.country),
                countries: rules.zones.length || !rules.country ? ['*'] : [rules.country],
                rates: [
                  {
                    id: unused(
                      'rate',
                      rules.zones.flatMap((zone) => zone.rates.map((r) => r.id)),
                    ),
                    label: 'Post',
                    price: 0,
                    freeFrom: null,
                    upTo: null,
                  },
                ],
              },
            ])
          }
        >
          Add a zone
        </TextButton>
      </Row>
      <Reading
        label="Days to send something back"
        value={rules.returnsDays === null ? '' : String(rules.returnsDays)}
        read={(text) =>
          text === '' || /^\d{1,4}$/.test(text.trim()) ? { ok: true } : { ok: false, say: 'Write a number of days.' }
        }
        onSet={(text) =>
          text.trim() ? state.decide({ 'till/returnsDays': Number(text) }) : state.withdraw(['till/returnsDays'])
        }
      />
    </Part>
  );
}

const codeKinds = [
  { id: 'percent', name: 'percent off' },
  { id: 'sum', name: 'sum off' },
  { id: 'free-delivery', name: 'free delivery' },
] as const;

function Codes({ state, rules }: PartProps) {
  const setCodes = (codes: DiscountCode[]) => state.decide({ 'till/codes': codes.map((code) => ({ ...code })) });
  const amountText = (code: DiscountCode) =>
    code.kind === 'percent' ? String(code.amount / 100) : code.kind === 'sum' ? decimal(code.amount, rules.digits) : '';
  const readAmount = (code: DiscountCode, text: string) => {
    if (code.kind === 'sum') return parsePrice(text, rules.digits);
    const value = Number(text.replace(',', '.'));
    return code.kind === 'free-delivery' || (text.trim() && value >= 0 && value <= 100)
      ? ({ ok: true, value: Math.round(value * 100) || 0 } as const)
      : ({ ok: false, say: 'Write a percentage from 0 to 100.' } as const);
  };
  return (
    <Part aria-label="Discount codes">
      <h2>Discount codes</h2>
      {rules.codes.map((code, i) => {
        const change = (part: Partial<DiscountCode>) =>
          setCodes(rules.codes.map((other, j) => (i === j ? { ...other, ...part } : other)));
        return (
          <Zone key={i}>
            <div className="three">
              <Reading label="Code" value={code.code} read={wanted} onSet={(text) => change({ code: text.trim() })} />
              <Choice
                label="Takes"
                value={code.kind}
                options={codeKinds}
                onChange={(kind) => change({ kind: kind as DiscountCode['kind'], amount: 0 })}
              />
              {code.kind === 'free-delivery' ? (
                <span />
              ) : (
                <Reading
                  label={code.kind === 'percent' ? 'Percent' : 'Sum'}
                  value={amountText(code)}
                  read={(text) => readAmount(code, text)}
                  onSet={(text) => {
                    const amount = readAmount(code, text);
                    if (amount.ok) change({ amount: amount.value });
                  }}
                />
              )}
            </div>
            <Row>
              <TextButton onPress={() => setCodes(rules.codes.filter((_, j) => i !== j))}>Take the code out</TextButton>
            </Row>
          </Zone>
        );
      })}
      <Row>
        <TextButton
          onPress={() =>
            setCodes([
              ...rules.codes,
              { code: `WELCOME${rules.codes.length + 1}`, kind: 'percent', amount: 1000, least: 0, until: '' },
            ])
          }
        >
          Add a code
        </TextButton>
      </Row>
    </Part>
  );
}

function Payment({ state, rules }: PartProps) {
  return (
    <Part aria-label="Payment">
      <h2>Payment</h2>
      <Check isSelected={rules.payments.card} onChange={(card) => state.decide({ 'till/payments': { ...rules.payments, card } })}>
        Cards, through the provider
      </Check>
      <Reading
        label="Bank transfer: where to"
        value={rules.payments.bank}
        read={anyText}
        onSet={(bank) => state.decide({ 'till/payments': { ...rules.payments, bank: bank.trim() } })}
        placeholder="Name, bank, account"
      />
    </Part>
  );
}
