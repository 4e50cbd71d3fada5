import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { practised, trainWording } from './learn';

const rows = Object.entries(trainWording(practised()));
const text = `{\n${rows.map(([name, row]) => `${JSON.stringify(name)}:${JSON.stringify(row)}`).join(',\n')}\n}\n`;
writeFileSync(join(process.cwd(), 'src/core/goods/columns/wording.json'), text);
console.log(`src/core/goods/columns/wording.json: ${rows.length} features, ${Math.round(text.length / 1000)} kB`);
