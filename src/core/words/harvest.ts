import { worthOf, type Reading, type Role, type Source, type Statement, type Topic } from '../brief';
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
const inOrder = (a: Statement, b: Statement) => a.source.start - b.source.start;
const bestFor = (place: 'headline' | 'lead' | 'why') => (a: Statement, b: Statement) => b.fit[place] - a.fit[place] || inOrder(a, b);
const does = (...roles: Role[]) => (statement: Statement) => roles.includes(statement.role);
/** What may stand large: terms of business never do. */
const ofTheBusiness = does('claim', 'promise', 'process', 'story', 'person');

/** Sentences that the seller has worked on where they stand, by their keys: they stay there, whatever else comes into the brief. */
export type Pins = Partial<Record<'why' | 'story' | 'about' | 'delivery' | 'contact', ReadonlySet<string>>>;

/** An editor has to be this likely to take a sentence for a place. */
const leastFit = 0.12;
/** What leans on a sentence before it can't stand large. */
const leans = /^(?:it|they|this|these|that|those|he|she|them|which|then)\b(?!['’]s (?:never|always|not))/i;

/** Gives each sentence of a brief the place that it suits best. */
export function harvest(reading: Reading, pins: Pins = {}): Harvest {
  const free = new Set(reading.statements.filter((s) => !s.topics.includes('detail')));
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
  const delivery = [...held.delivery, ...take(candidates(about('delivery')))].sort(inOrder).map(clean);
  take(candidates((s) => about('contact')(s) && (reading.email?.source?.text ?? '') !== '' && s.text.includes('@')));
  const contact = [...held.contact, ...take(candidates(about('contact')))].sort(inOrder).map(clean);

  const large = (s: Statement): Text => fromBrief(withoutName(s.text, reading.name?.value), s.source);
  const leads = candidates((s) => ofTheBusiness(s) && s.words >= 6 && s.fit.lead >= leastFit)
    .sort(bestFor('lead'))
    .map((statement) => ({ statement, text: nameThem(liftClause(statement.text), reading) }))
    .filter(({ text }) => text.split(' ').length <= 34);
  const lead = leads[0];
  if (lead) take([lead.statement]);

  const headlines = candidates(
    (s) =>
      ofTheBusiness(s) && s.words >= 3 && s.words <= 12 && s.text.length <= 70 && s.fit.headline >= leastFit && !leans.test(s.text),
  ).sort(bestFor('headline'));
  const headline = take(headlines.slice(0, 1))[0];

  const reasons = candidates((s) => does('claim', 'promise', 'process')(s) && s.words <= 30 && s.fit.why >= leastFit).sort(bestFor('why'));
  const most = Math.max(0, (reasons.length >= 6 ? 4 : 3) - held.why.length);
  const why = [...held.why, ...take(reasons.slice(0, most))];
  const run = take(takeRun(candidates(does('story', 'person', 'process')).sort(inOrder)));
  const story = [...held.story, ...run].sort(inOrder);
  const rest = [...held.about, ...take(candidates(() => true))].sort(inOrder);
  return {
    headline: headline ? large(headline) : null,
    headlineChoices: headlines.slice(1, 7).map(large),
    lead: lead ? fromBrief(lead.text, lead.statement.source) : null,
    leadChoices: reading.statements
      .filter((s) => ofTheBusiness(s) && s !== lead?.statement && s !== headline && s.words >= 7 && s.words <= 26)
      .sort(bestFor('lead'))
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
    (s) => fact.source && s.source.start <= fact.source.start && fact.source.end <= s.source.end && s.words <= 6 && worthOf(s) < 0.5,
  );

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

/** Two or three sentences that follow one another and tell of people and years; how things are made where none do. */
function takeRun(statements: Statement[]): Statement[] {
  const told = statements.findIndex(does('story', 'person'));
  const from = told < 0 ? 0 : told;
  return statements.slice(from, from + 3).filter((s, i) => i === 0 || s.words < 40);
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
