import { channelOf, gauss, motion, triggerOf, type ScopeTest } from './kit';

const TEETH = 60;
const GAP = 2;

/** A crank sensor of the Hall kind on a wheel of 60 − 2 teeth, beside the speed and the coil of cylinder 1. */
export const SENSOR: ScopeTest = {
  id: 'sensor',
  title: 'Crank sensor while it runs',
  faults: [
    { id: 'silent', label: 'goes silent now and then' },
    { id: 'disturbed', label: 'disturbed by the ignition' },
    { id: 'healthy', label: 'nothing wrong' },
  ],
  record({ plan, fault, chance }) {
    const rpm = (t: number) => 900 + 250 * Math.sin(1.1 * t);
    const m = motion(plan, { rate: 20_000, seconds: 3, rpm, uneven: 0.01, chance });
    const quiet = [0.8 + 0.3 * chance(), 1.9 + 0.4 * chance()].map((from) => [
      from,
      from + 0.04 + 0.05 * chance(),
    ]);
    const coil = triggerOf(m, 90, 40, chance);
    const sensor = Float32Array.from(m.angle, (a, i) => {
      const t = i / m.rate;
      const tooth = (((a % 360) + 360) % 360) / (360 / TEETH);
      const high = tooth < TEETH - GAP && tooth % 1 < 0.5;
      const gone = fault === 'silent' && quiet.some(([from, to]) => t > from! && t < to!);
      const own = (gone || !high ? 0.3 : 4.9) + 0.03 * gauss(chance);
      // What the coil sends over comes while it fires.
      return fault === 'disturbed' && coil[i]! > 8 ? own + (high ? -3.6 : 3.6) : own;
    });
    const speed = Float32Array.from(m.angle, (_, i) => Math.round(rpm(i / m.rate)));
    return [
      channelOf('crank sensor', 'V', sensor, m.rate),
      channelOf('engine speed', 'rpm', speed, m.rate),
      channelOf('coil 1', 'V', coil, m.rate),
    ];
  },
};
