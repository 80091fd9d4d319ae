import { z } from 'zod';
import { CatalogueItem, KINDS, Person, Procedure } from '@/core/case';
import { CaseInShort } from './case';

/** Answers to the smaller questions of the screens. */

export const Done = z.object({ ok: z.literal(true) });
export const NewCaseAnswer = z.object({ id: z.string(), number: z.number().int() });
export const CatalogueAnswer = z.object({ item: CatalogueItem });
/** A change that may leave no entry behind, such as a merge. */
export const CatalogueChanged = z.object({ item: CatalogueItem.nullish() });
/** Where an entry of the list stands, and what can be taken back of it. */
export const EntryUse = z.object({
  causes: z.number().int(),
  suspects: z.number().int(),
  /** Numbers of the cases. */
  cases: z.array(z.number().int()),
  /** Entries that were merged into it. */
  merged: z.array(z.object({ id: z.string(), name: z.string() })),
  /** What undoing its last change makes it do; empty where nothing is to undo. */
  undo: z.string(),
});
export type EntryUse = z.infer<typeof EntryUse>;
export const MeaningsAnswer = z.object({ own: z.record(z.string(), z.string()) });
export const PeopleAnswer = z.object({ people: z.array(Person) });
export const ProceduresAnswer = z.object({ procedures: z.array(Procedure) });
export const RunAnswer = z.object({ log: z.string() });
export const PortAnswer = z.object({ said: z.string() });
export const PortFaultsAnswer = z.object({
  faults: z.array(z.object({ id: z.string(), label: z.string() })),
});

/** Vehicles met before, with their cases. */
export const VehiclesAnswer = z.object({
  vehicles: z.array(
    z.object({
      vehicle: KINDS.vehicle,
      name: z.string(),
      sure: z.enum(['certain', 'likely', 'perhaps']),
      because: z.string(),
      cases: z.array(CaseInShort),
    }),
  ),
});
/** A case found by the number that people say. */
export const CaseByNumber = z.object({ id: z.string(), number: z.number().int() });
export type KnownVehicle = z.infer<typeof VehiclesAnswer>['vehicles'][number];

const Says = KINDS.vehicle.omit({ id: true, revision: true }).partial();
/** What a VIN says of a vehicle; empty fields are not known. */
export const VinAnswer = z.object({
  /** From the shop's own vehicles with the same first eight characters and year letter. */
  past: z.object({ cases: z.number(), says: z.record(z.string(), z.unknown()).pipe(Says) }).nullable(),
  /** From the public data set. */
  data: z.record(z.string(), z.unknown()).pipe(Says).nullable(),
  /** The data set is being unpacked; ask again in a while. */
  unpacking: z.boolean(),
  layout: z.record(z.string(), z.unknown()).pipe(Says).nullable(),
});
export type VinAnswer = z.infer<typeof VinAnswer>;

export const BulletinsAnswer = z.object({ added: z.number(), replaced: z.number() });

/** Words the shop taught, and those that keep being used and nobody taught yet. */
export const WordsAnswer = z.object({
  understood: z.number(),
  taught: z.array(z.object({ id: z.string(), of: z.string(), concept: z.string(), words: z.string() })),
  unknown: z.array(
    z.object({
      word: z.string(),
      cases: z.number(),
      guess: z.object({ id: z.string(), label: z.string() }).nullable(),
    }),
  ),
});

/** A value that a healthy vehicle read, with where it comes from. */
export const KnownValueShape = z.object({
  id: z.string().optional(),
  caseId: z.string().optional(),
  label: z.string(),
  entered: z.string(),
  question: z.string().optional(),
  conditions: z.array(z.string()),
  from: z.string(),
  vehicle: KINDS.vehicle
    .pick({ vin: true, make: true, model: true, engine: true, year: true, kind: true, fuel: true })
    .extend({ id: z.string() }),
});
export const KnownValuesAnswer = z.object({ values: z.array(KnownValueShape) });
