/** Words as a reader sees them: without the marks of markup, the edges of quoted mail, and more than single spaces. */
export const plain = (raw: string): string =>
  raw
    .replace(/\n(?:\s*>)+ ?/g, ' ')
    .replace(/(\*\*|__|~~|`)/g, '')
    .replace(/(^|\s)[*_](\S[^*_\n]*)[*_](?=[\s.,;:!?]|$)/g, '$1$2')
    .replace(/\[([^\]\n]*)\]\((?:[^)\n]*)\)/g, '$1')
    .replace(/\s+/g, ' ')
    .trim();
