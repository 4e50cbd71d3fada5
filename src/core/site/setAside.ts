import { type Catalogue } from '../goods';
import { leadsTo, lookPlaces, pictureLeadsTo, planPlaces, writtenTexts, type Address, type Decided, type Value } from '../places';
import { type Page, type Section } from '../plan';
import { type Picture, type Project } from '../project';
import { isOwnKey, itemsIn, type Item } from '../sections';
import { type Writer } from '../writing';

/** A decision that is not in effect, because the thing that it was made on is gone. It is kept, and comes back with it. */
export interface SetAside {
  place: Address;
  value: Value;
  because: string;
  /** Things of the same kind that it could be put on by hand. */
  could: { key: string; says: string }[];
}

interface Made {
  project: Project;
  decided: Decided;
  catalogue: Catalogue;
  pages: readonly Page[];
  writer: Writer;
  pictures: ReadonlyMap<string, Picture>;
}

/** Everything that is decided on what isn't there. */
export function setAsideIn(made: Made): SetAside[] {
  const { project, catalogue } = made;
  const at = (place: Address, because: string, could: SetAside['could'] = []): SetAside => ({
    place,
    value: project.decisions.get(place) ?? null,
    because,
    could,
  });
  return [
    ...catalogue.setAside.map((place) => at(place, 'The product is no longer on the list.')),
    ...[...goneOnPages(made)].map(([place, because]) => at(place, because)),
    ...goneItems(made).map(({ place, could }) => at(place, 'What it was written on is no longer said.', could)),
    ...gonePictures(made).map((place) => at(place, 'The picture is gone.')),
  ];
}

/** A picture that is chosen, as the logo, to open the shop or for a category, and no longer among the pictures. */
const gonePictures = ({ decided, pictures }: Made): Address[] =>
  [
    ...[lookPlaces.logo, lookPlaces.openingShows].map((place) => ({ address: place.address, value: decided.get(place) })),
    ...decided.all(planPlaces.shelfPicture),
  ].flatMap(({ address, value }) => (value !== undefined && !pictures.has(value.toLowerCase()) ? [address] : []));

interface Placed {
  page: Page;
  section: Section;
}

/** Finds a section by the page that decisions on it name: all products share theirs, but for what is said of the one product. */
function finder(pages: readonly Page[]): (owner: string, section: string) => Placed | undefined {
  const byId = new Map(pages.map((page) => [page.id, page]));
  const product = pages.find((page) => page.kind === 'product');
  return (owner, id) => {
    const page = owner === 'product' ? product : byId.get(owner);
    if (!page || (page.kind === 'product' && owner !== 'product' && id !== 'product')) return undefined;
    const section = page.sections.find((one) => one.id === id);
    return section && { page, section };
  };
}

/** Decisions on pages and sections that the plan no longer has. */
function* goneOnPages({ decided, pages }: Made): Generator<[Address, string]> {
  const find = finder(pages);
  const known = new Set(pages.map((page) => page.id));
  const there = (id: string) => id === 'product' || known.has(id);
  const ofPages = [
    planPlaces.pageName,
    planPlaces.inMenu,
    planPlaces.under,
    planPlaces.inFooter,
    planPlaces.shelfPicture,
    planPlaces.sectionOrder,
  ] as const;
  for (const place of ofPages)
    for (const { address, parts } of decided.all<[string], unknown>(place))
      if (!there(parts[0])) yield [address, 'The page is not in the shop.'];
  for (const { address, parts, value } of decided.all(planPlaces.under))
    if (there(parts[0]) && !there(value)) yield [address, 'The page that it is to stand under is not in the shop.'];
  const ofSections = [
    planPlaces.sectionHidden,
    planPlaces.arrangement,
    planPlaces.sectionPictures,
    planPlaces.sectionFolded,
    planPlaces.mapPin,
    lookPlaces.toneOf,
    lookPlaces.offPhone,
    ...Object.values(lookPlaces.standing),
    ...Object.values(lookPlaces.phoneStanding),
  ] as const;
  for (const place of ofSections)
    for (const { address, parts } of decided.all<[string, string], unknown>(place))
      if (!find(parts[0], parts[1])) yield [address, 'The section is not on the page.'];
  for (const { address, parts } of decided.all(planPlaces.addedSection))
    if (!there(parts[0])) yield [address, 'The page is not in the shop.'];
  for (const { address, parts } of decided.all(leadsTo))
    if (!find(parts[0], parts[1])) yield [address, 'The section is not on the page.'];
  for (const { address, parts } of decided.all(pictureLeadsTo))
    if (!find(parts[0], parts[1])) yield [address, 'The section is not on the page.'];
  for (const { address, parts } of decided.all(planPlaces.itemOrder))
    if (!find(parts[0], parts[1])) yield [address, 'The section is not on the page.'];
  for (const { address, parts } of decided.all(writtenTexts.fieldText))
    if (!find(parts[0], parts[1])) yield [address, 'The section is not on the page.'];
}

/** Texts that were written on an item of a list that is no longer there. */
function goneItems({ decided, pages, writer }: Made): { place: Address; could: SetAside['could'] }[] {
  const pictures = decided.all(planPlaces.itemPicture);
  const written = [
    ...decided.all(writtenTexts.itemText),
    ...pictures.map(({ address, parts: [owner, id, list, key] }) => ({ address, parts: [owner, id, list, key, ''] as const })),
  ];
  if (!written.length) return [];
  const find = finder(pages);
  const lists = new Map<string, readonly Item[]>();
  return written.flatMap(({ address, parts: [owner, id, list, key, part] }) => {
    const found = find(owner, id);
    if (!found) return [{ place: address, could: [] }];
    if (isOwnKey(key)) return [];
    const at = `${owner}/${id}/${list}`;
    const items = lists.get(at) ?? itemsIn(writer.made(found.page, found.section) ?? {}, list);
    lists.set(at, items);
    if (items.some((item) => item.key === key)) return [];
    return [
      { place: address, could: items.filter((item) => item.texts[part]).map((item) => ({ key: item.key, says: item.says })) },
    ];
  });
}
