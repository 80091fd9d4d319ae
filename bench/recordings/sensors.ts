import { clock, noise, sampled, sheet, teeth, type HandMade } from './kit';

const S = (n: number) => (t: number) => t.toFixed(n);

/** A hall sensor on the cam that stays high from 1.3 s on while the crank goes on; a German tool. */
function camStaysHigh(dead: boolean): HandMade {
  const n = noise(11);
  const rev = 820 / 60;
  const crank = sampled(2.4, 12_000, (t) => (teeth(t * rev, 60, [58, 59]) ? 4.8 : 0.3) + 0.06 * n());
  const cam = sampled(2.4, 12_000, (t) => {
    const on = dead && t > 1.3 ? true : teeth((t * rev) / 2, 4, [3]);
    return (on ? 4.9 : 0.2) + 0.06 * n();
  });
  return {
    about: `hall sensors of crank and cam at idle${dead ? ', the cam stays high from 1.3 s on' : ''}`,
    file: 'Messung_Leerlauf.csv',
    text: sheet(12_000, [crank, cam], {
      head: ['Messung;Leerlauf warm', 'Zeit;Kurbelwelle;Nockenwelle', '(s);(V);(V)'],
      between: ';',
      comma: true,
      time: S(6),
    }),
    says: dead ? [{ verdict: 'fail', words: /nockenwelle/i }] : [],
    never: dead
      ? [
          { verdict: 'fail', words: /^kurbelwelle/i },
          { verdict: 'pass', words: /^nockenwelle/i },
        ]
      : [{ verdict: 'fail' }],
  };
}

/** Four active wheel speed sensors on a scope, columns by corner; one silent for 0.35 s. */
function wheelSilent(which: number | undefined): HandMade {
  const n = noise(23);
  const names = ['VL', 'VR', 'HL', 'HR'];
  const columns = names.map((_, k) =>
    sampled(6, 4000, (t) => {
      const turns = 1.9 * t + 0.15 * t * t + 0.02 * k;
      const silent = k === which && t > 3.1 && t < 3.45;
      return (!silent && teeth(turns, 48) ? 14.1 : 7.1) + 0.25 * n();
    }),
  );
  return {
    about: `four active wheel speed sensors pulling away${which === undefined ? '' : `, ${names[which]} silent for 0.35 s`}`,
    file: 'abs sensors.txt',
    text: sheet(4000, columns, {
      head: [`t[ms]\t${names.map((x) => `${x}[mA]`).join('\t')}`],
      between: '\t',
      time: (t) => (t * 1000).toFixed(2),
      figures: (v) => v.toFixed(2),
    }),
    says: which === undefined ? [] : [{ verdict: 'fail', words: new RegExp(names[which]!) }],
    never: names
      .filter((_, k) => k !== which)
      .map((name) => ({ verdict: 'fail' as const, words: new RegExp(`^${name}\\b`) }))
      .concat(
        which === undefined ? [] : [{ verdict: 'pass' as never, words: new RegExp(`^${names[which]!}\\b`) }],
      ),
  };
}

/** Two tracks of an accelerator pedal, pressed three times; the second may drop out for 30 ms half way down. */
function pedal(broken: boolean): HandMade {
  const n = noise(5);
  const pressed = (t: number) =>
    [1.2, 3.4, 5.5].reduce(
      (most, at) => Math.max(most, Math.min(1, Math.max(0, 1 - Math.abs(t - at) / 0.6))),
      0,
    );
  const one = sampled(7, 500, (t) => 0.75 + 3.3 * pressed(t) + 0.01 * n());
  const two = sampled(7, 500, (t) =>
    broken && ((t > 3.07 && t < 3.1) || (t > 5.2 && t < 5.23))
      ? 0.02 + 0.01 * n()
      : 0.38 + 1.65 * pressed(t) + 0.006 * n(),
  );
  return {
    about: `pedal tracks pressed three times${broken ? ', the second drops out half way down' : ''}`,
    file: 'pedal.csv',
    text: sheet(500, [one, two], {
      head: ['Time,APP1,APP2', 'ms,V,V'],
      between: ',',
      time: (t) => (t * 1000).toFixed(0),
    }),
    says: broken ? [{ verdict: 'fail', words: /APP2/ }] : [],
    never: broken
      ? [
          { verdict: 'fail', words: /^APP1\b/ },
          { verdict: 'pass', words: /^APP2\b/ },
        ]
      : [{ verdict: 'fail' }],
  };
}

