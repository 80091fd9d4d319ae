import { kindOf, meaningOf } from '@/core/codes';
import type { TradeFault } from './contract';

/** How common it is that a module is not fed, beside its own electronics being out of order. By judgement. */
const AS_COMMON = 1.5;
/** Chance that others say it is silent, where it is not fed. */
const SILENT = 0.85;

/** Whether a code says that a module does not answer. */
export const isSilence = (code: string): boolean => {
  const meaning = meaningOf(code);
  return kindOf(code, meaning) === 'communication' && /^lost communication with/i.test(meaning);
};

/**
 * For each module of which a table says that its electronics fail and that others then miss it: the same module without
 * its feed or ground (fuse, connector, ground point). It shows what the module's own failure shows, without the codes
 * that only a module that lives can set, and is found by measuring its supply under load. Common practice, no source.
 *
 * @param faults as the tables give them
 * @returns those further faults
 */
export function withoutSupply(faults: readonly TradeFault[]): TradeFault[] {
  return faults.flatMap((f) => {
    const silence = (codes: ReadonlyMap<string, number>) => [...codes].filter(([code]) => isSilence(code));
    if (f.failure !== 'internal fault' || silence(f.codes).length === 0) return [];
    const more = ([code, chance]: [string, number]): [string, number] => [
      code,
      Math.max(chance, Math.min(SILENT, chance * 2)),
    ];
    return [
      {
        ...f,
        failure: 'no supply',
        weight: f.weight * AS_COMMON,
        codes: new Map(silence(f.codes).map(more)),
        expected: new Map(silence(f.expected).map(more)),
        after: new Map([
          ['repair', 0.1],
          ['collision', 0.1],
          ['modification', 0.1],
        ]),
        tests: new Map([
          ['module-fed', 0.95],
          ['pins-look', 0.4],
          ['wiggle', 0.4],
          ['bus-scope', 0.04],
          ['bus-resist', 0.03],
          ['code-back', 0.6],
        ]),
        mistaken: [`${f.part}, internal fault`, 'data bus'],
      },
    ];
  });
}
