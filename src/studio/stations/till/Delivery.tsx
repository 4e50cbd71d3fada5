'use client';

import { useState } from 'react';
import { set, tillPlaces } from '@/core/places';
import {} from '@/core/site';
import { doZonesMeet, formatMoney, zoneStarts } from '@/core/till/page';
import { type DeliveryRate, type DeliveryZone, type ZoneStart } from '@/core/till';
import { Button, Check, Notice, Row, Soft, TextButton } from '../../parts';
import {
  anyText,
  AsTyped,
  Blank,
  countriesByName,
  countryName,
  Part,
  Rules,
  Sentence,
  Several,
  sumsOf,
  unused,
  wanted,
  Word,
  type FieldProps,
  type PartProps,
} from './parts';
import { useRegions } from './regions';

const worldName = 'Rest of the world';
const zoneNames = (country: string) => ({ home: countryName(country), area: 'European Union', world: worldName });
const listed = (names: readonly string[]) => new Intl.ListFormat('en-GB').format(names);

const plainRate = { price: 0, freeFrom: null, upTo: null, steps: null, perPiece: 0, collection: false };
const destinations = [{ id: '*', name: 'everywhere else' }, ...countriesByName];

/** Zones and their rates. */
export function Delivery({ state, rules, saidOfDelivery: said }: FieldProps) {
  const { zones } = rules;
  const [draft, setDraft] = useState<Draft | null>(null);
  const setZones = (next: DeliveryZone[]) => state.decide(set(tillPlaces.zones, next));
  /** What is still to be said of a start, one zone after another. */
  const [next, setNext] = useState<ZoneStart['zones']>([]);
  const draftOf = (countries: string[], label: string, price?: number, among = zones): Draft => {
    const rate = unused(
      'rate',
      among.flatMap(({ rates }) => rates.map(({ id }) => id)),
    );
    const id = unused(
      'zone',
      among.map((zone) => zone.id),
    );
    const rates = [{ ...plainRate, id: rate, label: 'Post', price: price ?? 0 }];
    const whole = { regions: [], postal: [], surcharge: 0, closed: false };
    return { instead: null, untold: price === undefined ? [rate] : [], zone: { id, label, countries, ...whole, rates } };
  };
  const begin = (price?: number) => {
    const home = rules.country && !zones.some(({ countries }) => countries.includes(rules.country));
    setDraft(home ? draftOf([rules.country], countryName(rules.country), price) : draftOf(['*'], worldName, price));
  };
  const beginWith = ([first, ...others]: ZoneStart['zones'], among = zones) => {
    setNext(others);
    setDraft(first ? draftOf(first.countries, zoneNames(rules.country)[first.kind], undefined, among) : null);
  };
  /** A further rate holds once its price is said: until then the zone is a draft beside the one that holds. */
  const further = (zone: DeliveryZone) => {
    const rate = unused(
      `${zone.id}-rate`,
      zone.rates.map(({ id }) => id),
    );
    setDraft({
      instead: zone.id,
      untold: [rate],
      zone: { ...zone, rates: [...zone.rates, { ...plainRate, id: rate, label: 'Another way' }] },
    });
  };
  const [clash, setClash] = useState<{ id: string; other: string } | null>(null);
  const change = (zone: DeliveryZone, next: DeliveryZone) => {
    const other = zones.find((one) => one.id !== zone.id && doZonesMeet(one, next));
    setClash(other ? { id: zone.id, other: other.label } : null);
    if (!other) setZones(zones.map((one) => (one.id === zone.id ? next : one)));
  };
  const starts = zoneStarts(rules.country).filter(({ zones: parts }) => parts.length > 1);
  const meets = draft && zones.find((zone) => zone.id !== draft.instead && doZonesMeet(zone, draft.zone));
  const keep = ({ zone, instead }: Draft) => {
    const kept = instead ? zones.map((other) => (other.id === instead ? zone : other)) : [...zones, zone];
    setZones(kept);
    beginWith(next, kept);
  };
  return (
    <Part aria-label="Delivery">
      <h2>Delivery</h2>
      {zones.length || draft ? null : <Notice $kind="mend">There is no delivery yet, so nobody can order a parcel.</Notice>}
      {zones.length || draft || !said.length ? null : (
        <Notice as="div">
          <p>Your brief says of it:</p>
          {said.slice(0, 4).map(({ words, amounts }) => (
            <p key={words}>
              “{words}”{' '}
              {amounts.slice(0, 3).map((amount) => (
                <TextButton key={amount} style={{ marginRight: 10 }} onPress={() => begin(amount)}>
                  Begin with a rate of {formatMoney(amount, rules)}
                </TextButton>
              ))}
            </p>
          ))}
        </Notice>
      )}
      {zones
        .filter(({ id }) => id !== draft?.instead)
        .map((zone) => (
          <Rules key={zone.id}>
            <Zone zone={zone} rules={rules} onChange={(next) => change(zone, next)} />
            {clash?.id === zone.id ? (
              <Notice $kind="mend">“{clash.other}” names that place already, so it was left as it was.</Notice>
            ) : null}
            <Row>
              {draft || zone.closed ? null : <TextButton onPress={() => further(zone)}>Add a rate</TextButton>}
              <TextButton onPress={() => setZones(zones.filter((other) => other.id !== zone.id))}>Take the zone out</TextButton>
            </Row>
          </Rules>
        ))}
      {draft ? (
        <Rules data-draft="" role="group" aria-label="A zone that is not set yet">
          <AsTyped value={true}>
            <Zone
              zone={draft.zone}
              rules={rules}
              untold={draft.untold}
              onTold={(id) => setDraft((now) => now && { ...now, untold: now.untold.filter((other) => other !== id) })}
              onChange={(zone) => setDraft((now) => now && { ...now, zone })}
            />
          </AsTyped>
          {meets ? (
            <Notice $kind="mend">
              “{meets.label}” names the same place. Choose other countries, or say by postal codes what is meant.
            </Notice>
          ) : null}
          <Row>
            <Button
              isDisabled={Boolean(meets) || draft.zone.countries.length === 0 || (!draft.zone.closed && draft.untold.length > 0)}
              onPress={() => keep(draft)}
            >
              {draft.zone.closed ? 'Keep it so' : 'Deliver so'}
            </Button>
            <TextButton onPress={() => beginWith(next)}>Leave it</TextButton>
            {next.length ? <Soft>Then {next.map(({ kind }) => zoneNames(rules.country)[kind]).join(', ')}.</Soft> : null}
          </Row>
        </Rules>
      ) : (
        <Row>
          <TextButton onPress={() => begin()}>Add a zone</TextButton>
          {zones.length
            ? null
            : starts.map(({ id, zones: parts }) => (
                <TextButton key={id} onPress={() => beginWith(parts)}>
                  Begin with {listed(parts.map(({ kind }) => zoneNames(rules.country)[kind]))}
                </TextButton>
              ))}
        </Row>
      )}
    </Part>
  );
}

