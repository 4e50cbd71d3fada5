'use client';

import { useState } from 'react';
import { parsePrice } from '@/core/goods/page';
import { set, tillPlaces } from '@/core/places';
import { codeKey } from '@/core/till/page';
import { type DiscountCode } from '@/core/till';
import { Button, Notice, Row, Soft, TextButton } from '../../parts';
import {
  anyText,
  AsTyped,
  basisPoints,
  Blank,
  isPercent,
  Part,
  Rules,
  Sentence,
  Several,
  sumsOf,
  wanted,
  wholeNumber,
  Word,
  type FieldProps,
  type PartProps,
  type Told,
} from './parts';

/** What discounts may be of. */
type Sold = FieldProps['sold'];

const kinds = [
  { id: 'percent', name: 'a share of' },
  { id: 'sum', name: 'a sum of' },
  { id: 'free-delivery', name: 'no delivery' },
] as const;

/** Discounts, in the order in which they are taken off. */
export function Discounts({ state, rules, sold }: FieldProps) {
  const { codes } = rules;
  const [draft, setDraft] = useState<DiscountCode | null>(null);
  const setCodes = (next: DiscountCode[]) => state.decide(set(tillPlaces.codes, next));
  const isTaken = (code: string, not?: DiscountCode) =>
    codes.some((other) => other !== not && codeKey(other.code) === codeKey(code));
  const begin = () =>
    setDraft({
      code: '',
      kind: 'percent',
      amount: 0,
      least: 0,
      until: '',
      from: '',
      of: { kind: 'all' },
      uses: null,
      perBuyer: null,
      automatic: false,
      combines: false,
    });
  const isReady = draft && draft.code && (draft.amount > 0 || draft.kind === 'free-delivery') && !isTaken(draft.code);
  return (
    <Part aria-label="Discounts">
      <h2>Discounts</h2>
      {codes.length > 1 ? (
        <Soft>
          <small>Taken off in this order. Of those that hold, the buyer gets what makes the order cheapest.</small>
        </Soft>
      ) : null}
      {codes.map((code, i) => (
        <Rules key={i}>
          <Discount
            discount={code}
            rules={rules}
            sold={sold}
            isTaken={(text) => isTaken(text, code)}
            onChange={(next) => setCodes(codes.map((other, j) => (i === j ? next : other)))}
          />
          <Row>
            {i ? (
              <TextButton
                aria-label={`Take ${code.code} off earlier`}
                onPress={() =>
                  setCodes(codes.map((other, j) => (j === i - 1 ? code : j === i ? (codes[i - 1] ?? other) : other)))
                }
              >
                Earlier
              </TextButton>
            ) : null}
            <TextButton onPress={() => setCodes(codes.filter((_, j) => i !== j))}>Take the code out</TextButton>
          </Row>
        </Rules>
      ))}
      {draft ? (
        <Rules data-draft="" role="group" aria-label="A discount that is not set yet">
          <AsTyped value={true}>
            <Discount discount={draft} rules={rules} sold={sold} isTaken={(text) => isTaken(text)} onChange={setDraft} />
          </AsTyped>
          <Row>
            <Button
              isDisabled={!isReady}
              onPress={() => {
                setCodes([...codes, draft]);
                setDraft(null);
              }}
            >
              Give this discount
            </Button>
            <TextButton onPress={() => setDraft(null)}>Leave it</TextButton>
          </Row>
        </Rules>
      ) : (
        <Row>
          <TextButton onPress={begin}>Add a discount</TextButton>
        </Row>
      )}
    </Part>
  );
}

interface DiscountProps {
  discount: DiscountCode;
  rules: PartProps['rules'];
  sold: Sold;
  isTaken: (code: string) => boolean;
  onChange: (discount: DiscountCode) => void;
}

