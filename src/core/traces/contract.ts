import type { z } from 'zod';
import type { Verdict } from '@/core/case';
import type { Drawing, Finding } from '@/core/checks';
import type { Channel } from './channel';
import type { FiringPlan } from './engine';

/** What a channel is to an analysis: "current", "trigger". */
export interface Role {
  id: string;
  name: string;
  /** Several channels may take it. */
  many?: boolean;
  optional?: boolean;
  /** Names and units by which a channel is proposed for it. */
  guess: RegExp;
  /** Names that it is not proposed for, whatever their unit. */
  not?: RegExp;
}

/** A stretch of a trace that something was found in. */
interface Place {
  channel: string;
  /** Seconds; equal for a single moment. */
  from: number;
  to: number;
}

/** One thing found in a trace. */
export interface TraceFinding extends Finding {
  place?: Place;
  /** What is put on the case: a label, the value as typed, and the limit it is held against. */
  reading?: { label: string; entered: string; limit: string };
}

/** A word laid at a moment of the trace. */
export interface Mark {
  at: number;
  channel?: string;
  words: string;
  verdict: Verdict;
}

export interface TraceResult {
  findings: TraceFinding[];
  marks: Mark[];
  drawing?: Drawing;
  /** Settings that this trace, if it is of a healthy vehicle, gives for another: what is normal there. */
  gives?: Record<string, string>;
}

export interface AnalysisInput {
  /** Channels by role; a role that was left out is missing or empty. */
  channels: Readonly<Record<string, readonly Channel[]>>;
  engine?: FiringPlan | undefined;
}

/**
 * The one contract of an analysis of traces, like that of a computed check: its form, its search and its
 * page come from it. A new analysis is one new file in `analyses/` and one line in its `index.ts`.
 */
export interface TraceAnalysis<S extends z.ZodObject = z.ZodObject> {
  id: string;
  title: string;
  /** What it answers, as a technician would ask. */
  question: string;
  /** How it works, and what it can and cannot say. */
  explains: string;
  /** Where method and limits come from. */
  source: string;
  roles: readonly Role[];
  /** Whether it needs the firing order, can do with it, or has no use for it. */
  engine: 'needed' | 'helps' | 'none';
  settings: S;
  /**
   * @throws Refusal when the channels do not hold what it looks for
   */
  run(given: AnalysisInput, settings: z.output<S>): TraceResult;
}

/** Gives an analysis its types while it is written and forgets them for the list of all. */
export function defineAnalysis<S extends z.ZodObject>(a: TraceAnalysis<S>): TraceAnalysis {
  return a as unknown as TraceAnalysis;
}

/** The only channel of a role. */
export const one = (given: AnalysisInput, role: string): Channel | undefined => given.channels[role]?.[0];
