import { type SentenceKind } from './about';
import * as buttons from './kinds/buttons';
import * as colours from './kinds/colours';
import * as faces from './kinds/faces';
import * as goods from './kinds/goods';
import * as header from './kinds/header';
import * as pages from './kinds/pages';
import * as past from './kinds/past';
import * as pictures from './kinds/pictures';
import * as sections from './kinds/sections';
import * as shape from './kinds/shape';
import * as standing from './kinds/standing';
import * as style from './kinds/style';
import * as texts from './kinds/texts';
import * as till from './kinds/till';
import { type SentenceDefinition } from './said';

const all = [
  buttons,
  colours,
  faces,
  goods,
  header,
  pages,
  past,
  pictures,
  sections,
  shape,
  standing,
  style,
  texts,
  till,
].flatMap((subject) => Object.values(subject) as unknown as SentenceDefinition[]);

/** Every kind of sentence there is, by its name. */
export const sentences: ReadonlyMap<SentenceKind, SentenceDefinition> = new Map(all.map((one) => [one.kind, one]));
export const allSentences: readonly SentenceDefinition[] = all;
