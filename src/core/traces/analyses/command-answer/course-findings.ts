import type { Channel } from '../../channel';
import type { Mark, TraceFinding, TraceResult } from '../../contract';
import { figure, fixed, moment } from '../../words';
import type { StepResponse } from './step-response';
import type { Limits } from './step-findings';
import { verdictOf } from '../verdict-of';

/** So many samples on the scale is following, so few is not. */
const FOLLOWS = 0.62;
const DOES_NOT = 0.35;
/** So much of an answer has to lie on the command slowed down, and so much more than on the command as it is. */
const SLOW_FITS = 0.85;
const SLOW_BETTER = 0.25;
/** Noise beyond this share of the range hides a bound from a scale that is itself found in it. */
const NOISY = 0.04;

const percent = (share: number): string => fixed(100 * share, '%', 1);

/** How late the answer is; what lies within one sample is not told. */
function lagOf(c: StepResponse, limit: number, answer: Channel): TraceFinding {
  const lag = c.lag * 1000;
  const doubt = c.interval * 1000 + (c.lagSeen ? 0 : lag);
  const verdict = verdictOf(lag - doubt > limit, lag + doubt < limit);
  const entered = fixed(lag, 'ms', 0);
  return {
    verdict,
    because:
      verdict === 'unsure'
        ? `The answer comes ${entered} after the command, give or take ${fixed(doubt, 'ms', 0)}: at one value every ${figure(c.interval, 's')} a lag of ${limit} ms is not told. A faster recording would tell.`
        : `The answer comes ${entered} after the command, give or take ${fixed(doubt, 'ms', 0)}.`,
    about: 'lag',
    figure: entered,
    place: { channel: answer.name, from: answer.start, to: answer.start + c.lag },
    reading: { label: 'lag', entered, limit: `max ${limit} ms` },
  };
}

/** Where the answer stops following. */
function rangeOf(c: StepResponse, answer: Channel): TraceFinding[] {
  const { unit } = answer;
  if (!c.bound) {
    if (c.learned && c.doubt > NOISY)
      return [
        {
          verdict: 'unsure',
          because:
            'The answer is too noisy to tell whether it stops short at an end. A quieter recording, or the scale, would tell.',
          about: 'range',
        },
      ];
    if (c.learned && c.levels < 4)
      return [
        {
          verdict: 'unsure',
          because:
            'The command stood at few levels, and the scale was found between them: whether the answer stops short at an end is not told. A slow ramp over the whole range would tell.',
          about: 'range',
        },
      ];
    return [];
  }
  const way = c.bound.low ? 'no lower' : 'no higher';
  if (!c.bound.seen)
    return [
      {
        verdict: 'unsure',
        because: `At the ${c.bound.low ? 'lower' : 'upper'} end it stands at ${figure(c.bound.at, unit)}, ${percent(c.bound.share)} of the range short of what the other levels ask for: it stops there, or its scale is bent. A slow ramp to that end would tell.`,
        about: 'range',
        figure: figure(c.bound.at, unit),
      },
    ];
  return [
    {
      verdict: 'fail',
      because: `${answer.name} follows ${c.bound.low ? 'down' : 'up'} to ${figure(c.bound.at, unit)} and ${way}, though the command goes on by ${percent(c.bound.share)} of its range.`,
      about: 'range',
      figure: figure(c.bound.at, unit),
      reading: { label: `follows ${way} than`, entered: figure(c.bound.at, unit), limit: '' },
    },
  ];
}

function leftOf(c: StepResponse, settings: Limits, answer: Channel): TraceFinding[] {
  if (Number.isNaN(c.left)) return [];
  const left = Math.abs(c.left);
  const limit = settings.error / 100;
  const verdict = verdictOf(left > limit + 2 * c.doubt, left < Math.max(limit - 2 * c.doubt, 0.6 * limit));
  const [first, last] = [figure(c.ends.first, answer.unit), figure(c.ends.last, answer.unit)];
  return [
    {
      // One that stops short of its rest before and after has not returned to it.
      verdict: c.bound && verdict === 'pass' ? '' : verdict,
      because:
        verdict === 'fail'
          ? `It stays at ${last} after the command is gone, and stood at ${first} before: ${percent(left)} of the range is left.`
          : `Before and after the command it stands at ${first} and ${last}.`,
      about: 'return to rest',
      figure: percent(left),
      place: { channel: answer.name, from: c.backAt, to: c.backAt },
      reading: {
        label: 'left after return to rest',
        entered: percent(left),
        limit: `max ${settings.error} %`,
      },
    },
  ];
}

