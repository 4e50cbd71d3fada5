import { clear, lookPlaces, planPlaces, set } from '../../places';
import { freshId, sectionToAdd, type Section } from '../../plan';
import { canFold, sectionAbout, sectionLibrary, type SectionKind } from '../../sections';
import { canMove, isWhatThePageIsFor, ordered, requests, type Spot } from '../../requests';
import { type Tone } from '../../look/about';
import { nearestRole } from '../colours';
import {
  countNamed,
  defineSentence,
  firmNo,
  hears,
  no,
  otherNo,
  sectionHere,
  sectionsNamed,
  sideNamed,
  type Found,
  type No,
  type Said,
} from '../said';

const noSection = 'Which section? Point at it, or say its name as the plan has it.';

/** The spot of another section of the same page. */
const spotAt = (spot: Spot, section: Section): Spot => ({ ...spot, section });

/** What the slip offers for a section, by the request and the offer. */
function offered(spot: Spot, kind: 'hide' | 'remove-section' | 'duplicate' | 'phones', id: string): Found | null {
  const made = requests[kind].offers(spot);
  const offer = made && made.as !== 'fields' ? made.offers.find((one) => one.id === id) : undefined;
  return offer ? { wishes: offer.wishes } : null;
}

/** The section that is moved and the one that it is moved beside. */
function movedIn(said: Said): { moved: Section; side: 'before' | 'after'; beside: Section } | No {
  const named = sectionsNamed(said);
  const side = sideNamed(said);
  const here = (one: (typeof named)[number] | undefined) => one?.section ?? null;
  const swaps = hears(said, 'swap');
  if (side?.of) {
    const beside = named.find(({ slot }) => slot === side.of);
    const moved = named.find(({ slot }) => slot !== side.of);
    const what = moved ? here(moved) : said.spot.section;
    const to = here(beside);
    if (!what || !to) return no(noSection);
    if (what === to) return no('A section can’t stand beside itself.');
    return { moved: what, side: side.side, beside: to };
  }
  const [one, two] = named;
  const [first, second] = two ? [here(one), here(two)] : [said.spot.section, here(one)];
  // What is not on the page can't be moved: it may be wanted there.
  if (named.some(({ section }) => !section)) return otherNo('There is no such section on this page.');
  if (!first || !second || first === second) return no(noSection);
  // "First the shelves, then the questions": the order of the sentence is the order of the page.
  if (two || swaps) {
    const all = said.spot.page?.sections ?? [];
    const side = swaps && all.indexOf(first) < all.indexOf(second) ? 'after' : 'before';
    return { moved: first, side, beside: second };
  }
  return no('Before it or after it?');
}

export const move = defineSentence({
  kind: 'move',
  affirms: true,
  offers: 'Move a section beside another: “move this above the questions”',
  at: ['section', 'page'],
  words: [
    'move this above {section}',
    'move this below {section}',
    'put {section} before {section}',
    'put it after {section}',
    'this should come before {section}',
    'place {section} under {section}',
    'first {section} then {section}',
    '{section} should stand above {section}',
    'swap places with {section}',
    'I want {section} right after {section}',
    'move {section} ahead of {section}',
    '{section} goes below {section}',
  ],
  reads: (said) => {
    const found = movedIn(said);
    if ('no' in found) return found;
    const spot = spotAt(said.spot, found.moved);
    if (!canMove(spot)) return no('This page has only one section.');
    const rest = (spot.page?.sections ?? []).filter((one) => one !== found.moved);
    const at = rest.indexOf(found.beside) + (found.side === 'after' ? 1 : 0);
    return {
      wishes: [set(planPlaces.sectionOrder(spot.owner), ordered(spot, found.moved.id, at))],
      says: `${found.moved.label} stands ${found.side === 'after' ? 'below' : 'above'} ${found.beside.label}.`,
      of: { section: found.moved.id, [found.side]: found.beside.id },
    };
  },
});

