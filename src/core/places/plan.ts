import { z } from 'zod';
import { pageKinds } from '../plan/about';
import { writePosition } from '../position';
import { canFold, kindOfSection, listsOf, sectionAbout, sectionKinds } from '../sections/about';
import { definePlace, type At } from './place';
import { shown, turnsAt } from './says';

type OfPage = At<[string]>;
type OfSection = At<[string, string]>;

const pageOf = ({ parts: [page], names }: OfPage) => names.page(page);
const sectionOf = ({ parts: [page, section], names }: OfSection) => `${names.section(page, section)} on ${names.page(page)}`;

/** A page that the seller added. Each has an address of its own, so that one can go without the others. */
export const addedPage = definePlace({
  address: ['added', 'page', ':page'],
  value: z.object({ kind: z.enum(pageKinds), name: z.string().min(1).max(120) }),
  says: (before, after) => (after ? `A page more: “${after.name}”` : `The page “${before?.name ?? ''}” went`),
});

/** A section that the seller added to a page. */
export const addedSection = definePlace({
  address: ['added', 'section', ':page', ':section'],
  value: z.object({ kind: z.enum(sectionKinds) }),
  says: (_, after, at: OfSection) => (after ? `A section more: ${sectionOf(at)}` : `${sectionOf(at)} went`),
});

export const pageName = definePlace({
  address: ['plan', ':page', 'name'],
  value: z.string().min(1).max(120),
  says: turnsAt((at: OfPage) => `Name of the page ${pageOf(at)}`),
});
export const inMenu = definePlace({
  address: ['plan', ':page', 'menu'],
  value: z.boolean(),
  says: (_, after, at: OfPage) => `${pageOf(at)} is ${after ? 'in' : after === undefined ? 'as usual in' : 'out of'} the menu`,
});
export const inFooter = definePlace({
  address: ['plan', ':page', 'footer'],
  value: z.boolean(),
  says: (_, after, at: OfPage) => `${pageOf(at)} is ${after ? 'in' : after === undefined ? 'as usual in' : 'out of'} the footer`,
});
/** The page under which a page stands in the menu: one step down, and no further. */
export const under = definePlace({
  address: ['plan', ':page', 'under'],
  value: z.string().min(1).max(200),
  says: (_, after, at: OfPage) =>
    after ? `${pageOf(at)} stands under ${at.names.page(after)} in the menu` : `${pageOf(at)} stands in the menu by itself`,
});
/** The shelves of the shop, under the page that shows all goods. */
export const shelvesInMenu = definePlace({
  address: ['plan', 'shelves'],
  value: z.boolean(),
  says: (_, after) => `Shelves are ${after ? 'in' : 'out of'} the menu`,
});
/** A picture that a category is shown with, by its name: beside its name, and over its goods. */
export const shelfPicture = definePlace({
  address: ['plan', ':page', 'picture'],
  value: z.string().min(1).max(300),
  says: (_, after, at: OfPage) => `${pageOf(at)} is shown with ${after ? `“${after}”` : 'a picture of its goods'}`,
});
export const pageHidden = definePlace({
  address: ['plan', ':page', 'hidden'],
  value: z.boolean(),
  says: (_, after, at: OfPage) => `${pageOf(at)} is ${after ? 'out of' : 'in'} the shop`,
});
/** Pages in the order in which menu and footer name them, by id. The others keep their places. */
export const pageOrder = definePlace({
  address: ['plan', 'order'],
  value: z.array(z.string().min(1).max(200)).min(1).max(200),
  says: (_, after, { names }: At) =>
    after
      ? `Menu and footer in the order: ${shown(after.map((id) => names.page(id)))}`
      : 'Menu and footer are in their usual order',
});
/** The sections of a page in the seller's order, by id. */
export const sectionOrder = definePlace({
  address: ['plan', ':page', 'order'],
  value: z.array(z.string().min(1).max(80)).max(200),
  says: (_, after, at: OfPage) =>
    after
      ? `Order on ${pageOf(at)}: ${shown(after.map((id) => at.names.section(at.parts[0], id)))}`
      : `Order on ${pageOf(at)}: as made`,
});
export const sectionHidden = definePlace({
  address: ['plan', ':page', ':section', 'hidden'],
  value: z.boolean(),
  says: (_, after, at: OfSection) => `${sectionOf(at)} is ${after ? 'hidden' : 'shown'}`,
});
/** A section that is seen once a button leads to it, and not before. */
export const sectionFolded = definePlace({
  address: ['plan', ':page', ':section', 'folded'],
  value: (_page, section) => {
    const kind = kindOfSection(section);
    return kind && canFold(kind) ? z.boolean() : null;
  },
  says: (_, after, at: OfSection) => `${sectionOf(at)} is seen ${after ? 'once a button opens it' : 'at once'}`,
});
/** Where a pin stands on a map. */
export const mapPin = definePlace({
  address: ['plan', ':page', ':section', 'pin'],
  value: (_page, section) =>
    kindOfSection(section) === 'map'
      ? z.object({ latitude: z.number().min(-90).max(90), longitude: z.number().min(-180).max(180) })
      : null,
  says: (_, after, at: OfSection) =>
    after ? `The pin of ${sectionOf(at)} stands at ${writePosition(after)}` : `The pin of ${sectionOf(at)} stands at your town`,
});
/** Pictures of the seller's own that a section shows, by their names. */
export const sectionPictures = definePlace({
  address: ['plan', ':page', ':section', 'pictures'],
  value: (_page, section) => {
    const kind = kindOfSection(section);
    const most = kind && sectionAbout(kind).pictures;
    return most ? z.array(z.string().min(1).max(300)).max(most, `More than the ${most} that fit there.`) : null;
  },
  says: (_, after, at: OfSection) =>
    after?.length
      ? `${sectionOf(at)} shows ${after.map((name) => `“${name}”`).join(', ')}`
      : `${sectionOf(at)} shows no picture of yours`,
});
/** The items of a list in the seller's order, by their keys. The others keep their places. */
export const itemOrder = definePlace({
  address: ['plan', ':page', ':section', ':list', 'order'],
  value: (_page, section, list) => {
    const kind = kindOfSection(section);
    return kind && listsOf(kind).some(([name]) => name === list) ? z.array(z.string().min(1).max(120)).min(1).max(200) : null;
  },
  says: (_, after, { parts: [page, section, list], names }: At<[string, string, string]>) =>
    `The ${list} of ${names.section(page, section)} on ${names.page(page)}: ${after ? 'in your order' : 'in the order as made'}`,
});
/** A picture of the seller's own that stands with an item of a list, by its name. */
export const itemPicture = definePlace({
  address: ['plan', ':page', ':section', ':list', ':item', 'picture'],
  value: (_page, section, list) => {
    const kind = kindOfSection(section);
    const pictured = kind && listsOf(kind).some(([name, field]) => name === list && field.pictured);
    return pictured ? z.string().min(1).max(300) : null;
  },
  says: (_, after, { parts: [page, section, , item], names }: At<[string, string, string, string]>) => {
    const beside = names.item(page, section, item, '');
    return `${beside ? `“${beside}”` : 'An item'} in ${names.section(page, section)} on ${names.page(page)} ${after ? `has the picture “${after}”` : 'has no picture'}`;
  },
});
export const arrangement = definePlace({
  address: ['plan', ':page', ':section', 'arrangement'],
  value: z.string().min(1).max(60),
  says: turnsAt((at: OfSection) => `Arrangement of ${sectionOf(at)}`),
});
