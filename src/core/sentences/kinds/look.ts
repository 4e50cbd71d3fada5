import { type SchemeId } from '../../look/about';
import { type ArtId, artIds } from '../../pictures/about';
import { clear, lookPlaces, set, type Wish } from '../../places';
import {
  type Face,
  faces,
  hexOf,
  lchOf,
  partIds,
  schemes,
  suggestPairs,
  treatments,
  type Part,
  type PickedRole,
  families,
  familyDistance,
} from '../../look';
import { colourNow, roleOf } from '../colours';
import {
  coloursNamed,
  countNamed,
  defineSentence,
  denies,
  deniesWord,
  firmNo,
  hears,
  no,
  otherNo,
  type Answer,
  type Found,
  type Said,
} from '../said';

export const columns = defineSentence({
  kind: 'columns',
  affirms: true,
  offers: 'Goods beside each other: “three columns”',
  at: ['page', 'card', 'section'],
  words: [
    '{number} columns',
    'three columns of goods',
    '{number} goods beside each other',
    'show {number} products in a row',
    '{number} across',
    'columns {number}',
    'make it {number} in one row',
    'no more than {number} next to each other',
    'the shelf with {number} columns',
    'fewer goods side by side, {number}',
  ],
  reads: (said) => {
    const count = countNamed(said, 'plain', 'pieces')?.value;
    if (count === undefined) return no('How many columns? One to six.');
    if (!Number.isInteger(count) || count < 1 || count > 6) return firmNo('One to six goods can stand beside each other.');
    return { wishes: [set(lookPlaces.goodsColumns, count)], of: { n: String(count) } };
  },
});

export const phoneColumns = defineSentence({
  kind: 'phone-columns',
  affirms: true,
  offers: 'Goods beside each other on phones: “one column on phones”',
  at: ['page', 'card', 'section'],
  words: [
    '{number} columns on phones',
    'on the phone {number} product per row',
    'mobile {number} products side by side',
    'phone {number} column',
    'one per row on small screens',
    '{number} goods next to each other on mobile',
  ],
  reads: (said) => {
    const count = countNamed(said, 'plain', 'pieces')?.value;
    if (count === undefined) return no('How many? One to three.');
    if (!Number.isInteger(count) || count < 1 || count > 3)
      return firmNo('On a phone one to three goods can stand beside each other.');
    return { wishes: [set(lookPlaces.phoneColumns, count)], of: { n: String(count) } };
  },
});

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

/** What kinds of faces are called. */
const kindWords: Readonly<Record<Face['kind'], readonly string[]>> = {
  serif: ['serif', 'serifs', 'roman', 'bookish'],
  sans: ['sans', 'sans-serif', 'grotesque', 'plain'],
  slab: ['slab'],
  mono: ['mono', 'monospace', 'typewriter'],
  display: ['display', 'poster'],
  hand: ['hand', 'handwritten', 'handwriting', 'script'],
};

/** Faces for a role: of the kind that is asked for, those that go best with what stays. */
function facesFor(said: Said, role: 'heading' | 'text'): Answer {
  const { look } = said.shop;
  const order = ['sans', 'slab', 'mono', 'display', 'hand', 'serif'] as const;
  // "Without serifs": what is denied where it stands is asked for in its opposite.
  const denied = order.find((one) => deniesWord(said, ...kindWords[one]));
  const heard = order.find((one) => one !== denied && hears(said, ...kindWords[one]));
  const kind = denied === 'serif' ? 'sans' : denied === 'sans' ? 'serif' : heard;
  const named = faces.find(({ name }) => said.sentence.text.toLowerCase().includes(name.toLowerCase()));
  const place = role === 'heading' ? lookPlaces.headingFace : lookPlaces.textFace;
  if (named?.roles.includes(role)) return { wishes: [set(place, named.id)], of: { as: named.id } };
  const stays = role === 'heading' ? look.text : look.heading;
  const pairs = suggestPairs(look.mood, Infinity).filter(
    (pair) => (role === 'heading' ? pair.text : pair.heading).id === stays.id,
  );
  const fitting = pairs
    .map((pair) => (role === 'heading' ? pair.heading : pair.text))
    .filter((face) => face.id !== look[role].id && (!kind || face.kind === kind));
  const all = fitting.length
    ? fitting
    : faces.filter((face) => face.roles.includes(role) && face.id !== look[role].id && (!kind || face.kind === kind));
  if (!all.length) return firmNo('No other typeface of this kind ships with Arcatum.');
  return all.slice(0, 3).map((face) => ({
    wishes: [set(place, face.id)],
    says: `${role === 'heading' ? 'Headings' : 'Texts'} in ${face.name}.`,
    of: { ...(kind ? { as: kind } : {}) },
  }));
}

