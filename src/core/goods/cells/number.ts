/** The mark between whole units and fractions. */
export type DecimalMark = '.' | ',';

const ownDigits = [0x0660, 0x06f0, 0x0966, 0x09e6, 0x0e50, 0xff10];

const isPlain = /^[\u0000-\u007f£€]*$/;

/** Digits of other scripts, and signs that only look different, as ASCII has them. */
export function plainDigits(text: string): string {
  if (isPlain.test(text)) return text;
  return text
    .replace(/[\u0660-\u0669\u06f0-\u06f9\u0966-\u096f\u09e6-\u09ef\u0e50-\u0e59\uff10-\uff19]/g, (digit) => {
      const code = digit.charCodeAt(0);
      const zero = ownDigits.find((start) => code >= start && code <= start + 9) ?? 0;
      return String(code - zero);
    })
    .replace(/٫/g, ',')
    .replace(/٬/g, '’')
    .replace(/．/g, '.')
    .replace(/，/g, ',')
    .replace(/[\u00a0\u202f\u2007\u2009]/g, ' ')
    .replace(/[‐‑‒−]/g, '-');
}

/** A run of digits with the marks within it: "1 234,50", "1'200", ".50", "1,23,456". A space only parts groups of three. */
export const numberPattern = /(?:\d{1,3}(?: \d{3})+(?!\d)(?:[.,]\d+)?|\d+(?:[.,'’]\d+)*|[.,]\d+)/;

/**
 * The value of a number under a decimal mark, in units of 10^-digits; null where it is not a number under that mark, or is finer than that.
 * Groups are of three digits, or after the Indian manner of two before the last three (CLDR).
 */
export function valueUnder(text: string, mark: DecimalMark, digits: number): number | null {
  const at = text.lastIndexOf(mark);
  if (at >= 0 && text.indexOf(mark) !== at) return null;
  const whole = at < 0 ? text : text.slice(0, at);
  const fraction = at < 0 ? '' : text.slice(at + 1);
  if (at >= 0 && !/^\d+$/.test(fraction)) return null;
  const groups = whole.split(/[.,'’ ]/);
  if (groups.length > 1) {
    const marks = new Set(whole.replace(/\d/g, ''));
    const inner = groups.slice(1, -1);
    const isGrouped =
      /^[1-9]\d{0,2}$/.test(groups[0] ?? '') &&
      groups.at(-1)?.length === 3 &&
      (inner.every((group) => group.length === 3) ||
        (marks.has(',') && inner.every((group) => group.length === 2) && (groups[0] ?? '').length <= 2));
    if (marks.size > 1 || !isGrouped) return null;
  }
  if (fraction.length > Math.max(digits, 2) || /[1-9]/.test(fraction.slice(digits))) return null;
  const value = Number(`${groups.join('') || '0'}${fraction.slice(0, digits).padEnd(digits, '0')}`);
  return Number.isSafeInteger(value) ? value : null;
}

export interface NumberForm {
  mark: DecimalMark;
  /** False where nothing in the column tells the two apart though they would differ. */
  sure: boolean;
}

/** The decimal mark of a whole column: the one under which most of its numbers are numbers. */
export function numberFormOf(numbers: readonly string[], digits: number, given?: DecimalMark): NumberForm {
  let dots = 0;
  let commas = 0;
  let either = 0;
  let lone: DecimalMark | null = null;
  for (const text of numbers) {
    const dot = valueUnder(text, '.', digits);
    const comma = valueUnder(text, ',', digits);
    if (dot === comma) continue;
    if (dot !== null && comma !== null) {
      either++;
      lone = text.includes('.') ? '.' : ',';
    } else if (dot !== null) dots++;
    else commas++;
  }
  if (given) return { mark: given, sure: true };
  if (dots || commas) return { mark: dots >= commas ? '.' : ',', sure: dots !== commas };
  // Three digits after the only mark: a fraction where the currency has three, and thousands in no other.
  if (either && lone) return { mark: lone, sure: digits === 3 };
  return { mark: '.', sure: true };
}
