import { Decided, sayAt, standsAt, type Address, type Value } from '../places';
import { sameValue, valueAt, type Project } from '../project';
import { spotOf } from '../requests';
import { namesIn, placesOf, type Shop } from '../site';
import { textThing, thingOf, type Thing } from '../things/about';
import { longestSentence, noPast, sentenceKinds, type Past, type Reading, type SentenceKind, type Understood } from './about';
import { judge, learnedJudge, outcomes, type JudgeWeights } from './judge';
import { readSentence, type Slot } from './sentence';
import { sentences } from './registry';
import { denies, isDenial, isNo, no, type Found, type Said } from './said';

/** Below this share of all that could be meant, a kind is not thought of (found on sentences that training had not seen). */
const leastThought = 0.06;
/** From this share on a sentence is taken as understood: below it, sentences of a batch that was read at first sight were understood wrong. */
const sureFrom = 0.7;
/** What stands among the words of one kind just as it is said wants less. */
const sureVerbatim = 0.5;
/** What is left when nothing else is likely is refused from here on. */
const refusedFrom = 0.5;
/** From this share on, what can't be done is what was meant. */
const meantFrom = 0.35;
const mostReadings = 4;
const mostNearest = 3;

/** Where a sentence is said, and on what day. */
export interface Saying {
  /** A thing by its name, or the address of a place; without it the page that is looked at. */
  at?: string | undefined;
  page?: string;
  past?: Past;
  today: Date;
}

/** The thing that an address stands for: one by its name, a text, a section, or the whole. */
export function thingAt(shop: Shop, at: string | undefined, page = 'home'): Thing | null {
  if (at === undefined || at === '') return { kind: 'page', page: shop.pages.some(({ id }) => id === page) ? page : 'home' };
  const thing = thingOf(at);
  if (thing) return thing;
  if (standsAt(at)) return textThing(at);
  const [area, first = '', second = ''] = at.split('/');
  if ((area === 'plan' || area === 'leads') && second && shop.pages.some(({ id }) => id === first))
    return shop.pages.some((one) => one.id === first && one.sections.some(({ id }) => id === second))
      ? { kind: 'section', page: first, section: second }
      : { kind: 'page', page: first };
  if (area === 'plan') return { kind: 'page', page: first };
  if (area === 'goods' && shop.catalogue.byId.has(first)) return { kind: 'card', product: first };
  return null;
}

interface Candidate {
  kind: SentenceKind;
  share: number;
  found: readonly Found[];
}

const refusal = (says: string, nearest: readonly string[] = [], kind: SentenceKind | null = null): Understood => ({
  readings: [],
  refused: { says, nearest, kind },
});

const isSoAlready = 'It is so already.';

/** Where a reason, or a second thought, is set apart from a wish. */
const apart = /[,;.!:–—]+\s+|\s+(?=because\s)/;

/**
 * Understands a sentence: what it can mean in this shop, or that it is not done. Nothing is changed by it. Where it is not understood as a
 * whole, and one of its clauses alone says something, the others name nothing and deny nothing, that clause is offered.
 */
export function understand(
  shop: Shop,
  project: Project,
  text: string,
  saying: Saying,
  by: JudgeWeights = learnedJudge(),
): Understood {
  const clauses = text.split(apart).filter((clause) => clause.trim());
  const isPutOff = clauses.slice(1).some((clause) => turns.has(clause.trim().split(/\s/)[0]?.toLowerCase() ?? ''));
  const understood = understandWhole(shop, project, text, saying, by);
  // "Darker, but not yet", "if my sister agrees": what is taken back or put off is not done unasked.
  const whole = isPutOff
    ? { ...understood, readings: understood.readings.map((reading) => ({ ...reading, sure: false })) }
    : understood;
  const isDone = whole.readings.length > 0 || whole.refused?.says === isSoAlready;
  if (isDone || clauses.length < 2 || text.length > longestSentence) return whole;
  const heard = clauses.map((clause) => understandWhole(shop, project, clause, saying, by));
  // What was meant and can't be done is said as well; where the whole was that, no clause of it means another thing.
  const meant = whole.refused?.kind;
  const [only, ...more] = heard.filter(({ readings, refused }) =>
    meant ? readings.some(({ kind }) => kind === meant) : readings.length > 0 || refused?.kind,
  );
  const isAside = (clause: string) => {
    const { slots, tokens } = readSentence(clause, shop, saying.today);
    return !slots.length && !tokens.some(({ word }) => turns.has(word) || isDenial(word));
  };
  if (!only || more.length || !clauses.every((clause, i) => heard[i] === only || isAside(clause))) return whole;
  return { ...only, readings: only.readings.map((reading) => ({ ...reading, sure: false })) };
}

