import type { CaseFile } from '../../src/core/exchange';
import { chance, pick, type Random } from '@/sim/random';

/** How a shop goes about its codes, and what else a case holds beside its one fault. */
export interface Ways {
  name: string;
  /** Scans beside the first: none, one after a clear before the repair, one after the repair too. */
  rescans: 'none' | 'before' | 'after';
  /** Share of cases with a code of another module that only passes on the fault. */
  knockOn: number;
  /** Share of cases with a second fault behind some of the signs. */
  second: number;
  /** Share of cases that came in after body work, with codes of what was unplugged. */
  bodyWork: number;
}

export const PLAIN: Ways = { name: 'one scan', rescans: 'none', knockOn: 0, second: 0, bodyWork: 0 };
export const CAREFUL: Ways = {
  name: 'cleared, read again and read after the repair',
  rescans: 'after',
  knockOn: 0.15,
  second: 0.06,
  bodyWork: 0.06,
};
export const HASTY: Ways = {
  ...CAREFUL,
  name: 'cleared and read again, no scan after the repair',
  rescans: 'before',
};

/** Codes that modules set when the engine's or the brakes' module reports a fault. */
const PASSED_ON = ['U0401', 'U0415', 'U0416', 'U0402', 'U0421', 'C0500'];
/** Codes of plugs that were off during body work. */
const UNPLUGGED = ['B0001', 'B0050', 'B1000', 'C1D00', 'U0159', 'U0232', 'B1301'];

export interface ScanHistory {
  scans: NonNullable<CaseFile['scans']>;
  clears: NonNullable<CaseFile['clears']>;
  earlier: NonNullable<CaseFile['earlier']>;
}

/**
 * What the reader of codes showed over the course of a case.
 *
 * @param r drawn from
 * @param real codes of the fault; mostly back at once after a clear, gone after the repair
 * @param noise codes that came with anything; hardly ever back
 * @param at times by the minute
 */
export function scanHistoryOf(
  r: Random,
  ways: Ways,
  real: readonly string[],
  noise: readonly string[],
  at: (minute: number) => string,
): ScanHistory {
  const passed = chance(r, ways.knockOn) && real.length > 0 ? [pick(r, PASSED_ON)] : [];
  const body = chance(r, ways.bodyWork);
  const plugs = body ? UNPLUGGED.filter(() => chance(r, 0.4)) : [];
  const first = [...new Set([...real, ...noise, ...passed, ...plugs])];
  const scan = (minute: number, phase: 'first' | 'after clear' | 'after repair', codes: string[]) => ({
    at: at(minute),
    phase,
    text: codes.length ? codes.map((c) => `${c} stored`).join('\n') : 'Engine: no codes',
  });
  const scans: ScanHistory['scans'] = [];
  const clears: ScanHistory['clears'] = [];
  if (first.length > 0) scans.push(scan(10, 'first', first));
  if (first.length > 0 && ways.rescans !== 'none') {
    clears.push({ at: at(12), note: '' });
    const back = first.filter((c) =>
      chance(r, real.includes(c) ? 0.8 : passed.includes(c) ? 0.7 : noise.includes(c) ? 0.12 : 0.03),
    );
    scans.push(scan(18, 'after clear', back));
    if (ways.rescans === 'after') {
      clears.push({ at: at(430), note: '' });
      scans.push(
        scan(
          480,
          'after repair',
          first.filter((c) => noise.includes(c) && chance(r, 0.08)),
        ),
      );
    }
  }
  return {
    scans,
    clears,
    earlier: body ? [{ kind: 'bodywork' as const, what: 'front end repaired' }] : [],
  };
}
