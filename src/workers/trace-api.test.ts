import { describe, expect, it } from 'vitest';
import { SCOPE_TESTS } from '@/sim/scope/scope';
import { TraceApi, type AnalysisRequest } from './trace-api';

const file = (text: string) => new Blob([text]);
const ask = (more: Partial<AnalysisRequest>): AnalysisRequest => ({
  analysis: 'pulses',
  roles: { signal: [0] },
  settings: {},
  engine: { order: '1-3-4-2', strokes: 4, angles: '' },
  from: 0,
  to: Infinity,
  ...more,
});

/** Which analysis finds each fault of the simulated scope, and what it must then say. */
const FINDS: Record<
  string,
  { analysis: string; roles: Record<string, number[]>; settings?: Record<string, unknown> }
> = {
  cranking: { analysis: 'cranking-compression', roles: { current: [0], trigger: [1] } },
  coolant: { analysis: 'pulsation', roles: { pressure: [0], trigger: [1] } },
  injectors: { analysis: 'injector-drops', roles: { pressure: [0] }, settings: { injectors: 4 } },
  ignition: { analysis: 'ignition', roles: { voltage: [0], trigger: [1] }, settings: { cylinder: 1 } },
  cam: { analysis: 'cam-crank', roles: { crank: [0], cam: [1] }, settings: { normal: '71 251 431' } },
  wheels: { analysis: 'agreement', roles: { signals: [0, 1, 2, 3] }, settings: { jagged: 3 } },
  bus: { analysis: 'bus-levels', roles: { high: [0], low: [1] } },
  hold: { analysis: 'hold', roles: { signal: [0] } },
  actuator: { analysis: 'command-answer', roles: { command: [0], answer: [1] } },
  sensor: { analysis: 'drop-outs', roles: { signals: [0, 1, 2] } },
};

describe('a trace in its worker', () => {
  it('previews, reads with progress, shows, measures and writes out', async () => {
    const api = new TraceApi();
    const text = `time,a (V)\n${Array.from({ length: 500 }, (_, i) => `${i / 1000},${i === 333 ? 9 : Math.sin(i / 10).toFixed(4)}`).join('\n')}\n`;
    const seen = await api.preview(file(text), 'run.csv');
    if (!seen.ok) throw new Error(seen.message);
    const told: number[] = [];
    const read = await api.read(file(text), seen.value.readAs, (share) => told.push(share));
    if (!read.ok) throw new Error(read.message);
    expect(told.at(-1)).toBe(1);
    expect(read.value.channels[0]).toMatchObject({ name: 'a', unit: 'V', samples: 500, high: 9 });
    const view = api.view([0], 0, 0.5, 40);
    expect(Math.max(...view.columns[0]!.filter((v) => v === v))).toBe(9);
    expect(api.values([0.333])[0]![0]).toBe(9);
    const part = await api.csv(0.1, 0.2).text();
    expect(part.trim().split('\n')).toHaveLength(101);
  });
  it('says what is wrong instead of failing', async () => {
    const api = new TraceApi();
    expect(await api.preview(file(''), 'x.csv')).toMatchObject({
      ok: false,
      message: expect.stringContaining('empty') as string,
    });
    await api.simulate({ test: 'hold', fault: 'leak', order: '1-3-4-2', seed: 1 });
    for (const [more, says] of [
      [{ roles: {} }, 'Choose the channel'],
      [{ analysis: 'pulsation', engine: { order: '', strokes: 4, angles: '' } }, 'needs the firing order'],
      [{ analysis: 'cylinder-map', engine: { order: '1-1', strokes: 4, angles: '' } }, 'fires twice'],
      [{ from: 1, to: 1.01 }, 'fewer than 16 samples'],
    ] as const)
      expect(await api.analyse(ask(more))).toMatchObject({
        ok: false,
        message: expect.stringContaining(says) as string,
      });
    expect(
      await api
        .simulate({ test: 'none', fault: '', order: '1-3-4-2', seed: 1 })
        .catch((e: Error) => e.message),
    ).toContain('does not have this test');
  });
});

describe('the simulated scope', () => {
  it.each(SCOPE_TESTS.flatMap((t) => t.faults.map((f) => [t.id, f.id] as const)))(
    '%s, %s: the analysis for it tells',
    async (test, fault) => {
      const api = new TraceApi();
      const how = FINDS[test]!;
      for (const seed of [3, 17]) {
        await api.simulate({ test, fault, order: '1-3-4-2', seed });
        const use =
          test === 'wheels' && fault === 'dropping' ? { analysis: 'agreement', roles: how.roles } : how;
        const answer = await api.analyse(ask({ ...use, settings: use.settings ?? {} }));
        if (!answer.ok) throw new Error(answer.message);
        const fails = answer.value.findings.filter((f) => f.verdict === 'fail');
        expect([test, fault, fails.length > 0]).toEqual([test, fault, fault !== 'healthy']);
      }
    },
  );
  it('records the same for the same seed, and something else for another', async () => {
    const record = async (seed: number) => {
      const api = new TraceApi();
      await api.simulate({ test: 'cranking', fault: 'low', order: '1-3-4-2', seed });
      return api.csv(1, 1.02).text();
    };
    expect(await record(5)).toBe(await record(5));
    expect(await record(5)).not.toBe(await record(6));
  });
});
