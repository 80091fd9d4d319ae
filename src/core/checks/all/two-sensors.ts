import { z } from 'zod';
import { asCurve, bestLag, convert, interpolate, writeQuantity } from '@/core/readings';
import { conversion } from '../conversion';
import { defineCheck, Refusal, type Finding } from '../contract';
import { ANY, choice, like, likeDifference, optional, table, type Read } from '../fields';
import { percent } from '../words';

const PURPOSE = ['they have to agree', 'conversion before and after'] as const;
interface Input {
  run: { time: Read; first: Read; second: Read }[];
  most?: Read | undefined;
}

/** Both sensors at equal steps of time, the second in the unit of the first. */
function series(i: Input) {
  const unit = i.run[0]!.first.unit;
  const of = (get: (r: Input['run'][number]) => Read) =>
    asCurve(
      i.run.map((r) => {
        const v = get(r);
        try {
          return {
            x: r.time.value,
            y:
              v.unit === unit || v.unit === ''
                ? v.value
                : convert({ value: v.value, unit: v.unit }, unit).value,
          };
        } catch (e) {
          throw new Refusal(e instanceof Error ? e.message : 'The units do not fit.', 'run');
        }
      }),
    );
  const a = of((r) => r.first);
  const b = of((r) => r.second);
  const step = (a.at(-1)!.x - a[0]!.x) / (a.length - 1);
  const at = (k: number) => Math.min(a[0]!.x + k * step, a.at(-1)!.x);
  const first = a.map((_, k) => interpolate(a, at(k)) ?? a.at(-1)!.y);
  const second = b.map((_, k) => interpolate(b, at(k)) ?? b.at(-1)!.y);
  const most = i.most ? Math.round(i.most.value / step) : Math.floor(a.length / 2);
  return { step, lag: bestLag(first, second, most) };
}

export default defineCheck({
  id: 'two-sensors',
  title: 'Two sensors with a delay between them',
  question: 'Do both tell the same, once the way between them is allowed for?',
  explains:
    'What the first sensor sees reaches the second later; a tailpipe analyser lags by some ten seconds. The two are lined up by the lag at which they go together best, then compared, or their conversion taken. Without lining up a good pair looks bad.',
  have: ['scan tool', 'analyser', 'two sensors', 'recorded values'],
  codes: ['P0420', 'P0430', 'P20EE', 'P2200-P2203', 'P0140', 'P0136-P0139', 'P0101'],
  source:
    'Best lag by largest Pearson correlation: general mathematics. Agreement within 10 %: common practice, no source.',
  needs: ['load changed at least once during the run'],
  minutes: 20,
  input: z.object({
    purpose: choice({ given: true, title: 'Asked', options: PURPOSE }),
    run: table({
      title: 'Readings over time',
      columns: {
        time: { title: 'Time', unit: 's', min: 0, max: 86_400 },
        first: { title: 'First', unit: ANY },
        second: { title: 'Second', unit: ANY },
      },
      least: 5,
    }),
    most: optional({ given: true, title: 'Longest delay', unit: 's', above: 0, max: 3600 }),
    limit: optional({
      given: true,
      title: 'Within, or at least',
      help: '10 %, or 85 % for conversion, when left empty',
      unit: '%',
      above: 0,
      max: 100,
    }),
  }),
  example: {
    purpose: 'conversion before and after',
    run: [0, 5, 10, 15, 20, 25, 30, 35, 40].map((time, k) => ({
      time: `${time} s`,
      first: `${[100, 100, 420, 430, 300, 120, 110, 105, 100][k]!} ppm`,
      second: `${[11, 10, 10, 11, 43, 42, 31, 12, 11][k]!} ppm`,
    })),
    most: '20 s',
  },
  run(i) {
    const { step, lag } = series(i);
    const first = i.run[0]!.first;
    const delay = writeQuantity({ value: lag.steps * step, unit: 's' }, 1);
    const findings: Finding[] = [
      {
        verdict: '',
        about: 'Delay',
        figure: delay,
        because: `The second comes ${delay} after the first (correlation ${lag.correlation.toFixed(2)}).`,
      },
    ];
    if (lag.correlation < 0.6)
      return [
        ...findings,
        {
          verdict: 'unsure',
          because:
            'They do not go together at any delay: change the load during the run, or one of the two is stuck.',
        },
      ];
    const mean = (get: (p: { first: number; second: number }) => number) =>
      lag.pairs.reduce((s, p) => s + get(p), 0) / lag.pairs.length;
    if (i.purpose === 'conversion before and after') {
      const limit = (i.limit?.value ?? 85) / 100;
      const c = conversion(
        mean((p) => p.first),
        mean((p) => p.second),
      );
      findings.push({
        about: 'Conversion',
        figure: percent(c),
        verdict: c >= limit - 1e-9 ? 'pass' : 'fail',
        because: `${percent(c)} taken out on average, ${percent(limit)} wanted.`,
      });
    } else {
      const off = mean((p) => p.second - p.first);
      const level = Math.max(Math.abs(mean((p) => p.first)), 1e-12);
      const worst = lag.pairs.reduce((a, p) =>
        Math.abs(p.second - p.first) > Math.abs(a.second - a.first) ? p : a,
      );
      const limit = (i.limit?.value ?? 10) / 100;
      const spread = Math.abs(worst.second - worst.first);
      findings.push({
        about: 'Agreement',
        verdict: spread <= limit * Math.max(level, Math.abs(worst.first)) * (1 + 1e-9) ? 'pass' : 'fail',
        because: `Lined up they differ by ${likeDifference(off, first, 1)} on average and ${likeDifference(spread, first, 1)} at worst (at ${like(worst.first, first)}).`,
      });
    }
    return findings;
  },
  draw: (i) => ({
    kind: 'curve',
    x: 's',
    y: i.run[0]!.first.unit,
    lines: [
      { name: 'first', role: 'reference', points: i.run.map((r) => ({ x: r.time.value, y: r.first.value })) },
      {
        name: 'second',
        role: 'measured',
        points: i.run.map((r) => ({ x: r.time.value, y: r.second.value })),
      },
    ],
  }),
});
