import { describe, expect, it } from 'vitest';
import { kindOfName, mayAgree } from './channel-kind';

const named = (unit: string, ...names: string[]) => names.map((name) => ({ name, unit }));

describe('what a channel measures, by its name', () => {
  it.each([
    ['Wheel speed FL', 'wheel speed'],
    ['HR', ''],
    ['APP2', 'app'],
    ['Injector_3 current', 'injector current'],
    ['Raddrehzahl VL', 'raddrehzahl'],
    ['CH1', ''],
  ])('%s is of %j', (name, kind) => expect(kindOfName(name)).toBe(kind));

  it('holds bare signals against each other only where they are of one kind or of none', () => {
    expect(mayAgree(named('V', 'MAP', 'TPS', 'Fuel tank pressure'))).toBe(false);
    expect(mayAgree(named('V', 'O2 bank 1', 'O2 bank 2', 'O2 bank 1'))).toBe(true);
    expect(mayAgree(named('mA', 'VL', 'VR', 'HL', 'HR'))).toBe(true);
    expect(mayAgree(named('V', 'CH1', 'CH2', 'CH3'))).toBe(true);
  });

  it('holds neither coolant against air nor one unit against another', () => {
    expect(mayAgree(named('°C', 'Coolant temp', 'Intake air temp', 'Oil temp'))).toBe(false);
    expect(mayAgree([...named('°C', 'T1'), ...named('K', 'T2')])).toBe(false);
  });

  it('holds places along one pipe and the speeds of one vehicle against each other', () => {
    expect(mayAgree(named('°C', 'EGT before turbine', 'EGT after turbine', 'EGT after filter'))).toBe(true);
    expect(mayAgree(named('km/h', 'LF speed', 'RR speed', 'Vehicle speed'))).toBe(true);
    expect(mayAgree(named('kPa', 'LF pressure', 'RF pressure', 'LR pressure'))).toBe(true);
  });
});
