'use client';

import { useState } from 'react';
import { typedChoices, parsePrice } from '@/core/goods/page';
import { ownProduct, set } from '@/core/places';
import { type Product } from '@/core/project';
import { type TillRules } from '@/core/till';
import { type ShopWorker } from '@/workers/client';
import { Button, Field, Row, Soft, TextButton } from '../../parts';
import { type ProjectState } from '../../useProject';

/** A product by hand: what a list would have said of it, typed. */
export function AddProduct({
  state,
  rules,
  worker,
  onDone,
}: {
  state: ProjectState;
  rules: TillRules;
  worker: ShopWorker | null;
  onDone: (product: Product | null) => void;
}) {
  const [title, setTitle] = useState('');
  const [price, setPrice] = useState('');
  const [description, setDescription] = useState('');
  const [shelves, setShelves] = useState('');
  const [option, setOption] = useState('');
  const [values, setValues] = useState('');
  const [tried, setTried] = useState(false);
  const amount = price.trim() ? parsePrice(price, rules.digits) : null;
  const choices = typedChoices(values);
  const wrong = {
    title: title.trim() ? '' : 'A product needs a title.',
    price: amount && !amount.ok ? amount.say : '',
    option: choices.length > 1 && !option.trim() ? 'Say what is chosen, such as “Size”.' : '',
    values: option.trim() && choices.length < 2 ? 'Write at least two, parted by commas.' : '',
  };
  const add = async () => {
    setTried(true);
    if (!worker || Object.values(wrong).some(Boolean)) return;
    const product = await worker.ask('newProduct', {
      typed: {
        title: title.trim(),
        description: description.trim(),
        categories: shelves.split(',').flatMap((name) => name.trim() || []),
        option: option.trim(),
        choices,
        price: amount?.ok ? amount.value : null,
      },
    });
    state.decide(set(ownProduct(product.id), product), 'Add a product by hand');
    onDone(product);
  };
  const shown = (say: string) => (tried ? say : '');
  return (
    <form
      aria-label="A product by hand"
      style={{ display: 'grid', gap: 12 }}
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      <h2>A product by hand</h2>
      <Soft>It stands beside what the list says, and stays when another list comes.</Soft>
      <Field label="Title" value={title} onChange={setTitle} wrong={shown(wrong.title)} autoFocus />
      <Field
        label={`Price, ${rules.currency}`}
        value={price}
        onChange={setPrice}
        wrong={wrong.price}
        placeholder="empty where it is not known yet"
      />
      <Field label="Description" rows={3} value={description} onChange={setDescription} />
      <Field label="Categories, parted by commas" value={shelves} onChange={setShelves} />
      <Field
        label="What can be chosen"
        value={option}
        onChange={setOption}
        wrong={shown(wrong.option)}
        placeholder="such as Size; empty where there is one kind"
      />
      {option.trim() || values ? (
        <Field label="The choices, parted by commas" value={values} onChange={setValues} wrong={shown(wrong.values)} />
      ) : null}
      <Row>
        <Button type="submit">Add it</Button>
        <TextButton onPress={() => onDone(null)}>Leave it</TextButton>
      </Row>
    </form>
  );
}
