// Writes into THIRD-PARTY.md which packages run with the app, each with the licence that it states; with --check, says where the file is behind.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';

const root = new URL('..', import.meta.url).pathname;
const read = (path) => JSON.parse(readFileSync(`${root}${path}`, 'utf8'));

const { dependencies } = read('package.json');
const { packages } = read('package-lock.json');
const named = /^(.*)-(?:aix|android|darwin|freebsd|linux|linuxmusl|netbsd|openbsd|openharmony|sunos|webcontainers|win32)\b.*$/;

/** A package may state its licence by its text alone. */
function byText(path) {
  const file = readdirSync(`${root}${path}`).find((name) => /^licen[cs]e/i.test(name));
  const text = file ? readFileSync(`${root}${path}/${file}`, 'utf8') : '';
  return text.includes('Permission is hereby granted, free of charge') ? 'MIT' : undefined;
}

/** As the lock file has it, else as the package itself states it. */
function licenceOf(path) {
  const { license } = packages[path];
  if (license) return license;
  const own = read(`${path}/package.json`);
  const stated = own.license ?? own.licenses?.map(({ type }) => type).join(' AND ') ?? byText(path);
  if (!stated) throw new Error(`${path} states no licence.`);
  return stated;
}

const direct = new Map(Object.keys(dependencies).map((name) => [name, licenceOf(`node_modules/${name}`)]));

/** What comes with them, by licence; the builds of one package for several systems are one name. */
const along = new Map();
for (const [path, { dev, devOptional, os, cpu }] of Object.entries(packages)) {
  const name = path.replace(/^.*node_modules\//, '');
  if (!path || dev || devOptional || direct.has(name)) continue;
  const short = os || cpu ? `${named.exec(name)?.[1] ?? name.replace(/\/.*/, '/')}-*`.replace('/-*', '/*') : name;
  const licence = licenceOf(path);
  along.set(licence, (along.get(licence) ?? new Set()).add(short));
}

const pad = (rows) => {
  const widths = rows[0].map((_, i) => Math.max(...rows.map((row) => row[i].length)));
  const line = (row) => `| ${row.map((cell, i) => cell.padEnd(widths[i])).join(' | ')} |`;
  return [line(rows[0]), `| ${widths.map((width) => '-'.repeat(width)).join(' | ')} |`, ...rows.slice(1).map(line)].join('\n');
};

const from = '<!-- packages: written by scripts/licences.mjs -->';
const to = '<!-- end of packages -->';
const table = [
  from,
  '',
  pad([['package', 'licence'], ...[...direct].map(([name, licence]) => [`\`${name}\``, licence])]),
  '',
  'With them come:',
  '',
  ...[...along]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(
      ([licence, names]) =>
        `- ${licence}: ${[...names]
          .sort()
          .map((name) => `\`${name}\``)
          .join(', ')}`,
    ),
  '',
  to,
].join('\n');

const file = `${root}THIRD-PARTY.md`;
const now = readFileSync(file, 'utf8');
const [before, rest] = now.split(from);
const after = rest?.split(to)[1];
if (after === undefined) throw new Error('THIRD-PARTY.md has lost the marks between which the packages stand.');
const next = before + table + after;
if (!process.argv.includes('--check')) writeFileSync(file, next);
else if (next !== now) {
  console.error('THIRD-PARTY.md does not name the packages as they are. Run `node scripts/licences.mjs`.');
  process.exitCode = 1;
} else console.log(`${direct.size} packages with their licences, and what comes with them`);
