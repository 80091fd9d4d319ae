import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Catalogue, starterItems } from '@/core/cause';
import { SHIPPED } from '@/core/symptoms';
import { CaseFile } from '../case-file';
import {
  dateColumn,
  fieldsOfHead,
  jobsOf,
  makesIn,
  readDay,
  readDone,
  readJob,
  readTable,
  readVehicleWords,
  unitOfHead,
  type RecordField,
  type RecordReader,
  type VehicleWords,
} from './index';

const catalogue = new Catalogue(starterItems());
const done = (text: string) => {
  const r = readDone(text, catalogue);
  return [r.action, r.part?.name ?? '', r.failure?.name ?? ''].filter(Boolean).join(' / ');
};

describe('dates of a column', () => {
  it.each([
    [['3/4/2021', '25/4/2021'], 'day first'],
    [['3/4/2021', '4/25/2021'], 'month first'],
    [['2021-04-03', '2021-12-25'], 'year first'],
    [['3.4.21', '12.11.21'], 'day first'],
    [['3 Apr 2021', '12 Nov 2021'], 'day first'],
    // Nothing tells, or two things do: it is asked.
    [['3/4/2021', '5/6/2021'], undefined],
    [['25/4/2021', '4/25/2021'], undefined],
    [[], undefined],
  ])('%j are written %s', (cells, order) => expect(dateColumn(cells).order).toBe(order));
  it.each([
    ['3/4/21', 'day first', '2021-04-03'],
    ['3/4/21', 'month first', '2021-03-04'],
    ['3/4/21', undefined, undefined],
    ['25/4/21', undefined, '2021-04-25'],
    ['4/4/21', undefined, '2021-04-04'],
    ['31/4/2021', 'day first', undefined],
    ['29.02.2020', 'day first', '2020-02-29'],
    ['29.02.2021', 'day first', undefined],
    ['20210403', undefined, '2021-04-03'],
    ['2021-04-03T08:30:00Z', undefined, '2021-04-03'],
    ['03/04/2021 8:30 am', 'day first', '2021-04-03'],
    ['Mon 3 April 2021', undefined, '2021-04-03'],
    ['März 2021', undefined, undefined],
    ['3. März 2021', undefined, '2021-03-03'],
    ['April 3rd, 2021', undefined, '2021-04-03'],
    ['44289', undefined, '2021-04-03'],
    ['12345', undefined, undefined],
    ['24,001', 'day first', undefined],
  ] as const)('%s, %s, is %s', (cell, order, day) => expect(readDay(cell, order)).toBe(day));
  it('reads back any day however it is written', () => {
    fc.assert(
      fc.property(
        fc.date({ min: new Date('1970-01-01'), max: new Date('2060-12-31'), noInvalidDate: true }),
        (at) => {
          const iso = at.toISOString().slice(0, 10);
          const [y, m, d] = iso.split('-') as [string, string, string];
          expect(readDay(`${d}/${m}/${y}`, 'day first')).toBe(iso);
          expect(readDay(`${m}-${d}-${y}`, 'month first')).toBe(iso);
          expect(readDay(iso, undefined)).toBe(iso);
          // Without an order a day is never made up: either it is this one, or none is said.
          expect([iso, undefined]).toContain(
            Number(d) > 12 || Number(m) > 12 || d === m ? iso : readDay(`${d}/${m}/${y}`, undefined),
          );
        },
      ),
    );
  });
});

