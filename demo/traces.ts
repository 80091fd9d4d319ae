import { spanOf } from '@/core/traces';
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
}

const trigger = { channel: 'coil 1 trigger', cylinder: 1, every: 720, advance: 0 };

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
    seed: 12,
    daysAgo: 120,
    sheet: { crank: trigger, stands: 'before' },
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
];

/** Files of the demo traces, with the rows that go with them. */
export function demoTraces(now: Date) {
  return WANTED.map((w) => {
    const channels = recordWithScope(w);
    const { from, to } = spanOf(channels);
    const content = new TextEncoder().encode([...csvOf(channels, from, to)].join(''));
    const name = `${w.name.replace(/[^a-z]+/g, '-')}.csv`;
    const readAs: ReadAs = previewFile(content.subarray(0, 60_000), name, content.length).readAs;
    return {
      caseNumber: w.caseNumber,
      name,
      content,
      trace: {
        name: w.name,
        source: `simulated scope: ${w.test}, ${w.fault}`,
        at: new Date(now.getTime() - w.daysAgo * DAY).toISOString(),
        channels: channels.map((c) => `${c.name} (${c.unit})`),
        interval: `${Number((channels[0]!.interval * 1000).toPrecision(6))} ms`,
        readAs: JSON.stringify(readAs),
        sheet: JSON.stringify(w.sheet ?? {}),
      },
    };
  });
}
