import { resolve } from 'node:path';

/** Where the stand-ins keep what they know. `ARCATUM_DATA` moves it. */
export const dataFolder = (): string => resolve(/* turbopackIgnore: true */ process.env.ARCATUM_DATA ?? '.arcatum');
