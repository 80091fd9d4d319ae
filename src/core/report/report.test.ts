import fc from 'fast-check';
import { marked } from 'marked';
import { describe, expect, it } from 'vitest';
import { applyOps, KINDS, type CaseRecord, type Kind, type Op } from '@/core/case';
import { emptyRecord } from '@/core/case/test-record';
import { tidy, type Report, type ReportContext } from './blocks';
import { customerReport } from './customer';
import { toMarkdown } from './markdown';
import { technicianReport } from './technician';

const context: ReportContext = {
  shop: 'Weir Lane',
  person: (id) => (id === 'mara' ? 'Mara' : ''),
  catalogueName: (id) => ({ pump: 'fuel pump', worn: 'worn' })[id ?? ''] ?? '',
  symptomLabel: (id) => id,
  conditionLabel: (id) => id,
  day: (iso) => iso?.slice(0, 10) ?? '',
  dayTime: (iso) => iso?.slice(0, 16) ?? '',
  comebacks: [],
  money: { currency: 'EUR', hourRate: 90 },
};
function record(more: object = {}): CaseRecord {
  const r = emptyRecord(
    { number: 7, said: 'It dies uphill.', grade: 'proven', ...more },
    { make: 'Corvane', model: 'Tessa', vin: 'VC9TA16B0GK170001' },
  );
  return applyOps(r, [
    { op: 'add', kind: 'test', id: 't', row: { at: '2026-01-01T11:00:00.000Z', question: 'Does it hold?' } },
    {
      op: 'add',
      kind: 'reading',
      id: 'r',
      row: { testId: 't', label: 'rail', entered: '2.4 bar', limit: '≥ 3.7 bar' },
    },
    { op: 'set', kind: 'test', id: 't', revision: 1, set: { verdict: 'fail' }, was: {} },
    {
      op: 'add',
      kind: 'test',
      id: 't2',
      row: { at: '2026-01-03T11:00:00.000Z', question: 'Does it hold?', repeatOf: 't' },
    },
    { op: 'add', kind: 'reading', id: 'r2', row: { testId: 't2', label: 'rail', entered: '4.0 bar' } },
    { op: 'set', kind: 'test', id: 't2', revision: 1, set: { verdict: 'pass' }, was: {} },
    { op: 'add', kind: 'cause', id: 'c', row: { partId: 'pump', failureId: 'worn', state: 'repaired' } },
    {
      op: 'add',
      kind: 'repair',
      id: 'rep',
      row: { causeId: 'c', at: '2026-01-02T11:00:00.000Z', what: 'fuel pump', authorisation: 'authorised' },
    },
    { op: 'add', kind: 'repair', id: 'rep2', row: { what: 'wiper blades', authorisation: 'declined' } },
    {
      op: 'add',
      kind: 'part',
      id: 'p',
      row: { repairId: 'rep', name: 'pump', number: 'X 1', source: 'genuine' },
    },
    {
      op: 'add',
      kind: 'suspect',
      id: 's',
      row: { words: 'filter', state: 'ruled out', why: 'flow was good' },
    },
    {
      op: 'add',
      kind: 'attachment',
      id: 'a',
      row: { name: 'pump.jpg', mime: 'image/jpeg', hash: 'f'.repeat(64), at: '2026-01-02T11:00:00.000Z' },
    },
  ]);
}

describe('the report for the customer', () => {
  const md = toMarkdown(customerReport(record(), context));
  it('says in plain words what they said, what it was, what was done and not done, before and after', () => {
    for (const part of [
      '> It dies uphill.',
      'Fuel pump: worn.',
      'Replaced: fuel pump — fitted: pump (genuine).',
    ])
      expect(md).toContain(part);
    expect(md).toMatch(/Not repaired at your wish\n+- Wiper blades\./);
    expect(md).toContain('| Does it hold? | rail: 2.4 bar (not right) | rail: 4.0 bar (right) |');
    expect(md).toContain('tested again in the same way and is right now');
  });
  it('keeps to itself what is the shop’s: suspects, part numbers, the VIN', () => {
    for (const word of ['ruled out', 'X 1', 'VC9TA16B0GK170001', 'filter']) expect(md).not.toContain(word);
  });
  it('claims no more than the grade does, and says when it came back', () => {
    expect(toMarkdown(customerReport(record({ grade: 'claimed' }), context))).toMatch(
      /have not been able to show/,
    );
    expect(toMarkdown(customerReport(record(), { ...context, comebacks: [9] }))).toMatch(
      /came back since \(case 9\)/,
    );
    // What was seen after the repair is not kept from them.
    const failed = applyOps(record({ grade: 'claimed' }), [
      {
        op: 'add',
        kind: 'proof',
        id: 'step',
        row: { kind: 'road test', state: 'failed', at: '2026-01-03T12:00:00.000Z' },
      },
    ]);
    const md = toMarkdown(customerReport(failed, context));
    expect(md).toMatch(/the trouble is not gone yet/);
    expect(md).not.toMatch(/have not been able to show/);
  });
});

