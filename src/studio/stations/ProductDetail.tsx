'use client';

import { useState } from 'react';
import styled from 'styled-components';
import { parsePrice } from '@/core/goods';
import { type DecisionValue, type Product, type Variant } from '@/core/project';
import { type Result, fail, ok } from '@/core/result';
import { decimal, type TillRules } from '@/core/till';
import { Choice, Field, Notice, Row, TextButton } from '../parts';
import { tokens } from '../theme';
import { type ProjectState } from '../useProject';

const Variants = styled.table`
  border-collapse: collapse;
  width: 100%;
  th,
  td {
    text-align: left;
    padding: 5px 8px 5px 0;
    border-bottom: 1px solid ${tokens.line};
    font-weight: 400;
    font-size: 14px;
  }
  thead th {
    font-weight: 600;
    font-size: 13.5px;
  }
  input {
    width: 84px;
    padding: 4px 6px;
    border: 1px solid ${tokens.soft};
    background: ${tokens.raised};
    min-height: 30px;
  }
  input[aria-invalid='true'] {
    border-color: ${tokens.madder};
    box-shadow: inset 0 0 0 1px ${tokens.madder};
  }
`;

/** One product: every field is changed where it stands, and each change is a decision that outlives the next list. */
export function ProductDetail({
  product,
  state,
  rules,
  onClose,
}: {
  product: Product;
  state: ProjectState;
  rules: TillRules;
  onClose: () => void;
}) {
  const at = `goods/${product.id}`;
  const mine = state.project.decisions
    .filter((decision) => decision.place.startsWith(`${at}/`))
    .map((decision) => decision.place);
  const [title, setTitle] = useState(product.title);
  const [description, setDescription] = useState(product.description);
  const [categories, setCategories] = useState(product.categories.join(', '));
  const set = (field: string, value: DecisionValue) => state.decide({ [`${at}/${field}`]: value });
  return (
    <>
      <Row>
        <h2 style={{ marginRight: 'auto' }}>{product.title}</h2>
        <TextButton onPress={onClose}>Close</TextButton>
      </Row>
      <Field
        label="Title"
        value={title}
        onChange={setTitle}
        wrong={title.trim() ? '' : 'A product needs a title.'}
        onBlur={() => title.trim() && title !== product.title && set('title', title.trim())}
      />
      <Field
        label="Description"
        rows={4}
        value={description}
        onChange={setDescription}
        onBlur={() => description !== product.description && set('description', description)}
      />
      <Field
        label="Categories, parted by commas"
        value={categories}
        onChange={setCategories}
        onBlur={() => {
          const names = categories
            .split(',')
            .map((name) => name.trim())
            .filter(Boolean);
          if (names.join(', ') !== product.categories.join(', ')) set('categories', names);
        }}
      />
      <Choice
        label="Tax class"
        value={product.taxClass}
        options={[
          { id: 'standard', name: 'Standard' },
          { id: 'reduced', name: 'Reduced' },
          { id: 'zero', name: 'Zero' },
        ]}
        onChange={(value) => set('taxClass', value)}
      />
      <Variants>
        <thead>
          <tr>
            <th scope="col">{product.options.join(', ') || 'Variant'}</th>
            <th scope="col">Price, {rules.currency}</th>
            <th scope="col">Stock</th>
          </tr>
        </thead>
        <tbody>
          {product.variants.map((variant) => (
            <VariantRow
              key={variant.id}
              variant={variant}
              rules={rules}
              onSet={(field, value) => set(`${variant.id}/${field}`, value)}
            />
          ))}
        </tbody>
      </Variants>
      <Row>
        <TextButton
          onPress={() => {
            set('hidden', true);
            onClose();
          }}
        >
          Take it out of the shop
        </TextButton>
        {mine.length ? <TextButton onPress={() => state.withdraw(mine)}>Back to what the list says</TextButton> : null}
      </Row>
    </>
  );
}

const wholeNumber = (text: string): Result<number | null> => {
  if (!text.trim()) return ok(null);
  return /^\d{1,9}$/.test(text.trim())
    ? ok(Number(text))
    : fail('Write a whole number, or leave it empty where you don’t count.');
};

function VariantRow({
  variant,
  rules,
  onSet,
}: {
  variant: Variant;
  rules: TillRules;
  onSet: (field: 'price' | 'stock', value: number | null) => void;
}) {
  const [price, setPrice] = useState(decimal(variant.price, rules.digits));
  const [stock, setStock] = useState(variant.stock === null ? '' : String(variant.stock));
  const name = variant.values.join(', ') || 'the one';
  const readPrice = parsePrice(price, rules.digits);
  const readStock = wholeNumber(stock);
  return (
    <>
      <tr>
        <th scope="row">
          {name}
          {variant.sku ? (
            <>
              <br />
              <small>{variant.sku}</small>
            </>
          ) : null}
        </th>
        <td>
          <input
            aria-label={`Price of ${name}`}
            value={price}
            inputMode="decimal"
            aria-invalid={!readPrice.ok}
            onChange={(event) => setPrice(event.target.value)}
            onBlur={() => readPrice.ok && readPrice.value !== variant.price && onSet('price', readPrice.value)}
          />
        </td>
        <td>
          <input
            aria-label={`Stock of ${name}`}
            value={stock}
            inputMode="numeric"
            aria-invalid={!readStock.ok}
            onChange={(event) => setStock(event.target.value)}
            onBlur={() => readStock.ok && readStock.value !== variant.stock && onSet('stock', readStock.value)}
          />
        </td>
      </tr>
      {readPrice.ok && readStock.ok ? null : (
        <tr>
          <td colSpan={3}>
            <Notice $kind="mend">{readPrice.ok ? (readStock.ok ? '' : readStock.say) : readPrice.say}</Notice>
          </td>
        </tr>
      )}
    </>
  );
}
