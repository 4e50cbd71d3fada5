import { type Reading } from '../brief';
import { type Catalogue } from '../goods';
import { type Look } from '../look';
import { makePicture, outlinesOf, type MadePicture, type Named } from '../pictures';

/** Nouns that stand for a shop in drawings, by who says them. */
export const nounsOf = ({ reading, catalogue }: { reading: Reading; catalogue: Catalogue }): Named => ({
  told: reading.sells.map((fact) => fact.value),
  shelves: catalogue.categories.map((category) => category.name),
  titles: catalogue.products.slice(0, 60).map((product) => product.title),
});

const drawn = new Map<string, MadePicture>();

/** The picture that is made for the opening. The same one is asked for with every repaint, so the last few are kept. */
export function openingArt(
  known: { reading: Reading; catalogue: Catalogue },
  name: string,
  look: Look,
  seed: number,
): MadePicture {
  const outlines = look.genes.art === 'lettering' ? outlinesOf(look.heading.id) : null;
  const wish = {
    kind: look.genes.art,
    palette: look.palette,
    names: nounsOf(known),
    name,
    avoided: known.reading.coloursAvoided.map((fact) => fact.value.hex),
    seed: seed + look.genes.mix,
  };
  const key = JSON.stringify([wish, look.heading.id, outlines !== null]);
  const found = drawn.get(key) ?? makePicture({ ...wish, outlines });
  if (drawn.size > 24) drawn.clear();
  drawn.set(key, found);
  return found;
}
