import type { Op } from '@/core/case';
import {
  ANALYSES,
  findingRows,
  firingPlan,
  spanOf,
  type Channel,
  type FiringPlan,
  type Ran,
} from '@/core/traces';
import { csvOf, previewFile, type ReadAs } from '@/core/traces/files';
import { recordWithScope } from '@/sim/scope/scope';

/** Recordings of the demo shop: made with the simulated scope, always the same ones. */

const DAY = 86_400_000;

interface Wanted {
  caseNumber: number;
  name: string;
  test: string;
  fault: string;
  order: string;
  seed: number;
  daysAgo: number;
  sheet?: Record<string, unknown>;
  /** What was asked of it on the case, and of which earlier run it is the repeat. */
  run?: { id: string; analysis: string; ran: Ran; repeatOf?: string };
}

const trigger = { channel: 'coil 1 trigger', cylinder: 1, every: 720, advance: 0 };

const CRANKED: Ran = {
  roles: { current: ['starter current'], trigger: ['coil 1 trigger'] },
  settings: { cylinder: 1, advance: 0 },
};

const WANTED: Wanted[] = [
  {
    caseNumber: 35,
    name: 'cranking, cold',
    test: 'cranking',
    fault: 'healthy',
    order: '1-3-4-2',
    seed: 71,
    daysAgo: 9,
    sheet: {
      crank: trigger,
      pins: [{ id: 'a', at: 0.26, channel: '', words: 'inrush, then all four alike' }],
    },
  },
  {
    caseNumber: 25,
    name: 'cranking, valves tight',
    test: 'cranking',
    fault: 'low',
    order: '1-3-4-2',
    seed: 15,
    daysAgo: 157,
    sheet: { crank: trigger, stands: 'before' },
    run: { id: 'demo-run-1', analysis: 'cranking-compression', ran: CRANKED },
  },
  {
    caseNumber: 11,
    name: 'coolant pressure at idle',
    test: 'coolant',
    fault: 'gasket',
    order: '1-3-4-2',
    seed: 5,
    daysAgo: 200,
    sheet: { crank: trigger, stands: 'before' },
  },
  {
    caseNumber: 1,
    name: 'crank sensor, hot, as it cuts out',
    test: 'sensor',
    fault: 'silent',
    order: '1-3-4-2',
    seed: 8,
    daysAgo: 454,
    sheet: { stands: 'before' },
    run: {
      id: 'demo-run-3',
      analysis: 'drop-outs',
      ran: { roles: { signals: ['crank sensor', 'engine speed', 'coil 1'] }, settings: {} },
    },
  },
  {
    caseNumber: 1,
    name: 'crank sensor, hot, replaced',
    test: 'sensor',
    fault: 'healthy',
    order: '1-3-4-2',
    seed: 12,
    daysAgo: 453,
    sheet: { stands: 'after' },
    run: {
      id: 'demo-run-4',
      analysis: 'drop-outs',
      ran: { roles: { signals: ['crank sensor', 'engine speed', 'coil 1'] }, settings: {} },
      repeatOf: 'demo-run-3',
    },
  },
  { caseNumber: 42, name: 'cam and crank', test: 'cam', fault: 'late', order: '1-2-3', seed: 3, daysAgo: 3 },
  {
    caseNumber: 27,
    name: 'cam and crank, healthy engine',
    test: 'cam',
    fault: 'healthy',
    order: '1-2-3',
    seed: 4,
    daysAgo: 90,
    sheet: { stands: 'known-good' },
  },
  {
    caseNumber: 13,
    name: 'wheel speeds, straight on',
    test: 'wheels',
    fault: 'jagged',
    order: '1-3-4-2',
    seed: 9,
    daysAgo: 150,
  },
  {
    caseNumber: 25,
    name: 'cranking, valves set',
    test: 'cranking',
    fault: 'healthy',
    order: '1-3-4-2',
    seed: 31,
    daysAgo: 153,
    sheet: { crank: trigger, stands: 'after' },
    run: { id: 'demo-run-2', analysis: 'cranking-compression', ran: CRANKED, repeatOf: 'demo-run-1' },
  },
  {
    caseNumber: 40,
    name: 'cranking, as it came in',
    test: 'cranking',
    fault: 'low',
    order: '1-3-4-2',
    seed: 44,
    daysAgo: 0,
    sheet: { crank: trigger, order: '1-3-4-2' },
    run: { id: 'demo-run-5', analysis: 'cranking-compression', ran: CRANKED },
  },
  {
    caseNumber: 39,
    name: 'rail pressure, each injector pulsed twice',
    test: 'injectors',
    fault: 'clogged',
    order: '1-3-2',
    seed: 21,
    daysAgo: 1,
  },
];

/** Files of the demo traces, with the rows that go with them. */
export function demoTraces(now: Date) {
  return WANTED.map((w) => {
    const channels = recordWithScope(w);
    const { from, to } = spanOf(channels);
    const content = new TextEncoder().encode([...csvOf(channels, from, to)].join(''));
    const name = `${w.name.replace(/[^a-z]+/g, '-')}.csv`;
    const readAs: ReadAs = previewFile(content.subarray(0, 60_000), name, content.length).readAs;
    const at = new Date(now.getTime() - w.daysAgo * DAY).toISOString();
    return {
      caseNumber: w.caseNumber,
      ...(w.run ? { found: foundOps(w, w.run, channels, at) } : {}),
      name,
      content,
      trace: {
        name: w.name,
        source: `simulated scope: ${w.test}, ${w.fault}`,
        at,
        channels: channels.map((c) => `${c.name} (${c.unit})`),
        interval: `${Number((channels[0]!.interval * 1000).toPrecision(6))} ms`,
        readAs: JSON.stringify(readAs),
        sheet: JSON.stringify(w.sheet ?? {}),
      },
    };
  });
}

/** What the analysis finds on the recording, as the rows that putting it on the case makes. */
function foundOps(w: Wanted, run: NonNullable<Wanted['run']>, channels: Channel[], at: string) {
  const analysis = ANALYSES.find((a) => a.id === run.analysis)!;
  const byRole = Object.fromEntries(
    Object.entries(run.ran.roles).map(([role, names]) => [
      role,
      channels.filter((c) => names.includes(c.name)),
    ]),
  );
  const settings = analysis.settings.parse(run.ran.settings);
  const { findings } = analysis.run({ channels: byRole, engine: planOf(w.order) }, settings);
  return (traceId: string, causeId: string | undefined): Op[] => [
    {
      op: 'add',
      kind: 'test',
      id: run.id,
      row: {
        at,
        question: analysis.question,
        instrument: `trace: ${w.name}`,
        analysisId: analysis.id,
        traceId,
        ran: JSON.stringify(run.ran),
        repeatOf: run.repeatOf ?? null,
        position: 20,
      },
    },
    ...findingRows(findings).map((row, i): Op => ({
      op: 'add',
      kind: 'finding',
      id: `${run.id}-${i}`,
      row: { ...row, testId: run.id },
    })),
    ...(causeId && !run.repeatOf
      ? [
          {
            op: 'add',
            kind: 'explains',
            id: `${run.id}-by`,
            row: { causeId, of: 'test', what: run.id },
          } as const,
        ]
      : []),
  ];
}

function planOf(order: string): FiringPlan {
  const plan = firingPlan(order);
  if (typeof plan === 'string') throw new Error(plan);
  return plan;
}
