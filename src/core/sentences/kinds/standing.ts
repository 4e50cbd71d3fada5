import { sizeSteps, roomSteps, type Align } from '../../look/about';
import { clear, lookPlaces, planPlaces, set, type Wish } from '../../places';
import { type Section } from '../../plan';
import { isLockedAt, keptOf, locking, ordered, spanAt } from '../../requests';
import { sectionAbout } from '../../sections';
import { fittingSpan, isWhole, pageParts, saySpan, wholeSpan, type Span } from '../../span';
import { isText } from '../../things/about';
import { degreeOf, sizes, type Scale } from '../degree';
import { countNamed, defineSentence, denies, firmNo, hears, no, sectionsNamed, type Found, type No, type Said } from '../said';

const noSection = 'Which section? Point at it, or say its name as the plan has it.';

/** The section that is meant: one that is named and stands on the page, else the one that the sentence is said at. */
const standsHere = (said: Said): Section | null =>
  sectionsNamed(said).find(({ section }) => section)?.section ?? said.spot.section;

const onPhones = (said: Said): boolean => hears(said, 'phone', 'phones', 'mobile', 'mobiles', 'handset', 'small-screen');

/** How many parts of its page a sentence gives to a section; null where it tells no share. */
function partsSaid(said: Said): number | null {
  const thirds = hears(said, 'two', '2') || said.sentence.slots.some(({ number }) => number?.value === 2);
  if (hears(said, 'third', 'thirds')) return thirds ? 8 : 4;
  if (hears(said, 'quarter', 'quarters')) return hears(said, 'three', '3') ? 9 : 3;
  const share = countNamed(said, 'percent')?.value;
  if (share !== undefined) return Math.max(1, Math.round((share / 100) * pageParts));
  return hears(said, 'half', 'halves', 'halfway') ? 6 : null;
}

/** Where on its page: left, right, or in its middle; null where nothing is said. */
function sideSaid(said: Said): 'left' | 'right' | 'middle' | null {
  if (hears(said, 'left', 'left-hand', 'lefthand')) return 'left';
  if (hears(said, 'right', 'right-hand', 'righthand')) return 'right';
  return hears(said, 'middle', 'centre', 'center', 'centred', 'centered') ? 'middle' : null;
}

function spanSaid(said: Said, now: Span): Span | null {
  const wide = partsSaid(said);
  const side = sideSaid(said);
  if (wide === null && hears(said, 'whole', 'full', 'entire', 'all', 'across', 'usual', 'normal')) return wholeSpan;
  const width =
    wide ??
    (hears(said, 'narrower', 'narrow', 'slimmer')
      ? now.to - now.from - 2
      : hears(said, 'wider', 'broader')
        ? now.to - now.from + 2
        : side
          ? Math.min(6, now.to - now.from)
          : null);
  if (width === null) return null;
  const from =
    side === 'right' ? pageParts - width : side === 'middle' ? Math.round((pageParts - width) / 2) : side ? 0 : now.from;
  return { from, to: from + width };
}

/** Two sections, each in a half of the page, in one row: the second comes right after the first. */
function besideEachOther(said: Said, one: Section, other: Section): Found | No {
  const all = said.spot.page?.sections ?? [];
  const [first, second] = all.indexOf(one) < all.indexOf(other) ? [one, other] : [other, one];
  const halves = [
    [first, { from: 0, to: 6 }],
    [second, { from: 6, to: 12 }],
  ] as const;
  for (const [section] of halves) {
    const at = spanAt({ ...said.spot, section });
    if (!at || at.least > 6) return no(`“${section.label}” has to be wider than half of the page.`);
  }
  const order = all.indexOf(second) === all.indexOf(first) + 1 ? [] : ordered(said.spot, second.id, all.indexOf(first) + 1);
  return {
    wishes: [
      ...halves.map(([section, span]) => set(lookPlaces.standing.span(said.spot.owner, section.id), span)),
      ...(order.length ? [set(planPlaces.sectionOrder(said.spot.owner), order)] : []),
    ],
    says: `${first.label} and ${second.label} stand beside each other.`,
    of: { section: first.id, beside: second.id },
  };
}

