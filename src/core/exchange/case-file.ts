import { z } from 'zod';
import {
  AUTHORISATIONS,
  caseNumber,
  MOST_COUNTED,
  CAUSE_STATES,
  CODE_STATUSES,
  EARLIER_KINDS,
  EXPECTATION_SOURCES,
  FREQUENCIES,
  ORIGINS,
  PART_SOURCES,
  PROOF_KINDS,
  REPAIR_ACTIONS,
  ROLES,
  SCAN_PHASES,
  SCAN_SCOPES,
  Speaks,
  SUSPECT_ORIGINS,
  SUSPECT_STATES,
  VEHICLE_KINDS,
  WAITS,
  WATCHES,
  VERDICTS,
  WHERE_KINDS,
} from '@/core/case';

/** More rows of a kind than this are no case but a mistake. */
const MOST_ROWS = 5000;
const short = z.array(z.string().max(120)).max(60);
/** A position in a list of this file, from 1. */
const place = z.number().int().min(1).max(MOST_ROWS);
const line = z.string().max(400).optional();
const prose = z.string().max(20_000).optional();
const at = z.iso.datetime();
const id = z.string().regex(/^[A-Za-z0-9_-]{1,40}$/, 'An id is 1 to 40 letters, digits, "-" or "_".');
/** A name that other parts of the file use. */
const ref = z.string().max(60);

/** What a scan report said, as rows. */
const ScanRead = z.object({
  modules: z
    .array(z.object({ name: line, answered: z.boolean(), read: z.boolean().optional() }))
    .max(MOST_ROWS)
    .optional(),
  codes: z
    .array(
      z.object({
        code: z.string().min(1).max(60),
        text: line,
        statuses: z.array(z.enum(CODE_STATUSES)).max(7).optional(),
        /** When and how often it was seen. */
        detail: line,
        /** Position in the list of modules, from 1. */
        module: place.optional(),
        freeze: z
          .array(z.object({ name: line, entered: line }))
          .max(MOST_ROWS)
          .optional(),
      }),
    )
    .max(MOST_ROWS)
    .optional(),
  live: z
    .array(z.object({ name: line, entered: line, limit: line }))
    .max(MOST_ROWS)
    .optional(),
  monitors: z
    .array(z.object({ name: line, state: z.enum(['complete', 'incomplete', 'not supported']) }))
    .max(MOST_ROWS)
    .optional(),
  leftover: z.array(z.string().max(2000)).max(5000).optional(),
});

const ComebackOf = z.object({
  id: id.optional(),
  number: caseNumber.optional(),
  state: z.enum(['proposed', 'confirmed', 'rejected']),
  why: line,
});

/**
 * One case as a file, in plain words: symptoms as sentences, scans as pasted text, causes as part
 * and failure. It is read like typed input; what the shop does not know comes in marked as new.
 */
