// Weighs what the studio's page loads first, compressed, and names the heaviest parts where that is more than its budget (DESIGN, "Budgets").
import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';

const root = new URL('..', import.meta.url).pathname;
const budget = 450;

const read = (path) => readFileSync(`${root}.next/${path}`, 'utf8');
const manifest = read('server/app/project/[id]/[station]/page_client-reference-manifest.js');
const { entryJSFiles } = JSON.parse(manifest.slice(manifest.indexOf('{', manifest.indexOf('] ='))).replace(/;\s*$/, ''));
const { rootMainFiles } = JSON.parse(read('build-manifest.json'));

const files = [...new Set([...rootMainFiles, ...Object.values(entryJSFiles).flat()])];
const parts = files
  .map((file) => {
    const text = read(file);
    // What a chunk is made of, as far as names of packages and files are left in it.
    const names = [
      ...new Set(text.match(/react-aria|react-dom|styled-components|ISO 4217|zod|localforage|culori|fflate/g) ?? []),
    ];
    return { file: file.split('/').pop(), kB: gzipSync(text).length / 1024, names };
  })
  .sort((a, b) => b.kB - a.kB);
const all = parts.reduce((sum, { kB }) => sum + kB, 0);

console.log(`studio, first load of scripts: ${all.toFixed(0)} kB compressed, budget ${budget}`);
if (all > budget || process.argv.includes('--all'))
  for (const { file, kB, names } of parts.slice(0, 12))
    console.log(`  ${kB.toFixed(1).padStart(7)} kB  ${file}  ${names.join(', ')}`);
process.exitCode = all > budget ? 1 : 0;
