'use client';

import styled from 'styled-components';
import { parsePrice } from '@/core/goods/page';
import { set, tillPlaces } from '@/core/places';
import { decimal } from '@/core/till/page';
import { type DeliveryZone, type DiscountCode } from '@/core/till';
import { Choice, Notice, Row, TextButton } from '../parts';
import { tokens } from '../theme';
import { anyText, countryName, Part, Reading, wanted, type PartProps } from './tillParts';

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

/** Zones and their rates, and the days to send something back. */
export function Delivery({ state, rules }: PartProps) {
  const setZones = (zones: DeliveryZone[]) => state.decide(set(tillPlaces.zones, zones));
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
          text.trim() ? state.decide(set(tillPlaces.returnsDays, Number(text))) : state.withdraw(tillPlaces.returnsDays)
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

/** Discount codes. */
export function Codes({ state, rules }: PartProps) {
  const setCodes = (codes: DiscountCode[]) => state.decide(set(tillPlaces.codes, codes));
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
