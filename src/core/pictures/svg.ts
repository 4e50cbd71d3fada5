import { XMLBuilder, XMLParser, XMLValidator } from 'fast-xml-parser';
import { fail, ok, type Result } from '../result';

/** Elements and attributes that only draw (SVG 2). Scripts, links, styles, animation and foreign content are not among them. */
const elements = new Set(
  'svg g path rect circle ellipse line polyline polygon defs clipPath mask linearGradient radialGradient stop title desc symbol use text tspan'.split(
    ' ',
  ),
);
const attributes = new Set(
  'xmlns viewBox width height x y x1 y1 x2 y2 cx cy r rx ry d points transform fill fill-rule fill-opacity stroke stroke-width stroke-linecap stroke-linejoin stroke-dasharray stroke-opacity opacity offset stop-color stop-opacity gradientUnits gradientTransform clip-path clip-rule clipPathUnits mask maskUnits id href font-family font-size font-weight text-anchor letter-spacing preserveAspectRatio'.split(
    ' ',
  ),
);
/** Attributes that may point at something: only at something within the file. */
const pointing = new Set(['fill', 'stroke', 'clip-path', 'mask', 'href']);

/** Attributes that draw nothing by themselves and are not missed. */
const quiet = new Set(['version', 'class', 'data-name', 'enable-background', 'baseProfile', 'role']);

type Node = Record<string, unknown>;
/** What the style sheet of a drawing says, by class: programs that draw like to colour that way. */
type Classes = ReadonlyMap<string, Readonly<Record<string, string>>>;

/** The properties of a declaration list that are attributes of drawings too ("presentation attributes", SVG 2, 6.6). */
function propertiesOf(declarations: string): Record<string, string> {
  const pairs = declarations.split(';').map((one) => one.split(/:(.*)/s).map((part) => part.trim()));
  return Object.fromEntries(pairs.filter(([name = '', value]) => attributes.has(name) && value) as [string, string][]);
}

/** Rules of a style sheet that hold for one class each; other selectors are rare in drawings and are left out. */
function classesOf(nodes: readonly Node[], found = new Map<string, Record<string, string>>()): Classes {
  for (const node of nodes) {
    const name = Object.keys(node).find((key) => key !== ':@') ?? '';
    const inside = node[name];
    if (!Array.isArray(inside)) continue;
    if (name !== 'style') {
      classesOf(inside as Node[], found);
      continue;
    }
    const text = (inside as Node[]).map((one) => String(one['#text'] ?? '')).join('');
    for (const [, selectors = '', body = ''] of text.replace(/\/\*.*?\*\//gs, '').matchAll(/([^{}]+)\{([^{}]*)\}/g))
      for (const selector of selectors.split(',')) {
        const [, known] = /^\s*(?:[a-z]+)?\.([\w-]+)\s*$/i.exec(selector) ?? [];
        if (known) found.set(known, { ...found.get(known), ...propertiesOf(body) });
      }
  }
  return found;
}

function clean(nodes: readonly Node[], classes: Classes, dropped: Set<string>): Node[] {
  return nodes.flatMap((node) => {
    const name = Object.keys(node).find((key) => key !== ':@') ?? '';
    if (name === '#text') return [node];
    if (!elements.has(name)) {
      // Prologues, style sheets (read above) and notes of the program that drew are nobody's loss.
      if (!/^[?!]|^style$|^metadata$|:/.test(name)) dropped.add(name);
      // What stands within a link is still a drawing.
      return name === 'a' ? clean((node[name] ?? []) as Node[], classes, dropped) : [];
    }
    const kept: Record<string, unknown> = {};
    const { '@_class': named = '', '@_style': style = '', ...given } = (node[':@'] ?? {}) as Node;
    const styled = Object.assign(
      {},
      ...String(named)
        .split(/\s+/)
        .map((one) => classes.get(one)),
      propertiesOf(String(style)),
    ) as Node;
    // What a style says outweighs what an attribute says (SVG 2, 6.6).
    for (const [key, value] of Object.entries({ ...given, ...styled })) {
      const attribute = key.replace(/^@_/, '').replace(/^xlink:/, '');
      const text = String(value);
      const outward =
        pointing.has(attribute) && /url\(\s*['"]?(?!#)|^\s*(?!#)[\w+.-]*:/i.test(text) && !/^#[0-9a-f]{3,8}$/i.test(text);
      if (attributes.has(attribute) && !outward && !(attribute === 'href' && !text.startsWith('#')))
        kept[`@_${attribute}`] = text;
      else if (!attribute.includes(':') && !quiet.has(attribute)) dropped.add(attribute);
    }
    return [{ [name]: clean((node[name] ?? []) as Node[], classes, dropped), ':@': kept }];
  });
}

/** The elements of a document; null where it is not well formed, or wants other files beside it. */
function parse(text: string, options: ConstructorParameters<typeof XMLParser>[0]): Node[] | null {
  try {
    return XMLValidator.validate(text) === true ? (new XMLParser(options).parse(text) as Node[]) : null;
  } catch {
    return null;
  }
}

/** A drawing with nothing in it that does anything: what only draws is kept, the rest is left out and named. */
export function cleanSvg(name: string, text: string): Result<{ svg: string; width: number; height: number; dropped: string[] }> {
  const options = { ignoreAttributes: false, preserveOrder: true, processEntities: false, trimValues: false } as const;
  const parsed = parse(text, options);
  if (!parsed) return fail(`“${name}” is not a drawing that can be read. Save it as SVG again, or as PNG.`);
  const dropped = new Set<string>();
  const nodes = clean(parsed, classesOf(parsed), dropped).filter((node) => 'svg' in node);
  const [root] = nodes;
  if (!root) return fail(`“${name}” holds no drawing. Save it as SVG again, or as PNG.`);
  const given = root[':@'] as Record<string, string>;
  const [, , w, h] = (given['@_viewBox'] ?? '').split(/[\s,]+/).map(Number);
  const width = Math.round(Number.parseFloat(given['@_width'] ?? '') || w || 300);
  const height = Math.round(Number.parseFloat(given['@_height'] ?? '') || h || 150);
  given['@_xmlns'] = 'http://www.w3.org/2000/svg';
  if (!given['@_viewBox']) given['@_viewBox'] = `0 0 ${width} ${height}`;
  return ok({
    svg: String(new XMLBuilder(options).build([root])),
    width: Math.max(1, width),
    height: Math.max(1, height),
    dropped: [...dropped],
  });
}
