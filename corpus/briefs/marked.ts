import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { type Role, type Verdict } from '@/core/brief/judge/judge';

/** How roles are written in a mark. */
const roles: Readonly<Record<string, Role>> = {
  cl: 'claim',
  pm: 'promise',
  pc: 'process',
  st: 'story',
  pe: 'person',
  bu: 'buyer',
  de: 'delivery',
  co: 'contact',
  ho: 'hours',
  pr: 'price',
  rv: 'review',
  wi: 'wish',
  ba: 'ban',
  in: 'instruction',
  pl: 'planning',
  as: 'aside',
  qu: 'question',
  he: 'heading',
  ot: 'other',
};

const verdicts: Readonly<Record<string, Verdict>> = { '+': 'print', '~': 'mend', '-': 'never' };

/** For which places an editor would take a sentence. */
export const choices = { h: 'headline', l: 'lead', w: 'why' } as const;
export type Choice = (typeof choices)[keyof typeof choices];

/** A stretch of a brief as its writer marked it. */
export interface Mark {
  start: number;
  end: number;
  role: Role;
  verdict: Verdict;
  choices: Choice[];
}

/** What a careful reader takes from a brief; a fact that is not listed is not in it. */
export const factNames = [
  'name',
  'sells',
  'trade',
  'audience',
  'tone',
  'wanted',
  'avoided',
  'features',
  'goal',
  'place',
  'country',
  'currency',
  'reach',
  'origin',
  'email',
  'phone',
  'address',
  'language',
  'reviews',
] as const;
export type FactName = (typeof factNames)[number];

export interface MarkedBrief {
  /** The draw it was written to: trade, form, place. */
  what: string;
  text: string;
  marks: Mark[];
  facts: Partial<Record<FactName, string[]>>;
  /** What the list beside it names. */
  goods: string[];
}

const mark = /\{([a-z]{2})([-+~])([a-z]*)\}/g;
const severalByComma: ReadonlySet<string> = new Set(['sells', 'tone', 'wanted', 'avoided', 'features', 'language']);
const severalByBar: ReadonlySet<string> = new Set(['goods', 'reviews']);

const isFact = (name: string): name is FactName => (factNames as readonly string[]).includes(name);

/** Takes the marks out of a text and says what each of them stands over. */
export function unmarked(marked: string): { text: string; marks: Mark[] } {
  let text = '';
  let from = 0;
  const open: { at: number; role: Role; verdict: Verdict; choices: Choice[] }[] = [];
  for (const match of marked.matchAll(mark)) {
    const [whole, role = '', verdict = '', chosen = ''] = match;
    const [does, may] = [roles[role], verdicts[verdict]];
    if (!does || !may) throw new Error(`no role is called “${role}”`);
    text += marked.slice(from, match.index);
    from = match.index + whole.length;
    open.push({
      at: text.length,
      role: does,
      verdict: may,
      choices: [...chosen].map((letter) => choices[letter as keyof typeof choices]),
    });
  }
  text += marked.slice(from);
  const marks = open.map(({ at, ...rest }, i) => {
    const raw = text.slice(at, open[i + 1]?.at ?? text.length);
    return { start: at, end: at + raw.trimEnd().length, ...rest };
  });
  return { text, marks };
}

/** Reads a batch: "##### what it was drawn as", facts a line each, ">>>", and the brief with a mark before each sentence. */
export function readBatch(file: string): MarkedBrief[] {
  return file
    .split(/^##### /m)
    .slice(1)
    .map((one) => {
      const [head = '', marked = ''] = one.split(/^>>>\n/m);
      const [what = '', ...lines] = head.trim().split('\n');
      const facts: MarkedBrief['facts'] = {};
      let goods: string[] = [];
      for (const line of lines) {
        const [, key = '', value = ''] = /^([a-z-]+): (.*)$/.exec(line) ?? [];
        const values = severalByComma.has(key) ? value.split(', ') : severalByBar.has(key) ? value.split(' | ') : [value];
        if (key === 'goods') goods = values;
        else if (isFact(key)) facts[key] = values;
        else throw new Error(`${what}: no fact is called “${line}”`);
      }
      return { what, ...unmarked(marked.trim()), facts, goods };
    });
}

export const batchNames = [
  '0',
  '1',
  '2',
  '3',
  '4',
  '5',
  '6',
  '7',
  '8',
  '9',
  '10',
  '11',
  '12',
  '13',
  '14',
  '15',
  '16',
  '17',
  '18',
  '19',
  '20',
  '21',
  '22',
  '23',
  '24',
  '25',
  '26',
] as const;

/** Batches that the reader is trained on: all but what was written after the last training. */
export const learnedNames = batchNames.slice(0, -8);

const readFile = (file: string): MarkedBrief[] =>
  readBatch(readFileSync(join(process.cwd(), `corpus/briefs/${file}.txt`), 'utf8'));

export const readBatchNamed = (name: string): MarkedBrief[] => readFile(`batch${name}`);

/** Forty briefs that nothing is ever trained on, and whose single errors nobody looks at: figures alone are printed of them. */
export const readFrozen = (): MarkedBrief[] => readFile('frozen');
