'use client';

import { useState } from 'react';
import { productPlaces, set } from '@/core/places';
import { type Product } from '@/core/project';
import { rhythmSchema } from '@/core/goods/about';
import { Choice, Field, Notice } from '../../parts';
import { type ProjectState } from '../../useProject';

const units = [
  { id: 'week', name: 'weeks' },
  { id: 'month', name: 'months' },
] as const;
type Unit = (typeof units)[number]['id'];

/** How often a thing comes again. It is set as soon as both parts of it are said. */
export function RhythmOfProduct({ product, state }: { product: Product; state: ProjectState }) {
  const { rhythm } = product;
  const [typed, setTyped] = useState(rhythm ? String(rhythm.every) : '');
  const place = productPlaces.rhythm(product.id);
  const say = (every: string, unit: Unit) => {
    const read = rhythmSchema.safeParse({ every: /^\d+$/.test(every) ? Number(every) : null, unit });
    if (read.success) state.decide(set(place, read.data));
    return read.success;
  };
  const isWrong = typed !== '' && !rhythmSchema.shape.every.safeParse(/^\d+$/.test(typed) ? Number(typed) : null).success;
  return (
    <div role="group" aria-label="How often it comes" style={{ display: 'grid', gap: 8 }}>
      {rhythm ? null : <Notice $kind="mend">It is shown, and not sold until you say how often it comes.</Notice>}
      <div style={{ display: 'grid', gridTemplateColumns: '110px minmax(0, 1fr)', gap: 12 }}>
        <Field
          label="It comes every"
          value={typed}
          inputMode="numeric"
          onChange={(text) => {
            setTyped(text.trim());
            say(text.trim(), rhythm?.unit ?? 'month');
          }}
          wrong={isWrong ? 'Write a number from 1 to 52.' : ''}
        />
        <Choice
          label="Weeks or months"
          value={rhythm?.unit ?? 'month'}
          options={units}
          onChange={(unit) => say(typed || '1', unit)}
        />
      </div>
    </div>
  );
}
