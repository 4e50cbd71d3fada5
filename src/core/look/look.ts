import { hashOf } from '../keys';
import { surveyedColours } from '../lexicon/about';
import { moodOf, type Mood, type Reading } from '../brief';
import { type Catalogue } from '../goods';
import { artsOfThings, type ArtId } from '../pictures/about';
import { lookPlaces, type Decided } from '../places';
import { pickedRoles, type FamilyId } from './about';
import { lchOf } from './colour';
import { faceById, type Face } from './faces';
import { familiesFor, familyById, familyFit, type Family, type Occasion, type Shape } from './families';
import { decidedGenes, type Genes } from './genes';
import { makePalette, type Palette } from './palette';
import { scorePair } from './pairs';
import { isBright, isPale, schemeById, schemeFit } from './schemes';
import { makeScale, type TypeScale } from './type';

/** What a look is made from. */
export interface LookSource {
  reading: Reading;
  catalogue: Catalogue;
  /** Share of the goods that has a picture at hand, 0–1. */
  pictured: number;
  /** Whether what it sells can be drawn. */
  drawn: boolean;
  seed: number;
}

/** Where a choice came from: the brief, what suits it, or the seller. */
export type Origin = 'brief' | 'made' | 'seller';

/** How a shop looks: everything that its styles follow from. */
export interface Look {
  genes: Genes;
  family: Family;
  /** The families whose header and footer it has: mostly its own. */
  head: Family;
  foot: Family;
  palette: Palette;
  heading: Face;
  text: Face;
  scale: TypeScale;
  shape: Shape;
  mood: Mood;
  /** Colours that were asked for, by the brief or with a picture, as they were asked for. */
  asked: readonly { hex: string; name: string }[];
  /** Colours that the palette could not use as they are, with what stands in their place. */
  unfit: readonly { hex: string; because: string }[];
  /** Why it looks like that, in words. */
  because: { family: string; palette: string; type: string; shape: string };
  from: { family: Origin; palette: Origin; type: Origin; shape: Origin };
}

const listed = new Intl.ListFormat('en-GB');

/** So many broader terms of a trade say what kind of shop it is (found by reading chains). */
const broaderHeard = 4;

/** What families are chosen by. */
export function occasionOf({ reading, catalogue, pictured, drawn }: LookSource): Occasion {
  const tone = reading.tone.map((fact) => fact.value);
  const trade = reading.trade?.value;
  const told = [
    trade?.label ?? '',
    // A zither is an instrument, a dahlia a flower. Further up, everything is a thing.
    ...(trade?.broader.slice(0, broaderHeard) ?? []),
    ...reading.sells.map((fact) => fact.value),
    ...catalogue.categories.map((category) => category.name),
  ];
  const words = told
    .join(' ')
    .toLowerCase()
    .split(/[^a-z-]+/)
    .flatMap((word) => [word, word.replace(/ies$/, 'y'), word.replace(/s$/, ''), word.replace(/es$/, '')]);
  return {
    mood: moodOf(tone),
    spoken: tone.length > 0,
    words: new Set(words),
    goods: catalogue.products.length,
    ground: groundAsked(reading),
    bright: reading.coloursWanted.slice(0, 1).some((fact) => isBright(lchOf(fact.value.hex))),
    pale: reading.coloursWanted.some((fact) => isPale(lchOf(fact.value.hex))),
    pictured,
    drawn,
    own: ownTurn(reading),
  };
}

const groundWords = '(?:ground|background|page|pages|paper|site|website|backdrop)';
const lightGround = new RegExp(
  `\\b(?:pale|light|white|cream|bright)\\b[^.;]{0,16}\\b${groundWords}\\b|\\b${groundWords} (?:should be |is )?(?:pale|light|white)\\b`,
  'i',
);
const darkGround = new RegExp(
  `\\b(?:dark|black|deep|night)\\b[^.;]{0,16}\\b${groundWords}\\b|\\b${groundWords} (?:should be |is )?(?:dark|black)\\b`,
  'i',
);

/** "On a pale ground", "a dark background": which the wishes ask for. */
function groundAsked({ wishes }: Reading): Occasion['ground'] {
  const asked = wishes.map((wish) => (typeof wish === 'string' ? wish : wish.text)).join(' ');
  return lightGround.test(asked) ? 'light' : darkGround.test(asked) ? 'dark' : null;
}

/** Whether a scheme gives the ground that was asked for. */
export const givesGround = (id: string, ground: Occasion['ground']): boolean =>
  ground === null || (ground === 'light') === schemeById(id)?.light;

