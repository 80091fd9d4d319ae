import { describe, expect, it } from 'vitest';
import { readReport } from './index';

/** Reports by hand, a few lines each: what has to come out of them, and above all what must not. */
const read = (...lines: string[]) => readReport(lines.join('\n'));
const said = (r: ReturnType<typeof readReport>) =>
  r.codes.map((c) => [
    c.code,
    c.text,
    c.statuses.join('+'),
    c.module === null ? '' : r.modules[c.module]!.name,
  ]);
const modules = (r: ReturnType<typeof readReport>) =>
  r.modules.map((m) => (m.answered ? m.name : `${m.name}: silent`));

describe('headings by their place', () => {
  it('reads names that no list of modules has', () => {
    const r = read(
      'PCM - Powertrain control module - 1 DTC',
      'P0171 - System too lean - not present at time of request',
      '[FCM] front camera - 3 faults',
      'B1A01 Calibration missing (active)',
      'C1001 Housing (stored)',
      'U0100 Lost communication (pending)',
      'K7/2 front module: no fault codes',
      'Steering - pass',
      'Airbag – no response',
    );
    expect(modules(r)).toEqual([
      'PCM - Powertrain control module',
      '[FCM] front camera',
      'K7/2 front module',
      'Steering',
      'Airbag: silent',
    ]);
    expect(said(r)[0]).toEqual(['P0171', 'System too lean', 'history', 'PCM - Powertrain control module']);
    expect(
      said(r)
        .slice(1)
        .every(([, , , m]) => m === '[FCM] front camera'),
    ).toBe(true);
    expect(r.leftover).toEqual([]);
  });
  it('takes no title, total or lamp for a module', () => {
    const r = read('Vehicle report 2026-03-14 09:42', 'Fault code(s): 2', 'MIL: on', 'ECM', 'P0171', 'P0174');
    expect(modules(r)).toEqual(['ECM']);
    expect(r.made).toBe('2026-03-14 09:42');
  });
  it('goes on under a module over its part number and software', () => {
    const r = read('Lift axle', '  Part number: 03 906 022', '  Software: 4711', '  C1130 Valve  stored');
    expect(said(r)).toEqual([['C1130', 'Valve', 'stored', 'Lift axle']]);
  });
  it('keeps a name that stands over nothing', () => {
    expect(read('Engine', 'No codes', 'Airbag', '---').leftover).toEqual(['Airbag']);
  });
});

describe('statuses, their negation and their neighbours', () => {
  it.each([
    ['not present at time of request', 'history'],
    ['no longer active', 'history'],
    ['currently not present', 'history'],
    ['Present   Count: 12', 'active'],
    ['stored, pending', 'stored+pending'],
    ['not confirmed', 'pending'],
    ['test not complete', 'not run'],
    ['nicht vorhanden', 'history'],
    ['momentan vorhanden', 'active'],
    ['non présent', 'history'],
    ['memorizado', 'stored'],
    ['non attivo', 'history'],
    ['niet aanwezig', 'history'],
  ])('reads "Status: %s" as %s', (word, statuses) => {
    expect(said(read('ABS', 'C0035 Wheel speed sensor', `  Status: ${word}`))[0]![2]).toBe(statuses);
  });
  it.each([
    'Starter relay: circuit current above threshold',
    'Brake pedal: initial configuration not complete',
    'Key not present',
    'Crankshaft sensor intermittent',
    'System disabled, information stored in another module',
  ])('leaves "%s" a wording', (text) => {
    expect(said(read(`P1A2F ${text}`))).toEqual([['P1A2F', text, '', '']]);
  });
  it('lets a word that ends every line be the status', () => {
    expect(
      said(read('B1D08 Key not present stored', 'P0171 Too lean active', 'P0300 Misfire intermittent')),
    ).toEqual([
      ['B1D08', 'Key not present', 'stored', ''],
      ['P0171', 'Too lean', 'active', ''],
      ['P0300', 'Misfire', 'intermittent', ''],
    ]);
  });
});

describe('codes', () => {
  it.each([
    ['PO171', 'P0171'],
    ['P 0171', 'P0171'],
    ['P0-171', 'P0171'],
    ['p0171', 'P0171'],
    ['B 1342-00', 'B1342-00'],
    ['SPN: 3251 FMI: 2', 'SPN 3251 FMI 2'],
    ['0x0133', '0x0133'],
    ['80AA13', '80AA13'],
  ])('reads %s as %s', (typed, code) => {
    expect(said(read('Engine', `${typed}  Something is wrong  (stored)`))).toEqual([
      [code, 'Something is wrong', 'stored', 'Engine'],
    ]);
  });
  it('takes the standard code under the maker’s number', () => {
    expect(said(read('Engine', '16683 - System too lean', '        P0171 - stored'))).toEqual([
      ['P0171', 'System too lean', 'stored', 'Engine'],
    ]);
  });
  it('takes faults in words without any code', () => {
    expect(said(read('Side stand switch – stored', 'Throttle sensor – no longer active'))).toEqual([
      ['Side stand switch', '', 'stored', ''],
      ['Throttle sensor', '', 'history', ''],
    ]);
  });
  it('stores no code of a footer, a bulletin or a sentence', () => {
    const r = read(
      'ECM',
      'P0171  System too lean  stored',
      'Bulletin 24-117: engines with P0341 and rough idle',
      'If P0011 returns after the update, replace the actuator.',
      'Customer asks about a P0128 he read somewhere.',
    );
    expect(said(r)).toHaveLength(1);
    expect(r.leftover).toHaveLength(3);
  });
  it.each([
    'Customer asks about a P0128',
    'He read somewhere of lean engines and that it is (P0171)',
    'See the bulletin for engines with a P0341 before you order',
  ])('stores nothing of "%s" alone', (line) => {
    const r = read(line);
    expect(said(r)).toEqual([]);
    expect(r.leftover).toEqual([line]);
  });
  it('takes the status of the heading over them', () => {
    expect(
      said(read('Confirmed codes: P0420', 'Pending codes: P0171, P0174', 'Permanent codes: none')),
    ).toEqual([
      ['P0420', '', 'stored', ''],
      ['P0171', '', 'pending', ''],
      ['P0174', '', 'pending', ''],
    ]);
  });
});

