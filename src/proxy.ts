import { randomBytes } from 'node:crypto';
import { NextResponse, type NextRequest } from 'next/server';
import { hostAllowed, sameSite } from './server/shared/allowed-hosts';
import { kitchenInPath, LAST_KITCHEN } from './addresses';
import { readSettings } from './server/shared/settings';

const { hosts } = readSettings(process.env).settings;
/** As long as a device remembers which kitchen it used last. s. */
const A_YEAR = 365 * 86_400;
const dev = process.env.NODE_ENV !== 'production';

/**
 * Stands before every page and every question: refuses names that the server is not known by, addresses that cannot be read, and
 * writes that come from elsewhere, and lets pages run only their own scripts. What is sent to a door (`…/api/do/…`) is looked at there,
 * where its body is not held back. A device remembers the kitchen that it used last.
 */
export function proxy(request: NextRequest): Response {
  const host = request.headers.get('host');
  if (!hostAllowed(host, hosts))
    return new Response(
      `This server is not known as “${host ?? ''}”. Whoever runs it can add the name to ZEST_HOSTS.\n`,
      {
        status: 421,
      },
    );
  if (!readable(request.nextUrl.pathname)) return new Response('This address cannot be read.\n', { status: 400 });
  if (!['GET', 'HEAD', 'OPTIONS'].includes(request.method) && !sameSite(request.headers))
    return new Response('Only the pages of this server may do this.\n', { status: 403 });
  const nonce = randomBytes(16).toString('base64');
  const policy = policyWith(nonce);
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy);
  const kitchen = kitchenInPath(request.nextUrl.pathname);
  if (kitchen !== null && request.cookies.get(LAST_KITCHEN)?.value !== kitchen)
    response.cookies.set(LAST_KITCHEN, kitchen, { path: '/', sameSite: 'lax', httpOnly: true, maxAge: A_YEAR });
  return response;
}

function readable(path: string): boolean {
  try {
    return !decodeURIComponent(path).includes('\0');
  } catch {
    return false;
  }
}

function policyWith(nonce: string): string {
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${dev ? " 'unsafe-eval'" : ''}`,
    // While it is being developed, styles are put in by scripts that know no nonce.
    `style-src-elem 'self' ${dev ? "'unsafe-inline'" : `'nonce-${nonce}'`}`,
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    `connect-src 'self'${dev ? ' ws:' : ''}`,
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
}

export const config = { matcher: ['/((?!_next/static|_next/image|icon.svg|api/do/|k/[^/]+/api/do/).*)'] };
