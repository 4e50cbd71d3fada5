import { lookPlaces, set } from '../../places';
import { type Face, faces, suggestPairs } from '../../look';
import { degreeOf, sizes } from '../degree';
import { defineSentence, deniesWord, firmNo, hears, no, type Answer, type Said } from '../said';

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
    const way = degreeOf(said, sizes);
    if (!way) return no('Larger or smaller?');
    const bigger = way === 'more';
    const now = said.shop.exceptions.phone.size ?? 1;
    const next = Math.round(Math.max(0.9, Math.min(1.25, now + (bigger ? 0.08 : -0.08))) * 100) / 100;
    if (next === now) return firmNo(`The text on phones is as ${bigger ? 'large' : 'small'} as it can be.`);
    return { wishes: [set(lookPlaces.phoneSize, next)], of: { by: bigger ? 'bigger' : 'smaller' } };
  },
});
