declare module 'nspell' {
  interface Spelling {
    correct: (word: string) => boolean;
  }
  export default function nspell(aff: Buffer, dic: Buffer): Spelling;
}