function Discount({ discount, rules, sold, isTaken, onChange }: DiscountProps) {
  const sums = sumsOf(rules);
  const change = (part: Partial<DiscountCode>) => onChange({ ...discount, ...part });
  const { kind, of, automatic } = discount;
  const codeTold = (text: string): Told => {
    if (text.includes(',')) return { ok: false, say: 'A code has no comma.' };
    return isTaken(text) ? { ok: false, say: 'There is a discount by this code already.' } : wanted(text);
  };
  const untilTold = (text: string): Told =>
    text && discount.from && text < discount.from ? { ok: false, say: 'This is before its first day.' } : anyText();
  const choices = of.kind === 'products' ? sold.products : sold.shelves;
  const chosen = of.kind === 'products' ? of.ids : of.kind === 'shelves' ? of.names : [];
  const scope = (next: typeof of.kind, values: string[] = []) =>
    change({
      of:
        next === 'products' && values.length
          ? { kind: next, ids: values }
          : next === 'shelves' && values.length
            ? { kind: next, names: values }
            : { kind: 'all' },
    });
  return (
    <>
      <Sentence>
        <Word
          label="How it is taken"
          value={automatic ? 'unasked' : 'code'}
          options={[
            { id: 'code', name: 'Whoever types' },
            { id: 'unasked', name: 'Everybody, under the name' },
          ]}
          onChange={(id) => change({ automatic: id === 'unasked' })}
        />{' '}
        <Blank label="Code" size={11} value={discount.code} read={codeTold} onSet={(text) => change({ code: text.trim() })} />{' '}
        pays <Word label="Takes" value={kind} options={kinds} onChange={(next) => change({ kind: next, amount: 0 })} />{' '}
        {kind === 'free-delivery' ? null : kind === 'percent' ? (
          <>
            <Blank
              label="Percent"
              size={4}
              value={discount.amount ? String(discount.amount / 100) : ''}
              placeholder="0"
              read={(text) => (text ? isPercent(text) : anyText())}
              onSet={(text) => change({ amount: basisPoints(text || '0') })}
            />{' '}
            % less
          </>
        ) : (
          <>
            <Blank
              label="Sum"
              size={6}
              value={discount.amount ? sums.written(discount.amount) : ''}
              placeholder="0"
              read={(text) => (text ? parsePrice(text, rules.digits) : anyText())}
              onSet={(text) => change({ amount: text ? sums.of(text) : 0 })}
            />{' '}
            less
          </>
        )}{' '}
        on{' '}
        {of.kind === 'all' ? null : (
          <Several
            what={of.kind === 'products' ? 'product' : 'shelf'}
            values={chosen}
            nameOf={(id) => choices.find((one) => one.id === id)?.name ?? id}
            options={choices}
            onChange={(values) => scope(of.kind, values)}
          />
        )}{' '}
        <Word
          label="What it is off"
          value={of.kind}
          options={[
            { id: 'all', name: of.kind === 'all' ? 'everything' : '… everything' },
            ...(sold.shelves.length
              ? [{ id: 'shelves' as const, name: of.kind === 'shelves' ? '(these shelves)' : 'certain shelves' }]
              : []),
            ...(sold.products.length
              ? [{ id: 'products' as const, name: of.kind === 'products' ? '(these products)' : 'certain products' }]
              : []),
          ]}
          onChange={(next) => scope(next, [(next === 'products' ? sold.products : sold.shelves)[0]?.id ?? ''].filter(Boolean))}
        />
        , from{' '}
        <Blank
          label="Least sum"
          size={6}
          placeholder="any sum"
          value={discount.least ? sums.written(discount.least) : ''}
          read={sums.readOrNone}
          onSet={(text) => change({ least: text.trim() ? sums.of(text) : 0 })}
        />{' '}
        on.
      </Sentence>
      <Sentence>
        It holds from{' '}
        <Blank label="First day" type="date" value={discount.from} read={anyText} onSet={(from) => change({ from })} /> until{' '}
        <Blank label="Last day" type="date" value={discount.until} read={untilTold} onSet={(until) => change({ until })} />,{' '}
        <Blank
          label="Times in all"
          size={5}
          placeholder="any"
          value={discount.uses === null ? '' : String(discount.uses)}
          read={wholeNumber(1, 1_000_000, true)}
          onSet={(text) => change({ uses: text.trim() ? Number(text) : null })}
        />{' '}
        times in all and{' '}
        <Blank
          label="Times for one buyer"
          size={5}
          placeholder="any"
          value={discount.perBuyer === null ? '' : String(discount.perBuyer)}
          read={wholeNumber(1, 1_000_000, true)}
          onSet={(text) => change({ perBuyer: text.trim() ? Number(text) : null })}
        />{' '}
        times for one buyer,{' '}
        <Word
          label="Beside others"
          value={discount.combines ? 'beside' : 'alone'}
          options={[
            { id: 'alone', name: 'never beside another' },
            { id: 'beside', name: 'beside others of this kind' },
          ]}
          onChange={(id) => change({ combines: id === 'beside' })}
        />
        .
      </Sentence>
      {discount.until && discount.until < new Date().toISOString().slice(0, 10) ? <Notice>Its last day is over.</Notice> : null}
    </>
  );
}
