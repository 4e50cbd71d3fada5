/** What a careful reader takes from a brief. A fact that is not listed is not in it: reading one all the same is a fault. */
export interface Expected {
  name?: string;
  sells?: string[];
  /** What the business deals in, as one noun. */
  trade?: string;
  audience?: string[];
  tone?: string[];
  style?: string[];
  coloursWanted?: string[];
  coloursAvoided?: string[];
  features?: string[];
  goal?: string;
  /** The sentences, or parts of them, that set the business apart. */
  difference?: string[];
  place?: string;
  country?: string;
  reach?: string;
  origin?: 'own' | 'resold' | 'both';
  email?: string;
  phone?: string;
  address?: string;
  links?: string[];
  currency?: string;
  language?: string;
}

export interface MarkedBrief {
  what: string;
  brief: string;
  expected: Expected;
  /** Words of the brief that may never be printed. */
  never?: RegExp;
}
