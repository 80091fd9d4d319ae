import { noise, sampled, sheet, teeth, type HandMade } from './kit';

const ORDER = [1, 3, 4, 2];

interface Cranking {
  low?: number;
  trigger: boolean;
  order?: string;
  hertz: number;
}

/** Current of a starter: a base, and a hump for each compression that slows the motor. */
function cranking({ low, trigger, order, hertz }: Cranking): HandMade {
  const n = noise(101 + hertz);
  // Turns of the crank, integrated: slower where it compresses.
  const turns: number[] = [];
  let at = 0;
  const strength = (k: number) => (ORDER[k % 4] === low ? 0.68 : 1);
  const load = (x: number) => {
    const stroke = Math.floor(x * 2);
    return strength(stroke) * Math.exp(-(((x * 2 - stroke - 0.8) / 0.17) ** 2));
  };
  const current = sampled(3.2, hertz, (t) => {
    turns.push(at);
    at += ((t < 0.2 ? 90 : 215) - 60 * load(at)) / 60 / hertz;
    return (t < 0.12 ? 420 * (1 - t) : 118) + 85 * load(at) + 3 * n();
  });
  // Cylinder 1 fires at the end of its compression, stroke 0 of each two turns.
  const sync = turns.map((x) => (Math.abs((((x - 0.42) % 2) + 2) % 2) < 0.01 ? 11.5 : 0.1) + 0.1 * n());
  return {
    about: `cranking current of four cylinders${low ? `, ${low} weak` : ''}${trigger ? ', with the coil of 1' : ''}`,
    file: 'crank amps.csv',
    ...(order ? { firingOrder: order } : {}),
    text: sheet(hertz, trigger ? [current, sync] : [current], {
      head: [`sep=,`, `Time(s),Starter current(A)${trigger ? ',Coil 1 trigger(V)' : ''}`],
      between: ',',
      time: (t) => t.toFixed(5),
      figures: (v) => v.toFixed(2),
    }),
    says: low
      ? [
          {
            analysis: 'cranking-compression',
            verdict: 'fail',
            ...(trigger && order ? { words: new RegExp(`cylinder ${low}\\b`, 'i') } : {}),
          },
        ]
      : [],
    never: low
      ? [
          // Which hump is whose is not known without a trigger; that all others are sound is true.
          ...(trigger && order
            ? [
                {
                  analysis: 'cranking-compression',
                  verdict: 'pass' as const,
                  words: new RegExp(`cylinder ${low}\\b`, 'i'),
                },
              ]
            : []),
          ...ORDER.filter((c) => c !== low || !trigger).map((c) => ({
            analysis: 'cranking-compression',
            verdict: 'fail' as const,
            words: new RegExp(`cylinder ${c}\\b(?! and)`, 'i'),
          })),
        ]
      : [{ analysis: 'cranking-compression', verdict: 'fail' }],
  };
}

/** A starter that is locked: a current that does not move. */
const locked: HandMade = {
  about: 'a locked engine: the starter draws 540 A and nothing turns',
  file: 'starter locked.csv',
  text: sheet(
    2000,
    [sampled(2, 2000, ((n) => (t: number) => (t < 0.3 ? 0.5 : 540 + 4 * n() - 20 * t))(noise(3)))],
    {
      head: ['Zeit [s];Strom [A]'],
      between: ';',
      comma: true,
      time: (t) => t.toFixed(4).replace('.', ','),
    },
  ),
  says: [],
  never: [{ verdict: 'pass' }, { verdict: 'fail', words: /cylinder/i }],
};