function errorOf(c: StepResponse, settings: Limits, scale: string): TraceFinding {
  if (c.learned)
    return {
      verdict: '',
      because: `${scale} An answer that is off all along would not show; enter the scale to tell.`,
      about: 'scale',
      figure: scale,
    };
  const limit = settings.error / 100;
  const margin = 0.004 + c.doubt;
  const verdict = verdictOf(c.error > limit + margin, c.error < Math.max(limit - margin, 0.7 * limit));
  return {
    verdict: c.bound && verdict === 'pass' ? '' : verdict,
    because: `Where the command stands still${c.bound ? ' within what it reaches' : ''} the answer is ${percent(c.error)} of its range away.`,
    about: 'steady error',
    figure: percent(c.error),
    reading: { label: 'steady error', entered: percent(c.error), limit: `max ${settings.error} %` },
  };
}

/** An answer that does all it is told, and takes its time. How long it may take the part's own limit says. */
function slowFinding(
  slow: { constant: number; share: number },
  { command, answer }: { command: Channel; answer: Channel },
): TraceFinding {
  const half = fixed(slow.constant * Math.LN2, 's', 1);
  return {
    verdict: 'unsure',
    because: `${answer.name} comes slowly: half the way takes ${half}, and so laid over ${command.name} it fits for ${Math.round(100 * slow.share)} % of the time. Whether that is too slow is not told; the limit of the part, or a healthy recording of the same drive, would tell.`,
    about: 'lag',
    figure: half,
    reading: { label: 'half the way takes', entered: half, limit: '' },
  };
}

/** What is said of an answer that does not go with its command. */
function notFollowed(
  c: StepResponse,
  followed: number,
  o: { command: Channel; answer: Channel },
): TraceFinding {
  if (c.slow && c.slow.share > SLOW_FITS && c.slow.share > c.onScale + SLOW_BETTER)
    return slowFinding(c.slow, o);
  return {
    verdict: 'unsure',
    because:
      followed < DOES_NOT
        ? `${o.answer.name} moves, but not with ${o.command.name}. Check that they belong together.`
        : `${o.answer.name} goes with ${o.command.name} for ${Math.round(100 * c.onScale)} % of the time only, and no one reason explains the rest.${c.learned ? ' Enter the scale to tell more.' : ''}`,
    about: 'answered',
  };
}

/** What an answer laid over its command as a whole comes to. */
export function courseFindings(
  c: StepResponse,
  o: { command: Channel; answer: Channel; settings: Limits },
): TraceResult {
  const { command, answer, settings } = o;
  const reading = (not: boolean) => ({
    label: `${command.name} not followed`,
    entered: not ? 'yes' : 'no',
    limit: 'no',
  });
  if (c.stuck)
    return {
      findings: [
        {
          verdict: 'fail',
          because: `${answer.name} does not move while ${command.name} goes over its range: stuck, or not connected.`,
          about: 'answered',
          reading: reading(true),
        },
      ],
      marks: [],
    };
  // An answer that is off by the same amount everywhere still follows; one that stops at a bound does too, up to it.
  const followed =
    c.onScale +
    (c.bound ? 1 - FOLLOWS : 0) +
    (Number.isNaN(c.left) || Math.abs(c.left) < settings.error / 100 ? 0 : 0.15);
  const at = (v: number) => figure(c.scale.gain * v + c.scale.offset, answer.unit);
  const scale = `Scale found in this run: ${at(0)} at 0 ${command.unit}, ${at(100)} at 100 ${command.unit}.`;
  if (followed < FOLLOWS) return { findings: [notFollowed(c, followed, o)], marks: [] };
  const bound = rangeOf(c, answer);
  const left = leftOf(c, settings, answer);
  const marks: Mark[] = left.some((f) => f.verdict === 'fail')
    ? [{ at: c.backAt, channel: answer.name, words: 'stays', verdict: 'fail' }]
    : [];
  return {
    findings: [
      {
        // Of an answer that stops half way only its way there is told.
        verdict: bound.some((f) => f.verdict !== 'pass') ? '' : 'pass',
        because: `${answer.name} goes with ${command.name}${c.bound ? ' in part' : ''}.${c.interval > 0.05 ? ` One value every ${figure(c.interval, 's')} is too slow to see an overshoot; up to ${moment(c.interval)} may hide between two.` : ''}`,
        about: 'answered',
        reading: reading(false),
      },
      lagOf(c, settings.lag, answer),
      errorOf(c, settings, scale),
      ...bound,
      ...left,
    ],
    marks,
  };
}
