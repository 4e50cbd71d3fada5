import { type ArtId, artIds } from '../../pictures/about';
import { clear, lookPlaces, set, type Wish } from '../../places';
import { partIds, treatments, type Part, families, familyDistance } from '../../look';
import { defineSentence, firmNo, hears, no, type Answer, type Said } from '../said';

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
