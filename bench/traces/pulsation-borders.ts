import { chance, normal, pick } from '@/sim/random';
import { named } from './judge';
import { between, channel, passes, PLANS, power, pulsesAt, spoiled, turning, type Maker } from './kit';

/** Pressure pulses as they reach a sensor through a hose, with a trigger that is not exactly known, and pumps in step. */
export const pulsationBorders: Maker = {
  analysis: 'pulsation',
  name: 'late, and once a turn',
  about:
    'coolant pulses that come up to 1.5 ms late through the hose, a trigger known to ±5°, rises anywhere in the stroke; a pump or a pulley once a crank turn, alone or beside a leak',
  least: 0.4,
  make(r, snr) {
    const plan = pick(r, PLANS.slice(0, 7));
    const n = plan.order.length;
    const rate = 4000;
    const seconds = between(r, 6, 10);
    const angle = turning(r, { plan, rpm: between(r, 650, 1100), swing: 0.004, rate, seconds });
    const kind = pick(r, ['leak', 'leak', 'turn', 'both', 'nothing'] as const);
    const bad = Math.floor(r() * n);
    const gap = 720 / n;
    const rise = between(r, 0.08, 0.92) * gap;
    const flank = Math.min(40, 0.35 * gap);
    const turnAt = between(r, 0, 360);
    const turnSize = kind === 'both' ? between(r, 0.2, 0.5) : 1;
    const pulse = (since: number) => (since < flank ? since / flank : Math.exp(-(since - flank) / 70));
    const s = new Float32Array(angle.length);
    const late = Math.round(between(r, 0, 0.0015) * rate);
    for (let i = 0; i < s.length; i++) {
      const a = angle[Math.max(0, i - late)]!;
      let v = 0.2 * Math.sin((2 * Math.PI * a) / gap);
      if (kind === 'leak' || kind === 'both')
        v += pulse((a - plan.angles[bad]! + rise + 1440 + flank / 2) % 720);
      if (kind === 'turn' || kind === 'both') v += turnSize * pulse((a - turnAt + 720) % 360);
      s[i] = 10 * v;
    }
    const clean = Math.max(power(s), 9);
    for (let i = 0; i < s.length; i++) s[i]! += 100 + 2 * Math.sin((2 * Math.PI * 13 * i) / rate);
    const known = pick(r, plan.order);
    const off = Math.max(-8, Math.min(8, 3 * normal(r)));
    const at = (plan.angles[plan.order.indexOf(known)]! + off + 720) % 720;
    const trig = pulsesAt(passes(angle, at, 720, rate), {
      rate,
      n: s.length,
      height: chance(r, 0.3) ? -5 : 5,
      width: 0.002,
    });
    return {
      given: {
        engine: plan,
        channels: {
          pressure: [channel('coolant pressure', 'mbar', spoiled(s, snr, r, clean), rate)],
          trigger: [channel('trigger', 'V', spoiled(trig, snr, r, 25 / 4), rate)],
        },
      },
      settings: { cylinder: known, medium: 'coolant' },
      truth: `${kind} at ${plan.order[bad]} of ${n}, ${(rise / gap).toFixed(2)} of the stroke before firing, ${late / 4} ms late, trigger ${off.toFixed(1)}°`,
      judge(result) {
        const found = named(result, 'cylinder').fail;
        if (kind === 'turn' || kind === 'nothing') {
          if (found.length > 0) return 'wrong';
          const turn = result.findings.some((f) => f.about === 'once a turn');
          if (turn === (kind === 'turn')) return 'right';
          return kind === 'turn' ? 'unsure' : 'wrong';
        }
        if (found.length === 0) return 'unsure';
        return found[0] === `cylinder ${plan.order[bad]!}` ? 'right' : 'wrong';
      },
    };
  },
};
