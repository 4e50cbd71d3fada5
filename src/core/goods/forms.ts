/** The forms that a catalogue goes out in, by the ending of their files. */
export const catalogueForms = [
  { id: 'csv', name: 'CSV', type: 'text/csv' },
  { id: 'xlsx', name: 'Spreadsheet', type: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet' },
  { id: 'json', name: 'JSON', type: 'application/json' },
  { id: 'jsonld', name: 'schema.org', type: 'application/ld+json' },
  { id: 'xml', name: 'Feed', type: 'application/rss+xml' },
] as const;
export type CatalogueForm = (typeof catalogueForms)[number]['id'];

const megabyte = 1024 * 1024;

/** The bytes that a list of some file name may have; an archive holds pictures too. */
export const mostBytes = (name: string): number => (/\.(?:zip|xlsx|ods)$/i.test(name) ? 600 : 64) * megabyte;

/** What is said of a file that is larger. */
export const sayTooLarge = (name: string): string =>
  `“${name}” is larger than ${mostBytes(name) / megabyte} MB. Split it and bring in one part after another.`;
