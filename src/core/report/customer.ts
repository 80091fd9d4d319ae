import { repairStates, type CaseRecord, type Grade, type RepairState } from '@/core/case';
import { checkOf, runCheck, typedOf } from '@/core/checks';
import { coverOf, declinedCauses, seenAgainst } from '@/core/cause';
import { vehicleName } from '@/core/vehicle';
import { costs } from './costs';
import { facts, heading, text, tidy, type Block, type Report, type ReportContext } from './blocks';

/** What a grade means to somebody who does not know the word. */
const IN_PLAIN_WORDS: Record<Grade, string> = {
  '': 'The work is not finished yet.',
  claimed: 'The repair is done. We have not been able to show yet that it holds.',
  checked: 'What we could check after the repair is right. Not everything that shows it could be tried yet.',
  proven:
    'What failed before was tested again in the same way and is right now, and the trouble you described did not show under the conditions in which it used to.',
  held: 'Tested after the repair, and still right when we asked again later.',
};

/** How sure the repair is, as the customer reads it: what was seen against it first. */
function howSure(record: CaseRecord, grade: Grade, c: ReportContext): string {
  if (c.comebacks.length) return `It came back since (case ${c.comebacks.join(', ')}); we are on it.`;
  if (grade !== 'claimed') return IN_PLAIN_WORDS[grade];
  if (record.followUp.some((f) => f.state === 'came back'))
    return 'It came back since, as you told us; we are on it.';
  return seenAgainst({ ...record, comebackNumbers: c.comebacks }) === ''
    ? IN_PLAIN_WORDS.claimed
    : 'The repair is done, but what we saw after it says that the trouble is not gone yet. We are on it.';
}

const TO_CUSTOMER: Record<string, string> = {
  pass: 'right',
  fail: 'not right',
  unsure: 'not certain',
  void: 'does not count',
};

/** Where a repair stands that is still to be done, as the customer is told. */
const TO_COME: Partial<Record<RepairState, string>> = {
  planned: 'not done yet',
  asked: 'waits for your answer',
  authorised: 'agreed with you, not done yet',
  'waiting for a part': 'the part is on order',
  'put off': 'put off for now',
};

const MOST_PHOTOS = 4;
const MOST_WORDS = 600;
const short = (s: string) => (s.length > MOST_WORDS ? `${s.slice(0, MOST_WORDS - 1).trimEnd()}…` : s);
const sentence = (s: string) =>
  s === '' ? '' : s.charAt(0).toUpperCase() + s.slice(1) + (/[.!?…]$/.test(s) ? '' : '.');

/**
 * The report for the customer: one page in plain words. What they said, what it was, what was done
 * and what was left, what was measured before and after, what is still due.
 *
 * @param record the case
 * @param c names, dates and labels
 */
export function customerReport(record: CaseRecord, c: ReportContext): Report {
  const { case: it, vehicle } = record;
  const states = repairStates(record);
  const of = (...wanted: RepairState[]) => record.repair.filter((r) => wanted.includes(states.get(r.id)!));
  const declined = declinedCauses(record);
  const causes = record.cause.filter((cause) => !declined.has(cause.id));
  const next = record.followUp.find((f) => f.state === 'due');
  return {
    title: 'What we found and what we did',
    subtitle: [vehicleName(vehicle), vehicle.plate, `case ${it.number}`, c.day(it.closedAt ?? it.openedAt)]
      .filter(Boolean)
      .join(' · '),
    blocks: tidy([
      facts(['Customer', it.customer], ['Odometer', it.odometer], ['Looked after by', c.person(it.leadId)]),
      heading('What you told us'),
      { kind: 'text', text: short(it.said), quote: true },
      heading('What it was'),
      ...causes.map((cause) => text(causeInWords(cause, c))),
      ...(record.cause.length === 0 ? [text('We do not know yet; the search goes on.')] : []),
      heading('What we did'),
      { kind: 'list', items: of('done').map((r) => repairInWords(r, record)) },
      heading('Still to be done'),
      {
        kind: 'list',
        items: of('planned', 'asked', 'authorised', 'waiting for a part', 'put off').map((r) =>
          sentence(`${r.what || r.action}: ${TO_COME[states.get(r.id)!]}`),
        ),
      },
      heading('Not repaired at your wish'),
      { kind: 'list', items: notRepaired(record, declined, c) },
      ...costs(record, c.money),
      heading('How we know'),
      beforeAndAfter(record, (v) => TO_CUSTOMER[v] ?? v),
      text(howSure(record, it.grade, c)),
      heading('Still open'),
      {
        kind: 'list',
        items: [
          ...record.repair.flatMap((r) => (r.due ? [sentence(`still due: ${r.due}`)] : [])),
          ...unexplained(record, c),
          ...(next
            ? [
                sentence(
                  `we will ask you whether it held${next.dueAt ? ` around ${c.day(next.dueAt)}` : ''}${next.dueOdometer ? `, or at ${next.dueOdometer}` : ''}`,
                ),
              ]
            : []),
        ],
      },
      heading('A word from us'),
      text(short(it.toCustomer)),
      heading('Photos'),
      { kind: 'photos', photos: photosForCustomer(record).slice(0, MOST_PHOTOS) },
    ]),
    foot: `${c.shop} · case ${it.number}`,
  };
}

function causeInWords(cause: CaseRecord['cause'][number], c: ReportContext): string {
  const part = c.catalogueName(cause.partId);
  const failure = c.catalogueName(cause.failureId);
  const state = {
    suspected: ' (suspected)',
    diagnosed: ' (found, not repaired yet)',
    repaired: '',
    declined: '',
    'part on order': ' (found; the part is on order)',
  }[cause.state];
  const what = part || failure ? `${[part, failure].filter(Boolean).join(': ')}` : 'Not named yet';
  return `${sentence(`${what}${cause.where ? `, ${cause.where}` : ''}${state}`)} ${sentence(short(cause.why))}`.trim();
}

