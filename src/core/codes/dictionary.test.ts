import { describe, expect, it } from 'vitest';
import { codeRelation, circuitOf, dictionaryEntries, DICTIONARY_SIZE, meaningOf } from './dictionary';
import { failureMode, failureType } from './failure-types';
import { nextCode, readRows } from './meanings/rows';

describe('dictionary (from memory of SAE J2012 / ISO 15031-6)', () => {
  it('has at least 3000 definitions, each of a generic code', () => {
    expect(DICTIONARY_SIZE).toBeGreaterThanOrEqual(3000);
    for (const [code, says] of dictionaryEntries()) {
      expect(code).toMatch(/^([PCBU]0|P2|U3)[0-9A-F]{3}$|^P34[0-9A-F]{2}$/);
      expect(says.length, code).toBeGreaterThan(4);
      expect(says, code).toMatch(/^[^\s].*[^\s.]$/);
    }
  });

  // Written without the rows at hand, from memory of the same tables: places where counting goes wrong
  // (after 9, at letters, at the seam of banks) and singles of every range.
  it.each([
    ['P0079', /exhaust valve solenoid, bank 1: circuit low/],
    ['P0080', /exhaust valve solenoid, bank 1: circuit high/],
    ['P0083', /intake valve solenoid, bank 2: circuit high/],
    ['P007A', /charge air cooler temperature/],
    ['P007D', /charge air cooler temperature.*high/],
    ['P013A', /slow from rich to lean, bank 1 sensor 2/],
    ['P0140', /oxygen sensor, bank 1 sensor 2: no activity/],
    ['P015A', /delayed response from rich to lean, bank 1 sensor 1/],
    ['P0160', /oxygen sensor, bank 2 sensor 2: no activity/],
    ['P0159', /oxygen sensor, bank 2 sensor 2: slow/],
    ['P0099', /intake air temperature sensor 2: circuit intermittent/],
    ['P0114', /intake air temperature sensor 1: circuit intermittent/],
    ['P0119', /coolant temperature sensor 1: circuit intermittent/],
    ['P0189', /fuel temperature sensor B: circuit intermittent/],
    ['P0199', /oil temperature sensor: circuit intermittent/],
    ['P023A', /coolant pump control: circuit open/],
    ['P023C', /coolant pump control: circuit high/],
    ['P0240', /boost sensor B: range/],
    ['P0241', /boost sensor B: circuit low/],
    ['P0242', /boost sensor B: circuit high/],
    ['P024A', /charge air cooler bypass/],
    ['P0250', /wastegate solenoid B: circuit high/],
    ['P025A', /fuel pump module/],
    ['P0260', /injection pump metering B: circuit intermittent/],
    ['P0279', /injector circuit low, cylinder 7/],
    ['P0283', /injector circuit high, cylinder 8/],
    ['P0296', /contribution or balance, cylinder 12/],
    ['P02A3', /fuel trim at its lower limit, cylinder 3/],
    ['P0312', /misfire, cylinder 12/],
    ['P0362', /ignition coil L/],
    ['P0349', /camshaft sensor A, bank 2: circuit intermittent/],
    ['P0389', /crankshaft sensor B: circuit intermittent/],
    ['P0444', /purge valve.*open/],
    ['P0445', /purge valve.*shorted/],
    ['P0449', /vent solenoid/],
    ['P0454', /tank pressure sensor: circuit intermittent/],
    ['P0479', /exhaust pressure control valve: circuit intermittent/],
    ['P0514', /battery temperature sensor: range/],
    ['P0516', /battery temperature sensor: circuit low/],
    ['P0517', /battery temperature sensor: circuit high/],
    ['P0518', /idle control circuit intermittent/],
    ['P0543', /intake heater A: circuit open/],
    ['P0549', /exhaust temperature sensor, bank 2 sensor 1: circuit high/],
    ['P0576', /cruise control input: circuit low/],
    ['P0577', /cruise control input: circuit high/],
    ['P0599', /thermostat heater control: circuit high/],
    ['P0629', /fuel pump A control: circuit high/],
    ['P0682', /glow plug circuit, cylinder 12/],
    ['P068D', /glow plug circuit high, cylinder 7/],
    ['P0699', /sensor supply C: circuit high/],
    ['P0709', /transmission range sensor A: circuit intermittent/],
    ['P0748', /pressure control solenoid A: electrical/],
    ['P0757', /shift solenoid B: stuck on/],
    ['P0799', /pressure control solenoid C: circuit intermittent/],
    ['P0849', /transmission oil pressure sensor B: circuit intermittent/],
    ['P0890', /transmission module relay sense: circuit low/],
    ['P0900', /clutch actuator: circuit open/],
    ['P0980', /shift solenoid C control: circuit high/],
    ['P0A21', /motor torque sensor: circuit intermittent/],
    ['P0A3A', /generator temperature sensor: circuit intermittent/],
    ['P0A7F', /hybrid battery deterioration/],
    ['P0AA6', /isolation/],
    ['P0B42', /voltage sense B: circuit low/],
    ['P2010', /intake runner control, bank 1: circuit high/],
    ['P2071', /intake manifold tuning valve stuck closed/],
    ['P2099', /after catalyst too rich, bank 2/],
    ['P20B9', /reductant heater A/],
    ['P2101', /throttle motor: range/],
    ['P2149', /injector supply B: circuit open/],
    ['P2150', /injector supply B: circuit low/],
    ['P2151', /injector supply B: circuit high/],
    ['P2230', /barometric sensor A: circuit intermittent/],
    ['P2299', /brake and accelerator/],
    ['P2335', /ignition coil L secondary/],
    ['P2336', /knock above limit, cylinder 1/],
    ['P242A', /exhaust temperature sensor, bank 1 sensor 3: circuit$/],
    ['P2456', /particle filter differential pressure sensor A: circuit intermittent/],
    ['P2470', /exhaust temperature sensor, bank 1 sensor 4: circuit low/],
    ['P2472', /exhaust temperature sensor, bank 1 sensor 4: circuit intermittent/],
    ['P2564', /turbo actuator position sensor: circuit low/],
    ['P2646', /rocker arm actuator A, bank 1: performance or stuck off/],
    ['P2764', /converter clutch pressure control solenoid control: circuit low/],
    ['P2BAA', /reductant consumption too low/],
    ['P0745', /pressure control solenoid A: malfunction, kind not told$/],
    ['P0751', /shift solenoid A: performance or stuck off/],
    ['P3404', /cylinder deactivation intake valve control, cylinder 1: circuit high/],
    ['P3496', /cylinder deactivation exhaust valve control, cylinder 12: circuit high/],
    ['U0010', /medium-speed CAN bus$/],
    ['U0027', /low-speed CAN bus \(−\) shorted/],
    ['U0121', /anti-lock brake/],
    ['U0155', /instrument cluster/],
    ['U0199', /door module A/],
    ['U0235', /front distance sensor/],
    ['U0316', /software incompatible with vehicle dynamics/],
    ['U0428', /invalid data received from steering angle/],
    ['U3003', /battery voltage/],
    ['C0037', /left rear wheel speed/],
    ['B0092', /left side crash sensor 2/],
  ])('%s is %s', (code, says) => {
    expect(meaningOf(code)).toMatch(says);
  });

  it.each(['P214A', 'P214B', 'P222A', 'P0000', 'P1614', 'U1000', 'P0A0Z'])('leaves %s out', (code) => {
    expect(meaningOf(code)).toBe('');
  });

  it('gives no two codes the same meaning', () => {
    const seen = new Map<string, string>();
    // The standard itself has these twice.
    const twice = ['alternator lamp control circuit', 'intake heater A: circuit open'];
    const again: string[] = [];
    for (const [code, says] of dictionaryEntries()) {
      if (!twice.includes(says) && seen.has(says)) again.push(`${seen.get(says)} and ${code}: ${says}`);
      seen.set(says, code);
    }
    expect(again).toEqual([]);
  });

  it('puts "high" right after "low" in every circuit that has both', () => {
    const codes = new Map(dictionaryEntries().map(([code, says]) => [says, code]));
    let pairs = 0;
    for (const [says, low] of codes) {
      if (!says.endsWith(': circuit low')) continue;
      const high = codes.get(says.replace(/low$/, 'high'));
      if (!high) continue;
      pairs++;
      // Converter clutch pressure control has them the other way round.
      if (low === 'P2764') continue;
      expect([nextCode(low, true), /[0-8]9$/.test(low) ? nextCode(low) : ''], low).toContain(high);
    }
    expect(pairs).toBeGreaterThan(300);
  });

  it('has the same faults for bank 2 as for bank 1, where it has the part on both', () => {
    const parts = new Map<string, string[]>();
    for (const [, says] of dictionaryEntries()) {
      const m = /^(.*bank [12].*): (.*)$/.exec(says);
      if (m) parts.set(m[1]!, [...(parts.get(m[1]!) ?? []), m[2]!]);
    }
    let both = 0;
    for (const [part, faults] of parts) {
      const other = parts.get(part.replace('bank 1', 'bank 2'));
      if (!part.includes('bank 1') || !other) continue;
      both++;
      expect(other, part).toEqual(faults);
    }
    expect(both).toBeGreaterThan(15);
  });

  it('knows a code with its failure type byte, and says what it adds', () => {
    expect(meaningOf('P0299-00')).toBe('boost too low (underboost)');
    expect(meaningOf('P0299-77')).toBe('boost too low (underboost), commanded position not reached');
    expect(meaningOf('SPN 97 FMI 3')).toBe('voltage above normal or shorted high');
    expect(meaningOf('P1614-13')).toBe('');
  });

  it('knows circuits, banks, positions and cylinders that belong together', () => {
    expect(circuitOf('P0113')?.codes).toEqual(['P0110', 'P0111', 'P0112', 'P0113', 'P0114']);
    expect(codeRelation('P0112', 'P0113')).toBe('same circuit');
    expect(codeRelation('P0130', 'P0150')).toBe('same part, other position');
    expect(codeRelation('P0171', 'P0174')).toBe('same fault, other bank');
    expect(codeRelation('P0301', 'P0304')).toBe('same fault, other cylinder');
    expect(codeRelation('P0351', 'P0361')).toBe('same fault, other cylinder');
    expect(codeRelation('P0301', 'P0171')).toBe('');
  });
});