export const moveBy = defineSentence({
  kind: 'move-by',
  offers: 'Move a section up or down: “one up”',
  at: ['section'],
  words: [
    'up',
    'down',
    'one up',
    'one down',
    'move this up',
    'move it down a little',
    'further up',
    'further down',
    'higher',
    'lower',
    '{number} up',
    '{number} further down',
    'up two',
    'a bit higher',
  ],
  reads: (said) => {
    const section = sectionHere(said);
    if (!section) return no(noSection);
    const up = hears(said, 'up', 'higher', 'upwards');
    const down = hears(said, 'down', 'lower', 'downwards');
    if (up === down) return no('Up or down?');
    const spot = spotAt(said.spot, section);
    const seen = (spot.page?.sections ?? []).filter((one) => !one.hidden || one === section);
    const steps = countNamed(said, 'plain', 'pieces')?.value ?? 1;
    const at = seen.indexOf(section) + (up ? -steps : steps);
    const beside = seen[Math.max(0, Math.min(seen.length - 1, at))];
    if (!beside || beside === section) return firmNo(`It stands at the ${up ? 'top' : 'end'} already.`);
    const all = spot.page?.sections ?? [];
    return {
      wishes: [set(planPlaces.sectionOrder(spot.owner), ordered(spot, section.id, all.indexOf(beside)))],
      says: `${section.label} stands ${up ? 'above' : 'below'} ${beside.label}.`,
      of: { section: section.id, by: up ? 'up' : 'down' },
    };
  },
});

export const moveEnd = defineSentence({
  kind: 'move-end',
  offers: 'Move a section to the top or the end: “to the end of the page”',
  at: ['section', 'page'],
  words: [
    'to the top',
    'to the end',
    'to the bottom of the page',
    'put {section} at the very top',
    'move {section} to the end',
    '{section} should be the last thing',
    'this must be first on the page',
    'all the way down',
    '{section} goes to the bottom',
    'at the beginning of the page',
  ],
  reads: (said) => {
    const section = sectionHere(said);
    if (!section) return no(noSection);
    const top = hears(said, 'top', 'first', 'beginning', 'begining', 'start');
    const end = hears(said, 'end', 'bottom', 'last', 'down');
    if (top === end) return no('To the top or to the end?');
    const spot = spotAt(said.spot, section);
    const all = (spot.page?.sections ?? []).filter((one) => one !== section);
    return {
      wishes: [set(planPlaces.sectionOrder(spot.owner), ordered(spot, section.id, top ? 0 : all.length))],
      says: `${section.label} stands ${top ? 'first' : 'last'} on the page.`,
      of: { section: section.id, to: top ? 'top' : 'end' },
    };
  },
});

export const hide = defineSentence({
  kind: 'hide',
  offers: 'Take a section off the page: “hide the numbers”',
  at: ['section', 'page'],
  words: [
    'hide this',
    'remove this section',
    'take this off the page',
    'delete this',
    'hide {section}',
    'get rid of {section}',
    'we can do without {section}',
    'I do not want {section}',
    'leave {section} out',
    'remove {section} from the page',
    'this can go',
  ],
  reads: (said) => {
    const section = sectionHere(said);
    if (!section) return no(noSection);
    const spot = spotAt(said.spot, section);
    if (isWhatThePageIsFor(spot)) return firmNo('Without it the page would be for nothing.');
    if (!canMove(spot)) return firmNo('It is all that this page has.');
    const found = offered(spot, 'remove-section', 'remove') ?? offered(spot, 'hide', 'hide');
    return found ? { ...found, of: { section: section.id } } : no('It is hidden already.');
  },
});

export const show = defineSentence({
  kind: 'show',
  offers: 'Bring a section back: “show the reviews again”',
  at: ['page'],
  words: [
    'show {section} again',
    'bring {section} back',
    'put {section} back on the page',
    'unhide {section}',
    'make {section} visible again',
    'I want to see {section} again',
  ],
  reads: (said) => {
    const [named] = sectionsNamed(said);
    if (!named) return no(noSection);
    const { page, owner } = said.spot;
    const section = page?.sections.find(({ kind, hidden }) => kind === named.kind && hidden) ?? null;
    if (!section) return named.section ? no('It is on the page.') : no('This page has no such section. It can be added.');
    return { wishes: [set(planPlaces.sectionHidden(owner, section.id), false)], of: { section: section.id } };
  },
});