/** Rail pressure with four injectors pulsed one by one, engine off; one drops less. */
function drops(weak: number | undefined): HandMade {
  const n = noise(67);
  let pressure = 3.6;
  const rail: number[] = [];
  const pulses = [4, 12, 20, 28];
  const fall = pulses.map((_, k) => (k === weak ? 0.27 : 0.62));
  for (let i = 0; i < 36 * 200; i++) {
    const t = i / 200;
    const k = pulses.findIndex((p) => t >= p && t < p + 0.5);
    // The pump brings it up again some seconds later.
    const target = pulses.some((p) => t >= p - 2.5 && t < p - 0.8) || t < 1.5 ? 3.6 : undefined;
    if (k >= 0) pressure -= fall[k]! / 100;
    else if (target !== undefined) pressure += (target - pressure) * 0.03;
    rail.push(pressure + 0.006 * n());
  }
  return {
    about: `injectors pulsed one by one${weak === undefined ? '' : `, number ${weak + 1} of the row drops less`}`,
    file: 'injector balance.csv',
    text: sheet(200, [rail], {
      head: ['Fuel pressure, 200 Hz', 'seconds,bar'],
      between: ',',
      time: (t) => t.toFixed(3),
    }),
    says: weak === undefined ? [] : [{ analysis: 'injector-drops', verdict: 'fail' }],
    never:
      weak === undefined
        ? [{ analysis: 'injector-drops', verdict: 'fail' }]
        : [
            {
              analysis: 'injector-drops',
              verdict: 'pass',
              words: new RegExp(`injector ${weak + 1}\\b`, 'i'),
            },
          ],
  };
}

/** Crank of 60 − 2 and a cam of one long window; nothing is known of what is normal on this engine. */
const camUnknown: HandMade = {
  about: 'crank and cam at idle, nothing known of what is normal',
  file: 'ckp cmp idle.csv',
  text: (() => {
    const n = noise(44);
    const rev = 780 / 60;
    return sheet(
      15_000,
      [
        sampled(1.2, 15_000, (t) => {
          const place = (((t * rev) % 1) + 1) % 1;
          return (Math.floor(place * 60) >= 58 ? 0 : 2.2 * Math.sin(place * 60 * 2 * Math.PI)) + 0.05 * n();
        }),
        sampled(1.2, 15_000, (t) => (teeth((t * rev) / 2 + 0.21, 4, [1]) ? 5 : 0) + 0.04 * n()),
      ],
      { head: ['Time;CKP;CMP', 's;V;V'], between: ';', time: (t) => t.toFixed(6) },
    );
  })(),
  says: [],
  never: [
    { analysis: 'cam-crank', verdict: 'fail' },
    { analysis: 'cam-crank', verdict: 'pass', words: /against/i },
    { analysis: 'drop-outs', verdict: 'fail' },
  ],
};

/** Kilovolts since the spark: it jumps, burns, the coil rings out, and is fed again before the next. */
function sparkAt(since: number, period: number, kV: number): number {
  if (since < 0.00004) return kV;
  if (since < 0.0014) return 1.6 + since * 300;
  if (since < 0.0019) return 0.9 * Math.sin((since - 0.0014) * 25_000);
  return since > period - 0.003 ? -0.8 : 0;
}

/** Ignition of four coils in one clip on a petrol engine: secondary voltage, one high from a wide gap. */
function secondary(high: boolean): HandMade {
  const n = noise(88);
  const period = 0.04;
  const one = sampled(1.6, 25_000, (t) => {
    const since = t % period;
    const kV = (high ? 21 : 9.5) + ((Math.floor(t / period) * 7) % 5) * 0.15;
    const value = sparkAt(since, period, kV);
    return value + 0.04 * n();
  });
  return {
    about: `secondary voltage of one coil${high ? ' that needs 21 kV' : ''}, nothing to hold it against`,
    file: 'secondary.csv',
    text: sheet(25_000, [one], {
      head: ['time s,coil 2 secondary kV'],
      between: ',',
      time: (t) => t.toFixed(6),
    }),
    says: [],
    never: [{ analysis: 'ignition', verdict: 'fail', words: /cylinder [134]/i }],
  };
}

export const ENGINES: readonly HandMade[] = [
  cranking({ low: 3, trigger: true, order: '1-3-4-2', hertz: 2000 }),
  cranking({ low: 4, trigger: true, order: '1-3-4-2', hertz: 1000 }),
  cranking({ low: 3, trigger: false, order: '1-3-4-2', hertz: 2500 }),
  cranking({ trigger: true, order: '1-3-4-2', hertz: 2000 }),
  cranking({ trigger: false, hertz: 500 }),
  locked,
  drops(2),
  drops(0),
  drops(undefined),
  camUnknown,
  secondary(true),
  secondary(false),
];
