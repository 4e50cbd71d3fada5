import { newProject } from '@/core/project';
import { importText } from '@/core/goods';
import { contentTexts, textIn } from '@/core/sections';
import { makeShop, type Shop } from '@/core/site';
import { readBrief } from '@/core/brief';
import { nextQuestion } from '@/core/interview';
import { type Text } from '@/core/words';
import { readingEase } from '@/core/words';
import { batchNames, factNames, readBatchNamed, readFrozen, type MarkedBrief } from '../corpus/briefs/marked';
import { factsOf, precision, recall, sumOf, type Count } from '../corpus/briefs/score';
import { sites, type Site } from '../tests/sites/sites';

const share = (n: number) => n.toFixed(2);

const middle = (times: readonly number[]): number => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? 0;

const countsOf = (briefs: readonly MarkedBrief[]) =>
  factsOf(briefs.map((brief) => ({ brief, reading: readBrief(brief.text, brief.goods) })));

/** How each batch of marked briefs is read, and each fact over all of them. The reader was trained on them: first sight stands in the README. */
export function readerLines(): string[] {
  const batches = batchNames.map((name) => ({
    name,
    counts: countsOf(readBatchNamed(name)),
  }));
  const both = (count: Count) => `${share(precision(count))} / ${share(recall(count))}`;
  return [
    ...batches.map(({ name, counts }) => `  ${`batch ${name}`.padEnd(18)} ${both(sumOf(Object.values(counts)))}`),
    `  ${'frozen, untaught'.padEnd(18)} ${both(sumOf(Object.values(countsOf(readFrozen()))))}`,
    ...factNames.map((fact) => `  ${fact.padEnd(18)} ${both(sumOf(batches.map(({ counts }) => counts[fact])))}`),
  ];
}

/** Milliseconds to read a brief of 500 words beside 200 goods; each time with a word more, since the last reading is kept. */
export function readingTime(): number {
  const words = readBatchNamed('8')
    .map(({ text }) => text)
    .join('\n\n')
    .split(/(?<=\s)/)
    .slice(0, 500)
    .join('');
  const goods = Array.from({ length: 200 }, (_, i) => `Oak board no. ${i + 1}, size ${i % 7}`);
  return middle(
    Array.from({ length: 9 }, (_, i) => {
      const start = performance.now();
      readBrief(`${words} ${i}`, goods);
      return performance.now() - start;
    }),
  );
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

/** A shop of a brief of the corpus, with the goods that it was marked with. */
function shopOf({ text, goods: titles }: MarkedBrief, id: string): Shop | null {
  const rows = titles.map((title, i) => `"${title.replace(/"/g, '""')}",${10 + i}`);
  const goods = importText(`title,price\n${rows.join('\n')}\n`);
  return goods.ok ? makeShop({ ...newProject(id, 'Shop'), brief: text, goods: { file: '', ...goods.value } }) : null;
}

/** Which headings of sections stand on the most sites of the corpus, with their share of them. Titles of pages are no headings of sections. */
export function headingLines(most = 8): string[] {
  const shops = batchNames.flatMap(readBatchNamed).flatMap((brief, i) => shopOf(brief, `s${i}`) ?? []);
  const sites = new Map<string, number>();
  for (const shop of shops) {
    const product = shop.pages.find(({ kind }) => kind === 'product');
    const shown = shop.pages.filter((page) => (page.kind === 'home' || page === product) && shop.writer.hasContent(page));
    const headings = shown.flatMap((page) =>
      shop.writer.write(page).sections.flatMap(({ filled, words }) => (filled ? (textIn(words, 'heading')?.text ?? []) : [])),
    );
    for (const heading of new Set(headings)) sites.set(heading, (sites.get(heading) ?? 0) + 1);
  }
  return [...sites]
    .sort(([, a], [, b]) => b - a)
    .slice(0, most)
    .map(([heading, count]) => `  ${heading.padEnd(36)} ${share(count / shops.length)} of ${shops.length}`);
}

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
  return middle(times);
}