export const CaseFile = z.object({
  format: z.literal('vantle-case/1'),
  /** Names the case for good: taken in twice, it is one case. Without it the content names it. */
  id: id.optional(),
  number: caseNumber.optional(),
  openedAt: at,
  closedAt: at.optional(),
  waitsFor: z.enum(WAITS).optional(),
  waitNote: line,
  lead: line,
  /** In whose hand it is, where it is not the lead's own, with a word about it. */
  hand: line,
  handNote: line,
  customer: line,
  phone: line,
  promisedAt: at.optional(),
  spendingLimit: line,
  orderNumber: line,
  origin: z.enum(ORIGINS).optional(),
  odometer: line,
  vehicle: z.object({
    /** Names a vehicle without a VIN over several cases. */
    id: id.optional(),
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
        words: z.string().max(400),
        /** The symptom by its id in the vocabulary; without it the words are read. */
        concept: line,
        conditions: short.optional(),
        frequency: z.enum(FREQUENCIES).optional(),
        lamps: short.optional(),
        source: z.enum(['customer', 'shop']).optional(),
        reproduced: z.enum(['', 'yes', 'no']).optional(),
      }),
    )
    .max(MOST_ROWS)
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
        price: line,
      }),
    )
    .max(MOST_ROWS)
    .optional(),
  scans: z
    .array(
      z.object({
        at,
        phase: z.enum(SCAN_PHASES).optional(),
        /** What it read: the whole vehicle, these modules, nothing; without it, what its modules say. */
        scope: z.enum(SCAN_SCOPES).optional(),
        tool: line,
        key: z.enum(['', 'off', 'on', 'start']).optional(),
        engine: z.enum(['', 'off', 'cranking', 'running']).optional(),
        battery: line,
        odometer: line,
        /** The report as it came. */
        text: z.string().max(500_000),
        /** What stands on the case of it; without this the text is read. */
        read: ScanRead.optional(),
      }),
    )
    .max(MOST_ROWS)
    .optional(),
  clears: z
    .array(z.object({ at, note: line }))
    .max(MOST_ROWS)
    .optional(),
  /** Procedures begun on this case; their steps are tests that name them. */
  procedures: z
    .array(
      z.object({
        ref: z.string().min(1).max(60),
        /** The shop's procedure it follows, by its id. */
        id: line,
        title: line,
        at,
        state: z.enum(['', 'done', 'stopped']).optional(),
      }),
    )
    .max(MOST_ROWS)
    .optional(),
  roles: z
    .array(z.object({ code: z.string().min(1).max(60), role: z.enum(ROLES), why: line }))
    .max(MOST_ROWS)
    .optional(),
  tests: z
    .array(
      z.object({
        /** A name other parts of this file use for this test. */
        ref: line,
        at,
        by: line,
        repeatOf: line,
        /** The procedure of this file it is a step of, and the shop's procedure by its id. */
        procedure: line,
        procedureId: line,
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
            /** The entries cell by cell, in place of `entries`. */
            cells: z
              .array(
                z.object({
                  field: z.string().min(1).max(60),
                  at: line,
                  column: line,
                  entered: z.string().max(400),
                }),
              )
              .max(800)
              .optional(),
          })
          .optional(),
        /** An analysis of a trace: which, on which trace of this file, its channels and settings as JSON. */
        analysis: z.object({ id: z.string().min(1).max(60), trace: line, ran: prose }).optional(),
        /** What it found, as it was found. */
        findings: z
          .array(
            z.object({
              about: line,
              verdict: z.enum(VERDICTS),
              because: prose,
              figure: line,
              limit: line,
              distance: line,
              place: line,
              speaks: z.array(Speaks).max(12).optional(),
            }),
          )
          .max(200)
          .optional(),
        overrule: z.enum(['', 'pass', 'fail', 'unsure', 'void']).optional(),
        overruleWhy: line,
        conditions: z
          .array(z.object({ what: z.string().max(400), met: z.enum(['', 'yes', 'no']), reading: line }))
          .max(MOST_ROWS)
          .optional(),
        readings: z
          .array(z.object({ label: line, entered: z.string().max(400), limit: line }))
          .max(MOST_ROWS)
          .optional(),
        /** What it says of suspects named in this file. */
        says: z
          .array(z.object({ suspect: ref, says: z.enum(['for', 'against', 'rules out']), why: line }))
          .max(MOST_ROWS)
          .optional(),
      }),
    )
    .max(MOST_ROWS)
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
    .max(MOST_ROWS)
    .optional(),
  causes: z
    .array(
      z.object({
        ref: line,
        part: z.string().max(120).optional(),
        failure: z.string().max(120).optional(),
        where: line,
        why: prose,
        misled: prose,
        state: z.enum(CAUSE_STATES).optional(),
        explains: z
          .object({
            codes: z.array(ref).max(MOST_ROWS).optional(),
            /** Positions in this file's list of symptoms, from 1. */
            symptoms: z.array(place).max(MOST_ROWS).optional(),
            tests: z.array(ref).max(MOST_ROWS).optional(),
          })
          .optional(),
      }),
    )
    .max(MOST_ROWS)
    .optional(),
  repairs: z
    .array(
      z.object({
        /** The cause by its ref; the first one if not said, none if empty. */
        cause: line,
        at: at.optional(),
        by: line,
        action: z.enum(REPAIR_ACTIONS),
        what: z.string().max(400),
        authorisation: z.enum(AUTHORISATIONS).optional(),
        askedAt: at.optional(),
        answeredAt: at.optional(),
        /** Who took the customer's answer. */
        answeredBy: line,
        declinedMeans: line,
        hours: z.number().min(0).max(1000).optional(),
        access: line,
        alsoChanged: line,
        due: line,
        note: prose,
        parts: z
          .array(
            z.object({
              ref: line,
              name: z.string().max(400),
              number: line,
              source: z.enum(PART_SOURCES).optional(),
              soldAs: line,
              price: line,
              orderedAt: at.optional(),
              arrivedAt: at.optional(),
            }),
          )
          .max(MOST_ROWS)
          .optional(),
      }),
    )
    .max(MOST_ROWS)
    .optional(),
  proof: z
    .array(
      z.object({
        kind: z.enum(PROOF_KINDS),
        what: line,
        state: z.enum(['open', 'passed', 'failed', 'not possible']),
        result: line,
        test: line,
        /** Position in this file's list of scans, from 1. */
        scan: place.optional(),
        at: at.optional(),
        by: line,
      }),
    )
    .max(MOST_ROWS)
    .optional(),
  followUps: z
    .array(
      z.object({
        dueAt: at.optional(),
        dueOdometer: line,
        state: z.enum(['due', 'held', 'came back', 'not reached']),
        note: line,
        doneAt: at.optional(),
        /** Who calls. */
        by: line,
      }),
    )
    .max(MOST_ROWS)
    .optional(),
  /** The earlier case of which this is a comeback, by its id or number. */
  comebackOf: ComebackOf.optional(),
  /** The same, where there are several. */
  comebacksOf: z.array(ComebackOf).max(MOST_ROWS).optional(),
  /** Photos and other files; `data` is their content in base64. */
  files: z
    .array(
      z.object({
        ref: ref.optional(),
        name: line,
        mime: line,
        bytes: z.number().int().min(0).max(MOST_COUNTED).optional(),
        sha256: line,
        at: at.optional(),
        note: line,
        test: line,
        /** A fitted part, by its ref. */
        part: line,
        /** The scan whose screen it shows, by its place, from 1. */
        scan: place.optional(),
        data: z.base64().optional(),
      }),
    )
    .max(MOST_ROWS)
    .optional(),
  traces: z
    .array(
      z.object({
        ref: ref.optional(),
        name: line,
        source: line,
        at: z.iso.datetime().optional(),
        channels: z.array(z.string().max(120)).max(60).optional(),
        interval: line,
        readAs: prose,
        sheet: prose,
        note: prose,
        test: line,
        file: line,
      }),
    )
    .max(MOST_ROWS)
    .optional(),
  /** Bulletins consulted, by their id on the shelf. */
  bulletins: z
    .array(z.object({ id: z.string().min(1).max(40), helped: line }))
    .max(MOST_ROWS)
    .optional(),
  unexplained: prose,
  toCustomer: prose,
  lesson: prose,
});
export type CaseFile = z.infer<typeof CaseFile>;
