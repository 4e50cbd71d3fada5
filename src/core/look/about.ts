import faceList from './faces.json';

/** Every family of looks. Definition, styles and wireframe of each are held to this list by the compiler. */
export const familyIds = [
  'ledger',
  'poster',
  'quiet',
  'cabinet',
  'broadsheet',
  'counter',
  'drawing',
  'almanac',
  'stall',
  'hanging',
  'board',
  'letter',
] as const;
export type FamilyId = (typeof familyIds)[number];

/** How the ground of a shop relates to its accent. */
export const schemeIds = ['paper', 'white', 'tinted', 'field', 'night', 'flood'] as const;
export type SchemeId = (typeof schemeIds)[number];

/** How a second hue stands to the first. */
export const harmonyIds = ['single', 'neighbours', 'triad', 'split', 'opposite'] as const;
export type HarmonyId = (typeof harmonyIds)[number];

/** What happens to pictures in lists and openings. A product's own page shows them as they are. */
export const treatmentIds = ['plain', 'framed', 'settled', 'one-ink'] as const;
export type Treatment = (typeof treatmentIds)[number];

export const motionIds = ['none', 'gentle'] as const;
export type Motion = (typeof motionIds)[number];

/** Tones that a single section can have beside the rest of its page. */
export const toneIds = ['raised', 'accent', 'second', 'inverse'] as const;
export type Tone = (typeof toneIds)[number];

/** Where the words of a section stand in it. */
export const alignIds = ['start', 'middle', 'end'] as const;
export type Align = (typeof alignIds)[number];

/** Room over a section, as a multiple of what its look has there. */
export const roomSteps = [0, 0.25, 0.5, 0.75, 1, 1.25, 1.5, 1.75, 2, 2.5, 3] as const;

/** Size of the words of a section, as a multiple of what they have by its look. */
export const sizeSteps = [0.8, 0.9, 1, 1.15, 1.3, 1.5] as const;

/** Size of the pictures of a section beside what its look has there. */
export const pictureSizes = ['small', 'smaller', 'larger', 'large'] as const;
export type PictureSize = (typeof pictureSizes)[number];

/** Roles of the palette that a seller can fill by hand. */
export const pickedRoles = ['ground', 'accent', 'second', 'third'] as const;
export type PickedRole = (typeof pickedRoles)[number];

/** Parts of a look that a seller can keep while the rest changes. */
export const partIds = ['family', 'head', 'foot', 'palette', 'type', 'shape', 'pictures'] as const;
export type Part = (typeof partIds)[number];

export const faceIds: readonly string[] = faceList.map((face) => face.id);
