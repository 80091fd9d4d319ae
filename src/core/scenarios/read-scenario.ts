import type { CaseRecord } from '@/core/case';
import { Catalogue, starterItems } from '@/core/cause';
import { conclude, type Conclusions } from '@/core/conclusions';
import { assemble, CaseFile, readCaseFile } from '@/core/exchange';

/**
 * A short case in the words of the trade, and the conclusions a practitioner would draw from it. One line is one
 * thing that happened or was recorded:
 *
 * ```
 * # what the scenario shows
 * said: shakes at the lights
 * symptom: rough idle (idle, hot) intermittent
 * before: collision: front end
 * 08:00 scan: Engine: P0171 stored; ABS: no codes
 * 08:20 clear
 * 09:00 test boost "Does boost follow?": boost 0.9 bar [1.2..1.4 bar]; idle 1.0 bar
 * 09:30 check filter filter-back-pressure: clean/1/flow=60; clean/1/pressure=35
 * cause: fuel pump, worn: repaired: P0171, boost, symptom 1
 * 12:00 repair: fuel pump replaced
 * +1 08:00 again boost: boost 1.3 bar
 * +1 08:30 proof road test passed: the hill
 * +30 follow-up held
 * => P0171 cured chase
 * => boost fail
 * => unexplained P0455
 * => grade proven
 * => lacks a follow-up
 * ```
 *
 * A time is hours and minutes of the first day, or of a later one behind `+days`.
 */
export interface Scenario {
  name: string;
  record: CaseRecord;
  conclusions: Conclusions;
  /** Ids of tests by their short names. */
  tests: Map<string, string>;
  expected: string[];
}

const DAY = Date.parse('2026-03-02T00:00:00.000Z');

/** The list of parts and failures that ships, each under its own name. */
export const STARTER = new Catalogue(starterItems((_, name) => name));

type Draft = Record<string, unknown[]> & { tests: Record<string, unknown>[] };

const split = (text: string, by: string): string[] =>
  text
    .split(by)
    .map((x) => x.trim())
    .filter(Boolean);

function momentOf(day: string | undefined, hours: string, minutes: string): string {
  return new Date(
    DAY + Number(day ?? 0) * 86_400_000 + Number(hours) * 3_600_000 + Number(minutes) * 60_000,
  ).toISOString();
}

/** `boost 0.9 bar [1.2..1.4 bar]`: everything before the value is the label. */
function readingOf(text: string): { label: string; entered: string; limit: string } {
  const m = /^(.*?)(?:\s*\[(.*)\])?$/.exec(text)!;
  const body = m[1]!.trim();
  const value = /^(.*?)\s*=\s*(.*)$/.exec(body) ?? /^(.*?)\s+([+\-−]?\d.*)$/.exec(body);
  return { label: (value?.[1] ?? body).trim(), entered: value?.[2]?.trim() ?? '', limit: m[2] ?? '' };
}