/** A zone that does not hold yet. */
interface Draft {
  zone: DeliveryZone;
  /** The one that it is to take the place of. */
  instead: string | null;
  /** Rates whose price nobody has said. */
  untold: string[];
}

interface ZoneProps {
  zone: DeliveryZone;
  rules: PartProps['rules'];
  untold?: readonly string[];
  onTold?: (rate: string) => void;
  onChange: (zone: DeliveryZone) => void;
}

/** A zone as sentences: where it is, and what each way of getting there costs. */
function Zone({ zone, rules, untold = [], onTold, onChange }: ZoneProps) {
  const sums = sumsOf(rules);
  const change = (part: Partial<DeliveryZone>) => onChange({ ...zone, ...part });
  const regionsOf = useRegions();
  // A region's code says what it is within one country alone.
  const [country = ''] = zone.countries;
  const parts = zone.countries.length === 1 ? regionsOf(country) : [];
  return (
    <>
      <Sentence>
        <Blank label="Zone" size={14} value={zone.label} read={wanted} onSet={(label) => change({ label: label.trim() })} /> takes
        in{' '}
        <Several
          what="country"
          values={zone.countries}
          nameOf={countryName}
          options={destinations}
          onChange={(countries) => change({ countries, regions: [] })}
        />
        {parts.length ? (
          <>
            , of its regions{' '}
            <Several
              what="region"
              none="all of them …"
              values={zone.regions}
              nameOf={(code) => parts.find((part) => part.code === code)?.name ?? code}
              options={parts.map(({ code, name }) => ({ id: code, name }))}
              onChange={(regions) => change({ regions })}
            />
          </>
        ) : null}{' '}
        and of their postal codes{' '}
        <Blank
          label="Postal codes"
          size={10}
          placeholder="all"
          value={zone.postal.join(', ')}
          read={(text) =>
            text.split(',').every((part) => /^[\w –-]{0,21}$/.test(part.trim()))
              ? anyText()
              : { ok: false, say: 'Write how the codes begin, such as BT, IM, or 7000–7999.' }
          }
          onSet={(text) => change({ postal: text.split(',').map((part) => part.trim()).filter(Boolean) })} // prettier-ignore
        />
        .
      </Sentence>
      <Check isSelected={zone.closed} onChange={(closed) => change({ closed })}>
        Nothing is sent there
      </Check>
      {zone.closed
        ? null
        : zone.rates.map((rate) => (
            <Rate
              key={rate.id}
              rate={rate}
              rules={rules}
              isUntold={untold.includes(rate.id)}
              onTold={() => onTold?.(rate.id)}
              onChange={(next) => change({ rates: zone.rates.map((other) => (other.id === rate.id ? next : other)) })}
              onOut={zone.rates.length > 1 ? () => change({ rates: zone.rates.filter(({ id }) => id !== rate.id) }) : null}
            />
          ))}
      {zone.closed ? null : (
        <Row>
          <span>
            On top of each:{' '}
            <Blank
              label={`Surcharge for ${zone.label}`}
              size={5}
              value={sums.written(zone.surcharge)}
              read={sums.read}
              onSet={(text) => change({ surcharge: sums.of(text) })}
            />
          </span>
        </Row>
      )}
    </>
  );
}

