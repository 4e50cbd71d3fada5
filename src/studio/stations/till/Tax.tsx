'use client';

import { useState } from 'react';
import { tillPlaces, set as place } from '@/core/places';
import { areaPlaces, standardRateOf, taxStart, taxTableAsOf } from '@/core/till/page';
import { type TaxRules } from '@/core/till';
import { Check, Notice, QuietButton, Row, Soft, TextButton } from '../../parts';
import {
  anyText,
  basisPoints,
  Blank,
  countriesByName,
  countryName,
  isPercent,
  Part,
  Sentence,
  Word,
  type FieldProps,
  type PartProps,
} from './parts';
import { useRegions } from './regions';

const percent = (rate: number) => String(rate / 100);

/** What tax the prices hold, by whose rates, and how it is rounded. */
export function Tax({ state, rules, saidOfPrices: said }: FieldProps) {
  const { tax, taxes } = rules;
  const change = (part: Partial<TaxRules>) => state.decide(place(tillPlaces.tax, { ...tax, ...part }));
  const set = (name: 'standard' | 'reduced', text: string) =>
    state.decide(place(tillPlaces.taxes, { standard: 0, reduced: 0, ...taxes, zero: 0, [name]: basisPoints(text) }));
  const begin = taxStart(rules.country);
  // What the brief says of tax in its prices is not overruled by what is usual.
  const isAdded = begin !== null && !begin.pricesIncludeTax && !said.length;
  const rateOrNone = (text: string) => (text === '' && !taxes ? anyText() : isPercent(text));
  return (
    <Part aria-label="Tax">
      <h2>Tax</h2>
      {taxes || !said.length ? null : (
        <Notice>
          Your brief says of it:{' '}
          {said
            .slice(0, 3)
            .map((words) => `“${words}”`)
            .join(' ')}
        </Notice>
      )}
      <Sentence>
        I sell from{' '}
        <Word
          label="Your country"
          value={rules.country}
          options={[{ id: '', name: 'a country not chosen yet' }, ...countriesByName]}
          onChange={(code) => (code ? state.decide(place(tillPlaces.country, code)) : state.withdraw(tillPlaces.country))}
        />
        .
      </Sentence>
      {taxes ? null : (
        <Notice as="div">
          <p>No rates are set. Ask your tax office or adviser which apply; write 0 if you charge none.</p>
          {begin === null ? null : (
            <Row>
              <QuietButton
                onPress={() =>
                  state.decide([
                    place(tillPlaces.taxes, begin.taxes),
                    ...(isAdded ? [place(tillPlaces.pricesIncludeTax, false)] : []),
                  ])
                }
              >
                Begin with {percent(begin.taxes.standard)} %{isAdded ? ' on top of prices' : ''}, the standard rate of{' '}
                {countryName(rules.country)}
              </QuietButton>
              <Soft>
                <small>As of {taxTableAsOf}; look it over.</small>
              </Soft>
            </Row>
          )}
        </Notice>
      )}
      <Sentence>
        The prices in the list{' '}
        <Word
          label="Prices and tax"
          value={rules.pricesIncludeTax ? 'with' : 'without'}
          options={[
            { id: 'with', name: 'contain the tax' },
            { id: 'without', name: 'are without tax' },
          ]}
          onChange={(id) => state.decide(place(tillPlaces.pricesIncludeTax, id === 'with'))}
        />
        . It is{' '}
        <Blank
          label="Standard rate, %"
          size={4}
          value={taxes ? percent(taxes.standard) : ''}
          read={rateOrNone}
          onSet={(text) => set('standard', text)}
        />{' '}
        %, and{' '}
        <Blank
          label="Reduced rate, %"
          size={4}
          value={taxes ? percent(taxes.reduced) : ''}
          read={rateOrNone}
          onSet={(text) => set('reduced', text)}
        />{' '}
        % where goods are at the reduced rate.
      </Sentence>
      {taxes ? (
        <>
          <Check isSelected={tax.small} onChange={(small) => change({ small })}>
            I am a small seller and charge no tax
          </Check>
          {tax.small ? null : <Further rules={rules} onChange={change} />}
        </>
      ) : null}
    </Part>
  );
}

type FurtherProps = Pick<PartProps, 'rules'> & { onChange: (part: Partial<TaxRules>) => void };

