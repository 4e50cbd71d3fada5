/** What a file is to browsers, by the ending of its name: those that a shop may give away or show. A page or a script is none of them. */
const kinds: Readonly<Record<string, string>> = {
  pdf: 'application/pdf',
  txt: 'text/plain; charset=utf-8',
  csv: 'text/csv; charset=utf-8',
  ics: 'text/calendar; charset=utf-8',
  vcf: 'text/vcard; charset=utf-8',
  gpx: 'application/gpx+xml',
  zip: 'application/zip',
  epub: 'application/epub+zip',
  odt: 'application/vnd.oasis.opendocument.text',
  ods: 'application/vnd.oasis.opendocument.spreadsheet',
  docx: 'application/vnd.openxmlformats-officedocument.wordprocessingml.document',
  xlsx: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  jpg: 'image/jpeg',
  jpeg: 'image/jpeg',
  png: 'image/png',
  webp: 'image/webp',
  mp3: 'audio/mpeg',
  m4a: 'audio/mp4',
  ogg: 'audio/ogg',
  flac: 'audio/flac',
  mp4: 'video/mp4',
  webm: 'video/webm',
};

/** Endings of files that play as a video. MP4 and WebM are what browsers play alike. */
const videoEndings = ['mp4', 'webm'] as const;

/** Largest file that a shop gives away or shows, bytes: it goes through the browser's storage, and to each who takes it. */
export const mostGiven = 40 * 1024 ** 2;

export const endingOf = (name: string): string => /\.([a-z0-9]{1,8})$/i.exec(name)?.[1]?.toLowerCase() ?? '';

/** The media type of a file by its name, or null where shops don't give such files. */
export const mediaTypeOf = (name: string): string | null => {
  const ending = endingOf(name);
  return Object.hasOwn(kinds, ending) ? (kinds[ending] ?? null) : null;
};

export const isVideo = (name: string): boolean => (videoEndings as readonly string[]).includes(endingOf(name));

/** Why a file is not taken, or empty. */
export function whyNotGiven(name: string, size: number, as: 'file' | 'video'): string {
  if (size > mostGiven) return `“${name}” is larger than the ${mostGiven / 1024 ** 2} MB that a shop gives away.`;
  if (as === 'video') return isVideo(name) ? '' : `“${name}” is no video that all browsers play. Save it as MP4 or WebM.`;
  return mediaTypeOf(name)
    ? ''
    : `“${name}” is of a kind that shops don't give away. A PDF, a picture, a table, a text, sound, a video or a zip can be.`;
}

export const sizeOf = (bytes: number): string =>
  bytes < 1024 ** 2 ? `${Math.ceil(bytes / 1024)} kB` : `${(bytes / 1024 ** 2).toFixed(1)} MB`;
