import { measureStudio } from './bench/browser.mjs';
const { brief, listOf } = await import('./dist/bench/goods.mjs');
console.log(await measureStudio('http://localhost:4397/', brief, listOf(500), listOf(500)));
