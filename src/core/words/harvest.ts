import { leastStory, worthOf, type Fit, type Reading, type Role, type Source, type Statement, type Topic } from '../brief';
import { nameThem, standsAlone } from './leaning';
import { inOrderOfTelling, paragraphsOf, textOf, unitsOf, type Unit } from './telling';
import { fromBrief, type Text } from './text';
import { liftClause, titled, withoutName, type TitledText } from './lines';

/** The seller's own sentences, each given one place on the front page or on a page of its own; About tells all of it in order. */
export interface Harvest {
  headline: Text | null;
  /** Other sentences that would do for a headline. */
  headlineChoices: Text[];
  lead: Text | null;
  leadChoices: Text[];
  why: TitledText[];
  /** A short line of the seller's that could head them. */
  whyHeading: Text | null;
  story: Text[];
  /** What is promised of all that is sold, the weightiest first. */
  promises: Text[];
  about: Text[];
  delivery: Text[];
  contact: Text[];
}

const clean = (statement: Statement): Text => fromBrief(statement.text, statement.source);
const about = (topic: Topic) => (statement: Statement) => statement.topics.includes(topic);
const inOrder = (a: Unit, b: Unit) => a.head.source.start - b.head.source.start;
const bestFor = (place: Fit) => (a: Unit, b: Unit) => b.head.fit[place] - a.head.fit[place] || inOrder(a, b);
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

/** An editor has to take it for the headline this gladly, or it isn't one. */
const leastLarge = 0.06;

/** What is promised, and how things are made, is worth saying wherever there is room. */
const leastReason = { told: 0.12, promised: 0.03 };
const longestReason = 30;

/** Whether it says what a buyer may count on. */
export const isPromise = ({ role, topics }: Statement): boolean => role === 'promise' || topics.includes('returns');

/** Whether a sentence could be a reason to buy here. */
export const isReason = (s: Statement): boolean =>
  does('claim', 'promise', 'process')(s) &&
  s.words <= longestReason &&
  s.fit.why >= (does('promise', 'process')(s) ? leastReason.promised : leastReason.told);

/** How well a sentence would say under the headline what is done here; where editors took none, how things are made says it. */
const leadFit = ({ role, fit }: Statement): number => fit.lead + (role === 'process' ? 0.12 : 0);
const leastLead = 0.12;
const longestLead = 34;

/** What is sold, where that is sure enough to stand in a sentence of the seller's. */
const leastSure = 0.6;
const goodsOf = ({ sells: [first] }: Reading): string | undefined =>
  first && (first.corrected || first.confidence >= leastSure) ? first.value : undefined;

