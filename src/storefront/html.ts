/** Markup that is safe to send: made by the `html` tag alone, which escapes every value that is put in. */
export class Markup {
  constructor(readonly text: string) {}
  toString(): string {
    return this.text;
  }
}

export type Part = Markup | string | number | null | undefined | false | readonly Part[];

const escapes: Record<string, string> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;', "'": '&#39;' };

export const escapeHtml = (text: string): string =>
  /[&<>"']/.test(text) ? text.replace(/[&<>"']/g, (sign) => escapes[sign] ?? sign) : text;

function write(part: Part): string {
  if (part === null || part === undefined || part === false) return '';
  if (part instanceof Markup) return part.text;
  if (typeof part === 'string') return escapeHtml(part);
  if (typeof part === 'number') return String(part);
  let text = '';
  for (const one of part) text += write(one);
  return text;
}

const joined = new WeakMap<TemplateStringsArray, string[]>();

/** The fixed parts of a template without the line breaks that only its source needs. Worked out once for each place in the source. */
function fixedParts(strings: TemplateStringsArray): string[] {
  const known = joined.get(strings);
  if (known) return known;
  const parts = strings.map((part) => part.replace(/\s*\n\s*(\/?>)/g, '$1').replace(/\s*\n\s*/g, ' '));
  joined.set(strings, parts);
  return parts;
}

/** Builds markup. Values are shown as text, whatever they hold; only other markup passes through. */
export function html(strings: TemplateStringsArray, ...parts: Part[]): Markup {
  const fixed = fixedParts(strings);
  let text = fixed[0] ?? '';
  for (let i = 0; i < parts.length; i++) text += write(parts[i]) + (fixed[i + 1] ?? '');
  return new Markup(text);
}

/** Data inside a script element: no sign in it can close the element. */
export const jsonIn = (value: unknown): Markup =>
  new Markup(
    JSON.stringify(value)
      .replace(/</g, '\\u003c')
      .replace(/\u2028/g, '\\u2028')
      .replace(/\u2029/g, '\\u2029'),
  );

/** A drawing that the core made: its shapes are its own and hold no text of anyone's. */
export const drawing = (shapes: string): Markup => new Markup(shapes);
