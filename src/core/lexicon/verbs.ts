import { unpack } from './packed';
import { once } from '../once';
import { packedVerbs } from './verbs.generated';

const verbs = once(() => new Set(unpack(packedVerbs).split('\n')));

/** Whether a word can be a verb in its base form, as after "we" and "I". Most such words can be nouns too. */
export const isVerb = (word: string): boolean => verbs().has(word.toLowerCase());
