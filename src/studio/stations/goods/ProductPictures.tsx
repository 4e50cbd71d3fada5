'use client';

import { useMemo, useState } from 'react';
import styled from 'styled-components';
import { enoughPixels } from '@/core/pictures/page';
import { given, productPlaces, set, variantPlaces } from '@/core/places';
import { type Picture, type Product } from '@/core/project';
import { OpenFile, type OpenedFile } from '../../OpenFile';
import { Choice, Field, Row, Soft, TextButton } from '../../parts';
import { tokens } from '../../theme';
import { type ProjectState } from '../../useProject';
import { usePictureUrls } from './usePictureUrls';

const List = styled.ol`
  list-style: none;
  margin: 0;
  padding: 0;
  border-top: 1px solid ${tokens.ink};
  > li {
    border-bottom: 1px solid ${tokens.line};
    padding: 8px 0;
    display: grid;
    grid-template-columns: 76px minmax(0, 1fr);
    gap: 4px 12px;
    align-items: start;
  }
  img,
  .gone {
    width: 76px;
    height: 76px;
    object-fit: cover;
    background: ${tokens.stone};
    display: block;
  }
  .name {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
    font-weight: 600;
    font-size: 14px;
  }
  .few {
    color: ${tokens.madder};
  }
`;

/** The pictures of a product, in the order in which its page shows them. */
export function ProductPictures({
  product,
  state,
  onAdd,
}: {
  product: Product;
  state: ProjectState;
  /** Takes files in and puts them on this product. */
  onAdd: (files: OpenedFile[]) => void;
}) {
  const { pictures } = state.project;
  const known = useMemo(() => new Map(pictures.map((picture) => [picture.name.toLowerCase(), picture])), [pictures]);
  const mine = product.pictures.map((name) => ({ name, picture: known.get(name.toLowerCase()) ?? null }));
  const here = useMemo(() => product.pictures.flatMap((name) => known.get(name.toLowerCase()) ?? []), [product.pictures, known]);
  const urls = usePictureUrls(here);
  const others = pictures.filter(({ name }) => !product.pictures.some((one) => one.toLowerCase() === name.toLowerCase()));
  const decide = (names: string[], label: string) => state.decide(set(productPlaces.pictures(product.id), names), label);
  const groups = useMemo(() => choicesOf(product), [product]);
  const withIt = (name: string) => product.variants.filter(({ picture }) => picture?.toLowerCase() === name.toLowerCase());
  const isShown = (variants: readonly string[], name: string) => {
    const shown = withIt(name);
    return shown.length === variants.length && shown.every(({ id }) => variants.includes(id));
  };
  const show = (name: string, variants: readonly string[]) => {
    const [general] = product.pictures.filter((one) => one !== name);
    state.decide(
      [
        ...withIt(name)
          .filter(({ id }) => !variants.includes(id))
          .map(({ id }) => set(variantPlaces.picture(product.id, id), general ?? null)),
        ...variants.map((id) => set(variantPlaces.picture(product.id, id), name)),
      ],
      'Say what a picture shows',
    );
  };
  const move = (at: number, by: number) => {
    const names = [...product.pictures];
    const [taken] = names.splice(at, 1);
    if (taken === undefined) return;
    names.splice(at + by, 0, taken);
    decide(names, 'Order the pictures of a product');
  };
  return (
    <section aria-label="Pictures of the product" style={{ display: 'grid', gap: 8 }}>
      <h3>Pictures</h3>
      {mine.length === 0 ? <Soft>It has none yet. Its page shows a plain field in its place.</Soft> : null}
      {mine.length ? (
        <List>
          {mine.map(({ name, picture }, i) => (
            <li key={name}>
              {picture && urls.get(name.toLowerCase()) ? (
                <img src={urls.get(name.toLowerCase())} alt="" />
              ) : (
                <span className="gone" />
              )}
              <div style={{ display: 'grid', gap: 2, minWidth: 0 }}>
                <span className="name">{name}</span>
                <Size picture={picture} />
                <Row>
                  <TextButton isDisabled={i === 0} aria-label={`Show ${name} earlier`} onPress={() => move(i, -1)}>
                    Earlier
                  </TextButton>
                  <TextButton isDisabled={i === mine.length - 1} aria-label={`Show ${name} later`} onPress={() => move(i, 1)}>
                    Later
                  </TextButton>
                  <TextButton
                    aria-label={`Take ${name} off`}
                    onPress={() =>
                      decide(
                        product.pictures.filter((one) => one !== name),
                        'Take a picture off a product',
                      )
                    }
                  >
                    Take off
                  </TextButton>
                </Row>
              </div>
              {groups.length ? (
                <div style={{ gridColumn: '1 / -1' }}>
                  <Choice
                    label={`Which of it ${name} shows`}
                    value={groups.find((group) => isShown(group.variants, name))?.id ?? ''}
                    options={[{ id: '', name: 'All of it' }, ...groups]}
                    onChange={(id) => show(name, groups.find((group) => group.id === id)?.variants ?? [])}
                  />
                </div>
              ) : null}
              {picture ? (
                <div style={{ gridColumn: '1 / -1' }}>
                  <Says
                    key={picture.says}
                    picture={picture}
                    otherwise={product.title}
                    onSay={(says) => state.decide(set(given.picture(picture.name), { ...picture, says }), 'Describe a picture')}
                  />
                </div>
              ) : null}
            </li>
          ))}
        </List>
      ) : null}
      <Row>
        <OpenFile quiet several accept={['image/*']} onOpen={onAdd}>
          Add pictures to it
        </OpenFile>
      </Row>
      {others.length ? (
        <Choice
          label="Or one that is here"
          value=""
          options={[{ id: '', name: 'Choose …' }, ...others.map(({ name }) => ({ id: name, name }))]}
          onChange={(name) => name && decide([...product.pictures, name], 'Put a picture on a product')}
        />
      ) : null}
    </section>
  );
}

/** What a picture can show of a product: all that has one value, or one variant. */
function choicesOf({ options, variants }: Product): { id: string; name: string; variants: string[] }[] {
  if (variants.length < 2) return [];
  const byValue = options.flatMap((option, i) =>
    [...new Set(variants.map(({ values }) => values[i] ?? ''))].filter(Boolean).map((value) => ({
      id: `${i} ${value}`,
      name: `${option}: ${value}`,
      variants: variants.filter(({ values }) => values[i] === value).map(({ id }) => id),
    })),
  );
  const single = options.length > 1 ? variants.map(({ id, values }) => ({ id, name: values.join(', '), variants: [id] })) : [];
  return [...byValue, ...single];
}

function Size({ picture }: { picture: Picture | null }) {
  if (!picture) return <small className="few">named by the list, and not here: add the file</small>;
  const { width, height, type } = picture;
  const isFew = type !== 'image/svg+xml' && width < enoughPixels;
  return (
    <small className={isFew ? 'few' : undefined}>
      {width} × {height} pixels{isFew ? `, too few: ${enoughPixels} across stay sharp` : ''}
    </small>
  );
}

/** What a picture shows, for those who don't see it. */
function Says({ picture, otherwise, onSay }: { picture: Picture; otherwise: string; onSay: (says: string) => void }) {
  const [says, setSays] = useState(picture.says);
  return (
    <Field
      label={`What ${picture.name} shows`}
      value={says}
      onChange={setSays}
      placeholder={otherwise}
      maxLength={300}
      onBlur={() => says.trim() !== picture.says && onSay(says.trim())}
    />
  );
}
