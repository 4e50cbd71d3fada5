import { bringBack, publish, status } from '@/standins';

type Call = { params: Promise<{ address: string }> };

const keyOf = (request: Request) => request.headers.get('x-owner-key') ?? '';

const answer = (result: ReturnType<typeof status> | ReturnType<typeof publish>) =>
  result.ok ? Response.json(result.value) : Response.json({ say: result.say }, { status: 409 });

/** The releases at an address. */
export async function GET(request: Request, { params }: Call): Promise<Response> {
  return answer(status((await params).address, keyOf(request)));
}

/** Publishes an archive. */
export async function PUT(request: Request, { params }: Call): Promise<Response> {
  const archive = new Uint8Array(await request.arrayBuffer());
  return answer(publish((await params).address, keyOf(request), archive, new Date().toISOString()));
}

/** Brings an earlier release back. */
export async function POST(request: Request, { params }: Call): Promise<Response> {
  const id = new URL(request.url).searchParams.get('release') ?? '';
  return answer(bringBack((await params).address, keyOf(request), id));
}
