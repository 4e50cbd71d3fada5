import { givenFileSchema } from '../goods/about';
import { definePlace } from './place';

/** A file that the shop gives away, or shows: by the hash of its bytes. */
export const givenAway = definePlace({
  address: ['files', ':hash'],
  value: givenFileSchema,
  says: (before, after) => (after ? `The file “${after.name}” came` : `The file “${before?.name ?? ''}” went`),
});
