import { clock, noise, sampled, sheet, teeth, type HandMade } from './kit';

const plain = (n: number) => (t: number) => t.toFixed(n);

/** Probes before and after a catalyst that is sound: the first to and fro, the second still. */
const probes: HandMade = {
  about: 'probes before and after a sound catalyst, two values a second',
  file: 'o2.csv',
  text: (() => {
    const n = noise(4);
    return sheet(
      2,
      [
        sampled(120, 2, (t) => 0.45 + 0.36 * Math.sign(Math.sin(t * 2.1)) + 0.03 * n()),
        sampled(120, 2, (t) => 0.66 + 0.02 * Math.sin(t / 9) + 0.005 * n()),
      ],
      {
        head: ['Time;O2S B1S1 (V);O2S B1S2 (V)'],
        between: ';',
        time: clock(40_000),
        figures: (v) => v.toFixed(2),
      },
    );
  })(),
  says: [],
  never: [{ verdict: 'fail' }],
};

/** Air mass, speed and throttle of a drive; the air mass may go to nothing three times. */
function drive(lost: boolean): HandMade {
  const n = noise(13);
  const throttle = (t: number) =>
    12 + 9 * Math.sin(t / 6) + (t % 30 < 6 ? 25 * Math.sin((Math.PI * (t % 30)) / 6) : 0);
  const gone = (t: number) => lost && [31.2, 58.4, 90.6].some((a) => t >= a && t < a + 0.7);
  return {
    about: `air mass, speed and throttle of a drive, five values a second${lost ? '; the air mass is gone three times' : ''}`,
    file: 'drive maf.csv',
    text: sheet(
      5,
      [
        sampled(120, 5, (t) => (gone(t) ? 0 : 3 + 1.1 * throttle(t) + 0.3 * n())),
        sampled(120, 5, (t) => 1900 + 180 * Math.sin(t / 11) + 8 * n()),
        sampled(120, 5, (t) => throttle(t) + 0.2 * n()),
      ],
      {
        head: ['PID log', 'Time (sec),MAF (g/s),Engine RPM (rpm),Throttle (%)'],
        between: ',',
        time: plain(1),
        figures: (v) => v.toFixed(2),
      },
    ),
    says: lost ? [{ analysis: 'drop-outs', verdict: 'fail', words: /MAF/ }] : [],
    never: lost
      ? [
          { verdict: 'fail', words: /^(?:Engine RPM|Throttle)/ },
          { analysis: 'drop-outs', verdict: 'pass', words: /^MAF/ },
        ]
      : [{ verdict: 'fail' }],
  };
}

/** A crank wheel of 36 − 1 with one more tooth broken off, no other channel. */
const brokenTooth: HandMade = {
  about: 'a crank wheel of 36 − 1 teeth with another tooth broken off',
  file: 'crank hall.csv',
  text: (() => {
    const n = noise(90);
    return sheet(
      10_000,
      [sampled(1.5, 10_000, (t) => (teeth(t * 15, 36, [35, 11]) ? 4.9 : 0.1) + 0.05 * n())],
      { head: ['ms,Crank [V]'], between: ',', time: (t) => (t * 1000).toFixed(1) },
    );
  })(),
  says: [],
  never: [{ verdict: 'pass' }],
};

/** Tyre pressures over four days, a value an hour; the right rear loses air. */
function tyres(loses: boolean): HandMade {
  const n = noise(77);
  const names = ['LF', 'RF', 'LR', 'RR'];
  return {
    about: `tyre pressures over four days${loses ? ', the right rear loses air' : ''}`,
    file: 'tpms.csv',
    text: sheet(
      1 / 3600,
      names.map((_, k) =>
        sampled(
          96 * 3600,
          1 / 3600,
          (t) => 240 + 6 * Math.sin(t / 13_750) - (loses && k === 3 ? t / 5000 : 0) + 0.4 * n(),
        ),
      ),
      {
        head: [`Hour;${names.map((x) => `${x} pressure (kPa)`).join(';')}`],
        between: ';',
        time: (t) => String(Math.round(t / 3600)),
        figures: (v) => v.toFixed(0),
      },
    ),
    says: loses ? [{ verdict: 'fail', words: /RR/ }] : [],
    never: loses
      ? [
          { verdict: 'fail', words: /^(?:LF|RF|LR)/ },
          { analysis: 'agreement', verdict: 'pass', words: /^RR/ },
        ]
      : [{ verdict: 'fail' }],
  };
}

