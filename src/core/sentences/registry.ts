import { type SentenceKind } from './about';
import * as buttons from './kinds/buttons';
import * as goods from './kinds/goods';
import * as header from './kinds/header';
import * as look from './kinds/look';
import * as pages from './kinds/pages';
import * as past from './kinds/past';
import * as pictures from './kinds/pictures';
import * as sections from './kinds/sections';
import * as standing from './kinds/standing';
import * as texts from './kinds/texts';
import * as till from './kinds/till';
import { type SentenceDefinition } from './said';

const all = [buttons, goods, header, look, pages, past, pictures, sections, standing, texts, till].flatMap(
  (subject) => Object.values(subject) as unknown as SentenceDefinition[],
);

/** Every kind of sentence there is, by its name. */
export const sentences: ReadonlyMap<SentenceKind, SentenceDefinition> = new Map(all.map((one) => [one.kind, one]));
export const allSentences: readonly SentenceDefinition[] = all;
