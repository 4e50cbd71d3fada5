'use client';

import { memo, useCallback, useState } from 'react';
import {
  Cell,
  Collection,
  Column,
  Row as TableRow,
  Table,
  TableBody,
  TableHeader,
  TableLayout,
  TableLoadMoreItem,
  useDragAndDrop,
  Virtualizer,
  type SortDescriptor,
} from 'react-aria-components';
import styled from 'styled-components';
import { goodsOrders, type GoodsOrder, type GoodsRow } from '@/workers/protocol';
import { Field } from '../parts';
import { narrow, tokens } from '../theme';
import { useAsked } from '../useAsked';
import { useNarrow } from '../useNarrow';
import { type ShopState } from '../useShop';
import { draggedPicture } from './goods/Unplaced';

const Grid = styled.div`
  min-height: 0;
  [role='grid'] {
    height: 100%;
    overflow: auto;
    background: ${tokens.sheet};
  }
  [role='columnheader'] {
    font-size: 13.5px;
    font-weight: 600;
    padding: 9px 10px;
    background: ${tokens.sheet};
    border-bottom: 1px solid ${tokens.ink};
    cursor: default;
    outline-offset: -3px;
  }
  [role='row'] {
    outline-offset: -3px;
    cursor: default;
    &[data-drop-target] {
      outline: 3px solid ${tokens.verdigris};
    }
  }
  [role='rowheader'],
  [role='gridcell'] {
    padding: 6px 10px;
    border-bottom: 1px solid ${tokens.line};
    display: flex;
    align-items: center;
    gap: 10px;
    min-width: 0;
    outline-offset: -3px;
    height: 100%;
    overflow: hidden;
    white-space: nowrap;
  }
  [role='row'][data-selected] [role='gridcell'],
  [role='row'][data-selected] [role='rowheader'] {
    background: ${tokens.verdigrisPale};
  }
  img,
  .none {
    width: 32px;
    height: 32px;
    object-fit: cover;
    flex: none;
    background: ${tokens.stone};
  }
  [role='columnheader'][aria-colindex='1'],
  [role='rowheader']:first-child {
    padding-left: 24px;
    ${narrow} {
      padding-left: 14px;
    }
  }
  [role='columnheader'].figure {
    text-align: right;
  }
  [role='row'][data-hovered] [role='gridcell'],
  [role='row'][data-hovered] [role='rowheader'] {
    background: ${tokens.raised};
  }
  .cut {
    overflow: hidden;
    text-overflow: ellipsis;
  }
  .end {
    margin-left: auto;
  }
`;

interface TableProps {
  shop: ShopState;
  find: string;
  onFind: (find: string) => void;
  selected: string | null;
  onSelect: (id: string | null) => void;
  /** Whether there are pictures to be dragged onto a product; each row has more to do where there are. */
  takesPictures: boolean;
  /** Pictures that were dragged onto a product. */
  onPicture: (id: string, names: string[]) => Promise<void>;
}

/** As many rows as are in sight are taken first, and more whenever the end is reached: a collection of thousands would hold up the page. */
const inSight = 12;
/** Whoever goes on gets half as many again each time. */
const moreOf = (count: number): number => Math.min(mostShown, count + Math.max(inSight, Math.floor(count / 2)));
/** More than these are found by searching. */
const mostShown = 1000;

const isOrder = (column: unknown): column is GoodsOrder => goodsOrders.some((one) => one === column);

/** The goods as a table: the worker finds and sorts them, and gives as many rows as were scrolled to; those in sight are drawn. */
export function ProductTable({ shop, find, onFind, selected, onSelect, takesPictures, onPicture }: TableProps) {
  const [sort, setSort] = useState<SortDescriptor>({ column: 'list', direction: 'ascending' });
  const [count, setCount] = useState(inSight);
  const order = isOrder(sort.column) ? sort.column : 'list';
  const answer = useAsked(shop, 'goods', { find, order, isDown: sort.direction === 'descending', count });
  const onSort = useCallback((by: SortDescriptor) => {
    // Another search or order is shown from its beginning.
    setCount(inSight);
    setSort(by);
  }, []);
  const onMore = useCallback(() => setCount(moreOf), []);
  const found = answer?.found ?? 0;
  // Where there is little room, what a thing is known by is read, and what it costs.
  const isWide = !useNarrow();
  return (
    <div style={{ display: 'grid', gridTemplateRows: 'auto minmax(0, 1fr)', minHeight: 0 }}>
      <div style={{ padding: isWide ? '10px 24px' : '6px 14px', maxWidth: 420 }}>
        <Field
          label="Find in the list"
          value={find}
          onChange={(text) => {
            setCount(inSight);
            onFind(text);
          }}
        />
        {found > mostShown ? (
          <small>
            The first {mostShown} of {found} are shown. Find narrows them.
          </small>
        ) : null}
      </div>
      <Grid>
        <Things
          key={String(takesPictures)}
          rows={answer?.rows ?? none}
          hasMore={(answer?.rows.length ?? 0) < Math.min(found, mostShown)}
          empty={!answer ? 'Opening the list …' : find ? `Nothing in the list has “${find}” in it.` : 'Nothing is sold yet.'}
          isWide={isWide}
          sort={sort}
          onSort={onSort}
          onMore={onMore}
          selected={selected}
          onSelect={onSelect}
          takesPictures={takesPictures}
          onPicture={onPicture}
        />
      </Grid>
    </div>
  );
}

