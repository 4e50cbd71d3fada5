import { topicsOf, type Reading, type Source, type Statement, type Topic } from '../brief';
import { keyFrom } from '../keys';
import { fromBrief, type Text } from './text';
import { capitalised } from './grammar';

export interface TitledText {
  title: Text | null;
  text: Text;
}

/** The seller's own sentences, each given one place in the shop. None stands twice. */
export interface Harvest {
  headline: Text | null;
  /** Other sentences that would do for a headline. */
  headlineChoices: Text[];
  lead: Text | null;
  leadChoices: Text[];
  why: TitledText[];
  story: Text[];
  about: Text[];
  delivery: Text[];
  contact: Text[];
}

const clean = (statement: Statement): Text => fromBrief(statement.text, statement.source);
const about = (topic: Topic) => (statement: Statement) => statement.topics.includes(topic);
const best = (a: Statement, b: Statement) => b.score - a.score || a.source.start - b.source.start;
const inOrder = (a: Statement, b: Statement) => a.source.start - b.source.start;

/** Sentences that the seller has worked on where they stand, by their keys: they stay there, whatever else comes into the brief. */
export type Pins = Partial<Record<'why' | 'story' | 'about' | 'delivery' | 'contact', ReadonlySet<string>>>;

/** Gives each sentence of a brief the place that it suits best. */
export function harvest(reading: Reading, pins: Pins = {}): Harvest {
  const free = new Set(reading.statements.filter((s) => s.score > -3 && !s.topics.includes('detail')));
  const take = (statements: Statement[]) => {
    for (const statement of statements) free.delete(statement);
    return statements;
  };
  const candidates = (test: (statement: Statement) => boolean) => [...free].filter(test);
  const pinned = (place: keyof Pins) => {
    const keys = pins[place];
    return keys?.size ? take(candidates((s) => keys.has(keyFrom(s.source.text)))) : [];
  };
  const held = {
    why: pinned('why'),
    story: pinned('story'),
    about: pinned('about'),
    delivery: pinned('delivery'),
    contact: pinned('contact'),
  };

  // What has a section of its own, as opening hours and steps do, isn't told a second time.
  const shownElsewhere = [
    ...reading.openings,
    ...(reading.figures.length >= 2 ? reading.figures.filter((fact) => shortlySaid(fact, reading)) : []),
    ...(reading.steps.length >= 3 ? reading.steps : []),
  ];
  const holds = (s: Statement, fact: { source: Source | null }) =>
    fact.source !== null && s.source.start <= fact.source.start && fact.source.end <= s.source.end;
  take(candidates((s) => shownElsewhere.some((fact) => holds(s, fact))));
  // An address on a line of its own is where the address stands.
  take(
    candidates(
      (s) => reading.address !== null && holds(s, reading.address) && s.words <= reading.address.value.split(' ').length + 6,
    ),
  );
  const named = (s: Statement) => reading.people.some((person) => holds(s, person));
  const logistics = (s: Statement) => (about('delivery')(s) || about('returns')(s)) && !named(s);
  const delivery = [...held.delivery, ...take(candidates((s) => logistics(s) && !about('contact')(s)))].sort(inOrder).map(clean);
  take(candidates((s) => about('contact')(s) && (reading.email?.source?.text ?? '') !== '' && s.text.includes('@')));
  const contact = [...held.contact, ...take(candidates(about('contact')))].sort(inOrder).map(clean);

  const goods = new RegExp(
    String.raw`\b(?:${
      reading.sells
        .map((fact) => (fact.value.split(' ').at(-1) ?? '').replace(/s$/, '').replace(/\W/g, ''))
        .filter((word) => word.length > 2)
        .join('|') || '$^'
    })`,
    'i',
  );
  const large = (s: Statement): Text => fromBrief(withoutName(s.text, reading.name?.value), s.source);
  const headlines = candidates(
    (s) =>
      s.words >= 3 &&
      s.words <= 10 &&
      s.text.length <= 62 &&
      s.score >= 2 &&
      !about('audience')(s) &&
      !/^(?:I|We) (?:am|are|'m|'re|sell|make|offer|stock)\b|\b(?:called|named)\b/.test(s.text),
  ).sort((x, y) => headlineScore(y, goods) - headlineScore(x, goods) || best(x, y));
  const headline = take(headlines.slice(0, 1))[0];

  const leads = [...free]
    .filter((s) => s.words >= 7 && (about('what')(s) || goods.test(s.text) || (about('method')(s) && /^(?:I|We)\b/.test(s.text))))
    .map((statement) => ({ statement, text: nameThem(liftClause(statement.text), reading) }))
    .filter(({ text }) => text.split(' ').length <= 32)
    .map((one) => ({ ...one, fit: leadScore(one.text) + (goods.test(one.text) ? 2 : 0) }))
    .sort((x, y) => y.fit - x.fit || inOrder(x.statement, y.statement));
  const lead = leads[0];
  if (lead) take([lead.statement]);

  const apart = (s: Statement) => reading.difference.some((fact) => holds(s, fact));
  const reasonScore = (s: Statement) =>
    s.score + (apart(s) ? 2 : 0) + (about('promise')(s) ? 1 : 0) + (about('limit')(s) ? 0.5 : 0) + (about('method')(s) ? 0.5 : 0);
  const reasons = candidates(
    (s) =>
      s.words <= 28 &&
      !about('audience')(s) &&
      !named(s) &&
      (apart(s) || about('promise')(s) || about('method')(s) || about('limit')(s)) &&
      !(about('since')(s) && about('people')(s)),
  ).sort((x, y) => reasonScore(y) - reasonScore(x) || best(x, y));
  const most = Math.max(0, (reasons.length >= 6 ? 4 : 3) - held.why.length);
  const why = [...held.why, ...take(reasons.slice(0, most))];
  const run = take(takeRun(candidates((s) => s.score > -2 && !about('audience')(s)).sort(inOrder)));
  const story = [...held.story, ...run].sort(inOrder);
  const rest = [...held.about, ...take(candidates(() => true))].sort(inOrder);
  return {
    headline: headline ? large(headline) : null,
    headlineChoices: headlines.slice(1, 7).map(large),
    lead: lead ? fromBrief(lead.text, lead.statement.source) : null,
    leadChoices: reading.statements
      .filter((s) => s !== lead?.statement && s !== headline && s.words >= 7 && s.words <= 26 && s.score > 0)
      .sort(best)
      .slice(0, 6)
      .map(clean),
    why: why.map(titled),
    story: story.map(clean),
    about: rest.map(clean),
    delivery,
    contact,
  };
}

