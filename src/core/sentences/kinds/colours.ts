import { type SchemeId } from '../../look/about';
import { clear, lookPlaces, set } from '../../places';
import { hexOf, lchOf, schemes, type PickedRole } from '../../look';
import { colourNow, roleOf } from '../colours';
import { coloursNamed, defineSentence, firmNo, hears, no, otherNo, speaksOf, type Answer, type Said } from '../said';

/** What each scheme is called, beside its name. */
const schemeWords: Readonly<Record<string, readonly string[]>> = {
  white: ['white'],
  night: ['dark', 'night', 'black'],
  tinted: ['tinted', 'tint', 'tone'],
  paper: ['paper', 'natural', 'warm'],
  field: ['field', 'coloured', 'colourful'],
  flood: ['flood', 'full'],
};

/** Grounds from the lightest to the darkest; coloured ones are neither. */
const byLightness = ['white', 'paper', 'tinted', 'night'] as const;

/** The ground that is one step darker or lighter than another; null where there is none. */
function groundBeside(now: SchemeId, by: 1 | -1): SchemeId | null {
  const at = byLightness.findIndex((id) => id === now);
  return at < 0 ? (by > 0 ? 'night' : 'paper') : (byLightness[at + by] ?? null);
}

export const scheme = defineSentence({
  kind: 'scheme',
  offers: 'Put the whole shop on another ground: “on white”, “dark”',
  at: ['page'],
  words: [
    'put everything on white',
    'the whole shop on white',
    'a white background',
    'dark',
    'make the site dark',
    'dark mode',
    'black background with light text',
    'a tinted ground',
    'like paper',
    'the page in black with white letters',
    'a dark shop',
    'plain white everywhere',
    'the ground should be tinted',
    'light again',
    'make it darker',
    'a lighter background',
  ],
  reads: (said) => {
    const isTooMuch = hears(said, 'too');
    const darker = hears(said, 'darker') || (isTooMuch && hears(said, 'bright', 'light', 'white'));
    const lighter = hears(said, 'lighter', 'brighter') || (isTooMuch && hears(said, 'dark', 'gloomy'));
    const by = darker ? 1 : lighter ? -1 : null;
    if (by && !coloursNamed(said).length) {
      const to = groundBeside(said.shop.look.genes.scheme, by);
      return to
        ? { wishes: [set(lookPlaces.scheme, to)], of: { to } }
        : firmNo(`The ground is as ${by > 0 ? 'dark' : 'light'} as it can be.`);
    }
    const heard = new Set([...said.sentence.tokens.map(({ word }) => word)]);
    const hits = Object.entries(schemeWords).flatMap(([id, words]) => {
      const at = said.sentence.tokens.findIndex(({ word }) => words.includes(word));
      return at >= 0 ? [{ id, at }] : [];
    });
    // "Black with white letters": the ground is named first, but for "light text on black".
    hits.sort((a, b) => a.at - b.at);
    const onLast =
      heard.has('on') && hits.length > 1 && /\bon\s+(?:\w+\s+)?(?:black|dark|white|paper)\b/i.test(said.sentence.text);
    const chosen = onLast ? hits.at(-1) : hits[0];
    const light = !chosen && heard.has('light') ? schemes.find(({ id }) => id === 'paper') : undefined;
    const found = light ?? schemes.find(({ id }) => id === chosen?.id);
    if (!found) return no('Which ground? ' + schemes.map(({ name }) => name).join(', ') + '.');
    return { wishes: [set(lookPlaces.scheme, found.id)], of: { to: found.id } };
  },
});

const picks = (said: Said, role: PickedRole): Answer => {
  const [colour] = coloursNamed(said);
  if (!colour) return no('Which colour? Say its name, or a code such as #7a2230.');
  return { wishes: [set(lookPlaces.picked[role], colour.hex)], of: { colour: colour.name.toLowerCase() } };
};

export const accent = defineSentence({
  kind: 'accent',
  affirms: true,
  offers: 'Another colour for buttons and links: “the accent in mustard”',
  at: ['page', 'button'],
  words: [
    'buttons in {colour}',
    'make the buttons {colour}',
    'the accent should be {colour}',
    'accent {colour}',
    '{colour} buttons',
    'links and buttons in {colour}',
    'the main colour is {colour}',
    'I want {colour} for the buttons',
    'make it {colour}',
    'the colour of the buttons is {colour}',
  ],
  reads: (said) => picks(said, 'accent'),
});

export const second = defineSentence({
  kind: 'second',
  affirms: true,
  offers: 'Another second colour: “the second colour in plum”',
  at: ['page'],
  words: [
    'the second colour should be {colour}',
    'second colour {colour}',
    '{colour} as the second colour',
    'use {colour} as our other colour',
    'the other colour is {colour}',
  ],
  reads: (said) => picks(said, 'second'),
});

export const groundColour = defineSentence({
  kind: 'ground-colour',
  affirms: true,
  offers: 'A colour for the ground: “the background in cream”',
  at: ['page'],
  words: [
    'the background in {colour}',
    'background {colour}',
    'ground colour {colour}',
    'the ground should be {colour}',
    'colour of the background {colour}',
    'put everything on {colour}',
    'I want {colour} behind everything',
    'page colour {colour}',
    'background the colour of {colour}',
  ],
  // White and black are grounds of the look, that bring the colours of texts with them.
  reads: (said) =>
    coloursNamed(said).length && coloursNamed(said).every(({ name }) => /^(?:white|black)$/i.test(name))
      ? otherNo('White and dark are grounds of their own.')
      : picks(said, 'ground'),
});

