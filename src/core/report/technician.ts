import { displayWord, doneTests, repairStates, type CaseRecord } from '@/core/case';
import { coverOf, isolationOf } from '@/core/cause';
import { coverageOf, coursesOf, effectiveRoles } from '@/core/codes';
import { vehicleName } from '@/core/vehicle';
import { facts, heading, text, tidy, type Block, type Report, type ReportContext } from './blocks';
import { beforeAndAfter, photosOf, readInWords } from './customer';

const join = (...parts: (string | false | null | undefined)[]) => parts.filter(Boolean).join(', ');

/**
 * The report for the next technician: everything the case has, in the order of the argument.
 *
 * @param record the case
 * @param c names, dates and labels
 */
export function technicianReport(record: CaseRecord, c: ReportContext): Report {
  const { case: it, vehicle: v } = record;
  return {
    title: `Case ${it.number}: ${vehicleName(v)}`,
    subtitle: join(
      `opened ${c.day(it.openedAt)}`,
      it.closedAt ? `closed ${c.day(it.closedAt)}` : 'open',
      it.grade ? `proof: ${displayWord(it.grade)}` : 'no proof yet',
    ),
    blocks: tidy([
      ...complaint(record, c),
      ...codes(record, c),
      ...tests(record, c),
      ...cause(record, c),
      ...repair(record, c),
      ...proof(record, c),
    ]),
    foot: `${c.shop} · case ${it.number}`,
  };
}

function complaint({ case: it, vehicle: v, symptom, earlier }: CaseRecord, c: ReportContext): Block[] {
  return [
    facts(
      ['VIN', v.vin],
      ['Plate', v.plate],
      [
        'Engine',
        join(v.engine, v.displacement, v.cylinders ? `${v.cylinders} cylinders` : '', v.firingOrder),
      ],
      ['Market', v.market],
      ['Odometer', it.odometer],
      ['Lead', c.person(it.leadId)],
      ['In the hand of', join(c.person(it.handId), it.handNote)],
    ),
    heading('Complaint'),
    { kind: 'text', text: it.said, quote: true },
    text(it.seen),
    facts(['Reproduced', it.reproduced]),
    {
      kind: 'list',
      items: symptom.map((s) =>
        join(
          s.concept ? c.symptomLabel(s.concept) : s.words,
          s.conditions.map(c.conditionLabel).join(' + '),
          s.frequency,
          s.lamps.length > 0 && `lamp: ${s.lamps.join(' ')}`,
          s.reproduced !== '' && `reproduced: ${s.reproduced}`,
        ),
      ),
    },
    heading('Earlier repairs and events'),
    {
      kind: 'list',
      items: earlier.map((e) =>
        join(
          e.kind,
          e.what,
          e.part,
          e.partSource,
          e.by && `by ${e.by}`,
          e.when,
          e.changed && `changed: ${e.changed}`,
          e.price && `cost ${e.price}`,
        ),
      ),
    },
  ];
}

function codes(record: CaseRecord, c: ReportContext): Block[] {
  const roles = effectiveRoles(record);
  const given = new Map(record.role.map((r) => [r.code, r]));
  return [
    heading('Fault codes'),
    {
      kind: 'table',
      head: ['Code', 'Wording', 'Course', 'Role', 'Why'],
      rows: coursesOf(record).map((k) => [
        k.code,
        k.text,
        k.course,
        `${displayWord(roles.get(k.code) ?? '')}${given.get(k.code)?.role ? '' : ' (proposed)'}`,
        given.get(k.code)?.why || k.because,
      ]),
    },
    {
      kind: 'list',
      items: [
        ...record.scan.map((s) => {
          const silent = record.module.filter((m) => m.scanId === s.id && !m.answered).map((m) => m.name);
          const count = record.code.filter((x) => x.scanId === s.id).length;
          return {
            at: s.at,
            says: join(
              `${c.dayTime(s.at)}: scan${s.phase ? ` ${s.phase}` : ''}`,
              count === 1 ? '1 code' : `${count} codes`,
              s.battery,
              silent.length > 0 && `no answer: ${silent.join(', ')}`,
              lower(coverageOf(s, record.module, record.code, record.live).because),
            ),
          };
        }),
        ...record.clear.map((x) => ({ at: x.at, says: `${c.dayTime(x.at)}: cleared ${x.note}`.trim() })),
      ]
        .sort((a, b) => a.at.localeCompare(b.at))
        .map((x) => x.says),
    },
  ];
}

/** A sentence that goes on another one. */
const MET_WORDS = { yes: 'met', no: 'not met', '': 'not said' };

const lower = (said: string): string => `${said.charAt(0).toLowerCase()}${said.slice(1)}`;

/** What a test asks, ready for its verdict behind it. */
const asked = ({ question, repeatOf }: CaseRecord['test'][number]): string => {
  const said = `${question || 'Test'}${repeatOf ? ' (again)' : ''}`;
  return said.endsWith('?') ? said : `${said}:`;
};

