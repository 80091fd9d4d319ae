import type { Move } from '@/core/guide/opening-moves/circumstances';
import type { FaultFile, TradeFault, TradeTest } from './contract';
import { AIR } from './faults/air';
import { BODY } from './faults/body';
import { BRAKES } from './faults/brakes';
import { CHARGING } from './faults/charging';
import { CHASSIS } from './faults/chassis';
import { CONTROL } from './faults/control';
import { CONVENIENCE } from './faults/convenience';
import { COOLING } from './faults/cooling';
import { ENGINE } from './faults/engine';
import { EXHAUST } from './faults/exhaust';
import { FUEL } from './faults/fuel';
import { HEAVY } from './faults/heavy';
import { HYBRID } from './faults/hybrid';
import { IGNITION } from './faults/ignition';
import { LAMPS } from './faults/lamps';
import { NETWORK } from './faults/network';
import { TRANSMISSION } from './faults/transmission';
import { VAPOUR } from './faults/vapour';
import { readFaults } from './read-faults';
import { TESTS_TABLE } from './tests-table';

export * from './contract';
export * from './knowledge';

/** All systems; a new one is one file and one entry here. */
export const FAULT_FILES: readonly FaultFile[] = [
  IGNITION,
  FUEL,
  VAPOUR,
  AIR,
  EXHAUST,
  ENGINE,
  CONTROL,
  COOLING,
  CHARGING,
  NETWORK,
  BRAKES,
  CHASSIS,
  TRANSMISSION,
  BODY,
  LAMPS,
  CONVENIENCE,
  HYBRID,
  HEAVY,
];

/** What the trade knows of faults, in the order of their systems. General practice, no source. */
export const TRADE_FAULTS: readonly TradeFault[] = FAULT_FILES.flatMap((f) => readFaults(f.table, f.notOn));

const list = (s: string) =>
  s
    .split(';')
    .map((x) => x.trim())
    .filter(Boolean);

/** The tests of the trade by id. */
export const TRADE_TESTS: ReadonlyMap<string, TradeTest> = new Map(
  TESTS_TABLE.trim()
    .split('\n')
    .map((line) => {
      const [id = '', question = '', expectation = '', minutes = '', tool = '', conditions = ''] = line
        .split('|')
        .map((c) => c.trim());
      const readings: Move['readings'] = [];
      return [
        id,
        { id, question, expectation, minutes: Number(minutes), tool, conditions: list(conditions), readings },
      ];
    }),
);