const LINES: readonly [RegExp, (m: RegExpExecArray, at: string | undefined, d: Draft) => void][] = [
  [
    /^scan(?: (after road test|after key cycle|after repair|after clear))?(?: \((vehicle|nothing)\))?: (.*)$/,
    (m, at, d) =>
      d.scans!.push({
        at,
        text: split(m[3]!, ';').join('\n'),
        ...(m[1] ? { phase: m[1] } : {}),
        ...(m[2] ? { scope: m[2] } : {}),
      }),
  ],
  [/^clear$/, (_, at, d) => d.clears!.push({ at })],
  [
    /^symptom(?: (gone))?: (.*?)(?: \((.*)\))?(?: (always|intermittent|once))?$/,
    (m, _, d) =>
      d.symptoms!.push({
        words: m[2],
        ...(m[3] ? { conditions: split(m[3], ',') } : {}),
        ...(m[4] ? { frequency: m[4] } : {}),
        ...(m[1] ? { reproduced: 'no' } : {}),
      }),
  ],
  [
    /^before: (collision|flat battery|bodywork|repair|other): (.*)$/,
    (m, _, d) => d.earlier!.push({ kind: m[1], what: m[2] }),
  ],
  [/^role (\S+) (\S+)$/, (m, _, d) => d.roles!.push({ code: m[1], role: m[2] })],
  [
    /^test (\S+) "(.*)":(.*)$/,
    (m, at, d) =>
      d.tests.push({
        ref: m[1],
        at,
        question: m[2],
        readings: split(m[3]!, ';').map(readingOf),
      }),
  ],
  [
    /^again (\S+?)(?: as (\S+))?:(.*)$/,
    (m, at, d) => {
      const first = d.tests.find((t) => t.ref === m[1])!;
      const limits = new Map(
        (first.readings as ReturnType<typeof readingOf>[]).map((r) => [r.label, r.limit]),
      );
      d.tests.push({
        ref: m[2] ?? `${m[1]}-again`,
        at,
        question: first.question,
        repeatOf: m[1],
        readings: split(m[3]!, ';').map((x) => {
          const r = readingOf(x);
          return { ...r, limit: r.limit || (limits.get(r.label) ?? '') };
        }),
      });
    },
  ],
  [
    /^check (\S+) (\S+): (.*)$/,
    (m, at, d) =>
      d.tests.push({ ref: m[1], at, question: m[1], check: { id: m[2], entries: entriesOf(m[3]!) } }),
  ],
  [
    /^condition (\S+) (yes|no|open)(?: \((.*)\))?: (.*)$/,
    (m, _, d) => {
      const t = d.tests.find((x) => x.ref === m[1])!;
      const list = (t.conditions ??= []) as unknown[];
      list.push({ what: m[4], met: m[2] === 'open' ? '' : m[2], ...(m[3] ? { reading: m[3] } : {}) });
    },
  ],
  [
    /^hand (\S+) (pass|fail|unsure|void)(?:: (.*))?$/,
    (m, _, d) =>
      Object.assign(
        d.tests.find((t) => t.ref === m[1])!,
        { overrule: m[2], overruleWhy: m[3] ?? '' },
      ),
  ],
  [
    /^found (\S+) (pass|fail|unsure)(?: "(.*?)")?(?: for (.+?), (.+))?$/,
    (m, at, d) => {
      let t = d.tests.find((x) => x.ref === m[1]);
      if (!t)
        d.tests.push(
          (t = { ref: m[1], at, question: m[1], analysis: { id: 'cranking-compression' }, findings: [] }),
        );
      (t.findings as unknown[]).push({
        verdict: m[2],
        because: m[3] ?? '',
        ...(m[4] ? { speaks: [{ says: 'for', part: m[4], failure: m[5] }] } : {}),
      });
    },
  ],
  [
    /^cause(?: (\S+))?: (.+?), (.+?): (suspected|diagnosed|repaired|declined|part on order)(?:: (.*))?$/,
    (m, _, d) => {
      const explained = split(m[5] ?? '', ',');
      d.causes!.push({
        ref: m[1] ?? `c${d.causes!.length + 1}`,
        part: m[2],
        failure: m[3],
        state: m[4],
        explains: {
          codes: explained.filter((x) => /^[PCBU]\d/.test(x)),
          symptoms: explained.flatMap((x) => (x.startsWith('symptom ') ? [Number(x.slice(8))] : [])),
          tests: explained.filter((x) => d.tests.some((t) => t.ref === x)),
        },
      });
    },
  ],
  [
    /^repair(?: for (\S+))?(?: \((asked|authorised|declined|put off)\))?: (.*)$/,
    (m, at, d) =>
      d.repairs!.push({
        ...(at ? { at } : {}),
        action: 'replaced',
        what: m[3],
        ...(m[1] ? { cause: m[1] } : {}),
        ...(m[2] ? { authorisation: m[2] } : {}),
      }),
  ],
  [
    /^proof (.+?) (passed|failed|cannot|open)(?: of (\S+))?(?:: (.*))?$/,
    (m, at, d) =>
      d.proof!.push({
        kind: m[1],
        state: m[2] === 'cannot' ? 'not possible' : m[2],
        ...(m[3] ? { test: m[3] } : {}),
        ...(m[2] === 'cannot' ? { result: m[4] ?? '' } : { what: m[4] ?? '' }),
        ...(at ? { at } : {}),
      }),
  ],
  [
    /^follow-up (held|came back|due|not reached)(?:: (.*))?$/,
    (m, at, d) => d.followUps!.push({ state: m[1], note: m[2] ?? '', ...(at ? { doneAt: at } : {}) }),
  ],
];

