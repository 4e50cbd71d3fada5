import { type Align } from '../../look/about';
import { clear, lookPlaces, set, type Place, type Wish } from '../../places';
import { fail, ok, type Result } from '../../result';
import { fittingSpan, isWhole, pageParts, saySpan, type Span } from '../../span';
import { capitalised } from '../../capitalised';
import { narrowestOf, sectionAbout } from '../../sections';
import { type Offered, type RequestKind } from '../about';
import { defineRequest, type Spot } from '../request';

/** Spans that are offered by name; any other comes by its handles. */
const named: readonly Span[] = [
  { from: 0, to: 8 },
  { from: 2, to: 10 },
  { from: 4, to: 12 },
  { from: 0, to: 6 },
  { from: 3, to: 9 },
  { from: 6, to: 12 },
  { from: 0, to: 4 },
  { from: 4, to: 8 },
  { from: 8, to: 12 },
];

const like = (a: Span | undefined, b: Span): boolean => a?.from === b.from && a.to === b.to;

/** How narrow the section of a spot may stand; null where it takes its whole page. */
export function spanAt({ section, owner, decided }: Spot): { least: number; span: Span; place: Place<Span> } | null {
  const least = section ? narrowestOf(section.kind) : pageParts;
  if (!section || least >= pageParts) return null;
  const place = lookPlaces.standing.span(owner, section.id);
  return { least, span: decided.get(place) ?? { from: 0, to: pageParts }, place };
}

/** What it takes to have a section stand on other parts of its page, or with another room over it. */
export function standingWishes(spot: Spot, wanted: { span: Span } | { room: number }): Result<Wish[]> {
  const { section, owner } = spot;
  if ('room' in wanted) {
    if (!section) return fail('There is no section here.');
    const place = lookPlaces.standing.room(owner, section.id);
    return ok([wanted.room === 1 ? clear(place) : set(place, wanted.room)]);
  }
  const at = spanAt(spot);
  if (!at) return fail('It takes the whole width of its page.');
  const span = fittingSpan(wanted.span, at.least);
  return ok([isWhole(span) ? clear(at.place) : set(at.place, span)]);
}

/** From where to where on its page a section stands: others can stand beside it. Where there is little room each has the page. */
export const sectionWidth = defineRequest({
  kind: 'section-width',
  title: 'Its width',
  fold: 'standing',
  on: ['section'],
  offers: (spot) => {
    const at = spanAt(spot);
    if (!at) return null;
    const { least, span, place } = at;
    const offered = named.filter(({ from, to }) => to - from >= least);
    const own = isWhole(span) || offered.some((one) => like(span, one)) ? [] : [span];
    return {
      as: 'choice',
      offers: [
        { id: 'whole', label: 'All of the page', wishes: [clear(place)], stands: isWhole(span), usual: true },
        ...[...offered, ...own].map((one) => ({
          id: `${one.from}-${one.to}`,
          label: capitalised(saySpan(one)),
          wishes: [set(place, one)],
          stands: like(span, one),
        })),
      ],
    };
  },
});

interface Step<T> {
  label: string;
  /** What it is called beside others. */
  say?: string;
  /** Null as it is by itself. */
  value: T | null;
}

const rooms: readonly Step<number>[] = [
  { label: 'None', say: 'no room over it', value: 0 },
  { label: 'Less', say: 'less room', value: 0.5 },
  { label: 'Usual', value: null },
  { label: 'More', say: 'more room', value: 1.5 },
  { label: 'Much', say: 'much room', value: 2 },
];
const sizes: readonly Step<number>[] = [
  { label: 'Small', say: 'small words', value: 0.8 },
  { label: 'Smaller', say: 'smaller words', value: 0.9 },
  { label: 'Usual', value: null },
  { label: 'Larger', say: 'larger words', value: 1.15 },
  { label: 'Large', say: 'large words', value: 1.3 },
];
const aligns: readonly Step<Align>[] = [
  { label: 'As made', value: null },
  { label: 'Left', say: 'words on the left', value: 'start' },
  { label: 'Middle', say: 'words in the middle', value: 'middle' },
  { label: 'Right', say: 'words on the right', value: 'end' },
];

/** Steps of a scale at a place of the section; what stands there and is none of them is one more. */
function stepped<T extends number | string>(
  { section, owner, decided }: Spot,
  placeOf: (page: string, section: string) => Place<T>,
  steps: readonly Step<T>[],
  say: (value: T) => string,
): Offered | null {
  if (!section || !sectionAbout(section.kind).arrangements.length) return null;
  const place = placeOf(owner, section.id);
  const now = decided.get(place) ?? null;
  const own = steps.some(({ value }) => value === now) || now === null ? [] : [{ label: say(now), value: now }];
  return {
    as: 'choice',
    offers: [...steps, ...own].map(({ label, say: called, value }: Step<T>) => ({
      id: String(value ?? 'made'),
      label,
      ...(called ? { say: called } : {}),
      wishes: [value === null ? clear(place) : set(place, value)],
      stands: value === now,
      usual: value === null,
    })),
  };
}

const times = (value: number): string => `${Math.round(value * 100)} %`;
const itself = (value: string): string => value;

const { standing, phoneStanding } = lookPlaces;

const step = <K extends RequestKind, T extends number | string>(
  kind: K,
  title: string,
  fold: 'standing' | 'phones',
  placeOf: (page: string, section: string) => Place<T>,
  steps: readonly Step<T>[],
  say: (value: T) => string,
) => defineRequest({ kind, title, fold, on: ['section'], offers: (spot) => stepped(spot, placeOf, steps, say) });

export const sectionRoom = step('section-room', 'Room over it', 'standing', standing.room, rooms, times);
export const sectionAlign = step('section-align', 'Its words stand', 'standing', standing.align, aligns, itself);
export const sectionSize = step('section-size', 'Size of its words', 'standing', standing.size, sizes, times);

/** On phones nothing said is as it is everywhere. */
const asEverywhere = <T>(steps: readonly Step<T>[]) =>
  steps.map((one) => (one.value === null ? { ...one, label: 'As everywhere' } : one));
export const phoneRoom = step('phone-room', 'Room over it', 'phones', phoneStanding.room, asEverywhere(rooms), times);
export const phoneAlign = step('phone-align', 'Its words stand', 'phones', phoneStanding.align, asEverywhere(aligns), itself);
export const phoneSize = step('phone-size', 'Size of its words', 'phones', phoneStanding.size, asEverywhere(sizes), times);
