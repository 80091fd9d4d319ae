import { describe, expect, it } from 'vitest';
import { readReport } from './read';
import { withLegend } from './legend';
import { fromJson, fromXml } from './objects';
import { bareByteAtEnd, printsBareBytes } from './status';
import { sentencesOf, toldIn } from './told';

/** `code statuses module` of each fault. */
const faults = (...lines: string[]) => {
  const r = readReport(lines.join('\n'));
  return r.codes.map((c) =>
    [c.code, c.statuses.join('+') || '-', c.module === null ? '-' : r.modules[c.module]!.name].join(' '),
  );
};
const modules = (...lines: string[]) =>
  readReport(lines.join('\n')).modules.map((m) => `${m.name}: ${m.answered ? 'answered' : 'silent'}`);

describe('suspect parameter and failure mode as six figures, a point and two', () => {
  it('are faults with one blank behind them too, by the number that was printed', () => {
    expect(
      faults(
        'Engine ECU',
        '000636.02 Engine position sensor erratic Active',
        '003251.00 Differential pressure high Inactive',
        '000110.16 Coolant temperature high Active',
      ),
    ).toEqual(['000636.02 active Engine ECU', '003251.00 history Engine ECU', '000110.16 active Engine ECU']);
  });
  it('no other figures with a point are', () => {
    expect(faults('Engine ECU', '12.5 Battery voltage', '1013.2 Barometer', '006360.2 Hours run')).toEqual(
      [],
    );
  });
});

describe('messages', () => {
  it('tell of codes with their statuses and modules', () => {
    expect(
      toldIn(
        'got P0171 and P0174 both stored in the ecm, U0121 pending in the bcm. tcm clean, abs wont talk',
      ),
    ).toMatchObject({
      modules: [
        { name: 'tcm', outcome: { kind: 'none' } },
        { name: 'abs', outcome: { kind: 'silent' } },
      ],
    });
    expect(faults('got P0171 and P0174 both stored in the ecm, U0121 pending in the bcm')).toEqual([
      'P0171 stored ecm',
      'P0174 stored ecm',
      'U0121 pending bcm',
    ]);
    expect(faults('In the gearbox control unit we found fault P0730 (ratio, implausible), stored.')).toEqual([
      'P0730 stored gearbox control unit',
    ]);
  });
  it.each([
    'had P0171 last year',
    'got P0171 on the other car',
    'I never found P0171',
    'should have P0171 if the hose is off',
    'it shows P0171 means lean',
    'has anybody seen P0171?',
    'found P0171 was cleared',
  ])('tell of nothing that is there: %s', (line) => {
    expect(toldIn(line)).toBeUndefined();
    expect(readReport(line).codes).toEqual([]);
  });
  it('are taken apart into sentences only where each begins with its module', () => {
    expect(sentencesOf('Ecm p0300 stored. Bcm b1601. No codes tcm.')).toEqual([
      'Ecm p0300 stored',
      'Bcm b1601',
      'No codes tcm',
    ]);
    expect(sentencesOf('P0171 lean. Engine hot.')).toBeUndefined();
    expect(sentencesOf('Smoke test next. See P0171.')).toBeUndefined();
  });
  it('say nothing of what stands above or below them', () => {
    expect(faults('got P0171 stored in the ecm and U0100 stored', 'B1000 lamp stored')).toEqual([
      'P0171 stored ecm',
      'U0100 stored -',
      'B1000 stored -',
    ]);
  });
  it('tell in a later sentence, and what is old or only spoken of is left', () => {
    const r = readReport(
      'hi boss, the blue van again. reader says P0087 and P0191 both stored in the engine, P0299 pending. gearbox clean, abs no answer\nold list from march: P0401\nNote: P0402 can come from the hose\n[OK] wipers checked',
    );
    expect(r.codes.map((c) => [c.code, c.text, ...c.statuses])).toEqual([
      ['P0087', '', 'stored'],
      ['P0191', '', 'stored'],
      ['P0299', '', 'pending'],
    ]);
    expect(r.modules.map((m) => m.name)).toEqual(['engine', 'gearbox', 'abs']);
    expect(r.leftover).toHaveLength(3);
  });
  it('keep to be seen what is not understood of them', () => {
    expect(readReport('Ecm p0300 stored. Smoke test next week.').leftover).toEqual(['Smoke test next week']);
  });
  it('say of modules by name that they are clean, of nothing else', () => {
    expect(modules('No faults in ABS, airbag and gearbox.')).toEqual([
      'ABS: answered',
      'airbag: answered',
      'gearbox: answered',
    ]);
    expect(modules('No faults in the harness and the weather.')).toEqual([]);
  });
});

