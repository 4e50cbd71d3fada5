'use client';

import { useEffect, useMemo, useState } from 'react';
import styled from 'styled-components';
import { decidedGoods } from '@/core/goods/page';
import { fail } from '@/core/result';
import { areaOf, Decided, given, productPlaces, set, type Wish } from '@/core/places';
import { type Product } from '@/core/project';
import { OpenFile } from '../OpenFile';
import { Button, Field, Notice, QuietButton, Row, Soft, TextButton } from '../parts';
import { withMoves } from '../moves';
import { keepPictures, readList, rereadList } from '../projects';
import { ListReport } from './goods/ListReport';
import { Pictures } from './goods/Pictures';
import { tokens } from '../theme';
import { ProductDetail } from './ProductDetail';
import { ProductTable } from './ProductTable';
import { type StationProps } from './station';

const Hall = styled.div`
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  height: 100%;
`;

const Tools = styled.div`
  display: grid;
  gap: 10px;
  padding: 16px 24px 12px;
  border-bottom: 1px solid ${tokens.ink};
  h1 {
    margin-right: auto;
  }
`;

const Split = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 400px;
  min-height: 0;
`;

const Side = styled.aside`
  border-left: 1px solid ${tokens.line};
  overflow: auto;
  padding: 18px 22px 28px;
  display: grid;
  gap: 14px;
  align-content: start;
