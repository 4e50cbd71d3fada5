import { fieldOfText, set, standsAt, textPlace, writeText, type Wish } from '../../places';
import { contentTexts, itemsIn } from '../../sections';
import { isText, textKinds } from '../../things/about';
import { saidElsewhere } from '../../site';
import { rework, type Manner } from '../../words';
import { asName, defineSentence, hears, isNo, no, plainWords, sectionHere, textNamed, type Found, type Said } from '../said';

/** The text that a sentence was said at, with where it stands. */
function textHere({ spot }: Said): { place: string; text: string } | null {
  return isText(spot.thing) && spot.text ? { place: spot.thing.place, text: spot.text.text } : null;
}

/** What a text turns to, or why it can't. */
function writes(said: Said, text: string): Found | { no: string } {
  const here = textHere(said);
  const wish = here && writeText(here.place, text);
  if (!here || !wish) return no('Point at the text first: this can be said at any heading, line or button.');
  const most = fieldOfText(here.place)?.most ?? 0;
  if (text.length > most) return no(`This is ${text.length} characters long, and ${most} fit there.`);
  return { wishes: [wish], of: { text } };
}

export const text = defineSentence({
  kind: 'text',
  offers: 'Write a text anew: “call it Letters”',
  at: textKinds,
  words: [
    'call it {quote}',
    'call this {quote}',
    'write {quote}',
    'write {quote} instead',
    'change it to {quote}',
    'change this to {quote}',
    'make it say {quote}',
    'this should read {quote}',
    'it should say {quote} here',
    'replace it with {quote}',
    'the heading should be {quote}',
    'headline {quote}',
    'title {quote}',
    'label {quote}',
    'set the text to {quote}',
    'I want this to say {quote}',
    'put {quote} here',
  ],
  reads: (said) => {
    if (said.sentence.slots.filter(({ quote }) => quote !== undefined).length > 1)
      return no('One of these words is to stand for another, and not for the whole text.');
    const given = textNamed(said);
    if (given === null) return no('Which words? Write them in quotes: “call it ‘Letters’”.');
    return writes(said, said.spot.thing.kind === 'text' ? given : asName(given) || given);
  },
});

/** What a manner is asked for with: each word speaks for one. */
const mannersBy: Readonly<Record<Manner, readonly string[]>> = {
  shorter: [
    'shorter',
    'short',
    'shorten',
    'trim',
    'cut',
    'fewer',
    'less',
    'long',
    'half',
    'brief',
    'briefer',
    'crisper',
    'tighter',
  ],
  longer: ['longer', 'more', 'expand', 'lengthen', 'detail'],
  plainer: ['plainer', 'plain', 'simpler', 'simple', 'simply', 'clearer', 'easier', 'normal'],
  warmer: ['warmer', 'warm', 'warmth', 'cold', 'friendlier', 'friendly', 'kinder'],
  livelier: ['livelier', 'lively', 'stiff', 'dull', 'boring', 'punchier', 'energetic', 'fresher'],
  formal: ['formal', 'formally', 'serious', 'chummy', 'polite', 'businesslike'],
};

function mannerOf(said: Said): Manner | null {
  const heard = plainWords(said);
  // "More formal", "more simple": of what is more asked for says more than that it is more.
  const order: readonly Manner[] = ['formal', 'warmer', 'livelier', 'plainer', 'shorter', 'longer'];
  const isLonger = heard.has('longer') || (heard.has('more') && heard.has('long'));
  if (isLonger) return 'longer';
  return order.find((manner) => mannersBy[manner].some((word) => heard.has(word))) ?? null;
}

export const reworked = defineSentence({
  kind: 'rework',
  offers: 'Say a text in another manner: “shorter”, “warmer”',
  at: textKinds,
  words: [
    'shorter',
    'make it shorter',
    'this is too long',
    'shorten this',
    'fewer words',
    'cut it down',
    'warmer',
    'make this sound warmer',
    'friendlier please',
    'it sounds cold',
    'simpler words',
    'say it plainly',
    'plainer',
    'more formal',
    'less chatty',
    'livelier',
    'this is dull, liven it up',
    'longer',
    'say a little more here',
    'make the text longer',
  ],
  reads: (said) => {
    const here = textHere(said);
    if (!here) return no('Point at the text first, then say how it should sound.');
    const manner = mannerOf(said);
    if (!manner) return no('How should it sound? Shorter, longer, plainer, warmer, livelier or more formal.');
    const made = rework(here.text, manner, said.shop.reading, saidElsewhere(said.shop, here.place));
    if (!made.ok) return { no: made.say, firm: true };
    const found = writes(said, made.text);
    return isNo(found) ? found : { ...found, of: { manner } };
  },
});

export const otherText = defineSentence({
  kind: 'other-text',
  offers: 'See other sentences that would do: “another headline”',
  at: textKinds,
  words: [
    'another one',
    'another headline',
    'something else here',
    'a different sentence',
    'other words',
    'give me another text',
    'what else could stand here',
    'try a different one',
    'show me others',
  ],
  reads: (said) => {
    const here = textHere(said);
    const at = here && standsAt(here.place);
    const { page, section } = said.spot;
    if (!here || !at || !page || !section) return no('Point at the text first.');
    const others = said.shop.writer.alternatives(page, section, at.at, here.text).filter(({ text: one }) => one !== here.text);
    if (!others.length) return no('Your brief has no other sentence that would do here. Write one in its place.');
    return others.slice(0, 4).flatMap(({ text: one }): Found[] => {
      const found = writes(said, one);
      return 'no' in found ? [] : [found];
    });
  },
});

