import http from 'node:http';
import type { AddressInfo } from 'node:net';
import { describe, expect, it } from 'vitest';
import { inFront, isLoopbackAddress, ownNames, policyOf, refusalOf } from './front.mjs';

const names = ownNames({
  host: '0.0.0.0',
  names: 'vantle.shop.example',
  hostname: 'Bench',
  interfaces: {
    eth0: [
      { family: 'IPv4', address: '192.0.2.7' },
      { family: 'IPv6', address: 'fe80::1%eth0' },
    ],
  } as never,
});
const of = (method: string, headers: Record<string, string>, url = '/') =>
  refusalOf({ method, url, headers: { host: '192.0.2.7:3000', ...headers } }, names)?.status;

describe('what may come in', () => {
  it('by the names of this server and no other', () => {
    for (const host of [
      'localhost:3000',
      '192.0.2.7',
      '[fe80::1]:443',
      'bench',
      'BENCH.local',
      'vantle.shop.example',
    ])
      expect(of('GET', { host }), host).toBeUndefined();
    for (const host of [
      'evil.example',
      '192.0.2.8',
      'localhost.evil.example',
      '',
      'a b',
      '192.0.2.7@evil.example',
    ])
      expect(of('GET', { host }), host).toBe(421);
    expect(refusalOf({ headers: {} }, names)?.status).toBe(421);
  });
  it('on the loopback only by the names of the loopback', () => {
    const own = ownNames({ host: '127.0.0.1' });
    expect(refusalOf({ headers: { host: '192.0.2.7' } }, own)?.status).toBe(421);
    expect([...own]).toEqual(['localhost', '127.0.0.1', '[::1]']);
  });
  it('what writes only from a page of this origin, or from a program', () => {
    expect(of('POST', {})).toBeUndefined();
    expect(of('POST', { origin: 'https://192.0.2.7:3000' })).toBeUndefined();
    expect(of('POST', { 'sec-fetch-site': 'same-origin', origin: 'http://192.0.2.7:3000' })).toBeUndefined();
    for (const origin of [
      'https://evil.example',
      'null',
      'http://192.0.2.7:3001',
      'http://192.0.2.7',
      'file://192.0.2.7:3000',
    ])
      expect(of('POST', { origin }), origin).toBe(403);
    expect(of('DELETE', { 'sec-fetch-site': 'cross-site' })).toBe(403);
    expect(of('PUT', { 'sec-fetch-site': 'same-site' })).toBe(403);
    expect(of('GET', { origin: 'https://evil.example' })).toBeUndefined();
  });
  it('well encoded, and not without end', () => {
    for (const url of ['/cases/%E0%A4%A', '/%', '/experience/code/%zz'])
      expect(of('GET', {}, url), url).toBe(400);
    expect(of('GET', {}, `/find?q=${'a'.repeat(9000)}`)).toBe(414);
    expect(of('GET', {}, '/find?q=%zz')).toBeUndefined();
  });
  it('the loopback is told from the shop', () => {
    for (const a of ['127.0.0.1', '::1', '::ffff:127.0.0.1', '127.8.9.1'])
      expect(isLoopbackAddress(a), a).toBe(true);
    for (const a of ['10.0.0.1', '128.0.0.1', '::2', '127.0.0.1.evil', undefined])
      expect(isLoopbackAddress(a)).toBe(false);
  });
});

describe('in front of the application', () => {
  const through = async (headers: Record<string, string>, options: object = {}) => {
    let seen: http.IncomingHttpHeaders = {};
    const server = http.createServer(
      inFront(
        (request, response) => {
          seen = request.headers;
          response.end('ok');
        },
        { names: new Set(['127.0.0.1']), ...options },
      ),
    );
    await new Promise<void>((r) => server.listen(0, '127.0.0.1', r));
    const { port } = server.address() as AddressInfo;
    const answer = await fetch(`http://127.0.0.1:${port}/`, { headers });
    await answer.text();
    server.close();
    return { seen, answer };
  };

  it('nobody says for themselves where they come from', async () => {
    const forged = {
      'x-vantle-peer': '127.0.0.1',
      'x-vantle-secure': 'yes',
      'x-forwarded-for': '203.0.113.9',
    };
    const { seen } = await through(forged);
    expect(seen).toMatchObject({ 'x-vantle-peer': '127.0.0.1', 'x-vantle-secure': 'no' });
    const proxied = await through({ ...forged, 'x-forwarded-proto': 'https' }, { proxy: '127.0.0.1' });
    expect(proxied.seen).toMatchObject({ 'x-vantle-peer': '203.0.113.9', 'x-vantle-secure': 'yes' });
    const silent = await through({}, { proxy: '127.0.0.1' });
    expect(silent.seen['x-vantle-peer']).toBe('unknown');
    const other = await through({ ...forged, 'x-forwarded-proto': 'https' }, { proxy: '192.0.2.1' });
    expect(other.seen).toMatchObject({ 'x-vantle-peer': '127.0.0.1', 'x-vantle-secure': 'no' });
  });

  it('every answer carries its policy, with a nonce of its own', async () => {
    const [a, b] = [await through({}), await through({})];
    for (const name of ['x-content-type-options', 'referrer-policy', 'permissions-policy', 'x-frame-options'])
      expect(a.answer.headers.get(name), name).toBeTruthy();
    const policy = (r: typeof a) => r.answer.headers.get('content-security-policy');
    expect(policy(a)).not.toBe(policy(b));
    expect(a.seen['content-security-policy']).toBe(policy(a));
    expect(policyOf('n')).toContain("frame-ancestors 'none'");
    expect(policyOf('n')).not.toMatch(/script-src[^;]*unsafe-inline|unsafe-eval'[^;]*'unsafe-inline/);
  });

  it('asks for TLS again where it came by TLS', async () => {
    expect((await through({})).answer.headers.get('strict-transport-security')).toBeNull();
    expect((await through({}, { secure: true })).answer.headers.get('strict-transport-security')).toContain(
      'max-age',
    );
  });
});
