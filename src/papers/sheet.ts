import PDFDocument from 'pdfkit';
import * as fontkit from 'fontkit';

/** Fonts of a weight, in the order in which they are asked for a letter. */
export interface Faces {
  regular: readonly Uint8Array[];
  strong: readonly Uint8Array[];
}
type Weight = keyof Faces;

interface Face {
  name: string;
  covers: (codePoint: number) => boolean;
}

/** Lengths are points (1/72 inch). */
export const a4 = { width: 595.28, height: 841.89 } as const;
export const margin = 56;

/** A page of a paper, written from the top down. Letters that no face has are written as “?”, as a letter that is missing would be read over. */
export class Sheet {
  readonly doc: InstanceType<typeof PDFDocument>;
  private readonly faces: Record<Weight, Face[]>;

  constructor(
    fonts: Faces,
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
    const taken = (weight: Weight) =>
      fonts[weight].map((bytes, i) => {
        const name = `${weight}-${i}`;
        const buffer = Buffer.from(bytes);
        this.doc.registerFont(name, buffer);
        const face = fontkit.create(buffer);
        return { name, covers: (codePoint: number) => 'hasGlyphForCodePoint' in face && face.hasGlyphForCodePoint(codePoint) };
      });
    this.faces = { regular: taken('regular'), strong: taken('strong') };
    this.doc.fillColor(ink);
  }

  /** Text in stretches that one face has. */
  private runs(text: string, weight: Weight): { face: string; text: string }[] {
    const runs: { face: string; text: string }[] = [];
    for (const letter of text.normalize('NFC').replace(/\s/gu, ' ')) {
      const codePoint = letter.codePointAt(0) ?? 0;
      const last = runs.at(-1);
      const face = this.faces[weight].find(({ covers }) => covers(codePoint));
      const name = face?.name ?? this.faces[weight][0]?.name ?? '';
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
    for (const run of this.runs(text, weight)) {
      this.doc.font(run.face).fontSize(size).text(run.text, at, y, { lineBreak: false });
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