const folding = (said: Said, folded: boolean): Found | No => {
  const section = sectionHere(said);
  if (!section) return no(noSection);
  if (!canFold(section.kind)) return firmNo(`${section.label} is always seen.`);
  if (section.folded === folded) return firmNo(folded ? 'It waits for a button already.' : 'It is seen at once already.');
  const place = planPlaces.sectionFolded(said.spot.owner, section.id);
  return { wishes: [folded ? set(place, true) : clear(place)], of: { section: section.id } };
};

export const fold = defineSentence({
  kind: 'fold',
  affirms: true,
  offers: 'Have a section wait for a button: “show the questions once a button is pressed”',
  at: ['section', 'page'],
  words: [
    'show {section} once a button is pressed',
    'show {section} only after a button is pressed',
    'this should wait until somebody presses a button',
    'keep {section} closed until a button opens it',
    'open {section} with a button',
    '{section} only on demand',
    'fold {section} away until it is asked for',
    'hide this behind a button',
    'people should press something to see {section}',
    'reveal {section} on click',
  ],
  reads: (said) => folding(said, true),
});

export const unfold = defineSentence({
  kind: 'unfold',
  affirms: true,
  offers: 'Show a section at once again: “the questions without a press”',
  at: ['section', 'page'],
  words: [
    'show {section} at once',
    '{section} without a press',
    'do not wait for a button to show {section}',
    'this should be seen at once',
    'open {section} from the start',
    'no button needed for {section}',
    'unfold {section}',
    'always show {section} open',
  ],
  reads: (said) => folding(said, false),
});

const onPhones = (said: Said, id: 'shown' | 'hidden'): Found | No => {
  const section = sectionHere(said);
  if (!section) return no(noSection);
  const spot = spotAt(said.spot, section);
  const found = offered(spot, 'phones', id);
  if (!found) return no('Phones always show this.');
  return { ...found, of: { section: section.id } };
};

export const phoneHide = defineSentence({
  kind: 'phone-hide',
  offers: 'Leave a section out on phones: “hide this on phones”',
  at: ['section', 'page'],
  words: [
    'hide this on phones',
    'not on mobile',
    'phones can do without {section}',
    'leave {section} out on small screens',
    'do not show this on a phone',
    'hide {section} on mobile',
    'only on the computer, not on the telephone',
    'off on smartphones',
  ],
  reads: (said) =>
    // How large something is on phones is another wish.
    hears(said, 'larger', 'bigger', 'smaller', 'wider', 'narrower')
      ? otherNo('Left out on phones, or another size there?')
      : onPhones(said, 'hidden'),
});

export const phoneShow = defineSentence({
  kind: 'phone-show',
  offers: 'Show a section on phones again: “show this on phones”',
  at: ['section', 'page'],
  words: [
    'show this on phones',
    'show {section} on mobile again',
    'phones should have {section} too',
    'back on phones',
    'visible on small screens again',
  ],
  reads: (said) => onPhones(said, 'shown'),
});

/** Other arrangements of a section than the one that stands. */
function arrangementsOf(said: Said): { section: Section; others: { id: string; label: string }[] } | No {
  const section = sectionHere(said);
  if (!section) return no(noSection);
  const others = sectionAbout(section.kind).arrangements.filter(({ id }) => id !== section.arrangement);
  return others.length ? { section, others: [...others] } : firmNo('This section has one arrangement.');
}

export const arrange = defineSentence({
  kind: 'arrange',
  offers: 'Arrange a section otherwise: “one under the other”',
  at: ['section'],
  words: [
    'one below the other',
    'one under the other',
    'side by side',
    'next to each other',
    'as a row',
    'in one row',
    'as a list',
    'in two columns',
    'in one column',
    'as a grid',
    'stack them',
    'arrange {section} side by side',
    'show them in a row to slide',
  ],
  reads: (said) => {
    const found = arrangementsOf(said);
    if ('no' in found) return found;
    const spoken = said.sentence.tokens.map(({ stem }) => stem);
    const scored = found.others.map((one) => {
      const words = `${one.label} ${one.id}`
        .toLowerCase()
        .split(/\W+/)
        .filter((word) => word.length > 2);
      return { one, score: words.filter((word) => spoken.some((stem) => word.startsWith(stem) && stem.length > 2)).length };
    });
    const best = Math.max(...scored.map(({ score }) => score));
    if (best === 0) return no(`How? ${found.others.map(({ label }) => label).join(', or ')}.`);
    const chosen = scored.filter(({ score }) => score === best).map(({ one }) => one);
    return chosen.map(({ id, label }) => ({
      wishes: [set(planPlaces.arrangement(said.spot.owner, found.section.id), id)],
      says: `${found.section.label}: ${label.toLowerCase()}.`,
      of: { section: found.section.id, as: id },
    }));
  },
});