/** Currents of four injectors at idle; one has none. */
const noCurrent: HandMade = {
  about: 'currents of four injectors at idle, the third has none',
  file: 'injectors.csv',
  text: (() => {
    const n = noise(21);
    const one = (k: number) =>
      sampled(1, 10_000, (t) => {
        const since = (t + 0.04 * k) % 0.16;
        return (k !== 2 && since < 0.003 ? 1.1 * (1 - Math.exp(-since / 0.0012)) : 0) + 0.01 * n();
      });
    return sheet(10_000, [0, 1, 2, 3].map(one), {
      head: ['s\tINJ1 A\tINJ2 A\tINJ3 A\tINJ4 A'],
      between: '\t',
      time: plain(5),
    });
  })(),
  says: [],
  never: [
    { verdict: 'pass', words: /INJ3/ },
    { verdict: 'fail', words: /^INJ[124]/ },
  ],
};

/** Idle speed held where it is wanted: nothing was asked of it. */
const idle: HandMade = {
  about: 'idle speed, target and actual, nothing asked of it',
  file: 'idle.csv',
  text: (() => {
    const n = noise(6);
    return sheet(4, [sampled(60, 4, () => 750), sampled(60, 4, () => 750 + Math.round(9 * n()))], {
      head: ['t;Idle target rpm;Idle actual rpm'],
      between: ';',
      time: plain(2),
      figures: (v) => v.toFixed(0),
    });
  })(),
  says: [],
  never: [{ analysis: 'command-answer', verdict: 'pass', words: /goes with|answered/ }, { verdict: 'fail' }],
};

/** Exhaust temperatures along the pipe during a pull, each cooler and later than the one before; two plugs may be exchanged. */
function exhaust(exchanged: boolean): HandMade {
  const names = ['EGT before turbine', 'EGT after turbine', 'EGT before filter', 'EGT after filter'];
  const order = exchanged ? [0, 2, 1, 3] : [0, 1, 2, 3];
  const at = (k: number) => {
    let y = 180 - 10 * k;
    return sampled(240, 1, (t) => {
      const target = (t > 40 && t < 130 ? 620 : 260) - 45 * k;
      y += (target - y) / (6 + 14 * k);
      return y;
    });
  };
  const real = [0, 1, 2, 3].map(at);
  return {
    about: `exhaust temperatures along the pipe${exchanged ? ', two plugs exchanged' : ''}`,
    file: 'egt.csv',
    text: sheet(
      1,
      order.map((k) => real[k]!),
      {
        head: [`Time (s),${names.map((x) => `${x} (°C)`).join(',')}`],
        between: ',',
        time: plain(0),
        figures: (v) => v.toFixed(0),
      },
    ),
    says: [],
    never: exchanged
      ? [{ verdict: 'pass', words: /^EGT (?:after turbine|before filter)/ }]
      : [{ verdict: 'fail', words: /EGT/ }],
  };
}

/** A 5 V reference that sags while everything else of the shop is quiet. */
const reference: HandMade = {
  about: 'a 5 V reference that sags to 3.1 V for 0.15 s, twice',
  file: '5v.csv',
  text: (() => {
    const n = noise(19);
    return sheet(
      1000,
      [sampled(8, 1000, (t) => ((t > 2.1 && t < 2.25) || (t > 6.3 && t < 6.45) ? 3.1 : 4.99) + 0.012 * n())],
      { head: ['[s] 5V ref [V]'], between: ' ', time: plain(3) },
    );
  })(),
  says: [{ analysis: 'drop-outs', verdict: 'fail' }],
  never: [{ analysis: 'drop-outs', verdict: 'pass' }],
};

/** Vacuum of a brake booster while the pedal is pressed three times, engine running. */
const booster: HandMade = {
  about: 'vacuum of the brake booster, pedal pressed three times, engine running',
  file: 'booster.csv',
  text: (() => {
    const n = noise(30);
    let v = -68;
    return sheet(
      10,
      [
        sampled(40, 10, (t) => {
          if ([8, 18, 28].some((a) => t >= a && t < a + 0.5)) v += 6;
          else v += (-68 - v) * 0.05;
          return v + 0.3 * n();
        }),
      ],
      { head: ['s,Booster vacuum (kPa)'], between: ',', time: plain(1), figures: (x) => x.toFixed(1) },
    );
  })(),
  says: [],
  never: [{ verdict: 'fail' }],
};

export const MORE: readonly HandMade[] = [
  probes,
  drive(true),
  drive(false),
  brokenTooth,
  tyres(true),
  tyres(false),
  noCurrent,
  idle,
  exhaust(false),
  exhaust(true),
  reference,
  booster,
];
