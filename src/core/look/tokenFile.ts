import { converter, formatHex, parse, type Rgb } from 'culori';
import { z } from 'zod';
import { lookPlaces, parseAt, set, type Place, type Value, type Wish } from '../places';
import { fail, ok, type Result } from '../result';
import { pickedRoles } from './about';
import { faces, genericOf, type Face } from './faces';
import { type Genes } from './genes';
import { type Look } from './look';
import { coloursOf } from './palette';

const toRgb = converter('rgb');
const round = (n: number) => Number(n.toFixed(4));

/** Under this name the file keeps what no token has a type for; names are reversed domains (Design Tokens Format Module, “Extensions”). */
const ourName = 'example.arcatum';

const colourToken = (hex: string) => {
  const { r, g, b } = toRgb(parse(hex)) as Rgb;
  return { $value: { colorSpace: 'srgb', components: [r, g, b].map(round), alpha: 1, hex } };
};
const rem = (value: number) => ({ value: round(value), unit: 'rem' });

/** A look as a file of design tokens (W3C Design Tokens Community Group, Design Tokens Format Module 2025.10). */
export function writeTokens(look: Look, shop: string): string {
  const { palette, heading, text, scale, shape, genes } = look;
  const family = (face: Face) => ({ $value: [face.name, genericOf(face)] });
  const steps = ['small', 'body', 'h3', 'h2', 'h1', 'display'] as const;
  const file = {
    $description: `The look of ${shop}.`,
    color: {
      $type: 'color',
      ...Object.fromEntries(coloursOf(palette).map(([role, hex]) => [role, colourToken(hex)])),
    },
    font: { $type: 'fontFamily', heading: family(heading), text: family(text) },
    weight: { $type: 'fontWeight', heading: { $value: heading.heading }, strong: { $value: text.strong } },
    size: { $type: 'dimension', ...Object.fromEntries(steps.map((name) => [name, { $value: rem(scale[name].large) }])) },
    line: { $type: 'number', ...Object.fromEntries(steps.map((name) => [name, { $value: round(scale[name].lineHeight) }])) },
    measure: { $type: 'dimension', $value: rem(scale.measure) },
    corner: { $type: 'dimension', $value: { value: shape.corner, unit: 'px' } },
    rule: { $type: 'dimension', $value: { value: shape.rule, unit: 'px' } },
    room: { $type: 'number', $value: shape.room },
    heading: {
      $type: 'typography',
      $value: {
        fontFamily: '{font.heading}',
        fontSize: '{size.h1}',
        fontWeight: '{weight.heading}',
        letterSpacing: { value: round(scale.h1.tracking * scale.h1.large), unit: 'rem' },
        lineHeight: '{line.h1}',
      },
    },
    $extensions: { [ourName]: { genes } },
  };
  return `${JSON.stringify(file, null, 2)}\n`;
}

/** What a file of tokens comes to: wishes, and what in it could not be used. */
export interface ReadTokens {
  wishes: Wish[];
  notes: string[];
}

interface Token {
  type: string | undefined;
  value: unknown;
}

/** Every token of a file by its path; a group's type holds for what is in it. */
function flatten(group: Record<string, unknown>, path: string[], type: string | undefined, into: Map<string, Token>): void {
  const own = typeof group.$type === 'string' ? group.$type : type;
  if ('$value' in group) into.set(path.join('.'), { type: own, value: group.$value });
  for (const [name, inner] of Object.entries(group))
    if (!name.startsWith('$') && typeof inner === 'object' && inner !== null && !Array.isArray(inner))
      flatten(inner as Record<string, unknown>, [...path, name], own, into);
}

/** Follows references like {color.blue}; null where one leads nowhere or in a circle. */
function resolve(tokens: ReadonlyMap<string, Token>, token: Token | undefined): Token | null {
  const seen = new Set<string>();
  let at = token;
  while (at && typeof at.value === 'string' && /^\{[^{}]+\}$/.test(at.value)) {
    const path = at.value.slice(1, -1);
    if (seen.has(path)) return null;
    seen.add(path);
    const next = tokens.get(path);
    at = next && { type: next.type ?? at.type, value: next.value };
  }
  return at ?? null;
}

const colourSpaces: Record<string, string> = {
  srgb: 'rgb',
  'srgb-linear': 'lrgb',
  hsl: 'hsl',
  hwb: 'hwb',
  lab: 'lab',
  lch: 'lch',
  oklab: 'oklab',
  oklch: 'oklch',
  'display-p3': 'p3',
  'a98-rgb': 'a98',
  'prophoto-rgb': 'prophoto',
  rec2020: 'rec2020',
  'xyz-d65': 'xyz65',
  'xyz-d50': 'xyz50',
};

/** Names of the components as the colour package has them, in the order of the format. */
const channels: Record<string, [string, string, string]> = {
  hsl: ['h', 's', 'l'],
  hwb: ['h', 'w', 'b'],
  lab: ['l', 'a', 'b'],
  oklab: ['l', 'a', 'b'],
  lch: ['l', 'c', 'h'],
  oklch: ['l', 'c', 'h'],
  xyz65: ['x', 'y', 'z'],
  xyz50: ['x', 'y', 'z'],
};

