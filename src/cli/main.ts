import { mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import { parseArgs } from 'node:util';
import { readBrief } from '@/core/brief';
import { outlinesOf, provideOutlines, provideRaster, type Outlines } from '@/core/pictures';
import { candidates, readTokens } from '@/core/look';
import { type Project } from '@/core/project';
import { buildReport, lookSearch, makeShop, readingReport, rasterBytes, siteFiles, withDecisions, type Shop } from '@/core/site';
import { storefront } from '@/storefront';
import { serverCodec } from './codec';
import { loadProject } from './inputs';

const usage = `usage:
  arcatum build --brief FILE --goods FILE --out DIR [--seed N] [--report FILE]
                [--pictures DIR] [--decisions FILE] [--address URL]
                [--candidate 1|2|3] [--look FILE]
  arcatum read --brief FILE`;

/** Something that the caller can put right: printed as one sentence, with exit code 2. */
class Refusal extends Error {}

function read(path: string | undefined, what: string): Uint8Array {
  if (!path) throw new Refusal(`No ${what} is given. ${usage}`);
  try {
    return readFileSync(path);
  } catch {
    throw new Refusal(`The ${what} “${path}” can't be read. Check the path.`);
  }
}

function readText(path: string | undefined, what: string): string {
  const bytes = read(path, what);
  if (bytes.subarray(0, 8000).includes(0)) throw new Refusal(`The ${what} is not text. Save it as plain text.`);
  return new TextDecoder().decode(bytes);
}

function readPictures(folder: string): Map<string, Uint8Array> {
  let names: string[];
  try {
    names = readdirSync(folder);
  } catch {
    return new Map();
  }
  return new Map(
    names
      .filter((name) => /\.(webp|png|jpe?g|gif|avif|svg)$/i.test(name))
      .map((name) => [name, readFileSync(join(folder, name))]),
  );
}

async function build(values: Record<string, string | undefined>, assets: string): Promise<void> {
  const brief = readText(values.brief, 'brief');
  const goods = read(values.goods, 'list of goods');
  const goodsPath = values.goods ?? '';
  if (!values.out) throw new Refusal(`No folder to write to is given. ${usage}`);
  const seed = values.seed === undefined ? 1 : Number(values.seed);
  if (!Number.isSafeInteger(seed) || seed < 0) throw new Refusal('The seed is not a whole number from 0 up.');
  let decisions: unknown = {};
  if (values.decisions) {
    try {
      decisions = JSON.parse(readText(values.decisions, 'file of decisions'));
    } catch (error) {
      if (error instanceof Refusal) throw error;
      throw new Refusal('The file of decisions is not JSON.');
    }
  }
  let address = 'https://shop.example/';
  if (values.address) {
    if (!URL.canParse(values.address))
      throw new Refusal(`“${values.address}” is not an address. Write it like https://shop.example/.`);
    address = values.address.replace(/\/*$/, '/');
  }
  const loaded = await loadProject({
    brief,
    goods: { file: basename(goodsPath), bytes: goods },
    pictures: readPictures(values.pictures ?? join(dirname(goodsPath), 'pictures')),
    decisions,
    seed,
  });
  if (!loaded.ok) throw new Refusal(loaded.say);
  const { project, pictures, problems } = loaded.value;
  const looks = lookDecisions(project, values);
  const shop = shopOf(looks.project, assets);
  let count = 0;
  const folders = new Set<string>();
  rmSync(join(values.out, 'index.html'), { force: true });
  for (const file of siteFiles(shop, storefront, {
    kind: 'archive',
    address: values.address ? address : `https://${shop.slug}.example/`,
  })) {
    const to = join(values.out, file.path);
    const folder = dirname(to);
    if (!folders.has(folder)) {
      mkdirSync(folder, { recursive: true });
      folders.add(folder);
    }
    if ('text' in file) writeFileSync(to, file.text);
    else if ('asset' in file) writeFileSync(to, readFileSync(join(assets, file.asset)));
    else if ('svg' in file) writeFileSync(to, await rasterBytes(file, async (hash) => pictures.get(hash) ?? null, serverCodec));
    else writeFileSync(to, pictures.get(file.picture) ?? new Uint8Array());
    count++;
  }
  if (values.report)
    writeFileSync(
      values.report,
      `${JSON.stringify({ ...buildReport(shop, problems, count), lookNotes: looks.notes }, null, 2)}\n`,
    );
  process.stdout.write(
    `${count} files in ${values.out}${problems.length ? `, ${problems.length} warnings${values.report ? ` in ${values.report}` : ''}` : ''}\n`,
  );
}

/** The look that the caller asks for: one of the three candidates, or a file of design tokens laid over whatever else is chosen. */
function lookDecisions(project: Project, values: Record<string, string | undefined>): { project: Project; notes: string[] } {
  let chosen = project;
  const notes: string[] = [];
  if (values.candidate !== undefined) {
    if (!/^[123]$/.test(values.candidate)) throw new Refusal('The candidate is 1, 2 or 3.');
    const found = candidates(lookSearch(project))[Number(values.candidate) - 1];
    if (!found) throw new Refusal(`There is no candidate ${values.candidate} for this brief.`);
    chosen = withDecisions(chosen, found.decisions);
  }
  if (values.look !== undefined) {
    const read = readTokens(readText(values.look, 'file of design tokens'));
    if (!read.ok) throw new Refusal(read.say);
    chosen = withDecisions(chosen, read.value.decisions);
    notes.push(...read.value.notes);
  }
  return { project: chosen, notes };
}

/** The shop of a project, with the outlines of its face at hand. */
function shopOf(project: Project, assets: string): Shop {
  const first = makeShop(project);
  const face = first.look.heading.id;
  if (outlinesOf(face)) return first;
  provideOutlines(face, JSON.parse(readFileSync(join(assets, 'outlines', `${face}.json`), 'utf8')) as Outlines);
  return makeShop(project);
}

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
        goods: option,
        out: option,
        seed: option,
        report: option,
        pictures: option,
        decisions: option,
        address: option,
        candidate: option,
        look: option,
      },
    });
    const [command] = positionals;
    if (command === 'build') await build(values, assets);
    else if (command === 'read') {
      const brief = readText(values.brief, 'brief');
      if (!brief.trim()) throw new Refusal('The brief is empty. Write a few sentences about the business into it.');
      process.stdout.write(`${JSON.stringify(readingReport({ reading: readBrief(brief) }), null, 2)}\n`);
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
