import type { CaseRecord, Verdict } from '@/core/case';
import {
  boardOf,
  coverOf,
  gradeProof,
  type BoardEntry,
  type Catalogue,
  type CoverItem,
  type GradeResult,
} from '@/core/cause';
import {
  coursesOf,
  coverages,
  proposalsOf,
  type CodeRecurrence,
  type Coverage,
  type ProposedRole,
} from '@/core/codes';
import { symptomById } from '@/core/symptoms/names';

/**
 * Counts up when the rules behind verdicts, courses, roles, cover or grade change, so that what was concluded
 * before is concluded anew at the next start. A test holds it against what the rules say of fixed cases.
 */
export const RULES_VERSION = 12;

/** A code with what became of it and what it is to this case. */
export interface CodeConclusion extends CodeRecurrence {
  role: ProposedRole;
  roleBecause: string;
  /** The role is only proposed. */
  proposed: boolean;
  /** Ids of the causes that explain it. */
  causeIds: string[];
}

/** Everything that follows from the rows of a case. */
export interface Conclusions {
  /** What each scan read, oldest first. */
  scans: Coverage[];
  codes: CodeConclusion[];
  tests: { id: string; verdict: Verdict; because: string }[];
  /** What a cause has to account for, and which do. */
  cover: CoverItem[];
  suspects: BoardEntry[];
  grade: GradeResult;
}

/** What the rest of the shop says of a case. */
export interface FromShop {
  catalogue: Catalogue;
  /** Numbers of later cases in which it came back. */
  comebackNumbers?: number[];
  /** The shop's own words for codes. */
  meanings?: Record<string, string>;
}

/**
 * Draws every conclusion from a case: what scans read, what became of each code and its role, verdicts,
 * what is explained by what, suspects, and the grade of the proof with what it lacks.
 *
 * @param record the rows of the case with the verdicts of its tests (`withVerdicts`)
 * @param shop the shop's list of parts, comebacks and words for codes
 */
export function conclude(record: CaseRecord, shop: FromShop): Conclusions {
  const proposals = proposalsOf(record, shop.meanings);
  const given = new Map(record.role.filter((r) => r.role !== '').map((r) => [r.code, r]));
  const causes = new Set(record.cause.map((c) => c.id));
  return {
    scans: coverages({ scans: record.scan, modules: record.module, codes: record.code }),
    codes: coursesOf(record).map((c): CodeConclusion => {
      const own = given.get(c.code);
      const proposal = proposals.get(c.code);
      return {
        ...c,
        role: own && own.role !== '' ? own.role : (proposal?.role ?? 'unsorted'),
        roleBecause: own ? own.why : (proposal?.because ?? ''),
        proposed: own === undefined,
        causeIds: record.explains
          .filter((e) => e.of === 'code' && e.what === c.code && causes.has(e.causeId))
          .map((e) => e.causeId),
      };
    }),
    tests: record.test.map(({ id, verdict, because }) => ({ id, verdict, because })),
    cover: coverOf(record, (id) => symptomById(id)?.label ?? id),
    suspects: boardOf(record, shop.catalogue),
    grade: gradeProof({ ...record, comebackNumbers: shop.comebackNumbers ?? [] }),
  };
}
