import { leastStory, worthOf, type Reading, type Role, type Source, type Statement, type Topic } from '../brief';
import { keyFrom } from '../keys';
import { fromBrief, type Text } from './text';
import { liftClause, nameThem, titled, withoutName, type TitledText } from './lines';

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
const bestFor = (place: 'lead' | 'why') => (a: Statement, b: Statement) => b.fit[place] - a.fit[place] || inOrder(a, b);
const does =
  (...roles: Role[]) =>
  (statement: Statement) =>
    roles.includes(statement.role);
/** What may stand large: terms of business never do. */
const ofTheBusiness = (s: Statement) => does('claim', 'promise', 'process', 'person')(s) && s.story < clearlyStory;
/** What is clearly a story is told as one. */
const clearlyStory = 0.5;

/** Sentences that the seller has worked on where they stand, by their keys: they stay there, whatever else comes into the brief. */
export type Pins = Partial<Record<'why' | 'story' | 'about' | 'delivery' | 'contact', ReadonlySet<string>>>;

/** An editor has to be this likely to take a sentence for a place. */
export const leastFit = 0.12;
/** How well a sentence would stand large: what is a short reason to buy here does too. */
const largeFit = ({ fit }: Statement): number => fit.headline + 0.12 * fit.why;
const leastLarge = 0.04;
/** What leans on a sentence before it can't stand large. */
const leans = /^(?:it|they|this|these|that|those|he|she|them|which|then|(?:the|each|every|some) \w+ ones?)\b/i;

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
  const leads = candidates((s) => ofTheBusiness(s) && s.words >= 6 && s.fit.lead >= leastFit && !leans.test(s.text))
    .sort(bestFor('lead'))
    .map((statement) => ({ statement, text: nameThem(liftClause(statement.text), reading.sells[0]?.value) }))
    .filter(({ text }) => text.split(' ').length <= 34);
  const lead = leads[0];
  if (lead) take([lead.statement]);

  const headlines = candidates(
    (s) =>
      ofTheBusiness(s) &&
      s.words >= 3 &&
      s.words <= 12 &&
      s.text.length <= 70 &&
      largeFit(s) >= leastLarge &&
      !leans.test(s.text),
  ).sort((a, b) => largeFit(b) - largeFit(a) || inOrder(a, b));
  const headline = take(headlines.slice(0, 1))[0];

  const reasons = candidates((s) => does('claim', 'promise', 'process')(s) && s.words <= 30 && s.fit.why >= leastFit).sort(
    bestFor('why'),
  );
  const most = Math.max(0, (reasons.length >= 6 ? 4 : 3) - held.why.length);
  const why = [...held.why, ...take(reasons.slice(0, most))];
  const run = take(takeRun(candidates((s) => s.story >= leastStory || does('process')(s)).sort(inOrder)));
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

/** Whether a figure is all that its sentence says. */
const shortlySaid = (fact: { source: Source | null }, reading: Reading): boolean =>
  reading.statements.some(
    (s) =>
      fact.source && s.source.start <= fact.source.start && fact.source.end <= s.source.end && s.words <= 6 && worthOf(s) < 0.5,
  );

/** Two or three sentences that follow one another and tell of people and years; how things are made where none do. */
function takeRun(statements: Statement[]): Statement[] {
  const told = statements.findIndex((s) => s.story >= leastStory);
  const from = told < 0 ? 0 : told;
  return statements.slice(from, from + 3).filter((s, i) => i === 0 || s.words < 40);
}