export const textOut = defineSentence({
  kind: 'text-out',
  offers: 'Leave a text out: “without this line”',
  at: textKinds,
  words: [
    'leave this out',
    'remove this',
    'remove this line',
    'delete this sentence',
    'take this text away',
    'without this line',
    'we do not need this',
    'no subtitle',
    'get rid of this sentence',
    'drop it',
  ],
  reads: (said) => (textHere(said)?.text ? writes(said, '') : no('There is no text to leave out.')),
});

export const textBack = defineSentence({
  kind: 'text-back',
  offers: 'Have the first text back: “back to what was here first”',
  at: textKinds,
  words: [
    'back to the first text',
    'put the original back',
    'restore this text',
    'reset it',
    'as it was in the beginning',
    'what you wrote first was better',
    'the original words please',
  ],
  reads: (said) => {
    const here = textHere(said);
    if (!here) return no('Point at the text first.');
    if (!said.project.decisions.has(here.place)) return no('This text stands as it was made.');
    return { wishes: [{ place: here.place, value: undefined }] };
  },
});

const plain = (text: string) => text.toLowerCase();

/** The two words of a replacement: "write yarn instead of wool". */
function swapOf({ sentence }: Said): { from: string; to: string } | null {
  const quoted = sentence.slots.flatMap(({ quote }) => (quote === undefined ? [] : [quote]));
  const { tokens } = sentence;
  const at = (...words: string[]) => tokens.findIndex(({ word }) => words.includes(word));
  const [one, two] = quoted;
  const instead = at('instead', 'rather');
  const backwards = instead >= 0 && tokens[instead + 1]?.word === 'of' && instead > 0;
  if (one && two) return backwards ? { from: two, to: one } : { from: one, to: two };
  if (backwards) {
    const [from, to] = [tokens[instead + 2]?.text, tokens[instead - 1]?.text];
    return from && to ? { from, to } : null;
  }
  const swap = at('replace', 'swap', 'change', 'turn');
  const by = at('with', 'by', 'for', 'into', 'to');
  if (swap >= 0 && by > swap + 1) {
    const [from, to] = [tokens[by - 1]?.text, tokens[by + 1]?.text];
    return from && to ? { from, to } : null;
  }
  const says = tokens.flatMap(({ word }, i) => (word === 'say' || word === 'says' ? [i] : []));
  const [first, second] = says;
  const [from, to] = [tokens[(first ?? -2) + 1]?.text, tokens[(second ?? -2) + 1]?.text];
  return second !== undefined && from && to ? { from, to } : null;
}

export const replace = defineSentence({
  kind: 'replace',
  offers: 'Put one word for another: “write yarn instead of wool”',
  at: [...textKinds, 'section', 'page'],
  words: [
    'replace {quote} with {quote}',
    'write {quote} instead of {quote}',
    'say {quote} instead of {quote}',
    'instead of {quote} write {quote}',
    'swap the word {quote} for {quote}',
    'change {quote} to {quote} everywhere',
    'wherever it says {quote} it should say {quote}',
    'write skein instead of ball',
    'replace cup with mug',
  ],
  reads: (said) => {
    const swap = swapOf(said);
    if (!swap) return no('Which word for which? Say it like “write ‘yarn’ instead of ‘wool’”.');
    const { page, section, owner, thing } = said.spot;
    if (!page) return no('Point at a text, a section or a page first.');
    const here = isText(thing) ? thing.place : null;
    const sections =
      here || thing.kind === 'section' ? page.sections.filter((one) => one === (sectionHere(said) ?? section)) : page.sections;
    const whole = new RegExp(`(?<!\\p{L})${swap.from.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?!\\p{L})`, 'giu');
    const wishes: Wish[] = [];
    for (const one of sections)
      for (const { at, text: now } of contentTexts(said.shop.writer.words(page, one) ?? {})) {
        const place = textPlace(owner, one.id, at);
        if (here !== null && place.address !== here) continue;
        const then = now.text.replace(whole, (found) => likeIt(swap.to, found));
        if (then !== now.text) wishes.push(set(place, then));
      }
    const of = { from: plain(swap.from), to: swap.to };
    return wishes.length ? { wishes, of } : { no: `“${swap.from}” doesn’t stand here.`, firm: true };
  },
});

/** A word with a capital where the one it stands for has one. */
const likeIt = (word: string, like: string): string =>
  /^\p{Lu}/u.test(like) ? word.charAt(0).toUpperCase() + word.slice(1) : word;

export const itemOut = defineSentence({
  kind: 'item-out',
  offers: 'Leave one of several out: “without this one”',
  at: ['item'],
  words: ['remove this', 'leave this one out', 'take this item away', 'drop this', 'delete it', 'not this one', 'without it'],
  reads: (said) => {
    const { thing, page, section, owner, shop } = said.spot;
    if (thing.kind !== 'item' || !page || !section || hears(said, 'page')) return no('Point at one of several first.');
    const item = itemsIn(shop.writer.words(page, section) ?? {}, thing.list).find(({ key }) => key === thing.key);
    if (!item) return no('It is not there any more.');
    return {
      wishes: Object.keys(item.texts).map((part) =>
        set(textPlace(owner, section.id, { field: thing.list, key: thing.key, part }), ''),
      ),
    };
  },
});
