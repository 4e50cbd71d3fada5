import { readFileSync } from 'node:fs';
import { hintsOf } from '@/core/brief';
import { openSource, readList } from '@/core/goods';

/** What a file is read as: npm run lists -- --look FILE */
export function look(path: string, brief = ''): void {
  const source = openSource(new Uint8Array(readFileSync(path)), path);
  if (!source.ok) return console.log(source.say);
  const read = readList(source.value, hintsOf(brief));
  if (!read.ok) return console.log(read.say);
  const { form, encoding, headerRow, currency, columns, products, problems, questions, counts } = read.value;
  console.log(form, encoding, `headings in row ${headerRow}`, currency.code, currency.because);
  for (const { heading, as, name, sure, because, others } of columns)
    console.log(`  ${heading} → ${as} (${name}) ${sure} ${because} ${others.join('/')}`);
  for (const { title, options, variants, particulars } of products.slice(0, 12))
    console.log(
      `  ${title} [${options.join(', ')}] ${variants
        .slice(0, 6)
        .map((v) => `${v.values.join('/')} ${v.price} ×${v.stock} ${v.asks.join()}`)
        .join('; ')} ${particulars.map((p) => `${p.name}: ${p.value}`).join(', ')}`,
    );
  for (const { row, column, kind, say } of problems.slice(0, 20)) console.log(`  ${row} ${column} ${kind}: ${say}`);
  for (const { id, say, likeliest, cells } of questions.slice(0, 12))
    console.log(`  ? ${id} (${cells.length}) ${say} [${likeliest}]`);
  console.log(counts);
}
