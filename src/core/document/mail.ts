import { type Line } from './lines';
import mailWords from './mail.json';

const words = (list: readonly string[]): RegExp => new RegExp(`^(?:${list.join('|')})(?![\\p{L}@])`, 'iu');
const headerWords = new RegExp(`^(?:${mailWords.headers.join('|')})\\s*:`, 'iu');
const greets = words(mailWords.greetings);
const parts = words(mailWords.farewells);
const rule = /^[-=_*~]{3,}/;
const passedOn =
  /^(?:[-—_ ]*(?:begin )?forwarded message|[-—_ ]*original message|on\b.{4,90}\bwrote:$|am\b.{4,90}\bschrieb\b.{0,40}:$)/i;

/** A line that a mail program wrote. Sender and subject stand together with others of their kind. */
export function isHeader(line: Line, before: Line | undefined, after: Line | undefined): boolean {
  if (passedOn.test(line.raw) || rule.test(line.raw)) return true;
  return (
    headerWords.test(line.raw) &&
    [before, after].some((one) => one !== undefined && (headerWords.test(one.raw) || passedOn.test(one.raw)))
  );
}

const few = 7;
const isShort = ({ raw }: Line): boolean => raw.split(/\s+/).length <= few;

/** "Dear Lamara,": short, at the beginning of a mail, and nothing is said in it. */
export const isGreeting = (line: Line): boolean => isShort(line) && greets.test(line.raw) && !/[.?]\s+\S/.test(line.raw);

/** "With thanks,": short, and only names and addresses after it. */
export function isFarewell(line: Line, after: readonly Line[]): boolean {
  const signed = after.slice(0, 6);
  return (
    isShort(line) &&
    parts.test(line.raw) &&
    !line.marker &&
    signed.length <= 5 &&
    signed.every((one) => one.raw.split(/\s+/).length <= 9)
  );
}
