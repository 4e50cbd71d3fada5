// Packs the parts of countries (ISO 3166-2, the first level) with their names. Source: the data of the package iso-3166 (MIT).
import { readFileSync, writeFileSync } from 'node:fs';
import { iso31662 } from 'iso-3166';

const path = (at) => new URL(`../${at}`, import.meta.url).pathname;

export function buildRegions() {
  const { version } = JSON.parse(readFileSync(path('node_modules/iso-3166/package.json'), 'utf8'));
  const byCountry = {};
  for (const { code, name, parent } of iso31662) {
    const [country, region] = code.split('-');
    if (parent === country) (byCountry[country] ??= []).push(`${region} ${name.replace(/\|/g, ' ')}`);
  }
  const packed = Object.fromEntries(Object.entries(byCountry).map(([country, regions]) => [country, regions.join('|')]));
  writeFileSync(
    path('src/core/lexicon/regions.generated.ts'),
    `// Made by scripts/regions.mjs from iso-3166 ${version} (MIT).\nexport const regions: Record<string, string> = ${JSON.stringify(packed)};\n`,
  );
}
