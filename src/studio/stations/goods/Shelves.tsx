'use client';

import { useEffect, useState } from 'react';
import { Decided, productPlaces, set, shelfRefused } from '@/core/places';
import { type Product } from '@/core/project';
import { Field, QuietButton, Row, Soft, TextButton } from '../../parts';
import { type StationProps } from '../station';
import { Lines } from './lines';

interface Idea {
  shelf: string;
  because: string;
  products: string[];
}

/** Fewer goods than these need no categories. */
const fewest = 4;
const mostShown = 8;

/** Categories for goods that the list files nowhere: each taken, called otherwise, or refused. */
export function Shelves({ state, shop, products }: Pick<StationProps, 'state' | 'shop'> & { products: readonly Product[] }) {
  const [found, setFound] = useState<Idea[]>([]);
  const bare = products.filter((product) => product.categories.length === 0);
  const isBare = new Set(bare.map(({ id }) => id));
  const { worker, turn } = shop;
  const count = bare.length;
  useEffect(() => {
    if (!worker || turn === 0 || count < fewest) return;
    let stale = false;
    worker.ask('shelves', {}).then(
      (shelves) => (stale ? undefined : setFound(shelves)),
      () => undefined,
    );
    return () => {
      stale = true;
    };
  }, [worker, turn, count]);
  const decided = new Decided(state.project.decisions);
  const ideas = found.filter(({ shelf, products: ids }) => !decided.has(shelfRefused(shelf)) && ids.some((id) => isBare.has(id)));
  if (count < fewest || ideas.length === 0) return null;
  const titles = new Map(products.map((product) => [product.id, product.title]));
  return (
    <section aria-label="Categories that your goods suggest" style={{ display: 'grid', gap: 8, justifyItems: 'start' }}>
      <h3>Categories that your goods suggest</h3>
      <Soft>{count} of them are filed nowhere.</Soft>
      <Lines>
        {ideas.slice(0, mostShown).map((idea) => (
          <One
            key={idea.shelf}
            idea={{ ...idea, products: idea.products.filter((id) => isBare.has(id)) }}
            titles={titles}
            onTake={(name, ids) =>
              state.decide(
                ids.map((id) => set(productPlaces.categories(id), [name])),
                `File goods under ${name}`,
              )
            }
            onRefuse={() => state.decide(set(shelfRefused(idea.shelf), 'refused'))}
          />
        ))}
      </Lines>
    </section>
  );
}

function One({
  idea: { shelf, because, products },
  titles,
  onTake,
  onRefuse,
}: {
  idea: Idea;
  titles: ReadonlyMap<string, string>;
  onTake: (name: string, products: string[]) => void;
  onRefuse: () => void;
}) {
  const [name, setName] = useState(shelf);
  const shown = products.slice(0, 3).map((id) => titles.get(id));
  return (
    <li>
      <Field label={`A category for ${products.length}`} value={name} onChange={setName} maxLength={100} />
      <small>
        {because} {shown.join(', ')}
        {products.length > 3 ? ' …' : ''}
      </small>
      <Row>
        <QuietButton
          isDisabled={!name.trim()}
          aria-label={`File ${products.length} under ${name.trim() || shelf}`}
          onPress={() => onTake(name.trim(), products)}
        >
          File them so
        </QuietButton>
        <TextButton aria-label={`No category ${shelf}`} onPress={onRefuse}>
          Not that one
        </TextButton>
      </Row>
    </li>
  );
}