interface RateProps {
  rate: DeliveryRate;
  rules: PartProps['rules'];
  isUntold: boolean;
  onTold: () => void;
  onChange: (rate: DeliveryRate) => void;
  onOut: (() => void) | null;
}

const measures = [
  { id: 'flat', name: 'always' },
  { id: 'weight', name: 'by weight' },
  { id: 'pieces', name: 'by number of pieces' },
  { id: 'sum', name: 'by the sum of the goods' },
] as const;

function Rate({ rate, rules, isUntold, onTold, onChange, onOut }: RateProps) {
  const sums = sumsOf(rules);
  const { steps } = rate;
  const change = (part: Partial<DeliveryRate>) => onChange({ ...rate, ...part });
  const kilograms = (text: string) => Number(text.replace(',', '.'));
  return (
    <>
      <Sentence>
        <Blank label="Rate" size={10} value={rate.label} read={wanted} onSet={(label) => change({ label: label.trim() })} /> costs{' '}
        {steps ? null : (
          <Blank
            label="Price"
            size={8}
            placeholder="how much"
            value={isUntold ? '' : sums.written(rate.price)}
            read={isUntold ? sums.readOrNone : sums.read}
            onSet={(text) => {
              change({ price: sums.of(text) });
              onTold();
            }}
          />
        )}{' '}
        <Word
          label={`What ${rate.label} goes by`}
          value={steps?.by ?? 'flat'}
          options={measures}
          onChange={(by) => change({ steps: by === 'flat' ? null : { by, at: steps?.at ?? [{ from: 0, price: rate.price }] } })}
        />
        , is free from{' '}
        <Blank
          label="Free from"
          size={6}
          placeholder="no sum"
          value={sums.written(rate.freeFrom)}
          read={sums.readOrNone}
          onSet={(text) => change({ freeFrom: text.trim() ? sums.of(text) : null })}
        />{' '}
        on, takes up to{' '}
        <Blank
          label={`Heaviest parcel of ${rate.label}, kg`}
          size={4}
          placeholder="any"
          value={rate.upTo === null ? '' : String(rate.upTo / 1000)}
          read={(text) =>
            !text.trim() || kilograms(text) > 0 ? anyText() : { ok: false, say: 'Write kilograms, such as 2 or 0.5.' }
          }
          onSet={(text) => change({ upTo: text.trim() ? Math.round(kilograms(text) * 1000) : null })}
        />{' '}
        kg, and{' '}
        <Word
          label={`How ${rate.label} comes`}
          value={rate.collection ? 'fetched' : 'brought'}
          options={[
            { id: 'brought', name: 'is brought' },
            { id: 'fetched', name: 'is fetched by the buyer' },
          ]}
          onChange={(id) => change({ collection: id === 'fetched' })}
        />
        .{' '}
        {onOut ? (
          <TextButton aria-label={`Take the rate ${rate.label} out`} onPress={onOut}>
            Take out
          </TextButton>
        ) : null}
      </Sentence>
      {steps ? <Steps rate={rate} rules={rules} onTold={onTold} onChange={onChange} /> : null}
    </>
  );
}

