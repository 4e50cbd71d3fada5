/** A word for addresses: lower case ASCII letters, digits and hyphens. "Crème de Ménage" → "creme-de-menage". */
export function slugify(text: string, otherwise = 'item'): string {
  const slug = text
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/ß/g, 'ss')
    .replace(/[øØ]/g, 'o')
    .replace(/[æÆ]/g, 'ae')
    .toLowerCase()
    .replace(/['’]/g, '')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60)
    .replace(/-+$/, '');
  return slug || otherwise;
}

/** Gives every text its own slug; the second "Blue" becomes "blue-2". */
export function uniqueSlugs(before: Iterable<string> = []): (text: string, otherwise?: string) => string {
  const taken = new Set<string>(before);
  return (text, otherwise) => {
    const base = slugify(text, otherwise);
    let slug = base;
    for (let n = 2; taken.has(slug); n++) slug = `${base}-${n}`;
    taken.add(slug);
    return slug;
  };
}
