import { readFileSync } from 'node:fs';
import { importText } from '@/core/goods';
import { sectionLibrary } from '@/core/sections';
import { pictureSchema, newProject, type Picture, type Project } from '@/core/project';
import { decisionsOf } from '../decisions';

/** What the sample shop would have to say for every section to be filled. Invented. */
const more = `

We are open Thursday to Saturday, 10 to 4. We wind the skein, soak it for a night, and steam it twice. There are six pans and 900 skeins a month.

Reviews:
“The blue is the blue of our door.” – Maud from Wick
"It knitted itself." – T. Arran

Fibre: wool from two flocks. Care: hand wash cool.

Find us at pictures.example/tarnwick`;

const picture: Picture = pictureSchema.parse({
  name: 'madder-bed-skein.webp',
  hash: 'ab'.repeat(32),
  type: 'image/webp',
  width: 820,
  height: 820,
});

/** The sample shop with every section of the library on its front page, each in one of its arrangements, and texts where they are asked for. */
export function everything(family: string, arrangement: 0 | 1, filled = true): Project {
  const goods = importText(readFileSync('demo/goods.csv', 'utf8'));
  if (!goods.ok) throw new Error(goods.say);
  const decisions: Record<string, unknown> = {
    ...(JSON.parse(readFileSync('demo/decisions.json', 'utf8')) as Record<string, unknown>),
    'look/family': family,
    'added/page/journal': { kind: 'journal', name: 'Journal' },
    'words/journal/posts/entries/own-1/title': 'A wet Tuesday',
    'words/journal/posts/entries/own-1/text': 'The tarn came up to the door. We dyed all the same.',
  };
  for (const { kind, arrangements, fields } of sectionLibrary) {
    decisions[`added/section/home/${kind}`] = { kind };
    const chosen = arrangements[arrangement];
    if (chosen) decisions[`plan/home/${kind}/arrangement`] = chosen.id;
    if (!filled || !['video', 'free-text', 'markup', 'people'].includes(kind)) continue;
    for (const [name, field] of Object.entries(fields)) {
      if (field.kind === 'text' && field.ask)
        decisions[`words/home/${kind}/${name}`] =
          name === 'address'
            ? 'https://film.example/dye'
            : name === 'markup'
              ? '<b>Fair days</b><script>alert(1)</script>'
              : `Words for ${kind}, ${name}.`;
      if (field.kind === 'items')
        for (const [part, { ask }] of Object.entries(field.parts))
          if (ask) decisions[`words/home/${kind}/${name}/own-1/${part}`] = `Words for ${kind}, ${part}.`;
    }
  }
  decisions['plan/home/opening/arrangement'] = arrangement ? 'spoken' : 'pictured';
  return {
    ...newProject('p', 'Shop'),
    brief: readFileSync('demo/brief.txt', 'utf8') + (filled ? more : ''),
    goods: { file: '', ...goods.value },
    pictures: [picture],
    decisions: decisionsOf(decisions),
  };
}