describe('statuses', () => {
  it('come as bits, of which only those that are set say something', () => {
    expect(
      faults('Engine', 'P0010-13 Actuator', ' test failed: yes', ' confirmed: yes', ' pending: no'),
    ).toEqual(['P0010-13 active+stored Engine']);
    expect(faults('Engine', 'P0010-13 Actuator', ' test failed: no', ' confirmed: no')).toEqual([
      'P0010-13 - Engine',
    ]);
  });
  it('come as bytes without a sign where one of them has a letter', () => {
    expect(printsBareBytes(['Misfire  Status 2F', 'Misfire  Status 28'])).toBe(true);
    expect(printsBareBytes(['Misfire  Status 12', 'Misfire  Status 28'])).toBe(false);
    expect(printsBareBytes(['Misfire  Status 2F', 'Misfire  Status 4'])).toBe(false);
    // ISO 14229-1, table D.2: 0x28 is bit 3, confirmed, and bit 5, failed since the last clear.
    expect(bareByteAtEnd('Misfire  Status 28')?.statuses).toEqual(['stored']);
  });
  it('come as letters that the report explains', () => {
    expect(withLegend('A = active, S = stored\nA  P0113 high')).toBe(
      'A = active, S = stored\nactive  P0113 high',
    );
    // One letter alone may be anything, and a letter that is not explained says nothing.
    expect(withLegend('B - active\nB  P0113')).toBe('B - active\nB  P0113');
    expect(withLegend('A = active, S = stored\nX  P0113')).toContain('\nX  P0113');
  });
  it('are said of all codes in a line only where the line says so', () => {
    expect(faults('ECM: P0401 / P0403 (both current)')).toEqual(['P0401 active ECM', 'P0403 active ECM']);
    expect(faults('ECM: P0401 / P0403 (current)')[0]).toBe('P0401 - ECM');
  });
  it('of a group that is empty are nobody’s', () => {
    expect(faults('Stored: P0455', 'Pending: -', 'Permanent: none')).toEqual(['P0455 stored -']);
  });
  it('hold for the group of their title, under the module above it', () => {
    expect(
      faults(
        'Calculateur moteur',
        'Défauts présents (1)',
        'P0380 Préchauffage',
        'Défauts mémorisés (1)',
        'P0236 Capteur',
      ),
    ).toEqual(['P0380 active Calculateur moteur', 'P0236 stored Calculateur moteur']);
    expect(faults('ABS', 'no codes', 'Pending codes', 'P0171')).toEqual(['P0171 pending -']);
    expect(faults('Mode 03 - stored DTCs', 'P0420', 'Mode 07 - pending DTCs', 'P0133')).toEqual([
      'P0420 stored -',
      'P0133 pending -',
    ]);
  });
});

describe('modules', () => {
  it('are no words in brackets behind a wording', () => {
    expect(
      modules(
        'P0171',
        'System too lean (Bank 1)',
        'P0442',
        'Leak (small leak)',
        'P0420',
        'Catalyst (Bank 1)',
      ),
    ).toEqual([]);
  });
  it('stand behind the wording where each fault has one, by its name', () => {
    expect(
      faults('P0011  Cam over-advanced   Confirmed   ECM', 'B1D01  Seat sensor   History     DSM'),
    ).toEqual(['P0011 stored ECM', 'B1D01 history DSM']);
    expect(
      faults('P0011  Cam over-advanced   Confirmed   high', 'B1D01  Seat sensor   History  low'),
    ).toEqual(['P0011 stored -', 'B1D01 history -']);
  });
  it('are not named where what stands over the faults was not understood', () => {
    expect(faults('Engine', 'P0171 lean stored', 'Is it the gateway here?', 'P0300 misfire stored')).toEqual([
      'P0171 stored Engine',
      'P0300 stored Engine',
    ]);
    expect(faults('Engine', 'P0171 lean stored', 'Part 7 advice found', 'P0300 misfire stored')[1]).toBe(
      'P0300 stored -',
    );
  });
  it('have their outcome in brackets before them, or behind dots several times in a line', () => {
    expect(
      modules('[OK]  Engine', '[FAULT]  ABS', '   C0040 wheel speed, current', '[N/A]  Trailer'),
    ).toEqual(['Engine: answered', 'ABS: answered']);
    expect(modules('Engine control ..... 1 DTC   Airbag ..... no response')).toEqual([
      'Engine control: answered',
      'Airbag: silent',
    ]);
  });
  it('are not what any list ticks off, nor clean where only one kind of fault is said to be missing', () => {
    expect(modules('[OK]  Oil level', '[FAIL]  Horn', '[OK]  Wipers')).toEqual([]);
    expect(modules('Oil ..... OK   Horn ..... OK')).toEqual([]);
    expect(modules('Engine: no pending codes')).toEqual([]);
    expect(modules('Engine: no active or previously active faults')).toEqual(['Engine: answered']);
    expect(modules('Source: workshop tool', 'P0171 lean stored')).toEqual([]);
  });
  it('are no signal words in a last column', () => {
    expect(faults('P0107  MAP sensor  LOW', 'P0500  Speed signal  ABS')).toEqual(['P0107 - -', 'P0500 - -']);
  });
  it('say that they do not answer with themselves as the subject', () => {
    expect(modules('Steuergerät: Anhänger', 'Steuergerät antwortet nicht', 'Engine: 0 codes')).toEqual([
      'Anhänger: silent',
      'Engine: answered',
    ]);
  });
  it.each(['Before repair: P0128 (engine).', 'Last year: P0128', 'Note: P0128 may set in winter'])(
    'are no time and no remark: %s',
    (line) => {
      expect(readReport(line)).toMatchObject({ modules: [], codes: [] });
    },
  );
});

