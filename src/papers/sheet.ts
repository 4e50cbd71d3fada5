import PDFDocument from 'pdfkit';
import bidiFactory from 'bidi-js';
import { type Face, type Faces } from './faces';

type Weight = keyof Faces;
const bidi = bidiFactory();
const questionMark = 0x3f;

/** Lengths are points (1/72 inch). */
export const a4 = { width: 595.28, height: 841.89 } as const;
export const margin = 56;

/** A page of a paper, written from the top down. Letters that no face has are written as “?”, as a letter that is missing would be read over. */
export class Sheet {
  readonly doc: InstanceType<typeof PDFDocument>;
  private readonly registered = new Set<string>();

  constructor(
    private readonly faces: Faces,
    title: string,
    language: string,
    private readonly ink: string,
    size: readonly [width: number, height: number] = [a4.width, a4.height],
  ) {
    this.doc = new PDFDocument({
      size: [...size],
      margin: 0,
      bufferPages: true,
      lang: language,
      // The same paper gives the same file.
      info: { Title: title, Producer: 'Arcatum', Creator: 'Arcatum', CreationDate: new Date(0), ModDate: new Date(0) },
    });
    this.doc.fillColor(ink);
  }

  /** The font of a face, which the document has from then on. */
  private fontOf({ name, bytes }: Face): string {
    if (!this.registered.has(name)) this.doc.registerFont(name, bytes());
    this.registered.add(name);
    return name;
  }

  /**
   * Text in stretches that one face has, in the order in which they stand from left to right (Unicode standard annex 9). The letters of a
   * word are in the order of reading: its font sets them.
   */
  private runs(text: string, weight: Weight): { face: string; text: string }[] {
    const whole = text.normalize('NFC').replace(/\s/gu, ' ');
    const { levels } = bidi.getEmbeddingLevels(whole, 'auto');
    const pieces: { text: string; level: number }[] = [];
    for (let at = 0; at < whole.length;) {
      const read = String.fromCodePoint(whole.codePointAt(at) ?? 0);
      const level = levels[at] ?? 0;
      const letter = (level % 2 ? bidi.getMirroredCharacter(read) : null) ?? read;
      const last = pieces.at(-1);
      // A word from right to left is set as one; the gaps between such words are pieces of their own.
      const isOne = last?.level === level && (level % 2 === 0 || (letter !== ' ' && !last.text.endsWith(' ')));
      if (isOne) last.text += letter;
      else pieces.push({ text: letter, level });
      at += read.length;
    }
    return inSight(pieces).flatMap((piece) => this.inFaces(piece.text, weight));
  }

  /** The face of what no other has, and of the line that all stand on. */
  private usual(weight: Weight): Face {
    const face = this.faces[weight].find(({ covers }) => covers(questionMark));
    if (!face) throw new Error('No face has a question mark.');
    return face;
  }

  private inFaces(text: string, weight: Weight): { face: string; text: string }[] {
    const runs: { face: string; text: string }[] = [];
    for (const letter of text) {
      const codePoint = letter.codePointAt(0) ?? 0;
      const last = runs.at(-1);
      const face = this.faces[weight].find(({ covers }) => covers(codePoint)) ?? null;
      const name = this.fontOf(face ?? this.usual(weight));
      const written = face ? letter : '?';
      if (last?.face === name) last.text += written;
      else runs.push({ face: name, text: written });
    }
    return runs;
  }

  widthOf(text: string, size: number, weight: Weight = 'regular'): number {
    return this.runs(text, weight).reduce((sum, run) => sum + this.doc.font(run.face).fontSize(size).widthOfString(run.text), 0);
  }

  /** One line of text; `x` is its left end, or its right where it is set to the right. */
  line(text: string, x: number, y: number, size: number, weight: Weight = 'regular', to: 'left' | 'right' = 'left'): void {
    let at = to === 'right' ? x - this.widthOf(text, size, weight) : x;
    // All faces stand on one line, whatever room each wants above it.
    const line = y + this.usual(weight).ascent() * size;
    for (const run of this.runs(text, weight)) {
      this.doc.font(run.face).fontSize(size).text(run.text, at, line, { lineBreak: false, baseline: 'alphabetic' });
      at += this.doc.widthOfString(run.text);
    }
  }

  /** Text broken into lines of a width: between words, and within those that are longer than a line. */
  broken(text: string, width: number, size: number, weight: Weight = 'regular'): string[] {
    const lines: string[] = [];
    for (const paragraph of text.split('\n')) {
      let line = '';
      for (const word of paragraph.split(/\s+/).filter(Boolean)) {
        const longer = line ? `${line} ${word}` : word;
        if (this.widthOf(longer, size, weight) <= width) {
          line = longer;
          continue;
        }
        if (line) lines.push(line);
        line = '';
        for (const letter of word) {
          if (line && this.widthOf(line + letter, size, weight) > width) {
            lines.push(line);
            line = '';
          }
          line += letter;
        }
      }
      lines.push(line);
    }
    return lines;
  }

  /** Several lines from a height down; says where they end. */
  block(lines: readonly string[], x: number, y: number, size: number, weight: Weight = 'regular'): number {
    lines.forEach((line, i) => this.line(line, x, y + i * size * 1.4, size, weight));
    return y + lines.length * size * 1.4;
  }

  rule(y: number, from = margin, to = a4.width - margin, thickness = 0.6): void {
    this.doc.moveTo(from, y).lineTo(to, y).lineWidth(thickness).strokeColor(this.ink).stroke();
  }

  page(): void {
    this.doc.addPage();
    this.doc.fillColor(this.ink);
  }

  /** The finished file. `foot` is written on each page, once it is known how many there are. */
  async bytes(foot: (page: number, all: number) => void = () => undefined): Promise<Uint8Array> {
    const { count } = this.doc.bufferedPageRange();
    for (let page = 0; page < count; page++) {
      this.doc.switchToPage(page);
      foot(page + 1, count);
    }
    const parts: Buffer[] = [];
    const done = new Promise<void>((resolve, reject) => {
      this.doc.on('data', (part: Buffer) => parts.push(part));
      this.doc.on('end', resolve);
      this.doc.on('error', reject);
    });
    this.doc.end();
    await done;
    return new Uint8Array(Buffer.concat(parts));
  }
}

/** Pieces in the order in which they are seen: those of each level that is read from the right are turned about, the deepest first (rule L2). */
function inSight<T extends { level: number }>(pieces: readonly T[]): T[] {
  const seen = [...pieces];
  const deepest = Math.max(0, ...pieces.map(({ level }) => level));
  for (let level = deepest; level > 0; level--) {
    for (let from = 0; from < seen.length; from++) {
      let to = from;
      while ((seen[to]?.level ?? -1) >= level) to++;
      if (to > from) seen.splice(from, to - from, ...seen.slice(from, to).reverse());
      from = to;
    }
  }
  return seen;
}
