import { z } from 'zod';
import { jsonOf, most, recover } from '@/standins';
import { answering, json, refuse, waits, wrong } from '../../../doors';

type Call = { params: Promise<{ address: string }> };

const wantedSchema = z.object({ code: z.string().max(200) });

/** A new key for whoever has the recovery code. */
export const POST = answering<Call>(async (request, { params }) => {
  const { address } = await params;
  const body = await jsonOf(request, most.note);
  if (!body.ok) return refuse(413, body.say);
  const wanted = wantedSchema.safeParse(body.value);
  if (!wanted.success) return refuse(400, 'Say the recovery code.');
  const shut = waits(request, address);
  if (shut) return shut;
  const given = recover(address, wanted.data.code);
  return given.ok ? json(200, given.value) : wrong(address, given.say);
});
