import { clock, noise, sampled, sheet, type HandMade } from './kit';

const NEVER_FAIL = [{ verdict: 'fail' as const }];

/** A first-order lag over samples. */
function lagged(input: readonly number[], hertz: number, seconds: number): number[] {
  let y = input[0]!;
  return input.map((u) => (y += (u - y) * (1 - Math.exp(-1 / (hertz * seconds)))));
}

/** Boost wanted and boost there on a road test, twice a second. */
function boost(kind: 'fine' | 'low' | 'late'): HandMade {
  const n = noise(kind.length * 7);
  const wanted = sampled(120, 2, (t) => {
    const pulls = [
      [20, 38, 210],
      [60, 82, 235],
      [95, 110, 190],
    ] as const;
    const on = pulls.find(([from, to]) => t >= from && t < to);
    return on ? on[2] : 102;
  });
  const fine = lagged(wanted, 2, kind === 'late' ? 6 : 0.7);
  const there = fine.map((v) => Math.round((kind === 'low' ? Math.min(v, 162) : v) + 1.2 * n()));
  return {
    about: `boost specified and actual, twice a second: ${kind}`,
    file: 'road test.csv',
    text: sheet(2, [wanted, there, wanted.map((v) => (v > 110 ? 2600 : 1500))], {
      head: ['Time,Charge pressure specified (kPa),Charge pressure actual (kPa),RPM'],
      between: ',',
      time: clock(36_900),
      figures: (v) => v.toFixed(0),
    }),
    says: {
      fine: [],
      low: [{ verdict: 'fail' as const, words: /actual/i }],
      // How slow is too slow the part's own limit says.
      late: [{ verdict: 'unsure' as const, words: /actual comes slowly/i }],
    }[kind],
    never:
      kind === 'fine'
        ? NEVER_FAIL
        : [{ analysis: 'command-answer', verdict: 'pass', words: /goes with|still/ }],
  };
}

/** An exhaust valve commanded in percent, its position in volts, one value a second. */
function valve(kind: 'fine' | 'stuck' | 'part'): HandMade {
  const n = noise(55);
  const wanted = sampled(90, 1, (t) => [0, 35, 0, 80, 50, 10, 60, 0, 0][Math.floor(t / 10)]!);
  const volts = wanted.map((p) => {
    const there = { fine: p, stuck: 12, part: Math.max(p, 24) }[kind];
    return 0.62 + there * 0.036 + 0.008 * n();
  });
  return {
    about: `recirculation valve in percent, its position in volts: ${kind}`,
    file: 'egr.tsv',
    text: sheet(1, [wanted, volts], {
      head: ['sec\tEGR commanded %\tEGR position V'],
      between: '\t',
      time: (t) => t.toFixed(0),
      figures: (v, k) => v.toFixed(k === 0 ? 0 : 2),
    }),
    says: kind === 'fine' ? [] : [{ analysis: 'command-answer', verdict: 'fail' }],
    never: kind === 'fine' ? NEVER_FAIL : [{ analysis: 'command-answer', verdict: 'pass' }],
  };
}

/** Wheel speeds of a scan tool, ten a second, coming to a stop; one drops to zero too early. */
function wheels(early: boolean): HandMade {
  const n = noise(16);
  const road = (t: number) => Math.max(0, t < 15 ? 3.2 * t : 48 - 2.6 * (t - 15));
  const names = ['LF speed', 'RF speed', 'LR speed', 'RR speed'];
  const columns = names.map((_, k) =>
    sampled(36, 10, (t) => {
      const v = road(t);
      return early && k === 3 && v < 14 ? 0 : Math.max(0, v * (1 + 0.004 * k) + 0.15 * n());
    }),
  );
  return {
    about: `four wheel speeds to a stop${early ? ', the right rear gone below 14 km/h' : ''}`,
    file: 'wheels.csv',
    text: sheet(10, [...columns, sampled(36, 10, (t) => Math.round(road(t)))], {
      head: [`Time (s);${names.map((x) => `${x} (km/h)`).join(';')};Vehicle speed (km/h)`],
      between: ';',
      time: (t) => t.toFixed(1),
      figures: (v) => v.toFixed(1),
    }),
    says: early ? [{ verdict: 'fail', words: /RR speed/ }] : [],
    never: early
      ? [
          { verdict: 'fail', words: /^(?:LF|RF|LR|Vehicle) speed/ },
          { verdict: 'pass', words: /^RR speed/ },
        ]
      : NEVER_FAIL,
  };
}

