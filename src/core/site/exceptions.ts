import { type Project } from '../project';

export type Tone = 'raised' | 'accent' | 'second' | 'inverse';

/** Places that differ from the look of the whole: sections in a tone of their own, and what phones alone have otherwise. */
export interface Exceptions {
  only: { page: string; section: string; tone: Tone }[];
  phone: { columns: number | null; size: number | null; hidden: { page: string; section: string }[] };
}

export function exceptionsOf({ decisions }: Pick<Project, 'decisions'>): Exceptions {
  const only: Exceptions['only'] = [];
  const hidden: Exceptions['phone']['hidden'] = [];
  let columns: number | null = null;
  let size: number | null = null;
  for (const { place, value } of decisions) {
    const [area, what, page = '', section = ''] = place.split('/');
    if (area !== 'look') continue;
    if (what === 'only' && typeof value === 'string') only.push({ page, section, tone: value as Tone });
    if (what !== 'phone') continue;
    if (page === 'columns' && typeof value === 'number') columns = value;
    else if (page === 'size' && typeof value === 'number') size = value;
    else if (value === 'hidden') hidden.push({ page, section });
  }
  return { only, phone: { columns, size, hidden } };
}
