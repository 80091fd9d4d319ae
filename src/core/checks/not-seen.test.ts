import { describe, expect, it } from 'vitest';
import { checkOf, type Typed } from './index';
import { sayFindings } from './test-examples';
import { zeroNotSeen } from './zero-drop';

// On what could a check say "pass", or name a cause, without having seen it? Each of these it did once.
// Common practice, no source.
const NOT_SEEN: [what: string, id: string, moved: Typed, says: RegExp][] = [
  [
    'a rest above what charges it',
    'charging-voltage',
    { rest: '18.6 V' },
    /Running: unsure .*surface charge, or/,
  ],
  [
    'a battery that read nothing',
    'charging-voltage',
    { rest: '0 V' },
    /Running: unsure .*deeply discharged or damaged/,
  ],
  ['too much under load', 'charging-voltage', { loaded: '16.4 V' }, /Under load: fail .*too much: regulator/],
  [
    'more under load than a fixed regulator gives',
    'charging-voltage',
    { loaded: '15.2 V' },
    /Under load: unsure .*Ask the scan tool/,
  ],
  [
    'the same from a fixed regulator',
    'charging-voltage',
    { loaded: '15.2 V', control: 'fixed regulator' },
    /Under load: fail .*too much/,
  ],
  ['no ripple at all', 'charging-voltage', { ripple: '0 mV' }, /Ripple: unsure .*Is the meter on AC/],
  ['no drop at a fine range', 'contact-drop', { closed: '0.000 V' }, /Closed: unsure Nothing at all/],
  ['no drop at a coarse range', 'contact-drop', { closed: '0 V' }, /Closed: unsure .*too coarse/],
  ['a contact without a supply', 'contact-drop', { open: '0 V' }, /Open: fail .*or no supply reaches it/],
  [
    'nothing across a joint that carries the starter',
    'voltage-drop',
    { drops: [{ at: 'cable +', entered: '0 mV' }] },
    /cable \+: unsure Nothing at all.* \| In all: unsure/,
  ],
  ['nothing behind the catalyst', 'nox-conversion', { after: '0 ppm' }, /^unsure .*not measuring yet/],
  [
    'less in all than in part',
    'parasitic-current',
    { whole: '20 mA' },
    /In all: unsure 20 mA at the battery, yet 459 mA/,
  ],
  ['too much in all, whatever the parts say', 'parasitic-current', { whole: '60 mA' }, /In all: fail/],
  [
    'no burn',
    'ignition-burn',
    { sparks: [{ cylinder: '1', peak: '10 kV', burn: '0 ms', rings: '5' }] },
    /^Cylinder 1: unsure No burn was seen/,
  ],
  [
    'no peak recorded',
    'ignition-burn',
    { sparks: [{ cylinder: '1', peak: '0 kV', burn: '1.7 ms', rings: '5' }] },
    /^Cylinder 1: pass .*not told without its peak/,
  ],
  ['percent on the block scale', 'fuel-trim', { scale: 'block 0–255' }, /refused .*choose that scale/],
  [
    'less with oil than dry',
    'compression-spread',
    { wet: [{ at: '2', entered: '3.9' }] },
    /less than dry: one of the two was not read right/,
  ],
  [
    'a cylinder that loses nothing',
    'cylinder-leakage',
    { losses: [{ at: '1', entered: '0' }] },
    /^Cylinder 1: unsure .*Is the air on/,
  ],
  [
    'a signal above its supply',
    'sensor-divider',
    { voltage: '5.85 V' },
    /Signal: unsure .*more than the supply/,
  ],
  ['a battery that vanished', 'cranking-voltage', { lowest: '0 V' }, /^unsure Nothing cranks at 0 V/],
  ['colder than the scale', 'plausible-value', { value: '-60 °F' }, /^unsure .*read the unit again/],
];

describe('what was not seen is not told', () => {
  it.each(NOT_SEEN)('%s (%s)', (_, id, moved, says) => {
    const example = checkOf(id)!.example as Typed;
    expect(sayFindings(id, { ...example, ...moved }).replaceAll('\u00a0', ' ')).toMatch(says);
  });

  it('a warm-up that falls is none, and names no part', () => {
    const example = checkOf('thermostat')!.example as Typed;
    const warmUp = (example.warmUp as Record<string, string>[]).map((r, i, all) =>
      i === all.length - 1 ? { ...r, coolant: '33' } : r,
    );
    const said = sayFindings('thermostat', { ...example, warmUp });
    expect(said).toMatch(/^unsure It fell/);
    expect(said).not.toMatch(/stuck open/);
  });

  // 0.5 mΩ at 140 A are 70 mV, at 9 A 4.5 mV, at 1 A 0.5 mV; half a digit of "0.00 V" is 5 mV.
  it.each([
    ['0 mV', 140, /both probes/],
    ['0.00 V', 9, undefined],
    ['0.00 V', 11, /both probes/],
    ['0 mV', 0.9, undefined],
    ['0 V', 9, /too coarse/],
  ])('%s at %d A', (text, amps, says) => {
    const [n = '', unit = ''] = text.split(' ');
    const read = { value: Number(n), unit: 'V', as: unit, decimals: n.split('.')[1]?.length ?? 0 };
    const said = zeroNotSeen(read, amps, 0.1);
    if (says) expect(said).toMatch(says);
    else expect(said).toBeUndefined();
  });
});
