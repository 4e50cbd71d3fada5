'use client';

import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { DropZone, ToggleButtonGroup, type DropItem } from 'react-aria-components';
import styled from 'styled-components';
import { mostBytes } from '@/core/goods/page';
import { OpenFile, type OpenedFile } from '../OpenFile';
import { Button, Field, Notice, overAll, QuietButton, Row, Soft, Tab, TextButton } from '../parts';
import { AddProduct } from './goods/AddProduct';
import { Former } from './goods/Former';
import { ListGrid, type SheetAt } from './goods/ListGrid';
import { ListReport } from './goods/ListReport';
import { NewList } from './goods/NewList';
import { Pictures } from './goods/Pictures';
import { RowMend } from './goods/RowMend';
import { putOn } from './goods/putOn';
import { draggedPicture, Unplaced } from './goods/Unplaced';
import { Shelves } from './goods/Shelves';
import { TakeAway } from './goods/TakeAway';
import { useList } from './goods/useList';
import { productAt, useProduct } from './goods/useProduct';
import { useAsked } from '../useAsked';
import { narrow, tokens } from '../theme';
import { ProductDetail } from './ProductDetail';
import { ProductTable } from './ProductTable';
import { Working } from '../Working';
import { type StationProps } from './station';

const Drop = styled(DropZone)`
  height: 100%;
  min-height: 0;
  &[data-drop-target] {
    outline: 4px solid ${tokens.verdigris};
    outline-offset: -6px;
  }
`;

const Hall = styled.div`
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  height: 100%;
`;

const Tools = styled.div`
  display: grid;
  gap: 10px;
  padding: 16px 24px 12px;
  ${narrow} {
    padding: 10px 14px;
  }
  border-bottom: 1px solid ${tokens.ink};
  h1 {
    margin-right: auto;
  }
`;

const Split = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 400px;
  min-height: 0;
  ${narrow} {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: minmax(0, 1fr) minmax(0, auto);
  }
`;

const Side = styled.aside`
  border-left: 1px solid ${tokens.line};
  overflow: auto;
  padding: 18px 22px 28px;
  display: grid;
  gap: 14px;
  align-content: start;
  ${narrow} {
    border-left: 0;
    border-top: 1px solid ${tokens.ink};
    padding: 12px 14px;
    max-height: 34vh;
    &[data-open] {
      max-height: none;
    }
    &[data-open] {
      ${overAll}
    }
  }
`;

const Empty = styled.div`
  padding: 48px 24px;
  max-width: 620px;
  display: grid;
  gap: 16px;
