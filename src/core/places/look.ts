import { z } from 'zod';
import {
  alignIds,
  faceIds,
  familyIds,
  harmonyIds,
  motionIds,
  pictureSizes,
  type pickedRoles,
  roomSteps,
  schemeIds,
  sizeSteps,
  toneIds,
  treatmentIds,
} from '../look/about';
import { artIds, markIds } from '../pictures/about';
import { kindOfSection, narrowestOf, resizesOf } from '../sections/about';
import { pageParts, saySpan, spanSchema } from '../span';
import { definePlace, type Address, type At } from './place';
import { turns, turnsAt, turnsTo } from './says';

const colour = z.string().regex(/^#[0-9a-f]{6}$/);
const face = z.string().refine((id) => faceIds.includes(id), 'This typeface does not ship with Arcatum.');

export const family = definePlace({ address: ['look', 'family'], value: z.enum(familyIds), says: turnsTo('Family') });
export const head = definePlace({
  address: ['look', 'head'],
  value: z.enum(familyIds).nullable(),
  says: turnsTo('Arrangement of the header'),
});
export const foot = definePlace({
  address: ['look', 'foot'],
  value: z.enum(familyIds).nullable(),
  says: turnsTo('Arrangement of the footer'),
});
export const scheme = definePlace({ address: ['look', 'scheme'], value: z.enum(schemeIds), says: turnsTo('Ground') });
export const harmony = definePlace({
  address: ['look', 'harmony'],
  value: z.enum(harmonyIds).nullable(),
  says: turnsTo('Harmony'),
});
export const mix = definePlace({
  address: ['look', 'mix'],
  value: z.number().int().min(0).max(1_000_000),
  says: turns('Mixture'),
});
export const headingFace = definePlace({ address: ['look', 'heading'], value: face, says: turnsTo('Face of headings') });
export const textFace = definePlace({ address: ['look', 'text'], value: face, says: turnsTo('Face of texts') });
export const corner = definePlace({
  address: ['look', 'corner'],
  value: z.number().min(0).max(99),
  says: turns('Corners', ' px'),
});
export const rule = definePlace({ address: ['look', 'rule'], value: z.number().min(0).max(6), says: turns('Lines', ' px') });
export const room = definePlace({
  address: ['look', 'room'],
  value: z.number().min(0.6).max(1.6),
  says: turns('Room between things'),
});
export const treatment = definePlace({
  address: ['look', 'treatment'],
  value: z.enum(treatmentIds),
  says: turnsTo('Treatment of pictures'),
});
export const motion = definePlace({ address: ['look', 'motion'], value: z.enum(motionIds), says: turnsTo('Motion') });
export const art = definePlace({ address: ['look', 'art'], value: z.enum(artIds), says: turnsTo('Made pictures') });

/** The genes of a look: each is chosen at a place of its own. */
export const genePlaces = {
  family,
  head,
  foot,
  scheme,
  harmony,
  mix,
  heading: headingFace,
  text: textFace,
  corner,
  rule,
  room,
  treatment,
  motion,
  art,
} as const;

const roleNames = { accent: 'Accent', second: 'Second colour', third: 'Third colour', ground: 'Ground colour' };
const pick = <const Role extends (typeof pickedRoles)[number]>(role: Role) =>
  definePlace({ address: ['look', role], value: colour, says: turns(roleNames[role]) });

/** Colours that the seller picked for a role of the palette. */
export const picked = { accent: pick('accent'), second: pick('second'), third: pick('third'), ground: pick('ground') } as const;

/** Colours that the palette is to be made of. */
export const givenColours = definePlace({
  address: ['look', 'colours'],
  value: z.array(colour).min(1).max(8),
  says: turns('Colours to work with'),
});

export const openingPicture = definePlace({
  address: ['look', 'opening'],
  value: z.enum(['goods', 'made']),
  says: (_, after) =>
    `The shop opens with ${after === 'goods' ? 'the goods' : after === 'made' ? 'a made picture' : 'what suits it'}`,
});

/** A picture of the seller's own that opens the shop: its name. */
export const openingShows = definePlace({
  address: ['look', 'openingShows'],
  value: z.string().min(1).max(300),
  says: (_, after) => (after ? `The shop opens with “${after}”` : 'The shop opens with no picture of its own'),
});

export const mark = definePlace({ address: ['look', 'mark'], value: z.enum(markIds), says: turnsTo('Mark') });
export const markSize = definePlace({
  address: ['look', 'markSize'],
  value: z.number().min(0.6).max(2.5),
  says: turns('Size of the mark'),
});
export const markFoot = definePlace({ address: ['look', 'markFoot'], value: z.boolean(), says: turns('The mark at the foot') });
export const markName = definePlace({
  address: ['look', 'markName'],
  value: z.boolean(),
  says: turns('The name beside the mark'),
});
/** The seller's own logo: a picture's name. */
export const logo = definePlace({ address: ['look', 'logo'], value: z.string().min(1).max(200), says: turns('Logo') });

/** What is kept while looks are tried: parts of the look, "order", "section:opening", single places. */
export const locks = definePlace({
  address: ['look', 'locks'],
  value: z.array(z.string().min(1).max(800)).max(200),
  says: turns('What is kept'),
});

type OfSection = At<[string, string]>;
const sectionOf = ({ parts: [page, section], names }: OfSection) => `${names.section(page, section)} on ${names.page(page)}`;

/** The tone of one section, beside the rest of its page. */
export const toneOf = definePlace({
  address: ['look', 'only', ':page', ':section'],
  value: z.enum(toneIds),
  says: turnsAt((at: OfSection) => `Tone of ${sectionOf(at)}`),
});

/** Goods that stand beside each other where there is room: less of them where there is less. */
export const goodsColumns = definePlace({
  address: ['look', 'columns'],
  value: z.number().int().min(1).max(6),
  says: turns('Goods beside each other'),
});
export const phoneColumns = definePlace({
  address: ['look', 'phone', 'columns'],
  value: z.number().int().min(1).max(3),
  says: turns('Goods beside each other on phones'),
});
export const phoneSize = definePlace({
  address: ['look', 'phone', 'size'],
  value: z.number().min(0.9).max(1.25),
  says: turns('Size of text on phones'),
});
/** A section that phones do without. */
export const offPhone = definePlace({
  address: ['look', 'phone', ':page', ':section'],
  value: z.literal('hidden'),
  says: (_, after, at: OfSection) => `${sectionOf(at)} is ${after ? 'left out' : 'shown'} on phones`,
});

/** From where to where on its page a section stands, where there is room to stand beside another. */
const span = definePlace({
  address: ['look', 'span', ':page', ':section'],
  value: (_page, section) => {
    const kind = kindOfSection(section);
    const least = kind ? narrowestOf(kind) : pageParts;
    return least < pageParts
      ? spanSchema.refine(({ from, to }) => to - from >= least, `It wants ${least} of the ${pageParts} parts of a page at least`)
      : null;
  },
  says: (_, after, at: OfSection) => `${sectionOf(at)} stands ${after ? `on ${saySpan(after)}` : 'as wide as its page has it'}`,
});

const steps = (all: readonly number[]) => z.number().refine((n) => all.includes(n), 'It goes in steps');
const times = (n: number | undefined) => (n === undefined ? 'as made' : `${Math.round(n * 100)} %`);
const aligned = { start: 'at the beginning of the line', middle: 'in the middle', end: 'at the end of the line' };

/** How a section stands beside its look, on all screens or on phones alone. */
const standingAt = <const Kind extends string>(kind: Kind, onPhones: string) => ({
  room: definePlace({
    address: ['look', `${kind}room`, ':page', ':section'],
    value: steps(roomSteps),
    says: (before, after, at: OfSection) => `Room over ${sectionOf(at)}${onPhones}: ${times(before)} → ${times(after)}`,
  }),
  align: definePlace({
    address: ['look', `${kind}align`, ':page', ':section'],
    value: z.enum(alignIds),
    says: (_, after, at: OfSection) => `Words of ${sectionOf(at)}${onPhones} stand ${after ? aligned[after] : 'as made'}`,
  }),
  size: definePlace({
    address: ['look', `${kind}size`, ':page', ':section'],
    value: steps(sizeSteps),
    says: (before, after, at: OfSection) => `Size of words in ${sectionOf(at)}${onPhones}: ${times(before)} → ${times(after)}`,
  }),
});

/** How large the picture of a section is, where there is room for words beside it. */
const pictures = definePlace({
  address: ['look', 'pictures', ':page', ':section'],
  value: (_page, section) => {
    const kind = kindOfSection(section);
    const sizes = kind ? resizesOf(kind) : [];
    return sizes.length ? z.enum(pictureSizes).refine((size) => sizes.includes(size), 'It has all the width of its words') : null;
  },
  says: (before, after, at: OfSection) => `Picture in ${sectionOf(at)}: ${before ?? 'as made'} → ${after ?? 'as made'}`,
});

export const standing = { span, pictures, ...standingAt('', '') };
export const phoneStanding = standingAt('phone-', ' on phones');

const atPlace = 'at:';

/** The lock of a single place: what stands there stays, whatever is tried. */
export const lockOf = (place: Address): string => `${atPlace}${place}`;

/** The single places that are locked. */
export const lockedPlaces = (locked: readonly string[]): Address[] =>
  locked.flatMap((lock) => (lock.startsWith(atPlace) ? [lock.slice(atPlace.length)] : []));
