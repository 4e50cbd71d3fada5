/** A result that a seller can cause: either a value, or a sentence that says what to do. */
export type Result<T> = { ok: true; value: T } | { ok: false; say: string };

export const ok = <T>(value: T): Result<T> => ({ ok: true, value });
export const fail = (say: string): { ok: false; say: string } => ({ ok: false, say });