describe('what was done', () => {
  it.each([
    ['Replaced ignition coil cyl 3', 'replaced / ignition coil'],
    ['EGR valve stuck open, replaced with new', 'replaced / exhaust gas recirculation valve / stuck open'],
    ['egr seized, freed off and cleaned', 'cleaned / exhaust gas recirculation valve / seized'],
    ['Relay for the fuel pump replaced', 'replaced / fuel pump relay'],
    ['Replaced cam sensor, no change. Replaced crank sensor, fixed.', 'replaced / crankshaft sensor'],
    ['calibrated steering angle sensor', 'calibrated / steering angle sensor / not relearned'],
    // Not done, or not told which.
    ['Customer declined turbo', ''],
    ['Advised on front pads', ''],
    ['MAF on order', ''],
    ['Checked alternator, ok', ''],
    ['No fault found', ''],
    ['Cleared codes, road tested', ''],
    ['replaced coil and plugs', 'replaced'],
    ['replaced sensor', 'replaced'],
    ['replaced TPMS receiver, battery flat', 'replaced'],
    // What is told after the new part may be what was wrong with it, or another thing: not told.
    ['replaced TPMS valve, battery flat', 'replaced'],
    ['Replaced MAF sensor, found boost hose split', 'replaced'],
    ['Fuse replaced, wiring harness chafed', 'replaced / wiring harness / chafed'],
    ['not the MAF; repaired wiring at radiator', 'repaired / wiring harness'],
    ['swapped coil 1 with 2', ''],
    // Done by others, before, or not in this job.
    ['Battery was replaced last year by customer', ''],
    ['Owner had fitted new thermostat', ''],
    ['MAF replaced recently, no fault found now', ''],
    ['Removed intake manifold for access', ''],
    ['Found radiator leaking. Customer declined. Replaced battery.', 'replaced / battery'],
    ['cleaned MAF, nothing changed', ''],
    ['removed aftermarket alarm', 'repaired / added equipment'],
    // A part that only says where, or begins the name of another.
    ['replaced hose at the turbo', 'replaced'],
    ['replaced radiator bracket', 'replaced'],
    ['no leaks found at radiator', ''],
    ['fixed leak at the water pump', 'repaired / water pump / leaking'],
  ])('"%s" is %s', (text, is) => expect(done(text)).toBe(is));
  it('says where, what else, and what was fitted in vain', () => {
    const r = readDone(
      'Replaced MAF no change, found coil cyl 3 cracked, new coil fitted, coolant topped up',
      catalogue,
    );
    expect(r).toMatchObject({ action: 'replaced', where: 'cyl 3' });
    expect(r.part?.name).toBe('ignition coil');
    expect(r.inVain.map((p) => p.name)).toEqual(['air-flow meter']);
    // What was done before that was no cure, and not in vain for this either.
    const later = readDone('Replaced battery. Replaced MAF, no change. Coil cracked, new coil', catalogue);
    expect(later.inVain.map((p) => p.name)).toEqual(['air-flow meter']);
    expect(later.part?.name).toBe('ignition coil');
    expect(readDone('replaced coil and plugs', catalogue).because).toContain('several parts');
  });
  it('never throws, and names no part that no word of the text belongs to', () => {
    const word = fc.constantFrom(
      'replaced',
      'coil',
      'no',
      'found',
      'leak',
      'at',
      'the',
      'pump',
      'ok',
      'and',
      '.',
      ',',
      'fuel',
      'EGR',
      'stuck',
      'new',
    );
    fc.assert(
      fc.property(fc.array(word, { maxLength: 14 }), (words) => {
        const r = readDone(words.join(' '), catalogue);
        if (r.part) expect(/coil|pump|EGR|fuel/i.test(words.join(' '))).toBe(true);
        if (r.action === '') expect(r.part).toBeUndefined();
      }),
    );
  });
});