/** The colours that a look has to show, and those that it must not. A colour that the brief also refuses waits for the seller's word. */
function colourWishes({ reading }: LookSource, decided: Decided): { asked: Look['asked']; given: boolean; avoided: string[] } {
  const given = decided.get(lookPlaces.givenColours);
  const wanted = reading.coloursWanted.filter((fact) => fact.confidence >= 0.5).map((fact) => fact.value);
  return {
    asked: given ? given.map((one) => ({ hex: one, name: one })) : wanted,
    given: given !== undefined,
    avoided: reading.coloursAvoided.map((fact) => fact.value.hex),
  };
}

/** Below this chroma nobody would say that goods are of a colour (OKLCH; common practice). */
const hasHue = 0.06;

type GoodsColour = { hex: string; name: string } | null;

/** A search for looks mixes hundreds of palettes for the same goods. */
const known = new WeakMap<Catalogue, { colour: GoodsColour }>();

function colourOfGoods(catalogue: Catalogue): GoodsColour {
  const found = known.get(catalogue) ?? { colour: commonestColour(catalogue) };
  known.set(catalogue, found);
  return found.colour;
}

/** The colour that most of the goods come in, by the values of what is chosen among colours; null where they name none with a hue. */
function commonestColour({ products }: Catalogue): GoodsColour {
  const counts = new Map<string, number>();
  for (const { options, variants } of products)
    for (const at of options.keys()) {
      const values = variants.map((variant) => variant.values[at]?.toLowerCase() ?? '');
      const named = values.filter((value) => surveyedColours[value] !== undefined);
      if (named.length * 2 < values.length) continue;
      for (const name of new Set(named)) counts.set(name, (counts.get(name) ?? 0) + 1);
    }
  const [most] = [...counts]
    .flatMap(([name, count]) => ({ name, count, hex: surveyedColours[name] ?? '' }))
    .filter(({ hex }) => lchOf(hex).c > hasHue)
    .sort((a, b) => b.count - a.count);
  return most ? { hex: most.hex, name: most.name } : null;
}

/** Of shops that ask for nothing, each has colours of its own: by its trade, so that they stay while the brief is written. */
const ownTurn = ({ trade, sells }: Reading): number => hashOf(trade?.value.label ?? sells[0]?.value ?? '') % turns;
const turns = 1009;

/** Mixing again keeps the asked-for colours and gives them other roles. */
function turned(colours: readonly string[], mix: number): string[] {
  if (!colours.length) return [];
  const by = mix % colours.length;
  return [...colours.slice(by), ...colours.slice(0, by)];
}

/** The palette that genes come to, for the same wishes. */
export function paletteFor(source: LookSource, decided: Decided, genes: Pick<Genes, 'scheme' | 'harmony' | 'mix'>): Palette {
  const { asked, avoided } = colourWishes(source, decided);
  const own = Object.fromEntries(pickedRoles.map((role) => [role, decided.get(lookPlaces.picked[role])]));
  return makePalette({
    wanted: turned(
      asked.map((colour) => colour.hex),
      genes.mix,
    ),
    avoided,
    mood: occasionOf(source).mood,
    scheme: genes.scheme,
    harmony: genes.harmony ?? undefined,
    groundBySecond: asked.length > 1 && Math.floor(genes.mix / asked.length) % 2 === 1,
    leaning: asked.length || genes.mix > 0 ? undefined : colourOfGoods(source.catalogue)?.hex,
    seed: source.seed + genes.mix * 101 + ownTurn(source.reading),
    ...own,
  });
}

/** A kind of made picture that shows nothing which the shop doesn't sell. */
export const drawable = (art: ArtId, { drawn, mood }: Pick<Occasion, 'drawn' | 'mood'>): ArtId =>
  drawn || !artsOfThings.has(art) ? art : mood.exact > 0.2 || mood.loud > 0.2 ? 'lettering' : 'texture';

