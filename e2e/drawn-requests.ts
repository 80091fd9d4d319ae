import { random } from '../src/sim/random';

/** Requests drawn over all routes: names, numbers and texts that nobody would send on purpose, and some that one would. */

const NASTY: readonly unknown[] = [
  ...[
    '',
    ' ',
    '0',
    '-1',
    '1e309',
    'null',
    'constructor',
    '__proto__',
    'toString',
    'hasOwnProperty',
    '../../etc/passwd',
  ],
  ...[
    '%E0%A4%A',
    '%00',
    '\u0000',
    '\ud800',
    '‮',
    "'; drop table cases; --",
    '<script>',
    '${7*7}',
    '\r\nset-cookie: x',
  ],
  ...[' '.repeat(900), '.'.repeat(5000), 'a'.repeat(20_000), 'P0171 '.repeat(400), '[['.repeat(300)],
  ...[
    0,
    -1,
    1.5,
    1e308,
    9007199254740991,
    true,
    false,
    null,
    [],
    {},
    [[]],
    JSON.parse('{"__proto__": {"x": 1}}'),
  ],
];
const WORDS = [
  'P0171',
  'rough idle when cold',
  'case 12',
  'battery 11.2V',
  'open',
  'corvane',
  '1,500 rpm',
  'not P0300',
];
const FIELDS = [
  ...[
    'do',
    'id',
    'name',
    'person',
    'personId',
    'pin',
    'passphrase',
    'changes',
    'seen',
    'words',
    'of',
    'concept',
    'code',
  ],
  ...[
    'says',
    'kind',
    'into',
    'rows',
    'settings',
    'hints',
    'procedure',
    'value',
    'values',
    'undo',
    'seq',
    'line',
    'put',
  ],
  ...[
    'traceId',
    'marked',
    'seconds',
    'file',
    'number',
    'vehicle',
    'format',
    'openedAt',
    'symptoms',
    'money',
    'days',
  ],
];
const DOES = [
  ...[
    'save',
    'remove',
    'teach',
    'forget',
    'add',
    'change',
    'merge',
    'undo',
    'load',
    'keep',
    'name',
    'person',
    'money',
  ],
  ...[
    'token',
    'device code',
    'revoke token',
    'unlock',
    'active',
    'pin',
    'passphrase',
    'admit',
    'connect',
    'scan',
  ],
];

export interface Drawn {
  method: string;
  path: string;
  type: string;
  body: string | undefined;
}

/**
 * Draws requests.
 *
 * @param routes as `GET /api/cases/[id]`
 * @param seed the same seed draws the same requests
 * @param ids of cases that are there
 */
