import { z } from 'zod';
import { base, caseNumber, line, MOST_COUNTED, moment, owner, prose, ref, words, yesNo } from './fields';

export const VEHICLE_KINDS = [
  '',
  'car',
  'van',
  'pickup',
  'bus',
  'truck',
  '24 V vehicle',
  'motorcycle',
  'machine',
  'boat',
  'engine alone',
] as const;

/** A vehicle the shop has met. A missing VIN is normal: older cars, motorcycles, machines. */
export const Vehicle = z.object({
  id: owner,
  revision: base.revision,
  vin: line,
  plate: line,
  kind: z.enum(VEHICLE_KINDS).default(''),
  make: line,
  model: line,
  year: z.number().int().min(1885).max(2100).nullable().default(null),
  engine: line,
  fuel: line,
  market: line,
  cylinders: z.number().int().min(1).max(16).nullable().default(null),
  firingOrder: line,
  /** Whether the cylinders fire at equal angles. */
  firing: z.enum(['', 'even', 'odd']).default(''),
  displacement: line,
  strokes: z
    .union([z.literal(2), z.literal(4)])
    .nullable()
    .default(null),
  banks: line,
  note: prose,
});
export type Vehicle = z.infer<typeof Vehicle>;

export const WAITS = [
  '',
  'diagnosis',
  'authorisation',
  'part',
  'customer',
  'repair',
  'proof',
  'road test',
  'follow-up',
] as const;
export type Wait = (typeof WAITS)[number];
export const GRADES = ['', 'claimed', 'checked', 'proven', 'held'] as const;
export type Grade = (typeof GRADES)[number];

export const ORIGINS = ['', 'old records'] as const;

/** The case itself: who, what was said, where it stands. */
export const Case = z.object({
  id: owner,
  revision: base.revision,
  /** The shop's running number, given once. Computed. */
  number: caseNumber,
  vehicleId: owner,
  openedAt: z.iso.datetime(),
  closedAt: moment,
  waitsFor: z.enum(WAITS).default(''),
  waitNote: line,
  /** Since when it waits for this. Computed. */
  waitsSince: moment,
  leadId: ref,
  /** In whose hand it is now; the lead stays responsible. Null: in the lead's own. */
  handId: ref,
  /** A word from who gave it to them. */
  handNote: line,
  customer: line,
  phone: line,
  /** When the customer was told that it would be ready. */
  promisedAt: moment,
  /** What may be spent without asking again, as typed. */
  spendingLimit: line,
  /** The shop's or its office program's number of the job, where it has one. */
  orderNumber: line,
  /** Where it came from when it was not written here: a shop's old records say less, and nobody looked it over. */
  origin: z.enum(ORIGINS).default(''),
  odometer: line,
  /** The customer's own words, verbatim. Never edited by what the shop finds. */
  said: prose,
  /** What the shop saw. */
  seen: prose,
  reproduced: z.enum(['', 'yes', 'no', 'sometimes']).default(''),
  /** What closing left unexplained, in a word about each. */
  unexplained: prose,
  /** A word for the customer's report; nothing else that is noted on the case goes there. */
  toCustomer: prose,
  /** What to remember of this case. */
  lesson: prose,
  /** Computed from the proof. */
  grade: z.enum(GRADES).default(''),
  gradeWhy: line,
  /** Grows with every write to any row of the case. Computed. */
  seq: z.number().int().max(MOST_COUNTED).default(0),
});
export type Case = z.infer<typeof Case>;

export const FREQUENCIES = ['', 'always', 'intermittent', 'once'] as const;

/** One symptom: what, under which conditions, how often, which lamps. */
export const Symptom = z.object({
  ...base,
  /** Id in the vocabulary, or none when only the words are known. */
  concept: line,
  words: line,
  conditions: words,
  frequency: z.enum(FREQUENCIES).default(''),
  lamps: words,
  source: z.enum(['customer', 'shop']).default('customer'),
  reproduced: yesNo,
});
export type Symptom = z.infer<typeof Symptom>;

export const EARLIER_KINDS = [
  'repair',
  'collision',
  'flat battery',
  'bodywork',
  'overheating',
  'modification',
  'other',
] as const;
export const PART_SOURCES = ['', 'genuine', 'aftermarket', 'used', 'rebuilt', 'customer supplied'] as const;

/** What happened before the car came in. A part just fitted is a suspect, not an alibi. */
export const Earlier = z.object({
  ...base,
  kind: z.enum(EARLIER_KINDS).default('repair'),
  what: line,
  part: line,
  partSource: z.enum(PART_SOURCES).default(''),
  by: line,
  when: line,
  changed: z.enum(['', 'no change', 'better', 'worse', 'started it', 'unknown']).default(''),
  /** What it cost, as typed. */
  price: line,
});
export type Earlier = z.infer<typeof Earlier>;
