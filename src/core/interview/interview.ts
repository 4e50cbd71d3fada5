import { kindsOf, readBrief, leastAsked } from '../brief';
import { findingsOf } from '../proof';
import { asked, Decided, given, areaOf, mayPrint, set, type Wish } from '../places';
import { titlesOf } from '../goods/about';
import { withWishes, type Project } from '../project';
import { contentTexts, pathOf } from '../sections';
import { fail, ok, type Result } from '../result';
import { makeShop, type Shop } from '../site';
import { type Answer, type Asking, type Question, type Situation } from './asking';
import { businessQuestions } from './questions/business';
import { detailQuestions } from './questions/details';
import { doubtQuestions, mismatchQuestion } from './questions/doubts';
import { reachingQuestions } from './questions/reaching';
import { siteQuestions } from './questions/site';

/** What an answer would change in the shop. */
export interface Gain {
  /** Sections that it opens, as "Story on Home". */
  opens: string[];
  /** How many texts it gives a source of the seller's. */
  texts: number;
  /** Doubts and findings that it settles. */
  settles: number;
  /** Whether the look changes with it. */
  look: boolean;
  score: number;
}

/** The question to ask now. */
export interface Next {
  id: string;
  say: string;
  picks: readonly string[];
  several: boolean;
  field: string | null;
  gain: Gain;
  /** Which question this is, counted from 1, and how many more are worth asking. */
  number: number;
  left: number;
}

/** At most so many questions are asked of one seller. */
export const mostQuestions = 12;

/** A question whose answer would change less than this isn't worth the seller's time. */
const worthAsking = 3;

/** Goods that stand for the whole list while answers are tried out. */
const triedWith = 40;

/** Letters. */
const longBrief = 12_000;

const sureTrade = 0.5;

function situationOf(project: Project, shop: Shop): Situation {
  const { reading, catalogue } = shop;
  const titles = catalogue.products.slice(0, 60).map((product) => product.title);
  const sold = reading.sells.map((fact) => fact.value);
  // A trade that is only guessed at says nothing of the goods' kind.
  const trade = reading.trade && reading.trade.confidence >= sureTrade ? reading.trade.value.label : undefined;
  const told = kindsOf(sold, trade);
  // Where what is sold says nothing of its kind, the list may: "fruit cakes" beside rye bread are no blocks of soap.
  const kinds = told.length ? told : kindsOf([...sold, ...titles], trade);
  // What is asked is asked of what is surely sold: "one of the skein weights" is no thing to ask about.
  const [first] = [...reading.sells].sort((a, b) => b.confidence - a.confidence);
  return { project, shop, kinds, goods: first?.value ?? 'goods', trade: reading.trade?.value.label ?? 'goods' };
}

const questionsFor = (situation: Situation): Question[] => [
  ...doubtQuestions(situation),
  mismatchQuestion,
  ...businessQuestions,
  ...reachingQuestions,
  ...siteQuestions,
  ...detailQuestions(situation),
];

/** How many questions the seller has answered or skipped. */
export const askedSoFar = (project: Project): number => new Decided(project.decisions).all(asked).length;

const isAsked = (project: Project, id: string): boolean => new Decided(project.decisions).has(asked(id));

/** What an answer comes to: a sentence more in the brief, and what is decided by it. One that is meant for shoppers is not asked about. */
export function wishesOf(project: Project, { sentence, prints, wishes = [] }: Answer): Wish[] {
  if (!sentence) return [...wishes];
  const before = project.brief.trimEnd();
  const brief = before ? `${before}\n\n${sentence}` : `${project.brief}${sentence}`;
  const own = prints
    ? readBrief(brief, titlesOf(project.goods)).told.filter(
        ({ source, print }) => source.start >= before.length && print >= leastAsked,
      )
    : [];
  return [set(given.brief, brief), ...own.map(({ key }) => set(mayPrint(key), true)), ...wishes];
}

/** A project with an answer in it. */
export const withAnswer = (project: Project, answer: Answer): Project => withWishes(project, wishesOf(project, answer));

/** The question whose answer would change the shop most, or null where none is worth asking. */
export const nextQuestion = (project: Project): Next | null => openQuestions(project)[0] ?? null;

/** The questions that are worth asking, the one first whose answer would change the shop most. */
export function openQuestions(project: Project): Next[] {
  const number = askedSoFar(project) + 1;
  if (number > mostQuestions) return [];
  const tried: Project = { ...project, goods: { ...project.goods, products: project.goods.products.slice(0, triedWith) } };
  const shop = makeShop(tried);
  const situation = situationOf(tried, shop);
  // A very long brief is read whole for what it says, and answers are tried on its beginning.
  const short =
    tried.brief.length > longBrief ? { ...tried, brief: tried.brief.slice(0, longBrief).replace(/[^\n.]*$/, '') } : tried;
  const before = measure(short === tried ? shop : makeShop(short), short);
  const open = questionsFor(situation)
    .filter((question) => !isAsked(project, question.id))
    .flatMap((question) => {
      const asking = question.ask(situation);
      return asking ? [{ question, asking, gain: gainOf(before, short, asking, situation) }] : [];
    })
    .map((one) => ({ ...one, worth: one.gain.score * one.asking.answerable }))
    .filter(({ worth }) => worth >= worthAsking)
    .sort((a, b) => b.worth - a.worth);
  return open.map(({ question, asking: { say, picks, several, field }, gain }) => ({
    ...{ id: question.id, say, picks, several, field, gain, number },
    left: Math.min(open.length, mostQuestions - number + 1),
  }));
}

