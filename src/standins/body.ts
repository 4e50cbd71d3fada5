import { fail, ok, type Result } from '@/core/result';

/** How much each door takes, bytes. */
export const most = { site: 256 * 1024 ** 2, order: 256 * 1024, note: 16 * 1024 } as const;

const size = (bytes: number) => (bytes >= 1024 ** 2 ? `${bytes / 1024 ** 2} MiB` : `${bytes / 1024} KiB`);
const tooMuch = (limit: number) => fail(`This is more than the ${size(limit)} that are taken here.`);

/** The body of a request, read no further than is taken. */
export async function bytesOf(request: Request, limit: number): Promise<Result<Uint8Array>> {
  if (Number(request.headers.get('content-length') ?? 0) > limit) return tooMuch(limit);
  const parts: Uint8Array[] = [];
  let length = 0;
  const reader = request.body?.getReader();
  for (let read = await reader?.read(); read?.value; read = await reader?.read()) {
    length += read.value.length;
    if (length > limit) {
      await reader?.cancel();
      return tooMuch(limit);
    }
    parts.push(read.value);
  }
  return ok(new Uint8Array(Buffer.concat(parts)));
}

export async function textOf(request: Request, limit: number): Promise<Result<string>> {
  const bytes = await bytesOf(request, limit);
  return bytes.ok ? ok(new TextDecoder().decode(bytes.value)) : bytes;
}

/** A body of JSON; what is none is null. */
export async function jsonOf(request: Request, limit: number): Promise<Result<unknown>> {
  const text = await textOf(request, limit);
  if (!text.ok) return text;
  try {
    return ok(JSON.parse(text.value) as unknown);
  } catch {
    return ok(null);
  }
}