/** Verbs after which what is made stands for itself. */
const makes =
  /^(?:is|are|was|(?:make|sell|draw|print|bake|grow|knit|weave|brew|roast|build|offer|import|publish|design|dye|carve|sew|pour|forge|blend|bind|distil|blow|tan)(?:e?s))\s+/;

/** "Night Garden is a nursery in Malmö" → "A nursery in Malmö": the name stands above the headline already. */
function withoutName(text: string, name: string | undefined): string {
  if (!name || !text.toLowerCase().startsWith(`${name.toLowerCase()} `)) return text;
  const told = text.slice(name.length + 1);
  const rest = told.replace(makes, '');
  return rest !== told && rest.split(' ').length >= 3 && !/^(?:by|for|in|on|at|from|with|to|not|no)\b/.test(rest)
    ? capitalised(rest)
    : text;
}

/** Whether a figure is all that its sentence says. */
const shortlySaid = (fact: { source: Source | null }, reading: Reading): boolean =>
  reading.statements.some(
    (s) => fact.source && s.source.start <= fact.source.start && fact.source.end <= s.source.end && s.words <= 6 && s.score < 3.6,
  );

/** A headline is short, particular, and about the goods; two numbers or a turn in it make one listen. */
function headlineScore(statement: Statement, goods: RegExp): number {
  const { text, score, words } = statement;
  const numbers =
    text.match(
      /\d[\d,.]*|\b(?:two|three|four|five|six|seven|eight|nine|ten|twelve|twenty|thirty|forty|fifty|hundred|another)\b/gi,
    )?.length ?? 0;
  const turn = /\b(?:never|not|no|nothing|but|another|without|until|gone|don['’]t|won['’]t)\b/i.test(text) ? 0.8 : 0;
  return (
    score +
    (goods.test(text) ? 0.7 : 0) +
    (statement.topics.includes('promise') ? 0.7 : 0) +
    (numbers > 1 ? 1 : 0) +
    turn -
    (words < 5 && !turn ? 0.6 : 0)
  );
}

/** A lead says what is made, where and how; a promise does better elsewhere. */
function leadScore(text: string): number {
  const words = text.split(' ').length;
  const topics = topicsOf(text);
  const weight: Partial<Record<Topic, number>> = { what: 3, place: 2, method: 1 };
  const fits = words >= 9 && words <= 24 ? 1.5 : 0;
  return (
    topics.reduce((sum, topic) => sum + (weight[topic] ?? 0), fits) - (/^(?:It|They|This|That|These|Here)\b/.test(text) ? 3 : 0)
  );
}

/** "I find them at clearances" → "I find old leather bags at clearances": a sentence on its own needs its noun. */
function nameThem(text: string, reading: Reading): string {
  const goods = reading.sells[0]?.value;
  return goods?.endsWith('s') ? text.replace(/^((?:\S+ ){1,3})them\b/, `$1${goods}`) : text;
}

/** The part of a long sentence that says what is done: "We are X, the two of us, and we dye yarn" → "We dye yarn". */
function liftClause(text: string): string {
  if (text.split(' ').length <= 22) return text;
  const match = /,?\s+(?:and|so|but)\s+((?:we|I)\s+(?!are\b|am\b).+)$/.exec(text);
  const clause = match?.[1];
  return clause && clause.split(' ').length >= 7 ? capitalised(clause) : text;
}

/** Two or three sentences that follow one another and tell of people, years or places. */
function takeRun(statements: Statement[]): Statement[] {
  const tells = (s: Statement) => s.topics.some((t) => t === 'since' || t === 'people' || t === 'place' || t === 'method');
  const from = statements.findIndex(tells);
  return from < 0 ? [] : statements.slice(from, from + 3).filter((s, i) => i === 0 || s.words < 40);
}

const joint = /^(.+?)(?:;\s+|:\s+|,\s+(?:so|and|because)\s+|\s+–\s+)(.+)$/;

/** Parts a sentence into a short claim and what follows from it, where it has such a joint. */
function titled(statement: Statement): TitledText {
  const match = joint.exec(statement.text);
  const [, head = '', tail = ''] = match ?? [];
  const count = head.split(' ').length;
  if (count >= 3 && count <= 9 && tail.split(' ').length >= 4 && !/^(?:If|When|Because|As|While)\b/.test(head)) {
    const source: Source = statement.source;
    return { title: fromBrief(`${head}.`, source), text: fromBrief(capitalised(tail), source) };
  }
  return { title: null, text: fromBrief(statement.text, statement.source) };
}
