import { z } from 'zod';
import { defineCheck, type Finding } from '../contract';
import { choice, like, table, type Read } from '../fields';
import { siblings } from '../words';

/** Limits of secondary ignition; common practice, no source. */
const BURN_GOOD = 1.5;
const BURN_SHORT = 1.3;
const RINGS = 4;

const SYSTEMS = ['inductive, one spark', 'several sparks', 'capacitor discharge'] as const;

/** Systems without a burn time that holds for all of them: each cylinder against the others. */
function besideEachOther(sparks: { cylinder: string; burn: Read }[]): Finding[] {
  const { finding } = siblings(
    sparks.map((s) => ({ ...s.burn, at: s.cylinder })),
    0.25,
    'cylinder',
  );
  return [finding];
}

export default defineCheck({
  id: 'ignition-burn',
  title: 'Ignition: peak, burn time, ringing',
  question: 'What does the spark of each cylinder say?',
  explains:
    'The peak is what it takes to jump the gap, the burn time what is left, and the ringing after it shows a whole coil. High peak and short burn: resistance or gap. Low peak and long burn: a shorted wire or fouled plug. No ringing: shorted coil turns.',
  have: ['scope', 'ignition pick-up'],
  codes: ['P0300-P0312', 'P0350-P0362', 'P2300-P2335'],
  source:
    'Burn ≥ 1.5 ms good, 1.3 ms short, at least four oscillations, about 10 kV at idle, for an inductive coil with one spark: common practice, no source. Capacitors burn far shorter, several sparks share one charge: those are compared with each other.',
  needs: ['engine warm, idling'],
  caution: 'high voltage: insulated probe, no hand on a running coil',
  minutes: 20,
  input: z.object({
    system: choice({ given: true, title: 'System', options: SYSTEMS }),
    sparks: table({
      title: 'Each cylinder',
      columns: {
        cylinder: { given: true, title: 'Cylinder', words: true },
        peak: { title: 'Peak', unit: 'kV', min: 0, max: 80, optional: true },
        burn: { title: 'Burn time', unit: 'ms', min: 0, max: 20 },
        rings: { title: 'Oscillations', unit: '', min: 0, max: 50, optional: true },
      },
      least: 1,
    }),
  }),
  example: {
    sparks: [
      { cylinder: '1', peak: '10.5 kV', burn: '1.7 ms', rings: '5' },
      { cylinder: '2', peak: '19 kV', burn: '0.9 ms', rings: '5' },
      { cylinder: '3', peak: '10', burn: '1.6', rings: '6' },
    ],
  },
  run(i) {
    const peaks = i.sparks.flatMap((s) => (s.peak ? [s.peak.value] : [])).sort((a, b) => a - b);
    const usual = peaks.length >= 3 ? peaks[Math.floor(peaks.length / 2)]! : 10;
    if (i.system !== SYSTEMS[0]) return besideEachOther(i.sparks);
    return i.sparks.map((s): Finding => {
      const about = `Cylinder ${s.cylinder}`;
      const burn = like(s.burn.value, s.burn);
      if (s.burn.value === 0)
        return {
          about,
          verdict: 'unsure',
          figure: burn,
          because: 'No burn was seen: no spark, or no signal from this lead. A spark tester would tell.',
        };
      const seen = s.peak && s.peak.value > 0;
      const high = s.peak && s.peak.value > usual * 1.5;
      const low = seen && s.peak!.value < usual * 0.6;
      const notes: string[] = [];
      let verdict = byBurn(s.burn.value);
      if (verdict === 'fail')
        notes.push(
          high
            ? `peak ${like(s.peak!.value, s.peak!)} and short burn: too wide a gap, resistance or an open lead`
            : 'short burn: resistance, lean mixture or a weak coil',
        );
      if (verdict === 'unsure') notes.push('between short and healthy');
      if (low && s.burn.value >= BURN_GOOD) {
        verdict = 'fail';
        notes.push(
          `peak only ${like(s.peak!.value, s.peak!)} with a long burn: shorted lead, fouled plug or no compression`,
        );
      } else if (high && verdict === 'pass') {
        verdict = 'unsure';
        notes.push(`peak ${like(s.peak!.value, s.peak!)} is high: watch it under load`);
      }
      if (s.rings && s.rings.value < RINGS) {
        verdict = 'fail';
        notes.push(
          `${s.rings.value} oscillations after the burn instead of at least ${RINGS}: coil with shorted turns`,
        );
      }
      const missing = [...(seen ? [] : ['its peak']), ...(s.rings ? [] : ['the oscillations after it'])];
      const fine = missing.length === 0 ? ', healthy' : ', long enough';
      const untold =
        missing.length === 0 ? '' : `; not told without ${missing.join(' and ')}: lead, plug and coil`;
      return {
        about,
        verdict,
        figure: burn,
        because: `Burns ${burn}${notes.length ? `; ${notes.join('; ')}` : fine}${verdict === 'pass' ? untold : ''}.`,
      };
    });
  },
  draw: (i) => ({
    kind: 'bars',
    unit: 'ms',
    low: BURN_GOOD,
    bars: i.sparks.map((s) => ({
      at: s.cylinder,
      value: s.burn.value,
      verdict: byBurn(s.burn.value),
    })),
  }),
});

/** The verdict of a burn time alone, in milliseconds. */
function byBurn(ms: number): Finding['verdict'] {
  if (ms >= BURN_GOOD - 1e-9) return 'pass';
  return ms <= BURN_SHORT + 1e-9 ? 'fail' : 'unsure';
}