export const headingFace = defineSentence({
  kind: 'heading-face',
  offers: 'Another typeface for headings: “a serif for the headings”',
  at: ['page', 'heading'],
  words: [
    'another typeface for the headings',
    'a serif for the headlines',
    'headings in a sans',
    'another font',
    'different letters for the titles',
    'bolder letters for headings',
    'change the font of the headlines',
    'handwritten headings',
    'headings in a softer typeface',
  ],
  reads: (said) => facesFor(said, 'heading'),
});

export const textFace = defineSentence({
  kind: 'text-face',
  offers: 'Another typeface for texts: “sans serif for the text”',
  at: ['page', 'text'],
  words: [
    'another typeface for the text',
    'sans serif for the body text',
    'text in a serif',
    'an easier font to read for the text',
    'change the font of the paragraphs',
    'a different letter for running text',
    'a font that is easier to read',
  ],
  reads: (said) => facesFor(said, 'text'),
});

export const corners = defineSentence({
  kind: 'corners',
  offers: 'Corners: “rounder corners”, “square”',
  at: ['page', 'button', 'card'],
  words: [
    'rounder corners',
    'round corners',
    'square corners',
    'sharp edges everywhere',
    'softer corners',
    'less round',
    'no rounded corners',
    'corner radius {number}',
    'corners {number:pixels}',
    'pointed corners',
  ],
  reads: (said) => {
    const now = said.shop.look.shape.corner;
    const count = countNamed(said, 'pixels', 'plain')?.value;
    const to = (px: number, of: Record<string, string>): Found => ({
      wishes: [set(lookPlaces.corner, Math.max(0, Math.min(99, px)))],
      of,
    });
    if (count !== undefined) return to(count, { n: String(count) });
    if (hears(said, 'square', 'sharp', 'pointed', 'no', 'hard')) return to(0, { to: 'square' });
    if (hears(said, 'less', 'sharper')) return to(Math.floor(now / 2), { by: 'sharper' });
    if (hears(said, 'rounder', 'softer', 'more', 'soft', 'rounded')) return to(now < 4 ? 8 : now * 2, { by: 'rounder' });
    if (hears(said, 'round')) return to(99, { to: 'round' });
    return no('Round or square?');
  },
});

export const room = defineSentence({
  kind: 'room',
  offers: 'Room between things: “more space”, “tighter”',
  at: ['page'],
  words: [
    'more space',
    'more room between things',
    'more air',
    'bigger gaps',
    'let it breathe',
    'tighter',
    'less space',
    'closer together',
    'denser',
    'too spread out',
    'too cramped',
    'less empty space',
    'more white space everywhere',
  ],
  reads: (said) => {
    // "Less crowded" and "too crowded" want what "more room" does; "more crowded" does not.
    const isCrowded = hears(said, 'crowded', 'cramped', 'tight', 'dense', 'packed', 'squeezed');
    const less =
      hears(said, 'tighter', 'tighten', 'closer', 'denser') ||
      (isCrowded ? hears(said, 'more') : hears(said, 'less', 'together', 'smaller', 'spread', 'compact'));
    const more =
      isCrowded || hears(said, 'more', 'bigger', 'breathe', 'breathing', 'air', 'airy', 'airier', 'wider', 'distance', 'space');
    if (!less && !more) return no('More room or less?');
    const now = said.shop.look.shape.room;
    const next = Math.round(Math.max(0.6, Math.min(1.6, now + (less ? -0.2 : 0.2))) * 100) / 100;
    if (next === now) return firmNo(less ? 'It can’t be tighter.' : 'There can’t be more room.');
    return { wishes: [set(lookPlaces.room, next)], of: { by: less ? 'less' : 'more' } };
  },
});

export const lines = defineSentence({
  kind: 'lines',
  offers: 'Lines: “no lines”, “thicker lines”',
  at: ['page'],
  words: [
    'no lines',
    'remove the lines',
    'thicker lines',
    'thinner lines',
    'hairlines',
    'take away the thin lines',
    'stronger rules',
    'without rules',
    'finer lines',
  ],
  reads: (said) => {
    const now = said.shop.look.shape.rule;
    const [by, next] = hears(said, 'no', 'remove', 'without', 'away')
      ? ['none', 0]
      : hears(said, 'thinner', 'finer', 'hairlines', 'hairline', 'thin')
        ? ['thinner', Math.max(1, now - 1)]
        : hears(said, 'thicker', 'stronger', 'bolder', 'thick', 'heavier')
          ? ['thicker', Math.min(6, now + 1)]
          : ['', now];
    if (!by) return no('Thicker, thinner or none?');
    return {
      wishes: [set(lookPlaces.rule, next as number)],
      of: (by === 'none' ? { to: 'none' } : { by }) as Record<string, string>,
    };
  },
});

