import { describe, expect, it } from 'vitest';
import { random } from '@/sim/random';
import { MAKERS, nameOf, tally, tryOne } from './index';

/** A few of each; `npm run bench -- traces` makes hundreds. */
const TRIALS = 9;

describe('analyses on made-up recordings', () => {
  it.each(MAKERS.map((m) => [nameOf(m), m] as const))(
    '%s: right at 20 dB, and not wrong',
    (_, maker) => {
      const t = tally(maker, 20, TRIALS, 3_000_000);
      expect(t.wrong).toBe(0);
      expect(t.right).toBeGreaterThanOrEqual(Math.floor(TRIALS * (maker.least ?? 0.94)));
    },
    60_000,
  );
  it.each(MAKERS.map((m) => [nameOf(m), m] as const))(
    '%s: its judge is not content with the answer to another recording',
    (_, maker) => {
      const answers = Array.from({ length: 4 }, (_x, i) => tryOne(maker, 3_000_100 + i, 30).result);
      const judged = answers.flatMap((answer, i) => {
        const trial = maker.make(random(3_000_100 + ((i + 1) % 4)), 30);
        return typeof answer === 'string' ? [] : [trial.judge(answer)];
      });
      // One that accuses whatever it is asked about.
      const accused = answers.flatMap((a) =>
        typeof a === 'string'
          ? []
          : [{ ...a, findings: a.findings.map((f) => ({ ...f, verdict: 'fail' as const })) }],
      );
      const all = accused.map((a, i) => maker.make(random(3_000_100 + i), 30).judge(a));
      expect([...judged, ...all]).toContain('wrong');
    },
    60_000,
  );
});