/** What answering a question comes to, or what is wrong with the answer. */
export function answerQuestion(project: Project, id: string, given: readonly string[]): Result<Wish[]> {
  const situation = situationOf(project, makeShop(project));
  const asking = questionsFor(situation)
    .find((question) => question.id === id)
    ?.ask(situation);
  if (!asking) return fail('That is answered by now.');
  const answers = given.map((one) => one.trim()).filter(Boolean);
  if (!answers.length) return fail('Pick an answer or write one, or skip the question.');
  for (const one of answers) {
    const wrong = asking.picks.includes(one) ? null : (asking.check?.(one) ?? null);
    if (wrong) return fail(wrong);
  }
  return ok([...wishesOf(project, asking.answer(answers, situation)), set(asked(id), 'answered')]);
}

/** What a shop says and leaves open, for comparing. */
interface Measure {
  sections: Map<string, { label: string; weight: number }>;
  texts: Map<string, number>;
  open: number;
  look: string;
}

/** The first words of the shop are read by all; what stands with each product is read by all who may buy. */
const weightOfText = (at: string): number =>
  /\/opening\/(?:headline|lead)$/.test(at) ? 3 : at.startsWith('product/') ? 2.2 : 0.6;

/** What the law makes every shop say matters less to visitors than what sets it apart. */
const weightOf = (kind: string): number => (['refunds', 'privacy', 'terms', 'delivery'].includes(kind) ? 0.5 : 1.5);

const representative = (shop: Shop) => {
  const kinds = new Set<string>();
  return shop.pages.filter((page) => page.listed && !kinds.has(page.kind) && kinds.add(page.kind));
};

function measure(shop: Shop, project: Project): Measure {
  const sections = new Map<string, { label: string; weight: number }>();
  const texts = new Map<string, number>();
  for (const page of representative(shop))
    for (const section of shop.writer.write(page).sections) {
      const at = `${page.kind}/${section.id}`;
      const label = page.kind === 'product' ? `${section.label} with each product` : `${section.label} on ${page.name}`;
      if (section.filled)
        sections.set(at, { label, weight: page.kind === 'home' || page.kind === 'product' ? 3 : weightOf(page.kind) });
      contentTexts(section.words).forEach(({ at: place, text }, i) => {
        // Items are counted, not named: an answer that brings a third reason makes a third text.
        if (text.text) texts.set(`${at}/${place.key === undefined ? pathOf(place) : `${place.field}-${i}`}`, text.rank);
      });
    }
  const findings = findingsOf(shop, project.goods.problems);
  const open = findings.reduce((sum, finding) => sum + (finding.level === 'mend' ? 4 : finding.level === 'todo' ? 1 : 0), 0);
  const { name, place } = shop.reading;
  const unsure = [name, place].filter((fact) => fact && fact.confidence < 0.6).length;
  const { family, palette } = shop.look;
  return {
    sections,
    texts,
    open: open + shop.reading.doubts.length * 6 + unsure * 4,
    look: `${family.id} ${palette.accent} ${palette.ground}`,
  };
}

function gainOf(before: Measure, project: Project, asking: Asking, situation: Situation): Gain {
  const answered = withAnswer(project, asking.answer(asking.sample, situation));
  const shop = makeShop(answered);
  const after = measure(shop, answered);
  const opened = [...after.sections].filter(([at]) => !before.sections.has(at)).map(([, section]) => section);
  const better = [...after.texts].filter(([at, rank]) => rank < (before.texts.get(at) ?? 3)).map(([at]) => at);
  // A doubt that the answer has settled stays in the brief's own words; that it is answered is what counts.
  const wishes = asking.answer(asking.sample, situation).wishes ?? [];
  const settled = wishes.some(({ place }) => areaOf(place) === 'reading') ? 2 : 0;
  const settles = Math.max(0, before.open - after.open) + settled + (asking.urgent ? 6 : 0);
  const look = before.look !== after.look;
  const texts = better.reduce((sum, at) => sum + weightOfText(at), 0);
  const sections = opened.reduce((sum, section) => sum + section.weight, 0);
  const score = sections + Math.min(5, texts) + settles * 1.5 + (look ? 4 : 0);
  return { opens: opened.map(({ label }) => label), texts: better.length, settles, look, score };
}
