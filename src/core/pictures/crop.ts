import { type Picture } from '../project';
import { fail, ok, type Result } from '../result';
import { framePixels, isAll, type Frame } from './frame';
import { keepPicture, type Codec, type Kept } from './keep';

/** Fewer pixels than these along a side are no picture any more. */
const leastPixels = 48;

/** A picture as it was before it was cropped: what its crops are made of. */
export const uncut = ({ crop, name, says, ...whole }: Picture): Picture => ({
  ...(crop?.whole ?? whole),
  name,
  says,
  crop: null,
});

/** What is kept of a picture as it was before any crop, its name and words aside. */
function wholeOf(picture: Picture): NonNullable<Picture['crop']>['whole'] {
  const { hash, type, width, height, bytes, sizes, focus, fit, cuts, ground, colours, rim } = uncut(picture);
  return { hash, type, width, height, bytes, sizes, focus, fit, cuts, ground, colours, rim };
}

/**
 * A picture cropped to a part of what it was before any crop; all of it brings that back. What it was stays with it.
 * @param bytes of the picture before any crop
 */
export async function cropPicture(picture: Picture, bytes: Uint8Array, frame: Frame, codec: Codec): Promise<Result<Kept>> {
  const { name, says } = picture;
  const whole = wholeOf(picture);
  if (whole.type === 'image/svg+xml') return fail(`“${name}” is a drawing: crop it where it was drawn.`);
  if (isAll(frame)) return ok({ picture: uncut(picture), files: new Map(), notes: [] });
  const part = framePixels(frame, whole);
  if (Math.min(part.width, part.height) < leastPixels)
    return fail(`${part.width} × ${part.height} pixels are no picture any more: take a larger part of “${name}”.`);
  const kept = await keepPicture(name, await codec.crop(bytes, part), codec);
  if (!kept.ok) return kept;
  return ok({ ...kept.value, picture: { ...kept.value.picture, name, says, crop: { frame, whole } } });
}
