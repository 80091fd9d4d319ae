import { z } from 'zod';
import { ROLES } from '@/core/access/roles';
import { base, line, moment, owner, prose, ref, words } from './fields';

/** Rows of the last three parts: cause, repair, proof. */

export const SUSPECT_ORIGINS = ['person', 'precedent', 'code', 'just fitted', 'finding', 'practice'] as const;
export const SUSPECT_STATES = ['standing', 'ruled out', 'confirmed'] as const;

/** What might be behind it. Ruled-out ones stay, with the reason. */
export const Suspect = z.object({
  ...base,
  partId: ref,
  failureId: ref,
  words: line,
  where: line,
  origin: z.enum(SUSPECT_ORIGINS).default('person'),
  state: z.enum(SUSPECT_STATES).default('standing'),
  why: line,
});
export type Suspect = z.infer<typeof Suspect>;

/** What a test says of a suspect. */
export const Bearing = z.object({
  ...base,
  testId: owner,
  suspectId: owner,
  says: z.enum(['for', 'against', 'rules out']).default('for'),
  why: line,
});
export type Bearing = z.infer<typeof Bearing>;

export const CAUSE_STATES = ['suspected', 'diagnosed', 'repaired', 'declined', 'part on order'] as const;

/** A root cause: part, what is wrong with it, where, why, and what misled. */
export const Cause = z.object({
  ...base,
  partId: ref,
  failureId: ref,
  where: line,
  why: prose,
  misled: prose,
  state: z.enum(CAUSE_STATES).default('diagnosed'),
});
export type Cause = z.infer<typeof Cause>;

/** One piece of evidence that a cause accounts for. `what` is a code, or the id of a symptom or test. */
export const Explains = z.object({
  ...base,
  causeId: owner,
  of: z.enum(['code', 'symptom', 'test']),
  what: z.string().min(1).max(60),
});
export type Explains = z.infer<typeof Explains>;

export const REPAIR_ACTIONS = [
  'replaced',
  'repaired',
  'cleaned',
  'adjusted',
  'connector seated',
  'hose rerouted',
  'configured',
  'relearned',
  'calibrated',
  'other',
] as const;
export const AUTHORISATIONS = ['', 'asked', 'authorised', 'declined', 'put off'] as const;

/** What was done about a cause. */
export const Repair = z.object({
  ...base,
  causeId: ref,
  at: moment,
  byId: ref,
  action: z.enum(REPAIR_ACTIONS).default('replaced'),
  what: line,
  authorisation: z.enum(AUTHORISATIONS).default(''),
  /** When the customer was asked, when they answered, and who took the answer. */
  askedAt: moment,
  answeredAt: moment,
  answeredById: ref,
  /** Where it is not done at the customer's wish: what that means for them. */
  declinedMeans: line,
  hours: z.number().min(0).max(1000).nullable().default(null),
  access: line,
  /** Other changes in the same visit: two changes at once leave the cause unproven. */
  alsoChanged: line,
  due: line,
  note: prose,
});
export type Repair = z.infer<typeof Repair>;

/** A part fitted in a repair. */
export const Part = z.object({
  ...base,
  repairId: owner,
  name: line,
  number: line,
  source: z.enum(['', 'genuine', 'aftermarket', 'used', 'rebuilt', 'customer supplied']).default(''),
  soldAs: line,
  /** As typed; `2 x 12.50` is two of them. */
  price: line,
  orderedAt: moment,
  arrivedAt: moment,
});
export type Part = z.infer<typeof Part>;

export const PROOF_KINDS = [
  'record and clear',
  'key cycle and scan',
  'failing test again',
  'road test',
  'cold start',
  'complaint conditions',
  'removed part on the bench',
  'other',
] as const;

/** One step of the proof, done or not. */
export const Proof = z.object({
  ...base,
  kind: z.enum(PROOF_KINDS).default('other'),
  what: line,
  state: z.enum(['open', 'passed', 'failed', 'not possible']).default('open'),
  result: line,
  testId: ref,
  scanId: ref,
  at: moment,
  byId: ref,
});
export type Proof = z.infer<typeof Proof>;

/** A date or distance after which the shop asks whether it held. */
export const FollowUp = z.object({
  ...base,
  dueAt: moment,
  dueOdometer: line,
  state: z.enum(['due', 'held', 'came back', 'not reached']).default('due'),
  note: line,
  doneAt: moment,
  /** Who calls; null: the lead's. */
  byId: ref,
});
export type FollowUp = z.infer<typeof FollowUp>;

/** `caseId` is the later case; `ofCaseId` the earlier one whose repair did not hold. */
export const Comeback = z.object({
  ...base,
  ofCaseId: owner,
  state: z.enum(['proposed', 'confirmed', 'rejected']).default('proposed'),
  why: line,
});
export type Comeback = z.infer<typeof Comeback>;

/** A bulletin consulted on this case. */
export const BulletinUse = z.object({ ...base, bulletinId: owner, helped: line });
export type BulletinUse = z.infer<typeof BulletinUse>;

/** Shapes beyond one case. */
export const Person = z.object({
  id: owner,
  name: z.string().min(1).max(80),
  role: z.enum(ROLES),
  active: z.boolean().default(true),
});
export type Person = z.infer<typeof Person>;

export const Bulletin = z.object({
  id: owner,
  number: line,
  title: line,
  issuedBy: line,
  codes: words,
  /** In plain words. */
  symptoms: words,
  build: line,
  /** First and last model year; 0 where it does not matter. */
  yearFrom: z.number().int().default(0),
  yearTo: z.number().int().default(0),
  body: prose,
});
export type Bulletin = z.infer<typeof Bulletin>;
