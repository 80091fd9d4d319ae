import { doneRepairs, type Grade } from '@/core/case';
import { coverages, type CodeRecurrence } from '@/core/codes';
import { conditionsLeft } from './conditions-met';
import {
  failedSince,
  failingTests,
  lookAt,
  passedAgain,
  repairFor,
  speaksAgainst,
  type GradeFacts,
  type GradeInput,
  type Look,
} from './after-repair';
import { apartFromDeclined, declinedCauses } from './declined';
import type { Missing } from './missing';

export interface GradeResult {
  grade: Grade;
  because: string;
  /** What stands in the way of the higher grades, the next one first. */
  missing: Missing[];
}

/**
 * The grade of a case's proof, from scans and tests by their times; ticks raise nothing by themselves.
 *
 * - *claimed*: repaired, and nothing measured after the repair shows that it held, or something speaks against it.
 * - *checked*: cleared, and a scan afterwards that read their modules without the chased codes; where no code was
 *   chased, the failing tests repeated and passing, or such a scan without a code.
 * - *proven*: besides, every failing test repeated and passing or waived with a reason, the conditions of the
 *   complaint met, every confirmed cause repaired.
 * - *held*: no return at the follow-up.
 *
 * The steps are the house plan's (shared words of the product); no outside source.
 *
 * What only a declined cause accounts for is left out: no repair of the others has to make it good.
 *
 * @param input the rows of the case with their verdicts, and its comebacks
 * @returns grade, the sentence why, and what is missing for the next ones; no grade without a done repair
 */
export function gradeProof(input: GradeInput): GradeResult {
  const declined = declinedCauses(input).size;
  const drawn = gradeOf(apartFromDeclined(input));
  const because = `${drawn.because}${declinedWords(declined)}`;
  // It is kept with the case, in a line.
  return { ...drawn, because: because.slice(0, LONGEST) };
}

const ONE_DECLINED = ' One cause is left as it is, at the customer’s wish.';
const SOME_DECLINED = ' Some causes are left as they are, at the customer’s wish.';

/** What is added for causes left as they are. */
function declinedWords(declined: number): string {
  if (declined === 0) return '';
  return declined === 1 ? ONE_DECLINED : SOME_DECLINED;
}

const LONGEST = 400;

function gradeOf(input: GradeInput): GradeResult {
  const done = doneRepairs(input);
  if (!input.cause.some((c) => c.state === 'repaired') || done.length === 0)
    return {
      grade: '',
      because: 'No repair done for a cause yet.',
      missing: [
        { for: 'claimed', of: 'repair', say: 'a cause marked repaired, with what was done and when' },
      ],
    };
  const look = lookAt(input, done);
  const against = speaksAgainst(look);
  const untimed: Missing[] =
    look.last === null
      ? [{ for: 'checked', of: 'time', say: 'when the repair was done: what came after it is not told' }]
      : [];
  const codes = untimed.length ? [] : codesLeft(look);
  const tests = untimed.length ? [] : testsLeft(look);
  const chased = look.targets.length > 0;
  const failing = failingTests(look);
  const shownByTests = failing.length > 0 && tests.length === 0 && failing.some((t) => passedAgain(look, t));
  const checked =
    against === '' &&
    untimed.length === 0 &&
    (chased ? codes.length === 0 : codes.length === 0 || shownByTests);
  const forChecked = checked ? [] : [...untimed, ...codes];
  const causes = causesLeft(look);
  const forProven: Missing[] = [
    ...causes,
    ...(failing.length === 0
      ? [
          {
            for: 'proven',
            of: 'test',
            say: 'a test that failed before the repair, passing after it',
          } as const,
        ]
      : []),
    ...tests,
    ...conditionsLeft(input, look.last),
  ];
  if (against !== '') return { grade: 'claimed', because: against, missing: [...forChecked, ...forProven] };
  if (!checked) {
    return {
      grade: 'claimed',
      because: 'Repaired, but nothing measured after the repair shows that it held.',
      missing: [...forChecked, ...forProven],
    };
  }
  if (forProven.length > 0)
    return {
      grade: 'checked',
      because:
        chased || !shownByTests
          ? 'Cleared, and the scan after it read the modules without the chased codes.'
          : 'The failing tests pass after the repair.',
      missing: forProven,
    };
  const since = (f: { doneAt: string | null }) => f.doneAt === null || f.doneAt >= look.last!;
  if (input.followUp.some((f) => f.state === 'held' && since(f)))
    return { grade: 'held', because: 'Proven, and no return at the follow-up.', missing: [] };
  return {
    grade: 'proven',
    because: `The failing ${failing.length === 1 ? 'test passes' : 'tests pass'} after the repair, and the conditions of the complaint were met.`,
    missing: [{ for: 'held', of: 'follow-up', say: 'a follow-up that finds no return' }],
  };
}

