'use client';

import { useState } from 'react';
import styled from 'styled-components';
import { productKindSchema } from '@/core/goods/about';
import { parsePrice, shelfPath } from '@/core/goods/page';
import { Decided, ownProduct, productHidden, productPlaces, set, variantPlaces, whyNot, type Place } from '@/core/places';
import { type Product, type Variant } from '@/core/project';
import { type Result, fail, ok } from '@/core/result';
import { decimal, followingsSay } from '@/core/till/page';
import { type TillRules } from '@/core/till';
import { type ShopWorker } from '@/workers/client';
import { Choice, Field, Notice, Row, Soft, TextButton } from '../parts';
import { type OpenedFile } from '../OpenFile';
import { tokens } from '../theme';
import { FileOfProduct } from './goods/FileOfProduct';
import { RhythmOfProduct } from './goods/RhythmOfProduct';
import { FurtherChoices } from './goods/FurtherChoices';
import { ProductPictures } from './goods/ProductPictures';
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

const kinds = productKindSchema.options.map((id) => ({ id, name: followingsSay[id].name }));

/** One product: every field is changed where it stands, and each change is a decision that outlives the next list. */
export function ProductDetail({
  product,
  isOwn,
  state,
  rules,
  worker,
  onPictures,
  onClose,
}: {
  product: Product;
  /** Whether it was put in by hand, and no list has it. */
  isOwn: boolean;
  state: ProjectState;
  rules: TillRules;
  worker: ShopWorker | null;
  /** Takes files in and puts them on the product. */
  onPictures: (files: OpenedFile[]) => void;
  onClose: () => void;
}) {
  const decided = new Decided(state.project.decisions);
  const own = isOwn ? decided.get(ownProduct(product.id)) : undefined;
  const mine = [
    ...Object.values(productPlaces).map((place): Place => place(product.id)),
    ...product.variants.flatMap((variant) => Object.values(variantPlaces).map((place): Place => place(product.id, variant.id))),
  ].filter((place) => decided.has(place));
  const [title, setTitle] = useState(product.title);
  const [description, setDescription] = useState(product.description);
  const [categories, setCategories] = useState(product.categories.join(', '));
  const shelves = [
    ...new Set(
      categories.split(',').flatMap((name) => {
        const parts = name.split('>').flatMap((part) => part.trim() || []);
        return parts.length ? [shelfPath(parts.slice(0, 2))] : [];
      }),
    ),
  ];
  const wrong = {
    title: title.trim() ? whyNot(productPlaces.title(product.id), title.trim()) : 'A product needs a title.',
    description: whyNot(productPlaces.description(product.id), description),
    categories: whyNot(productPlaces.categories(product.id), shelves),
  };
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
        wrong={wrong.title}
        onBlur={() => !wrong.title && title !== product.title && state.decide(set(productPlaces.title(product.id), title.trim()))}
      />
      <Field
        label="Description"
        rows={4}
        value={description}
        onChange={setDescription}
        wrong={wrong.description}
        onBlur={() =>
          !wrong.description &&
          description !== product.description &&
          state.decide(set(productPlaces.description(product.id), description))
        }
      />
      <Field
        label="Categories, parted by commas; “Kitchen > Knives” for one in another"
        value={categories}
        onChange={setCategories}
        wrong={wrong.categories}
        onBlur={() =>
          !wrong.categories &&
          shelves.join(', ') !== product.categories.join(', ') &&
          state.decide(set(productPlaces.categories(product.id), shelves))
        }
      />
      <Choice
        label="What it is"
        value={product.kind}
        options={kinds}
        onChange={(value) => state.decide(set(productPlaces.kind(product.id), value))}
      />
      {product.kind === 'physical' ? null : <Soft>{followingsSay[product.kind].says}</Soft>}
      {product.kind === 'repeat' ? <RhythmOfProduct product={product} state={state} /> : null}
      {product.kind === 'download' ? <FileOfProduct product={product} state={state} worker={worker} /> : null}
      <Choice
        label="Tax class"
        value={product.taxClass}
        options={
          [
            { id: 'standard', name: 'Standard' },
            { id: 'reduced', name: 'Reduced' },
            { id: 'zero', name: 'Zero' },
          ] as const
        }
        onChange={(value) => state.decide(set(productPlaces.taxClass(product.id), value))}
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
              onPrice={(price) => state.decide(set(variantPlaces.price(product.id, variant.id), price))}
              onStock={(stock) => state.decide(set(variantPlaces.stock(product.id, variant.id), stock))}
            />
          ))}
        </tbody>
      </Variants>
      {own && product.options.length < 2 ? (
        <FurtherChoices
          key={product.variants.length}
          product={own}
          onAdd={(more) => state.decide(set(ownProduct(product.id), more), 'Add choices to a product')}
        />
      ) : null}
      <ProductPictures product={product} state={state} onAdd={onPictures} />
      <Row>
        <TextButton
          onPress={() => {
            // What was put in by hand goes altogether; what a list has is hidden.
            if (isOwn) state.withdraw(ownProduct(product.id), ...mine);
            else state.decide(set(productHidden(product.id), true));
            onClose();
          }}
        >
          Take it out of the shop
        </TextButton>
        {mine.length && !isOwn ? (
          <TextButton onPress={() => state.withdraw(...mine)}>Back to what the list says</TextButton>
        ) : null}
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
  onPrice,
  onStock,
}: {
  variant: Variant;
  rules: TillRules;
  onPrice: (price: number) => void;
  onStock: (stock: number | null) => void;
}) {
  const [price, setPrice] = useState(variant.price === null ? '' : decimal(variant.price, rules.digits));
  const [stock, setStock] = useState(variant.stock === null ? '' : String(variant.stock));
  const isOpen = price.trim() === '' && variant.price === null;
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
            aria-invalid={!readPrice.ok && !isOpen}
            placeholder={isOpen ? 'not said' : undefined}
            onChange={(event) => setPrice(event.target.value)}
            onBlur={() => readPrice.ok && readPrice.value !== variant.price && onPrice(readPrice.value)}
          />
        </td>
        <td>
          <input
            aria-label={`Stock of ${name}`}
            value={stock}
            inputMode="numeric"
            aria-invalid={!readStock.ok}
            onChange={(event) => setStock(event.target.value)}
            onBlur={() => readStock.ok && readStock.value !== variant.stock && onStock(readStock.value)}
          />
        </td>
      </tr>
      {(readPrice.ok || isOpen) && readStock.ok ? null : (
        <tr>
          <td colSpan={3}>
            <Notice $kind="mend">{readPrice.ok || isOpen ? (readStock.ok ? '' : readStock.say) : readPrice.say}</Notice>
          </td>
        </tr>
      )}
    </>
  );
}
