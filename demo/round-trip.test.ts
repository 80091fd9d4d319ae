import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { z } from 'zod';
import { CASE_KINDS, KINDS, type CaseRecord, type Kind } from '@/core/case';
import { Catalogue } from '@/core/cause';
import { demoCases } from './shop';
import { assemble, CaseFile, readCaseFile, writeCaseFile, type ExportContext } from '@/core/exchange';

const catalogue = new Catalogue(
  ['p1', 'p2', 'f1', 'f2'].map((id) => ({
    id,
    kind: id.startsWith('p') ? ('part' as const) : ('failure' as const),
    system: '',
    name: `name of ${id}`,
    synonyms: [],
    mergedInto: null,
    fresh: false,
  })),
);
const from = (c: Catalogue): ExportContext => ({
  catalogue: c,
  person: (id) => (id === null ? undefined : `person ${id}`),
  numberOf: () => 7,
});
let ids = 0;
const read = (file: CaseFile, c: Catalogue) => {
  const { rows, fresh } = readCaseFile(file, {
    caseId: file.id ?? 'k',
    vehicleId: file.vehicle.id ?? 'v',
    vehicleKnown: false,
    number: file.number ?? 1,
    catalogue: c,
    newId: () => `n${++ids}`,
    person: (name) => name?.replace('person ', '') ?? null,
    earlierCase: (of) => of.id ?? 'earlier',
  });
  return { record: assemble(rows), fresh };
};
const again = (record: CaseRecord, c: Catalogue) => {
  // Through text and the schema, as it would come from a disk.
  const file = CaseFile.parse(JSON.parse(JSON.stringify(writeCaseFile(record, from(c)))));
  return { file, ...read(file, c) };
};

/** A record with ids replaced by what they name, so that two of them can be held against each other. */
function plain(record: CaseRecord): unknown {
  const names = new Map<string, string>();
  for (const kind of CASE_KINDS) record[kind].forEach((r, i) => names.set(r.id, `${kind} ${i + 1}`));
  const rows = CASE_KINDS.map((kind) => [
    kind,
    record[kind].map((r) =>
      Object.fromEntries(
        Object.entries(r)
          .filter(([k]) => k !== 'revision' && k !== 'position')
          .map(([k, v]) => [k, typeof v === 'string' ? (names.get(v) ?? v) : v]),
      ),
    ),
  ]);
  return {
    ...Object.fromEntries(rows),
    case: { ...record.case, revision: 0, seq: 0, grade: '', gradeWhy: '' },
    vehicle: { ...record.vehicle, revision: 0 },
  };
}

describe('a case given out and taken in again', () => {
  it.each(demoCases(new Date('2026-06-01T08:00:00Z')).map((f) => [f.number, f] as const))(
    'demo case %i is the same case',
    (_, file) => {
      const { record, fresh } = read(file, catalogue);
      const known = new Catalogue([...catalogue.items, ...fresh]);
      const back = again(record, known);
      expect(plain(back.record)).toEqual(plain(record));
      expect(back.fresh).toEqual([]);
      expect(again(back.record, known).file).toEqual(back.file);
    },
  );

  it('is the same case, whatever stands on it', () => {
    fc.assert(
      fc.property(anyRecord(), (record) => {
        const back = again(record, catalogue);
        expect(plain(back.record)).toEqual(plain(record));
      }),
      { numRuns: 120 },
    );
  });
});

/** Values for a field, from its own schema: as many shapes as rows have. */
function valuesOf(schema: z.ZodType): fc.Arbitrary<unknown> {
  const def = (schema as unknown as { _zod: { def: Record<string, unknown> } })._zod.def as {
    type: string;
    innerType?: z.ZodType;
    entries?: Record<string, string>;
    element?: z.ZodType;
    options?: z.ZodType[];
    values?: unknown[];
    format?: string;
    checks?: unknown[];
  };
  switch (def.type) {
    case 'default':
    case 'optional':
      return valuesOf(def.innerType!);
    case 'nullable':
      return fc.oneof(fc.constant(null), valuesOf(def.innerType!));
    case 'enum':
      return fc.constantFrom(...Object.values(def.entries!));
    case 'literal':
      return fc.constantFrom(...(def.values as string[]));
    case 'union':
      return fc.oneof(...def.options!.map(valuesOf));
    case 'boolean':
      return fc.boolean();
    case 'number':
      return fc.integer({ min: 2000, max: 2090 }).map((n) => (schema.safeParse(n).success ? n : 4));
    case 'array':
      return fc.array(valuesOf(def.element!), { maxLength: 3 });
    case 'object':
      return fc.record(
        Object.fromEntries(
          Object.entries((schema as z.ZodObject).shape).map(([k, v]) => [k, valuesOf(v as z.ZodType)]),
        ),
      );
    case 'string':
      return fc
        .oneof(
          fc.constantFrom('a word', 'two, words', '"quoted" = text', 'ümläut ≥ 3 V', '  ', '3.2 V'),
          fc.string({ maxLength: 20 }),
        )
        .map((s) => (schema.safeParse(s).success ? s : '2026-02-03T04:05:06.000Z'));
    default:
      throw new Error(`No values for ${def.type}`);
  }
}

/** Rows of a kind: every field of its shape, ids and references aside. */
function rowsOf(kind: Kind, count: fc.Arbitrary<number>): fc.Arbitrary<Record<string, unknown>[]> {
  const shape = KINDS[kind].shape as Record<string, z.ZodType>;
  const fields = Object.fromEntries(
    Object.entries(shape)
      .filter(([k]) => !/^(id|caseId|revision|position|seq|grade|gradeWhy|verdict|because)$|Id$/.test(k))
      .map(([k, s]) => [k, valuesOf(s)]),
  );
  return count.chain((n) => fc.array(fc.record(fields), { minLength: n, maxLength: n }));
}