/** Gives each sentence of a brief the place that it suits best. */
export function harvest(reading: Reading, pins: Pins = {}): Harvest {
  const goods = goodsOf(reading);
  const told = unitsOf(
    reading.statements.filter((s) => !s.topics.includes('detail') && !isSaidInPlace(s, reading)),
    goods,
    new Set(Object.values(pins).flatMap((keys) => [...keys])),
  );
  const free = new Set(told);
  const take = (units: Unit[]) => {
    for (const unit of units) free.delete(unit);
    return units;
  };
  const heads = (test: (statement: Statement) => boolean) => [...free].filter(({ head }) => test(head));
  const isPinned = (place: keyof Pins) => (s: Statement) => pins[place]?.has(s.key) ?? false;
  const held = (place: keyof Pins) => (pins[place]?.size ? take(heads(isPinned(place))) : []);
  const kept = {
    why: held('why'),
    story: held('story'),
    about: held('about'),
    delivery: held('delivery'),
    contact: held('contact'),
  };
  const tell = (units: Unit[], place: keyof Pins): Text[] =>
    paragraphsOf([...units].sort(inOrder), pins[place]).map((paragraph) => textOf(paragraph, goods));

  const delivery = [...kept.delivery, ...take(heads(about('delivery')))];
  take(heads((s) => about('contact')(s) && (reading.email?.source?.text ?? '') !== '' && s.text.includes('@')));
  const contact = [...kept.contact, ...take(heads(about('contact')))];
  const telling = [...kept.why, ...kept.story, ...kept.about, ...free].sort(inOrder);
  const printed = new Set(telling.flatMap(({ all }) => all.map(({ key }) => key)));
  const agreed = new Set(reading.answered.yes.map(({ key }) => key));
  // What stands for something that was said right before is told where that is, too, or where the seller has said so.
  const isLed = ({ head }: Unit) =>
    agreed.has(head.key) || standsAlone(nameThem(head.text, goods)) || (head.after !== null && printed.has(head.after));
  take(heads((s) => isShown(s, reading)));

  const leads = heads((s) => ofTheBusiness(s) && s.words >= 6 && leadFit(s) >= leastLead)
    .sort((a, b) => leadFit(b.head) - leadFit(a.head) || inOrder(a, b))
    .map((unit) => ({ unit, text: nameThem(liftClause(unit.head.text), goods) }))
    .filter(({ text }) => text.split(' ').length <= longestLead);
  const [lead] = leads;
  if (lead) take([lead.unit]);

  const large = (s: Statement): Text => fromBrief(nameThem(withoutName(s.text, reading.name?.value), goods), s.source);
  const headlines = heads(
    (s) =>
      ofTheBusiness(s) &&
      standsAlone(nameThem(s.text, goods)) &&
      s.words >= 3 &&
      s.words <= 12 &&
      s.text.length <= 70 &&
      s.fit.headline >= leastLarge,
  ).sort(bestFor('headline'));
  const [headline] = take(headlines.slice(0, 1));

  const story = [...kept.story, ...take(takeRun([...free].filter(isLed).sort(inOrder)))].sort(inOrder);
  const reasons = heads((s) => isReason(s) && standsAlone(nameThem(s.text, goods))).sort(bestFor('why'));
  const most = Math.max(0, (reasons.length >= 6 ? 4 : 3) - kept.why.length);
  const why = [...kept.why, ...take(reasons.slice(0, most))];
  const [over] =
    why.length > 1
      ? heads(
          (s) =>
            ofTheBusiness(s) &&
            standsAlone(nameThem(s.text, goods)) &&
            s.words >= 3 &&
            s.words <= shortHeading &&
            s.fit.headline >= leastHeading,
        ).sort(bestFor('headline'))
      : [];
  if (over) take([over]);

  // What is promised under "why" isn't promised a second time; a line that stands large needs what leans on it to be told of.
  const isSaid = (unit: Unit) =>
    (why.includes(unit) && unit.head.role === 'promise') || ((unit === headline || unit === over) && unit.all.length === 1);
  const whole = telling.filter((unit) => !isSaid(unit) && isLed(unit));
  const isNew = whole.some((unit) => free.has(unit) || unit.all.length > 1) || kept.about.length > 0;
  const retold = isNew || whole.length >= fewestRetold;
  return {
    headline: headline ? large(headline.head) : null,
    headlineChoices: headlines.slice(1, 7).map(({ head }) => large(head)),
    lead: lead ? fromBrief(lead.text, lead.unit.head.source) : null,
    leadChoices: reading.statements
      .filter((s) => ofTheBusiness(s) && s !== lead?.unit.head && s !== headline?.head && s.words >= 7 && s.words <= 26)
      .sort((a, b) => b.fit.lead - a.fit.lead || a.source.start - b.source.start)
      .slice(0, 6)
      .map(clean),
    why: why.map(({ head }) => titled(head)),
    whyHeading: over ? large(over.head) : null,
    story: story.map((unit) => textOf([unit], goods)),
    promises: told
      .filter(({ head }) => isPromise(head))
      .sort(bestFor('why'))
      .map((unit) => textOf([unit], goods)),
    about: retold ? inOrderOfTelling(paragraphsOf(whole, pins.about)).map((paragraph) => textOf(paragraph, goods)) : [],
    delivery: tell(delivery, 'delivery'),
    contact: tell(contact, 'contact'),
  };
}

/** A heading is shorter than a headline, and nearly any line of the seller's is better than one of ours. */
const shortHeading = 7;
const leastHeading = 0.02;
/** As many sentences are worth telling again in their order, though the front page holds them all. */
const fewestRetold = 3;

const holds =
  (s: Statement) =>
  (fact: { source: Source | null }): boolean =>
    fact.source !== null && s.source.start <= fact.source.start && fact.source.end <= s.source.end;

/** What has a section of its own on the front page, as steps do, isn't told there a second time. */
const isShown = (s: Statement, { figures, steps }: Reading): boolean =>
  (steps.length >= 3 && steps.some(holds(s))) ||
  (figures.length >= 3 && figures.some((fact) => holds(s)(fact) && shortlySaid(s)));

/** What is said where it belongs: hours, an address, the name alone. */
const isSaidInPlace = (s: Statement, { address, openings, name }: Reading): boolean =>
  openings.some(holds(s)) ||
  s.words <= (name?.value.split(' ').length ?? 0) ||
  (address !== null && holds(s)(address) && s.words <= address.value.split(' ').length + 6);

/** Whether a figure is all that its sentence says. */
const shortlySaid = (s: Statement): boolean => s.words <= 6 && worthOf(s) < 0.5;

/** Up to three sentences of people and years, with what follows them in their paragraph. */
function takeRun(units: Unit[]): Unit[] {
  const from = units.findIndex(({ head }) => head.story >= leastStory);
  const first = units[from];
  if (from < 0) return [];
  return units
    .slice(from, from + 3)
    .filter(({ head }, i) => i === 0 || (head.words < 40 && head.paragraph === first?.head.paragraph));
}