/** What is left as it is at the customer's wish: each cause, or repair of none, with what that means. */
function notRepaired(record: CaseRecord, declined: ReadonlySet<string>, c: ReportContext): string[] {
  const states = repairStates(record);
  const said = (rows: CaseRecord['repair']) => rows.map((r) => r.declinedMeans).filter(Boolean);
  const stays = (causeId: string) =>
    coverOf(record, c.symptomLabel)
      .filter(
        (i) => i.of !== 'test' && i.causeIds.includes(causeId) && i.causeIds.every((id) => declined.has(id)),
      )
      .map((i) => i.label);
  const ofCauses = record.cause
    .filter((cause) => declined.has(cause.id))
    .map((cause) => {
      const means = said(record.repair.filter((r) => r.causeId === cause.id));
      const left = stays(cause.id);
      return [
        causeInWords({ ...cause, why: '' }, c),
        ...means.map(sentence),
        ...(means.length === 0 && left.length > 0
          ? [sentence(`this stays, or comes again: ${left.join(', ')}`)]
          : []),
      ].join(' ');
    });
  const alone = record.repair.filter(
    (r) => states.get(r.id) === 'declined' && !(r.causeId !== null && declined.has(r.causeId)),
  );
  return [
    ...ofCauses,
    ...alone.map((r) => [sentence(r.what || r.action), ...said([r]).map(sentence)].join(' ')),
  ];
}

/** Symptoms and codes that no cause accounts for, by name; what the shop thinks of them stays in the shop. */
function unexplained(record: CaseRecord, c: ReportContext): string[] {
  if (record.case.closedAt === null) return [];
  const open = coverOf(record, c.symptomLabel).filter((i) => i.of !== 'test' && i.causeIds.length === 0);
  return open.length ? [sentence(`not explained yet: ${open.map((i) => i.label).join(', ')}`)] : [];
}

function repairInWords(r: CaseRecord['repair'][number], record: CaseRecord): string {
  const parts = record.part.filter((p) => p.repairId === r.id && p.name !== '');
  const fitted = parts.map((p) => [p.name, p.source && `(${p.source})`].filter(Boolean).join(' ')).join(', ');
  return sentence(`${r.action}: ${r.what || 'see the parts'}${fitted ? ` — fitted: ${fitted}` : ''}`);
}

/** What a test read: its readings, or the figures of its check. */
export function readInWords(
  record: Pick<CaseRecord, 'reading' | 'input' | 'finding'>,
  test: CaseRecord['test'][number],
): string {
  const readings = record.reading.filter((r) => r.testId === test.id && r.entered !== '');
  if (readings.length) return readings.map((r) => [r.label, r.entered].filter(Boolean).join(': ')).join('; ');
  const found = record.finding.filter((f) => f.testId === test.id);
  if (found.length) return told(found) || test.verdict;
  const check = checkOf(test.checkId);
  if (!check) return test.verdict;
  const typedIn = (id: string | null) =>
    typedOf(
      check,
      record.input.filter((i) => i.testId === id),
    );
  const result = runCheck(check, typedIn(test.id), typedIn(test.repeatOf));
  if (result.state !== 'done') return test.verdict;
  return told(result.findings);
}

/** What was found, in short: the figures of what was judged, else of all. */
function told(
  findings: readonly { verdict: string; because: string; about?: string; figure?: string }[],
): string {
  const judged = findings.filter((f) => f.verdict !== '');
  return (judged.length ? judged : findings)
    .slice(0, 3)
    .map((f) => [f.about, f.figure || f.because].filter(Boolean).join(': '))
    .join('; ');
}

/**
 * Every test with its last repeat, side by side.
 *
 * @param record tests with their readings and entries
 * @param inWords how a verdict is put to this reader
 */
export function beforeAndAfter(
  record: Pick<CaseRecord, 'test' | 'reading' | 'input' | 'finding'>,
  inWords: (verdict: string) => string = (v) => v,
): Block {
  const rows = record.test
    .filter((t) => t.repeatOf === null)
    .flatMap((first) => {
      const last = record.test
        .filter((t) => t.repeatOf === first.id && t.verdict !== '')
        .sort((a, b) => a.at.localeCompare(b.at))
        .at(-1);
      if (!last || first.verdict === '' || first.verdict === 'void') return [];
      const say = (t: typeof first) => `${readInWords(record, t)} (${inWords(t.verdict)})`;
      return [[first.question, say(first), say(last)]];
    });
  return { kind: 'table', head: ['Tested', 'Before', 'After'], rows };
}

/** Pictures with what they show, not with what was noted on them. */
function photosForCustomer(record: CaseRecord): { hash: string; name: string }[] {
  const shows = (a: CaseRecord['attachment'][number]) =>
    record.part.find((p) => p.id === a.partId)?.name ||
    record.test.find((t) => t.id === a.testId)?.question ||
    '';
  return photosOf(record).map(({ hash }) => ({
    hash,
    name: shows(record.attachment.find((a) => a.hash === hash)!),
  }));
}

/** The pictures of a case in order of time. */
export function photosOf(record: Pick<CaseRecord, 'attachment'>): { hash: string; name: string }[] {
  return record.attachment
    .filter((a) => /^image\/(jpeg|png|webp|avif|tiff)$/.test(a.mime))
    .map((a) => ({ hash: a.hash, name: a.note || a.name }));
}
