export * from './schema';
export { readProject } from './migrate';
export { fitsPlace, isPlace, placeLabel, zoneSchema, discountCodeSchema } from './places';
export { Decided, decide, withdraw } from './decisions';
export { change, historySchema, redo, startHistory, stepsKept, undo, type History, type Step } from './history';
export { goodsApart, listsOf, withGoods } from './apart';
export { isSafePath, pack, readProjectFile, unpack, writeProjectFile, type ProjectFile } from './archive';
