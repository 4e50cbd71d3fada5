/** How many words suit a place: the least and the most. */
export type LengthRange = readonly [least: number, most: number];

/** By the name of the slot, without its number. A place that isn't listed holds a text of any length. */
const ranges: Record<string, LengthRange> = {
  headline: [1, 12],
  lead: [3, 34],
  button: [1, 6],
  heading: [1, 8],
  title: [1, 12],
  intro: [2, 18],
  link: [1, 4],
  question: [2, 14],
  answer: [2, 60],
  figure: [1, 2],
  what: [1, 7],
  name: [1, 6],
  by: [1, 8],
  step: [2, 14],
  days: [1, 8],
  hours: [1, 6],
  code: [2, 22],
  note: [3, 32],
  text: [1, 70],
  about: [2, 180],
};

export const lengthRange = (slot: string): LengthRange | null => ranges[slot.replace(/-\d+$/, '')] ?? null;

export const wordCount = (text: string): number => text.trim().split(/\s+/).filter(Boolean).length;

/** Whether a text is of a length that suits its place. */
export function suitsPlace(slot: string, text: string): boolean {
  const range = lengthRange(slot);
  const count = wordCount(text);
  return !range || (count >= range[0] && count <= range[1]);
}