/** Genes that suit a family and an occasion, before anyone has decided anything. */
export function fittingGenes(family: Family, occasion: Occasion): Genes {
  const { mood, ground } = occasion;
  const given = family.schemes.filter((scheme) => givesGround(scheme, ground));
  const scheme = (given.length ? given : [ground === 'dark' ? 'night' : 'paper'])
    .flatMap((id) => schemeById(id) ?? [])
    .map((one, rank) => ({ id: one.id, value: schemeFit(one, occasion) - rank * 0.09 }))
    .sort((a, b) => b.value - a.value)[0];
  const pairs = family.headings
    .flatMap((h, i) =>
      family.texts.map((t, j) => {
        const [heading, text] = [faceById(h), faceById(t)];
        return heading && text ? { h, t, score: scorePair(heading, text, mood).score - 0.03 * i - 0.02 * j } : null;
      }),
    )
    .filter((pair) => pair !== null)
    .sort((a, b) => b.score - a.score);
  const pair = pairs[0];
  if (!scheme || !pair) throw new Error(`The family ${family.id} names no scheme or face that is there.`);
  return {
    family: family.id,
    head: null,
    foot: null,
    scheme: scheme.id,
    harmony: null,
    mix: 0,
    heading: pair.h,
    text: pair.t,
    ...family.shape,
    art: drawable(family.art, occasion),
  };
}

/** A look from the brief's moods and colours, with the seller's decisions laid over. */
export function makeLook(source: LookSource, decided: Decided): Look {
  const { reading } = source;
  const occasion = occasionOf(source);
  const fitting = familiesFor(occasion)[0];
  const own = decidedGenes(decided);
  const chosen = own.family && familyById(own.family);
  const family = chosen ?? fitting;
  if (!family) throw new Error('The registry of families is empty.');
  const fitted = fittingGenes(family, occasion);
  const genes = { ...fitted, ...own, family: family.id };
  genes.art = drawable(genes.art, occasion);
  const lent = (from: FamilyId | null, lends: (one: Family) => boolean) => {
    const other = from && familyById(from);
    return other && lends(other) ? other : family;
  };
  const decidedParts = new Set<keyof Genes>(Object.keys(own) as (keyof Genes)[]);
  const heading = faceById(genes.heading) ?? faceById(fitted.heading);
  const text = faceById(genes.text) ?? faceById(fitted.text);
  if (!heading || !text) throw new Error('The registry of faces is empty.');
  genes.heading = heading.id;
  genes.text = text.id;
  const { asked, given } = colourWishes(source, decided);
  const palette = paletteFor(source, decided, genes);
  const leaning = colourOfGoods(source.catalogue);
  const picked = pickedRoles.some((role) => decided.has(lookPlaces.picked[role]));
  const tone = reading.tone.map((fact) => fact.value);
  const pair = scorePair(heading, text, occasion.mood);
  const has = (...of: (keyof Genes)[]) => of.some((gene) => decidedParts.has(gene));
  const fit = familyFit(family, occasion);
  const { corner, rule, room, treatment, motion } = genes;
  return {
    genes,
    family,
    head: lent(genes.head, ({ keepsHead }) => !keepsHead),
    foot: lent(genes.foot, () => true),
    palette,
    heading,
    text,
    scale: makeScale(text, heading, family.ratio),
    shape: { corner, rule, room, treatment, motion },
    mood: occasion.mood,
    asked,
    unfit: unfitColours(asked, palette),
    because: {
      family: chosen
        ? 'You chose it.'
        : fit.for === 'mood'
          ? `It is nearest to “${tone.join(', ')}”.`
          : fit.for === 'goods'
            ? 'It is at home with goods like yours.'
            : `It shows ${source.catalogue.products.length || 'a few'} goods well.`,
      palette: picked
        ? 'You chose one or more of these colours.'
        : given
          ? 'They come from the picture or the list of colours that you gave.'
          : has('scheme', 'harmony', 'mix')
            ? 'You chose this mixture.'
            : asked.length
              ? `The brief asks for ${listed.format(asked.map((c) => c.name))}.`
              : leaning
                ? `The brief names no colour; these go with the ${leaning.name} that your goods come in.`
                : 'The brief names no colour; these follow from its mood.',
      type: pair.because,
      shape: has('corner', 'rule', 'room', 'treatment', 'motion') ? 'You changed it.' : `It belongs to ${family.name}.`,
    },
    from: {
      family: chosen ? 'seller' : 'made',
      palette: picked || given || has('scheme', 'harmony', 'mix') ? 'seller' : asked.length ? 'brief' : 'made',
      type: has('heading', 'text') ? 'seller' : 'made',
      shape: has('corner', 'rule', 'room', 'treatment', 'motion') ? 'seller' : 'made',
    },
  };
}

/** Asked-for colours that stand nowhere in the palette. */
function unfitColours(asked: Look['asked'], palette: Palette): Look['unfit'] {
  const used = new Set<string>(Object.values(palette));
  return asked
    .filter((colour) => !used.has(colour.hex))
    .map(({ hex: one, name }) => ({
      hex: one,
      because: `${name === one ? one : `${name} (${one})`} has no place: a shop has a ground and three colours beside it.`,
    }));
}