export const arrangeOther = defineSentence({
  kind: 'arrange-other',
  offers: 'See a section in another arrangement: “lay it out differently”',
  at: ['section'],
  words: [
    'another arrangement',
    'lay it out differently',
    'arrange this another way',
    'a different layout for this',
    'show it another way',
    'try other arrangements of {section}',
  ],
  reads: (said) => {
    const found = arrangementsOf(said);
    if ('no' in found) return found;
    return found.others.map(({ id, label }) => ({
      wishes: [set(planPlaces.arrangement(said.spot.owner, found.section.id), id)],
      says: `${found.section.label}: ${label.toLowerCase()}.`,
      of: { section: found.section.id },
    }));
  },
});

const tones: readonly { tone: Tone | 'none'; words: readonly string[] }[] = [
  { tone: 'none', words: ['normal', 'usual', 'default', 'plain', 'none', 'ordinary'] },
  { tone: 'inverse', words: ['dark', 'darker', 'black', 'invert', 'inverse', 'inverted', 'night'] },
  { tone: 'second', words: ['second'] },
  { tone: 'raised', words: ['raised', 'lifted', 'lighter', 'paper', 'card'] },
  { tone: 'accent', words: ['accent', 'main', 'colour', 'color', 'coloured', 'colored', 'our', 'strong'] },
];

const grounds: Readonly<Record<Tone | 'none', string>> = {
  none: 'the ground of its page',
  raised: 'a raised ground',
  accent: 'the accent as its ground',
  second: 'the second colour as its ground',
  inverse: 'light and dark turned round',
};

/** The tone that a colour of the shop stands for. */
function toneOfColour(said: Said): Tone | null {
  const { palette } = said.shop.look;
  const hex = said.sentence.slots.find(({ colour }) => colour)?.colour?.hex;
  if (!hex) return null;
  return nearestRole(hex, { accent: palette.accent, second: palette.second });
}

export const ground = defineSentence({
  kind: 'ground',
  offers: 'Give a section another ground: “a darker ground here”',
  at: ['section'],
  words: [
    'a darker ground here',
    'dark background',
    'black behind this',
    'give this a raised ground',
    'make this stand out in the accent colour',
    'in our main colour',
    'invert this section',
    'the normal background please',
    'back to the usual ground',
    'put our {colour} behind it',
    'a background in our {colour}',
    'use the second colour as the ground',
    'light on dark',
  ],
  reads: (said) => {
    const section = sectionHere(said);
    if (!section) return no(noSection);
    const tone = toneOfColour(said) ?? tones.find(({ words }) => hears(said, ...words))?.tone;
    if (!tone) return no('Which ground? Dark, raised, the accent, the second colour or the usual one.');
    const place = lookPlaces.toneOf(said.spot.owner, section.id);
    return {
      wishes: [tone === 'none' ? clear(place) : set(place, tone)],
      says: `${section.label}: ${grounds[tone]}.`,
      of: { section: section.id, tone },
    };
  },
});