/** What keeps the codes from being seen to be gone. */
function codesLeft(look: Look): Missing[] {
  const { input, targets } = look;
  if (targets.length === 0) {
    const read = coverages({ scans: input.scan, modules: input.module, codes: input.code });
    const after = [...input.scan]
      .sort((a, b) => a.at.localeCompare(b.at))
      .filter((s, i) => s.at > look.last! && (read[i]!.whole || read[i]!.read.length > 0));
    return after.length
      ? []
      : [
          {
            for: 'checked',
            of: 'scan',
            say: 'the failing tests passing again, or a scan after the repair that read its modules',
          },
        ];
  }
  const uncleared: string[] = [];
  const unread = new Map<string, string[]>();
  for (const c of targets) {
    const repair = repairFor(look, 'code', c.code)!;
    const state = goneSince(input, c, repair);
    if (state === 'not cleared') uncleared.push(c.code);
    if (state === 'not read') {
      const where = c.modules.filter(Boolean).join(', ');
      unread.set(where, [...(unread.get(where) ?? []), c.code]);
    }
  }
  return [
    ...(uncleared.length
      ? [
          {
            for: 'checked',
            of: 'clear',
            codes: uncleared,
            say: `codes cleared and scanned again: ${uncleared.join(', ')}`,
          } as const,
        ]
      : []),
    ...[...unread].map(([where, codes]): Missing => ({
      for: 'checked',
      of: 'scan',
      codes,
      say: `a scan after repair and clear that reads ${where || 'the module'} of ${codes.join(', ')}`,
    })),
  ];
}

/** Whether a code was seen to be away in a scan after its repair and a clear since it last stood. */
function goneSince(
  input: GradeFacts,
  c: CodeRecurrence,
  repair: string,
): 'gone' | 'not cleared' | 'not read' {
  const stood =
    input.scan
      .filter((s) => c.inScan.get(s.id) === 'there')
      .map((s) => s.at)
      .sort()
      .at(-1) ?? '';
  const clear = input.clear
    .map((x) => x.at)
    .filter((x) => x >= stood)
    .sort()[0];
  if (clear === undefined) return 'not cleared';
  return input.scan.some((s) => s.at > clear && s.at > repair && c.inScan.get(s.id) === 'absent')
    ? 'gone'
    : 'not read';
}

/** Failing tests that neither pass again nor are waived by name with a reason, and those that fail since. */
function testsLeft(look: Look): Missing[] {
  const { proof } = look.input;
  const since = failedSince(look).map((t): Missing => ({
    for: 'proven',
    of: 'test',
    testId: t.id,
    say: `“${t.question || 'a test'}” failed after the repair: repeated and passing, or a word about it`,
  }));
  const before = failingTests(look).flatMap((t): Missing[] => {
    if (passedAgain(look, t)) return [];
    const steps = proof.filter((p) => p.kind === 'failing test again' && p.testId === t.id);
    if (steps.some((p) => p.state === 'not possible' && p.result.trim() !== '')) return [];
    const name = t.question || 'the failing test';
    const ticked = steps.some((p) => p.state === 'passed');
    return [
      {
        for: 'proven',
        of: 'test',
        testId: t.id,
        say: ticked
          ? `“${name}” repeated on the case: it is ticked, but no reading shows it`
          : `“${name}” repeated and passing`,
      },
    ];
  });
  return [...before, ...since];
}

/** Confirmed causes that are not repaired. */
function causesLeft(look: Look): Missing[] {
  const { cause } = look.input;
  const open = cause.filter(
    (c) =>
      c.state !== 'suspected' &&
      (c.state !== 'repaired' || !look.done.some((r) => r.causeId === c.id || r.causeId === null)),
  );
  return open.length
    ? [
        {
          for: 'proven',
          of: 'cause',
          say: `every cause repaired: ${open.length} of ${cause.filter((c) => c.state !== 'suspected').length} ${open.length === 1 ? 'is' : 'are'} not`,
        },
      ]
    : [];
}
