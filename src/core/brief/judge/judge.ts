import { type Document, type Said } from '../../document';
import { once } from '../../once';
import { softmax, unpackWeights, type Features, type Weights } from '../../softmax';
import { featuresOf, namesIn } from './features';
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
const telling: ReadonlySet<Role> = new Set(['claim', 'promise', 'process', 'story', 'person', 'delivery', 'contact', 'hours', 'price']);

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
}

/** The weights of the judge: of roles by the sentence alone, and of roles and verdicts by what the sentences beside it do as well. */
export interface JudgeWeights {
  alone: Weights;
  roles: Weights;
  verdicts: Weights;
}

const weights = once(
  (): JudgeWeights => ({
    alone: unpackWeights(trained.alone),
    roles: unpackWeights(trained.roles),
    verdicts: unpackWeights(trained.verdicts),
  }),
);

/** A role has to be this likely to say anything of the sentences beside it. */
const worthSaying = 0.1;

/** What the roles of a sentence and of those beside it say, as features. */
export function withNeighbours(features: readonly Features[], alone: readonly (readonly number[])[]): Features[] {
  return features.map((bag, i) => {
    const near: Record<string, number> = {};
    for (const [name, at] of [
      ['is', i],
      ['after', i - 1],
      ['after that', i - 2],
      ['before', i + 1],
    ] as const)
      alone[at]?.forEach((share, k) => {
        if (share > worthSaying) near[`${name} ${roles[k] ?? ''}`] = share;
      });
    return { ...bag, ...near };
  });
}

/** Judges each sentence of a document; `goods` are the titles of the list beside it. */
export function judge(document: Document, goods: readonly string[] = [], by: JudgeWeights = weights()): Judgement[] {
  const features = featuresOf(document, namesIn(goods));
  const alone = features.map((bag) => softmax(bag, by.alone, roles.length));
  return withNeighbours(features, alone).map((bag, i) => {
    const shares = softmax(bag, by.roles, roles.length);
    const [print = 0, mend = 0] = softmax(bag, by.verdicts, verdicts.length);
    const own = shares.reduce((sum, share, k) => sum + (telling.has(roles[k] ?? 'other') ? share : 0), 0);
    const said = document.said[i] as Said;
    const stands = said.standing === 'said' ? 1 : 0;
    return {
      said,
      role: roles[shares.indexOf(Math.max(...shares))] ?? 'other',
      roles: shares,
      print: print * own * stands,
      mend: mend * own * stands,
    };
  });
}
