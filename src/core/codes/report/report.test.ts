import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readReport } from './index';

describe('scan report', () => {
  it('reads headings, columns and statuses', () => {
    const r = readReport(
      [
        'ENGINE',
        ' P0299 | Turbo underboost | stored',
        'P2463\tSoot accumulation\tpending',
        'ABS: no response',
        'Battery: 12.4 V',
        'Ignition: on, engine off',
      ].join('\n'),
    );
    expect(r.codes).toEqual([
      { code: 'P0299', text: 'Turbo underboost', statuses: ['stored'], module: 0 },
      { code: 'P2463', text: 'Soot accumulation', statuses: ['pending'], module: 0 },
    ]);
    expect(r.modules).toEqual([
      { name: 'ENGINE', answered: true },
      { name: 'ABS', answered: false },
    ]);
    expect(r).toMatchObject({ battery: '12.4 V', key: 'on', engine: 'off', leftover: [] });
  });

  it.each([
    [
      'Battery 12.4 V\nOdometer 84,200 km\nP0171 lean',
      { battery: '12.4 V', odometer: '84,200 km', leftover: [] },
    ],
    ['Km-Stand 84200\nBordspannung 12,4V\nP0171', { battery: '12,4V', odometer: '84200', leftover: [] }],
    ['14.03.2026 09:42\nP0171 lean', { made: '14.03.2026 09:42', leftover: [] }],
    ['P0171 lean\nDate 2026-03-14 at 09:42', { made: '2026-03-14 at 09:42', leftover: [] }],
    // More than the label and its value is a sentence, and what stands among values is one of them.
    [
      'Battery 12.4 V low since 2 days\nP0171',
      { battery: '', leftover: ['Battery 12.4 V low since 2 days'] },
    ],
    ['P0171 lean\nFreeze frame\nBattery 11.2 V\nEngine speed 742 rpm', { battery: '' }],
    ['Replaced on 14.03.2026\nP0171', { leftover: ['Replaced on 14.03.2026'] }],
  ])('reads labels without a colon where nothing else is in the line: %j', (text, read) =>
    expect(readReport(text)).toMatchObject(read),
  );

  it('reads other languages, bullets, numbering and codes with a failure type byte', () => {
    const r = readReport(
      'Motor\n• P0299 Ladedruck zu niedrig  gespeichert\n2. U0121-87 (aktiv) Keine Verbindung\nGetriebe: keine Antwort',
    );
    expect(r.codes.map((c) => [c.code, c.text, c.statuses])).toEqual([
      ['P0299', 'Ladedruck zu niedrig', ['stored']],
      ['U0121-87', 'Keine Verbindung', ['active']],
    ]);
    expect(r.modules).toEqual([
      { name: 'Motor', answered: true },
      { name: 'Getriebe', answered: false },
    ]);
  });

  it('keeps a status word that belongs to the wording', () => {
    const r = readReport('P0339 Crankshaft position sensor intermittent');
    expect(r.codes[0]?.text).toBe('Crankshaft position sensor intermittent');
  });

  it('takes a status on a line of its own, freeze frames and readiness', () => {
    const r = readReport(
      'P0171 System too lean\nStatus: confirmed, pending\nFreeze frame\n  Engine speed: 742 rpm\n  Coolant = 91 °C\nReadiness\nCatalyst: complete\nEVAP: not ready\nHeated catalyst: not supported',
    );
    expect(r.codes[0]?.statuses.sort()).toEqual(['pending', 'stored']);
    expect(r.freeze).toEqual([
      { code: 0, name: 'Engine speed', entered: '742 rpm' },
      { code: 0, name: 'Coolant', entered: '91 °C' },
    ]);
    expect(r.monitors.map((m) => m.state)).toEqual(['complete', 'incomplete', 'not supported']);
  });

  it('reads trucks', () => {
    expect(readReport('SPN 3251 FMI 2  Aftertreatment differential pressure  active').codes[0]).toMatchObject(
      {
        code: 'SPN 3251 FMI 2',
        statuses: ['active'],
      },
    );
  });

  it('hands back what it does not understand', () => {
    expect(readReport('hello world, printed on the 3rd by reception\nP0171 lean').leftover).toEqual([
      'hello world, printed on the 3rd by reception',
    ]);
  });

  it('never throws, drops no code that begins a line, and hands back what it does not take', () => {
    const code = fc.constantFrom('P0301', 'U0121-87', 'B1D08', 'C1225', 'SPN 97 FMI 15');
    const words = fc.string({ maxLength: 30 }).map((s) => s.replace(/[\r\n]/g, ' '));
    fc.assert(
      fc.property(fc.array(fc.tuple(words, code, words, fc.boolean()), { maxLength: 12 }), (lines) => {
        const text = lines.map(([a, c, b, begins]) => (begins ? `${c} ${b}` : `${a} ${c} ${b}`));
        const r = readReport(text.join('\n'));
        const taken = new Set(r.lines.map((l) => l.n));
        // A line can hold a second code-like word by chance, never fewer than the one put there.
        return r.codes.length >= lines.filter((l) => l[3]).length && text.every((_, i) => taken.has(i + 1));
      }),
    );
  });

  it('keeps every line that says nothing to it, in order', () => {
    const word = fc.constantFrom('zorp', 'quux', 'blee', 'mimsy', 'vorpal', 'slithy');
    fc.assert(
      fc.property(fc.array(fc.array(word, { minLength: 1, maxLength: 9 }), { maxLength: 15 }), (lines) => {
        const text = lines.map((l) => l.join(' '));
        const r = readReport(text.join('\n'));
        return r.codes.length === 0 && r.leftover.join('\n') === text.join('\n');
      }),
    );
  });

  it('reads ten thousand lines without getting slow on any of them', () => {
    const r = readReport(
      Array.from(
        { length: 10_000 },
        (_, i) =>
          `P${String(i % 4000)
            .padStart(4, '0')
            .replace(/^[4-9]/, '1')}  something or other  stored`,
      ).join('\n'),
    );
    expect(r.codes.length).toBe(10_000);
  });
  it('takes no title with its count for a module', () => {
    const report = readReport(
      'Fault memory   4 faults\nP0302   Cylinder 2 misfire   Stored\nP0335   Crankshaft sensor   Pending',
    );
    expect(report.modules).toEqual([]);
    expect(report.codes.map((c) => [c.code, c.module])).toEqual([
      ['P0302', null],
      ['P0335', null],
    ]);
    // A module with its count stays one.
    expect(readReport('Engine   2 faults\nP0302   Cylinder 2 misfire   Stored').modules).toMatchObject([
      { name: 'Engine' },
    ]);
  });

  const codesOf = (...lines: string[]) =>
    readReport(lines.join('\n')).codes.map((c) => [c.code, c.text, c.statuses.join(' ')]);

  it('reads each of several codes in a line or a cell', () => {
    expect(codesOf('Module  Codes', 'HVAC    B1421, B1422', 'Radio    U1113 (2x), U1000')).toEqual([
      ['B1421', '', ''],
      ['B1422', '', ''],
      ['U1113', '', ''],
      ['U1000', '', ''],
    ]);
    expect(codesOf('found these with my cheap reader: P0171, P0174 and one pending P0420')).toEqual([
      ['P0171', '', ''],
      ['P0174', '', ''],
      ['P0420', '', 'pending'],
    ]);
  });

  it.each([
    'my reader shows these are not present: P0171, P0174',
    'the other shop found these before the repair: P0171, P0174',
    'we cleared these with my reader yesterday: P0171, P0174',
  ])('takes no list for faults that are not there: %s', (line) =>
    expect(codesOf(line)).not.toContainEqual(['P0171', '', '']),
  );

  it('takes the code of a bulletin for no fault', () => {
    const r = readReport('P0016 Crank and cam do not agree\nBulletin 21-044: P0420 reflash available');
    expect(r.codes.map((c) => c.code)).toEqual(['P0016']);
    expect(r.modules).toEqual([]);
    expect(r.leftover).toEqual(['Bulletin 21-044: P0420 reflash available']);
  });

  it('is not led astray by an empty row of a table', () => {
    const r = readReport(
      'Code;Description;Status;Module\nP0128;Thermostat;stored;Engine\nC1A00;Wheel sensor;active;Brakes\n;;;\nP0562;System voltage low;not active;Engine',
    );
    expect(r.codes.at(-1)).toEqual({
      code: 'P0562',
      text: 'System voltage low',
      statuses: ['history'],
      module: r.modules.findIndex((m) => m.name === 'Engine'),
    });
  });

  it('finds the odometer among other things of the vehicle', () =>
    expect(readReport('Korrim Tessa 2019  Job: 55102  Mileage: 61,204 mi\nP0128 Thermostat').odometer).toBe(
      '61,204 mi',
    ));

  it('reads a freeze frame in the line of its title, and keeps what it cannot read', () => {
    const r = readReport(
      'P0335 CKP sensor [current]\nFreeze frame for P0335: RPM 820, ECT 91 C, Load 22 %, Speed 0 km/h',
    );
    expect(r.freeze).toEqual([
      { code: 0, name: 'RPM', entered: '820' },
      { code: 0, name: 'ECT', entered: '91 C' },
      { code: 0, name: 'Load', entered: '22 %' },
      { code: 0, name: 'Speed', entered: '0 km/h' },
    ]);
    expect(readReport('P0335 CKP sensor\nFreeze frame: see page two').leftover).toEqual([
      'Freeze frame: see page two',
    ]);
    expect(readReport('P0335 CKP sensor\nFreeze frame\nRPM: 820 rpm').leftover).toEqual([]);
  });

  it('keeps a column that says how a module is out of its name', () => {
    const r = readReport(
      'Module                  Status   Faults\nEngine control          OK       0\nTransmission            FAULT    1\n  P0741  Converter clutch     Stored\nCluster                 NO COMM',
    );
    expect(r.modules).toEqual([
      { name: 'Engine control', answered: true },
      { name: 'Transmission', answered: true },
      { name: 'Cluster', answered: false },
    ]);
  });

  it('reads numbered faults, numbers of so many and the status byte behind them', () => {
    expect(
      codesOf('[Motor]', '(01) 2B4F - Ladedruck - momentan vorhanden', '(02) 30FF - Turbolader - sporadisch'),
    ).toEqual([
      ['2B4F', 'Ladedruck', 'active'],
      ['30FF', 'Turbolader', 'intermittent'],
    ]);
    const r = readReport(
      'Ctrl unit: ECM   Result: DTCs stored\nDTC 1/2  P0113 IAT high   Status 0x2F\nDTC 2/2  P0102 MAF low   Status 0x08\nCtrl unit: TCM   Result: pass',
    );
    expect(r.codes.map((c) => [c.code, c.text, c.statuses.join(' '), c.module])).toEqual([
      ['P0113', 'IAT high', 'active pending stored', 0],
      ['P0102', 'MAF low', 'stored', 0],
    ]);
    expect(r.modules.map((m) => m.name)).toEqual(['ECM', 'TCM']);
  });

  it('says a status of all codes behind it, in other languages too', () => {
    expect(codesOf('MIL: ON   DTC count: 2', 'Stored:  P0420  P0430', 'Pending: P0138')).toEqual([
      ['P0420', '', 'stored'],
      ['P0430', '', 'stored'],
      ['P0138', '', 'pending'],
    ]);
    const french = readReport('Codes confirmés : P0401, P0403\nCodes en attente : P2002');
    expect(french.codes.map((c) => [c.code, c.statuses.join(' ')])).toEqual([
      ['P0401', 'stored'],
      ['P0403', 'stored'],
      ['P2002', 'pending'],
    ]);
    expect(french.modules).toEqual([]);
  });
});