export const groundAs = defineSentence({
  kind: 'ground-as',
  offers: 'Use the ground of another section: “the same ground as above”',
  at: ['section'],
  words: [
    'the same ground as above',
    'same background as {section}',
    'use the ground of {section}',
    'like the background of the one above',
    'the ground that {section} has',
    'same colour behind as below',
  ],
  reads: (said) => {
    const { section, page, owner } = said.spot;
    if (!section || !page) return no(noSection);
    const seen = page.sections.filter(({ hidden }) => !hidden);
    const at = seen.indexOf(section);
    const named = sectionsNamed(said)[0]?.section;
    const like = named ?? seen[hears(said, 'below', 'beneath', 'under') ? at + 1 : at - 1];
    if (!like || like === section) return no('There is no section there.');
    const tone = said.decided.get(lookPlaces.toneOf(owner, like.id));
    const place = lookPlaces.toneOf(owner, section.id);
    return { wishes: [tone === undefined ? clear(place) : set(place, tone)], of: { section: like.id } };
  },
});

export const add = defineSentence({
  kind: 'add',
  affirms: true,
  offers: 'Add a section: “opening hours under this”',
  at: ['section', 'page'],
  words: [
    'add {section}',
    'add a section with {section}',
    'we need {section} here',
    'put {section} under this',
    'I would like {section} on this page',
    'insert {section} below',
    'could we have {section}',
    '{section} before {section}',
    'a part with {section}',
    'there should be {section}',
    'I want to show {section} after this',
    'below this {section}',
  ],
  reads: (said) => {
    const named = sectionsNamed(said);
    const side = sideNamed(said);
    const beside = named.find(({ slot }) => slot === side?.of) ?? null;
    // "A place where people sign up for letters": a name of several words says more than one that is a word by itself.
    // "A way for people to write to us", "a part where people leave their address": whom it is for is not what it is.
    const isWhose = ({ slot }: (typeof named)[number]) =>
      /\b(?:for|where|who|that|which)\s+(?:(?:can|could|do|may|might)\s+)?$/i.test(said.sentence.text.slice(0, slot.start));
    const others = named.filter((one) => one !== beside && !isWhose(one));
    const wanted =
      others.find(({ slot }) => /\s/.test(said.sentence.text.slice(slot.start, slot.end))) ??
      others[0] ??
      (beside && named.length === 1 && !said.spot.section ? null : undefined);
    if (!wanted) return no('Which section? ' + libraryNames());
    const { page, owner, shop } = said.spot;
    const kind: SectionKind = wanted.kind;
    const about = sectionLibrary.find((one) => one.kind === kind);
    if (!page || !about) return no('This section belongs to a page of its own.');
    const taken = page.sections.map(({ id }) => id);
    const hidden = page.sections.find((one) => one.kind === kind && one.hidden);
    if (hidden) return { wishes: [set(planPlaces.sectionHidden(owner, hidden.id), false)], of: { kind } };
    if (taken.includes(kind) && !about.repeats) return firmNo(`${about.label} is on this page already.`);
    const id = freshId(kind, taken);
    if (!shop.writer.write({ ...page, sections: [sectionToAdd(kind, id)] }).sections.length)
      return firmNo(`Nothing of this shop could stand in “${about.label}”.`);
    const anchor = beside?.section ?? said.spot.section;
    const at = anchor ? page.sections.indexOf(anchor) + (beside && side?.side === 'before' ? 0 : 1) : taken.length;
    return {
      wishes: [
        set(planPlaces.addedSection(owner, id), { kind }),
        set(planPlaces.sectionOrder(owner), ordered(said.spot, id, at)),
      ],
      says: `A section more: ${about.label}${anchor ? `, ${beside && side?.side === 'before' ? 'above' : 'below'} ${anchor.label}` : ''}.`,
      of: { kind, ...(beside?.section && side ? { [side.side]: beside.section.id } : {}) },
    };
  },
});

const libraryNames = () =>
  `There are ${sectionLibrary
    .slice(0, 6)
    .map(({ label }) => label)
    .join(', ')} and others.`;

export const duplicate = defineSentence({
  kind: 'duplicate',
  offers: 'Have a section twice: “copy this section”',
  at: ['section'],
  words: [
    'copy this section',
    'duplicate this',
    'the same once more below',
    'make a second one like this',
    'once more',
    'duplicate {section}',
  ],
  reads: (said) => {
    const section = sectionHere(said);
    if (!section) return no(noSection);
    const found = offered(spotAt(said.spot, section), 'duplicate', 'duplicate');
    return found ? { ...found, of: { section: section.id } } : firmNo('A page has one section of this kind.');
  },
});
