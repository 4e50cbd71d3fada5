// The text of a PDF, page by page, as another program reads it: node tests/pdfText.mjs FILE
import { readFileSync } from 'node:fs';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

const document = await getDocument({ data: new Uint8Array(readFileSync(process.argv[2])), verbosity: 0 }).promise;
const pages = [];
for (let n = 1; n <= document.numPages; n++) {
  const { items } = await (await document.getPage(n)).getTextContent();
  pages.push(items.map(({ str }) => str).join(' '));
}
process.stdout.write(JSON.stringify(pages));