const none: GoodsRow[] = [];

interface ThingsProps extends Pick<TableProps, 'selected' | 'onSelect' | 'takesPictures' | 'onPicture'> {
  rows: readonly GoodsRow[];
  hasMore: boolean;
  /** What is said where there are none. */
  empty: string;
  isWide: boolean;
  sort: SortDescriptor;
  onSort: (by: SortDescriptor) => void;
  onMore: () => void;
}

/** Its rows: drawn again where they are others, and not with every step. */
const Things = memo(function Things(props: ThingsProps) {
  const { rows, hasMore, empty, isWide, sort, onSort, onMore, selected, onSelect, takesPictures, onPicture } = props;
  const { dragAndDropHooks } = useDragAndDrop({
    getDropOperation: (target, types) =>
      target.type === 'item' && target.dropPosition === 'on' && types.has(draggedPicture) ? 'copy' : 'cancel',
    onItemDrop: (event) => {
      void Promise.all(
        event.items.flatMap((item) =>
          item.kind === 'text' && item.types.has(draggedPicture) ? [item.getText(draggedPicture)] : [],
        ),
      ).then((names) => onPicture(String(event.target.key), names));
    },
  });
  return (
    <Virtualizer layout={TableLayout} layoutOptions={{ rowHeight: 46, headingHeight: 38 }}>
      <Table
        aria-label="Goods"
        selectionMode="single"
        selectionBehavior="replace"
        selectedKeys={selected ? [selected] : []}
        onSelectionChange={(keys) => onSelect(keys === 'all' ? null : String([...keys][0] ?? '') || null)}
        {...(takesPictures ? { dragAndDropHooks } : {})}
        sortDescriptor={sort}
        onSortChange={onSort}
      >
        <TableHeader>
          <Column id="title" isRowHeader allowsSorting width="3fr">
            Title
          </Column>
          {isWide ? (
            <Column id="categories" width="2fr">
              Categories
            </Column>
          ) : null}
          {isWide ? (
            <Column id="variants" className="figure" allowsSorting width={100}>
              Variants
            </Column>
          ) : null}
          <Column id="price" className="figure" allowsSorting width={isWide ? 250 : 130}>
            Price
          </Column>
          <Column id="stock" className="figure" allowsSorting width={isWide ? 120 : 78}>
            Stock
          </Column>
        </TableHeader>
        <TableBody renderEmptyState={() => <p style={{ padding: 24 }}>{empty}</p>}>
          <Collection items={rows} dependencies={[isWide]}>
            {({ id, title, categories, variants, price, stock, asksStock, hasPicture }) => (
              <TableRow id={id} textValue={title}>
                <Cell>
                  <PictureDot has={hasPicture} />
                  <span className="cut">{title}</span>
                </Cell>
                {isWide ? (
                  <Cell>
                    <span className="cut">{categories.join(', ')}</span>
                  </Cell>
                ) : null}
                {isWide ? (
                  <Cell>
                    <span className="end">{variants}</span>
                  </Cell>
                ) : null}
                <Cell>
                  {/* What is still too long can be read whole. */}
                  <span
                    className="end cut"
                    title={price && price.low !== price.high ? `${price.low} – ${price.high}` : undefined}
                  >
                    {!price
                      ? 'not sold yet'
                      : price.low === price.high
                        ? price.low
                        : isWide
                          ? `${price.low} – ${price.high}`
                          : `from ${price.low}`}
                  </span>
                </Cell>
                <Cell>
                  <span className="end">{asksStock ? 'not said' : (stock ?? 'not counted')}</span>
                </Cell>
              </TableRow>
            )}
          </Collection>
          {hasMore ? <TableLoadMoreItem onLoadMore={onMore} /> : null}
        </TableBody>
      </Table>
    </Virtualizer>
  );
});

const Dot = styled.i<{ $has: boolean }>`
  width: 12px;
  height: 14px;
  flex: none;
  border-radius: 6px 6px 0 0;
  border: 1px solid ${({ $has }) => ($has ? tokens.verdigris : tokens.soft)};
  background: ${({ $has }) => ($has ? tokens.verdigris : 'transparent')};
`;

function PictureDot({ has }: { has: boolean }) {
  return (
    <Dot
      $has={has}
      role="img"
      aria-label={has ? 'has a picture' : 'has no picture'}
      title={has ? 'Has a picture' : 'Has no picture'}
    />
  );
}
