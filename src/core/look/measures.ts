/** A part of a face's characters in files of its own. */
export interface Subset {
  subset: string;
  /** As CSS writes it: "U+0000-00FF,U+0131". */
  range: string;
  files: { file: string; bytes: number }[];
}

/** What was measured from a face's outlines, in em. */
export interface Measures {
  /** "200 900" for a face whose weight flows, "400" or "400,700" for fixed ones. */
  weights: string;
  ascent: number;
  descent: number;
  lineGap: number;
  capHeight: number;
  xHeight: number;
  /** Mean width of a character of English running text, at the weights of text, of headings and of strong words. */
  advance: number;
  headAdvance: number;
  strongAdvance: number;
  /** The same in capitals, at the weight of headings. */
  capsAdvance: number;
  /** Width of an upright stroke of the small o at weight 400. */
  stroke: number;
  /** How much thicker the uprights of the small o are than its top and bottom; 1 is even. */
  contrast: number;
  /** Widths of single characters at the weight of headings. */
  widths: Record<string, number>;
  subsets: Subset[];
}
