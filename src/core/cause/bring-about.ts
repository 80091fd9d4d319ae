import type { PROOF_KINDS } from '@/core/case';

/** Kinds of step that bring about the conditions of the complaint. */
export const DRIVES: ReadonlySet<(typeof PROOF_KINDS)[number]> = new Set([
  'road test',
  'cold start',
  'complaint conditions',
]);

/** How a condition of the complaint is brought about: its kind of step and the words. Common practice, no source. */
export const BRING_ABOUT: Record<string, { kind: (typeof PROOF_KINDS)[number]; what: string }> = {
  'cold-start': { kind: 'cold start', what: 'Start it cold, after a night' },
  'cold-weather': { kind: 'cold start', what: 'Start it after a cold night' },
  standing: { kind: 'complaint conditions', what: 'Leave it standing as long as it stood then' },
  rain: { kind: 'complaint conditions', what: 'Hose it down, or drive it in the rain' },
  idle: { kind: 'complaint conditions', what: 'Let it idle warm for ten minutes' },
  hot: { kind: 'road test', what: 'Drive it fully hot' },
  load: { kind: 'road test', what: 'Drive it under load, uphill' },
  acceleration: { kind: 'road test', what: 'Accelerate hard through the gears' },
  cruise: { kind: 'road test', what: 'Drive at steady speed' },
  decel: { kind: 'road test', what: 'Let it roll on the overrun' },
  'low-speed': { kind: 'road test', what: 'Drive it slowly through town' },
  'high-speed': { kind: 'road test', what: 'Drive it fast' },
  braking: { kind: 'road test', what: 'Brake from speed, several times' },
  turning: { kind: 'road test', what: 'Full lock both ways, and bends' },
  bumps: { kind: 'road test', what: 'Drive over a rough road' },
  'after-short-stop': { kind: 'complaint conditions', what: 'Stop it hot, start again after ten minutes' },
};