function tests(record: CaseRecord, c: ReportContext): Block[] {
  const suspect = (id: string) => {
    const s = record.suspect.find((x) => x.id === id);
    return s ? join(c.catalogueName(s.partId) || s.words, c.catalogueName(s.failureId)) : '';
  };
  const done = doneTests(record);
  const planned = record.test.filter((t) => !done.includes(t));
  return [
    heading('Tests'),
    ...[...done]
      .sort((a, b) => a.at.localeCompare(b.at))
      .flatMap((t): Block[] => {
        const conditions = record.condition.filter((x) => x.testId === t.id);
        const readings = record.reading.filter((r) => r.testId === t.id && r.entered !== '');
        const says = record.bearing.filter((b) => b.testId === t.id);
        return [
          text(`${c.dayTime(t.at)} — ${asked(t)} ${displayWord(t.verdict) || 'no verdict'}. ${t.because}`),
          facts(
            ['At', join(t.whereKind && t.where ? `${t.whereKind} ${t.where}` : t.where)],
            [
              'Needs',
              conditions
                .map((x) => `${x.what}${x.reading ? ` (${x.reading})` : ''}: ${MET_WORDS[x.met]}`)
                .join('; '),
            ],
            ['Set-up', join(t.setup, t.setupReading, t.setupResult)],
            ['Expected', join(t.expectation, t.expectationSource)],
            ['With', join(t.instrument, t.accuracy)],
            ['Left out', t.skipped],
            ['Read', readings.length === 0 && t.checkId ? readInWords(record, t) : ''],
            ['Says', says.map((b) => `${b.says} ${suspect(b.suspectId)}`).join('; ')],
            ['By', join(c.person(t.byId), t.minutes !== null && `${t.minutes} min`)],
            ['Note', t.note],
          ),
          {
            kind: 'table',
            head: ['Reading', 'Value', 'Limit', 'Verdict'],
            rows: readings.map((r) => [r.label, r.entered, r.limit, displayWord(r.verdict)]),
          },
        ];
      }),
    heading('Planned, not done'),
    {
      kind: 'list',
      items: planned.map((t) => join(t.question || 'a test', t.skipped && `left out: ${t.skipped}`)),
    },
    heading('Before and after'),
    beforeAndAfter(record),
  ];
}

function cause(record: CaseRecord, c: ReportContext): Block[] {
  const cover = coverOf(record, c.symptomLabel);
  const name = (x: { partId: string | null; failureId: string | null; where: string; words?: string }) =>
    join(c.catalogueName(x.partId) || x.words, c.catalogueName(x.failureId), x.where);
  const open = cover.filter((i) => i.causeIds.length === 0).map((i) => i.label);
  return [
    heading('Suspects'),
    { kind: 'list', items: record.suspect.map((s) => `${name(s)}: ${s.state}${s.why ? ` — ${s.why}` : ''}`) },
    heading('Cause'),
    ...record.cause.flatMap((x): Block[] => [
      text(`${name(x)} (${x.state})`),
      facts(
        ['Why it happened', x.why],
        ['What misled', x.misled],
        [
          'Accounts for',
          cover
            .filter((i) => i.causeIds.includes(x.id))
            .map((i) => i.label)
            .join('; '),
        ],
      ),
    ]),
    facts(['Not explained', open.join('; ')], ['A word about it', record.case.unexplained]),
  ];
}

function repair(record: CaseRecord, c: ReportContext): Block[] {
  const isolation = isolationOf(record);
  const states = repairStates(record);
  return [
    heading('Repair'),
    ...record.repair.flatMap((r): Block[] => [
      text(join(`${r.action}: ${r.what}`, states.get(r.id), r.at && c.day(r.at), c.person(r.byId))),
      facts(
        [
          'Customer',
          join(
            r.askedAt && `asked ${c.dayTime(r.askedAt)}`,
            r.answeredAt && `answered ${c.dayTime(r.answeredAt)}`,
            r.answeredById && `to ${c.person(r.answeredById)}`,
          ),
        ],
        ['What declining means', r.declinedMeans],
        ['Hours', r.hours === null ? '' : String(r.hours)],
        ['Removed for access', r.access],
        ['Other changes', r.alsoChanged],
        ['Still due', r.due],
        ['Note', r.note],
      ),
      {
        kind: 'table',
        head: ['Part', 'Number', 'Source', 'Sold as', 'Price', 'Came'],
        rows: record.part
          .filter((p) => p.repairId === r.id)
          .map((p) => [
            p.name,
            p.number,
            p.source,
            p.soldAs,
            p.price,
            (p.arrivedAt && c.day(p.arrivedAt)) || (p.orderedAt && `ordered ${c.day(p.orderedAt)}`) || '',
          ]),
      },
    ]),
    facts(['Isolated', record.repair.length ? isolation.because : '']),
  ];
}

function proof(record: CaseRecord, c: ReportContext): Block[] {
  return [
    heading('Proof'),
    text(
      c.comebacks.length
        ? `Came back as case ${c.comebacks.join(', ')}. ${record.case.gradeWhy}`
        : record.case.gradeWhy,
    ),
    {
      kind: 'table',
      head: ['Step', 'What', 'Outcome', 'Result', 'By'],
      rows: record.proof.map((p) => [
        p.kind,
        p.what,
        // A tick is somebody's word; what was measured stands in the grade above.
        p.state === 'passed' ? 'ticked as passed' : p.state,
        p.result,
        join(c.person(p.byId), p.at && c.day(p.at)),
      ]),
    },
    {
      kind: 'list',
      items: record.followUp.map((f) =>
        join(
          `follow-up ${f.dueAt ? c.day(f.dueAt) : ''}`.trim(),
          f.dueOdometer && `or at ${f.dueOdometer}`,
          f.state,
          f.note,
        ),
      ),
    },
    heading('What to remember'),
    text(record.case.lesson),
    heading('Photos and files'),
    { kind: 'photos', photos: photosOf(record) },
    {
      kind: 'list',
      items: record.attachment.filter((a) => !a.mime.startsWith('image/')).map((a) => a.name),
    },
  ];
}
