'use client';

import { useMemo, useState } from 'react';
import {
  Cell,
  Column,
  Row as TableRow,
  Table,
  TableBody,
  TableHeader,
  TableLayout,
  Virtualizer,
  type SortDescriptor,
} from 'react-aria-components';
import styled from 'styled-components';
import { makeCatalogue, priceRange, stockOf, type ImportedGoods } from '@/core/goods';
import { Decided, type Picture, type Problem, type Product } from '@/core/project';
import { formatMoney, type TillRules } from '@/core/till';
import { OpenFile } from '../OpenFile';
import { Button, Field, Notice, QuietButton, Row, Soft, TextButton } from '../parts';
import { keepPictures } from '../projects';
import { tokens } from '../theme';
import { ProductDetail } from './ProductDetail';
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
  [role='columnheader']:first-child,
  [role='rowheader']:first-child {
    padding-left: 24px;
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

const accepts = ['.csv', '.tsv', '.txt', 'text/csv', 'text/tab-separated-values', 'text/plain'];
const kinds: Record<Problem['kind'], string> = { 'left-out': 'left out', mended: 'mended', look: 'please look' };

/** The table of goods, the problems of the list, and the product at hand. */
export function GoodsStation({ state, shop }: StationProps) {
  const { project } = state;
  const [said, setSaid] = useState<{ kind: 'mend' | 'fine'; say: string } | null>(null);
  const [pasting, setPasting] = useState(false);
  const [pasted, setPasted] = useState('');
  const [find, setFind] = useState('');
  const [selected, setSelected] = useState<string | null>(null);
  const [busy, setBusy] = useState('');
  const rules = shop.summary?.rules;

  const products = useMemo(
    () =>
      makeCatalogue(
        project.goods.products,
        new Decided(project.decisions),
        project.goods.digits,
        rules?.digits ?? project.goods.digits,
      ).products,
    [project, rules?.digits],
  );

  const take = async (name: string, bytes: Uint8Array) => {
    if (!shop.worker) return;
    setBusy(`Reading ${name} …`);
    const result = await shop.worker.ask('import', { bytes, currency: shop.summary?.reading.currency?.value ?? '' });
    setBusy('');
    if (!result.ok) return setSaid({ kind: 'mend', say: `${result.say} Nothing was changed.` });
    const goods: ImportedGoods = result.value;
    state.change('Bring in a list', (p) => ({ ...p, goods: { file: name, ...goods } }));
    setSelected(null);
    setPasting(false);
    setPasted('');
    setSaid({
      kind: 'fine',
      say: `${goods.products.length} products with ${goods.products.reduce((n, p) => n + p.variants.length, 0)} variants are in${goods.problems.length ? `; ${goods.problems.length === 1 ? 'one note on the list is' : `${goods.problems.length} notes on the list are`} at the right` : ''}.`,
    });
  };

  const takePictures = async (files: { name: string; bytes: Uint8Array }[]) => {
    setBusy(`Taking in ${files.length} pictures …`);
    try {
      const { pictures, refused } = await keepPictures(files);
      const named = new Set(pictures.map((picture) => picture.name.toLowerCase()));
      if (pictures.length)
        state.change('Add pictures', (p) => ({
          ...p,
          pictures: [...p.pictures.filter((old) => !named.has(old.name.toLowerCase())), ...pictures],
        }));
      setSaid(
        refused.length
          ? { kind: 'mend', say: refused.join(' ') }
          : { kind: 'fine', say: `${pictures.length} pictures are in. They belong to the products whose list names them.` },
      );
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
            <Field label="The list, with its headings in the first row" rows={5} value={pasted} onChange={setPasted} autoFocus />
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
            Open a list in CSV or TSV, or paste one from a spreadsheet. The first row holds the headings. <b>Title</b> and{' '}
            <b>price</b> are enough; description, earlier price, categories, code, stock, weight, picture and any options are read
            too. Write one row for each variant and give the rows of one product the same title.
          </p>
          <Soft>Nothing is lost in silence: rows that can’t be used are named with their reason, and the rest is kept.</Soft>
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
              <ListNotes file={project.goods.file} products={products} problems={project.goods.problems} />
            )}
          </Side>
        </Split>
      )}
    </Hall>
  );
}

