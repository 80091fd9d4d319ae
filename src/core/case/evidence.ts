import { z } from 'zod';
import { base, line, MOST_COUNTED, moment, owner, prose, ref, words } from './fields';

export const SCAN_PHASES = [
  '',
  'first',
  'after clear',
  'after key cycle',
  'after road test',
  'after repair',
] as const;

/** What a scan read, where a person or the report said so; empty: what its modules say. */
export const SCAN_SCOPES = ['', 'vehicle', 'modules', 'nothing'] as const;

/** One reading-out of fault codes. The pasted text is kept as it came. */
export const Scan = z.object({
  ...base,
  at: z.iso.datetime(),
  phase: z.enum(SCAN_PHASES).default(''),
  scope: z.enum(SCAN_SCOPES).default(''),
  tool: line,
  key: z.enum(['', 'off', 'on', 'start']).default(''),
  engine: z.enum(['', 'off', 'cranking', 'running']).default(''),
  battery: line,
  odometer: line,
  text: z.string().max(500_000, 'At most 500,000 characters in one scan report.').default(''),
  /** Lines of the text that were not understood, kept for a person to read. */
  leftover: z.array(z.string().max(2000)).max(5000).default([]),
});
export type Scan = z.infer<typeof Scan>;

/** Clearing codes is an event with its own time; one with no scan before it is flagged. */
export const Clear = z.object({ ...base, at: z.iso.datetime(), note: line });
export type Clear = z.infer<typeof Clear>;

/** A controller on the vehicle's network, as one scan met it. */
export const Module = z.object({
  ...base,
  scanId: owner,
  name: line,
  answered: z.boolean().default(true),
  /** Off where the tool was broken off before it had read this one. */
  read: z.boolean().default(true),
});
export type Module = z.infer<typeof Module>;

export const CODE_STATUSES = [
  'stored',
  'pending',
  'permanent',
  'active',
  'intermittent',
  'history',
  'not run',
] as const;
export type CodeStatus = (typeof CODE_STATUSES)[number];

/** One fault code in one scan. */
export const Code = z.object({
  ...base,
  scanId: owner,
  moduleId: ref,
  code: z.string().min(1).max(60),
  text: line,
  statuses: z.array(z.enum(CODE_STATUSES)).max(7).default([]),
  /** When and how often the tool says it was seen: counts, first and last time, distance. */
  detail: line,
});
export type Code = z.infer<typeof Code>;

/** A value stored with a code at the moment it was set. */
export const Freeze = z.object({ ...base, codeId: owner, name: line, entered: line });
export type Freeze = z.infer<typeof Freeze>;

/** A value the vehicle reported at the moment of a scan, with the limit it is held against. */
export const Live = z.object({ ...base, scanId: owner, name: line, entered: line, limit: line });
export type Live = z.infer<typeof Live>;

/** A readiness monitor in one scan. */
export const Monitor = z.object({
  ...base,
  scanId: owner,
  name: line,
  state: z.enum(['complete', 'incomplete', 'not supported']),
});
export type Monitor = z.infer<typeof Monitor>;

export const ROLES = ['', 'chase', 'knock-on', 'aside', 'leftover'] as const;

/** What a person made of a code in this case, over all its scans. */
export const Role = z.object({
  ...base,
  code: z.string().min(1).max(60),
  role: z.enum(ROLES).default(''),
  why: line,
});
export type Role = z.infer<typeof Role>;

export const VERDICTS = ['', 'pass', 'fail', 'unsure', 'void'] as const;
export type Verdict = (typeof VERDICTS)[number];
export const EXPECTATION_SOURCES = [
  '',
  'published limit',
  'bulletin',
  'known-good vehicle',
  'siblings',
  'common practice',
] as const;

export const WHERE_KINDS = ['', 'part', 'circuit', 'cylinder', 'corner', 'bank', 'pin'] as const;
export const WATCHES = ['', 'caught', 'seen good'] as const;

