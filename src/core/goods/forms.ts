/** The forms that a catalogue goes out in, by the ending of their files. */
export const catalogueForms = [
  { id: 'csv', name: 'CSV', type: 'text/csv' },
  { id: 'xlsx', name: 'Spreadsheet', type: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet' },
  { id: 'json', name: 'JSON', type: 'application/json' },
  { id: 'jsonld', name: 'schema.org', type: 'application/ld+json' },
  { id: 'xml', name: 'Feed', type: 'application/rss+xml' },
] as const;
export type CatalogueForm = (typeof catalogueForms)[number]['id'];