describe('what the customer is told of repairs', () => {
  const AT = '2026-01-02T11:00:00.000Z';
  const told = (ops: Op[], more: object = {}) =>
    toMarkdown(customerReport(applyOps(record(more), ops), context));
  const under = (md: string, heading: string) =>
    (md.split(`## ${heading}\n`)[1] ?? '').split('\n## ')[0]!.trim();
  const repair = (id: string, row: Record<string, unknown>): Op => ({ op: 'add', kind: 'repair', id, row });

  it('is done only where it is done: a part on order, a yes, a question are still to come', () => {
    const md = told([
      repair('a', { what: 'alternator', authorisation: 'authorised' }),
      { op: 'add', kind: 'part', id: 'pa', row: { repairId: 'a', name: 'alternator', orderedAt: AT } },
      repair('b', { what: 'belt', authorisation: 'authorised' }),
      repair('c', { what: 'tensioner', authorisation: 'asked' }),
      repair('d', { what: 'pulley', authorisation: 'put off' }),
      repair('e', { what: 'hose' }),
    ]);
    expect(under(md, 'What we did')).toBe('- Replaced: fuel pump — fitted: pump (genuine).');
    expect(under(md, 'Still to be done').split('\n')).toEqual([
      '- Alternator: the part is on order.',
      '- Belt: agreed with you, not done yet.',
      '- Tensioner: waits for your answer.',
      '- Pulley: put off for now.',
      '- Hose: not done yet.',
    ]);
  });

  it('says of a declined cause what that means: in the words given, else what stays', () => {
    const declined = (row: Record<string, unknown>): Op[] => [
      { op: 'add', kind: 'symptom', id: 's1', row: { concept: 'squeal' } },
      { op: 'add', kind: 'cause', id: 'c2', row: { partId: 'pump', where: 'rear', state: 'declined' } },
      { op: 'add', kind: 'explains', id: 'x', row: { causeId: 'c2', of: 'symptom', what: 's1' } },
      repair('r2', { causeId: 'c2', what: 'rear pump', authorisation: 'declined', ...row }),
    ];
    const md = told(declined({}));
    expect(under(md, 'Not repaired at your wish')).toContain(
      'Fuel pump, rear. This stays, or comes again: squeal.',
    );
    expect(under(md, 'What it was')).not.toContain('rear');
    const words = told(declined({ declinedMeans: 'it will strand you one day' }));
    expect(under(words, 'Not repaired at your wish')).toContain(
      'Fuel pump, rear. It will strand you one day.',
    );
  });

  it('costs: what was done and what is to come, and what is not in it', () => {
    const md = told([
      repair('a', { what: 'relay', authorisation: 'authorised', hours: 0.5 }),
      { op: 'add', kind: 'part', id: 'pa', row: { repairId: 'a', name: 'relay', price: '12,40' } },
      { op: 'add', kind: 'part', id: 'pb', row: { repairId: 'a', name: 'socket' } },
    ]);
    // 0.5 h × 90 = 45.00; with the relay 57.40.
    expect(md.replace(/\u00a0/g, ' ')).toContain('| Still to be done | EUR 45.00 | EUR 12.40 | EUR 57.40 |');
    expect(md).toContain('no price is known yet: pump, socket');
    expect(told([])).not.toContain('estimated');
  });

  it('never has a note of the shop in it, whichever field that is', () => {
    // What a customer may read; every other text on the case is the shop's.
    const MAY: Partial<Record<Kind, readonly string[]>> = {
      case: ['said', 'customer', 'odometer', 'toCustomer', 'number'],
      vehicle: ['make', 'model', 'engine', 'plate', 'year'],
      symptom: ['words', 'concept'],
      code: ['code'],
      role: ['code'],
      test: ['question'],
      reading: ['label', 'entered', 'limit'],
      input: ['field', 'entered', 'at', 'column'],
      finding: ['about', 'figure', 'because', 'distance'],
      cause: ['where', 'why'],
      repair: ['what', 'due', 'declinedMeans'],
      part: ['name'],
      followUp: ['dueOdometer'],
    };
    const SECRET = 'zzsecret';
    const r = structuredClone(record({ closedAt: AT })) as CaseRecord;
    const ids = { testId: 't', causeId: 'c', repairId: 'rep', suspectId: 's', partId: null, scanId: 'scan' };
    for (const kind of Object.keys(KINDS) as Kind[]) {
      if (kind === 'case' || kind === 'vehicle') continue;
      const rows = r[kind] as unknown[];
      const drawn = KINDS[kind].safeParse({
        ...{
          id: `${kind}-new`,
          caseId: 'k',
          ...ids,
          at: AT,
          code: 'P0171',
          name: 'n',
          of: 'code',
          what: 'P0171',
        },
        ...{ ofCaseId: 'o', bulletinId: 'b', field: 'f', codeId: 'x', state: undefined },
      });
      if (drawn.success) rows.push(drawn.data);
    }
    const all = (Object.keys(KINDS) as Kind[]).flatMap((kind) =>
      (kind === 'case' || kind === 'vehicle' ? [r[kind]] : r[kind]).map((row) => ({ kind, row })),
    );
    let hidden = 0;
    for (const { kind, row } of all)
      for (const [field, shape] of Object.entries(KINDS[kind].shape)) {
        const may = MAY[kind]?.includes(field) || /^id$|Id$|^hash$|^mime$|^seq$|^grade$/.test(field);
        const takes = (shape as { safeParse: (x: unknown) => { success: boolean } }).safeParse(
          SECRET,
        ).success;
        if (may || !takes) continue;
        (row as Record<string, unknown>)[field] = `${SECRET} ${kind}.${field}`;
        hidden++;
      }
    expect(hidden).toBeGreaterThan(60);
    const md = toMarkdown(customerReport(r, context));
    expect(md.split('\n').filter((l) => l.includes(SECRET))).toEqual([]);
    expect(toMarkdown(technicianReport(r, context))).toContain(SECRET);
  });
});

