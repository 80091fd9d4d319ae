import { createHash, timingSafeEqual } from 'node:crypto';

/** What a request says of where it comes from. The server in front sets `x-vantle-peer`; nobody else can. */
export const PEER = 'x-vantle-peer';

/** Whether a request comes from the machine that the server runs on. */
export function isLoopback(headers: Headers): boolean {
  const peer = headers.get(PEER);
  // Without the server in front there is only a developer's own, on the loopback.
  if (peer === null) return process.env.NODE_ENV !== 'production';
  return /^(?:::1|(?:::ffff:)?127(?:\.\d{1,3}){3})$/.test(peer);
}

/** Whether the page came over TLS, here or at the trusted proxy in front. */
export const isSecure = (headers: Headers): boolean => headers.get('x-vantle-secure') === 'yes';

export const sha256 = (text: string): string => createHash('sha256').update(text).digest('hex');

/** Whether two texts are the same, in a time that does not say how much of them is. */
export const sameText = (a: string, b: string): boolean =>
  timingSafeEqual(Buffer.from(sha256(a)), Buffer.from(sha256(b)));

/** One cookie of a request. */
export function cookieOf(headers: Headers, name: string): string | undefined {
  for (const part of (headers.get('cookie') ?? '').split(';')) {
    const at = part.indexOf('=');
    if (part.slice(0, at).trim() !== name) continue;
    try {
      return decodeURIComponent(part.slice(at + 1).trim());
    } catch {
      return undefined;
    }
  }
  return undefined;
}
