import { doneRepairs, type CaseRecord, type Grade } from '@/core/case';
import { checkOf, runCheck, typedOf } from '@/core/checks';
import { seenAgainst } from '@/core/cause';
import { vehicleName } from '@/core/vehicle';
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

const TO_CUSTOMER: Record<string, string> = {
  pass: 'right',
  fail: 'not right',
  unsure: 'not certain',
  void: 'does not count',
};

const NOT_DONE: Record<string, string> = {
  declined: 'you decided against it',
  'put off': 'put off for now',
  asked: 'waits for your answer',
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
  const done = new Set(doneRepairs(record).map((r) => r.id));
  const repairs = record.repair.filter((r) => done.has(r.id));
  const left = record.repair.filter((r) => !repairs.includes(r));
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
      ...record.cause.map((cause) => text(causeInWords(cause, c))),
      ...(record.cause.length === 0 ? [text('We do not know yet; the search goes on.')] : []),
      heading('What we did'),
      { kind: 'list', items: repairs.map((r) => repairInWords(r, record)) },
      heading('Not done'),
      {
        kind: 'list',
        items: left.map((r) =>
          sentence(
            `${r.what || r.action}: ${NOT_DONE[r.authorisation] ?? 'not done yet'}${r.note ? ` — ${r.note}` : ''}`,
          ),
        ),
      },
      heading('How we know'),
      beforeAndAfter(record, (v) => TO_CUSTOMER[v] ?? v),
      text(
        c.comebacks.length
          ? `It came back since (case ${c.comebacks.join(', ')}); we are on it.`
          : record.followUp.some((f) => f.state === 'came back') && it.grade === 'claimed'
            ? 'It came back since, as you told us; we are on it.'
            : it.grade === 'claimed' && seenAgainst({ ...record, comebackNumbers: c.comebacks }) !== ''
              ? 'The repair is done, but what we saw after it says that the trouble is not gone yet. We are on it.'
              : IN_PLAIN_WORDS[it.grade],
      ),
      heading('Still open'),
      {
        kind: 'list',
        items: [
          ...record.repair.flatMap((r) => (r.due ? [sentence(`still due: ${r.due}`)] : [])),
          ...(it.unexplained ? [sentence(short(it.unexplained))] : []),
          ...(next
            ? [
                sentence(
                  `we will ask you whether it held${next.dueAt ? ` around ${c.day(next.dueAt)}` : ''}${next.dueOdometer ? `, or at ${next.dueOdometer}` : ''}`,
                ),
              ]
            : []),
        ],
      },
      heading('Photos'),
      { kind: 'photos', photos: photosOf(record).slice(0, MOST_PHOTOS) },
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
    declined: ' (found, not repaired, as you wished)',
    'part on order': ' (found; the part is on order)',
  }[cause.state];
  const what = part || failure ? `${[part, failure].filter(Boolean).join(': ')}` : 'Not named yet';
  return `${sentence(`${what}${cause.where ? `, ${cause.where}` : ''}${state}`)} ${sentence(short(cause.why))}`.trim();
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

/** The pictures of a case in order of time. */
export function photosOf(record: Pick<CaseRecord, 'attachment'>): { hash: string; name: string }[] {
  return record.attachment
    .filter((a) => /^image\/(jpeg|png|webp|avif|tiff)$/.test(a.mime))
    .map((a) => ({ hash: a.hash, name: a.note || a.name }));
}