const treatmentWords: Readonly<Record<string, readonly string[]>> = {
  'one-ink': ['one', 'ink', 'monochrome', 'black', 'white', 'grey', 'single', 'mono'],
  framed: ['frame', 'frames', 'framed', 'border', 'borders'],
  settled: ['settled', 'sink', 'blend', 'cut'],
  plain: ['are', 'plain', 'untouched', 'normal', 'without'],
};

export const treatment = defineSentence({
  kind: 'treatment',
  offers: 'Show pictures otherwise: “pictures in black and white”',
  at: ['page', 'product-picture', 'picture'],
  words: [
    'pictures in black and white',
    'photos in one colour',
    'monochrome photographs',
    'frames around the pictures',
    'pictures as they are',
    'no frames',
    'let the pictures sink into the ground',
    'leave the photos untouched',
    'a border around photos',
    'one ink for pictures',
  ],
  reads: (said) => {
    const plain = hears(said, 'no', 'without', 'untouched', 'are', 'normal');
    const heard = said.sentence.tokens.map(({ word }) => word);
    const id = plain
      ? 'plain'
      : Object.keys(treatmentWords).find((one) => treatmentWords[one]?.some((word) => heard.includes(word)));
    const found = treatments.find((one) => one.id === id);
    return found
      ? { wishes: [set(lookPlaces.treatment, found.id)], of: { to: found.id } }
      : no('How? ' + treatments.map(({ name }) => name).join(', ') + '.');
  },
});

export const motion = defineSentence({
  kind: 'motion',
  offers: 'Movement: “nothing should move”',
  at: ['page', 'picture'],
  words: [
    'no animations',
    'nothing should move',
    'stop the movement',
    'animation off',
    'a little movement',
    'gentle motion',
    'let the pictures move a little',
    'animations on',
    'no sliding or fading',
    'some motion please',
  ],
  reads: (said) => {
    const none = denies(said) || hears(said, 'stop', 'off', 'less', 'still', 'much');
    const some = hears(
      said,
      'gentle',
      'gently',
      'little',
      'some',
      'on',
      'bit',
      'movement',
      'motion',
      'move',
      'animate',
      'animations',
    );
    if (!none && !some) return no('None, or gentle?');
    return { wishes: [set(lookPlaces.motion, none ? 'none' : 'gentle')], of: { to: none ? 'none' : 'gentle' } };
  },
});

const artWords: Readonly<Record<ArtId, readonly string[]>> = {
  'still-life': ['still', 'life', 'lifes'],
  landscape: ['landscape', 'landscapes', 'hills', 'mountains'],
  room: ['room', 'rooms', 'interior'],
  pattern: ['pattern', 'patterns'],
  texture: ['texture', 'textures', 'structure'],
  lettering: ['lettering', 'letters', 'type'],
};

export const art = defineSentence({
  kind: 'art',
  offers: 'Another kind of made pictures: “landscapes”',
  at: ['page', 'picture'],
  words: [
    'made pictures of landscapes',
    'a landscape',
    'patterns instead',
    'made pictures should be rooms',
    'draw a still life',
    'textures for the made pictures',
    'lettering as the picture',
    'landscapes in place of patterns',
    'let the drawing be a pattern',
  ],
  reads: (said) => {
    const { tokens } = said.sentence;
    const hits = artIds.flatMap((id) => {
      const at = tokens.findIndex(({ word }) => artWords[id].includes(word));
      return at >= 0 ? [{ id, at }] : [];
    });
    hits.sort((a, b) => a.at - b.at);
    const [hit] = hits;
    return hit
      ? { wishes: [set(lookPlaces.art, hit.id)], of: { to: hit.id } }
      : no('Still lifes, landscapes, rooms, patterns, textures or lettering?');
  },
});

export const otherArt = defineSentence({
  kind: 'other-art',
  offers: 'Have the made picture drawn anew: “another picture”',
  at: ['picture'],
  words: ['another picture', 'draw it anew', 'a different drawing', 'try another made picture', 'not this picture, another one'],
  reads: ({ shop }) =>
    shop.art
      ? { wishes: [set(lookPlaces.mix, shop.look.genes.mix + 1)], says: 'The picture is drawn anew.' }
      : no('No picture is made here.'),
});