/** A price that goes up in steps, from nothing on: there is no hole in it. */
function Steps({ rate, rules, onTold, onChange }: Pick<RateProps, 'rate' | 'rules' | 'onTold' | 'onChange'>) {
  const sums = sumsOf(rules);
  const { steps } = rate;
  if (!steps) return null;
  const at = (next: typeof steps.at) => onChange({ ...rate, steps: { ...steps, at: next } });
  const written = (from: number) => (steps.by === 'sum' ? sums.written(from) : String(from));
  const read = (i: number) => (text: string) => {
    const low = steps.at[i - 1]?.from ?? 0;
    const high = steps.at[i + 1]?.from ?? Infinity;
    const value = steps.by === 'sum' ? sums.of(text) : Number(text);
    return Number.isInteger(value) && value > low && value < high
      ? anyText()
      : {
          ok: false as const,
          say: `Write more than ${written(low)}${high < Infinity ? ` and less than ${written(high)}` : ''}.`,
        };
  };
  const unit = { weight: 'g', pieces: 'pieces', sum: '' }[steps.by];
  return (
    <Sentence>
      {steps.at.map(({ from, price }, i) => (
        <span key={i}>
          {i ? '; from ' : 'From '}
          {i ? (
            <Blank
              label={`Step ${i + 1} of ${rate.label}`}
              size={6}
              value={written(from)}
              read={read(i)}
              onSet={(text) =>
                at(
                  steps.at.map((step, j) =>
                    i === j ? { ...step, from: steps.by === 'sum' ? sums.of(text) : Number(text) } : step,
                  ),
                )
              }
            />
          ) : (
            '0'
          )}{' '}
          {unit} on{' '}
          <Blank
            label={`Price of step ${i + 1} of ${rate.label}`}
            size={6}
            value={sums.written(price)}
            read={sums.read}
            onSet={(text) => {
              at(steps.at.map((step, j) => (i === j ? { ...step, price: sums.of(text) } : step)));
              onTold();
            }}
          />{' '}
          {i ? (
            <TextButton aria-label={`Take step ${i + 1} out`} onPress={() => at(steps.at.filter((_, j) => i !== j))}>
              Take out
            </TextButton>
          ) : null}
        </span>
      ))}
      .{' '}
      <TextButton
        onPress={() => {
          const last = steps.at.at(-1) ?? { from: 0, price: 0 };
          at([
            ...steps.at,
            { from: last.from ? last.from * 2 : { weight: 1000, pieces: 5, sum: 5000 }[steps.by], price: last.price },
          ]);
        }}
      >
        A further step
      </TextButton>
    </Sentence>
  );
}