export const colours = defineSentence({
  kind: 'colours',
  affirms: true,
  offers: 'Colours to work with: “use navy and rust”',
  at: ['page'],
  words: [
    'use {colour} and {colour}',
    'our colours are {colour} and {colour}',
    'take {colour}, {colour} and {colour}',
    'colours: {colour} {colour}',
    'do it in {colour} and {colour}',
    'make the palette from {colour} and {colour}',
    '{colour} and {colour} please',
  ],
  reads: (said) => {
    if (speaksOf(said, 'pictures')) return otherNo('The colours of the shop, or of its pictures?');
    const named = coloursNamed(said);
    if (named.length < 2) return no('Which colours? Name two or three.');
    return {
      wishes: [
        set(
          lookPlaces.givenColours,
          named.slice(0, 8).map(({ hex }) => hex),
        ),
        ...Object.values(lookPlaces.picked)
          .filter((place) => said.decided.get(place) !== undefined)
          .map((place) => clear(place)),
      ],
      of: { colours: named.map(({ name }) => name.toLowerCase()).join(', ') },
    };
  },
});

type Colour = ReturnType<typeof lchOf>;

/** How a colour is to change, by what is asked of it. */
const shifts: readonly { by: string; words: readonly string[]; turn: (from: Colour) => Colour }[] = [
  { by: 'darker', words: ['darker', 'dark', 'deeper'], turn: ({ l, c, h }) => ({ l: l * 0.82, c, h }) },
  { by: 'lighter', words: ['lighter', 'light', 'paler', 'brighter'], turn: ({ l, c, h }) => ({ l: l + (1 - l) * 0.22, c, h }) },
  {
    by: 'stronger',
    words: ['stronger', 'vivid', 'richer', 'saturated', 'more', 'bolder', 'grey'],
    turn: ({ l, c, h }) => ({ l, c: c * 1.3 + 0.015, h }),
  },
  {
    by: 'softer',
    words: ['softer', 'less', 'muted', 'weaker', 'strong', 'down', 'calmer', 'quieter'],
    turn: ({ l, c, h }) => ({ l, c: c * 0.7, h }),
  },
];

const opposite: Readonly<Record<string, string>> = {
  darker: 'lighter',
  lighter: 'darker',
  stronger: 'softer',
  softer: 'stronger',
};

/** Less of a colour that has no hue is more of what it lacks: less grey is more colour, less black is more light. Null where it has one. */
function withoutHue(hex: string, by: 'softer' | 'stronger'): string | null {
  const { l, c } = lchOf(hex);
  if (c >= 0.03) return null;
  const more = l < 0.25 ? 'darker' : l > 0.93 ? 'lighter' : 'softer';
  return by === 'stronger' ? more : (opposite[more] ?? more);
}

export const shift = defineSentence({
  kind: 'shift',
  offers: 'Turn a colour a little: “a darker green”, “less red”',
  at: ['page', 'button'],
  words: [
    'a darker {colour}',
    'make the {colour} darker',
    'lighter {colour}',
    'less {colour}',
    'more {colour}',
    'the {colour} is too strong',
    'paler accent',
    'tone down the accent',
    'softer colours',
    'more vivid',
    'a deeper {colour}',
    'the {colour} should be a shade lighter',
    '{colour} stronger please',
    'less grey and more colour',
    'the accent a bit darker',
    'stronger colours',
  ],
  reads: (said) => {
    const tooMuch = hears(said, 'too');
    // "More light red": what stands before the hue says which way.
    const before = coloursNamed(said).flatMap(({ name }) => name.toLowerCase().split(' ').slice(0, -1));
    const asked =
      shifts.find(({ words }) => words.some((word) => before.includes(word))) ??
      shifts.find(({ words }) => hears(said, ...words));
    if (!asked) return no('Darker, lighter, stronger or softer?');
    const [colour] = coloursNamed(said).filter(({ name }) => !(name.toLowerCase() === 'grey' && hears(said, 'colour', 'color')));
    const turned = opposite[asked.by] ?? asked.by;
    const isHueless =
      colour && !tooMuch && (asked.by === 'softer' || asked.by === 'stronger') && withoutHue(colour.hex, asked.by);
    const by = isHueless || (tooMuch && asked.by !== 'softer' ? turned : asked.by);
    const turn = shifts.find((one) => one.by === by)?.turn ?? asked.turn;
    const role = colour ? roleOf(colour.hex, said.shop) : 'accent';
    if (!role) return firmNo(`There is no ${colour?.name ?? ''} among the colours of this shop.`);
    const now = colourNow(role, said.shop);
    const then = hexOf(turn(lchOf(now)));
    if (then === now) return firmNo(`It can’t be ${by}.`);
    return { wishes: [set(lookPlaces.picked[role], then)], of: { by, ...(colour ? { colour: colour.name.toLowerCase() } : {}) } };
  },
});

export const otherColours = defineSentence({
  kind: 'other-colours',
  offers: 'See other colours: “mix another palette”',
  at: ['page'],
  words: [
    'other colours',
    'show me other colours',
    'a different palette',
    'mix another palette',
    'I do not like these colours',
    'shuffle the colours',
    'new colours please',
    'try different colours',
  ],
  reads: ({ shop }) => ({ wishes: [set(lookPlaces.mix, shop.look.genes.mix + 1)], says: 'Another mixture of the same wishes.' }),
});
