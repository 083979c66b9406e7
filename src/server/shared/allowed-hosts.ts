const LOOPBACK = new Set(['localhost', '127.0.0.1', '[::1]']);

/** The name in a Host header, without its port and in lower case. */
const hostName = (host: string) => host.toLowerCase().replace(/:\d+$/, '');

/** May the server be asked by this name? A foreign name that was pointed at it may not: its pages would count as the server's own. */
export function hostAllowed(host: string | null, allowed: readonly string[]): boolean {
  if (!host) return false;
  const name = hostName(host);
  return LOOPBACK.has(name) || allowed.some((a) => name === a || name === `[${a}]`);
}

/**
 * Does a request that changes something come from the server's own pages? Browsers say so in `Origin`, or in `Sec-Fetch-Site` where
 * they leave that out; what says neither is a program, and may.
 */
export function sameSite(headers: Pick<Headers, 'get'>): boolean {
  const site = headers.get('sec-fetch-site');
  if (site !== null && site !== 'same-origin' && site !== 'none') return false;
  const origin = headers.get('origin');
  if (origin === null) return true;
  try {
    return new URL(origin).host.toLowerCase() === headers.get('host')?.toLowerCase();
  } catch {
    return false;
  }
}
