import { z } from 'zod';
import { EXPECTATION_SOURCES, WHERE_KINDS } from './evidence';
import { line, MOST_COUNTED, prose } from './fields';

/** One step of a procedure: a test without its readings. */
export const ProcedureStep = z.object({
  question: line,
  whereKind: z.enum(WHERE_KINDS).default(''),
  where: line,
  caution: line,
  setup: line,
  expectation: line,
  expectationSource: z.enum(EXPECTATION_SOURCES).default(''),
  minutes: z.number().min(0).max(10_000).nullable().default(null),
  conditions: z.array(z.string().max(400)).max(20).default([]),
  readings: z
    .array(z.object({ label: line, limit: line }))
    .max(64)
    .default([]),
  checkId: line,
  /** Entries of the computed check that belong to its set-up: limits, reference values. */
  inputs: z
    .array(z.object({ field: z.string().min(1).max(60), at: line, column: line, entered: line }))
    .max(800)
    .default([]),
});
export type ProcedureStep = z.infer<typeof ProcedureStep>;

/** A test or a row of tests that the shop does again and again, by code, part or build. */
export const Procedure = z.object({
  id: z.string().regex(/^[A-Za-z0-9_-]{1,40}$/),
  revision: z.number().int().max(MOST_COUNTED).min(1).default(1),
  title: z.string().trim().min(1, 'Give the procedure a name.').max(200),
  codes: z.array(z.string().max(20)).max(60).default([]),
  part: line,
  build: line,
  note: prose,
  steps: z.array(ProcedureStep).min(1, 'A procedure needs at least one step.').max(60),
});
export type Procedure = z.infer<typeof Procedure>;

/** A value read on a healthy vehicle on purpose. */
export const KnownGood = z.object({
  id: z.string().regex(/^[A-Za-z0-9_-]{1,40}$/),
  make: z.string().trim().min(1, 'Say which make it was read on.').max(100),
  model: line,
  engine: line,
  year: z.number().int().min(1885).max(2100).nullable().default(null),
  label: z.string().trim().min(1, 'Say what was read.').max(200),
  conditions: z.array(z.string().max(200)).max(12).default([]),
  entered: z.string().trim().min(1, 'Enter the value with its unit.').max(100),
  note: line,
});
export type KnownGood = z.infer<typeof KnownGood>;
