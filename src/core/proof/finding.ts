export type Station = 'brief' | 'plan' | 'look' | 'goods' | 'till' | 'proof' | 'publish' | 'orders';

/** Something to mend before publishing, something still to do, or something in order. */
export interface Finding {
  check: string;
  level: 'mend' | 'todo' | 'fine';
  say: string;
  /** Where it is put right. */
  station: Station;
}
