// What every request passes before the application sees it: where it may come from, and what every answer carries.
// Nothing but Node, so that it can be tested by itself.
import { randomBytes } from 'node:crypto';
import os from 'node:os';

const LOOPBACK = /^(?:::1|(?:::ffff:)?127(?:\.\d{1,3}){3})$/;
export const isLoopbackAddress = (address) => LOOPBACK.test(address ?? '');

/** Names under which the shop's server may be asked, besides its own addresses: VANTLE_NAMES, parted by commas. */
export function ownNames({
  host,
  names = '',
  interfaces = os.networkInterfaces(),
  hostname = os.hostname(),
}) {
  const own = new Set(['localhost', '127.0.0.1', '[::1]']);
  if (!isLoopbackAddress(host)) {
    for (const list of Object.values(interfaces))
      for (const { address, family } of list ?? [])
        own.add(family === 'IPv6' ? `[${address.split('%')[0]}]` : address);
    own.add(hostname.toLowerCase());
    own.add(`${hostname.toLowerCase()}.local`);
  }
  for (const name of names.split(',').map((n) => n.trim().toLowerCase())) if (name !== '') own.add(name);
  return own;
}

/** The name in a Host header or an origin, without its port. */
const nameOf = (host) => /^(\[[0-9a-f:]+\]|[a-z0-9._-]+)(?::\d{1,5})?$/i.exec(host ?? '')?.[1]?.toLowerCase();

const READS = new Set(['GET', 'HEAD', 'OPTIONS']);

/**
 * Whether a request may come in; the refusal otherwise.
 *
 * - Host names this server: another name that leads here (DNS rebinding) is none of ours.
 * - What writes comes from a page of this very origin, or from a program that sends no origin and no browser's marks.
 * - The path is well encoded.
 */
export function refusalOf({ method = 'GET', url = '/', headers }, names) {
  if (!names.has(nameOf(headers.host) ?? ''))
    return {
      status: 421,
      error: 'This server goes by another name. Set VANTLE_NAMES to the names it is asked by.',
    };
  try {
    decodeURIComponent(url.split('?')[0]);
  } catch {
    return { status: 400, error: 'The address is not well encoded.' };
  }
  if (url.length > 8192) return { status: 414, error: 'The address is too long.' };
  if (READS.has(method)) return undefined;
  const { origin } = headers;
  const site = headers['sec-fetch-site'];
  const mine =
    origin === undefined
      ? site === undefined || site === 'same-origin' || site === 'none'
      : /^https?:\/\//.test(origin) &&
        origin.replace(/^https?:\/\//, '').toLowerCase() === headers.host.toLowerCase();
  return mine ? undefined : { status: 403, error: 'A page of another site may not write here.' };
}

/** A policy for the scripts of one answer. Styles stand in the page itself: the style sheets of components and what
 * a control computes for its own place; they can load nothing and run nothing. */
export const policyOf = (nonce) =>
  [
    "default-src 'none'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic' 'wasm-unsafe-eval'`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "media-src 'self' blob:",
    "font-src 'self'",
    "connect-src 'self' blob:",
    "worker-src 'self' blob:",
    "manifest-src 'self'",
    "frame-src 'self'",
    "form-action 'self'",
    "base-uri 'none'",
    "object-src 'none'",
    "frame-ancestors 'none'",
  ].join('; ');

export const HEADERS = {
  'x-content-type-options': 'nosniff',
  'x-frame-options': 'DENY',
  'referrer-policy': 'same-origin',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'permissions-policy':
    'camera=(self), microphone=(), geolocation=(), payment=(), usb=(), serial=(), midi=(), interest-cohort=()',
};

/** Headers that say where a request comes from; only this server may set them. */
const OWN_HEADERS = [
  'x-vantle-peer',
  'x-vantle-secure',
  'x-middleware-subrequest',
  'content-security-policy',
];

/**
 * A request handler in front of another.
 *
 * @param inner the application
 * @param options `names` as of `ownNames`; `secure` where this server speaks TLS; `proxy` the address of a trusted
 *   proxy, whose `x-forwarded-for` and `x-forwarded-proto` are believed
 */
export function inFront(inner, { names, secure = false, proxy = '' }) {
  return (request, response) => {
    for (const [name, value] of Object.entries(HEADERS)) response.setHeader(name, value);
    if (secure) response.setHeader('strict-transport-security', 'max-age=31536000');
    const { headers, socket } = request;
    for (const name of OWN_HEADERS) delete headers[name];
    const trusted = proxy !== '' && [proxy, `::ffff:${proxy}`].includes(socket.remoteAddress);
    const forwarded = trusted ? headers['x-forwarded-for']?.split(',').at(-1)?.trim() : undefined;
    // A proxy on this machine that does not say for whom it asks asks for nobody on this machine.
    headers['x-vantle-peer'] = trusted ? (forwarded ?? 'unknown') : (socket.remoteAddress ?? '');
    headers['x-vantle-secure'] =
      secure || (trusted && headers['x-forwarded-proto'] === 'https') ? 'yes' : 'no';
    const refusal = refusalOf(request, names);
    if (refusal) {
      response.writeHead(refusal.status, {
        'content-type': 'application/json; charset=utf-8',
        connection: 'close',
      });
      response.end(
        JSON.stringify({ error: refusal.error, code: refusal.status === 403 ? 'not allowed' : 'invalid' }),
      );
      return;
    }
    const policy = policyOf(randomBytes(16).toString('base64'));
    // Next takes the nonce for its own scripts from here.
    headers['content-security-policy'] = policy;
    response.setHeader('content-security-policy', policy);
    inner(request, response);
  };
}
