import { isKeptList, noGoods, noList, type Goods, type KeptList } from '../goods/about';
import { type Picture } from '../pictures/about';
import { given, locate, type Address, type Decisions, type Value, type Wish } from '../places';

/** A list of goods itself, or what is known of it by who keeps the log of a project. */
export type AnyList = Goods | KeptList;

/** What the seller gave and decided. Nothing generated is ever in it. */
export interface Project<List extends AnyList = Goods> {
  id: string;
  name: string;
  seed: number;
  brief: string;
  goods: List;
  pictures: readonly Picture[];
  decisions: Decisions;
}

/** A project as who keeps its log has it: its list stands somewhere else, and only what is known of it is at hand. */
export type KeptProject = Project<KeptList>;

export const newProject = (id: string, name: string): Project => ({
  id,
  name,
  seed: 1,
  brief: '',
  goods: noGoods,
  pictures: [],
  decisions: new Map(),
});

export const newKeptProject = (id: string, name: string): KeptProject => ({ ...newProject(id, name), goods: noList });

const pictureNamed = (pictures: readonly Picture[], name: string) =>
  pictures.find((picture) => picture.name.toLowerCase() === name.toLowerCase());

/** What stands at a place of a project, given or decided; undefined where nothing does. */
export function valueAt(project: Project<AnyList>, place: Address): Value | undefined {
  switch (place) {
    case given.shopName.address:
      return project.name;
    case given.seed.address:
      return project.seed;
    case given.brief.address:
      return project.brief;
    case given.goods.address:
      return project.goods;
  }
  if (isPicture(place)) return pictureNamed(project.pictures, locate(place)?.parts[0] ?? '');
  return project.decisions.get(place);
}

/** A project with wishes fulfilled. What was parsed at the door is trusted here. */
export function withWishes<List extends AnyList>(project: Project<List>, wishes: readonly Wish[]): Project<List> {
  if (!wishes.length) return project;
  const draft = new Draft(project);
  for (const wish of wishes) draft.fulfil(wish);
  return draft.project;
}

/** A project that many wishes are fulfilled on, without a copy for each. */
export class Draft<List extends AnyList> {
  project: Project<List>;
  private decisions: Map<Address, Value> | null = null;

  constructor(from: Project<List>) {
    this.project = { ...from };
  }

  fulfil({ place, value }: Wish): void {
    const { project } = this;
    if (place === given.shopName.address) project.name = (value as string | undefined) ?? '';
    else if (place === given.seed.address) project.seed = (value as number | undefined) ?? 1;
    else if (place === given.brief.address) project.brief = (value as string | undefined) ?? '';
    else if (place === given.goods.address) project.goods = (value as List | undefined) ?? noneOf(project.goods);
    else if (isPicture(place)) {
      project.pictures = withPicture(project.pictures, locate(place)?.parts[0] ?? '', value as Picture | undefined);
    } else {
      if (!this.decisions) project.decisions = this.decisions = new Map(project.decisions);
      if (value === undefined) this.decisions.delete(place);
      else this.decisions.set(place, value);
    }
  }
}

/** No list, of the kind that a project has. */
const noneOf = <List extends AnyList>(list: List): List => (isKeptList(list) ? noList : noGoods) as List;

/** Whether an address is that of a picture. */
export const isPicture = (place: Address): boolean => locate(place)?.kind.id === given.picture.kind.id;

/** A picture takes the place of one of its name, as the list of goods calls it; new ones come last. */
function withPicture(pictures: readonly Picture[], name: string, picture: Picture | undefined): readonly Picture[] {
  const old = pictureNamed(pictures, name);
  if (!picture) return pictures.filter((one) => one !== old);
  return old ? pictures.map((one) => (one === old ? picture : one)) : [...pictures, picture];
}