/** A colour value in any of the format's spaces, or as the older drafts wrote it: a string. */
function readColour(value: unknown): string | null {
  if (typeof value === 'string') return parse(value) ? (formatHex(value)?.slice(0, 7) ?? null) : null;
  const shape = z
    .object({ colorSpace: z.string(), components: z.tuple([z.unknown(), z.unknown(), z.unknown()]) })
    .safeParse(value);
  if (!shape.success) return null;
  const mode = colourSpaces[shape.data.colorSpace];
  if (!mode) return null;
  const names = channels[mode] ?? ['r', 'g', 'b'];
  // Saturation, whiteness and the like are percentages in the format and shares in the package.
  const share = mode === 'hsl' || mode === 'hwb' ? 100 : 1;
  const numbers = shape.data.components.map((part, i) =>
    part === 'none' ? 0 : typeof part === 'number' ? (names[i] === 'h' ? part : part / share) : NaN,
  );
  if (numbers.some(Number.isNaN)) return null;
  return formatHex({ mode, [names[0]]: numbers[0], [names[1]]: numbers[1], [names[2]]: numbers[2] } as unknown as Rgb) ?? null;
}

const pixels = (value: unknown): number | null => {
  const shape = z.object({ value: z.number(), unit: z.enum(['px', 'rem']) }).safeParse(value);
  if (!shape.success) return null;
  return shape.data.unit === 'rem' ? shape.data.value * 16 : shape.data.value;
};

/** Names under which other makers keep what a role of ours means; the first that is there is taken. */
const roles: Record<'ground' | 'accent' | 'second' | 'third', readonly string[]> = {
  ground: ['ground', 'background', 'bg', 'paper', 'surface'],
  accent: ['accent', 'primary', 'brand', 'main'],
  second: ['second', 'secondary', 'highlight', 'complement'],
  third: ['third', 'tertiary'],
};

const genesSchema = z.record(z.string(), z.unknown());

const genePlaces: Readonly<Record<string, Place<Value>>> = lookPlaces.genePlaces;

/** How a place of the look is called in a note. */
const geneNames: Partial<Record<keyof Genes, string>> = { heading: 'face of headings', text: 'face of texts' };

/** Reads a file of design tokens into wishes for the look. Ours comes back whole; of others, colours, faces and corners are taken. */
export function readTokens(text: string): Result<ReadTokens> {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return fail('This is not a file of design tokens: it is not JSON.');
  }
  if (typeof json !== 'object' || json === null || Array.isArray(json))
    return fail('This is not a file of design tokens: it holds no groups.');
  const tokens = new Map<string, Token>();
  flatten(json as Record<string, unknown>, [], undefined, tokens);
  if (!tokens.size) return fail('There are no tokens in this file: nothing in it has a “$value”.');
  const notes: string[] = [];
  const wishes = new Map<string, Wish>();
  const take = (wish: Wish) => void wishes.set(wish.place, wish);
  const ours = z.object({ $extensions: z.object({ [ourName]: z.object({ genes: genesSchema }) }) }).safeParse(json);
  const genes = ours.success ? ours.data.$extensions[ourName]?.genes : undefined;
  for (const [gene, place] of Object.entries(genePlaces)) {
    const value = genes && Object.hasOwn(genes, gene) ? genes[gene] : undefined;
    if (value === undefined) continue;
    const parsed = parseAt(place.address, value);
    if (parsed.ok) take(set(place, parsed.value));
    else
      notes.push(`The ${geneNames[gene as keyof Genes] ?? gene} “${String(value)}” is not known here; the shop keeps its own.`);
  }
  const paths = [...tokens.keys()];
  for (const role of pickedRoles) {
    const names = roles[role];
    const path = names.flatMap((name) => paths.filter((one) => one.split('.').at(-1)?.toLowerCase() === name))[0];
    const found = path === undefined ? null : resolve(tokens, tokens.get(path));
    if (path === undefined) continue;
    const hex = found && (found.type === undefined || found.type === 'color') ? readColour(found.value) : null;
    if (hex) take(set(lookPlaces.picked[role], hex));
    else notes.push(`“${path}” is no colour that can be read; it is left as it was.`);
  }
  for (const role of ['heading', 'text'] as const) {
    const path = paths.find((one) => tokens.get(one)?.type === 'fontFamily' && one.split('.').at(-1) === role);
    const found = path === undefined ? null : resolve(tokens, tokens.get(path));
    if (!found) continue;
    const names = (Array.isArray(found.value) ? found.value : [found.value]).filter((one) => typeof one === 'string');
    const face = faces.find((one) => names.some((name) => name.toLowerCase() === one.name.toLowerCase()));
    if (face) take(set(role === 'heading' ? lookPlaces.headingFace : lookPlaces.textFace, face.id));
    else notes.push(`The typeface “${names[0] ?? ''}” does not ship with Arcatum; the ${role} keeps its own.`);
  }
  const corner = pixels(resolve(tokens, tokens.get('corner') ?? tokens.get('radius'))?.value);
  if (corner !== null && !genes) take(set(lookPlaces.corner, Math.min(99, Math.max(0, corner))));
  if (!wishes.size)
    return fail(
      'Nothing in this file fits a look: it names no ground, accent or second colour, and no typeface for heading or text.',
    );
  return ok({ wishes: [...wishes.values()], notes });
}
