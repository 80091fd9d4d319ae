/** One step of a sweep: what was asked for and what came, in one unit, in the order of time. */
export interface Step {
  command: number;
  actual: number;
}

type Following =
  | { how: 'follows'; worst: number }
  | { how: 'does not move'; at: number }
  | { how: 'stuck'; end: 'high' | 'low'; at: number; asked: number }
  | { how: 'lags'; steps: number; worst: number }
  | { how: 'reversed' }
  | { how: 'off'; worst: number; command: number; actual: number };

export interface CommandComparison {
  following: Following;
  /** Undefined when the sweep did not come back to where it began. */
  rest?: { returns: boolean; first: number; last: number };
}

/**
 * Says how an actual value goes with its command: follows within the tolerance, does not move,
 * follows up to a limit and no further, comes one or two steps late, goes the wrong way, or is off;
 * and whether it returns to rest.
 *
 * @param steps at least three, in the order of time
 * @param tolerance the difference still taken for following, same unit, more than 0
 * @returns how it follows and whether it comes back to rest
 * @throws RangeError with a sentence for fewer than three steps, no movement asked, or a value that is no number
 */
export function followCommand(steps: readonly Step[], tolerance: number): CommandComparison {
  if (steps.some((s) => !Number.isFinite(s.command) || !Number.isFinite(s.actual)))
    throw new RangeError('Every step needs a command and an actual value.');
  if (steps.length < 3) throw new RangeError('A sweep needs at least three steps.');
  if (!(tolerance > 0)) throw new RangeError('The tolerance has to be more than 0.');
  const commands = steps.map((s) => s.command);
  const asked = Math.max(...commands) - Math.min(...commands);
  if (asked <= 2 * tolerance)
    throw new RangeError('The command hardly moved; sweep it further than twice the tolerance.');
  const first = steps[0]!;
  const last = steps.at(-1)!;
  const rest =
    Math.abs(first.command - last.command) <= tolerance / 2
      ? {
          returns: within(last.actual - first.actual, tolerance),
          first: first.actual,
          last: last.actual,
        }
      : undefined;
  // Whether it comes back to rest is told apart from how it follows on the way.
  const way = rest && !rest.returns && steps.length > 3 ? steps.slice(0, -1) : steps;
  return { following: following(way, tolerance), ...(rest ? { rest } : {}) };
}

const within = (d: number, tolerance: number) => Math.abs(d) <= tolerance * (1 + 1e-9);

function following(steps: readonly Step[], tolerance: number): Following {
  const commands = steps.map((s) => s.command);
  const actuals = steps.map((s) => s.actual);
  const worst = Math.max(...steps.map((s) => Math.abs(s.actual - s.command)));
  if (within(worst, tolerance)) return { how: 'follows', worst };
  const high = Math.max(...actuals);
  const low = Math.min(...actuals);
  if (high - low <= tolerance) return { how: 'does not move', at: (high + low) / 2 };
  for (const end of ['high', 'low'] as const) {
    const limit = end === 'high' ? high : low;
    const beyond = steps.filter((s) => (end === 'high' ? s.command > limit : s.command < limit));
    const others = steps.filter((s) => !beyond.includes(s));
    const asked = end === 'high' ? Math.max(...commands) : Math.min(...commands);
    if (
      beyond.length >= 2 &&
      Math.abs(asked - limit) > tolerance &&
      beyond.every((s) => within(s.actual - limit, tolerance)) &&
      others.every((s) => within(s.actual - s.command, tolerance))
    )
      return { how: 'stuck', end, at: limit, asked };
  }
  // Mirrored at every step: a sweep up and down would also look as if it came late.
  const ends = Math.max(...commands) + Math.min(...commands);
  if (steps.every((s) => within(s.actual - (ends - s.command), tolerance))) return { how: 'reversed' };
  for (const late of [1, 2]) {
    const off = Math.max(...actuals.slice(late).map((a, i) => Math.abs(a - commands[i]!)));
    if (steps.length >= 3 + late && within(off, tolerance)) return { how: 'lags', steps: late, worst: off };
  }
  const up = commands.indexOf(Math.max(...commands));
  const down = commands.indexOf(Math.min(...commands));
  if (actuals[up]! < actuals[down]! - tolerance) return { how: 'reversed' };
  const bad = steps.reduce((a, b) =>
    Math.abs(b.actual - b.command) > Math.abs(a.actual - a.command) ? b : a,
  );
  return { how: 'off', worst, ...bad };
}
