import { noGoods, type Goods, type KeptList } from '@/core/goods/about';
import { type KeptProject, type KeptStory, type Project, type Story } from '@/core/project';
import { hasGoods, keepLists, newGoodsKey, openLists, readGoods, writeGoods } from './goodsStore';

/** As many lists are held open: the one that is there, one that was read, and one of another state to compare. */
const mostOpen = 3;

/** A list that was kept in this browser is there no more. */
export class ListGone extends Error {}

/** The lists that the worker has open. It alone holds them: the page knows where each is kept, and asks. */
export class Lists {
  private readonly open = new Map<string, Goods>();

  /** The list that is kept under a key. */
  async at(key: string): Promise<Goods> {
    if (!key) return noGoods;
    const goods = this.open.get(key) ?? (await readGoods(key));
    if (!goods) throw new ListGone(`No list of goods is kept as “${key}”.`);
    this.hold(key, goods);
    return goods;
  }

  /** Keeps a list for a project. */
  async keep(project: string, goods: Goods): Promise<KeptList> {
    const key = newGoodsKey(project);
    const kept = await writeGoods(key, goods);
    this.hold(key, goods);
    return kept;
  }

  /** A project with its list, or with none where it is gone. Where storage was cleared meanwhile, the list is kept anew. */
  async withList(project: KeptProject): Promise<Project> {
    const { keptAs } = project.goods;
    const goods = await this.orGone(keptAs);
    if (goods && !(await hasGoods(keptAs))) await writeGoods(keptAs, goods).catch(() => undefined);
    return { ...project, goods: goods ?? noGoods };
  }

  /** A story after something was done to it with its lists at hand. */
  async during(story: KeptStory, work: (whole: Story) => Story): Promise<KeptStory> {
    const kept = new Map<Goods, KeptList>();
    const whole = await openLists(story, async (list) => {
      const goods = (await this.orGone(list.keptAs)) ?? { ...noGoods };
      kept.set(goods, list);
      return goods;
    });
    return keepLists(work(whole), kept);
  }

  /** A story with all of its lists. One that is gone holds nobody up. */
  whole(story: KeptStory): Promise<Story> {
    return openLists(story, async ({ keptAs }) => (await this.orGone(keptAs)) ?? noGoods);
  }

  private orGone(key: string): Promise<Goods | null> {
    return this.at(key).catch((error: unknown) => {
      if (error instanceof ListGone) return null;
      throw error;
    });
  }

  private hold(key: string, goods: Goods): void {
    this.open.delete(key);
    this.open.set(key, goods);
    for (const old of this.open.keys()) {
      if (this.open.size <= mostOpen) break;
      this.open.delete(old);
    }
  }
}