export const opening = defineSentence({
  kind: 'opening',
  offers: 'What the shop opens with: “open with the goods”',
  at: ['page', 'picture', 'section'],
  words: [
    'open with the goods',
    'show our goods at the top',
    'the shop should open with pictures of the goods',
    'a made picture in the opening',
    'use a drawn picture here instead',
    'start with photos of our products',
    'the opening should show the goods',
    'begin with pictures of what we sell',
    'opening picture: the goods',
  ],
  reads: (said) => {
    const goods =
      hears(said, 'goods', 'product', 'products', 'things', 'sell') ||
      said.sentence.slots.some(({ category, product }) => category ?? product);
    const made = hears(said, 'made', 'drawn', 'drawing') && !hears(said, 'not');
    const id = goods ? 'goods' : made ? 'made' : null;
    if (!id) return no('With the goods, or with a made picture?');
    const { shop } = said;
    const pictured = shop.catalogue.products.some(({ pictures }) =>
      pictures.some((name) => shop.pictures.has(name.toLowerCase())),
    );
    if (id === 'goods' && !pictured) return firmNo('Your goods have no pictures yet, so there is nothing of them to open with.');
    const away: Wish[] = shop.opening ? [clear(lookPlaces.openingShows)] : [];
    return { wishes: [...away, set(lookPlaces.openingPicture, id)], of: { to: id } };
  },
});

export const otherStyle = defineSentence({
  kind: 'other-style',
  offers: 'See another style: “something completely different”',
  at: ['page'],
  words: [
    'another style',
    'a completely different style',
    'another design',
    'something entirely different',
    'try another look',
    'I want a different design',
    'a new look altogether',
  ],
  reads: ({ shop: { look } }) =>
    families
      .filter(({ id }) => id !== look.family.id)
      .sort((a, b) => familyDistance(b, look.family) - familyDistance(a, look.family))
      .slice(0, 4)
      .map((family) => ({
        wishes: [set(lookPlaces.family, family.id)],
        says: `The family “${family.name}”: ${family.character}.`,
        of: {},
      })),
});

export const phoneSize = defineSentence({
  kind: 'phone-size',
  offers: 'Size of text on phones: “bigger letters on phones”',
  at: ['page'],
  words: [
    'bigger letters on phones',
    'larger text on mobile',
    'smaller text on phones',
    'the letters on the phone are too small',
    'text size on phones up',
    'make the type on phones larger',
  ],
  reads: (said) => {
    const bigger = hears(said, 'bigger', 'larger', 'up', 'small', 'increase', 'enlarge') && !hears(said, 'smaller', 'down');
    if (!bigger && !hears(said, 'smaller', 'down', 'large', 'big', 'decrease', 'reduce')) return no('Larger or smaller?');
    const now = said.shop.exceptions.phone.size ?? 1;
    const next = Math.round(Math.max(0.9, Math.min(1.25, now + (bigger ? 0.08 : -0.08))) * 100) / 100;
    if (next === now) return firmNo(`The text on phones is as ${bigger ? 'large' : 'small'} as it can be.`);
    return { wishes: [set(lookPlaces.phoneSize, next)], of: { by: bigger ? 'bigger' : 'smaller' } };
  },
});

const partWords: Readonly<Record<Part, readonly string[]>> = {
  palette: ['colours', 'colors', 'colour', 'color', 'palette'],
  type: ['typefaces', 'typeface', 'letters', 'fonts', 'font', 'type'],
  shape: ['shape', 'shapes', 'corners', 'lines', 'spacing'],
  pictures: ['pictures', 'picture', 'drawings'],
  head: ['header', 'head'],
  foot: ['footer', 'foot'],
  family: ['style', 'family', 'design', 'layout', 'look'],
};

const locked = (said: Said, keeps: boolean): Answer => {
  const part = partIds.find((one) => hears(said, ...partWords[one]));
  if (!part) return no('Keep what? The colours, the typefaces, the shape, the pictures, the header, the footer or the style.');
  const now = said.decided.get(lookPlaces.locks) ?? [];
  if (now.includes(part) === keeps) return firmNo(keeps ? 'It is kept already.' : 'It is not kept.');
  return {
    wishes: [set(lookPlaces.locks, keeps ? [...now, part] : now.filter((one) => one !== part))],
    of: { part },
  };
};

export const keep = defineSentence({
  kind: 'keep',
  offers: 'Keep a part of the look while others are tried: “keep the colours”',
  at: ['page'],
  words: [
    'keep the colours',
    'keep the colours whatever changes',
    'do not touch the typefaces any more',
    'lock the palette',
    'the style must stay as it is',
    'lock the fonts',
    'the pictures should stay',
  ],
  reads: (said) => locked(said, true),
});

export const unkeep = defineSentence({
  kind: 'unkeep',
  offers: 'Let a part of the look change again: “the colours may change”',
  at: ['page'],
  words: [
    'the colours may change again',
    'unlock the typefaces',
    'you can change the palette again',
    'release the style',
    'do not keep the pictures any longer',
  ],
  reads: (said) => locked(said, false),
});