`;

const Problems = styled.ul`
  border-top: 1px solid ${tokens.ink};
  li {
    border-bottom: 1px solid ${tokens.line};
    padding: 8px 0;
  }
  b {
    font-weight: 600;
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

/** The table of goods, the problems of the list, and the product at hand. */
export function GoodsStation({ state, shop }: StationProps) {
  const { project } = state;
  const [said, setSaid] = useState<{ kind: 'mend' | 'fine' | 'todo'; say: string } | null>(null);
  const [pasting, setPasting] = useState(false);
  const [pasted, setPasted] = useState('');
  const [find, setFind] = useState('');
  const [selected, setSelected] = useState<string | null>(null);
  const [busy, setBusy] = useState('');
  const rules = shop.summary?.rules;

  const products = useMemo(
    () =>
      decidedGoods(
        project.goods.products,
        new Decided(project.decisions),
        project.goods.digits,
        rules?.digits ?? project.goods.digits,
        shop.summary?.moneyKnown ?? true,
      ).products,
    [project, rules?.digits, shop.summary?.moneyKnown],
  );

  const take = async (name: string, bytes: Uint8Array) => {
    if (!shop.worker) return;
    setBusy(`Reading ${name} …`);
    setSaid(null);
    const currency = shop.summary?.moneyKnown ? shop.summary.rules.currency : '';
    const result = await readList(shop.worker, { project: project.id, name, bytes, currency }).catch((error: unknown) =>
      fail(error instanceof Error ? error.message : String(error)),
    );
    setBusy('');
    if (!result.ok) return setSaid({ kind: 'mend', say: `${result.say} Nothing was changed.` });
    const { goods, pictures } = result.value;
    const wishes = [set(given.goods, goods)];
    state.decide(await withMoves(shop.worker, project, wishes), 'Bring in a list');
    setSelected(null);
    setPasting(false);
    setPasted('');
    setSaid({
      kind: 'fine',
      say: `${goods.products.length} products with ${goods.products.reduce((n, p) => n + p.variants.length, 0)} variants are in${goods.problems.length ? `; ${goods.problems.length === 1 ? 'one note on the list is' : `${goods.problems.length} notes on the list are`} at the right` : ''}.`,
    });
    if (pictures.length) await takePictures(pictures);
  };

  /** What is said of the list changes how it is read: the goods come with it, in one step. */
  const sayOfList = async (wishes: Wish[], label: string) => {
    if (!shop.worker) return;
    // What money the prices are in is a fact of the shop; the amounts stay as they were read.
    if (!wishes.some(({ place }) => areaOf(place) === 'list')) return void state.decide(wishes, label);
    setBusy('Reading the list again …');
    const currency = shop.summary?.moneyKnown ? shop.summary.rules.currency : '';
    const result = await rereadList(shop.worker, { project: project.id, wishes, currency }).catch((error: unknown) =>
      fail(error instanceof Error ? error.message : String(error)),
    );
    setBusy('');
    if (!result.ok) return setSaid({ kind: 'mend', say: `${result.say} Nothing was changed.` });
    setSaid(null);
    state.decide(await withMoves(shop.worker, project, [...wishes, set(given.goods, result.value.goods)]), label);
  };

  const takePictures = async (files: { name: string; bytes: Uint8Array }[]) => {
    setBusy(`Taking in ${files.length} pictures …`);
    try {
      if (!shop.worker) return;
      const { pictures, refused, notes } = await keepPictures(files, shop.worker, (done) =>
        setBusy(`Taking in picture ${done + 1} of ${files.length} …`),
      );
      if (pictures.length)
        state.decide(
          pictures.map((picture) => set(given.picture(picture.name), picture)),
          pictures.length === 1 ? '' : `Add ${pictures.length} pictures`,
        );
      const count = pictures.length;
      const taken = count === 0 ? [] : [count === 1 ? 'One picture is in.' : `${count} pictures are in.`];
      setSaid({
        kind: refused.length ? 'mend' : notes.length ? 'todo' : 'fine',
        say: [
          ...refused,
          ...taken,
          ...notes,
          ...(refused.length || notes.length ? [] : ['Pictures belong to the products whose list names them.']),
        ].join(' '),
      });
    } catch (error) {
      setSaid({ kind: 'mend', say: error instanceof Error ? error.message : 'The pictures could not be kept.' });
    }
    setBusy('');
  };

  const current = products.find((product) => product.id === selected);
  return (
    <Hall>
      <Tools>
        <Row>
          <h1>Goods</h1>
          <OpenFile accept={accepts} onOpen={([file]) => file && void take(file.name, file.bytes)}>
            Open a list
          </OpenFile>
          <QuietButton onPress={() => setPasting(!pasting)}>Paste a list</QuietButton>
          <OpenFile quiet several accept={['image/*']} onOpen={(files) => void takePictures(files)}>
            Add pictures
          </OpenFile>
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
        {busy ? <p role="status">{busy}</p> : null}
        {said ? (
          <div role="status">
            <Notice $kind={said.kind}>{said.say}</Notice>
          </div>
        ) : null}
      </Tools>
      {products.length === 0 ? (
        <Empty>
          <h2>No goods yet</h2>
          <p>
            Open the list that you have, as it is: a spreadsheet, CSV, JSON, a saved page, a feed, or an archive of a list with
            its pictures. Or paste it. Nothing needs to be cleaned first.
          </p>
          <Soft>
            Nothing is lost in silence and nothing is guessed: a price or a number in stock that was not wholly understood is
            asked about, and the thing is not sold until you have answered.
          </Soft>
        </Empty>
      ) : (
        <Split>
          <ProductTable
            products={products}
            pictures={project.pictures}
            rules={rules}
            find={find}
            onFind={setFind}
            selected={selected}
            onSelect={setSelected}
          />
          <Side aria-label={current ? current.title : 'The list'}>
            {current && rules ? (
              <ProductDetail key={current.id} product={current} state={state} rules={rules} onClose={() => setSelected(null)} />
            ) : (
              <>
                <ListReport
                  goods={project.goods}
                  moneyKnown={shop.summary?.moneyKnown ?? true}
                  onSay={(wishes, label) => void sayOfList(wishes, label)}
                />
                <Shelves state={state} shop={shop} products={products} />
                <Pictures state={state} shop={shop} />
              </>
            )}
          </Side>
        </Split>
      )}
    </Hall>
  );
}

/** Categories for goods that the list files nowhere, as the lexical database places their nouns. */
function Shelves({ state, shop, products }: Pick<StationProps, 'state' | 'shop'> & { products: readonly Product[] }) {
  const [found, setFound] = useState<{ shelf: string; products: string[] }[]>([]);
  const bare = products.filter((product) => product.categories.length === 0).length;
  const { worker, turn } = shop;
  useEffect(() => {
    if (!worker || turn === 0 || bare < 4) return;
    let stale = false;
    void worker.ask('shelves', {}).then((shelves) => {
      if (!stale) setFound(shelves);
    });
    return () => {
      stale = true;
    };
  }, [worker, turn, bare]);
  if (bare < 4 || found.length === 0) return null;
  const titles = new Map(products.map((product) => [product.id, product.title]));
  return (
    <section aria-label="Categories that your goods suggest" style={{ display: 'grid', gap: 8, justifyItems: 'start' }}>
      <h3>Categories that your goods suggest</h3>
      <Soft>{bare} of them are filed nowhere. By their names they belong together so:</Soft>
      <Problems>
        {found.slice(0, 8).map(({ shelf, products: ids }) => (
          <li key={shelf}>
            <b>{shelf}</b> ({ids.length}):{' '}
            {ids
              .slice(0, 3)
              .map((id) => titles.get(id))
              .join(', ')}
            {ids.length > 3 ? ' …' : ''}
          </li>
        ))}
      </Problems>
      <QuietButton
        onPress={() =>
          state.decide(
            found.flatMap(({ shelf, products: ids }) => ids.map((id) => set(productPlaces.categories(id), [shelf]))),
            'File the goods',
          )
        }
      >
        File them so
      </QuietButton>
    </section>
  );
}