describe('columns of a table', () => {
  it.each([
    ['Fahrgestellnr.', 'vin'],
    ['REG NO', 'plate'],
    ['vehicle_reg', 'plate'],
    ['RO #', 'order'],
    ['Kilométrage', 'odometer'],
    ['customerComplaint', 'complaint'],
    ['Work carried out', 'done'],
  ])('the head "%s" may be %s', (head, field) => expect(fieldsOfHead(head)[0]?.field).toBe(field));
  it.each(['Total', 'Net price', 'Phone', 'VAT', 'Status', ''])('takes nothing from "%s"', (head) =>
    expect(fieldsOfHead(head)).toEqual([]),
  );
  it('takes a column of types for whole vehicles only where several makes stand in it', () => {
    const of = (types: string[]) =>
      readTable([['Date', 'Type', 'Work'], ...types.map((t, i) => [`2021-03-0${i + 1}`, t, 'Replaced coil'])])
        .columns[1]!.field;
    expect(of(['Norvik Tessa 1.6', 'Norvik Fjell', 'Halden Corvo', 'Halden Brisk', 'Norvik Tessa'])).toBe(
      'vehicle',
    );
    expect(of(['Tessa C', 'Tessa VII', 'Corvo', 'Corvo C', 'Tessa C'])).toBe('model');
    expect(of(['Norvik Tessa', 'Corvo', 'Brisk', 'Fjell', 'Tessa'])).toBe('model');
  });
  it('believes a head only as far as what stands below it', () => {
    const fields = (rows: string[][]) => readTable(rows).columns.map((c) => c.field);
    const job = ['2021-01-02', 'no heat', 'replaced thermostat'];
    expect(fields([['Date', 'Fault', 'Fix'], job, job])).toEqual(['date', 'complaint', 'done']);
    expect(
      fields([
        ['Date', 'Fault', 'Fix'],
        ['2021-01-02', 'P0301', 'coil replaced'],
        ['2021-01-05', 'P0171', 'hose replaced'],
      ]),
    ).toEqual(['date', 'codes', 'done']);
    expect(
      fields([
        ['Date', 'Code', 'Fix'],
        ['2021-01-02', 'P0301', 'coil replaced'],
        ['2021-01-05', 'P0171', 'hose replaced'],
      ]),
    ).toEqual(['date', 'codes', 'done']);
    expect(
      fields([
        ['Date', 'VIN', 'Fix'],
        ['unknown', 'ask the owner', 'x'],
        ['later', 'lost', 'y'],
      ]),
    ).toEqual(['date', '', 'done']);
  });
  it('reads a table whose heads it does not know by what stands below them', () => {
    const rows = [
      ['Foo', 'Bar', 'Baz', 'Qux'],
      ['12 Jan 19', 'norvik tessa', 'Misfire P0301 cold', 'coil 1 swapped, new coil'],
      ['3 Feb 19', 'Calder moor', 'no power', 'EGR stuck, cleaned. dpf regen'],
      ['5 Feb 19', 'Ostara lino', 'rattles badly', 'exhaust replaced'],
    ];
    const { firstRow, columns } = readTable(rows);
    expect(firstRow).toBe(1);
    expect(columns.map((c) => [c.field, c.by])).toEqual([
      ['date', 'content'],
      ['vehicle', 'content'],
      ['complaint', 'content'],
      ['done', 'content'],
    ]);
  });
  it('finds the heads below a title, and does without', () => {
    expect(
      readTable([['Jobs of Kestrel Lane'], [], ['Date', 'Reg', 'Repair'], ['2021-01-02', 'AB12 XYZ', 'coil']])
        .firstRow,
    ).toBe(3);
    expect(readTable([['2021-01-02', 'AB12 XYZ', 'coil replaced']]).firstRow).toBe(0);
    expect(readTable([])).toEqual({ firstRow: 0, columns: [] });
  });
  it.each([
    ['Km-Stand', 'km'],
    ['Miles in', 'mi'],
    ['Odometer', ''],
    ['Mileage', ''],
    ['Engine hours', 'h'],
  ])('%s counts in "%s"', (head, unit) => expect(unitOfHead(head)).toBe(unit));
});