export const standWidth = defineSentence({
  kind: 'stand-width',
  offers: 'Give a section a part of the page: “only the left half”',
  at: ['section'],
  words: [
    'only half as wide',
    'only the left half',
    'on the right half of the page',
    'make this narrower',
    'make this wider',
    'this can be two thirds of the page',
    'a third of the width is enough',
    'the full width again',
    'let this take the whole width',
    'in the middle, half as wide',
    'move this to the right side',
    'put this next to {section}',
    'this and {section} side by side',
    '{section} and {section} beside each other',
    'narrow this down to {number:percent} of the page',
    'it should not take the whole page',
  ],
  reads: (said) => {
    const named = sectionsNamed(said).map(({ section }) => section);
    const [one = said.spot.section, two = null] = named;
    const isBeside = hears(said, 'side', 'beside', 'next', 'alongside') && partsSaid(said) === null && named.length > 0;
    if (isBeside) {
      const [first, second] = two ? [one, two] : [said.spot.section, one];
      return first && second && first !== second ? besideEachOther(said, first, second) : no(noSection);
    }
    const section = standsHere(said);
    if (!section) return no(noSection);
    const at = spanAt({ ...said.spot, section });
    if (!at) return no(`“${section.label}” takes the whole width of its page.`);
    const wanted = spanSaid(said, at.span);
    if (!wanted) return no('Which part of the page? “The left half”, “two thirds”, “all of it”.');
    if (wanted.to - wanted.from < at.least && partsSaid(said) !== null)
      return firmNo(`“${section.label}” can’t be read in less than ${at.least} of the ${pageParts} parts of a page.`);
    const span = fittingSpan(wanted, at.least);
    if (span.from === at.span.from && span.to === at.span.to) return no(`“${section.label}” stands on ${saySpan(span)} already.`);
    return {
      wishes: [isWhole(span) ? clear(at.place) : set(at.place, span)],
      of: { section: section.id, to: saySpan(span) },
    };
  },
});

/** The places of how a section stands: on phones where a sentence says so. */
const placesFor = (said: Said) => (onPhones(said) ? lookPlaces.phoneStanding : lookPlaces.standing);

const phones = (said: Said): { on?: string } => (onPhones(said) ? { on: 'phones' } : {});

export const standAlign = defineSentence({
  kind: 'stand-align',
  offers: 'Place the words of a section: “centre this”',
  at: ['section'],
  words: [
    'centre this',
    'center the text',
    'the words in the middle',
    'centred please',
    'align this to the left',
    'text on the right',
    'right-aligned',
    'left-aligned again',
    'flush right',
    'centre {section}',
    'on phones the words in the middle',
    'align the words as usual',
  ],
  reads: (said) => {
    const section = standsHere(said);
    if (!section) return no(noSection);
    if (!sectionAbout(section.kind).arrangements.length) return no(`“${section.label}” has a place for its words.`);
    const side = sideSaid(said) ?? (hears(said, 'align-left') ? 'left' : null);
    const place = placesFor(said).align(said.spot.owner, section.id);
    if (!side)
      return hears(said, 'usual', 'normal', 'made', 'before')
        ? { wishes: [clear(place)], of: { section: section.id, to: 'usual', ...phones(said) } }
        : no('On the left, in the middle or on the right?');
    const to: Align = side === 'left' ? 'start' : side === 'right' ? 'end' : 'middle';
    return { wishes: [set(place, to)], of: { section: section.id, to, ...phones(said) } };
  },
});

/** The step before or after where a scale stands; null at its end. */
function stepOf(steps: readonly number[], now: number, by: 1 | -1): number | null {
  const at = steps.indexOf(now);
  return steps[(at < 0 ? steps.indexOf(1) : at) + by] ?? null;
}