export function* drawnRequests(
  routes: readonly string[],
  seed: number,
  ids: readonly string[],
): Generator<Drawn> {
  const next = random(seed);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(next() * list.length)]!;
  const text = (): string => String(pick(next() < 0.5 ? NASTY : WORDS));
  const value = (depth: number): unknown => {
    const what = next();
    if (what < 0.45) return pick(NASTY);
    if (what < 0.6) return pick(WORDS);
    if (what < 0.7) return pick(ids);
    if (depth > 4) return null;
    if (what < 0.85) return object(depth + 1);
    return Array.from({ length: Math.floor(next() * 4) }, () => value(depth + 1));
  };
  const object = (depth: number): Record<string, unknown> => {
    const made: Record<string, unknown> = next() < 0.7 ? { do: pick(DOES) } : {};
    for (let i = Math.floor(next() * 5); i >= 0; i--) made[pick(FIELDS)] = value(depth);
    return made;
  };
  const change = () => ({
    changes: [
      {
        id: `d${Math.floor(next() * 1e9)}`,
        ops: [
          {
            op: pick(['set', 'add', 'remove']),
            kind: pick([
              'case',
              'symptom',
              'scan',
              'code',
              'test',
              'reading',
              'attachment',
              'cause',
              'vehicle',
              'trace',
            ]),
            id: pick([...ids, 'row-1', 'row-2']),
            revision: pick([0, 1, 2, 1e9]),
            set: { [pick(['said', 'words', 'text', 'entered', 'mime', 'hash', 'readAs', 'year'])]: value(0) },
            was: {},
            row: {
              words: text(),
              code: text(),
              text: text(),
              mime: text(),
              hash: text(),
              name: text(),
              question: text(),
            },
          },
        ],
      },
    ],
  });
  const [calls, pages] = [
    routes.filter((r) => r.includes(' /api/')),
    routes.filter((r) => !r.includes(' /api/')),
  ];
  for (;;) {
    // A page takes far longer than a call.
    const [method, pattern] = pick(next() < 0.05 ? pages : calls).split(' ') as [string, string];
    const path = pattern.replace(/\[[^\]]*\]/g, () =>
      next() < 0.5
        ? pick(ids)
        : next() < 0.1
          ? '%E0%A4%A'
          : encodeURIComponent(text().toWellFormed().slice(0, 300)),
    );
    const asked = Array.from({ length: Math.floor(next() * 3) }, () => {
      const name = pick([
        'q',
        'since',
        'limit',
        'put',
        'for',
        'as',
        'files',
        'numbers',
        'use',
        'vin',
        'name',
        'day',
        'number',
      ]);
      return `${name}=${encodeURIComponent(text().toWellFormed().slice(0, 600))}`;
    });
    const body =
      method === 'GET' || next() < 0.05
        ? undefined
        : next() < 0.08
          ? pick(['', '{', '[]', 'null', '"x"', '{"a":'.repeat(2000), '[' + '1,'.repeat(5000) + '1]'])
          : JSON.stringify(/changes$/.test(pattern) && next() < 0.8 ? change() : object(0));
    yield {
      method,
      path: path + (asked.length ? `?${asked.join('&')}` : ''),
      type:
        next() < 0.9
          ? 'application/json'
          : pick(['text/plain', 'multipart/form-data; boundary=x', 'application/octet-stream', '']),
      body,
    };
  }
}

/** Everything of a shop as a stream: how long it takes to the end is a question of how much there is. */
const STREAMS: ReadonlySet<string> = new Set(['/api/v1/export', '/api/v1/shop']);

export interface Finding {
  request: string;
  what: string;
}

/**
 * Sends drawn requests, some at a time, and tells of those that are answered by an error of the server, or late: a
 * stream of all there is by its beginning, all else by its end.
 *
 * @param most how many
 * @param late seconds after which an answer is late
 */
export async function sendDrawn(
  url: string,
  token: string,
  routes: readonly string[],
  seed: number,
  most: number,
  late: number,
): Promise<{ findings: Finding[]; byStatus: Map<number, number>; slowest: number }> {
  const authorization = `Bearer ${token}`;
  const made = await Promise.all(
    ['shakes at idle', 'no start'].map(async () => {
      const r = await fetch(`${url}/api/cases`, {
        method: 'POST',
        headers: { authorization, 'content-type': 'application/json' },
        body: '{}',
      });
      return ((await r.json()) as { id: string }).id;
    }),
  );
  const drawn = drawnRequests(routes, seed, made);
  const findings: Finding[] = [];
  const byStatus = new Map<number, number>();
  let sent = 0;
  let slowest = 0;
  const sender = async () => {
    while (sent++ < most) {
      const { method, path, type, body } = drawn.next().value as Drawn;
      let begun = performance.now();
      const request = `${method} ${path.slice(0, 300)} ${(body ?? '').slice(0, 400)}`;
      try {
        const response = await fetch(url + path, {
          method,
          headers: { authorization, ...(type ? { 'content-type': type } : {}) },
          ...(body === undefined ? {} : { body }),
          redirect: 'manual',
        });
        const answered = performance.now();
        await response.arrayBuffer();
        if (STREAMS.has(path.split('?')[0]!)) begun += performance.now() - answered;
        byStatus.set(response.status, (byStatus.get(response.status) ?? 0) + 1);
        if (response.status >= 500) findings.push({ request, what: String(response.status) });
      } catch (e) {
        findings.push({ request, what: String(e) });
      }
      const took = (performance.now() - begun) / 1000;
      slowest = Math.max(slowest, took);
      if (took > late) findings.push({ request, what: `${took.toFixed(1)} s` });
    }
  };
  await Promise.all(Array.from({ length: 4 }, sender));
  return { findings, byStatus, slowest };
}
