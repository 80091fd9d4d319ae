import type { Move } from '@/core/guide/opening-moves/circumstances';

/** A test of the trade: a procedure with an id by which faults refer to it. */
export interface TradeTest extends Move {
  id: string;
  tool: string;
}

/** A sign that a fault shows, and under which conditions it mostly does. */
export interface Sign {
  symptom: string;
  chance: number;
  when: readonly string[];
}

/** One fault as the trade knows it, among diagnosed vehicles. General practice; no source but where a file names one. */
export interface TradeFault {
  /** Part and failure, in the words of the starter list. */
  part: string;
  failure: string;
  /** Where it can occur, as words of `PLACES`; empty for everywhere. */
  where: readonly string[];
  /** Kinds of vehicle that have nothing of the sort. */
  notOn: readonly NotOn[];
  /** How common among diagnosed vehicles on which it can occur, in parts of all. */
  weight: number;
  signs: readonly Sign[];
  /** Codes, each with the chance that it is set. */
  codes: ReadonlyMap<string, number>;
  /** Codes by what their absence says: of a group of which one is mostly set, each is a part of that. */
  expected: ReadonlyMap<string, number>;
  /**
   * Codes of its part that the dictionary knows beside those: they speak for it where one is set, but of so many that
   * none being set says nothing.
   */
  rarely: ReadonlyMap<string, number>;
  /** What often went before, by kind of event. */
  after: ReadonlyMap<string, number>;
  /** Tests by id, with the chance that each fails. */
  tests: ReadonlyMap<string, number>;
  /** What it is mistaken for, as "part, failure" or a part. */
  mistaken: readonly string[];
}

/** What a system may be missing on: an electric vehicle has no exhaust, a motorcycle no doors. */
export type NotOn = 'electric' | 'bike';

/** Words of `where`: fuels, kinds and layouts. */
export const PLACES = [
  'petrol',
  'diesel',
  'gas',
  'hybrid',
  'electric',
  'bike',
  'truck',
  'old',
  'turbo',
  'direct',
  'auto',
  'manual',
] as const;

/** Faults of one system, one line each; see `read-faults.ts` for how a line is read. */
export interface FaultFile {
  system: string;
  /** Kinds of vehicle that do not have this system. */
  notOn?: readonly NotOn[];
  table: string;
}
