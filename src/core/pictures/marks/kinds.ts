import {
  arcOf,
  centred,
  inkOfLines,
  initials,
  knockedOut,
  linesOf,
  onCircle,
  r,
  silhouette,
  text,
  type MarkKind,
  type MarkSource,
} from './mark';

const cased = ({ caps }: MarkSource, line: string) => (caps ? line.toUpperCase() : line);
const size = 100;

/** Lines under each other, set to the left or about the middle. */
function block(source: MarkSource, lines: readonly string[], middle: boolean, tracking = 0) {
  const { outlines } = source;
  const widths = lines.map((line) => text(outlines, line, size, 0, 0, tracking).width);
  const width = Math.max(...widths);
  const placed = lines.map((line, i) => ({
    line,
    size,
    x: middle ? (width - (widths[i] ?? 0)) / 2 : 0,
    y: i * size * 1.02,
  }));
  return { ...inkOfLines(outlines, placed, tracking), letters: (outlines.cap * size) / 1000 };
}

/** The drawn marks, a definition each. */
export const markKinds: readonly MarkKind[] = [
  {
    id: 'line',
    name: 'The name, in lines as they fall',
    manner: 'wordmark',
    sets: (source) => cased(source, source.name),
    draw: (source) => block(source, linesOf(cased(source, source.name), 24), false),
  },
  {
    id: 'stacked',
    name: 'Word under word',
    manner: 'wordmark',
    sets: (source) => source.name.toUpperCase(),
    draw: (source) => {
      const lines = linesOf(source.name.toUpperCase(), 9).slice(0, 5);
      const { outlines } = source;
      // Every line is set as wide as the widest: short words large, long words small.
      const widths = lines.map((line) => text(outlines, line, size, 0, 0).width);
      const width = Math.max(...widths);
      let y = 0;
      const placed = lines.map((line, i) => {
        const own = Math.min(2.4, width / (widths[i] ?? width)) * size;
        y += (outlines.cap * own) / 1000 + (i ? size * 0.16 : 0);
        return { line, size: own, x: (width - ((widths[i] ?? 0) * own) / size) / 2, y };
      });
      return {
        ...inkOfLines(outlines, placed),
        letters: Math.min(...placed.map((line) => (outlines.cap * line.size) / 1000)),
      };
    },
  },
  {
    id: 'spaced',
    name: 'Capitals far apart',
    manner: 'wordmark',
    sets: (source) => source.name.toUpperCase(),
    draw: (source) => {
      const set = block(source, linesOf(source.name.toUpperCase(), 20), true, 220);
      return { ...set, height: set.height + 22, body: `${set.body}<path d="M0 ${r(set.height + 16)}h${r(set.width)}v6H0z"/>` };
    },
  },
  {
    id: 'ruled',
    name: 'The name between lines, the trade beneath',
    manner: 'wordmark',
    sets: (source) => cased(source, source.name) + source.under.toUpperCase(),
    draw: (source) => {
      const { outlines, under } = source;
      const lines = linesOf(cased(source, source.name), 22);
      const set = block(source, lines, true);
      const small = under ? size * 0.3 : 0;
      const sub = centred(outlines, under.toUpperCase(), small || 1, set.width / 2, 0, 160);
      const width = Math.max(set.width, sub.width);
      const shift = (width - set.width) / 2;
      const base = 26 + set.height + 22 + (outlines.cap * small) / 1000;
      return {
        width,
        height: base + (under ? 4 : -small) + 2,
        letters: under ? (outlines.cap * small) / 1000 : set.letters,
        body: `<path d="M0 0h${r(width)}v6H0zM0 10h${r(width)}v2H0z"/><g transform="translate(${r(shift)} 26)">${set.body}</g>${
          under ? centred(outlines, under.toUpperCase(), small, width / 2, base, 160).body : ''
        }`,
      };
    },
  },
  {
    id: 'initials',
    name: 'Initials in a ring',
    manner: 'monogram',
    sets: ({ name }) => initials(name),
    draw: ({ name, outlines }) => {
      const letters = initials(name);
      const width = text(outlines, letters, 100, 0, 0).width;
      const own = Math.min(118, (128 / Math.max(60, width)) * 100);
      const cap = (outlines.cap * own) / 1000;
      return {
        width: 200,
        height: 200,
        letters: cap,
        body: `<path fill-rule="evenodd" d="M100 0a100 100 0 1 1 0 200 100 100 0 0 1 0-200zm0 10a90 90 0 1 0 0 180 90 90 0 0 0 0-180z"/>${centred(outlines, letters, own, 100, 100 + cap / 2).body}`,
      };
    },
  },
  {
    id: 'stamp',
    name: 'The initial cut out of a block',
    manner: 'monogram',
    sets: ({ name }) => initials(name, 1),
    draw: ({ name, outlines }) => {
      const letter = initials(name, 1);
      const own = 190;
      const cap = (outlines.cap * own) / 1000;
      const box = { width: 200, height: 200 };
      return {
        ...box,
        letters: cap,
        body: knockedOut(
          '<rect width="200" height="200"/>',
          centred(outlines, letter, own, 100, 100 + cap / 2).body,
          box,
          'k-stamp',
        ),
      };
    },
  },
  {
    id: 'beside',
    name: 'The initial in a block, the name beside it',
    manner: 'monogram',
    sets: (source) => initials(source.name, 1) + cased(source, source.name),
    draw: (source) => {
      const { outlines, name } = source;
      const lines = linesOf(cased(source, name), 20);
      const set = block(source, lines, false);
      const box = Math.max(130, set.height + 30);
      const own = box * 0.95;
      const cap = (outlines.cap * own) / 1000;
      const block2 = knockedOut(
        `<rect width="${r(box)}" height="${r(box)}"/>`,
        centred(outlines, initials(name, 1), own, box / 2, box / 2 + cap / 2).body,
        { width: box, height: box },
        'k-beside',
      );
      return {
        width: box + 34 + set.width,
        height: box,
        letters: set.letters,
        body: `${block2}<g transform="translate(${r(box + 34)} ${r((box - set.height) / 2)})">${set.body}</g>`,
      };
    },
  },
  {
    id: 'emblem',
    name: 'A thing of the shop above the name',
    manner: 'emblem',
    sets: (source) => cased(source, source.name),
    draw: (source) => {
      const set = block(source, linesOf(cased(source, source.name), 18), true);
      const { motif } = source;
      const tall = motif ? 190 * Math.min(1, 0.6 + motif.height * 0.4) : 0;
      const width = Math.max(set.width, tall);
      return {
        width,
        height: tall + 30 + set.height,
        letters: set.letters,
        body: `${motif ? silhouette(motif, width / 2, tall, tall) : ''}<g transform="translate(${r((width - set.width) / 2)} ${r(tall + 30)})">${set.body}</g>`,
      };
    },
  },
  {
    id: 'sign',
    name: 'A thing of the shop, alone',
    manner: 'emblem',
    sets: () => '',
    draw: ({ motif }) => ({ width: 200, height: 200, letters: 0, body: motif ? silhouette(motif, 100, 194, 188) : '' }),
  },
  {
    id: 'seal',
    name: 'The name round a thing of the shop',
    manner: 'badge',
    sets: ({ name, under }) => (name + under).toUpperCase(),
    draw: ({ name, under, outlines, motif }) => {
      const c = 200;
      const upper = name.toUpperCase();
      let own = 46;
      while (own > 14 && arcOf(outlines, upper, own, 150) > 2.1) own -= 1;
      const foot = under.toUpperCase();
      let small = Math.min(own, 32);
      while (small > 12 && arcOf(outlines, foot, small, 172) > 2.9 - arcOf(outlines, upper, own, 150)) small -= 1;
      const fits = foot && small > 12;
      return {
        width: 400,
        height: 400,
        letters: (outlines.cap * (fits ? small : own)) / 1000,
        body: `<path fill-rule="evenodd" d="M200 0a200 200 0 1 1 0 400 200 200 0 0 1 0-400zm0 8a192 192 0 1 0 0 384 192 192 0 0 0 0-384zM200 72a128 128 0 1 1 0 256 128 128 0 0 1 0-256zm0 6a122 122 0 1 0 0 244 122 122 0 0 0 0-244z"/>${onCircle(outlines, upper, own, c, c, 146)}${fits ? onCircle(outlines, foot, small, c, c, 172, true) : ''}${motif ? silhouette(motif, c, c + 74, 148) : ''}`,
      };
    },
  },
  {
    id: 'plate',
    name: 'The name cut out of a plate',
    manner: 'badge',
    sets: (source) => cased(source, source.name),
    draw: (source) => {
      const set = block(source, linesOf(cased(source, source.name), 16), true);
      const [px, py] = [46, 38];
      const box = { width: set.width + 2 * px, height: set.height + 2 * py };
      const b = 22;
      const plate = `<path d="M${b} 0H${r(box.width - b)}a${b} ${b} 0 0 0 ${b} ${b}V${r(box.height - b)}a${b} ${b} 0 0 0 ${-b} ${b}H${b}a${b} ${b} 0 0 0 ${-b} ${-b}V${b}a${b} ${b} 0 0 0 ${b} ${-b}z"/>`;
      return {
        ...box,
        letters: set.letters,
        body: knockedOut(plate, `<g transform="translate(${px} ${py})">${set.body}</g>`, box, 'k-plate'),
      };
    },
  },
];