function anyRecord(): fc.Arbitrary<CaseRecord> {
  const few = fc.integer({ min: 0, max: 2 });
  const rows = Object.fromEntries(CASE_KINDS.map((k) => [k, rowsOf(k, few)])) as Record<
    string,
    fc.Arbitrary<Record<string, unknown>[]>
  >;
  return fc
    .record({
      rows: fc.record(rows),
      case: rowsOf('case', fc.constant(1)),
      vehicle: rowsOf('vehicle', fc.constant(1)),
      picks: fc.infiniteStream(fc.nat({ max: 1000 })),
    })
    .map(({ rows: lists, case: k, vehicle, picks }) => {
      const pick = () => picks.next().value as number;
      const ids = (kind: string) => (lists[kind] ?? []).map((_, i) => `${kind}-${i}`);
      const one = (kind: string): string | null => {
        const all = ids(kind);
        return all.length === 0 ? null : all[pick() % all.length]!;
      };
      const maybe = (kind: string) => (pick() % 3 === 0 ? null : one(kind));
      const found: { kind: Kind; row: Record<string, unknown> & { id: string } }[] = [];
      const add = (kind: Kind, id: string, row: Record<string, unknown>) => {
        const parsed = KINDS[kind].safeParse({ ...row, id, caseId: 'k' });
        if (parsed.success) found.push({ kind, row: parsed.data as never });
      };
      add('vehicle', 'v', vehicle[0]!);
      add('case', 'k', { ...k[0], number: 12, vehicleId: 'v', leadId: pick() % 2 ? 'mara' : null });
      // The modules of a code must be of its own scan, the explained of its own kind.
      const scanOf = new Map<string, string | null>();
      for (const kind of CASE_KINDS)
        lists[kind]!.forEach((row, i) => {
          const id = `${kind}-${i}`;
          const links: Record<string, unknown> = {};
          for (const [field, of] of OWNERS[kind] ?? []) {
            links[field] = of.endsWith('?') ? maybe(of.slice(0, -1)) : one(of);
            if (links[field] === null && !of.endsWith('?')) return;
          }
          if (kind === 'module') scanOf.set(id, links.scanId as string);
          if (kind === 'code') {
            const own = ids('module').filter((m) => scanOf.get(m) === links.scanId);
            links.moduleId = own.length ? own[pick() % own.length] : null;
          }
          if (kind === 'test') {
            // A check's id must be one that exists; its entries are kept as they are.
            links.checkId = '';
            links.analysisId = pick() % 2 ? 'cam-crank' : '';
            links.traceId = links.analysisId ? maybe('trace') : null;
            if (!links.analysisId) links.ran = '';
            links.repeatOf = i > 0 ? maybe('test') : null;
            if (links.repeatOf === id) links.repeatOf = null;
          }
          if (kind === 'input') return;
          if (kind === 'symptom') links.concept = ['', 'stall', 'no-start'][pick() % 3];
          if (kind === 'role') links.code = ['P0171', 'P0171-00', 'own 12'][pick() % 3];
          if (kind === 'suspect' || kind === 'cause')
            Object.assign(links, {
              partId: ['p1', 'p2', null][pick() % 3],
              failureId: ['f1', 'f2', null][pick() % 3],
            });
          if (kind === 'explains') {
            const what = row.of === 'code' ? 'P0300' : one(row.of as string);
            if (what === null) return;
            links.what = what;
          }
          if (kind === 'comeback') links.ofCaseId = `earlier${i}`;
          if (kind === 'bulletinUse') links.bulletinId = `b${i}`;
          if (kind === 'attachment') links.hash = pick() % 2 ? 'ab12' : '';
          if ('byId' in KINDS[kind].shape) links.byId = pick() % 2 ? 'tomasz' : null;
          if (kind === 'run') links.procedureId = pick() % 2 ? 'proc' : null;
          add(kind, id, { ...row, ...links });
        });
      // What hangs on a row that was not kept goes with it.
      const kept = new Set(found.map((f) => f.row.id));
      const whole = found.filter(({ kind, row }) =>
        (OWNERS[kind] ?? []).every(
          ([f]) => row[f] === null || row[f] === undefined || kept.has(row[f] as string),
        ),
      );
      // Rows come out grouped by their owners: codes by scan, readings by test.
      return read(writeCaseFile(assemble(whole), from(catalogue)), catalogue).record;
    });
}

const OWNERS: Partial<Record<Kind, [string, string][]>> = {
  module: [['scanId', 'scan']],
  code: [['scanId', 'scan']],
  freeze: [['codeId', 'code']],
  live: [['scanId', 'scan']],
  monitor: [['scanId', 'scan']],
  test: [['runId', 'run?']],
  condition: [['testId', 'test']],
  reading: [['testId', 'test']],
  finding: [['testId', 'test']],
  bearing: [
    ['testId', 'test'],
    ['suspectId', 'suspect'],
  ],
  explains: [['causeId', 'cause']],
  repair: [['causeId', 'cause?']],
  part: [['repairId', 'repair']],
  proof: [
    ['testId', 'test?'],
    ['scanId', 'scan?'],
  ],
  attachment: [
    ['testId', 'test?'],
    ['partId', 'part?'],
  ],
  trace: [
    ['testId', 'test?'],
    ['attachmentId', 'attachment?'],
  ],
};
