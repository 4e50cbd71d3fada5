import { type Document, type Said, type Standing } from './about';
import { labelFormsOf, labelOf, speakersOf, type LabelForms } from './labels';
import { isHash, isNumber, linesOf, type Line } from './lines';
import { isFarewell, isGreeting, isHeader } from './mail';
import { plain } from './plain';
import { sentencesIn } from './sentences';

/** What the lines to come stand under. */
interface Context {
  heading: string;
  question: string;
  speaker: string;
  paragraph: number;
  nth: number;
}

const ownLabels: LabelForms = { colons: false, dashes: false, cells: false, asks: false };
const ends = /[.!?…]["”’)\]]*$/;
const mostHeadingWords = 7;
const asksAlone = /\?["”’)]*$/;

/** Whether a line says only what the lines after it are about. */
function isHeading(line: Line, before: Line | undefined, after: Line | undefined, capitals: boolean): boolean {
  if (!after || (after.opens && after.marker === '' && !isHash(line.marker) && !line.opens)) return isHash(line.marker);
  if (isHash(line.marker)) return true;
  const words = line.raw.split(/\s+/).length;
  if (words > mostHeadingWords || ends.test(line.raw) || /[,;]$/.test(line.raw)) return false;
  if (line.raw.endsWith(':')) return true;
  const isStressed =
    /^(?:\*\*|__).+(?:\*\*|__)$/.test(line.raw) ||
    (!capitals && line.raw.length > 2 && line.raw === line.raw.toUpperCase() && /\p{Lu}{2}/u.test(line.raw));
  if (isStressed && !line.marker) return true;
  // "2. Products" over "2.1 Each altar …", or over a line without a number.
  if (isNumber(line.marker)) return !isNumber(after.marker) || after.marker.startsWith(line.marker.replace(/[.)]$/, '.'));
  // A short line without a full stop over sentences or entries.
  return (
    !line.marker &&
    !line.closes &&
    (line.opens || before?.marker !== '') &&
    (after.marker !== '' || ends.test(after.raw)) &&
    !after.opens
  );
}

class Reader {
  readonly said: Said[] = [];
  private context: Context = { heading: '', question: '', speaker: '', paragraph: -1, nth: 0 };
  /** From here on the lines are somebody's signature. */
  private signing = false;

  constructor(
    private readonly text: string,
    private readonly lines: readonly Line[],
    private readonly speakers: ReadonlySet<string>,
    private readonly forms: LabelForms,
    private readonly capitals: boolean,
  ) {}

  read(): Said[] {
    this.lines.forEach((line, i) => this.take(line, i));
    return this.said;
  }

  private take(line: Line, i: number): void {
    const [before, after] = [this.lines[i - 1], this.lines[i + 1]];
    if (line.opens) this.context = { ...this.context, question: '', paragraph: this.context.paragraph + 1, nth: 0 };
    if (isHeader(line, before, after)) {
      this.signing = false;
      return this.add(line, line.start, line.end, 'header', '');
    }
    if (this.signing) return this.add(line, line.start, line.end, 'signature', '');
    if (isGreeting(line)) return this.add(line, line.start, line.end, 'greeting', '');
    if (isFarewell(line, this.lines.slice(i + 1))) {
      this.signing = true;
      return this.add(line, line.start, line.end, 'farewell', '');
    }
    const turn = this.turnOf(line);
    const body = turn ? { ...line, start: line.start + turn, raw: line.raw.slice(turn), marker: '' } : line;
    if (!turn && !this.isLabelled(line) && isHeading(line, before, after, this.capitals)) {
      this.context = { ...this.context, heading: plain(line.raw).replace(/:$/, ''), question: '' };
      return this.add(line, line.start, line.end, 'heading', '');
    }
    this.takeSaid(body);
  }

  /** Whether a line of a document that is made of labels is one of them with what it labels. */
  private isLabelled(line: Line): boolean {
    return (this.forms.cells || this.forms.colons) && labelOf(line, this.forms) !== null;
  }

  /** How many characters of a line name who speaks. */
  private turnOf({ raw }: Line): number {
    if (!this.speakers.size) return 0;
    const at = raw.indexOf(':');
    const name = at > 0 ? plain(raw.slice(0, at)) : '';
    if (!this.speakers.has(name)) return 0;
    if (name !== this.context.speaker) this.context = { ...this.context, speaker: name };
    return raw.length - raw.slice(at + 1).replace(/^[\s*_]+/, '').length;
  }

  private takeSaid(line: Line): void {
    const found = labelOf(line, this.forms);
    const from = line.start + (found?.from ?? 0);
    // What stands beside a label is one answer, with commas or without.
    const sentences = sentencesIn(this.text, { start: from, end: line.end }, found === null);
    for (const [i, { start: begin, end }] of sentences.entries()) {
      // A sentence inside a line may bring a label of its own: "… for a month. Customers = gyms."
      const own =
        begin > from ? labelOf({ ...line, start: begin, raw: this.text.slice(begin, end), marker: '' }, ownLabels) : null;
      const start = begin + (own?.from ?? 0);
      const question = asksAlone.test(this.text.slice(start, end));
      const isAsked = sentences.length === 1 || (this.forms.asks && i === 0);
      const standing = question && isAsked ? 'question' : 'said';
      this.add(line, start, end, standing, own?.label ?? found?.label ?? '', sentences.length === 1);
      if (standing === 'question') this.context = { ...this.context, question: plain(this.text.slice(start, end)) };
    }
  }

  private add(line: Line, start: number, end: number, standing: Standing, label: string, ownLine = true): void {
    const text = plain(this.text.slice(start, end));
    if (!text) return;
    const { heading, question, speaker, paragraph, nth } = this.context;
    this.said.push({
      text,
      start,
      end,
      standing,
      label,
      heading,
      question,
      speaker,
      paragraph,
      nth,
      bullet: line.marker !== '',
      ownLine,
    });
    this.context = { ...this.context, nth: nth + 1 };
  }
}

/** Whether nearly all of a text is in capitals, so that they say nothing. */
function isInCapitals(text: string): boolean {
  const letters = text.replace(/[^\p{L}]/gu, '');
  return letters.length > 20 && letters.replace(/[^\p{Lu}]/gu, '').length > letters.length * 0.7;
}

/** Reads a text as a document: what is said in it, and how it stands there. */
export function readDocument(text: string): Document {
  const lines = linesOf(text);
  const said = new Reader(text, lines, speakersOf(lines), labelFormsOf(lines), isInCapitals(text)).read();
  return { text, said };
}
