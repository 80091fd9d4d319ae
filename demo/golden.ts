import { createHash } from 'node:crypto';
import { Catalogue } from '@/core/cause';
import { conclude, judgeCase, RULES_VERSION } from '@/core/conclusions';
import { assemble, CaseFile, readCaseFile } from '@/core/exchange';
import { DIGEST_VERSION, digestOf } from '@/core/similar';
import { demoCases } from './shop';

/** What was concluded of one fixed case: fingerprints of the case, of its digest and of its conclusions. */
export interface Golden {
  case: string;
  digest: string;
  conclusions: string;
}

/** The kept fingerprints with the versions they were made under. */
export interface GoldenFile {
  digestVersion: number;
  rulesVersion: number;
  cases: Record<string, Golden>;
}

const fingerprint = (value: unknown) =>
  createHash('sha256').update(JSON.stringify(value)).digest('hex').slice(0, 16);

/** Draws every demo case's digest and conclusions, with ids and the date fixed. */
export function drawGolden(): GoldenFile {
  const cases: Record<string, Golden> = {};
  for (const file of demoCases(new Date('2026-06-01T08:00:00Z'))) {
    let ids = 0;
    const { rows, fresh } = readCaseFile(CaseFile.parse(file), {
      caseId: 'case',
      vehicleId: 'vehicle',
      vehicleKnown: false,
      number: file.number ?? 1,
      catalogue: new Catalogue([]),
      newId: () => `n${++ids}`,
      person: (name) => name ?? null,
      earlierCase: (of) => of.id ?? 'earlier',
    });
    const record = assemble(rows);
    const catalogue = new Catalogue(fresh);
    const { grade } = judgeCase(record, []);
    record.case.grade = grade.grade;
    record.case.gradeWhy = grade.because;
    cases[String(file.number)] = {
      case: fingerprint(file),
      digest: fingerprint(digestOf(record, catalogue)),
      // Maps of the courses are spelled out, so that they are in the fingerprint.
      conclusions: fingerprint(
        JSON.parse(
          JSON.stringify(conclude(record, { catalogue }), (_, v: unknown) => {
            if (v instanceof Map) return [...v];
            return v instanceof Set ? [...v] : v;
          }),
        ),
      ),
    };
  }
  return { digestVersion: DIGEST_VERSION, rulesVersion: RULES_VERSION, cases };
}

/**
 * What is wrong between what was kept and what the rules say now.
 *
 * @returns sentences: a case whose rows are the same but whose digest or conclusions differ needs a raised version;
 *   any other difference needs the kept file drawn anew
 */
export function goldenFaults(kept: GoldenFile, now: GoldenFile): string[] {
  const faults: string[] = [];
  const changed = (what: 'digest' | 'conclusions') =>
    Object.entries(now.cases)
      .filter(([n, g]) => kept.cases[n]?.case === g.case && kept.cases[n][what] !== g[what])
      .map(([n]) => n);
  const digests = changed('digest');
  if (digests.length && now.digestVersion <= kept.digestVersion)
    faults.push(`digests of cases ${digests.join(', ')} differ: raise DIGEST_VERSION`);
  const conclusions = changed('conclusions');
  if (conclusions.length && now.rulesVersion <= kept.rulesVersion)
    faults.push(`conclusions of cases ${conclusions.join(', ')} differ: raise RULES_VERSION`);
  return faults;
}
