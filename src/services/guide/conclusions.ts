import type { ConclusionsAnswer } from '@/core/api';
import type { CaseRecord } from '@/core/case';
import { Catalogue, causeName } from '@/core/cause';
import { judgeWhole } from '@/core/checks';
import type { Coverage } from '@/core/codes';
import { conclude } from '@/core/conclusions';
import { db } from '@/store/database';
import { loadCase } from '@/store/rows';
import { listCatalogue } from '@/store/catalogue';
import { confirmedComebacks } from '@/store/shop';
import { shopMeanings } from './meanings';

/** The conclusions of a case as programs get them; undefined when there is no such case. */
export async function conclusionsAnswer(caseId: string): Promise<ConclusionsAnswer | undefined> {
  const record = await loadCase(db(), caseId);
  if (!record) return undefined;
  const catalogue = new Catalogue(await listCatalogue(db()));
  const drawn = conclude(record, {
    catalogue,
    comebackNumbers: ((await confirmedComebacks(db())).get(caseId) ?? []).map((c) => c.number),
    meanings: await shopMeanings(),
  });
  const scanAt = new Map(record.scan.map((s) => [s.id, s.at]));
  return {
    case: record.case.number,
    scans: drawn.scans.map((s) => ({
      id: s.scanId,
      at: scanAt.get(s.scanId)!,
      covers: inWords(s),
      read: s.read,
      notRead: s.notRead,
      because: s.because,
    })),
    codes: drawn.codes.map((c) => ({
      code: c.code,
      text: c.text,
      modules: c.modules,
      course: c.course,
      courseBecause: c.because,
      inScans: Object.fromEntries(c.inScan),
      role: c.role,
      roleBecause: c.roleBecause,
      proposed: c.proposed,
      explainedBy: c.causeIds,
    })),
    tests: record.test.map((t) => ({
      id: t.id,
      question: t.question,
      at: t.at,
      repeatOf: t.repeatOf,
      verdict: t.verdict,
      because: t.because,
      byHand: t.overrule !== '' && t.verdict === t.overrule,
      findings: findingsOf(record, t),
    })),
    cover: drawn.cover.map(({ of, what, label, causeIds }) => ({ of, what, label, explainedBy: causeIds })),
    causes: record.cause.map((c) => ({ id: c.id, name: causeName(catalogue, c), state: c.state })),
    suspects: drawn.suspects.map((e) => ({
      name: causeName(catalogue, e),
      state: e.state,
      found: e.suspectId === null,
      says: e.says.map((w) => ({ says: w.says, test: w.testId, because: w.why, found: w.found })),
    })),
    grade: {
      grade: drawn.grade.grade,
      because: drawn.grade.because,
      lacks: drawn.grade.missing.map(({ testId, ...m }) => ({ ...m, ...(testId ? { test: testId } : {}) })),
    },
  };
}

const inWords = (s: Coverage): ConclusionsAnswer['scans'][number]['covers'] => {
  if (!s.told) return 'not told';
  if (s.whole) return 'whole vehicle';
  if (s.read.length) return 'modules';
  return 'nothing';
};

/** What a test found: by its analysis, as it was found, or by its check. */
function findingsOf(
  record: CaseRecord,
  test: CaseRecord['test'][number],
): ConclusionsAnswer['tests'][number]['findings'] {
  const own = <T extends { testId: string }>(rows: readonly T[]) => rows.filter((r) => r.testId === test.id);
  const kept = own(record.finding).map(({ about, verdict, because, figure, limit, distance, speaks }) => ({
    about,
    verdict,
    because,
    figure,
    limit,
    distance,
    speaks,
  }));
  if (!test.checkId) return kept;
  const { check } = judgeWhole(test, own(record.condition), own(record.reading), own(record.input));
  if (check?.state !== 'done') return kept;
  return [
    ...kept,
    ...check.findings.map((f) => ({
      about: f.about ?? '',
      verdict: f.verdict,
      because: f.because,
      figure: f.figure ?? '',
      limit: '',
      distance: '',
      speaks: f.speaks ?? [],
    })),
  ];
}