describe('texts that look like a report and are none', () => {
  it.each([
    [['ABS - present', 'Airbag - present', 'Trailer - not present', 'Tow bar - inactive']],
    [['Fuel filter – old', 'Air filter - past', 'Belt: set']],
    [['Winter tyres – stored']],
    [['Engine speed: 820 rpm', 'Brake switch: active', 'Clutch: not active']],
    [['Oil: OK', 'Brakes: OK', 'Tyres: pass', 'Wipers: none']],
    [['P0171 was cleared and did not return', 'P0300 kam nicht wieder']],
    [['P0171 possible causes: intake leak, fuel pump', 'P0171 symptoms: rough idle']],
    [['Codes cleared: P0171, P0300']],
    [['Cleared codes', 'P0171', 'P0300']],
    [['No codes except P0171 in engine']],
    [['Possible causes of P0171:', '- intake leak']],
  ])('makes neither fault nor module of %j', (lines) => {
    const r = read(...lines);
    expect(said(r)).toEqual([]);
    expect(modules(r)).toEqual([]);
  });
  it('goes on with the codes that stand after the cleared ones', () => {
    const mixed = read('Codes cleared: P0171', 'P0300 Misfire  stored', 'P0302 Misfire 2  stored');
    expect(said(mixed).map(([code]) => code)).toEqual(['P0300', 'P0302']);
    expect(mixed.leftover).toEqual(['Codes cleared: P0171']);
    const r = read('Cleared codes', 'P0171', '', 'Engine', 'P0300 Misfire  stored');
    expect(said(r)).toEqual([['P0300', 'Misfire', 'stored', 'Engine']]);
  });
  it('takes "OK" for a module without codes only beside modules with an outcome of their own', () => {
    expect(modules(read('ABS: OK', 'Engine: P0171 lean stored', 'Airbag: OK'))).toEqual([
      'ABS',
      'Engine',
      'Airbag',
    ]);
  });
  it('takes words for faults under a title that says so', () => {
    expect(said(read('Fault memory', 'Clutch switch: not active', 'Side stand switch: active'))).toEqual([
      ['Clutch switch', '', 'history', ''],
      ['Side stand switch', '', 'active', ''],
    ]);
  });
});

describe('values', () => {
  it('are live ones before, between and after the codes, unless the report says frozen', () => {
    const r = read(
      'Coolant temperature 91 °C',
      'P0171 lean',
      'Engine speed: 820 rpm',
      'Live data',
      'Load  34 %',
    );
    expect(r.live.map((v) => `${v.name} ${v.entered}`)).toEqual([
      'Coolant temperature 91 °C',
      'Engine speed 820 rpm',
      'Load 34 %',
    ]);
    expect(r.freeze).toEqual([]);
  });
  it('go to the code that the freeze frame names', () => {
    const r = read(
      'P0171 lean',
      'P0300 misfire',
      'Freeze frame data',
      'DTC P0171',
      'Calc load: 34.5 %',
      'ECT: 92 °C',
    );
    expect(r.codes).toHaveLength(2);
    expect(r.freeze.map((f) => [f.code, f.name])).toEqual([
      [0, 'Calc load'],
      [0, 'ECT'],
    ]);
  });
  it('take no counter, distance or vehicle for a value', () => {
    const r = read(
      'Maro 650 S',
      'P0171 lean',
      '  First seen: 84120 km   Occurrences: 3',
      'Distance since clear: 112 km',
    );
    expect(r.live).toEqual([]);
    expect(r.codes[0]!.detail).toBe('First seen: 84120 km Occurrences: 3');
  });
  it('keep the count of a status line and of a column', () => {
    expect(read('ABS', 'C0035 Wheel', 'Status: Present  Count: 12').codes[0]!.detail).toBe('Count: 12');
    expect(read('Code;Text;Count', 'C0035;Wheel;3').codes[0]!.detail).toBe('seen 3 times');
  });
});

describe('marked-up text', () => {
  it('reads a table of HTML, attributes and JSON alike', () => {
    const html =
      '<table><tr><th>Module</th><th>Code</th><th>Text</th><th>Status</th></tr><tr><td>ABS</td><td>C0035</td><td>Wheel &amp; hub</td><td>stored</td></tr></table>';
    const json = JSON.stringify(
      [{ name: 'ABS', faults: [{ code: 'C0035', text: 'Wheel & hub', status: 'stored' }] }],
      null,
      1,
    );
    const attributes = '<f module="ABS" code="C0035" text="Wheel & hub" status="stored"/>'.replace(
      /^<f |\/>$/g,
      '',
    );
    for (const text of [html, json, attributes])
      expect(said(readReport(text))).toEqual([['C0035', 'Wheel & hub', 'stored', 'ABS']]);
  });
  it('says of every line what it became', () => {
    const r = read('ABS', '', 'C0035 Wheel speed  stored', 'nothing known');
    expect(r.lines).toEqual([
      { n: 1, became: 'module', row: 0 },
      { n: 3, became: 'code', row: 0 },
      { n: 4, became: 'unread' },
    ]);
  });
});