/** Words that take back, or put a condition on, what stands beside them. */
const turns = new Set(['but', 'if', 'unless', 'until', 'except', 'maybe', 'perhaps', 'or', 'once', 'when', 'later']);

function understandWhole(shop: Shop, project: Project, text: string, saying: Saying, by: JudgeWeights): Understood {
  const given = text.trim();
  if (!given) return refusal('Say what should be different.');
  if (given.length > longestSentence)
    return refusal(
      `This is ${given.length} characters long. A wish has at most ${longestSentence}; a text is pasted where it stands.`,
    );
  const thing = thingAt(shop, saying.at, saying.page);
  const spot = thing && spotOf(shop, project, thing);
  if (!spot) return refusal('What this was said at is not in the shop any more.');
  const sentence = readSentence(given, shop, saying.today);
  const decided = new Decided(project.decisions);
  const said: Said = { sentence, spot, shop, project, decided, past: saying.past ?? noPast };

  const shares = judge(sentence.parts, spot.thing.kind, by);
  const ranked = sentenceKinds.map((kind, i) => ({ kind, share: shares[i] ?? 0 })).sort((a, b) => b.share - a.share);
  const nearest = ranked.slice(0, mostNearest).flatMap(({ kind }) => sentences.get(kind)?.offers ?? []);
  if ((shares[outcomes.indexOf('nothing')] ?? 0) >= refusedFrom)
    return refusal('This is nothing that Arcatum understood as a change of the shop.', nearest);
  const heard = hear(
    said,
    ranked.filter(({ share }) => share >= leastThought),
  );
  if ('refused' in heard) return refusal(heard.refused, nearest, heard.kind);
  return choose(heard, said, nearest);
}

/** What the likely kinds say to a sentence. */
interface Heard {
  candidates: readonly Candidate[];
  /** All that it can mean here: the share of what can't be meant at this thing is taken off. */
  likely: number;
  /** Why the likeliest of those that can't do it can't. */
  missed: { because: string; share: number; kind: SentenceKind | null };
}

/** Asks the likely kinds in turn. What was meant and can't be done is said; another meaning of less weight is not put in its place. */
function hear(
  said: Said,
  ranked: readonly { kind: SentenceKind; share: number }[],
): Heard | { refused: string; kind: SentenceKind } {
  const isDenied = denies(said);
  const candidates: Candidate[] = [];
  let likely = 1;
  let missed: Heard['missed'] = { because: '', share: 0, kind: null };
  for (const { kind, share } of ranked) {
    const definition = sentences.get(kind);
    if (!definition) continue;
    const answer =
      definition.affirms && isDenied
        ? no('That it is not to be so was understood, but not what it is to be.')
        : definition.reads(said);
    if (isNo(answer)) {
      if (answer.firm && share >= meantFrom && kind === ranked[0]?.kind) return { refused: answer.no, kind };
      // What says that another kind is meant leaves its share to that.
      if (answer.other) {
        likely -= share;
        continue;
      }
      if (!missed.because) missed = { because: answer.no, share, kind: share >= meantFrom ? kind : null };
      // What can't be meant at this thing leaves its share to the others; what only lacks a word does not.
      if (!answer.firm && !definition.at.includes(said.spot.thing.kind)) likely -= share;
    } else {
      const found = Array.isArray(answer) ? (answer as readonly Found[]) : [answer as Found];
      if (!found.length) continue;
      // A reading that leaves aside what the sentence names is less likely than one that has a use for it.
      const left = share * leftAside ** Math.min(...found.map((one) => unusedOf(one, said)));
      likely -= share - left;
      candidates.push({ kind, share: left, found });
    }
  }
  return { candidates, likely, missed };
}

