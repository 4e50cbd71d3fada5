'use client';

import { useState } from 'react';
import { typedChoices, withFurther } from '@/core/goods/page';
import { type Product } from '@/core/project';
import { Button, Field, Row } from '../../parts';

/** More to choose from, for a product that was put in by hand. */
export function FurtherChoices({ product, onAdd }: { product: Product; onAdd: (product: Product) => void }) {
  const [option, setOption] = useState('');
  const [values, setValues] = useState('');
  const [tried, setTried] = useState(false);
  const [known] = product.options;
  const choices = typedChoices(values);
  const fewest = known ? 1 : 2;
  const wrong = {
    option: known || option.trim() ? '' : 'Say what is chosen, such as “Size”.',
    values:
      choices.length >= fewest ? '' : known ? 'Write at least one.' : 'Write at least two: that which is there, and another.',
  };
  const shown = (say: string) => (tried ? say : '');
  return (
    <form
      aria-label="Further choices"
      style={{ display: 'grid', gap: 8 }}
      onSubmit={(event) => {
        event.preventDefault();
        setTried(true);
        if (wrong.option || wrong.values) return;
        onAdd(withFurther(product, option.trim(), choices));
        setOption('');
        setValues('');
        setTried(false);
      }}
    >
      {known ? null : <Field label="What can be chosen" value={option} onChange={setOption} wrong={shown(wrong.option)} />}
      <Field
        label={known ? `Further ${known}, parted by commas` : 'The choices, that which is there first'}
        value={values}
        onChange={setValues}
        wrong={shown(wrong.values)}
      />
      <Row>
        <Button type="submit">Add them</Button>
      </Row>
    </form>
  );
}
