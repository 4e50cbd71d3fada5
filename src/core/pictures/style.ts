import { converter } from 'culori';
import { coloursOf, type Pixels } from './pixels';

/** What a picture is like to look at, measured; no more than that. */
export interface PictureStyle {
  /** The colours that it is remembered by, the strongest first. */
  colours: string[];
  /** The colour that most of it lies on, and the share of the picture that has it. */
  ground: string;
  groundShare: number;
  /** Lightness of OKLab from the darkest twentieth to the lightest, 0–1. */
  contrast: number;
  /** The share of its points that lie at an edge, 0–1: how much there is to see. */
  density: number;
  /** The share of its edges that run straight up or across, 0–1; null where it has hardly any. */
  upright: number | null;
  /** The share of it that stands out strongly from the ground, 0–1: how heavy its marks are. */
  weight: number;
}

const toOklab = converter('oklab');
/** A step of lightness that counts as an edge; and one from the ground that counts as a mark. */
const edgeStep = 0.09;
const markStep = 0.4;
/** Degrees from the upright within which an edge runs straight. */
const straight = 9;
/** Fewer edges than this share say nothing of their shape. */
const leastEdges = 0.004;

/** Measures a picture that was opened small: 200 pixels or so across. What is see-through counts as white. */
export function styleOf(pixels: Pixels): PictureStyle {
  const { width, height, data } = pixels;
  const light = new Float32Array(width * height);
  const bins = new Map<number, { n: number; r: number; g: number; b: number }>();
  for (let i = 0; i < width * height; i++) {
    const solid = (data[i * 4 + 3] ?? 255) / 255;
    const [r = 255, g = 255, b = 255] = [0, 1, 2].map((part) => (data[i * 4 + part] ?? 0) * solid + 255 * (1 - solid));
    light[i] = toOklab({ mode: 'rgb', r: r / 255, g: g / 255, b: b / 255 }).l;
    const key = ((r >> 4) << 8) | ((g >> 4) << 4) | (b >> 4);
    const bin = bins.get(key) ?? { n: 0, r: 0, g: 0, b: 0 };
    bins.set(key, { n: bin.n + 1, r: bin.r + r, g: bin.g + g, b: bin.b + b });
  }
  const full = [...bins.values()].reduce((most, bin) => (bin.n > most.n ? bin : most), { n: 0, r: 255, g: 255, b: 255 });
  const ground = [full.r, full.g, full.b].map((sum) => Math.round(sum / Math.max(1, full.n)));
  const [groundR = 255, groundG = 255, groundB = 255] = ground;
  const groundLight = toOklab({ mode: 'rgb', r: groundR / 255, g: groundG / 255, b: groundB / 255 }).l;
  const sorted = [...light].sort((a, b) => a - b);
  const share = (at: number) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * at))] ?? 0;
  const { edges, upright } = edgesOf(light, width, height);
  const marks = light.reduce((n, one) => n + Number(Math.abs(one - groundLight) > markStep), 0);
  const count = Math.max(1, width * height);
  return {
    colours: coloursOf(pixels),
    ground: `#${ground.map((part) => part.toString(16).padStart(2, '0')).join('')}`,
    groundShare: full.n / count,
    contrast: share(0.95) - share(0.05),
    density: edges / count,
    upright: edges / count < leastEdges ? null : upright,
    weight: marks / count,
  };
}

/** Points at an edge, and the share of them that runs straight up or across, by the operator of Sobel. */
function edgesOf(light: Float32Array, width: number, height: number): { edges: number; upright: number } {
  let [edges, weighed, even] = [0, 0, 0];
  for (let y = 1; y < height - 1; y++)
    for (let x = 1; x < width - 1; x++) {
      const at = (dx: number, dy: number) => light[(y + dy) * width + x + dx] ?? 0;
      const across = (at(1, -1) + 2 * at(1, 0) + at(1, 1) - at(-1, -1) - 2 * at(-1, 0) - at(-1, 1)) / 4;
      const down = (at(-1, 1) + 2 * at(0, 1) + at(1, 1) - at(-1, -1) - 2 * at(0, -1) - at(1, -1)) / 4;
      const size = Math.hypot(across, down);
      if (size < edgeStep) continue;
      edges++;
      weighed += size;
      const turn = (Math.atan2(Math.abs(down), Math.abs(across)) * 180) / Math.PI;
      if (turn < straight || turn > 90 - straight) even += size;
    }
  return { edges, upright: weighed ? even / weighed : 0 };
}
