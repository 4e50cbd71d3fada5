import { NextResponse, type NextRequest } from 'next/server';
import { wrongAddress } from '@/core/address';
import { addresses } from '@/standins/addresses';

/**
 * The gate: by the name that was asked, a request is the studio's, a published shop's, or the payment provider's. Each has an origin of its
 * own, and none is seen at another's.
 */
export function proxy(request: NextRequest): NextResponse {
  const { whose, shop } = addresses();
  const asked = whose(request.headers.get('host'));
  const { pathname, search } = request.nextUrl;
  if (!isText(pathname)) return new NextResponse('This address can’t be read.', { status: 400 });
  if (!asked) return new NextResponse('There is nothing here at this name.', { status: 421 });
  if (asked.kind === 'shop') return NextResponse.rewrite(new URL(`/s/${asked.name}${pathname}${search}`, request.url));
  if (asked.kind === 'payments') return NextResponse.rewrite(new URL(`/standin/pay${pathname}${search}`, request.url));
  // The provider's page is seen at the provider's name alone.
  if (pathname.startsWith('/standin/pay')) return new NextResponse('There is nothing here at this name.', { status: 404 });
  // Links of before shops had origins of their own.
  const [, at = '', rest = ''] = /^\/s\/([^/]+)(\/.*)?$/.exec(pathname) ?? [];
  if (at && !wrongAddress(at)) return NextResponse.redirect(`${shop(at)}${rest.slice(1)}${search}`, 308);
  return studioPage(request);
}

/** Whether what is written in per cent signs is text (RFC 3986, section 2.1, in UTF-8). */
function isText(path: string): boolean {
  try {
    return decodeURIComponent(path) !== '';
  } catch {
    return false;
  }
}

/** The studio runs its own scripts, which carry a word that changes with each page, talks to its own server, and stands in nobody's frame. */
function studioPage(request: NextRequest): NextResponse {
  const nonce = Buffer.from(crypto.getRandomValues(new Uint8Array(16))).toString('base64');
  // The window in which the studio shows the shop is a page of its own, in a frame of the studio's.
  const framed = request.nextUrl.pathname.startsWith('/window/');
  const policy = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic' 'wasm-unsafe-eval'`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' blob: data:",
    "font-src 'self' data:",
    "connect-src 'self' blob:",
    "worker-src 'self' blob:",
    "frame-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    `frame-ancestors ${framed ? "'self'" : "'none'"}`,
  ].join('; ');
  const headers = new Headers(request.headers);
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', framed ? "frame-ancestors 'self'" : policy);
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('referrer-policy', 'same-origin');
  response.headers.set('cross-origin-opener-policy', 'same-origin');
  response.headers.set('cross-origin-resource-policy', 'same-origin');
  return response;
}

export const config = {
  // The host's interface looks at names itself: what goes through here is held in memory, and an archive may be large.
  matcher: ['/((?!standin/host/).*)'],
};
