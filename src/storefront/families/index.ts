import { type FamilyId } from '@/core/look';
import { almanac } from './almanac';
import { board } from './board';
import { broadsheet } from './broadsheet';
import { cabinet } from './cabinet';
import { counter } from './counter';
import { drawing } from './drawing';
import { hanging } from './hanging';
import { ledger } from './ledger';
import { letter } from './letter';
import { poster } from './poster';
import { quiet } from './quiet';
import { stall } from './stall';

/** How each family of core/look is drawn. Leave one out and this does not compile. */
export const drawings: { readonly [K in FamilyId]: string } = {
  ledger,
  poster,
  quiet,
  cabinet,
  broadsheet,
  counter,
  drawing,
  almanac,
  stall,
  hanging,
  board,
  letter,
};
