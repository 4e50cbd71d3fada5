import { type Document, type Said } from '../../document';
import { once } from '../../once';
import { scoresOf, softmax, unpackWeights, type Features, type Weights } from '../../softmax';
import { featuresOf, namesIn } from './features';
import { isNotes, leastSure } from './notes';
import { toSay } from './toSay';
import trained from './weights.json';

/** What a sentence does in a brief. */
export const roles = [
  'claim',
  'promise',
  'process',
  'story',
  'person',
  'buyer',
  'delivery',
  'contact',
  'hours',
  'price',
  'review',
  'wish',
  'ban',
  'instruction',
  'planning',
  'aside',
  'question',
  'heading',
  'other',
] as const;
export type Role = (typeof roles)[number];

/** Whether a sentence may stand on a page: as it is, after a repair, or never. */
export const verdicts = ['print', 'mend', 'never'] as const;
export type Verdict = (typeof verdicts)[number];

/** Roles of what tells of the business; the others speak to whoever makes the site. */
const telling: ReadonlySet<Role> = new Set([
  'claim',
  'promise',
  'process',
  'story',
  'person',
  'delivery',
  'contact',
  'hours',
  'price',
]);

const toMaker: ReadonlySet<Role> = new Set(['wish', 'ban', 'instruction']);

const sumOver = (of: ReadonlySet<Role>, shares: readonly number[]): number =>
  roles.reduce((sum, role, k) => sum + (of.has(role) ? (shares[k] ?? 0) : 0), 0);

/** How likely a sentence speaks to whoever makes the site. */
export const toTheMaker = ({ roles: shares }: Pick<Judgement, 'roles'>): number => sumOver(toMaker, shares);

/** How likely a sentence does one thing. */
export const shareOf = ({ roles: shares }: Pick<Judgement, 'roles'>, role: Role): number => shares[roles.indexOf(role)] ?? 0;

/** What a sentence does if it does tell of the business. */
export function tellingRole({ roles: shares }: Pick<Judgement, 'roles'>): Role {
  const best = roles.reduce((at, role, k) => (telling.has(role) && (shares[k] ?? 0) > (shares[at] ?? 0) ? k : at), 0);
  return roles[best] ?? 'claim';
}

/** For which place of the home page an editor would take a sentence, rather than another or none. */
export const fits = ['headline', 'lead', 'why'] as const;
export type Fit = (typeof fits)[number];

/** What was found of one sentence. */
export interface Judgement {
  said: Said;
  role: Role;
  /** How likely each role is, in their order. */
  roles: readonly number[];
  /** How likely it may be printed as it stands. */
  print: number;
  /** How likely it may be after a repair. */
  mend: number;
  /** How gladly an editor would take it for each place: a half where it is as good as nothing. */
  fit: Readonly<Record<Fit, number>>;
}

/**
 * The weights of the judge. What a sentence says by itself gives a first guess of its role; that guess and those of the sentences beside it
 * give the role; all of it together gives the verdict. Which sentence an editor takes for a place is learned of choices among those of one brief.
 */
export interface JudgeWeights {
  alone: Weights;
  roles: Weights;
  verdicts: Weights;
  fits: Weights;
}

/** What is learned of features of a sentence itself, and of those that tell of the ones beside it; in the order that weights are stored in. */
export const learnedOf = {
  words: [
    ['alone', roles.length],
    ['verdicts', verdicts.length],
    ['fits', fits.length],
  ],
  near: [
    ['roles', roles.length],
    ['verdicts', verdicts.length],
    ['fits', fits.length],
  ],
} as const;

/** Weights as they are stored: for each feature all that it says, one after the other. */
export type StoredWeights = Record<keyof typeof learnedOf, Readonly<Record<string, string>>>;

export function judgeWeights(stored: StoredWeights): JudgeWeights {
  const made: Record<keyof JudgeWeights, Map<string, ArrayLike<number>>> = {
    alone: new Map(),
    roles: new Map(),
    verdicts: new Map(),
    fits: new Map(),
  };
  for (const table of ['words', 'near'] as const) {
    let from = 0;
    for (const [part, width] of learnedOf[table]) {
      for (const [name, row] of unpackWeights(stored[table], from, from + width)) made[part].set(name, row);
      from += width;
    }
  }
  return made;
}

const weights = once(() => judgeWeights(trained as StoredWeights));

/** A role has to be this likely to say anything of the sentences beside it. */
const worthSaying = 0.1;

/** What the first guesses for a sentence and for those beside it say, as features. */
export function nearOf({ said }: Document, guesses: readonly (readonly number[])[]): Features[] {
  return guesses.map((_, i) => {
    const near: Record<string, number> = { 'any sentence': 1, [`near ${said[i]?.standing ?? ''}`]: 1 };
    for (const [name, at] of [
      ['is', i],
      ['after', i - 1],
      ['after that', i - 2],
      ['before', i + 1],
    ] as const)
      guesses[at]?.forEach((share, k) => {
        if (share > worthSaying) near[`${name} ${roles[k] ?? ''}`] = share;
      });
    return near;
  });
}

const odds = (score: number): number => 1 / (1 + Math.exp(-score));

/** Judges each sentence of a document; `goods` are the titles of the list beside it. */
export function judge(document: Document, goods: readonly string[] = [], by: JudgeWeights = weights()): Judgement[] {
  const features = featuresOf(document, namesIn(goods));
  const guesses = features.map((bag) => softmax(bag, by.alone, roles.length));
  return nearOf(document, guesses).map((near, i) => {
    const shares = softmax(near, by.roles, roles.length);
    const all = { ...features[i], ...near };
    const [print = 0, mend = 0] = softmax(all, by.verdicts, verdicts.length);
    const [headline = 0, lead = 0, why = 0] = scoresOf(all, by.fits, fits.length).map(odds);
    const own = sumOver(telling, shares);
    const said = document.said[i] as Said;
    const stands = said.standing === 'said' ? 1 : 0;
    return {
      said,
      role: roles[shares.indexOf(Math.max(...shares))] ?? 'other',
      roles: shares,
      print: isNotes(said.text) || toSay(said.text) !== null ? Math.min(print * own * stands, leastSure) : print * own * stands,
      mend: mend * own * stands,
      fit: { headline, lead, why },
    };
  });
}
