import { type Tone } from '../look';
import { lookPlaces, type Decided } from '../places';

/** Places that differ from the look of the whole: sections in a tone of their own, and what phones alone have otherwise. */
export interface Exceptions {
  only: { page: string; section: string; tone: Tone }[];
  /** Goods beside each other where there is room, or null as the family has it. */
  columns: number | null;
  phone: { columns: number | null; size: number | null; hidden: { page: string; section: string }[] };
}

export const exceptionsOf = (decided: Decided): Exceptions => ({
  only: decided.all(lookPlaces.toneOf).map(({ parts: [page, section], value: tone }) => ({ page, section, tone })),
  columns: decided.get(lookPlaces.goodsColumns) ?? null,
  phone: {
    columns: decided.get(lookPlaces.phoneColumns) ?? null,
    size: decided.get(lookPlaces.phoneSize) ?? null,
    hidden: decided.all(lookPlaces.offPhone).map(({ parts: [page, section] }) => ({ page, section })),
  },
});
