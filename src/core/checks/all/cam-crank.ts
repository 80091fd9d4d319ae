import { z } from 'zod';
import { defineCheck, type Finding } from '../contract';
import { count, like, likeDifference, optional, quantity } from '../fields';

/**
 * Degrees of crank for one tooth of the crank sprocket. A tooth of the cam sprocket (twice as many
 * teeth, half the speed) is the same.
 *
 * @param teeth of the crank sprocket, at least 1
 * @example toothAngle(22) // 16.36
 */
export const toothAngle = (teeth: number): number => 360 / teeth;

export default defineCheck({
  id: 'cam-crank',
  title: 'Cam against crank',
  question: 'Has the timing jumped a tooth, stretched, or is it the phaser?',
  explains:
    'The angle between the cam and crank signals is compared with what this engine shows when it is right. A deviation of a whole number of teeth is a chain or belt that jumped or was fitted so; a part of a tooth is stretch, a phaser off its rest, or a slipped trigger wheel.',
  have: ['scan tool', 'scope', 'cam and crank signals'],
  codes: ['P0008-P0009', 'P0010-P0029', 'P0016-P0019', 'P0335-P0349', 'P0365-P0369', 'P1340'],
  source: 'Tooth = 360° / teeth, geometry. 5° free and 10° a fault: common practice, no source.',
  needs: ['phaser at rest (solenoid unplugged)', 'engine idling'],
  minutes: 25,
  input: z.object({
    wanted: quantity({ given: true, title: 'Should be', unit: '°', min: -720, max: 720 }),
    measured: quantity({ title: 'Is', help: 'degrees of crank', unit: '°', min: -720, max: 720 }),
    teeth: count({ given: true, title: 'Teeth of the crank sprocket', min: 6, max: 80 }),
    free: optional({
      given: true,
      title: 'Harmless up to',
      help: '5° when left empty',
      unit: '°',
      above: 0,
      max: 90,
    }),
    limit: optional({
      given: true,
      title: 'Fault from',
      help: '10° when left empty',
      unit: '°',
      above: 0,
      max: 180,
    }),
  }),
  example: { wanted: '4°', measured: '-11°', teeth: '24' },
  run(i) {
    const tooth = toothAngle(i.teeth);
    // Angles on a circle of 720° of a four-stroke: the shorter way round.
    const off = ((((i.measured.value - i.wanted.value + 360) % 720) + 720) % 720) - 360;
    const free = i.free?.value ?? 5;
    const limit = i.limit?.value ?? 10;
    const size = Math.abs(off);
    const teeth = size / tooth;
    const whole = Math.round(teeth);
    // Where the harmless band is as wide as a tooth, a whole tooth is no less wrong for it.
    const isWhole = whole >= 1 && Math.abs(teeth - whole) <= 0.15;
    const says = `${like(off, i.measured, 1)} from where it should be, ${teeth.toFixed(2)} of a tooth (${likeDifference(tooth, i.measured, 1)} each)`;
    const finding: Finding = {
      verdict: 'pass',
      because: `${says}: harmless.`,
      figure: like(off, i.measured, 1),
    };
    if (size <= free + 1e-9 && isWhole) {
      finding.verdict = 'unsure';
      finding.because = `${says}: within what is harmless, and just ${whole === 1 ? 'one tooth' : `${whole} teeth`}. Look at the marks.`;
    }
    if (size > free + 1e-9) {
      finding.verdict = size >= limit - 1e-9 || isWhole ? 'fail' : 'unsure';
      finding.because = isWhole
        ? `${says}: ${whole === 1 ? 'one tooth' : `${whole} teeth`}. It jumped, or was fitted so.`
        : `${says}: no whole tooth. Stretch, a phaser not at rest, or a trigger wheel that slipped.`;
    }
    return [finding];
  },
});