describe('codes', () => {
  it('stand behind a date, an “also”, and with the letter I for a one', () => {
    expect(faults('14.03.2026 08:12  B1502  Lamp open   present')).toEqual(['B1502 active -']);
    expect(faults('also p0304 stored')).toEqual(['P0304 stored -']);
    expect(faults('P0I28 thermostat, stored')).toEqual(['P0128 stored -']);
    expect(faults('Boil it, cold oil, pubic')).toEqual([]);
  });
  it('stand beside each other in columns, each with its status', () => {
    expect(faults('Airbag  B0001 driver squib        history   B0002 passenger squib   stored')).toEqual([
      'B0001 history Airbag',
      'B0002 stored Airbag',
    ]);
    expect(readReport('P0420  Catalyst   P0430 is not meant').codes).toHaveLength(1);
  });
  it('of half a page have no module of a wording’s rest', () => {
    expect(
      readReport('...EGR flow insufficient          stored\nP0403 EGR solenoid    stored').modules,
    ).toEqual([]);
  });
  it('are put together from columns: parameter and failure mode, code and failure type', () => {
    expect(
      faults(
        'Source    SPN    FMI   Status',
        'Engine    3226   4     Active',
        'Brakes    -      -     No faults',
      ),
    ).toEqual(['SPN 3226 FMI 4 active Engine']);
    expect(
      readReport('Source    SPN    FMI   OC   Status\nEngine    3226   4     12   Active').codes[0]!.detail,
    ).toBe('seen 12 times');
    expect(faults('Module  DTC    FTB  Text', 'BECM    P0AA6  49   HV isolation')).toEqual([
      'P0AA6-49 - BECM',
    ]);
  });
  it('are short only under a title that says so', () => {
    expect(faults('Blink codes, engine', '34 - MAP sensor low', '45 - rich exhaust')).toEqual([
      '34 - engine',
      '45 - engine',
    ]);
    expect(faults('Parts', '34 - MAP sensor', '45 - gasket set')).toEqual([]);
  });
  it('count through, and none of none is none', () => {
    expect(
      faults(
        'ENGINE',
        'Fault 1 of 1',
        'Code       P2563',
        'Text       Boost',
        'State      present now',
        'ABS',
        'Fault 0 of 0',
      ),
    ).toEqual(['P2563 active ENGINE']);
  });
  it('are none in a list of bulletins, or under “none”', () => {
    expect(faults('Related bulletins: 24-017 (P0011, P0014 screens)')).toEqual([]);
    expect(readReport('DTC report\nPending: none\nStored: none').codes).toEqual([]);
  });
});

describe('objects', () => {
  it('are read out of XML, whatever its schema, and broken XML is none', () => {
    expect(
      faults('<r><ecu name="Engine"><dtc code="P0299" status="active">Under &amp; boost</dtc></ecu></r>'),
    ).toEqual(['P0299 active Engine']);
    expect(fromXml('<r><ecu name="Engine"><dtc code="P0299"></ecu></r>')).toBeUndefined();
    expect(fromXml('<r><a>b</a></r>')).toBeUndefined();
  });
  it('say of a module that its list of faults is empty, or that it did not answer', () => {
    expect(
      fromJson(
        '{"systems":[{"name":"HVAC","dtcs":[]},{"name":"Audio","error":"no response"},{"name":"Seat"}]}',
      ),
    ).toBe('HVAC: no codes\nAudio: no response');
    // What a fault says is its wording.
    expect(fromJson('{"name":"ABS","dtcs":[{"code":"U0121","text":"no communication"}]}')).not.toContain(':');
  });
});

describe('live values', () => {
  it('under the heads of a table are the freeze frame’s where its title stands above', () => {
    const table = 'Parameter            Value\nEngine speed         1480 rpm';
    expect(readReport(`P0128 Thermostat   Confirmed\nFreeze frame data\n${table}`)).toMatchObject({
      freeze: [{ code: 0, name: 'Engine speed', entered: '1480 rpm' }],
      live: [],
    });
    expect(readReport(`P0128 Thermostat   Confirmed\nLive data\n${table}`)).toMatchObject({
      freeze: [],
      live: [{ name: 'Engine speed', entered: '1480 rpm' }],
    });
  });
  it('stand two to a line, and are no odometer', () => {
    const r = readReport('ECT: 88 °C   IAT: 24 °C\nHalden Brisk 650   21,344 mi\nP0171 pending');
    expect(r.live).toEqual([
      { name: 'ECT', entered: '88 °C' },
      { name: 'IAT', entered: '24 °C' },
    ]);
  });
});
