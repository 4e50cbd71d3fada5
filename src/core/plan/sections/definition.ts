import { type Because, type Known, type SectionKind } from '../page';

export interface Arrangement {
  id: string;
  label: string;
}

/** A text that only the seller can give. It is asked for in the preview, and never published empty. */
export interface Ask {
  slot: string;
  prompt: string;
  /** The section does without it. */
  optional?: boolean;
}

/** What a kind of section is for, when it is planned, and what its drawing can do. */
export interface SectionDefinition {
  kind: SectionKind;
  label: string;
  visitorGets: string;
  doNext: string;
  /** Why it should be there; null where nothing known would fill it. */
  because: (known: Known) => Because | null;
  /** Why the brief wants it, although it may lack texts. */
  asked?: (known: Known) => Because | null;
  /** Whether sellers can add it to a page. */
  library: boolean;
  /** What it can't be without, in words after "Needs". */
  needs?: string;
  /** Whether a page can have several of it. */
  repeats?: boolean;
  arrangements: readonly Arrangement[];
  asks?: readonly Ask[];
}