describe('vehicles in one cell', () => {
  const makes = makesIn(
    ['Norvik Tessa', 'Norvik Fjell', 'Brandt & Kole K7', 'Brandt & Kole Box', 'Calder Moor'],
    ['Ostara'],
  );
  it.each([
    ['2014 Norvik Tessa 1.6 petrol', { year: 2014, make: 'Norvik', model: 'Tessa', engine: '1.6 petrol' }],
    ['NORVIK FJELL (2009)', { year: 2009, make: 'Norvik', model: 'FJELL', engine: '' }],
    ['Brandt & Kole Box', { year: undefined, make: 'Brandt & Kole', model: 'Box', engine: '' }],
    ['Ostara Lino', { year: undefined, make: 'Ostara', model: 'Lino', engine: '' }],
    // Seen once, and known to nobody: the make is not guessed.
    ['Calder Moor', { year: undefined, make: '', model: 'Calder Moor', engine: '' }],
    ['', { year: undefined, make: '', model: '', engine: '' }],
    // What stands for no vehicle is none.
    ...['-', 'n/a', 'unknown', 'see file', 'Various'].map((cell): [string, VehicleWords] => [
      cell,
      { year: undefined, make: '', model: '', engine: '' },
    ]),
    ["Norvik Tessa '09", { year: 2009, make: 'Norvik', model: 'Tessa', engine: '' }],
    ['MY15 Norvik Tessa', { year: 2015, make: 'Norvik', model: 'Tessa', engine: '' }],
    ['Norvik Tessa 05/2013', { year: 2013, make: 'Norvik', model: 'Tessa', engine: '' }],
    // Of which century, or which year of a span, it does not say.
    ["Norvik Tessa '48", { year: undefined, make: 'Norvik', model: 'Tessa', engine: '' }],
    ['Norvik Tessa (2012-2015) 1.4T', { year: undefined, make: 'Norvik', model: 'Tessa', engine: '1.4T' }],
    ['2.5L Norvik Tessa XLT', { year: undefined, make: 'Norvik', model: 'Tessa XLT', engine: '2.5L' }],
    [
      'Norvik Tessa Diesel 2.0 (110kW)',
      { year: undefined, make: 'Norvik', model: 'Tessa', engine: 'Diesel 2.0 (110kW)' },
    ],
    [
      'Norvik Tessa 1.2 petrol 2003 123,000 km',
      { year: 2003, make: 'Norvik', model: 'Tessa', engine: '1.2 petrol' },
    ],
    ['2014 1.6 Norvik Tessa', { year: 2014, make: 'Norvik', model: 'Tessa', engine: '1.6' }],
    ['1.6 Tessa', { year: undefined, make: '', model: 'Tessa', engine: '1.6' }],
    [
      'Norvik Tessa 1.6 TDI estate',
      { year: undefined, make: 'Norvik', model: 'Tessa estate', engine: '1.6 TDI' },
    ],
    ['Norvik 900 R 2019', { year: 2019, make: 'Norvik', model: '900 R', engine: '' }],
  ])('%s', (cell, is) => expect(readVehicleWords(cell, makes)).toEqual(is));
});

const columns: (RecordField | '')[] = [
  'date',
  'order',
  'plate',
  'vin',
  'odometer',
  'complaint',
  'done',
  'hours',
  '',
];
const reader: RecordReader = {
  columns,
  dateOrder: 'day first',
  odometerUnit: 'km',
  makes: [],
  catalogue,
  vocabulary: SHIPPED,
  today: '2026-11-28',
};
const row = (over: Partial<Record<RecordField, string>>) =>
  columns.map(
    (c) =>
      ({
        date: '3/4/2021',
        order: '77',
        plate: 'ab12 xyz',
        complaint: 'no heat, P0128',
        done: 'thermostat stuck open, replaced',
        ...over,
      })[c as 'date'] ?? '',
  );