`;

const accepts = [
  ...[
    '.csv',
    '.tsv',
    '.psv',
    '.txt',
    '.xlsx',
    '.ods',
    '.json',
    '.jsonl',
    '.ndjson',
    '.xml',
    '.rss',
    '.atom',
    '.html',
    '.htm',
    '.zip',
  ],
  ...['text/csv', 'text/tab-separated-values', 'text/plain', 'application/json', 'text/html', 'application/zip'],
];

/** What the middle of the sheet shows. */
type View = 'goods' | 'list';

const isPicture = ({ name, type }: { name: string; type: string }): boolean =>
  type.startsWith('image/') || /\.(jpe?g|png|webp|gif|svg|avif)$/i.test(name);

/** The goods as a table, the list as it came, what the list asks, and the product at hand. */
export function GoodsStation({ state, shop }: StationProps) {
  const { project } = state;
  const { goods } = project;
  const [pasting, setPasting] = useState(false);
  const [pasted, setPasted] = useState('');
  const [find, setFind] = useState('');
  const [selected, setSelected] = useState<string | null>(null);
  const [adding, setAdding] = useState(false);
  const [view, setView] = useState<View>('goods');
  const [row, setRow] = useState<SheetAt | null>(null);
  const rules = shop.summary?.rules;
  const moneyKnown = shop.summary?.moneyKnown ?? true;
  const list = useList(state, shop);
  const atHand = useProduct({ state, shop }, selected);
  const current = atHand?.product ?? null;
  /** What is at the side may be on its way. */
  const isOpening = selected !== null && atHand === null;
  const names = useAsked(shop, 'unplaced', {});
  const unplaced = useMemo(() => {
    const wanted = new Set(names);
    return project.pictures.filter(({ name }) => wanted.has(name));
  }, [names, project.pictures]);
  const isEmpty = !goods.file && (shop.summary ? shop.summary.products === 0 : goods.counts.products === 0);

  // The table is drawn again where it shows something else, and not with every step.
  const latest = useRef({ state, shop });
  useEffect(() => {
    latest.current = { state, shop };
  }, [state, shop]);
  const put = useCallback(async (id: string, pictures: string[]) => {
    const product = await productAt(latest.current, id);
    const label = pictures.length === 1 ? 'Put a picture on a product' : 'Put pictures on a product';
    if (product) latest.current.state.decide(putOn(product, pictures), label);
  }, []);
  const select = useCallback((id: string | null) => {
    setAdding(false);
    setSelected(id);
  }, []);

  const take = async (name: string, bytes: Uint8Array, beside?: OpenedFile[]) => {
    if (!(await list.take(name, bytes, beside))) return;
    setSelected(null);
    setRow(null);
    setPasting(false);
    setPasted('');
  };

  const takeDropped = async (items: readonly DropItem[]) => {
    const files = await filesIn(items);
    const pictures = files.filter(isPicture);
    const [first] = files.filter((file) => !isPicture(file));
    const bytes = async (file: File) => ({ name: file.name, bytes: new Uint8Array(await file.arrayBuffer()) });
    if (first && first.size > mostBytes(first.name)) return list.refuse(first.name);
    const shown = await Promise.all(pictures.map(bytes));
    // Pictures that come with a list are those of its goods.
    if (first) await take(first.name, (await bytes(first)).bytes, shown);
    else if (shown.length) await list.takePictures(shown);
  };

  const side =
    adding && rules ? (
      <AddProduct
        state={state}
        rules={rules}
        worker={shop.worker}
        onDone={(product) => {
          setAdding(false);
          if (product) setSelected(product.id);
        }}
      />
    ) : isOpening ? (
      <p role="status">Opening it …</p>
    ) : current && rules ? (
      <ProductDetail
        key={current.id}
        product={current}
        isOwn={atHand?.isOwn ?? false}
        state={state}
        rules={rules}
        worker={shop.worker}
        onPictures={(files) => void list.takePictures(files, current)}
        onClose={() => setSelected(null)}
      />
    ) : row && view === 'list' ? (
      <RowMend
        key={`${row.sheet} ${row.row.row} ${row.row.cells.join('\u0000')}`}
        at={row}
        columns={goods.report?.columns ?? []}
        onSay={(wishes, label) => {
          void list.sayOfList(wishes, label).then(() => setRow(null));
        }}
        onClose={() => setRow(null)}
      />
    ) : (
      <>
        {unplaced.length ? <Unplaced pictures={unplaced} shop={shop} find={find} onPut={put} /> : null}
        {goods.file ? (
          <ListReport goods={goods} moneyKnown={moneyKnown} onSay={(wishes, label) => void list.sayOfList(wishes, label)} />
        ) : null}
        <Shelves state={state} shop={shop} />
        <Former state={state} shop={shop} />
        <Pictures state={state} shop={shop} />
        {isEmpty ? null : <TakeAway shop={shop} />}
      </>
    );

  return (
    <Drop
      aria-label="Drop a list, pictures, a folder or an archive"
      getDropOperation={(types) => (types.has(draggedPicture) ? 'cancel' : 'copy')}
      onDrop={(event) => void takeDropped(event.items)}
    >
      <Hall aria-busy={!shop.settled}>
        <Tools>
          <Row>
            <h1>Goods</h1>
            {goods.file ? (
              <ToggleButtonGroup
                aria-label="What is shown"
                selectionMode="single"
                disallowEmptySelection
                selectedKeys={[view]}
                onSelectionChange={(keys) => {
                  setView(keys.has('list') ? 'list' : 'goods');
                  setSelected(null);
                }}
              >
                <Tab id="goods">What is sold</Tab>
                <Tab id="list">The list as it came</Tab>
              </ToggleButtonGroup>
            ) : null}
            <OpenFile
              accept={accepts}
              most={mostBytes}
              onTooLarge={list.refuse}
              onOpen={([file]) => file && void take(file.name, file.bytes)}
            >
              Open a list
            </OpenFile>
            <QuietButton onPress={() => setPasting(!pasting)}>Paste a list</QuietButton>
            <OpenFile quiet several accept={['image/*']} onOpen={(files) => void list.takePictures(files)}>
              Add pictures
            </OpenFile>
            <QuietButton isDisabled={!rules} onPress={() => setAdding(true)}>
              Add a product
            </QuietButton>
          </Row>
          {pasting ? (
            <form
              onSubmit={(event) => {
                event.preventDefault();
                void take('pasted list', new TextEncoder().encode(pasted));
              }}
              style={{ display: 'grid', gap: 8 }}
            >
              <Field label="The list, with its headings" rows={5} value={pasted} onChange={setPasted} autoFocus />
              <Row>
                <Button type="submit">Bring it in</Button>
                <TextButton onPress={() => setPasting(false)}>Leave it</TextButton>
              </Row>
            </form>
          ) : null}
          {list.busy ? <Working label="Reading" at={list.busy} onStop={list.stop} /> : null}
          {list.said ? (
            <div role="status">
              <Notice $kind={list.said.kind}>{list.said.say}</Notice>
            </div>
          ) : null}
        </Tools>
        {list.waiting ? (
          <NewList
            name={list.waiting.name}
            before={goods.file}
            changes={list.waiting.changes}
            both={list.waiting.both}
            rules={rules}
            onSame={(said) => void list.same(said)}
            onTake={(givenUp) => void list.accept(givenUp)}
            onLeave={list.leave}
          />
        ) : isEmpty && !adding ? (
          <Empty>
            <h2>No goods yet</h2>
            <p>
              Open the list that you have, as it is: a spreadsheet, CSV, JSON, a saved page, a feed, or an archive of a list with
              its pictures. Paste it, or drop it here with a folder of pictures. Nothing needs to be cleaned first.
            </p>
            <Soft>
              Nothing is lost in silence and nothing is guessed: a price or a number in stock that was not wholly understood is
              asked about, and the thing is not sold until you have answered.
            </Soft>
          </Empty>
        ) : (
          <Split>
            {view === 'list' && goods.file ? (
              <ListGrid
                goods={goods}
                worker={shop.worker}
                turn={shop.turn}
                chosen={row}
                onChoose={(chosen) => {
                  setRow(chosen);
                  setSelected(null);
                }}
                onSay={(wishes, label) => void list.sayOfList(wishes, label)}
              />
            ) : (
              <ProductTable
                shop={shop}
                find={find}
                onFind={setFind}
                selected={selected}
                onSelect={select}
                takesPictures={unplaced.length > 0}
                onPicture={put}
              />
            )}
            <Side
              key={adding ? 'adding' : selected ? selected : row && view === 'list' ? `row ${row.row.row}` : 'list'}
              aria-label={adding ? 'A product by hand' : current ? current.title : 'The list'}
              data-open={adding || current || (row && view === 'list') ? '' : undefined}
            >
              {side}
            </Side>
          </Split>
        )}
      </Hall>
    </Drop>
  );
}

/** The files that were dropped, those in folders too. */
async function filesIn(items: readonly DropItem[]): Promise<File[]> {
  const files: File[] = [];
  for (const item of items) {
    if (item.kind === 'file') files.push(await item.getFile());
    if (item.kind === 'directory') {
      const inside: DropItem[] = [];
      for await (const entry of item.getEntries()) inside.push(entry);
      files.push(...(await filesIn(inside)));
    }
  }
  return files;
}
