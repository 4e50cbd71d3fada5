import { type Reading } from '../brief';
import { type Catalogue } from '../goods';
import { type Look } from '../look';
import { makePicture, outlinesOf, type MadePicture, type Mark, type Named } from '../pictures';
import { type Project } from '../project';

/** How the shop's name stands at its head: as text in its own face, as a drawn mark, or as a picture of the seller's. */
export interface MarkChoice {
  kind: string;
  /** Its size beside the usual, 1. */
  size: number;
  /** Whether it stands at the foot too. */
  foot: boolean;
  /** Whether the name stands in type beside it. */
  named: boolean;
  /** The seller's own logo: a picture's name. */
  logo: string | null;
}

/** How high a mark of a manner stands at the head at its usual size, px. */
export const markHeights = { wordmark: 24, monogram: 40, emblem: 68, badge: 68 } as const satisfies Record<
  Mark['manner'],
  number
>;

const at = <T>(project: Pick<Project, 'decisions'>, place: string, fallback: T): T =>
  (project.decisions.find((decision) => decision.place === place)?.value as T | undefined) ?? fallback;

export const markChoice = (project: Pick<Project, 'decisions'>): MarkChoice => ({
  kind: at(project, 'look/mark', 'text'),
  size: at(project, 'look/markSize', 1),
  foot: at(project, 'look/markFoot', false),
  named: at(project, 'look/markName', false),
  logo: at<string | null>(project, 'look/logo', null),
});

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