describe('a job', () => {
  it('becomes a case marked as from old records, with what it says and no more', () => {
    const read = readJob(row({ odometer: '120,500', hours: '1,5' }), reader);
    if (read.state !== 'read') throw new Error(read.state);
    expect(CaseFile.safeParse(read.file).success).toBe(true);
    expect(read.file).toMatchObject({
      origin: 'old records',
      orderNumber: '77',
      openedAt: '2021-04-03T11:00:00.000Z',
      odometer: '120,500 km',
      vehicle: { plate: 'AB12 XYZ' },
      said: 'no heat, P0128',
      symptoms: [{ concept: 'no-heat' }],
      scans: [{ read: { codes: [{ code: 'P0128' }] } }],
      causes: [{ part: 'thermostat', failure: 'stuck open', state: 'repaired' }],
      repairs: [{ action: 'replaced', hours: 1.5 }],
    });
    expect(read.file.proof).toBeUndefined();
    expect(read.file.scans![0]!.scope).toBeUndefined();
  });
  it('has no repair where none was done, and keeps the words', () => {
    const read = readJob(row({ done: 'customer declined, no work done' }), reader);
    if (read.state !== 'read') throw new Error(read.state);
    expect(read.file.causes).toEqual([]);
    expect(read.file.repairs).toEqual([]);
    expect(read.file.seen).toContain('customer declined');
  });
  it('takes no code that is denied, and no VIN that is none', () => {
    const read = readJob(row({ complaint: 'no P0420 stored, see bulletin P0401', vin: 'XK1234' }), reader);
    if (read.state !== 'read') throw new Error(read.state);
    expect(read.file.scans).toEqual([]);
    expect(read.file.vehicle.vin).toBeUndefined();
    expect(read.file.vehicle.note).toContain('XK1234');
  });
  it('takes the name of a vehicle for no code, and says where a check digit is wrong', () => {
    const cells = [
      '3/4/2021',
      'Calder C1500',
      'C1500 stalls, P0335',
      'replaced crankshaft sensor',
      '1M8GDM9A1KP042788',
    ];
    const read = readJob(cells, { ...reader, columns: ['date', 'vehicle', 'complaint', 'done', 'vin'] });
    if (read.state !== 'read') throw new Error(read.state);
    expect(read.file.scans![0]!.read!.codes).toEqual([{ code: 'P0335' }]);
    expect(read.file.vehicle).toMatchObject({
      vin: '1M8GDM9A1KP042788',
      note: expect.stringContaining('check digit') as string,
    });
  });
  it.each([
    [row({ date: '' }), /date is missing/],
    [row({ date: 'spring' }), /no date/],
    [row({ date: '3/4/2031' }), /still to come/],
    [row({ complaint: '', done: '' }), /neither what was wrong/],
    [row({ complaint: 'x'.repeat(20_001) }), /20,000/],
  ])('is refused with a reason', (cells, says) => {
    const read = readJob(cells, reader);
    expect(read.state === 'refused' && read.reason).toMatch(says);
  });
  it('asks which is the day where nothing tells', () => {
    const read = readJob(row({}), { ...reader, dateOrder: undefined });
    expect(read.state === 'refused' && read.reason).toMatch(/day or the month first/);
  });
  it('passes sums and repeated heads over', () => {
    for (const sum of [
      { date: '', complaint: '', done: '', order: 'Total' },
      { date: '', complaint: 'Sum', done: '' },
      { date: 'Summe:', complaint: '', done: '', odometer: '' },
    ])
      expect(readJob(row(sum), reader).state).toBe('no job');
    // A job of a firm called so, without its date, is one to mend.
    expect(readJob(row({ date: '', customer: 'Total Haulage' }), reader).state).toBe('refused');
    expect(
      readJob(
        columns.map((c) => (c === 'date' ? 'Date' : c === 'odometer' ? 'Odometer' : c)),
        reader,
      ).state,
    ).toBe('no job');
  });
  it('is named by its number, day and vehicle, or by all it says', () => {
    const key = (cells: string[]) => {
      const read = readJob(cells, reader);
      return read.state === 'read' ? read.key.join('|') : '';
    };
    expect(key(row({}))).toBe(key(row({ complaint: 'other words' })));
    expect(key(row({}))).not.toBe(key(row({ order: '78' })));
    expect(key(row({ order: '' }))).not.toBe(key(row({ order: '', complaint: 'other words' })));
  });
});

describe('several lines of one order', () => {
  const rows = [
    row({ hours: '1' }),
    row({ complaint: '', done: 'bled system', hours: '0.5' }),
    row({ order: '78' }),
    columns.map(() => ''),
    row({ order: '', done: 'a' }),
    row({ order: '', done: 'b' }),
    row({ plate: 'ZZ99 ZZZ' }),
  ];
  it('are one job, on one vehicle and day', () => {
    const jobs = jobsOf(rows, 0, columns);
    expect(jobs.map((j) => j.rows)).toEqual([[0, 1], [2], [4], [5], [6]]);
    expect(jobs[0]!.cells[columns.indexOf('done')]).toBe('thermostat stuck open, replaced\nbled system');
    expect(jobs[0]!.cells[columns.indexOf('hours')]).toBe('1.5');
  });
});
