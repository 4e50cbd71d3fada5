/** Small, and bare of the marks that hurried writers leave out. */
export const plain = (text: string): string => (/^[\u0000-\u007f]*$/.test(text) ? text.toLowerCase() : plainForm(text));

const plainForm = (text: string): string =>
  text
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/ł/g, 'l')
    .replace(/ø/g, 'o')
    .replace(/đ/g, 'd')
    .replace(/ß/g, 'ss')
    .replace(/æ/g, 'ae')
    .replace(/ı/g, 'i')
    .normalize('NFKC');
