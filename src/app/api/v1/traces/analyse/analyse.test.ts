import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { TraceAnswer } from '@/core/api';
import { ANALYSES, fittingAnalyses, isMeantFor, proposedRoles } from '@/core/traces';
import { csvOf } from '@/core/traces/files';
import { testShop, signedRequest } from '@/services/testing/test-shop';
import { recordWithScope } from '@/sim/scope/scope';
import { TraceApi } from '@/workers/trace-api';
import { POST } from './route';

let end: () => Promise<void>;
beforeAll(async () => {
  end = await testShop();
}, 60_000);
afterAll(() => end());

const send = (fields: Record<string, string | Blob>, name = 'run.csv') => {
  const form = new FormData();
  for (const [k, v] of Object.entries(fields)) {
    if (v instanceof Blob) form.set(k, v, name);
    else form.set(k, v);
  }
  return POST(signedRequest('http://shop/api/v1/traces/analyse', { method: 'POST', body: form }));
};
const recorded = (test: string, fault: string) => {
  const parts: BlobPart[] = [];
  for (const p of csvOf(recordWithScope({ test, fault, order: '1-3-4-2', seed: 5 }), -Infinity, Infinity))
    parts.push(p);
  return new Blob(parts);
};

describe('analysing a recording', () => {
  it('takes it for what its channels are called, and finds what the page finds', async () => {
    const response = await send({ file: recorded('cranking', 'low'), firingOrder: '1-3-4-2' });
    const answer = TraceAnswer.parse(await response.json());
    expect(answer.format).toContain('Table');
    const [found] = answer.analyses.filter((a) => a.analysis === 'cranking-compression');
    expect(found!.refused).toBe('');
    const fails = found!.findings.filter((f) => f.verdict === 'fail');
    expect(fails).toHaveLength(1);

    const page = new TraceApi();
    await page.simulate({ test: 'cranking', fault: 'low', order: '1-3-4-2', seed: 5 });
    const same = await page.analyse({
      analysis: 'cranking-compression',
      roles: { current: [0], trigger: [1] },
      settings: {},
      engine: { order: '1-3-4-2', strokes: 4, angles: '' },
      from: -Infinity,
      to: Infinity,
    });
    expect(same.ok && same.value.findings.filter((f) => f.verdict === 'fail').map((f) => f.about)).toEqual(
      fails.map((f) => f.about),
    );
  });
  it('says what it needs where it cannot say more', async () => {
    const answer = TraceAnswer.parse(
      await (await send({ file: recorded('cranking', 'low'), analysis: 'cranking-compression' })).json(),
    );
    expect(answer.analyses).toMatchObject([{ analysis: 'cranking-compression', findings: [] }]);
    expect(answer.analyses[0]!.refused).toMatch(/firing order/);
  });
  it('looks through a recording whose names tell nothing', async () => {
    const rows = Array.from({ length: 3000 }, (_, i) => `${i / 1000},${i > 2000 ? 0 : i % 10 < 5 ? 5 : 0}`);
    const file = new Blob([`Time (s),Channel A (V)\n${rows.join('\n')}\n`]);
    const answer = TraceAnswer.parse(await (await send({ file })).json());
    expect(answer.analyses).toMatchObject([
      { analysis: 'drop-outs', findings: [{ verdict: 'unsure', place: { channel: 'Channel A' } }] },
    ]);
  });
  it.each([
    [{ file: new Blob([]) }, /empty/],
    [{ file: new Blob(['\u0000\u0001 nothing']) }, /./],
    [{ analysis: 'drop-outs' }, /as "file"/],
    [{ file: recorded('hold', 'leak'), analysis: 'tea-leaves' }, /no analysis "tea-leaves"/],
    [{ file: recorded('hold', 'leak'), analysis: 'hold', roles: '{"signal":["moon"]}' }, /no channel "moon"/],
    [{ file: recorded('hold', 'leak'), analysis: 'hold', roles: '{"cheese":[]}' }, /no role "cheese"/],
    [{ file: recorded('hold', 'leak'), analysis: 'hold', roles: '{' }, /not valid JSON/],
    [{ file: recorded('hold', 'leak'), strokes: '3' }, /strokes/],
    [{ file: recorded('hold', 'leak'), analysis: 'drop-outs', settings: '{"longest":-1}' }, /longest/],
  ])('refuses with a sentence: %#', async (fields, says) => {
    const response = await send(fields);
    expect(response.status).toBe(400);
    expect(((await response.json()) as { error: string }).error).toMatch(says);
  });
  it('refuses what is no form', async () => {
    const response = await POST(
      signedRequest('http://shop/api/v1/traces/analyse', { method: 'POST', body: 'time,a\n0,1' }),
    );
    expect(response.status).toBe(400);
  });
});

describe('roles by name', () => {
  const of = (id: string) => ANALYSES.find((a) => a.id === id)!;
  const named = (...names: string[]) => names.map((name) => ({ name, unit: 'V' }));
  it('takes the trigger before the signal, and each channel once', () => {
    expect(
      proposedRoles(of('cranking-compression'), [
        { name: 'Trigger cyl 1', unit: 'V' },
        { name: 'Starter', unit: 'A' },
      ]),
    ).toMatchObject({ current: [1], trigger: [0] });
    expect(proposedRoles(of('drop-outs'), named('a', 'b')).signals).toEqual([0, 1]);
  });
  it('fits an analysis to channels by their names, their units, or else looks through them', () => {
    const first = (...c: [string, string][]) =>
      fittingAnalyses(
        c.map(([name, unit]) => ({ name, unit })),
        ANALYSES,
      )[0];
    expect(first(['starter current', 'A'], ['coil 1 trigger', 'V'])).toBe('cranking-compression');
    expect(first(['crank', 'V'], ['cam', 'V'])).toBe('cam-crank');
    expect(first(['FL', 'km/h'], ['FR', 'km/h'], ['RL', 'km/h'], ['RR', 'km/h'])).toBe('agreement');
    expect(first(['crank sensor', 'V'], ['engine speed', 'rpm'], ['coil 1', 'V'])).toBe('drop-outs');
    expect(first(['Channel A', 'V'])).toBe('drop-outs');
    expect(first(['specified rail', ''], ['actual rail', ''])).toBe('command-answer');
  });
  it('means an analysis for channels only where the names say so', () => {
    expect(isMeantFor(of('cam-crank'), named('Crank', 'Cam intake'))).toBe(true);
    expect(isMeantFor(of('cam-crank'), named('Crank', 'Supply'))).toBe(false);
    expect(isMeantFor(of('drop-outs'), named('Crank'))).toBe(false);
    expect(isMeantFor(of('command-answer'), named('Throttle command', 'Throttle actual'))).toBe(true);
  });
});
