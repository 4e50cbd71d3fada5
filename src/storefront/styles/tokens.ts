import { fallbackOf, fluid, type Face, type Look, type TypeStep } from '@/core/look';
import { type Addresses } from '@/core/site';

const percent = (n: number) => `${(n * 100).toFixed(2)}%`;

function fontFace(face: Face, addresses: Addresses): string {
  const stand = fallbackOf(face);
  return `@font-face{font-family:"${face.name}";src:url("${addresses.asset(`fonts/${face.file}`)}") format("woff2");font-weight:${face.weight};font-display:swap}
@font-face{font-family:"${stand.name}";src:local("${stand.local}"),local("Liberation ${face.kind === 'serif' ? 'Serif' : 'Sans'}");size-adjust:${percent(stand.sizeAdjust)};ascent-override:${percent(stand.ascent)};descent-override:${percent(stand.descent)};line-gap-override:${percent(stand.lineGap)}}`;
}

const stack = (face: Face) => `"${face.name}","${face.name} stand-in",${face.kind === 'serif' ? 'serif' : 'sans-serif'}`;

const step = (name: string, { lineHeight, tracking, ...size }: TypeStep) =>
  `--${name}:${fluid({ ...size, lineHeight, tracking })};--${name}-line:${lineHeight.toFixed(3)};--${name}-track:${tracking.toFixed(4)}em;`;

/** A look as custom properties: one change here is everywhere at once. */
export function tokens(look: Look, addresses: Addresses): string {
  const { palette, heading, text, scale } = look;
  const faces = heading.id === text.id ? [text] : [heading, text];
  const colours = Object.entries(palette)
    .map(([role, hex]) => `--${role.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`)}:${hex};`)
    .join('');
  const steps = (['body', 'small', 'h3', 'h2', 'h1', 'display'] as const).map((name) => step(name, scale[name])).join('');
  return `${faces.map((face) => fontFace(face, addresses)).join('')}:root{${colours}${steps}--head:${stack(heading)};--text-face:${stack(text)};--head-weight:${heading.weight === '400' ? 400 : 600};--measure:${scale.measure.toFixed(2)}rem;--edge:clamp(1.25rem,4vw,3.5rem);--gap:clamp(1rem,2vw,1.75rem);--rest:clamp(3.5rem,8vw,7rem)}`;
}