describe('the report for the next technician', () => {
  it('has everything: readings with limits and verdicts, suspects with the reason, isolation', () => {
    const md = toMarkdown(technicianReport(record(), context));
    for (const part of [
      'VC9TA16B0GK170001',
      '| rail | 2.4 bar | ≥ 3.7 bar |',
      'filter: ruled out — flow was good',
      '| pump | X 1 | genuine |',
      'One change between the failing and the passing test',
      'Photo: pump.jpg',
    ])
      expect(md).toContain(part);
  });
  it('goes on in one sentence: a question has its answer behind it, a scan what it read', () => {
    const scanned = applyOps(record(), [
      { op: 'add', kind: 'scan', id: 's', row: { at: '2026-01-01T10:00:00.000Z', battery: '12.4 V' } },
      { op: 'add', kind: 'module', id: 'm', row: { scanId: 's', name: 'Engine', answered: true } },
    ]);
    const md = toMarkdown(technicianReport(scanned, context));
    expect(md).toMatch(/Does it hold\? fail\./);
    expect(md).toMatch(/Does it hold\? \(again\): pass\./);
    expect(md).toMatch(/0 codes, 12\.4 V, it read Engine/);
  });

  it('of an empty case has no empty headings', () => {
    const bare = { ...record({ said: '', grade: '' }) };
    for (const kind of Object.keys(KINDS) as Kind[])
      if (kind !== 'case' && kind !== 'vehicle') (bare as Record<string, unknown>)[kind] = [];
    const { blocks } = technicianReport(bare, context);
    blocks.forEach((b, i) => {
      if (b.kind === 'heading') expect(blocks[i + 1]?.kind ?? 'heading').not.toBe('heading');
    });
  });
});

describe('Markdown, read back by a reader of CommonMark (marked)', () => {
  const report = (words: string): Report => ({
    title: words,
    subtitle: '',
    blocks: tidy([
      { kind: 'text', text: words },
      { kind: 'table', head: ['a', 'b'], rows: [[words, 'x']] },
      { kind: 'list', items: [words] },
    ]),
    foot: 'foot',
  });
  const plain = (html: string) =>
    html
      .replace(/<[^>]+>/g, '')
      .replace(/&lt;/g, '<')
      .replace(/&gt;/g, '>')
      .replace(/&quot;/g, '"')
      .replace(/&#39;/g, "'")
      .replace(/&amp;/g, '&')
      .replace(/\s+/g, ' ');

  it.each([
    'P0171 | lean',
    '**bold** and _not_',
    '<script>alert(1)</script>',
    '# no heading',
    '1. no list',
    '- no list',
    '[a](b)',
    '`x`',
    '3 > 2 & 1 < 4',
    'a~~b~~',
  ])('%s stays what it is', (words) => {
    const html = marked.parse(toMarkdown(report(words)), { async: false });
    expect(html).not.toMatch(/<script|<strong>|<em>|<a |<code>|<del>/);
    expect(plain(html).split(words.replace(/\s+/g, ' ')).length - 1).toBe(4);
    expect(html.match(/<td/g)).toHaveLength(2);
  });
  it('keeps the shape of the table whatever is in its cells', () => {
    fc.assert(
      fc.property(fc.string({ minLength: 1, maxLength: 24 }), (words) => {
        if (words.trim() === '') return true;
        const html = marked.parse(toMarkdown(report(words)), { async: false });
        return html.match(/<td/g)?.length === 2;
      }),
    );
  });
});
