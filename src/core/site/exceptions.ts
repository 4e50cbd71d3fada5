import { type Align, type PictureSize, type Tone } from '../look/about';
import { lookPlaces, type Decided, type PlaceFamily } from '../places';
import { type Span } from '../span';

/** How a section stands otherwise than its look has it; null where it is as it is made. */
export interface Standing {
  room: number | null;
  align: Align | null;
  size: number | null;
}

/** The same, of one section: on all screens, and what phones have otherwise. */
export interface StandingOf {
  page: string;
  section: string;
  span: Span | null;
  pictures: PictureSize | null;
  wide: Standing;
  phone: Standing;
}

/** Places that differ from the look of the whole: sections that look or stand otherwise, and what phones alone have otherwise. */
export interface Exceptions {
  only: { page: string; section: string; tone: Tone }[];
  standing: StandingOf[];
  /** Goods beside each other where there is room, or null as the family has it. */
  columns: number | null;
  phone: { columns: number | null; size: number | null; hidden: { page: string; section: string }[] };
}

export const exceptionsOf = (decided: Decided): Exceptions => ({
  only: decided.all(lookPlaces.toneOf).map(({ parts: [page, section], value: tone }) => ({ page, section, tone })),
  standing: standingIn(decided),
  columns: decided.get(lookPlaces.goodsColumns) ?? null,
  phone: {
    columns: decided.get(lookPlaces.phoneColumns) ?? null,
    size: decided.get(lookPlaces.phoneSize) ?? null,
    hidden: decided.all(lookPlaces.offPhone).map(({ parts: [page, section] }) => ({ page, section })),
  },
});

function standingIn(decided: Decided): StandingOf[] {
  const { standing, phoneStanding } = lookPlaces;
  const found = new Map<string, StandingOf>();
  const each = <T>(place: PlaceFamily<[string, string], T>, put: (one: StandingOf, value: T) => void) => {
    for (const { parts, value } of decided.all(place)) {
      const [page, section] = parts;
      const as = () => ({ room: null, align: null, size: null });
      const one = found.get(parts.join('/')) ?? { page, section, span: null, pictures: null, wide: as(), phone: as() };
      put(one, value);
      found.set(parts.join('/'), one);
    }
  };
  each(standing.span, (one, span) => (one.span = span));
  each(standing.pictures, (one, size) => (one.pictures = size));
  each(standing.room, ({ wide }, room) => (wide.room = room));
  each(standing.align, ({ wide }, align) => (wide.align = align));
  each(standing.size, ({ wide }, size) => (wide.size = size));
  each(phoneStanding.room, ({ phone }, room) => (phone.room = room));
  each(phoneStanding.align, ({ phone }, align) => (phone.align = align));
  each(phoneStanding.size, ({ phone }, size) => (phone.size = size));
  return [...found.values()];
}
