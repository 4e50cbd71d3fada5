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

type Node = Record<string, unknown>;

function clean(nodes: readonly Node[], dropped: Set<string>): Node[] {
  return nodes.flatMap((node) => {
    const name = Object.keys(node).find((key) => key !== ':@') ?? '';
    if (name === '#text') return [node];
    if (!elements.has(name)) {
      dropped.add(name.replace(/^\?.*/, ''));
      return [];
    }
    const kept: Record<string, unknown> = {};
    for (const [key, value] of Object.entries((node[':@'] ?? {}) as Node)) {
      const attribute = key.replace(/^@_/, '').replace(/^xlink:/, '');
      const text = String(value);
      const outward =
        pointing.has(attribute) && /url\(\s*['"]?(?!#)|^\s*(?!#)[\w+.-]*:/i.test(text) && !/^#[0-9a-f]{3,8}$/i.test(text);
      if (attributes.has(attribute) && !outward && !(attribute === 'href' && !text.startsWith('#')))
        kept[`@_${attribute}`] = text;
      else dropped.add(attribute);
    }
    return [{ [name]: clean((node[name] ?? []) as Node[], dropped), ':@': kept }];
  });
}

/** A drawing with nothing in it that does anything: what only draws is kept, the rest is left out and named. */
export function cleanSvg(name: string, text: string): Result<{ svg: string; width: number; height: number; dropped: string[] }> {
  if (XMLValidator.validate(text) !== true)
    return fail(`“${name}” is not a drawing that can be read. Save it as SVG again, or as PNG.`);
  const options = { ignoreAttributes: false, preserveOrder: true, processEntities: false, trimValues: false } as const;
  const dropped = new Set<string>();
  const nodes = clean(new XMLParser(options).parse(text) as Node[], dropped).filter((node) => 'svg' in node);
  const [root] = nodes;
  if (!root) return fail(`“${name}” holds no drawing. Save it as SVG again, or as PNG.`);
  const given = root[':@'] as Record<string, string>;
  const [, , w, h] = (given['@_viewBox'] ?? '').split(/[\s,]+/).map(Number);
  const width = Math.round(Number.parseFloat(given['@_width'] ?? '') || w || 300);
  const height = Math.round(Number.parseFloat(given['@_height'] ?? '') || h || 150);
  given['@_xmlns'] = 'http://www.w3.org/2000/svg';
  if (!given['@_viewBox']) given['@_viewBox'] = `0 0 ${width} ${height}`;
  dropped.delete('');
  return ok({
    svg: String(new XMLBuilder(options).build([root])),
    width: Math.max(1, width),
    height: Math.max(1, height),
    dropped: [...dropped],
  });
}
