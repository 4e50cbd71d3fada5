'use client';

import { useMemo, useState } from 'react';
import { Button, GridList, GridListItem, useDragAndDrop } from 'react-aria-components';
import styled from 'styled-components';
import { type Picture } from '@/core/project';
import { Choice, QuietButton, Row, Soft } from '../../parts';
import { tokens } from '../../theme';
import { useAsked } from '../../useAsked';
import { type ShopState } from '../../useShop';
import { usePictureUrls } from './usePictureUrls';

const Tiles = styled.div`
  [role='grid'] {
    display: grid;
    grid-template-columns: repeat(4, minmax(0, 1fr));
    gap: 8px;
  }
  [role='row'] {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 3px;
    border: 1px solid ${tokens.line};
    background: ${tokens.raised};
    padding: 4px;
    cursor: grab;
    min-width: 0;
    font-size: 12.5px;
    &[data-selected] {
      border-color: ${tokens.verdigris};
      box-shadow: 0 0 0 2px ${tokens.verdigris};
    }
    &[data-focus-visible] {
      outline: 3px solid ${tokens.verdigris};
      outline-offset: 2px;
    }
  }
  button {
    background: none;
    border: 0;
    padding: 2px 0;
    min-height: 24px;
    text-align: left;
    color: ${tokens.verdigris};
    text-decoration: underline;
    text-underline-offset: 3px;
    cursor: grab;
  }
  img,
  .none {
    width: 100%;
    aspect-ratio: 1;
    object-fit: cover;
    background: ${tokens.stone};
    display: block;
  }
  span {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
`;

/** The kind of what is dragged: the name of a picture. */
export const draggedPicture = 'application/x-arcatum-picture';
const mostShown = 60;
const mostOffered = 1000;

/** Pictures that belong to nothing yet: dragged onto a product, or put on one that is chosen. */
export function Unplaced({
  pictures,
  shop,
  find,
  onPut,
}: {
  pictures: readonly Picture[];
  shop: ShopState;
  /** What is looked for in the table: the same things are offered here. */
  find: string;
  onPut: (product: string, names: string[]) => Promise<void>;
}) {
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [product, setProduct] = useState('');
  const shown = useMemo(() => pictures.slice(0, mostShown), [pictures]);
  const urls = usePictureUrls(shown);
  const { dragAndDropHooks } = useDragAndDrop({
    getItems: (keys) => [...keys].map((key) => ({ [draggedPicture]: String(key), 'text/plain': String(key) })),
    getAllowedDropOperations: () => ['copy'],
  });
  const names = pictures.map(({ name }) => name).filter((name) => chosen.has(name));
  const offered = useAsked(shop, 'goods', names.length ? { find, order: 'list', isDown: false, count: mostOffered } : null);
  const products = offered?.rows ?? [];
  const at = products.find(({ id }) => id === product) ?? products[0];
  return (
    <section aria-label="Pictures that belong to nothing yet" style={{ display: 'grid', gap: 8 }}>
      <h3>{pictures.length === 1 ? 'One picture belongs' : `${pictures.length} pictures belong`} to nothing yet</h3>
      <Soft>
        Drag one onto its product in the table; by keyboard, “Take up”, then the arrow keys, then Enter. Or choose pictures here,
        and their product below.
      </Soft>
      <Tiles>
        <GridList
          aria-label="Pictures without a product"
          layout="grid"
          selectionMode="multiple"
          selectedKeys={chosen}
          onSelectionChange={(keys) =>
            setChosen(keys === 'all' ? new Set(shown.map(({ name }) => name)) : new Set([...keys].map(String)))
          }
          dragAndDropHooks={dragAndDropHooks}
          items={shown.map((picture) => ({ id: picture.name, picture, url: urls.get(picture.name.toLowerCase()) }))}
        >
          {({ picture, url }) => (
            <GridListItem id={picture.name} textValue={picture.name}>
              {url ? <img src={url} alt="" /> : <i className="none" />}
              <span title={picture.name}>{picture.name}</span>
              <Button slot="drag" aria-label={`Take up ${picture.name}, to drop it on a product`}>
                Take up
              </Button>
            </GridListItem>
          )}
        </GridList>
      </Tiles>
      {pictures.length > mostShown ? <Soft>and {pictures.length - mostShown} more after these.</Soft> : null}
      {names.length && at ? (
        <>
          <Choice
            label={names.length === 1 ? 'It shows' : `These ${names.length} show`}
            value={at.id}
            options={products.map(({ id, title }) => ({ id, name: title }))}
            onChange={setProduct}
          />
          {offered && offered.found > products.length ? <Soft>“Find in the list” brings others here.</Soft> : null}
          <Row>
            <QuietButton
              onPress={() => {
                void onPut(at.id, names).then(() => setChosen(new Set()));
              }}
            >
              Put {names.length === 1 ? 'it' : 'them'} there
            </QuietButton>
          </Row>
        </>
      ) : null}
    </section>
  );
}
