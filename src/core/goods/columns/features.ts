import { plain } from '../cells/plain';
import { type Candidate, type Looked, offered, type Profile } from './contents';
import { type Evidence, type HeadingTopic } from './heading';
import { meanings } from './meaning';
import { spokenIn } from './wording';

/** A column before it is known what it is. */
export interface Seen extends Looked {
  /** What rules of thumb would take it for. */
  candidates: readonly Candidate[];
  /** What stands in its first rows, in small letters. */
  values: readonly string[];
}

/** How much speaks for what, by name: the judge weighs it. */
export type Features = Readonly<{ [name: string]: number }>;

/** Shares of a profile that are looked at as they are. */
const shares = [
  'fill',
  'distinct',
  'money',
  'signed',
  'quoted',
  'decimals',
  'whole',
  'gtinLong',
  'gtinRight',
  'code',
  'text',
  'html',
  'sentences',
  'mass',
  'measure',
  'stockWords',
  'currency',
  'picture',
  'link',
  'path',
  'optionNames',
  'colours',
  'sizes',
  'lists',
  'listed',
  'kinds',
  'date',
  'percent',
  'lasting',
  'ticks',
  'echo',
] as const satisfies readonly (keyof Profile)[];

/** What a heading is less likely to be about than this is not weighed. */
const hardlySpoken = 0.1;

/** The rows that two columns are held against each other by. */
export const rowsCompared = 600;

/** Scores of rules of thumb lie about so far apart. */
const scoreScale = 3;

/** A topic whose own words a heading has, and no other's as much. */
const wholeWord = 1.9;
const apart = 0.6;

/** The one topic that a heading speaks of, where it speaks of one. */
export function saidPlainly(evidence: Evidence): HeadingTopic | null {
  const [first, second] = (Object.entries(evidence) as [HeadingTopic, number][]).sort((a, b) => b[1] - a[1]);
  return first && first[1] >= wholeWord && first[1] - (second?.[1] ?? 0) >= apart ? first[0] : null;
}

/** What the words of a text have in common with those of another: the longest word that begins alike. */
const sharesWord = (a: string, b: string): boolean => {
  const words = (text: string) => plain(text).match(/\p{L}{4,}/gu) ?? [];
  return words(a).some((one) => words(b).some((other) => one.slice(0, 4) === other.slice(0, 4)));
};

/** How the values of a column go with those of another that names the things: the same for one thing, different, or another for each. */
function besides(values: readonly string[], names: readonly string[]): Features {
  const groups = new Map<string, string[]>();
  names.forEach((name, i) => {
    if (name) groups.set(name, [...(groups.get(name) ?? []), values[i] ?? '']);
  });
  const several = [...groups.values()].filter((rows) => rows.length > 1);
  if (!several.length) return { 'names stand once': 1 };
  const share = (test: (rows: readonly string[]) => boolean) => several.filter(test).length / several.length;
  const first = [...groups.values()].map((rows) => rows[0] ?? '');
  const same = share((rows) => new Set(rows).size === 1);
  return {
    'same for a name': same,
    'differs within a name': share((rows) => new Set(rows).size === rows.length),
    'one for each name': same * (new Set(first).size / Math.max(1, first.length)),
    'lacking for some of a name': share((rows) => rows.some(Boolean) && !rows.every(Boolean)),
  };
}

/** Said of a column that brings together what is not called alike: now and then, or wherever it brings many together. */
export const unlikeOnce = 'brings unlike names together once';
export const unlikeMostly = 'brings unlike names together mostly';

/** More rows than this are hardly ever of one thing, unless they are called alike. */
const many = 4;
const nameWord = /\p{L}{3,}/gu;

/** How a column brings together things that share no word of their names. What comes again under other values is a choice and no name. */
function unlikeIn(values: readonly string[], names: readonly string[]): Features {
  const under = new Map<string, Set<string>>();
  const sets = new Map<string, Set<string>>();
  values.forEach((value, i) => {
    const name = names[i];
    if (!value || !name) return;
    sets.set(value, (sets.get(value) ?? new Set()).add(name));
    under.set(name, (under.get(name) ?? new Set()).add(value));
  });
  const shareAWord = ([first = '', ...others]: readonly string[]): boolean => {
    const rest = others.map((name) => new Set(name.match(nameWord)));
    return (first.match(nameWord) ?? []).some((own) => rest.every((its) => its.has(own)));
  };
  const owned = [...sets.values()].map((its) => [...its].filter((name) => under.get(name)?.size === 1));
  const unlike = owned.filter((its) => its.length > 1 && !shareAWord(its));
  const large = (all: readonly string[][]) => all.filter(({ length }) => length > many).length;
  return {
    ...(unlike.length ? { [unlikeOnce]: 1 } : {}),
    ...(large(owned) > owned.length / 2 && large(unlike) > large(owned) / 2 ? { [unlikeMostly]: 1 } : {}),
  };
}

