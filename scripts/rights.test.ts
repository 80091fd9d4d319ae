import { readFileSync } from 'node:fs';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import prettier from 'prettier';
import { ACTIONS, tokenMayDo, type TokenScope } from '@/core/access';
import { actingAs } from '@/services/access/actor';
import { changeAccess } from '@/services/access/manage';
import { testShop } from '@/services/testing/test-shop';
import { rights, rightsTable } from './rights';

const all = rights();
const routes = all.filter((r) => !r.of.startsWith('page '));

describe('rights', () => {
  it('every route and page names an action that there is', () => {
    expect(all.length).toBeGreaterThan(60);
    expect(all.filter((r) => !Object.hasOwn(ACTIONS, r.action)).map((r) => r.of)).toEqual([]);
  });

  it('little is open', () => {
    const open = all.filter((r) => r.action === 'open').map((r) => r.of);
    expect(open.sort()).toEqual(
      [
        'GET /api/certificate',
        'GET /api/health',
        'POST /api/sign-in',
        'page /sign-in',
        'page /trust',
        'page /welcome',
      ].sort(),
    );
  });

  it('the document is the one that the code makes', async () => {
    const file = 'docs/access.md';
    const options = { ...(await prettier.resolveConfig(file)), parser: 'markdown' };
    expect(readFileSync(file, 'utf8')).toBe(await prettier.format(rightsTable(all), options));
  });
});

describe('route by route', () => {
  let end: () => Promise<void>;
  const tokens = new Map<TokenScope, string>();
  beforeAll(async () => {
    end = await testShop();
    const lead = { personId: 'lead', name: 'Lead', role: 'lead', via: 'session' } as const;
    for (const scope of ['look', 'technician', 'lead'] as const) {
      const done = await actingAs(lead, () =>
        changeAccess({ do: 'token', name: scope, scope, days: 1 }, lead),
      );
      tokens.set(scope, done.token!);
    }
  }, 30_000);
  afterAll(() => end());

  const ask = async (of: string, file: string, token?: string): Promise<number> => {
    const [method, path] = of.split(' ') as [string, string];
    const handlers = (await import(file)) as Record<string, (r: Request, c: unknown) => Promise<Response>>;
    const request = new Request(`http://shop${path}`, {
      method,
      headers: { 'content-type': 'application/json', ...(token ? { authorization: `Bearer ${token}` } : {}) },
      ...(method === 'GET' ? {} : { body: '"nothing that is taken"' }),
    });
    const params = { id: 'none', fileId: 'none-such', hash: 'none', file: 'none' };
    return (await handlers[method]!(request, { params: Promise.resolve(params) })).status;
  };

  it.each(routes.map((r) => [r.of, r] as const))('%s', async (_, { of, file, action }) => {
    const opens = action === 'open';
    expect((await ask(of, file)) === 401).toBe(!opens);
    if (!opens) expect(await ask(of, file, 'vt_nobody-made-this-one')).toBe(401);
    for (const [scope, token] of tokens) {
      const may = opens || tokenMayDo(scope, action as keyof typeof ACTIONS);
      expect((await ask(of, file, token)) === 403, scope).toBe(!may);
    }
  });
});
