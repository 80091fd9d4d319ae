import { z } from 'zod';
import { Refusal } from '@/core/checks/contract';
import type { Channel } from '../../channel';
import { defineAnalysis, one } from '../../contract';
import { number } from '../../settings';
import { quantiles } from '../../signal';
import { courseFindings } from './course-findings';
import { courseOf, type Scale } from './step-response';
import { stepFindings } from './step-findings';
import { followingOf } from './steps';

export const commandAnswer = defineAnalysis({
  id: 'command-answer',
  title: 'Command and answer',
  question: 'Does the part do what it is told, how late, and does it come back?',
  explains:
    'Each step of the command is looked for in the answer: the lag until half the way, overshoot beyond where it comes to rest, and the error that stays. An answer that does not move is stuck; one that does not come back when the command does has no return to rest. Ramps, and runs of a slow logger, are laid over the command as a whole: how late the answer is, where it stops following, and what is left when the command is gone. In different units the scale is found in the run, or given.',
  source:
    'Terms of IEEE Std 181-2011; the scale by random sample consensus (Fischler & Bolles 1981); limits: common practice, no source.',
  engine: 'none',
  roles: [
    {
      id: 'command',
      name: 'Command',
      guess:
        /command|target|desired|duty|\bset\b|set ?point|demand|specified|request|nominal|\bsoll|sollwert|consigne/i,
    },
    {
      id: 'answer',
      name: 'Answer',
      guess: /actual|position|answer|feedback|sensor|measured|current value|\bist\b|istwert|mesur/i,
    },
  ],
  settings: z.object({
    gain: number({
      label: 'Answer for a command of 1',
      is: 1,
      min: -1e6,
      max: 1e6,
      hint: 'left at 1, the scale between different units is found in the run',
    }),
    offset: number({ label: 'Answer for a command of 0', is: 0, min: -1e6, max: 1e6 }),
    lag: number({ label: 'Lag at most', unit: 'ms', is: 200, min: 0, max: 60_000 }),
    overshoot: number({ label: 'Overshoot at most', unit: '%', is: 15, min: 0, max: 500 }),
    error: number({ label: 'Steady error at most', unit: '% of the range', is: 5, min: 0, max: 100 }),
  }),
  run(given, settings) {
    const command = one(given, 'command')!;
    const answer = one(given, 'answer')!;
    if (settings.gain === 0)
      throw new Refusal(
        'With a factor of 0 no answer is expected; enter what the answer is for a command of 1.',
        'gain',
      );
    const asked = { command, answer, settings };
    const known: Scale | undefined =
      sameMeasure(command, answer) || settings.gain !== 1 || settings.offset !== 0
        ? { gain: settings.gain, offset: settings.offset }
        : undefined;
    if (Math.max(command.interval, answer.interval) <= SLOW) {
      const scale = known ?? courseOf(command, answer, undefined).scale;
      // Without a scale that anything lies on, the answer is only looked at for whether it moves.
      const f = followingOf(command, answer, scale.gain || 1, scale.offset);
      if (f.steps.length > 0) return stepFindings(f, asked);
    }
    return courseFindings(courseOf(command, answer, known), asked);
  },
});

/** Seconds between two values from which lag and overshoot of single steps are not seen. */
const SLOW = 0.05;

/** So many times the range of the other one of two without units has, where both are the same measure. By judgement. */
const NO_LIKE_RANGE = 3;

/** Whether an answer is given as the command is. A unit that is not named may be any. */
function sameMeasure(a: Channel, b: Channel): boolean {
  if (a.unit !== '' || b.unit !== '') return a.unit.toLowerCase() === b.unit.toLowerCase();
  const ratio = spanOf(a.samples) / Math.max(spanOf(b.samples), 1e-12);
  return ratio < NO_LIKE_RANGE && ratio > 1 / NO_LIKE_RANGE;
}

const spanOf = (s: Float32Array): number => {
  const [low, high] = quantiles(s, [0.02, 0.98]) as [number, number];
  return high - low;
};
