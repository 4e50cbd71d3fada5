import { degreeOf, sizes, type Scale } from '../degree';
import { clear, planPlaces, set, type Wish } from '../../places';
import { requests, sizesAt, type Spot } from '../../requests';
import {
  categoriesNamed,
  defineSentence,
  denies,
  firmNo,
  hears,
  no,
  otherNo,
  sectionsNamed,
  speaksOf,
  type Found,
  type No,
  type Said,
} from '../said';

/** The thing whose picture is meant, and what its slip offers there. */
function placeMeant(
  said: Said,
): { spot: Spot; kind: 'shelf-picture' | 'item-picture' | 'opening-picture' | 'section-pictures' } | null {
  const { spot, shop } = said;
  const [category] = categoriesNamed(said);
  const shelf = category
    ? shop.pages.find(({ id }) => id === category.id)
    : spot.thing.kind === 'shelf' || (spot.thing.kind === 'page' && spot.page?.category)
      ? spot.page
      : null;
  if (shelf) return { spot: { ...spot, page: shelf, thing: { kind: 'shelf', page: shelf.id } }, kind: 'shelf-picture' };
  if (spot.thing.kind === 'item') return { spot, kind: 'item-picture' };
  const section =
    sectionsNamed(said).find((one) => one.section)?.section ??
    spot.section ??
    (hears(said, 'open', 'opening', 'top', 'first', 'start')
      ? (spot.page?.sections.find(({ kind }) => kind === 'opening') ?? null)
      : null);
  if (!section) return null;
  return { spot: { ...spot, section }, kind: section.kind === 'opening' ? 'opening-picture' : 'section-pictures' };
}

export const showPicture = defineSentence({
  kind: 'show-picture',
  offers: 'Show a picture of yours: “shed-door.jpg here”',
  at: ['section', 'picture', 'own-picture', 'item', 'shelf', 'page'],
  words: [
    'use {picture} here',
    'show {picture} here',
    'put {picture} in here',
    'open with {picture}',
    '{picture} in {section}',
    'show {category} with {picture}',
    '{picture} for {category}',
    'take {picture} instead of this one',
    'no picture here',
    'take this picture out',
    'without {picture}',
    '{category} with a picture of its goods again',
  ],
  reads: (said): Found | No => {
    const meant = placeMeant(said);
    if (!meant) return no('Where? Point at a section, an item or a category, or say its name.');
    const group = requests[meant.kind].offers(meant.spot);
    if (!group || (group.as !== 'choice' && group.as !== 'several')) return no('No picture of yours can stand there.');
    const { page, section: on } = meant.spot;
    const where: Record<string, string> =
      meant.kind === 'shelf-picture' ? { category: page?.name ?? '' } : on ? { section: on.kind } : {};
    const name = said.sentence.slots.find(({ picture }) => picture !== undefined)?.picture ?? null;
    const isOut = denies(said) || (name === null && hears(said, 'out', 'remove', 'away', 'off', 'again'));
    if (!isOut) {
      if (name === null) return no('Which picture? Say its name, such as “shed-door.jpg”, or bring it at its place.');
      const offer = group.offers.find(({ picture }) => picture === name);
      if (!offer) return no(`“${name}” is not among those that are offered there: choose it in the slip.`);
      return offer.stands ? no(`“${name}” stands there already.`) : { wishes: offer.wishes, of: { picture: name, ...where } };
    }
    if (group.as === 'choice') {
      const none = group.offers.find(({ id }) => id === 'none' || id === 'goods');
      if (!none || none.stands) return no('No picture of yours stands there.');
      return { wishes: none.wishes, of: { picture: 'none', ...where } };
    }
    const its = name ?? (said.spot.thing.kind === 'own-picture' ? said.spot.thing.name : null);
    const standing = group.offers.filter(({ stands, picture }) => stands && (its === null || picture === its));
    const [one] = standing;
    const { section, owner } = meant.spot;
    if (!one || !section) return no('No picture of yours stands there.');
    const all: Wish[] = [{ place: planPlaces.sectionPictures(owner, section.id).address, value: undefined }];
    return { wishes: its === null ? all : one.wishes, of: { picture: its ?? 'none', ...where } };
  },
});

const pictureScale: Scale = {
  more: [...sizes.more, 'wider'],
  less: [...sizes.less, 'narrower'],
  much: [...sizes.much, 'wide', 'room', 'space'],
  little: [...sizes.little, 'narrow'],
};

export const pictureSize = defineSentence({
  kind: 'picture-size',
  offers: 'Have a picture larger or smaller: “bigger picture”',
  at: ['picture', 'own-picture', 'section'],
  words: [
    'bigger picture',
    'a larger picture',
    'make this picture bigger',
    'the picture should be smaller',
    'smaller picture please',
    'this photo is too small',
    'the image is too big',
    'show the picture larger',
    'bigger',
    'smaller',
    'a bit larger',
    'more room for the picture',
    'the picture in {section} smaller',
    'picture at its usual size again',
  ],
  reads: (said) => {
    if (speaksOf(said, 'mark') && !speaksOf(said, 'pictures')) return otherNo('The logo, or a picture?');
    const section =
      sectionsNamed(said).find((one) => one.section)?.section ??
      said.spot.section ??
      said.spot.page?.sections.find(({ kind }) => kind === 'opening') ??
      null;
    const at = section && sizesAt({ ...said.spot, section });
    if (!section || !at) return no('Which picture? Point at one that stands beside words.');
    const now = said.decided.get(at.place) ?? null;
    const way = degreeOf(said, pictureScale);
    const of = { section: section.kind };
    if (!way && hears(said, 'usual', 'normal', 'before', 'made', 'again'))
      return now ? { wishes: [clear(at.place)], of: { ...of, by: 'usual' } } : no('It is as large as its look has it.');
    if (!way) return no('Larger or smaller?');
    const bigger = way === 'more';
    const next = at.sizes[at.sizes.indexOf(now) + (bigger ? 1 : -1)];
    if (next === undefined)
      return firmNo(
        bigger ? 'It has all the room that its words leave to it.' : 'It is as small as it can be beside these words.',
      );
    return { wishes: [next ? set(at.place, next) : clear(at.place)], of: { ...of, by: bigger ? 'bigger' : 'smaller' } };
  },
});
