/** The exact words of the brief that something came from. Offsets count UTF-16 units. */
export interface Source {
  text: string;
  start: number;
  end: number;
}

/** Something that was read, how sure the reading is (0–1), and where it stands. `source` is null for a default. */
export interface Fact<T> {
  value: T;
  confidence: number;
  source: Source | null;
  /** True where it is not said, but follows from what is; `source` is what it follows from. */
  implied?: boolean;
  /** True where the seller has put it right. */
  corrected?: boolean;
}

export const sourceAt = (brief: string, start: number, end: number): Source => ({ text: brief.slice(start, end), start, end });

/** A fact that stands in the brief between two offsets. */
export const factAt = <T>(brief: string, value: T, confidence: number, start: number, end: number): Fact<T> => ({
  value,
  confidence,
  source: sourceAt(brief, start, end),
});

/** Less sure than this, where a shop is stands on no page, and nothing follows from it for what prices are in: both are asked. */
export const sureWhere = 0.65;
