import { hear, most, textOf } from '@/standins';
import { answering, json, refuse } from '../../../doors';

type Call = { params: Promise<{ address: string }> };

/** Messages of the payment provider: signed, in any order, as often as it likes. */
export const POST = answering<Call>(async (request, { params }) => {
  const { address } = await params;
  const text = await textOf(request, most.note);
  if (!text.ok) return refuse(413, text.say);
  const field = (name: string) => request.headers.get(name) ?? '';
  const heard = hear(
    address,
    { text: text.value, at: field('x-signed-at'), signature: field('x-signature') },
    new Date().toISOString(),
  );
  return heard.ok ? json(200, { state: heard.value }) : refuse(409, heard.say);
});
