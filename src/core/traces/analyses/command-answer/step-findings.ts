import type { Channel } from '../../channel';
import type { TraceFinding, TraceResult } from '../../contract';
import { median, spread } from '../../signal';
import { fixed, moment, plural } from '../../words';
import type { Following, StepAnswer } from './steps';
import { verdictOf } from '../verdict-of';

/** Limits that an answer is held against: milliseconds, and per cent. */
export interface Limits {
  lag: number;
  overshoot: number;
  error: number;
}

function answeredWords(steps: readonly StepAnswer[]): string {
  const missed = steps.filter((s) => Number.isNaN(s.lag));
  return missed.length > 0
    ? `${plural(missed.length, 'step')} of ${steps.length} not answered, the first at ${moment(missed[0]!.at)}.`
    : `All ${plural(steps.length, 'step')} answered.`;
}

/** What the steps of a command and their answers come to. */
export function stepFindings(
  f: Following,
  o: { command: Channel; answer: Channel; settings: Limits },
): TraceResult {
  const { command, answer, settings } = o;
  const place = (s: StepAnswer | undefined) =>
    s ? { place: { channel: answer.name, from: s.at, to: s.at + Math.max(s.lag || 0, 0) } } : {};
  const answered = f.steps.filter((s) => !Number.isNaN(s.lag));
  const findings: TraceFinding[] = [];
  const most = (get: (s: StepAnswer) => number) =>
    answered.reduce<StepAnswer | undefined>(
      (a, s) => (!a || Math.abs(get(s)) > Math.abs(get(a)) ? s : a),
      undefined,
    );
  findings.push({
    verdict: f.stuck || answered.length < f.steps.length ? 'fail' : 'pass',
    because: f.stuck
      ? `${answer.name} does not move while ${command.name} goes over its range: stuck, or not connected.`
      : answeredWords(f.steps),
    about: 'answered',
    figure: `${answered.length} of ${f.steps.length}`,
    ...place(f.steps.find((s) => Number.isNaN(s.lag)) ?? f.steps[0]),
    reading: {
      label: 'steps not answered',
      entered: String(f.stuck ? f.steps.length : f.steps.length - answered.length),
      limit: 'max 0',
    },
  });
  if (!f.stuck && answered.length > 0) {
    const lag = median(answered.map((s) => s.lag)) * 1000;
    const over = median(answered.map((s) => s.overshoot)) * 100;
    const error = median(f.steps.map((s) => Math.abs(s.error))) * 100;
    const own = spread(answered.map((s) => s.lag)) * 1000;
    const row = (
      what: string,
      value: number,
      unit: string,
      limit: number,
      worst: StepAnswer | undefined,
      margin: number,
    ): TraceFinding => ({
      verdict: verdictOf(value > limit + margin, value <= limit - margin || value <= 0.8 * limit),
      because: `${what[0]!.toUpperCase()}${what.slice(1)} ${fixed(value, unit, unit === 'ms' ? 0 : 1)}, the middle of ${plural(answered.length, 'step')}; the worst at ${moment(worst?.at ?? 0)}.`,
      about: what,
      figure: fixed(value, unit, unit === 'ms' ? 0 : 1),
      ...place(worst),
      reading: {
        label: what,
        entered: fixed(value, unit, unit === 'ms' ? 0 : 1),
        limit: `max ${limit} ${unit}`,
      },
    });
    findings.push(
      row(
        'lag',
        lag,
        'ms',
        settings.lag,
        most((s) => s.lag),
        own / Math.sqrt(answered.length),
      ),
    );
    findings.push(
      row(
        'overshoot',
        over,
        '%',
        settings.overshoot,
        most((s) => s.overshoot),
        1 + 150 * f.noise,
      ),
    );
    findings.push(
      row(
        'steady error',
        error,
        '%',
        settings.error,
        most((s) => s.error),
        0.4 + 100 * f.noise,
      ),
    );
  }
  if (!Number.isNaN(f.noReturn) && !f.stuck) {
    const off = Math.abs(f.noReturn) * 100;
    const doubt = 0.4 + 50 * f.noise;
    findings.push({
      verdict: verdictOf(off > settings.error + doubt, off < settings.error),
      because:
        off > settings.error + doubt
          ? `It does not come back to rest: ${fixed(off, '%', 1)} of the range is left.`
          : 'It comes back to rest.',
      about: 'return to rest',
      figure: fixed(off, '%', 1),
      reading: {
        label: 'left after return to rest',
        entered: fixed(off, '%', 1),
        limit: `max ${settings.error} %`,
      },
    });
  }
  return {
    findings,
    marks: f.steps.slice(0, 200).map((s) => ({
      at: s.at,
      channel: command.name,
      words: Number.isNaN(s.lag) ? 'not answered' : `${fixed(s.lag * 1000, 'ms', 0)}`,
      verdict: Number.isNaN(s.lag) ? ('fail' as const) : ('' as const),
    })),
  };
}
