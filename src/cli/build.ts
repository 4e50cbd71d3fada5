import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { candidates, readTokens } from '@/core/look';
import { withWishes, type Project } from '@/core/project';
import { buildReport, lookSearch, rasterBytes, siteFiles } from '@/core/site';
import { set, tillPlaces, type Place, type Value, type Wish } from '@/core/places';
import { ruleFileSchema, ruleIds } from '@/core/till';
import { storefront } from '@/storefront';
import { read, readForm, readText, Refusal, taken, usage, write, type Values } from './caller';
import { withOutlines } from './outlines';
import { serverCodec } from './codec';
import { given } from './given';

function addressOf(text: string | undefined): string | null {
  if (!text) return null;
  if (!URL.canParse(text)) throw new Refusal(`“${text}” is not an address. Write it like https://shop.example/.`);
  return text.replace(/\/*$/, '/');
}

export async function build(values: Values, assets: string): Promise<void> {
  if (!values.project) {
    // Said in the order in which they are typed.
    readText(values.brief, 'brief');
    read(values.goods, 'list of goods');
  }
  if (!values.out) throw new Refusal(`No folder to write to is given. ${usage}`);
  const address = addressOf(values.address);
  const { story, pictures, problems } = await given(values, true);
  const looks = lookWishes(ruled(story.project, values), values);
  const shop = withOutlines(looks.project, assets);
  let count = 0;
  const folders = new Set<string>();
  rmSync(join(values.out, 'index.html'), { force: true });
  for (const file of siteFiles(shop, storefront, { kind: 'archive', address: address ?? `https://${shop.slug}.example/` })) {
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
    write(
      values.report,
      `${JSON.stringify({ ...buildReport(shop, problems, count), misfits: story.log.misfits, lookNotes: looks.notes }, null, 2)}\n`,
    );
  process.stdout.write(
    `${count} files in ${values.out}${problems.length ? `, ${problems.length} warnings${values.report ? ` in ${values.report}` : ''}` : ''}\n`,
  );
}

/** A project with the till's rules of a file laid over its own. */
function ruled(project: Project, values: Values): Project {
  if (values.rules === undefined) return project;
  const file = readForm(ruleFileSchema, values.rules, 'file of rules');
  const wishes = ruleIds.flatMap((id): Wish[] => {
    const value = file[id];
    // Nothing that is set to nothing is left as it is.
    return value === undefined || value === null ? [] : [set(tillPlaces.ofRules[id] as Place<Value>, value as Value)];
  });
  return withWishes(project, wishes);
}

/** The look that the caller asks for: one of the three candidates, or a file of design tokens laid over whatever else is chosen. */
function lookWishes(project: Project, values: Values): { project: Project; notes: string[] } {
  let chosen = project;
  const notes: string[] = [];
  if (values.candidate !== undefined) {
    if (!/^[123]$/.test(values.candidate)) throw new Refusal('The candidate is 1, 2 or 3.');
    const found = candidates(lookSearch(project))[Number(values.candidate) - 1];
    if (!found) throw new Refusal(`There is no candidate ${values.candidate} for this brief.`);
    chosen = withWishes(chosen, found.wishes);
  }
  if (values.look !== undefined) {
    const tokens = taken(readTokens(readText(values.look, 'file of design tokens')));
    chosen = withWishes(chosen, tokens.wishes);
    notes.push(...tokens.notes);
  }
  return { project: chosen, notes };
}
