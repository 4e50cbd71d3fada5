import { fail, ok, type Result } from './result';

/** A point on earth, decimal degrees of WGS 84: north and east are above zero. */
export type Position = { latitude: number; longitude: number };

const why = 'Write latitude and longitude in degrees, such as 55.9486, -3.1999 or N 55° 56.916’ W 3° 11.994’.';

const parts = String.raw`(?<deg>\d{1,3}(?:\.\d+)?)\s*°?\s*(?:(?<min>\d{1,2}(?:\.\d+)?)\s*['’′]\s*)?(?:(?<sec>\d{1,2}(?:\.\d+)?)\s*(?:["”″]|''|’’)\s*)?`;
const one = new RegExp(String.raw`^(?:(?<before>[NSEW])\s*|(?<sign>[-−+])\s*)?${parts}(?<after>[NSEW])?$`, 'i');

/** Degrees of one half, with the letter that says which half it is; null where it is none. */
function halfOf(text: string): { degrees: number; letter: string } | null {
  const { before, sign, deg = '', min, sec, after } = one.exec(text.trim())?.groups ?? {};
  if (!deg || (before && after) || (sign && after) || (min !== undefined && deg.includes('.'))) return null;
  const [minutes, seconds] = [Number(min ?? 0), Number(sec ?? 0)];
  if (minutes >= 60 || seconds >= 60) return null;
  const letter = (before ?? after ?? '').toUpperCase();
  const size = Number(deg) + minutes / 60 + seconds / 3600;
  return { degrees: size * (/[SW]/.test(letter) || /[-−]/.test(sign ?? '') ? -1 : 1), letter };
}

/** A position as people write it: decimal degrees, degrees with minutes and seconds, or a "geo:" address (RFC 5870). */
export function parsePosition(typed: string): Result<Position> {
  const text = typed.trim();
  const isAddress = /^geo:/i.test(text);
  // What stands behind a semicolon in an address tells how exact it is; where a comma is the point of decimals, it parts the halves.
  const bare = isAddress ? text.slice('geo:'.length).replace(/[;?].*$/, '') : text;
  const halves = !isAddress && bare.includes(';') ? bare.split(';') : splitHalves(bare);
  const [first, second, more] = halves.map((half) => halfOf(half.replace(/(\d),(\d)/, '$1.$2')));
  if (!first || !second || more !== undefined) return fail(why);
  const turned = /[EW]/.test(first.letter) || /[NS]/.test(second.letter);
  if (turned && (/[NS]/.test(first.letter) || /[EW]/.test(second.letter))) return fail(why);
  const [latitude, longitude] = turned ? [second.degrees, first.degrees] : [first.degrees, second.degrees];
  if (Math.abs(latitude) > 90) return fail('Latitude goes from -90 to 90 degrees, and stands first.');
  if (Math.abs(longitude) > 180) return fail('Longitude goes from -180 to 180 degrees, and stands second.');
  const rounded = (degrees: number) => Math.round(degrees * 1e6) / 1e6;
  return ok({ latitude: rounded(latitude), longitude: rounded(longitude) });
}

/** Two halves, parted by a comma with or without a space, by letters, or by space alone. */
function splitHalves(text: string): string[] {
  const commas = text.split(',');
  if (commas.length === 2) return commas;
  if (commas.length === 4) return [commas.slice(0, 2).join(','), commas.slice(2).join(',')];
  if (commas.length === 3) return text.split(/,\s+/);
  const leading = /^([NSEW][^NSEW]+)([NSEW].+)$/i.exec(text) ?? /^(.+?[NSEW])\s*(.+[NSEW])$/i.exec(text);
  return leading ? leading.slice(1, 3) : text.split(/\s+/);
}

export const writePosition = ({ latitude, longitude }: Position): string => `${latitude}, ${longitude}`;

/** The address that programs for maps open (RFC 5870). */
export const geoAddress = ({ latitude, longitude }: Position): string => `geo:${latitude},${longitude}`;
