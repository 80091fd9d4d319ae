import { describe, expect, it } from 'vitest';
import { CHECKS, type Typed } from './index';
import { turningPoints } from './test-turning-points';

/** The relay is solved over all single faults at each step, which takes a slow machine its time. */
const SLOW = 120_000;

describe('verdicts turn where the table says: no limit of a check moves unseen', () => {
  it.each(CHECKS.map((c) => [c.id, c.example as Typed] as const))(
    '%s',
    (id, example) => {
      expect(`\n${turningPoints(id, example).join('\n')}\n`).toMatchSnapshot();
    },
    SLOW,
  );
});
