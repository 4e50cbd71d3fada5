import { addresses, bringBack, bytesOf, mayOpen, most, publish, status } from '@/standins';
import { type Result } from '@/core/result';
import { answering, json, keyOf, refuse, waits, wrong } from '../../doors';

type Call = { params: Promise<{ address: string }> };

const answer = (result: Result<object>) => (result.ok ? json(200, result.value) : refuse(409, result.say));

/** Why nobody publishes at an address with this key, or null. */
function shutTo(request: Request, address: string): Response | null {
  const shut = waits(request, address);
  if (shut || mayOpen(address, keyOf(request))) return shut;
  return wrong(address, `The address “${address}” belongs to another shop. Choose a different one.`, 409);
}

/** Where shops of this name are seen, and the releases at it. */
export const GET = answering<Call>(async (request, { params }) => {
  const { address } = await params;
  const key = keyOf(request);
  const shut = shutTo(request, address);
  if (shut) return shut;
  const found = status(address, key);
  return answer(found.ok ? { ...found, value: { at: addresses().shop(address), ...found.value } } : found);
});

/** Publishes an archive. */
export const PUT = answering<Call>(async (request, { params }) => {
  const { address } = await params;
  const key = keyOf(request);
  const shut = shutTo(request, address);
  if (shut) return shut;
  const archive = await bytesOf(request, most.site);
  return archive.ok ? answer(publish(address, key, archive.value, new Date().toISOString())) : refuse(413, archive.say);
});

/** Brings an earlier release back. */
export const POST = answering<Call>(async (request, { params }) => {
  const { address } = await params;
  const key = keyOf(request);
  const shut = shutTo(request, address);
  return shut ?? answer(bringBack(address, key, new URL(request.url).searchParams.get('release') ?? ''));
});
