import { newProject } from '@/core/project';
import { contentTexts } from '@/core/sections';
import { readBrief } from '@/core/brief';
import { nextQuestion } from '@/core/interview';
import { type Text } from '@/core/words';
import { readingEase } from '@/core/words';
import { sets } from '../tests/briefs';
import { precision, recall } from '../corpus/briefs/score';
import { overall, tally } from '../tests/briefs/score';
import { sites, type Site } from '../tests/sites/sites';

const share = (n: number) => n.toFixed(2);

/** Precision and recall of the reader for each fact, over the briefs that were written before it and after it. */
export function readerLines(): string[] {
  const counts = Object.fromEntries(Object.entries(sets).map(([name, briefs]) => [name, tally(briefs, readBrief)]));
  const lines = Object.keys(counts.before ?? {}).map((fact) => {
    const figures = Object.values(counts).map((count) => {
      const one = count[fact as keyof typeof count];
      return `${share(precision(one))} / ${share(recall(one))}`;
    });
    return `  ${fact.padEnd(18)} ${figures.join('      ')}`;
  });
  const all = Object.values(counts).map((count) => `${share(precision(overall(count)))} / ${share(recall(overall(count)))}`);
  return [
    `  ${'precision / recall'.padEnd(18)} written before   written after`,
    ...lines,
    `  ${'all facts'.padEnd(18)} ${all.join('      ')}`,
  ];
}

const small = new Set(
  'a an the and or but so of in on at by to for from with is are was be it its this that we us our i me my you your not no as'.split(
    ' ',
  ),
);
const wordsOf = (text: string) => text.toLowerCase().match(/\p{L}{2,}/gu) ?? [];

/** What a judge of copy would count on the home page of a generated site. */
function judge(site: Site): string {
  const [home] = site.shop.pages;
  const texts: Text[] = home
    ? site.shop.writer
        .write(home)
        .sections.flatMap((section) => contentTexts(section.words).map(({ text }) => text))
        .filter((text) => text.text)
    : [];
  const ranks = [1, 2, 3].map((rank) => texts.filter((text) => text.rank === rank).length / texts.length);
  const inputs = new Set(wordsOf(site.inputs));
  const content = texts.flatMap((text) => wordsOf(text.text)).filter((word) => !small.has(word));
  const particular =
    content.filter((word) => inputs.has(word) || inputs.has(`${word}s`) || inputs.has(word.replace(/s$/, ''))).length /
    content.length;
  const sentences = texts
    .flatMap((text) => text.text.match(/[^.!?]+(?:[.!?](?=\S)[^.!?]*)*[.!?]+/g) ?? [])
    .map((one) => one.trim().toLowerCase());
  const repeats = sentences.length - new Set(sentences).size;
  const ease = readingEase(
    texts
      .filter((text) => text.rank < 3)
      .map((text) => text.text)
      .join(' '),
  ).score;
  return `  ${site.name.slice(0, 34).padEnd(35)} ${ranks.map((n) => `${(n * 100).toFixed(0)} %`.padStart(5)).join(' ')}   ${(particular * 100).toFixed(0)} %   ${repeats}   ${ease.toFixed(0)}`;
}

export const judgeLines = (): string[] => [
  '  home page of                        own  fact  ours   particular  repeats  ease',
  ...sites().map(judge),
];

/** Milliseconds to find the next question, median over the sites. */
export function questionTime(): number {
  const times = sites().map((site) => {
    const project = {
      ...newProject('b', 'b'),
      brief: site.shop.brief,
      goods: {
        file: '',
        currency: '',
        digits: 2,
        products: [...site.shop.catalogue.products],
        problems: [],
        former: [],
        report: null,
      },
    };
    const start = performance.now();
    nextQuestion(project);
    return performance.now() - start;
  });
  return [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? 0;
}
