import { describe, expect, it } from 'vitest';
import {
  besideEachOther,
  judgeLive,
  liveFits,
  liveName,
  mendLiveName,
  momentOf,
  oddLive,
  onlyUnitOf,
} from './index';

const v = (name: string, entered: string) => ({ name, entered });

describe('one value under many names', () => {
  it.each([
    [
      'ltft 1',
      [
        'Long-term fuel trim, bank 1',
        'LTFT B1',
        'LT FTRM1',
        'Long Term Fuel Trim - Bank 1',
        'LTFT1 (%)',
        'Long FT 1',
      ],
    ],
    ['stft 2', ['Short-term fuel trim bank 2', 'STFT2', 'ST FTRM B2', 'SHORT TERM FUEL TRIM BANK 2']],
    [
      'coolant',
      [
        'ECT',
        'Engine coolant temperature',
        'Coolant temp.',
        'Kühlmitteltemperatur',
        'Température eau',
        'ECT-1',
      ],
    ],
    ['intake', ['IAT', 'Intake air temperature', 'Intake temp', 'Ansauglufttemperatur']],
    ['map', ['MAP', 'Manifold absolute pressure', 'Intake manifold pressure']],
    ['baro', ['BARO', 'Barometric pressure', 'Umgebungsdruck']],
    ['rpm', ['RPM', 'Engine speed', 'Motordrehzahl', 'Giri motore']],
    ['maf', ['MAF', 'Mass air flow', 'Air flow rate']],
  ])('%s', (key, names) => {
    for (const name of names) expect([name, liveName(name).key]).toEqual([name, key]);
  });
  it.each([
    ['Oil pressure', 'oil temperature'],
    ['Coolant fan duty', 'Coolant level'],
    ['Fuel rail pressure', 'Manifold pressure'],
    ['IAT', 'ECT'],
    ['ECT', 'ECT sensor voltage'],
    ['Throttle position', 'Desired throttle position'],
    ['RPM', 'Turbine rpm'],
    ['Battery', 'Battery temperature'],
    ['Load', 'Alternator load'],
    ['MAP', 'MAP voltage'],
    ['RPM', 'Compressor rpm'],
    ['Ignition timing', 'Injection timing'],
    ['Ignition timing', 'Knock timing retard'],
    ['IAT', 'Act. boost pressure'],
    ['Motordrehzahl', 'Drehzahl Lüfter'],
    ['Throttle position', 'Throttle motor current'],
    ['Throttle position', 'Relative throttle position'],
    ['ECT', 'Coolant temperature radiator outlet'],
    ['MAP', 'EGR MAP'],
    ['Oil temperature', 'Transmission oil temperature'],
    ['MAF', 'MAF sensor heater'],
    ['LTFT B1', 'LTFT B2'],
    ['LTFT B1', 'STFT B1'],
  ])('keeps %s and %s apart', (a, b) => expect(liveName(a).key).not.toBe(liveName(b).key));
});

