import { z } from 'zod';
import {
  AUTHORISATIONS,
  CAUSE_STATES,
  EARLIER_KINDS,
  EXPECTATION_SOURCES,
  FREQUENCIES,
  PART_SOURCES,
  PROOF_KINDS,
  REPAIR_ACTIONS,
  ROLES,
  SCAN_PHASES,
  SUSPECT_ORIGINS,
  SUSPECT_STATES,
  VEHICLE_KINDS,
  WAITS,
  WATCHES,
  WHERE_KINDS,
} from '@/core/case';

const line = z.string().max(400).optional();
const prose = z.string().max(20_000).optional();
const at = z.iso.datetime();

/**
 * One case as a file, in plain words: symptoms as sentences, scans as pasted text, causes as part
 * and failure. It is read like typed input; what the shop does not know comes in marked as new.
 */
export const CaseFile = z.object({
  format: z.literal('vantle-case/1'),
  number: z.number().int().min(1).optional(),
  openedAt: at,
  closedAt: at.optional(),
  waitsFor: z.enum(WAITS).optional(),
  waitNote: line,
  lead: line,
  customer: line,
  odometer: line,
  vehicle: z.object({
    vin: line,
    plate: line,
    kind: z.enum(VEHICLE_KINDS).optional(),
    make: line,
    model: line,
    year: z.number().int().min(1885).max(2100).optional(),
    engine: line,
    fuel: line,
    market: line,
    cylinders: z.number().int().min(1).max(16).optional(),
    firingOrder: line,
    firing: z.enum(['', 'even', 'odd']).optional(),
    displacement: line,
    strokes: z.union([z.literal(2), z.literal(4)]).optional(),
    banks: line,
    note: prose,
  }),
  said: prose,
  seen: prose,
  reproduced: z.enum(['', 'yes', 'no', 'sometimes']).optional(),
  symptoms: z
    .array(
      z.object({
        words: z.string().min(1).max(400),
        concept: line,
        conditions: z.array(z.string()).optional(),
        frequency: z.enum(FREQUENCIES).optional(),
        lamps: z.array(z.string()).optional(),
        source: z.enum(['customer', 'shop']).optional(),
        reproduced: z.enum(['', 'yes', 'no']).optional(),
      }),
    )
    .optional(),
  earlier: z
    .array(
      z.object({
        kind: z.enum(EARLIER_KINDS).optional(),
        what: z.string().max(400),
        part: line,
        partSource: z.enum(PART_SOURCES).optional(),
        by: line,
        when: line,
        changed: z.enum(['', 'no change', 'better', 'worse', 'started it', 'unknown']).optional(),
      }),
    )
    .optional(),
  scans: z
    .array(
      z.object({
        at,
        phase: z.enum(SCAN_PHASES).optional(),
        tool: line,
        key: z.enum(['', 'off', 'on', 'start']).optional(),
        engine: z.enum(['', 'off', 'cranking', 'running']).optional(),
        battery: line,
        text: z.string().max(500_000),
      }),
    )
    .optional(),
  clears: z.array(z.object({ at, note: line })).optional(),
  /** Procedures begun on this case; their steps are tests that name them. */
  procedures: z
    .array(
      z.object({
        ref: z.string().min(1).max(60),
        title: line,
        at,
        state: z.enum(['', 'done', 'stopped']).optional(),
      }),
    )
    .optional(),
  roles: z.array(z.object({ code: z.string().min(1).max(60), role: z.enum(ROLES), why: line })).optional(),
  tests: z
    .array(
      z.object({
        /** A name other parts of this file use for this test. */
        ref: line,
        at,
        by: line,
        repeatOf: line,
        /** The procedure of this file it is a step of. */
        procedure: line,
        /** Why this step was left out. */
        skipped: line,
        question: z.string().max(400),
        whereKind: z.enum(WHERE_KINDS).optional(),
        where: line,
        caution: line,
        setup: line,
        setupReading: line,
        setupResult: z.enum(['', 'ok', 'failed']).optional(),
        expectation: line,
        expectationSource: z.enum(EXPECTATION_SOURCES).optional(),
        instrument: line,
        accuracy: line,
        minutes: z.number().min(0).max(10_000).optional(),
        note: prose,
        /** An intermittent fault: caught or only seen good, tries without it, how long, under what. */
        watch: z.enum(WATCHES).optional(),
        tries: z.number().int().min(0).max(100_000).optional(),
        took: line,
        caughtUnder: line,
        /** A computed check with its entries as typed, by the names of its fields. */
        check: z
          .object({
            id: z.string().min(1).max(60),
            entries: z.record(
              z.string(),
              z.union([z.string().max(400), z.array(z.record(z.string(), z.string().max(400))).max(200)]),
            ),
          })
          .optional(),
        overrule: z.enum(['', 'pass', 'fail', 'unsure', 'void']).optional(),
        overruleWhy: line,
        conditions: z
          .array(z.object({ what: z.string().max(400), met: z.enum(['', 'yes', 'no']), reading: line }))
          .optional(),
        readings: z.array(z.object({ label: line, entered: z.string().max(400), limit: line })).optional(),
        /** What it says of suspects named in this file. */
        says: z
          .array(z.object({ suspect: z.string(), says: z.enum(['for', 'against', 'rules out']), why: line }))
          .optional(),
      }),
    )
    .optional(),
  suspects: z
    .array(
      z.object({
        ref: line,
        part: line,
        failure: line,
        words: line,
        where: line,
        origin: z.enum(SUSPECT_ORIGINS).optional(),
        state: z.enum(SUSPECT_STATES).optional(),
        why: line,
      }),
    )
    .optional(),
  causes: z
    .array(
      z.object({
        ref: line,
        part: z.string().min(1).max(120),
        failure: z.string().min(1).max(120),
        where: line,
        why: prose,
        misled: prose,
        state: z.enum(CAUSE_STATES).optional(),
        explains: z
          .object({
            codes: z.array(z.string()).optional(),
            /** Positions in this file's list of symptoms, from 1. */
            symptoms: z.array(z.number().int().min(1)).optional(),
            tests: z.array(z.string()).optional(),
          })
          .optional(),
      }),
    )
    .optional(),
  repairs: z
    .array(
      z.object({
        cause: line,
        at: at.optional(),
        by: line,
        action: z.enum(REPAIR_ACTIONS),
        what: z.string().max(400),
        authorisation: z.enum(AUTHORISATIONS).optional(),
        hours: z.number().min(0).max(1000).optional(),
        access: line,
        alsoChanged: line,
        due: line,
        note: prose,
        parts: z
          .array(
            z.object({
              name: z.string(),
              number: line,
              source: z.enum(PART_SOURCES).optional(),
              soldAs: line,
              price: line,
            }),
          )
          .optional(),
      }),
    )
    .optional(),
  proof: z
    .array(
      z.object({
        kind: z.enum(PROOF_KINDS),
        what: line,
        state: z.enum(['open', 'passed', 'failed', 'not possible']),
        result: line,
        test: line,
        at: at.optional(),
        by: line,
      }),
    )
    .optional(),
  followUps: z
    .array(
      z.object({
        dueAt: at.optional(),
        dueOdometer: line,
        state: z.enum(['due', 'held', 'came back', 'not reached']),
        note: line,
        doneAt: at.optional(),
      }),
    )
    .optional(),
  /** Number of the earlier case of which this is a comeback. */
  comebackOf: z
    .object({ number: z.number().int(), state: z.enum(['proposed', 'confirmed', 'rejected']), why: line })
    .optional(),
  unexplained: prose,
  lesson: prose,
});
export type CaseFile = z.infer<typeof CaseFile>;