/** Fuel pressure for ten minutes after switching off, a value every two seconds. */
function holds(falls: boolean): HandMade {
  const n = noise(2);
  return {
    about: `fuel pressure for ten minutes after switching off${falls ? ', falling to half' : ''}`,
    file: falls ? 'hold2.csv' : 'hold1.csv',
    text: sheet(
      0.5,
      [sampled(600, 0.5, (t) => (falls ? 4.1 * Math.exp(-t / 800) : 4.1 - 0.0003 * t) + 0.01 * n())],
      {
        head: ['Clock,Fuel pressure (bar)'],
        between: ',',
        time: clock(61_000, 0),
        figures: (v) => v.toFixed(2),
      },
    ),
    says: falls ? [{ analysis: 'hold', verdict: 'fail' }] : [],
    never: falls ? [{ analysis: 'hold', verdict: 'pass' }] : [{ analysis: 'hold', verdict: 'fail' }],
  };
}

/** Two lines of a bus at 500 kbit/s; one may lie on ground. */
function bus(grounded: boolean): HandMade {
  const n = noise(61);
  const bits = sampled(0.004, 500_000, (_, i) => ((i * 2654435761) >>> 7) & 1);
  const at = (t: number) => bits[Math.floor(t * 500_000)]! === 1;
  const between = (dominant: number, recessive: number) =>
    sampled(0.004, 2_500_000, (t) => (at(t) ? dominant : recessive) + 0.03 * n());
  const high = grounded ? between(0.04, 0.04) : between(3.5, 2.5);
  const low = grounded ? between(0.02, 0.1) : between(1.5, 2.5);
  return {
    about: `both lines of a bus${grounded ? ', the high one on ground' : ''}`,
    file: 'can pin6 pin14.csv',
    text: sheet(2_500_000, [high, low], {
      head: ['us,CAN-H,CAN-L', ',V,V'],
      between: ',',
      time: (t) => (t * 1e6).toFixed(1),
      figures: (v) => v.toFixed(2),
    }),
    says: grounded
      ? [{ analysis: 'bus-levels', verdict: 'fail' }]
      : [{ analysis: 'bus-levels', verdict: 'pass' }],
    never: grounded ? [{ analysis: 'bus-levels', verdict: 'pass' }] : NEVER_FAIL,
  };
}

/** Oil temperature beside coolant, an hour after parking and while driving: two sensors that should begin alike. */
function soak(off: boolean): HandMade {
  return {
    about: `three temperatures after a night, then driving${off ? '; the intake air begins at 41 °C' : ''}`,
    file: 'cold start.csv',
    text: sheet(
      1,
      [
        sampled(300, 1, (t) => 11 + 60 * (1 - Math.exp(-t / 250))),
        sampled(300, 1, (t) => (off ? 41 : 12) + 4 * (t / 300)),
        sampled(300, 1, (t) => 11 + 25 * (1 - Math.exp(-t / 500))),
      ],
      {
        head: ['Time [s];Coolant temp [°C];Intake air temp [°C];Oil temp [°C]'],
        between: ';',
        comma: true,
        time: (t) => String(t),
        figures: (v) => v.toFixed(1),
      },
    ),
    says: off ? [{ verdict: 'fail', words: /intake/i }] : [],
    never: off
      ? [
          { verdict: 'fail', words: /^(?:coolant|oil) temp/i },
          { verdict: 'pass', words: /^intake/i },
        ]
      : NEVER_FAIL,
  };
}

export const LOGS: readonly HandMade[] = [
  boost('fine'),
  boost('low'),
  boost('late'),
  valve('fine'),
  valve('stuck'),
  valve('part'),
  wheels(true),
  wheels(false),
  holds(true),
  holds(false),
  bus(true),
  bus(false),
  soak(true),
  soak(false),
];
