import { readFileSync } from 'node:fs';
import { importText } from '@/core/goods';
import { newProject, type Project } from '@/core/project';
import { decisionsOf } from '../decisions';
import { makeShop, type Shop } from '@/core/site';
import { sets } from '../briefs';
import { yesToAll } from '../said';

/** Lists of goods for some of the marked briefs. All are invented. */
const lists: Record<string, string> = {
  'a beekeeper':
    'title,price,category,stock,weight\nHeather honey,9.50,Honey,40,480\nComb honey,12,Honey,8,400\nBeeswax block,6,Wax,20,200\n',
  'second-hand clothes':
    'title,price,was,category,size,stock\nBlue raincoat,9,,Coats,3 years,1\nBlue raincoat,10,,Coats,4 years,1\nWool hat,3,4.50,Hats,one size,2\nCorduroy trousers,6,,Trousers,5 years,1\n',
  'questions and answers':
    'title,price,category,stock\nLever filler 1936,240,Pens,1\nPiston pen 1951,310,Pens,1\nBlue-black ink,18,Ink,60\n',
  'a workshop':
    'title,price,kind,category\nCheese class,140,appointment,Classes\nBlue cheese class,160,appointment,Classes\nCurd kit,45,,Kits\nRennet,9,,Kits\n',
  American: 'title,price,category,weight\nPlain bar,8,Soap,110\nShaving puck,12,Soap,90\nLaundry bar,9,Soap,180\n',
  'an importer':
    'title,price,category,colour,stock\nBrush pen,6.50,Pens,black,30\nBrush pen,6.50,Pens,grey,12\nGrid notebook,14,Notebooks,,25\nKozo paper,22,Paper,,9\n',
  'a jeweller':
    'title,price,category\nHook ring,90,Rings\nTide ring,120,Rings\nNail studs,60,Earrings\nAnchor chain,240,Chains\n',
  'old tools':
    'title,price,category,stock\nJack plane No. 5,120,Planes,1\nBlock plane,85,Planes,1\nParing chisel,45,Chisels,1\nDovetail saw,110,Saws,1\n',
  'bicycle bags': 'title,price,category,stock\nHarbour pannier,95,Panniers,6\nPaper round,120,Panniers,2\nBar roll,70,Rolls,0\n',
  'hot sauce': 'title,price\nNo. 1 Red,9\nNo. 2 Yellow,9\nNo. 3 Smoke,10\nNo. 4 Regret,12\n',
};

export interface Site {
  name: string;
  shop: Shop;
  /** All that went in: brief, list, and what was set at the till. */
  inputs: string;
}

function site(name: string, brief: string, list: string, decisions: Record<string, unknown> = {}): Site {
  const goods = importText(list);
  if (!goods.ok) throw new Error(goods.say);
  const project: Project = {
    ...newProject(name, name),
    brief,
    goods: { file: '', ...goods.value },
    decisions: decisionsOf({ ...yesToAll(brief), ...decisions }),
  };
  return { name, shop: makeShop(project), inputs: `${brief}\n${list}\n${JSON.stringify(decisions)}` };
}

const till: Record<string, unknown> = {
  'till/taxes': { standard: 2000, reduced: 500, zero: 0 },
  'till/returnsDays': 30,
  'till/zones': [
    {
      id: 'home',
      label: 'Home',
      countries: ['*'],
      rates: [{ id: 'post', label: 'Post', price: 450, freeFrom: 6000, upTo: null }],
    },
  ],
};

/** Ten generated sites and the sample shop. */
export function sites(): Site[] {
  const marked = [...sets.before, ...sets.after];
  const made = Object.entries(lists).map(([what, list], i) => {
    const found = marked.find((one) => one.what.startsWith(what));
    if (!found) throw new Error(`No brief “${what}”.`);
    return site(found.what, found.brief, list, i % 2 ? till : {});
  });
  const demo = JSON.parse(readFileSync('demo/decisions.json', 'utf8')) as Record<string, unknown>;
  return [...made, site('the sample shop', readFileSync('demo/brief.txt', 'utf8'), readFileSync('demo/goods.csv', 'utf8'), demo)];
}