/** What tax does abroad and in the last digit. */
function Further({ rules, onChange }: FurtherProps) {
  const { tax } = rules;
  const [open, setOpen] = useState(false);
  const area = areaPlaces(rules.country);
  return (
    <>
      <Sentence>
        Delivery is taxed{' '}
        <Word
          label="Tax on delivery"
          value={tax.delivery}
          options={[
            { id: 'goods', name: 'like the goods in the parcel, in proportion' },
            { id: 'standard', name: 'always at the standard rate' },
          ]}
          onChange={(delivery) => onChange({ delivery })}
        />
        . Tax is rounded{' '}
        <Word
          label="What is rounded"
          value={tax.rounding.per}
          options={[
            { id: 'rate', name: 'once for each rate' },
            { id: 'line', name: 'on each line' },
            { id: 'order', name: 'once for the order' },
          ]}
          onChange={(per) => onChange({ rounding: { ...tax.rounding, per } })}
        />
        ,{' '}
        <Word
          label="How halves are rounded"
          value={tax.rounding.mode}
          options={[
            { id: 'half-up', name: 'halves up' },
            { id: 'half-even', name: 'halves to the even neighbour' },
          ]}
          onChange={(mode) => onChange({ rounding: { ...tax.rounding, mode } })}
        />
        .
      </Sentence>
      {tax.places.length === 0 ? (
        <>
          <Soft>Everybody pays by these rates, wherever they are.</Soft>
          <Row>
            {area.length ? (
              <QuietButton onPress={() => onChange({ places: area, within: 'home', outside: 'none' })}>
                I sell in the whole European Union …
              </QuietButton>
            ) : null}
            <AddPlace rules={rules} onChange={onChange} />
          </Row>
        </>
      ) : (
        <>
          <Sentence>
            Buyers in {tax.places.length === 1 ? 'one other place' : `${tax.places.length} other places`} of my tax area pay{' '}
            <Word
              label="Rates in the area"
              value={tax.within}
              options={[
                { id: 'home', name: 'by my rates' },
                { id: 'there', name: 'by the rates of their place' },
              ]}
              onChange={(within) => onChange({ within })}
            />
            {tax.within === 'there' && rules.pricesIncludeTax ? (
              <>
                {' '}
                and see{' '}
                <Word
                  label="Prices in the area"
                  value={tax.prices}
                  options={[
                    { id: 'same', name: 'the same price' },
                    { id: 'net', name: 'the same price before tax' },
                  ]}
                  onChange={(prices) => onChange({ prices })}
                />
              </>
            ) : null}
            ; outside of it they pay{' '}
            <Word
              label="Tax outside the area"
              value={tax.outside}
              options={[
                { id: 'none', name: 'no tax' },
                { id: 'home', name: 'by my rates' },
              ]}
              onChange={(outside) => onChange({ outside })}
            />
            .
          </Sentence>
          <Check isSelected={tax.business} onChange={(business) => onChange({ business })}>
            Businesses there with a tax number owe the tax themselves (reverse charge)
          </Check>
          {open ? <Places rules={rules} onChange={onChange} /> : null}
          <Row>
            <TextButton onPress={() => setOpen(!open)}>
              {open ? 'Close the places' : 'Look at the places and their rates'}
            </TextButton>
            <AddPlace rules={rules} onChange={onChange} />
            <TextButton onPress={() => onChange({ places: [], business: false, within: 'home', outside: 'home' })}>
              Take all places out
            </TextButton>
          </Row>
        </>
      )}
    </>
  );
}

function AddPlace({ rules, onChange }: FurtherProps) {
  const { tax } = rules;
  const known = new Set(tax.places.filter(({ from, region }) => from === '' && region === '').map(({ country }) => country));
  const regionsOf = useRegions();
  // At home it is a part of the country that has rates of its own.
  const free = regionsOf(rules.country).find(
    ({ code }) => !tax.places.some(({ country, region }) => country === rules.country && region === code),
  );
  const others = countriesByName
    .filter(({ id }) => (id === rules.country ? free !== undefined : !known.has(id)))
    .map(({ id, name }) => ({ id, name: id === rules.country ? `a part of ${name}` : name }));
  const add = (country: string) => {
    const region = country === rules.country ? (free?.code ?? '') : '';
    const standard = standardRateOf(country) ?? 0;
    onChange({ places: [...tax.places, { country, region, from: '', standard, reduced: standard, zero: 0 }] });
  };
  return (
    <Word
      label="A place with rates of its own"
      value=""
      options={[{ id: '', name: 'Add a place with rates of its own …' }, ...others]}
      onChange={(code) => code && add(code)}
    />
  );
}

function Places({ rules, onChange }: FurtherProps) {
  const { places } = rules.tax;
  const regionsOf = useRegions();
  const isTaken = ({ country, region, from }: (typeof places)[number]) =>
    places.some((other) => other.country === country && other.region === region && other.from === from);
  return (
    <div>
      <Soft>
        <small>
          Standard rates as of {taxTableAsOf}. Reduced rates are not in the table: they stand as the standard ones until you
          change them.
        </small>
      </Soft>
      {places.map((one, i) => {
        const change = (part: Partial<typeof one>) =>
          onChange({ places: places.map((other, j) => (i === j ? { ...other, ...part } : other)) });
        const name = countryName(one.country);
        const parts = regionsOf(one.country);
        return (
          <Sentence key={`${one.country}-${one.region}-${i}`}>
            <b>{name}</b>
            {parts.length ? (
              <>
                ,{' '}
                <Word
                  label={`Which part of ${name}`}
                  value={one.region}
                  options={[
                    ...(one.country === rules.country ? [] : [{ id: '', name: 'all of it' }]),
                    ...parts
                      .filter(({ code }) => code === one.region || !isTaken({ ...one, region: code }))
                      .map(({ code, name: part }) => ({ id: code, name: part })),
                  ]}
                  onChange={(region) => !isTaken({ ...one, region }) && change({ region })}
                />
              </>
            ) : null}
            :{' '}
            <Blank
              label={`Standard rate of ${name}, %`}
              size={4}
              value={percent(one.standard)}
              read={isPercent}
              onSet={(text) => change({ standard: basisPoints(text) })}
            />{' '}
            %, reduced{' '}
            <Blank
              label={`Reduced rate of ${name}, %`}
              size={4}
              value={percent(one.reduced)}
              read={isPercent}
              onSet={(text) => change({ reduced: basisPoints(text) })}
            />{' '}
            %, from{' '}
            <Blank
              label={`First day of the rates of ${name}`}
              type="date"
              value={one.from}
              read={anyText}
              onSet={(from) => !isTaken({ ...one, from }) && change({ from })}
            />{' '}
            on{' '}
            <TextButton aria-label={`Take ${name} out`} onPress={() => onChange({ places: places.filter((_, j) => i !== j) })}>
              Take out
            </TextButton>
          </Sentence>
        );
      })}
    </div>
  );
}