/**
 * Everything that is looked at to judge what each column of a list is: its heading, its contents, its neighbours, how it goes with the
 * names of the things, and what the brief says.
 *
 * @param names index of the column that most likely names the things
 * @param told words of the brief
 */
export function featuresOf(columns: readonly Seen[], names: number, told: readonly string[]): Features[] {
  const titles = columns.find(({ index }) => index === names)?.values ?? [];
  const amounts = columns.filter(({ profile }) => profile.filled > 0 && profile.money > 0.7 && profile.gtinLong < 0.5);
  const isBare = columns.every(({ heading }) => !heading);
  const goWith = new Map(columns.map((column) => [column, besides(column.values, titles)]));
  return columns.map((column, at) => {
    const { index, heading, isMoney, evidence, profile, candidates } = column;
    const found: { [name: string]: number } = { bias: 1 };
    const topics = Object.entries(evidence);
    const saysNothing = Boolean(heading) && !topics.length && !isMoney;
    for (const [topic, weight] of topics) found[`heading ${topic}`] = weight / scoreScale;
    const said = saidPlainly(evidence);
    if (said) found[`plainly ${said}`] = 1;
    if (heading) for (const [topic, share] of spokenIn(heading)) if (share >= hardlySpoken) found[`spoken ${topic}`] = share;
    const marks: { [name: string]: boolean } = {
      'heading says nothing known': saysNothing,
      'no heading': !heading,
      'no headings at all': isBare,
      'heading is money': isMoney,
      'heading offers': offered.test(heading),
      'heading is short': heading.length > 0 && heading.length <= 4,
      'heading is in the brief': told.length > 0 && isTold(heading, told),
      'has zero': profile.hasZero,
      rising: profile.rising,
      empty: !profile.filled,
      'one value': profile.values === 1 && profile.filled > 1,
      'few values': profile.values > 1 && profile.values <= 4 && profile.filled > profile.values,
      'a word or two': profile.words < 1.8,
      'some words': profile.words >= 1.8 && profile.words < 5,
      'many words': profile.words >= 5,
      long: profile.length > 50,
      'large numbers': profile.largest > 999,
      first: index === 0,
      second: index === 1,
      last: at === columns.length - 1,
      'names the things': index === names,
      'after the names': index === names + 1,
      'before the names': index < names,
      'only amounts': amounts.length === 1 && amounts[0] === column,
      'first amounts': amounts.length > 1 && amounts[0] === column,
      'later amounts': amounts.length > 1 && amounts.indexOf(column) > 0,
    };
    for (const [name, is] of Object.entries(marks)) if (is) found[name] = 1;
    for (const share of shares) {
      const value = profile[share];
      if (!value) continue;
      found[share] = value;
      if (saysNothing || !heading) found[`${share}, unheaded`] = value;
    }
    for (const { as, score } of candidates) found[`thumb ${as}`] = Math.max(-1, Math.min(2, score / scoreScale));
    if (candidates[0]) found[`thumb first ${candidates[0].as}`] = 1;
    if (index !== names) {
      for (const [name, value] of Object.entries(goWith.get(column) ?? {})) if (value) found[name] = value;
      Object.assign(found, unlikeIn(column.values, titles));
    }
    const [before, after] = [columns[at - 1], columns[at + 1]];
    for (const [side, other] of [
      ['before', before],
      ['after', after],
    ] as const) {
      if (!other || other.index === names) continue;
      if (heading && sharesWord(heading, other.heading)) found[`shares a word with the one ${side}`] = 1;
      if (heading && heading === other.heading) found[`called as the one ${side}`] = 1;
      for (const topic of ['option', 'optionName', 'optionValue', 'price'] as const)
        if (other.evidence[topic]) found[`${topic} ${side}`] = (other.evidence[topic] ?? 0) / scoreScale;
      if (other.profile.optionNames > 0.7) found[`names of options ${side}`] = 1;
      if (!Object.keys(other.evidence).length) found[`unknown ${side}`] = 1;
      const theirs = goWith.get(other) ?? {};
      found[`differs ${side}`] = theirs['differs within a name'] ?? 0;
      found[`same ${side}`] = theirs['same for a name'] ?? 0;
    }
    return found;
  });
}

/** Whether the brief speaks of what a heading names: "Rope" where bell ropes are sold. */
function isTold(heading: string, told: readonly string[]): boolean {
  const words = plain(heading).match(/\p{L}{3,}/gu) ?? [];
  const word = words.at(-1);
  return word !== undefined && told.some((one) => one.startsWith(word) && one.length <= word.length + 3);
}

/** Words of a brief as headings are held against them. */
export const toldIn = (brief: string): string[] => [...new Set(plain(brief).match(/\p{L}{3,}/gu) ?? [])];

/** Meanings that a column is judged to have, in the order of the weights. */
export const judged = meanings;
