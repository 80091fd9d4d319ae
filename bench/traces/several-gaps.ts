import { chance, pick } from '@/sim/random';
import { between, crankAndCam, PLANS, turning, type Maker } from './kit';

/** Teeth of the wheel, and which of them are not there. */
const WHEELS: readonly { teeth: number; gone: number[] }[] = [
  { teeth: 60, gone: [28, 29, 58, 59] },
  { teeth: 36, gone: [16, 17, 34, 35] },
  { teeth: 36, gone: [10, 11, 17, 18, 34, 35] },
  { teeth: 36, gone: [5, 6, 34, 35] },
];

/** Crank wheels with two or three gaps a turn, alike or not evenly spread; the wheel itself is whole. */
export const severalGaps: Maker = {
  analysis: 'cam-crank',
  name: 'several gaps a turn',
  about:
    'wheels of 60 and 36 teeth with two gaps opposite each other, two gaps elsewhere, or three; 1 to 3 cam edges; off by −20° to 20° or not',
  least: 0.6,
  make(r, snr) {
    const { teeth, gone } = pick(r, WHEELS);
    const rate = 50_000;
    const angle = turning(r, {
      plan: PLANS[1]!,
      rpm: between(r, 700, 1300),
      to: between(r, 700, 1500),
      swing: 0.01,
      rate,
      seconds: between(r, 1.4, 2.4),
    });
    const cams = pick(r, [1, 2, 3]);
    const normal = Array.from({ length: cams }, (_, i) =>
      Math.round((i * 720) / cams + (i > 0 ? between(r, 10, 40) : 0) + 70),
    );
    const off = chance(r, 0.5) ? between(r, -4, 4) : (chance(r, 0.5) ? 1 : -1) * between(r, 11, 20);
    const width = 360 / teeth;
    const crank = new Float32Array(angle.length);
    const cam = new Float32Array(angle.length);
    angle.forEach((a, i) => {
      const p = (a % 360) / width;
      const k = Math.floor(p);
      crank[i] = !gone.includes(k) && p - k < 0.5 ? 5 : 0;
      const c = a % 720;
      cam[i] = normal.some((n) => (c - n - off - 0.5 * width + 1440) % 720 > 720 - 25) ? 5 : 0;
    });
    return {
      given: crankAndCam(crank, cam, { snr, r, rate }),
      settings: { normal: normal.join(' ') },
      truth: `${teeth} without ${gone.join(' ')}, ${off.toFixed(1)}° of ${normal.join(' ')}`,
      judge(result) {
        const by = (about: string) => result.findings.find((f) => f.about === about);
        const main = by('cam against crank');
        // The wheel is as it was made.
        if (by('teeth')?.verdict === 'fail') return 'wrong';
        if (!main || main.verdict === 'unsure') return 'unsure';
        const said = Number(/-?\d+(\.\d+)?/.exec(main.figure!)![0]);
        if (Math.abs(said - off) > 1.5) return 'wrong';
        return (main.verdict === 'fail') === Math.abs(off) > 10 ? 'right' : 'wrong';
      },
    };
  },
};