describe('rows of codes', () => {
  it.each([
    ['P0079', false, 'P0080'],
    ['P0099', false, 'P0100'],
    ['P0199', false, 'P0200'],
    ['P007A', false, 'P007B'],
    ['P0A09', false, 'P0A10'],
    ['P0A39', true, 'P0A3A'],
    ['P029F', true, 'P02A0'],
  ])('after %s (hexadecimal: %s) comes %s', (code, hex, next) => {
    expect(nextCode(code, hex)).toBe(next);
  });
  it('refuses to count out of the letters, and rows it does not know', () => {
    expect(() => nextCode('P007F')).toThrow(/No code follows/);
    expect(() => nextCode('P0A99')).toThrow(/No code follows/);
    expect(() => readRows('P0070 CXZ something')).toThrow(/stands for nothing/);
    expect(() => readRows('P070 C something')).toThrow(/not a row/);
  });
});

describe('failure types and modes', () => {
  // SAE J2012-DA / ISO 14229-1 and SAE J1939-73 appendix A, from memory.
  it.each([
    ['11', 'circuit shorted to ground', 'circuit low'],
    ['14', 'circuit shorted to ground or open', 'circuit'],
    ['1F', 'circuit intermittent', 'intermittent'],
    ['36', 'signal frequency too low', 'circuit'],
    ['4B', 'over temperature', 'internal failure'],
    ['64', 'signal implausible', 'range or performance'],
    ['7B', 'fluid level low', 'leak or flow'],
    ['87', 'message missing', 'communication'],
    ['96', 'component internal failure', 'internal failure'],
  ])('%s is "%s", %s', (byte, says, kind) => {
    expect(failureType(byte)).toEqual({ says, kind });
  });
  it('takes the group of a type that is not in the table, and nothing of 00 and of the maker’s', () => {
    expect(failureType('1E')?.kind).toBe('circuit');
    expect(failureType('7E')).toEqual({ says: '', kind: 'mechanical limit' });
    expect(failureType('00')).toBeUndefined();
    expect(failureType('F3')).toBeUndefined();
    expect(failureType('')).toBeUndefined();
  });
  it('has every failure mode but the reserved ones', () => {
    for (let fmi = 0; fmi <= 31; fmi++)
      expect(failureMode(fmi) !== undefined, `FMI ${fmi}`).toBe(fmi <= 21 || fmi === 31);
    expect(failureMode(18)?.says).toBe('below normal range, moderately severe');
    expect(failureMode(6)?.kind).toBe('circuit low');
  });
});
