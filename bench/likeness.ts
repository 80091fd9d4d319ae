import { distanceOf, fingerprintOf, nearestPrints, type Fingerprint } from '@/core/traces';
import { evidenceOfTraces } from './likeness-evidence';
import { KINDS, recordingOf } from './likeness-kinds';

/** Share of new recordings whose nearest in a library is of the same kind, and of the same kind and fault. */
export function nearestShare(
  perKind: number,
  first: number,
): { kind: number; fault: number; table: Map<string, string[]> } {
  const library: { name: string; test: string; print: Fingerprint }[] = KINDS.flatMap((k) =>
    Array.from({ length: perKind }, (_, i) => ({
      name: `${k.test} ${k.fault}`,
      test: k.test,
      print: fingerprintOf(recordingOf(k, 1000 + i * 17)),
    })),
  );
  let [kind, fault, n] = [0, 0, 0];
  const table = new Map<string, string[]>();
  for (const k of KINDS)
    for (let i = 0; i < 4; i++) {
      const query = fingerprintOf(recordingOf(k, first + i * 13));
      const ranked = library
        .map((l) => ({ l, d: distanceOf(query, l.print) ?? Infinity }))
        .sort((a, b) => a.d - b.d);
      n++;
      const name = `${k.test} ${k.fault}`;
      if (ranked[0]!.l.test === k.test) kind++;
      if (ranked[0]!.l.name === name) fault++;
      else table.set(name, [...(table.get(name) ?? []), ranked[0]!.l.name]);
    }
  return { kind: kind / n, fault: fault / n, table };
}

/** For `npm run bench -- likeness`. */
export async function likeness(): Promise<string> {
  const { kind, fault, table } = nearestShare(4, 60_001);
  const prints = KINDS.map((k, i) => fingerprintOf(recordingOf(k, 70_000 + i)));
  const many = Array.from({ length: 10_000 }, (_, i) => ({
    id: String(i),
    print: prints[i % prints.length]!,
  }));
  const asked = fingerprintOf(recordingOf(KINDS[3]!, 80_001));
  nearestPrints({ id: 'asked', print: asked }, many, 6);
  const began = performance.now();
  for (let i = 0; i < 5; i++) nearestPrints({ id: 'asked', print: asked }, many, 6);
  const ms = (performance.now() - began) / 5;
  // Beside it, in the same run: one bare pass over as many figures.
  const bare = performance.now();
  let sum = 0;
  for (let i = 0; i < 5; i++)
    for (const m of many)
      for (const c of m.print.channels)
        for (let k = 0; k < c.course.length; k++) sum += c.course[k]! * c.swing[k]!;
  const pass = (performance.now() - bare) / 5;
  const percent = (x: number) => `${(100 * x).toFixed(1)} %`;
  await Promise.resolve();
  return [
    `| nearest is of the same kind | ${percent(kind)} |`,
    '|---|---|',
    `| nearest is of the same kind and fault | ${percent(fault)} |`,
    `| 10,000 recordings looked through | ${ms.toFixed(0)} ms, ${(ms / pass).toFixed(1)} times a bare pass over the courses (${Number.isNaN(sum) ? '' : pass.toFixed(1)} ms) |`,
    '',
    'A recording as the only evidence for a cause, in a shop of five cases each: by its weight in the odds and the reach of likeness.',
    '',
    ...evidenceOfTraces(),
    '',
    ...[...table].map(([k, v]) => `- ${k} taken for: ${v.join(', ')}`),
  ].join('\n');
}
