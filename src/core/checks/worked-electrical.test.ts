import { describeExamples, type Examples } from './test-examples';

/** Further examples in mid-range, worked out on paper. Limits are common practice, no source. */
const path = (...rows: [place: string, found: string, minutes?: string, likely?: string][]) => ({
  path: rows.map(([place, found, minutes = '', likely = '']) => ({ place, found, minutes, likely })),
});
const fuses = (...rows: [name: string, rating: string, drop: string][]) =>
  rows.map(([name, rating, drop]) => ({ name, rating, drop }));
const sparks = (...rows: [cylinder: string, burn: string, peak?: string, rings?: string][]) =>
  rows.map(([cylinder, burn, peak = '', rings = '']) => ({ cylinder, burn, peak, rings }));
/** A reading every four minutes. */
const warmUp = (...celsius: number[]) =>
  celsius.map((c, k) => ({ time: `${k * 4} min`, coolant: `${c} °C` }));
/** A pair of readings every two seconds. */
const two = (first: number[], second: number[], unit = '°C') =>
  first.map((v, k) => ({ time: `${k * 2} s`, first: `${v} ${unit}`, second: `${second[k]} ${unit}` }));
const STEPS = [100, 100, 150, 200, 200, 150, 120, 100];

const EXAMPLES: Examples = {
  'chain-search': [
    // Fuse first: (2 · 9 + 4 · 6)/9 = 4.7 min; relay first: (4 · 9 + 2 · 7)/9 = 5.6 min.
    [
      path(
        ['battery', 'good', '1', '1'],
        ['fuse', '', '2', '3'],
        ['relay 87', '', '4', '4'],
        ['plug', 'bad', '10', '2'],
      ),
      /Between battery and plug\. Probe fuse next: 5 min expected to the end, and no order is quicker/,
    ],
    // Equal weights and minutes, seven stretches: halve it. In order it would be 5 · (1+2+3+4+5+6+6)/7 = 19 min,
    // halving takes 3 probes but for one stretch: 5 · (6 · 3 + 2)/7 = 14.
    [
      path(
        ['battery', 'good'],
        ['a', ''],
        ['b', ''],
        ['c', ''],
        ['d', ''],
        ['e', ''],
        ['f', ''],
        ['lamp', 'bad'],
      ),
      /Probe [cd] next: 14 min expected to the end, against 19 min going along in order/,
    ],
    [
      path(['battery', 'good'], ['fuse', 'good'], ['relay 87', 'bad'], ['plug', '']),
      /^fail It lies between fuse \(good\) and relay 87 \(bad\)/,
    ],
    [
      path(['battery', 'good'], ['fuse', 'bad'], ['relay 87', 'good'], ['plug', '']),
      /^unsure Bad at fuse, yet good further on at relay 87/,
    ],
    [path(['battery', 'good'], ['plug', 'good']), /^pass Good as far as plug/],
    [path(['fuse', 'bad'], ['plug', '']), /^fail It lies before fuse: already the first place is bad/],
  ],
  'charging-voltage': [
    // 14.2 − 12.6 = 1.6 V.
    [
      { system: '12 V', rest: '12.6 V', running: '14.2 V', loaded: '13.7 V', ripple: '120 mV' },
      /Running: pass 14\.2.V, 1\.6.V above rest\. .*Under load: pass Holds 13\.7.V.*Ripple: pass 120.mV/,
    ],
    // 24 V: all limits twice as high; 26.1 < 26.4, and 0.9 V of ripple are under 1 V.
    [
      { system: '24 V', rest: '25.0 V', running: '28.3 V', loaded: '26.1 V', ripple: '0.9 V' },
      /Running: pass 28\.3.V, 3\.3.V above rest.*Under load: fail Falls to 26\.1.V.*Ripple: pass 0\.9.V/,
    ],
    // Half a volt over rest is little, and no proof of none.
    [
      { system: '12 V', rest: '12.5 V', running: '13.0 V', control: 'fixed regulator' },
      /Running: unsure 13\.0.V: charges a little/,
    ],
    [
      { system: '12 V', rest: '12.5 V', running: '12.4 V', control: 'fixed regulator' },
      /Running: fail 12\.4.V is no more than rest/,
    ],
    [
      { system: '12 V', rest: '12.5 V', running: '12.6 V', loaded: '13.4 V' },
      /Running: unsure .*but it charges under load/,
    ],
    [
      { system: '12 V', rest: '12.5 V', running: '12.6 V' },
      /Running: unsure .*Switch everything on and read again/,
    ],
    [{ system: '12 V', rest: '12.5 V', running: '15.3 V' }, /Running: unsure .*for a cold battery/],
    [
      { system: '12 V', rest: '12.5 V', running: '15.3 V', control: 'fixed regulator' },
      /Running: fail .*too much/,
    ],
    [{ system: '24 V', rest: '25 V', running: '31.2 V' }, /Running: fail 31\.2.V is too much/],
    [{ system: '12 V', rest: '12.5 V', running: '14.1 V' }, /Not measured: unsure under load and ripple/],
    [
      { system: '12 V', rest: '12.5 V', running: '14.1 V', loaded: '13.6 V', ripple: '620 mV' },
      /Ripple: fail 620.mV AC: a diode/,
    ],
    [
      {
        system: '12 V',
        rest: '12.5 V',
        running: '14.1 V',
        loaded: '13.6 V',
        ripple: '620 mV',
        smooth: '0.7 V',
      },
      /Ripple: pass/,
    ],
  ],
  'contact-drop': [
    // 80 mV/16 A = 5 mΩ.
    [
      { closed: '80 mV', supply: '12.4 V', current: '16 A', open: '12.3 V' },
      /Closed: pass 80.mV \(5.mΩ\) across it\. .*Open: pass Opens fully/,
    ],
    // 450 mV/15 A = 30 mΩ; 11 of 24.8 V are 44 %.
    [
      { closed: '0.45 V', supply: '24.8 V', current: '15 A', open: '11 V' },
      /Closed: fail 0\.45.V \(30.mΩ\) across it, more than 0\.10.V: burnt.*Open: unsure 11.V is only part of the supply/,
    ],
    [
      { closed: '150 mV', supply: '12.4 V', limit: '200 mV', open: '0.3 V' },
      /Closed: unsure 150.mV across it\. Note the current.*Open: fail 0\.3.V: it does not open/,
    ],
    [
      { closed: '12.3 V', supply: '12.4 V', current: '0 A' },
      /Closed: fail 12\.3.V, nearly the supply: it does not close/,
    ],
    [{ closed: '20 mV', supply: '12.4 V', current: '0 A' }, /^void No current flows/],
  ],
  'parasitic-current': [
    // 0.385 mV/7.7 mΩ = 50 mA, 0.034/3.4 = 10 mA.
    [
      { size: 'blade', fuses: fuses(['F3', '10', '0.385 mV'], ['F9', '20', '0.034 mV']) },
      /F3: +about 50.mA.*F9: +about 10.mA.*In all: fail 60.mA against 50.mA allowed\. Most goes through F3/,
    ],
    // 0.3/7.7 = 39 mA: most of 75 is seen, and the clamp decides.
    [
      { size: 'blade', fuses: fuses(['F3', '10', '0.3 mV'], ['F9', '20', '0.034 mV']), whole: '75 mA' },
      /In all: fail 75.mA at the battery against 50.mA allowed, 49.mA of it/,
    ],
    [
      { size: 'blade', fuses: fuses(['F3', '10', '0.3 mV']), whole: '46 mA' },
      /In all: pass 46.mA at the battery/,
    ],
    // 0.055/1.9 = 29 mA, within 15 % of 30; 0.022/1.9 = 12 mA.
    [
      { size: 'mini blade', fuses: fuses(['F3', '30', '0.055 mV']), allowed: '30 mA' },
      /In all: unsure 29.mA against 30.mA allowed, too near for fuses that differ by 15 %/,
    ],
    [
      { size: 'mini blade', fuses: fuses(['F3', '30', '-22 µV']), allowed: '30 mA' },
      /In all: unsure 12.mA through the fuses that were measured, under the 30.mA allowed\. One that was not/,
    ],
  ],
  'ignition-burn': [
    [
      { sparks: sparks(['1', '1.4 ms', '11 kV', '5'], ['2', '2.1', '3', '5'], ['3', '1.6', '10', '2']) },
      /1: unsure Burns 1\.4.ms; between short and healthy.*2: fail .*peak only 3.kV with a long burn.*3: fail .*2 oscillations/,
    ],
    // 0.12 ms against 0.205: 41 % less.
    [
      { system: 'capacitor discharge', sparks: sparks(['1', '0.2 ms'], ['2', '0.21'], ['3', '0.12']) },
      /^fail 3: 0\.12.ms is 0\.09.ms \(41 %\) below the others/,
    ],
    [
      { sparks: sparks(['1', '1.25 ms'], ['2', '1.8']) },
      /1: fail Burns 1\.25.ms; short burn: resistance, lean mixture or a weak coil.*2: pass .*not told without its peak and the oscillations/,
    ],
    // Half as much again as the usual 10 kV is 15.
    [
      { sparks: sparks(['1', '1.7 ms', '16 kV', '5'], ['2', '1.7', '10', '5'], ['3', '1.7', '10', '5']) },
      /1: unsure .*peak 16.kV is high: watch it under load.*2: pass .*healthy/,
    ],
    [
      { sparks: sparks(['1', '0.9 ms', '19 kV', '5'], ['2', '1.7', '10', '5'], ['3', '1.7', '10', '5']) },
      /1: fail .*peak 19.kV and short burn: too wide a gap/,
    ],
  ],
  'plausible-value': [
    [{ kind: '5 V signal', value: '4.85 V' }, /^fail 4\.85.V is the upper end/],
    [
      { kind: '5 V signal', value: '12.1 V' },
      /^fail 12\.1.V is more than the 5 V there are: shorted to battery/,
    ],
    [{ kind: '5 V signal', value: '110 mV' }, /^fail 110.mV is the lower end/],
    [{ kind: '5 V signal', value: '2.6 V' }, /^unsure 2\.6.V lies inside .*whether it is right is not told/],
    // 93 kPa against 98 kPa: 5 kPa = 0.05 bar, more than 3 kPa.
    [
      { kind: 'manifold pressure, engine off', value: '0.93 bar', barometer: '98 kPa' },
      /^fail 0\.93.bar with the engine off is 0\.05.bar below the barometer/,
    ],
    [
      { kind: 'manifold pressure, engine off', value: '99 kPa', barometer: '97 kPa' },
      /^pass 99.kPa is the barometer, within 2\.0.kPa/,
    ],
    // 84 − 61 = 23 °C in 2 s; 2 · 3 = 6 °C can be.
    [
      { kind: 'temperature', value: '84 °C', previous: '61 °C', apart: '2 s', fastest: '3 °C' },
      /It jumped by 23.°C in 2.s; no more than 6.°C is possible: a contact/,
    ],
    [
      { kind: 'temperature', value: '84 °C', previous: '61 °C', apart: '10 s', fastest: '3 °C' },
      /The step of 23.°C is possible/,
    ],
    [
      { kind: 'temperature', value: '-40 °F' },
      /^fail −40.°F is the cold end of the scale: the circuit is open/,
    ],
    [{ kind: 'temperature', value: '151 °C' }, /^unsure 151.°C is near the hot end/],
    [{ kind: 'share of a range', value: '99.8 %' }, /^fail 99\.8.% is an end of the range/],
    [{ kind: 'share of a range', value: '37 %' }, /^unsure 37.% lies inside its range/],
    [{ kind: 'other', value: '655.35 A', high: '655.35 A' }, /^fail 655\.35.A sits on the upper end/],
    [{ kind: 'other', value: '0 g/s', low: '0 g/s' }, /^fail 0.g\/s sits on the lower end/],
    [{ kind: 'other', value: '3 bar' }, /^ Give the ends of its scale/],
  ],
  thermostat: [
    // 2 °C over the opening, and the last step is (90 − 91)/4 = −0.25 °C a minute.
    [
      { opens: '88 °C', fan: 'stood still', warmUp: warmUp(16, 45, 70, 86, 91, 90) },
      /^pass It rose to 90.°C and holds/,
    ],
    // 8 °C over it, with the fan running.
    [
      { opens: '88 °C', fan: 'ran', warmUp: warmUp(16, 45, 70, 90, 96, 96) },
      /^unsure It holds at 96.°C, 8.°C above the opening: the fan holds it there/,
    ],
    [
      { opens: '88 °C', warmUp: warmUp(16, 45, 70, 90, 95, 95) },
      /^unsure .*the fan may hold it there; look whether it runs/,
    ],
    // 195 °F are 90.6 °C: 64 are 27 short of it.
    [
      { opens: '195 °F', warmUp: warmUp(16, 40, 58, 63, 64, 64) },
      /^fail It levels out at 64.°C, far under 195.°F: stuck open/,
    ],
    [
      { opens: '88 °C', warmUp: warmUp(16, 45, 70, 86, 99, 106) },
      /^fail It went on to 106.°C, past the opening/,
    ],
    // (84 − 76)/4 = 2 °C a minute.
    [{ opens: '88 °C', warmUp: warmUp(16, 45, 62, 76, 84) }, /^unsure 84.°C and still rising/],
    [{ opens: '88 °C', warmUp: warmUp(16, 30, 42, 53, 62) }, /^unsure 62.°C at the end and still moving/],
    [{ opens: '88 °C', warmUp: warmUp(71, 80, 86, 88) }, /^void It began at 71.°C: not cold/],
    [
      { opens: '88 °C', fan: 'stood still', warmUp: warmUp(16, 45, 70, 90, 100, 100) },
      /^unsure It holds at 100.°C, 12.°C above the opening: it opens late/,
    ],
  ],
  'two-sensors': [
    // One step of 2 s late, 4 °C higher throughout.
    [
      {
        purpose: 'they have to agree',
        run: two(STEPS, [104, 104, 104, 154, 204, 204, 154, 124]),
        most: '6 s',
      },
      /Delay: +The second comes 2\.0.s after the first \(correlation 1\.00\).*Agreement: pass Lined up they differ by 4\.0.°C on average/,
    ],
    // Eight tenths of the first: at 200 °C 40 too little, a fifth.
    [
      { purpose: 'they have to agree', run: two(STEPS, [80, 80, 80, 120, 160, 160, 120, 96]), most: '6 s' },
      /Agreement: fail .*40\.0.°C at worst \(at 200.°C\)/,
    ],
    [
      { purpose: 'they have to agree', run: two(STEPS, [50, 51, 50, 51, 50, 50, 51, 50]), most: '6 s' },
      /unsure They do not go together at any delay/,
    ],
    // A tenth passes: 90 % taken out; a quarter: 75 %.
    [
      {
        purpose: 'conversion before and after',
        run: two(
          STEPS,
          STEPS.map((v) => v / 10),
          'ppm',
        ),
        most: '4 s',
      },
      /Conversion: pass 90 % taken out on average, 85 % wanted/,
    ],
    [
      {
        purpose: 'conversion before and after',
        run: two(
          STEPS,
          STEPS.map((v) => v / 4),
          'ppm',
        ),
        most: '4 s',
      },
      /Conversion: fail 75 % taken out/,
    ],
  ],
};

describeExamples(EXAMPLES);
