import { newProject } from '../project';
import { makeShop } from '../site';
import { degreeOf, sizes, type Scale } from './degree';
import { readSentence } from './index';

const room: Scale = {
  more: ['breathe', 'apart'],
  less: ['closer', 'tighter'],
  much: ['space', 'air', 'airy', 'gaps'],
  little: ['crowded', 'cramped', 'tight', 'close', 'together'],
};

const project = { ...newProject('kites', 'Kites'), brief: 'We sew kites in Trieste. a@kites.example' };
const shop = makeShop(project);
const asked = (text: string, scale: Scale) => degreeOf({ sentence: readSentence(text, shop, new Date(2026, 11, 1, 12)) }, scale);

test.each<[string, 'more' | 'less' | null]>([
  ['more space', 'more'],
  ['less space please', 'less'],
  ['too much white space', 'less'],
  ['there is too little space', 'more'],
  ['not enough space between them', 'more'],
  ['bigger gaps', 'more'],
  ['smaller gaps', 'less'],
  ['too cramped', 'more'],
  ['it feels cramped', 'more'],
  ['less crowded', 'more'],
  ['more crowded', 'less'],
  ['things stand too close together', 'more'],
  ['closer together', 'less'],
  ['it should be airy', 'more'],
  ['make it tight', 'less'],
  ['blue', null],
])('of room “%s” asks for %s', (text, way) => expect(asked(text, room)).toBe(way));

test.each<[string, 'more' | 'less' | null]>([
  ['the logo is tiny, make it bigger', 'more'],
  ['this is too big', 'less'],
  ['it is not big enough', 'more'],
  ['it should be big', 'more'],
  ['a small one', 'less'],
  ['not so large', 'less'],
  ['it isn’t large', 'more'],
  ['bigger or smaller', null],
])('of size “%s” asks for %s', (text, way) => expect(asked(text, sizes)).toBe(way));
