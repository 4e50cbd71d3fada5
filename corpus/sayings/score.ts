import { understand, type JudgeWeights } from '@/core/sentences';
import { saidOn, type Batch, type Marked } from './marked';

/** How one sentence was understood. */
export interface Scored {
  marked: Marked;
  /** Right: the one reading that is sure, the reason why just this can't be done here, or the refusal of what is no wish; offered: right among several; else wrong, or not understood. */
  as: 'right' | 'offered' | 'refused' | 'wrong';
  /** Something would be done, by a reading that is sure, that was not meant. */
  wrongAct: boolean;
  got: string;
}

const alike = (a: string, b: string) =>
  a.toLowerCase().replace(/\s+/g, ' ').trim() === b.toLowerCase().replace(/\s+/g, ' ').trim();

export function scoreOf({ marked, shop, project }: Batch, by?: JudgeWeights): Scored[] {
  return marked.map((one) => {
    const { readings, refused } = understand(shop, project, one.text, { at: one.at, today: saidOn, past: somePast }, by);
    const got = refused
      ? `refused${refused.kind ? ` (${refused.kind})` : ''}: ${refused.says}`
      : readings.map(({ kind, of, sure }) => `${kind}${sure ? '!' : ''} ${JSON.stringify(of)}`).join(' / ');
    const fits = readings.map(
      ({ kind, of }) => kind === one.kind && Object.entries(one.of).every(([key, value]) => alike(of[key] ?? '', value)),
    );
    const sure = readings.find((reading) => reading.sure);
    const isRight = fits.some(Boolean) && (!sure || fits[readings.indexOf(sure)] === true);
    // Other words and other looks are meant to be several; else several that hold the right one only offer it.
    const several = readings.every(({ kind }) => kind === one.kind) && fits.every(Boolean);
    const as =
      one.kind === 'refuse'
        ? refused
          ? 'right'
          : 'wrong'
        : refused
          ? refused.kind === one.kind
            ? 'right'
            : 'refused'
          : isRight && (sure || several)
            ? 'right'
            : isRight
              ? 'offered'
              : 'wrong';
    return { marked: one, as, wrongAct: sure !== undefined && fits[readings.indexOf(sure)] !== true, got };
  });
}

/** A log in which the sentences about steps and versions find what they speak of. */
const somePast = {
  done: Array.from({ length: 6 }, (_, i) => ({ id: `c${6 - i}`, says: `Step ${6 - i}` })),
  undone: 'Step 7',
  versions: [{ id: 'v1', name: 'before the sale', at: '2026-11-20T10:00:00.000Z' }],
  moments: Array.from({ length: 6 }, (_, i) => ({ id: `c${i + 1}`, at: `2026-11-2${i + 1}T10:00:00.000Z` })),
};
