/**
 * JSON in which a name stands twice in one object, with a number after the second and every further one: “Scale”, “Scale 2”. RFC 8259, 4,
 * leaves open which of them counts, and parsers keep the last alone; a list has two columns of that name. All else is left as it is.
 */
export function withOwnKeys(text: string): string {
  /** Names of each object that is open; null for an array. */
  const open: (Set<string> | null)[] = [];
  let made = '';
  let copied = 0;
  /** Where the last string began, while nothing but a colon can follow. */
  let string: { from: number; to: number } | null = null;
  for (let i = 0; i < text.length; i++) {
    const char = text[i];
    if (char === '"') {
      const from = i;
      for (i++; i < text.length && text[i] !== '"'; i++) if (text[i] === '\\') i++;
      string = { from, to: i };
    } else if (char === ':' && string) {
      const names = open.at(-1);
      const name = text.slice(string.from + 1, string.to);
      let own = name;
      for (let n = 2; names?.has(own); n++) own = `${name} ${n}`;
      names?.add(own);
      if (own !== name) {
        made += `${text.slice(copied, string.to)}${own.slice(name.length)}`;
        copied = string.to;
      }
      string = null;
    } else if (char === '{' || char === '[') {
      open.push(char === '{' ? new Set<string>() : null);
      string = null;
    } else if (char === '}' || char === ']') {
      open.pop();
      string = null;
    } else if (char === ',') string = null;
  }
  return copied ? made + text.slice(copied) : text;
}