/** A question put to the vehicle, and what came back. Verdict and reason are computed. */
export const Test = z.object({
  ...base,
  at: z.iso.datetime(),
  byId: ref,
  procedureId: ref,
  repeatOf: ref,
  /** The run of a procedure it is a step of. */
  runId: ref,
  /** Why a step of a procedure was left out; empty when it was not. */
  skipped: line,
  question: line,
  whereKind: z.enum(WHERE_KINDS).default(''),
  where: line,
  caution: line,
  setup: line,
  /** What the set-up check read, held against what `setup` says. */
  setupReading: line,
  setupResult: z.enum(['', 'ok', 'failed']).default(''),
  expectation: line,
  expectationSource: z.enum(EXPECTATION_SOURCES).default(''),
  instrument: line,
  /** Accuracy of the instrument as on its sheet: `± (0.5 % + 2 digits)`. */
  accuracy: line,
  minutes: z.number().min(0).max(10_000).nullable().default(null),
  note: prose,
  /** An intermittent fault: caught in the act, or only seen good, which acquits nothing. */
  watch: z.enum(WATCHES).default(''),
  /** How often it was tried without the fault showing. */
  tries: z.number().int().min(0).max(100_000).nullable().default(null),
  took: line,
  caughtUnder: line,
  /** The computed check this test is, with its entries as `input` rows; empty for a plain test. */
  checkId: line,
  /** The analysis of a trace this test is, with what it found as `finding` rows; empty for other tests. */
  analysisId: line,
  /** The trace it was run on. */
  traceId: ref,
  /** Its channels by role and its settings, as JSON (`Ran` of core/traces). */
  ran: prose,
  /** A person's verdict over the computed one, with the reason. */
  overrule: z.enum(VERDICTS).default(''),
  overruleWhy: line,
  verdict: z.enum(VERDICTS).default(''),
  because: prose,
});
export type Test = z.infer<typeof Test>;

/** What must hold for a test to prove anything. */
export const Condition = z.object({
  ...base,
  testId: owner,
  what: line,
  met: z.enum(['', 'yes', 'no']).default(''),
  reading: line,
});
export type Condition = z.infer<typeof Condition>;

/** One entry of a computed check: a field, or one cell of a list (by `at`) or a table (by `at` and `column`). */
export const Input = z.object({
  ...base,
  testId: owner,
  field: z.string().min(1).max(60),
  at: line,
  column: line,
  entered: line,
});
export type Input = z.infer<typeof Input>;

/** A procedure under way on this case; its tests name it. */
export const Run = z.object({
  ...base,
  procedureId: ref,
  title: line,
  at: z.iso.datetime(),
  state: z.enum(['', 'done', 'stopped']).default(''),
});
export type Run = z.infer<typeof Run>;

/** One number or state, as entered, held against its limit, as entered. */
export const Reading = z.object({
  ...base,
  testId: owner,
  label: line,
  entered: line,
  limit: line,
  verdict: z.enum(VERDICTS).default(''),
  because: prose,
});
export type Reading = z.infer<typeof Reading>;

/** What was found speaks for a cause, against it, or rules it out. */
export const Speaks = z.object({
  says: z.enum(['for', 'against', 'rules out']),
  /** By the words of the list of parts and failures; no failure: whatever is wrong with the part. */
  part: z.string().min(1).max(120),
  failure: z.string().max(120).default(''),
  where: z.string().max(120).default(''),
});
export type Speaks = z.infer<typeof Speaks>;

/** One thing an analysis found, kept as it was found. It is not judged again. */
export const FindingRow = z.object({
  ...base,
  testId: owner,
  about: line,
  verdict: z.enum(VERDICTS).default(''),
  because: prose,
  /** The figure it rests on, with its unit, the limit it was held against, and how far it is from it. */
  figure: line,
  limit: line,
  distance: line,
  /** Where in the trace, as JSON (channel, from, to in seconds). */
  place: line,
  speaks: z.array(Speaks).max(12).default([]),
});
export type FindingRow = z.infer<typeof FindingRow>;

/** A stored file: photo, capture, report. The bytes live under `data/` by their hash. */
export const Attachment = z.object({
  ...base,
  testId: ref,
  /** A fitted or removed part it shows. */
  partId: ref,
  /** The scan whose screen it shows. */
  scanId: ref,
  name: line,
  mime: line,
  bytes: z.number().int().min(0).max(MOST_COUNTED).default(0),
  hash: line,
  at: moment,
  note: line,
});
export type Attachment = z.infer<typeof Attachment>;

/** A recorded signal: the file it stands in, how that is read, and what was laid on it. */
export const Trace = z.object({
  ...base,
  testId: ref,
  attachmentId: ref,
  name: line,
  /** Where it comes from: "file", "simulated scope: …". */
  source: line,
  at: moment,
  channels: words,
  interval: line,
  /** How the file is read, as JSON (`ReadAs` of core/traces). */
  readAs: prose,
  /** Marks, notes, trigger and where readings were found, as JSON (`Sheet` of core/traces). */
  sheet: prose,
  note: prose,
});
export type Trace = z.infer<typeof Trace>;