/** How much of its likelihood a reading keeps for each name or value that it has no use for. */
const leftAside = 0.3;

/** How many of the names and values of a sentence a reading has no use for; a figure that is no value was not understood. */
function unusedOf({ of = {} }: Found, { sentence: { slots, parts } }: Said): number {
  const used = Object.values(of).map((value) => value.toLowerCase());
  const isUsed = ({ section, page, category, product, number, colour, date, quote, address }: Slot) =>
    [section, page?.name, category?.name, product?.title, number?.figure, colour?.name, colour?.hex, date, quote, address]
      .concat(number ? String(number.value) : undefined)
      .some((name) => name !== undefined && used.some((value) => value.includes(name.toLowerCase())));
  const figures = parts.filter(({ token }) => token !== null && /^\d/.test(token.word));
  return slots.filter((slot) => !isUsed(slot)).length + figures.length;
}

/** The likeliest kind, where it has a sentence among its own words just as it was said, and no other at this thing has. */
function saidVerbatim(candidates: readonly Candidate[], { sentence: { text }, spot }: Said): SentenceKind | null {
  const [best] = [...candidates].sort((a, b) => b.share - a.share);
  const given = text
    .toLowerCase()
    .replace(/[\s.!]+$/, '')
    .trim();
  const having = [...sentences.values()].filter(
    ({ words, at }) => words.some((one) => one.toLowerCase() === given) && at.includes(spot.thing.kind),
  );
  return best && having.length === 1 && having[0]?.kind === best.kind ? best.kind : null;
}

/** The readings that are told: the sure one alone, else those that come near. */
function choose({ candidates, likely, missed }: Heard, said: Said, nearest: readonly string[]): Understood {
  // What was likelier by far can't be: something else is not put in its place.
  if (missed.share > 2 * Math.max(0, ...candidates.map(({ share }) => share)))
    return refusal(missed.because, nearest, missed.kind);
  const now = standingIn(said);
  const verbatim = saidVerbatim(candidates, said);
  const readings = candidates.flatMap(({ kind, share, found }) => {
    const sure = share / likely >= (kind === verbatim ? sureVerbatim : sureFrom) && found.length === 1;
    return share / likely < leastThought * 2 ? [] : found.map((one) => readingOf(kind, one, sure, said, now));
  });
  // What would change nothing is no reading.
  const moving = readings.filter(({ sets, act }) => sets.length || act);
  const [best] = moving;
  const [standing] = readings;
  if (!best)
    return standing
      ? refusal(isSoAlready, nearest, standing.kind)
      : refusal(missed.because || 'This was not understood.', nearest, missed.kind);
  const chosen = best.sure ? moving.filter((one) => one.kind === best.kind) : moving.slice(0, mostReadings);
  return { readings: chosen, refused: null };
}

type Now = (place: Address) => Value | undefined;

function readingOf(
  kind: SentenceKind,
  { wishes = [], act, says, of = {} }: Found,
  sure: boolean,
  { shop, project }: Said,
  now: Now,
): Reading {
  const sets = wishes.flatMap(({ place, value }) => {
    const decided = valueAt(project, place);
    if (sameValue(decided, value)) return [];
    const before = decided ?? now(place) ?? null;
    const after = value ?? null;
    return sameValue(before, after) ? [] : [{ place, before, after }];
  });
  const names = namesIn(shop);
  const told = sets.slice(0, 3).map((one) => sayAt(one.place, one.before ?? undefined, one.after ?? undefined, names));
  const more = sets.length > told.length ? `; and ${sets.length - told.length} more` : '';
  return { kind, says: says ?? `${told.join('; ')}${more}.`.replace(/\.\.$/, '.'), wishes, sets, act: act ?? null, of, sure };
}

/** What stands at a place as the shop is now. It is worked out once, when it is asked for. */
function standingIn({ shop, project, spot: { page } }: Said): Now {
  let known: Map<string, Value> | null = null;
  return (place) => {
    known ??= new Map(
      [...placesOf(shop, project), ...(page ? placesOf(shop, project, page.id) : [])].map((one) => [one.place, one.value]),
    );
    return known.get(place);
  };
}