/** `clean/1/flow=60; limit=3 V; drops/cable=20 mV`: a field, a member of a list, a cell of a table. */
function entriesOf(text: string): Record<string, unknown> {
  const entries: Record<string, unknown> = {};
  for (const part of split(text, ';')) {
    const [path = '', value = ''] = part.split('=').map((x) => x.trim());
    const [field = '', at, column] = path.split('/');
    if (at === undefined) entries[field] = value;
    else if (column === undefined) ((entries[field] ??= []) as unknown[]).push({ at, entered: value });
    else {
      const rows = (entries[field] ??= []) as Record<string, string>[];
      const i = Number(at) - 1;
      rows[i] = { ...rows[i], [column]: value };
    }
  }
  return entries;
}

/**
 * Reads scenarios and draws the conclusions of each.
 *
 * @param text scenarios, each begun by a line `# name`
 * @throws Error naming the line that is not understood
 */
export function readScenarios(text: string): Scenario[] {
  return text
    .split(/^# /m)
    .slice(1)
    .map((block) => {
      const [name = '', ...lines] = block.split('\n').map((l) => l.trim());
      return readOne(name, lines.filter(Boolean));
    });
}

function readOne(name: string, lines: string[]): Scenario {
  const d: Draft = {
    scans: [],
    clears: [],
    symptoms: [],
    earlier: [],
    roles: [],
    tests: [],
    causes: [],
    repairs: [],
    proof: [],
    followUps: [],
  };
  let said = '';
  let unexplained = '';
  let comebacks: number[] = [];
  const expected: string[] = [];
  for (const whole of lines) {
    if (whole.startsWith('=> ')) {
      expected.push(whole.slice(3));
      continue;
    }
    const timed = /^(?:\+(\d+) )?(\d\d):(\d\d) (.*)$/.exec(whole) ?? /^\+(\d+) ()()(.*)$/.exec(whole);
    const at = timed ? momentOf(timed[1], timed[2]! || '12', timed[3]! || '0') : undefined;
    const line = timed?.[4] ?? whole;
    const word = /^(said|unexplained|came back as): (.*)$/.exec(line);
    if (word?.[1] === 'said') said = word[2]!;
    else if (word?.[1] === 'unexplained') unexplained = [unexplained, word[2]!].filter(Boolean).join('\n');
    else if (word) comebacks = word[2]!.split(',').map(Number);
    else {
      const rule = LINES.find(([pattern]) => pattern.test(line));
      if (!rule) throw new Error(`${name}: "${whole}" is not understood.`);
      rule[1](rule[0].exec(line)!, at, d);
    }
  }
  const file = CaseFile.parse({
    format: 'vantle-case/1',
    openedAt: momentOf('0', '7', '0'),
    vehicle: {},
    said,
    unexplained,
    ...d,
  });
  let id = 0;
  const { rows } = readCaseFile(file, {
    caseId: 'k',
    vehicleId: 'v',
    vehicleKnown: false,
    number: 1,
    catalogue: STARTER,
    newId: () => `r${++id}`,
    person: () => null,
    earlierCase: () => undefined,
  });
  const record = assemble(rows);
  return {
    name,
    record,
    conclusions: conclude(record, { catalogue: STARTER, comebackNumbers: comebacks }),
    tests: new Map(d.tests.map((t, i) => [t.ref as string, record.test[i]!.id])),
    expected,
  };
}