function ListNotes({ file, products, problems }: { file: string; products: readonly Product[]; problems: readonly Problem[] }) {
  const variants = products.reduce((n, product) => n + product.variants.length, 0);
  return (
    <>
      <h2>{file}</h2>
      <Soft>
        {products.length} products, {variants} variants. Choose a product to change it.
      </Soft>
      {problems.length ? (
        <section aria-label="Notes on the list">
          <h3>
            {problems.length} {problems.length === 1 ? 'note' : 'notes'} on the list
          </h3>
          <Problems>
            {problems.slice(0, 200).map((problem, i) => (
              <li key={i}>
                <b>
                  Row {problem.row}
                  {problem.column ? `, ${problem.column}` : ''}
                </b>{' '}
                <small style={{ color: problem.kind === 'left-out' ? tokens.madder : tokens.soft }}>
                  ({kinds[problem.kind]})
                </small>
                <br />
                {problem.say}
              </li>
            ))}
          </Problems>
          {problems.length > 200 ? <Soft>and {problems.length - 200} more.</Soft> : null}
        </section>
      ) : (
        <Notice $kind="fine">Every row of the list is in the shop.</Notice>
      )}
    </>
  );
}

interface TableProps {
  products: readonly Product[];
  pictures: readonly Picture[];
  rules: TillRules | undefined;
  find: string;
  onFind: (find: string) => void;
  selected: string | null;
  onSelect: (id: string | null) => void;
}

interface Line {
  id: string;
  product: Product;
  low: number;
  high: number;
  stock: number | null;
}

function ProductTable({ products, pictures, rules, find, onFind, selected, onSelect }: TableProps) {
  const [sort, setSort] = useState<SortDescriptor>({ column: 'list', direction: 'ascending' });
  const pictured = useMemo(() => new Set(pictures.map((picture) => picture.name.toLowerCase())), [pictures]);
  const lines = useMemo(() => {
    const wanted = find.trim().toLowerCase();
    const all = products
      .filter(
        (product) =>
          !wanted ||
          `${product.title} ${product.categories.join(' ')} ${product.variants.map((v) => v.sku).join(' ')}`
            .toLowerCase()
            .includes(wanted),
      )
      .map((product): Line => ({ id: product.id, product, ...priceRange(product), stock: stockOf(product) }));
    const by: Record<string, (a: Line, b: Line) => number> = {
      title: (a, b) => a.product.title.localeCompare(b.product.title),
      price: (a, b) => a.low - b.low,
      stock: (a, b) => (a.stock ?? Infinity) - (b.stock ?? Infinity),
      variants: (a, b) => a.product.variants.length - b.product.variants.length,
    };
    const compare = by[String(sort.column)];
    if (compare) all.sort((a, b) => (sort.direction === 'descending' ? -compare(a, b) : compare(a, b)));
    return all;
  }, [products, find, sort]);
  const money = (amount: number) => (rules ? formatMoney(amount, rules) : String(amount));
  return (
    <div style={{ display: 'grid', gridTemplateRows: 'auto minmax(0, 1fr)', minHeight: 0 }}>
      <div style={{ padding: '10px 24px', maxWidth: 420 }}>
        <Field label="Find in the list" value={find} onChange={onFind} />
      </div>
      <Grid>
        <Virtualizer layout={TableLayout} layoutOptions={{ rowHeight: 46, headingHeight: 38 }}>
          <Table
            aria-label="Goods"
            selectionMode="single"
            selectionBehavior="replace"
            selectedKeys={selected ? [selected] : []}
            onSelectionChange={(keys) => onSelect(keys === 'all' ? null : String([...keys][0] ?? '') || null)}
            sortDescriptor={sort}
            onSortChange={setSort}
          >
            <TableHeader>
              <Column id="title" isRowHeader allowsSorting width="3fr">
                Title
              </Column>
              <Column id="categories" width="2fr">
                Categories
              </Column>
              <Column id="variants" className="figure" allowsSorting width={100}>
                Variants
              </Column>
              <Column id="price" className="figure" allowsSorting width={160}>
                Price
              </Column>
              <Column id="stock" className="figure" allowsSorting width={90}>
                Stock
              </Column>
            </TableHeader>
            <TableBody
              dependencies={[rules, pictured]}
              items={lines}
              renderEmptyState={() => <p style={{ padding: 24 }}>Nothing in the list has “{find}” in it.</p>}
            >
              {({ id, product, low, high, stock }) => (
                <TableRow id={id} textValue={product.title}>
                  <Cell>
                    <PictureDot has={product.pictures.some((name) => pictured.has(name.toLowerCase()))} />
                    <span className="cut">{product.title}</span>
                  </Cell>
                  <Cell>
                    <span className="cut">{product.categories.join(', ')}</span>
                  </Cell>
                  <Cell>
                    <span className="end">{product.variants.length}</span>
                  </Cell>
                  <Cell>
                    <span className="end">{low === high ? money(low) : `${money(low)} – ${money(high)}`}</span>
                  </Cell>
                  <Cell>
                    <span className="end">{stock ?? 'not counted'}</span>
                  </Cell>
                </TableRow>
              )}
            </TableBody>
          </Table>
        </Virtualizer>
      </Grid>
    </div>
  );
}

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