describe('what a list says by itself', () => {
  const because = (...list: [string, string][]) =>
    Object.fromEntries(judgeLive(list.map(([n, e]) => v(n, e))).map((r) => [r.key, r.because]));
  it('finds ends of scale, in either unit', () => {
    expect(because(['IAT', '-40 °C'], ['ECT', '-40 °F'], ['Oil temp', '215 °C'])).toMatchObject({
      intake: expect.stringContaining('open circuit'),
      coolant: expect.stringContaining('open circuit'),
      oil: expect.stringContaining('hot end'),
    });
    expect(because(['IAT', '-38 °C'], ['ECT', '96 °C'])).toEqual({ intake: '', coolant: '' });
  });
  it('holds manifold pressure against the barometer only while the engine stands', () => {
    expect(because(['RPM', '0 rpm'], ['MAP', '93 kPa'], ['BARO', '99 kPa']).map).toContain(
      'outside it is 99',
    );
    expect(because(['RPM', '0 rpm'], ['MAP', '0.98 bar'], ['BARO', '99 kPa']).map).toBe('');
    expect(because(['RPM', '750 rpm'], ['MAP', '33 kPa'], ['BARO', '99 kPa']).map).toBe('');
    expect(because(['MAP', '33 kPa'], ['BARO', '99 kPa']).map).toBe('');
  });
  it('tells banks apart, and reads the old block scale', () => {
    // (160 − 128) · 100/128 = 25 %.
    expect(because(['LTFT B1', '2 %'], ['LTFT B2', '160'])['ltft 2']).toContain('23.0');
    expect(because(['LTFT B1', '2 %'], ['LTFT B2', '9 %'])['ltft 2']).toBe('');
    expect(because(['LTFT B1', '2 %'], ['LTFT B2', '25'])['ltft 2']).toBe('');
  });
  it.each([
    [[v('RPM', '742 rpm'), v('ECT', '91 °C')], 'idle, hot'],
    [[v('RPM', '0'), v('ECT', '12 °C')], 'key on, engine off, cold'],
    [[v('Engine speed', '2480 rpm')], '2500 rpm'],
    [[v('ECT', '-40 °C')], ''],
    [[], ''],
  ])('%j is %s', (list, moment) => expect(momentOf(list)).toBe(moment));
  it('takes the moment from the scan where the values do not tell', () => {
    const list = [v('MAP', '98 kPa')];
    expect(momentOf(list, { key: 'on', engine: 'off' })).toBe('key on, engine off');
    expect(momentOf(list, { key: 'off', engine: 'off' })).toBe('key off');
    expect(momentOf(list, { key: 'on', engine: 'running' })).toBe('engine running');
    expect(momentOf(list, { key: '', engine: '' })).toBe('');
    // What the values say comes first.
    expect(momentOf([v('RPM', '760 rpm')], { key: 'on', engine: 'off' })).toBe('idle');
  });
  it('holds a value against its limit, and still says an end of scale', () => {
    const [battery, intake, free] = judgeLive([
      { name: 'Battery', entered: '12.6 V', limit: '13.2–14.8 V' },
      { name: 'IAT', entered: '-40 °C', limit: '-45 to 50 °C' },
      { name: 'ECT', entered: '88 °C', limit: '' },
    ]);
    expect(battery).toMatchObject({ verdict: 'fail', because: expect.stringContaining('0.6') as string });
    expect(intake).toMatchObject({
      verdict: 'pass',
      because: expect.stringContaining('open circuit') as string,
    });
    expect(free).toMatchObject({ verdict: '', because: '' });
    expect(judgeLive([{ name: 'Battery', entered: '12.6 V', limit: '≥ 3 bar' }])[0]!.verdict).toBe('unsure');
  });
  it.each([
    // One cylinder of four, each well apart from the others' spread.
    [['0.1 mg', '0.2 mg', '0.1 mg', '3.9 mg'].map((e, i) => v(`Injector ${i + 1} correction`, e)), [3]],
    [['0.1 mg', '0.2 mg', '0.1 mg', '0.3 mg'].map((e, i) => v(`Injector ${i + 1} correction`, e)), []],
    [['41', '40', '0', '41'].map((e, i) => v(`Misfire count cyl ${i + 1}`, e)), [2]],
    // Wheels: a bend of a few per cent is alike; a dead one is not.
    [
      [
        v('Wheel speed FL', '50 km/h'),
        v('Wheel speed FR', '52 km/h'),
        v('Wheel speed RL', '50 km/h'),
        v('Wheel speed RR', '51 km/h'),
      ],
      [],
    ],
    [
      [
        v('Wheel speed FL', '50 km/h'),
        v('Wheel speed FR', '50 km/h'),
        v('Wheel speed RL', '0 km/h'),
        v('Wheel speed RR', '50 km/h'),
      ],
      [2],
    ],
    // In two units they are still one group.
    [
      [
        v('Wheel speed FL', '50 km/h'),
        v('Wheel speed FR', '31.1 mph'),
        v('Wheel speed RL', '20 km/h'),
        v('Wheel speed RR', '50 km/h'),
      ],
      [2],
    ],
    // Two cannot say which, a gap may be the odd one, and two kinds are two groups.
    [[v('Injector 1 correction', '0.1 mg'), v('Injector 2 correction', '3.9 mg')], []],
    [['0.1 mg', '0.2 mg', 'n/a', '3.9 mg'].map((e, i) => v(`Injector ${i + 1} correction`, e)), []],
    [
      [
        v('Injector 1 correction', '1 mg'),
        v('Injector 2 correction', '1 mg'),
        v('Cylinder 3 misfires', '90'),
      ],
      [],
    ],
  ])('finds what stands out of its siblings', (list, at) => {
    expect([...oddLive(list).keys()].sort()).toEqual(at);
    const rows = judgeLive(list);
    expect(rows.flatMap((r, i) => (r.because.includes('stands out') ? [i] : []))).toEqual(at);
  });
  it('lays two lists side by side by value, not by name', () => {
    const rows = besideEachOther([
      [v('ECT', '20 °C'), v('Long-term fuel trim B1', '4 %')],
      [v('LTFT1', '12 %'), v('Coolant temperature', '91 °C'), v('Gear', '3')],
    ]);
    expect(rows.map((r) => [r.name, ...r.cells.map((c) => c?.entered ?? '')])).toEqual([
      ['Coolant temperature', '20 °C', '91 °C'],
      ['Long-term fuel trim, bank 1', '4 %', '12 %'],
      ['Gear', '', '3'],
    ]);
  });
});

describe('what was read of a picture', () => {
  it.each([
    ['Battery voltage', '12.9 V', true],
    ['Battery voltage', '129 V', false],
    ['Battery voltage', '12.9', false],
    ['Engine speed', '760 mm', false],
    ['Engine speed', '760 rpm', true],
    ['Barometric pressure', '99 kPa', true],
    ['Barometric pressure', '99 Pa', false],
    ['Barometric pressure', '29.4 inHg', true],
    ['Fuel rail pressure', '1600 bar', true],
    ['Manifold pressure', '1600 bar', false],
    ['Coolant temperature', '-40 °C', true],
    ['LTFT B1', '-8.1 %', true],
    ['LTFT B1', '-181 %', false],
    // A name nobody knows can be anything that is a quantity.
    ['Wastegate gap', '91 mm', true],
    ['Wastegate gap', '$1 mm', false],
  ])('%s %s can be: %s', (name, entered, can) => expect(liveFits(name, entered)).toBe(can));
  it.each([
    ['Short-term fuel rimB1', 'Short-term fuel trim B1'],
    ['Short-term fuel trim B81', 'Short-term fuel trim B1'],
    ['Engne speed', 'Engine speed'],
    ['Intake ai temperatwe', 'Intake air temperature'],
    ['Fuel rai pressure', 'Fuel rail pressure'],
    // Another value stays one.
    ['Tyre rim speed', 'Tyre rim speed'],
    ['Coolant level', 'Coolant level'],
    ['ECT', 'ECT'],
  ])('%s is %s', (read, name) => expect(mendLiveName(read)).toBe(name));
  it('has one unit where there is only one', () => {
    expect([onlyUnitOf('RPM'), onlyUnitOf('LTFT B1'), onlyUnitOf('MAP'), onlyUnitOf('Gap')]).toEqual([
      'rpm',
      '%',
      undefined,
      undefined,
    ]);
  });
});
