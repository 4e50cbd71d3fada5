import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { readBrief } from '@/core/brief';
import { provideRaster } from '@/core/pictures';
import { readingReport } from '@/core/site';
import { build } from './build';
import { print, readText, Refusal, usage } from './caller';
import { readGoods, titlesIn } from './goods';
import { sayTo } from './say';
import { workOut } from './total';
import { changeProject, listPlaces, makeProject } from './projects';

/** Runs the command line and gives its exit code. */
export async function main(argv: string[], assets: string): Promise<number> {
  provideRaster(async () => new Uint8Array(readFileSync(join(assets, 'raster/resvg.wasm'))));
  try {
    const option = { type: 'string' } as const;
    const { values, positionals } = parseArgs({
      args: argv,
      allowPositionals: true,
      options: {
        brief: option,
        in: option,
        mapping: option,
        goods: option,
        out: option,
        seed: option,
        report: option,
        pictures: option,
        decisions: option,
        address: option,
        candidate: option,
        look: option,
        project: option,
        page: option,
        undo: option,
        name: option,
        rules: option,
        release: option,
        cart: option,
        day: option,
        at: option,
        set: { type: 'string', multiple: true },
      },
    });
    const [command, sentence] = positionals;
    const { set: sets = [], ...single } = values;
    if (command === 'build') await build(single, assets);
    else if (command === 'project') await makeProject(single);
    else if (command === 'goods') readGoods(single);
    else if (command === 'total') workOut(single);
    else if (command === 'places') listPlaces(single);
    else if (command === 'change') await changeProject(single, sets);
    else if (command === 'say') sayTo(single, sentence, assets);
    else if (command === 'read') {
      const brief = readText(values.brief, 'brief');
      if (!brief.trim()) throw new Refusal('The brief is empty. Write a few sentences about the business into it.');
      print(readingReport({ reading: readBrief(brief, values.goods ? titlesIn(values.goods, brief) : []) }));
    } else throw new Refusal(`${command ? `“${command}” is no command.` : 'No command is given.'} ${usage}`);
    return 0;
  } catch (error) {
    const known =
      error instanceof Refusal ||
      (error instanceof TypeError && 'code' in error && String(error.code).startsWith('ERR_PARSE_ARGS'));
    if (!known) throw error;
    process.stderr.write(`${(error as Error).message}\n`);
    return 2;
  }
}