/** Coolant temperature logged once a second while warming up; the sensor may go open for two seconds at 82 °C. */
function coolant(open: boolean): HandMade {
  const temp = sampled(600, 1, (t) => Math.round(18 + 72 * (1 - Math.exp(-t / 210))));
  if (open) for (const at of [431, 432, 470]) temp[at] = -40;
  return {
    about: `coolant temperature while warming up, once a second${open ? '; −40 twice' : ''}`,
    file: 'log 14-32.csv',
    text: sheet(1, [temp, sampled(600, 1, (t) => 900 + ((t * 37) % 60))], {
      head: ['Device;Logger 2', 'Record;14-32', '', 'Clock;Coolant temperature [°C];Engine speed [rpm]'],
      between: ';',
      time: clock(52_320, 0),
      figures: (v) => v.toFixed(0),
    }),
    says: open ? [{ verdict: 'fail', words: /coolant/i }] : [],
    never: open ? [{ verdict: 'pass', words: /^coolant/i }] : [{ verdict: 'fail', words: /coolant/i }],
  };
}

/** A passive crank sensor of 36 − 1 teeth while cranking, with bursts each time the coil fires. */
function disturbed(): HandMade {
  const n = noise(71);
  const rev = 250 / 60;
  const crank = sampled(2, 20_000, (t) => {
    const place = (((t * rev) % 1) + 1) % 1;
    const tooth = Math.floor(place * 36) === 35 ? 0 : Math.sin(place * 36 * 2 * Math.PI);
    const since = ((t * rev) / 0.5) % 1;
    const burst = since < 0.004 ? 3.5 * Math.sin(since * 40_000) : 0;
    return 1.4 * tooth + burst + 0.05 * n();
  });
  const coil = sampled(2, 20_000, (t) => {
    const since = ((t * rev) / 0.5) % 1;
    const fed = since > 0.97 ? 0.6 : 12.1;
    return (since < 0.004 ? 38 * (1 - since / 0.004) : fed) + 0.1 * n();
  });
  return {
    about: 'a passive crank sensor disturbed by the coil',
    file: 'crank vs coil.csv',
    text: sheet(20_000, [crank, coil], {
      head: ['"Time (ms)","Crank sensor (V)","Coil primary (V)"'],
      between: ',',
      time: (t) => (t * 1000).toFixed(2),
    }),
    says: [{ analysis: 'drop-outs', verdict: 'unsure', words: /^crank/i }],
    never: [
      { analysis: 'drop-outs', verdict: 'fail', words: /^crank/i },
      { analysis: 'drop-outs', verdict: 'pass', words: /^crank/i },
    ],
  };
}

/** A speed sensor while the car stands: flat, and nothing says that it should move. */
function standing(): HandMade {
  const n = noise(9);
  return {
    about: 'a gearbox speed sensor with the car standing, nothing else recorded',
    file: 'speed sensor.csv',
    text: sheet(1000, [sampled(5, 1000, () => 4.92 + 0.015 * n())], {
      head: ['Sample rate: 1000 Hz', 'Output speed sensor'],
      between: ',',
    }),
    says: [],
    never: [{ verdict: 'fail' }, { verdict: 'pass' }],
  };
}

/** Two air-flow signals of one engine with a loose plug: both supplies dip at once. */
function sharedSupply(): HandMade {
  const n = noise(31);
  const dips = [0.9, 1.75, 2.6, 3.3, 4.41];
  const away = (t: number) => dips.some((d) => t > d && t < d + 0.03);
  const signal = (level: number, swing: number) =>
    sampled(5, 1000, (t) => (away(t) ? 0.3 : level + swing * Math.sin(t * 1.7)) + 0.02 * n());
  return {
    about: 'three sensors on one supply that is lost for 30 ms, five times',
    file: 'sensors_5v.csv',
    text: sheet(1000, [signal(2.2, 0.3), signal(1.3, 0.1), signal(3.4, 0.2)], {
      head: ['s\tMAP V\tTPS V\tFuel tank pressure V'],
      between: '\t',
      time: S(3),
    }),
    says: [{ analysis: 'drop-outs', verdict: 'fail', words: /share|supply|ground|together|same moment/i }],
    never: [{ analysis: 'drop-outs', verdict: 'pass' }],
  };
}

export const SENSORS: readonly HandMade[] = [
  camStaysHigh(true),
  camStaysHigh(false),
  wheelSilent(2),
  wheelSilent(undefined),
  pedal(true),
  pedal(false),
  coolant(true),
  coolant(false),
  disturbed(),
  standing(),
  sharedSupply(),
];
