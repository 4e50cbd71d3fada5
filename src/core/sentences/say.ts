import { Decided, sayAt, standsAt, type Address, type Value } from '../places';
import { valueAt, type Project } from '../project';
import { spotOf, type Spot } from '../requests';
import { namesIn, placesOf, type Shop } from '../site';
import { textThing, thingOf, type Thing } from '../things/about';
import { sameValue } from '../project';
import { longestSentence, noPast, sentenceKinds, type Past, type Reading, type SentenceKind, type Understood } from './about';
import { judge, learnedJudge, outcomes, type JudgeWeights } from './judge';
import { readSentence } from './sentence';
import { sentences } from './registry';
import { hears, isNo, no, type Found, type Said } from './said';

/** Below this share of all that could be meant, a kind is not thought of (found on sentences that training had not seen). */
const leastThought = 0.06;
/** From this share on a sentence is taken as understood: below it, sentences of a batch that was read at first sight were understood wrong. */
const sureFrom = 0.6;
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

/** Understands a sentence: what it can mean in this shop, or that it is not done. Nothing is changed by it. */
export function understand(
  shop: Shop,
  project: Project,
  text: string,
  saying: Saying,
  by: JudgeWeights = learnedJudge(),
): Understood {
  const refuse = (says: string, nearest: readonly string[] = [], kind: SentenceKind | null = null): Understood => ({
    readings: [],
    refused: { says, nearest, kind },
  });
  const given = text.trim();
  if (!given) return refuse('Say what should be different.');
  if (given.length > longestSentence)
    return refuse(
      `This is ${given.length} characters long. A wish has at most ${longestSentence}; a text is pasted where it stands.`,
    );
  const thing = thingAt(shop, saying.at, saying.page);
  const spot = thing && spotOf(shop, project, thing);
  if (!spot) return refuse('What this was said at is not in the shop any more.');
  const sentence = readSentence(given, shop, saying.today);
  const said: Said = {
    sentence,
    spot,
    shop,
    project,
    decided: new Decided(project.decisions),
    past: saying.past ?? noPast,
    today: saying.today,
  };
  const shares = judge(sentence.parts, spot.thing.kind, by);
  const nothing = shares[outcomes.indexOf('nothing')] ?? 0;
  const ranked = sentenceKinds.map((kind, i) => ({ kind, share: shares[i] ?? 0 })).sort((a, b) => b.share - a.share);
  const nearest = ranked.slice(0, mostNearest).flatMap(({ kind }) => sentences.get(kind)?.offers ?? []);
  if (nothing >= refusedFrom) return refuse('This is nothing that Arcatum understood as a change of the shop.', nearest);

  const denies = hears(said, 'not', 'no', 'never', "don't", 'dont', 'without', "isn't", "shouldn't");
  let because = '';
  let meant: SentenceKind | null = null;
  let missed = 0;
  // All that it can mean here: what can't be meant at this thing is taken off.
  let likely = 1;
  const candidates: Candidate[] = [];
  for (const { kind, share } of ranked.filter((one) => one.share >= leastThought)) {
    const definition = sentences.get(kind);
    if (!definition) continue;
    const answer =
      definition.affirms && denies
        ? no('That it is not to be so was understood, but not what it is to be.')
        : definition.reads(said);
    if (isNo(answer)) {
      // What was meant and can't be done is said; another meaning of less weight is not put in its place.
      if (answer.firm && share >= meantFrom && kind === ranked[0]?.kind) return refuse(answer.no, nearest, kind);
      if (!because) [because, meant, missed] = [answer.no, share >= meantFrom ? kind : null, share];
      // What can't be meant at this thing leaves its share to the others; what only lacks a word does not.
      if (!answer.firm && !definition.at.includes(spot.thing.kind)) likely -= share;
      continue;
    }
    const found = Array.isArray(answer) ? (answer as readonly Found[]) : [answer as Found];
    if (!found.length) continue;
    candidates.push({ kind, share, found });
  }
  // What was likelier by far can't be: something else is not put in its place.
  if (missed > 2 * Math.max(0, ...candidates.map(({ share }) => share))) return refuse(because, nearest, meant);
  const readings = candidates.flatMap(({ kind, share, found }) => {
    const sure = share / likely >= sureFrom && found.length === 1;
    return share / likely < leastThought * 2 ? [] : found.map((one) => readingOf(kind, one, sure, said));
  });
  // What would change nothing is no reading.
  const moving = readings.filter(({ sets, act }) => sets.length || act);
  const [best] = moving;
  if (!best) {
    const [standing] = readings;
    return standing
      ? refuse('It is so already.', nearest, standing.kind)
      : refuse(because || 'This was not understood.', nearest, meant);
  }
  const chosen = best.sure ? moving.filter((one) => one.kind === best.kind) : moving.slice(0, mostReadings);
  return { readings: chosen, refused: null };
}

function readingOf(
  kind: SentenceKind,
  { wishes = [], act, says, of = {} }: Found,
  sure: boolean,
  { shop, project, spot }: Said,
): Reading {
  const now = standingAt(shop, project, spot);
  const sets = wishes.flatMap(({ place, value }) => {
    const decided = valueAt(project, place);
    if (sameValue(decided, value)) return [];
    const stood = now(place);
    const before = decided ?? stood ?? null;
    const after = value ?? null;
    return sameValue(before, after) ? [] : [{ place, before, after }];
  });
  const names = namesIn(shop);
  const told = sets.slice(0, 3).map((one) => sayAt(one.place, one.before ?? undefined, one.after ?? undefined, names));
  const more = sets.length > told.length ? `; and ${sets.length - told.length} more` : '';
  return { kind, says: says ?? `${told.join('; ')}${more}.`.replace(/\.\.$/, '.'), wishes, sets, act: act ?? null, of, sure };
}

/** What stands at a place as the shop is now. It is worked out once for a page, when it is asked for. */
function standingAt(shop: Shop, project: Project, { page }: Spot): (place: Address) => Value | undefined {
  let known: Map<string, Value> | null = null;
  return (place) => {
    known ??= new Map(
      [...placesOf(shop, project), ...(page ? placesOf(shop, project, page.id) : [])].map((one) => [one.place, one.value]),
    );
    return known.get(place);
  };
}