export const standSize = defineSentence({
  kind: 'stand-size',
  offers: 'Set the words of a section larger or smaller: “bigger text here”',
  at: ['section'],
  words: [
    'bigger text here',
    'larger letters in this section',
    'smaller text here',
    'the words here are too small',
    'the text here is too big',
    'set this larger',
    'set this a bit smaller',
    'bigger words in {section}',
    'smaller letters in {section}',
    'larger here on phones',
  ],
  reads: (said) => {
    const section = standsHere(said);
    if (!section) return no(noSection);
    const way = degreeOf(said, sizes);
    if (!way) return no('Larger or smaller?');
    const bigger = way === 'more';
    const place = placesFor(said).size(said.spot.owner, section.id);
    const next = stepOf(sizeSteps, said.decided.get(place) ?? 1, bigger ? 1 : -1);
    if (next === null) return firmNo(`The words here are as ${bigger ? 'large' : 'small'} as they can be.`);
    return {
      wishes: [next === 1 ? clear(place) : set(place, next)],
      of: { section: section.id, by: bigger ? 'bigger' : 'smaller', ...phones(said) },
    };
  },
});

/** Room over a section. */
const overScale: Scale = {
  more: ['breathe', 'wider', 'further', 'apart', 'twice', 'double'],
  less: ['closer', 'nearer', 'tighter', 'close'],
  much: ['air', 'room', 'space', 'gap', 'distance', 'hole', 'big'],
  little: ['cramped', 'tight', 'squeezed'],
};

export const standRoom = defineSentence({
  kind: 'stand-room',
  offers: 'Give a section more or less room over it: “more space above this”',
  at: ['section'],
  words: [
    'more space above this',
    'less space above this',
    'more room over it',
    'too much room above this',
    'closer to the one above',
    'no space between this and the one above',
    'a bigger gap before this',
    'close the gap above',
    'more air over {section}',
    'less space above {section}',
    'less room above this on phones',
  ],
  reads: (said) => {
    const section = standsHere(said);
    if (!section) return no(noSection);
    const place = placesFor(said).room(said.spot.owner, section.id);
    const now = said.decided.get(place) ?? 1;
    const of = { section: section.id, ...phones(said) };
    if (denies(said) && !hears(said, 'enough', 'much'))
      return now === 0 ? no('There is no room over it.') : { wishes: [set(place, 0)], of: { ...of, by: 'none' } };
    const way = degreeOf(said, overScale);
    if (!way) return no('More room over it, or less?');
    const by = way === 'more' ? 1 : -1;
    // A step that is seen.
    const next = stepOf(roomSteps, stepOf(roomSteps, now, by) ?? now, by) ?? (by > 0 ? roomSteps[roomSteps.length - 1] : 0);
    if (next === undefined || next === now)
      return firmNo(`There is as ${by > 0 ? 'much' : 'little'} room over it as there can be.`);
    return { wishes: [next === 1 ? clear(place) : set(place, next)], of: { ...of, by: by > 0 ? 'more' : 'less' } };
  },
});

export const keepThis = defineSentence({
  kind: 'keep-this',
  offers: 'Keep a thing as it is: “leave this as it is”',
  at: ['section', 'heading', 'text', 'button', 'link', 'picture', 'logo', 'header', 'footer', 'price'],
  words: [
    'leave this as it is',
    'keep this as it is',
    'do not change this any more',
    'this must stay',
    'freeze this',
    'never touch this again',
    'keep this line',
    'this stays whatever comes',
    'this may change again',
    'you can change this again',
    'this need not stay',
    'let this go again',
  ],
  reads: (said) => {
    const section = sectionsNamed(said)[0]?.section ?? null;
    const spot = section
      ? { ...said.spot, section, thing: { kind: 'section', page: said.spot.owner, section: section.id } as const }
      : said.spot;
    const kept: readonly Wish[] = keptOf(spot);
    const [first] = kept;
    if (!first) return no('There is nothing here that would change by itself.');
    const isLocked = isLockedAt(spot, first.place);
    const frees =
      hears(said, 'may', 'can', 'free', 'again', 'unlock', 'release') && !denies(said) && !hears(said, 'never', 'stay', 'stays');
    const of = {
      ...(spot.thing.kind === 'section' && spot.section ? { section: spot.section.id } : {}),
      on: frees ? 'no' : 'yes',
    };
    if (frees) return isLocked ? { wishes: locking(spot, kept, false), of } : { ...no('It is not kept.') };
    if (isLocked) return no('It is kept already.');
    if (isText(spot.thing) && said.project.decisions.has(first.place))
      return no('These are your words: they stay by themselves.');
    return { wishes: locking(spot, kept, true), says: 'It stays as it is, whatever is tried.', of };
  },
});
