import { contentTexts } from '@/core/sections';
import {
  coloursOf,
  fluid,
  genericOf,
  standInFor,
  subsetsFor,
  type Face,
  type Look,
  type Subset,
  type TypeStep,
} from '@/core/look';
import { type Addresses, type Shop } from '@/core/site';

const percent = (n: number) => `${(n * 100).toFixed(2)}%`;

/** The characters of a shop's texts: which parts of a face it needs. */
const characters = new WeakMap<Shop, Set<number>>();

export function charactersOf(shop: Shop): ReadonlySet<number> {
  const known = characters.get(shop);
  if (known) return known;
  const found = new Set<number>();
  const add = (text: string) => {
    for (let i = 0; i < text.length; i++) if (text.charCodeAt(i) > 255) found.add(text.codePointAt(i) ?? 0);
  };
  add(shop.name);
  add(shop.brief);
  for (const product of shop.catalogue.products) {
    add(product.title);
    add(product.description);
    for (const variant of product.variants) variant.values.forEach(add);
    product.options.forEach(add);
  }
  for (const category of shop.catalogue.categories) add(category.name);
  for (const page of shop.pages)
    if (page.kind !== 'product' && page.kind !== 'category')
      for (const section of shop.writer.write(page).sections) for (const { text } of contentTexts(section.words)) add(text.text);
  characters.set(shop, found);
  return found;
}

/** Faces that a look is set in, each once. */
export const facesOf = (look: Look): Face[] => (look.heading.id === look.text.id ? [look.text] : [look.heading, look.text]);

/** The font files of a face that a shop's texts need. */
export const partsOf = (shop: Shop, face: Face): Subset[] => subsetsFor(face, charactersOf(shop));

const weightOf = (face: Face, at: number): string => {
  const { weights } = face.measures;
  return weights.includes(',') ? (weights.split(',')[at] ?? '400') : weights;
};

function fontFaces(shop: Shop, face: Face, addresses: Addresses): string {
  return partsOf(shop, face)
    .flatMap(({ range, files }) =>
      files.map(
        ({ file }, at) =>
          `@font-face{font-family:"${face.name}";src:url("${addresses.asset(`fonts/${file}`)}") format("woff2");font-weight:${weightOf(face, at)};font-display:swap;unicode-range:${range}}`,
      ),
    )
    .join('');
}

function standIn(face: Face, role: 'heading' | 'text'): string {
  const stand = standInFor(face, role);
  return `@font-face{font-family:"${stand.name}";src:${stand.local.map((name) => `local("${name}")`).join(',')};size-adjust:${percent(stand.sizeAdjust)};ascent-override:${percent(stand.ascent)};descent-override:${percent(stand.descent)};line-gap-override:${percent(stand.lineGap)}}`;
}

const stack = (face: Face, role: 'heading' | 'text') => `"${face.name}","${standInFor(face, role).name}",${genericOf(face)}`;

const step = (name: string, size: TypeStep) =>
  `--${name}:${fluid(size)};--${name}-line:${size.lineHeight.toFixed(3)};--${name}-track:${size.tracking.toFixed(4)}em;`;

/** A look as custom properties: one change here is everywhere at once. */
export function tokens(shop: Shop, addresses: Addresses): string {
  const { look } = shop;
  const { palette, heading, text, scale, shape, family } = look;
  const colours = coloursOf(palette)
    .map(([role, hex]) => `--${role.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`)}:${hex};`)
    .join('');
  const steps = (['body', 'small', 'h3', 'h2', 'h1', 'display'] as const).map((name) => step(name, scale[name])).join('');
  const faces = facesOf(look)
    .map((face) => fontFaces(shop, face, addresses))
    .join('');
  const corner = shape.corner >= 99 ? '999px' : `${shape.corner}px`;
  // Fields and pictures don't become pills: they keep a corner that is in keeping.
  const softCorner = `${Math.min(shape.corner, 18)}px`;
  const room = (low: number, vw: number, high: number) =>
    `clamp(${(low * shape.room).toFixed(2)}rem,${(vw * shape.room).toFixed(2)}vw,${(high * shape.room).toFixed(2)}rem)`;
  return `${faces}${standIn(heading, 'heading')}${standIn(text, 'text')}:root{${colours}${steps}--head:${stack(heading, 'heading')};--text-face:${stack(text, 'text')};--head-weight:${heading.heading};--strong:${text.strong};--case:${family.caps ? 'uppercase' : 'none'};--caps-track:${scale.capsTracking.toFixed(3)}em;--measure:${scale.measure.toFixed(2)}rem;--edge:clamp(1.25rem,4vw,3.5rem);--gap:${room(1, 2, 1.75)};--rest:${room(3.5, 8, 7)};--corner:${corner};--soft-corner:${softCorner};--rule-w:${shape.rule}px;--wide:78rem;--side:max(var(--edge),calc((100vw - var(--wide))/2));--flush:var(--side)}`;
}
