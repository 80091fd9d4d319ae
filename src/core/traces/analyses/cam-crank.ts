import { z } from 'zod';
import { Refusal } from '@/core/checks/contract';
import { defineAnalysis, one, type TraceFinding } from '../contract';
import { mod } from '../engine';
import { number, pick, text } from '../settings';
import { median } from '../signal';
import { fixed, listed, moment, plural } from '../words';
import { camEdges, gapsPerTurn, teethOf, tooNoisy, wheelOf, type CamEdge } from './cam-wheel';
import { verdictOf } from './verdict-of';

/** Degrees: two gaps under which the cam stands nearer than this to normal cannot be told apart by it. */
const NEAR_TOO = 40;
/** Wheels of so few teeth are mostly ones of twice as many with two gaps opposite each other. */
const HALVES = [12, 18, 30];

export const camCrank = defineAnalysis({
  id: 'cam-crank',
  title: 'Cam against crank',
  question: 'Do cam and crank stand to each other as they should, and does it stay so?',
  explains:
    'The teeth of the crank wheel and its gap give the crank angle at any moment; each edge of the cam signal is measured in degrees after the gap, turn by turn. Against the normal angles (stated, or taken from a known-good recording) the difference is shown in degrees and teeth. A gap where none belongs is a lost or broken tooth.',
  source: 'On one engine 4° was normal, −5° harmless, 10° and more set the code: common practice, no source.',
  engine: 'none',
  roles: [
    { id: 'crank', name: 'Crank wheel', guess: /crank|ckp|speed sensor/i },
    { id: 'cam', name: 'Cam signal', guess: /cam|cmp|phase/i },
  ],
  settings: z.object({
    edge: pick({ label: 'Edges used', options: ['falling', 'rising'] }),
    normal: text({
      label: 'Normal angles of the cam edges',
      hint: 'degrees after the gap over two turns, as 74 254 434; empty when not known',
    }),
    gear: number({
      label: 'Teeth of the timing gear on the crank',
      is: 0,
      min: 0,
      max: 200,
      hint: '0 when not known',
    }),
    harmless: number({ label: 'Harmless up to', unit: '°', is: 5, min: 0, max: 90 }),
    fault: number({ label: 'A fault from', unit: '°', is: 10, min: 0, max: 90 }),
  }),
  run(given, settings) {
    const crank = one(given, 'crank')!;
    const cam = one(given, 'cam')!;
    const rising = settings.edge === 'rising';
    const normal = settings.normal.trim()
      ? settings.normal
          .trim()
          .split(/[\s,;]+/)
          .map((a) => Number(a.replace('°', '')))
      : [];
    if (normal.some((a) => Number.isNaN(a)))
      throw new Refusal('Write the normal angles as numbers in degrees, as in 74 254 434.', 'normal');
    const teeth = teethOf(crank, rising);
    const camAt = teethOf(cam, rising);
    const alone = wheelOf(teeth);
    const perTurn = alone ? gapsPerTurn(alone, camAt) : 1;
    const first = alone && wheelOf(teeth, 0, perTurn);
    if (!first)
      throw new Refusal(
        `No gap repeats in "${crank.name}". Choose a stretch with at least three turns, or the other edges.`,
      );
    // Of gaps alike the one under which the cam stands nearest to normal is taken: a lost tooth is likelier than both faults.
    const tries = [0, ...(normal.length > 0 ? first.alike : [])].flatMap((shift) => {
      const w = wheelOf(teeth, shift, perTurn)!;
      const e = camEdges(w, camAt);
      return e.length === 0
        ? []
        : [{ wheel: w, edges: e, off: normal.length > 0 ? offsetFrom(e, normal) : undefined }];
    });
    if (tries.length === 0)
      throw new Refusal(`No edge of "${cam.name}" comes back turn after turn in this stretch.`);
    const { wheel, edges, off } = tries.reduce((a, b) =>
      Math.abs(b.off ?? 0) < Math.abs(a.off ?? 0) ? b : a,
    );
    // From another of the gaps the cam may stand as near to normal.
    const other = tries.find((t) => t.wheel !== wheel && Math.abs(t.off ?? Infinity) < NEAR_TOO);
    const half = perTurn === 1 && HALVES.includes(wheel.teeth);
    const openGap = first.alike.length > 0 && normal.length === 0;
    // A chain or belt jumps by teeth of its own gear; those of the sensor's wheel only measure.
    const inTeeth = (degrees: number): string => {
      const tooth = 360 / (settings.gear || wheel.teeth);
      const jumped = Math.round(degrees / tooth);
      if (degrees < settings.harmless || jumped === 0) return '';
      const of = settings.gear ? 'timing gear' : 'crank wheel';
      const near = Math.abs(degrees - jumped * tooth) < 0.3 * tooth ? 'That is' : 'That is about';
      return ` ${near} ${plural(jumped, 'tooth', 'teeth')} of the ${of}.`;
    };
    const findings: TraceFinding[] = [
      {
        verdict: '',
        because: `${wheel.teeth} − ${wheel.gap} teeth${wheel.alike.length > 0 && wheel.gap >= 2 ? `, ${wheel.alike.length + 1} gaps a turn` : ''}; cam edges at ${listed(edges.map((e) => fixed(e.angle, '°', 1)))} after the gap.`,
        about: 'pattern',
        figure: `${wheel.teeth} − ${wheel.gap}`,
        place: {
          channel: crank.name,
          from: wheel.times[wheel.turns[0]!]!,
          to: wheel.times[wheel.turns[1]!]!,
        },
        reading: { label: 'cam edge after the gap', entered: fixed(edges[0]!.angle, '°', 1), limit: '' },
      },
    ];
    if (off !== undefined) {
      const a = Math.abs(off);
      findings.unshift({
        verdict: other || half ? 'unsure' : verdictOf(a >= settings.fault, a <= settings.harmless),
        because: `The cam stands ${fixed(a, '°', 1)} ${off > 0 ? 'late' : 'early'} against normal.${inTeeth(a)}${other ? ` Counted from another of its gaps it would be ${fixed(other.off!, '°', 1)}: say which gap the normal angles count from.` : ''}${half ? ` If the wheel has ${2 * wheel.teeth} teeth and two gaps a turn, it is ${fixed(off / 2, '°', 1)}.` : ''}`,
        about: 'cam against crank',
        figure: fixed(off, '°', 1),
        place: { channel: cam.name, from: edges[0]!.each[0]!.at, to: edges[0]!.each[0]!.at },
        reading: {
          label: 'cam against crank, off normal',
          entered: fixed(off, '°', 1),
          limit: `${-settings.harmless} to ${settings.harmless} °`,
        },
      });
    }
    const drift = edges.map((e) => e.drift).reduce((a, b) => (Math.abs(b) > Math.abs(a) ? b : a));
    const scatter = Math.max(...edges.map((e) => e.scatter));
    findings.push({
      verdict: Math.abs(drift) > Math.max(2, 3 * scatter) ? 'fail' : 'pass',
      because: `From beginning to end the angle moves by ${fixed(drift, '°', 1)}; from turn to turn it scatters by ${fixed(scatter, '°', 1)}.`,
      about: 'drift',
      figure: fixed(drift, '°', 1),
      reading: { label: 'drift of cam against crank', entered: fixed(drift, '°', 1), limit: '' },
    });
    findings.push({
      verdict: verdictOf(wheel.strayGaps.length > 0 && !openGap, wheel.strayGaps.length === 0),
      because:
        wheel.strayGaps.length === 0
          ? 'No tooth is missing outside the gap.'
          : `${plural(wheel.strayGaps.length, 'gap')} where none belongs, the first at ${moment(wheel.strayGaps[0]!)}: a lost or broken tooth.${openGap ? ' Which of the gaps is the wheel’s own cannot be told without the normal angles, so the angles above may count from the wrong one.' : ''}`,
      about: 'teeth',
      figure: String(wheel.strayGaps.length),
      ...(wheel.strayGaps.length > 0 && !openGap
        ? { speaks: [{ says: 'for' as const, part: 'reluctor ring', failure: '', where: 'crankshaft' }] }
        : {}),
      ...(wheel.strayGaps.length > 0
        ? { place: { channel: crank.name, from: wheel.strayGaps[0]!, to: wheel.strayGaps[0]! } }
        : {}),
      reading: { label: 'gaps where none belongs', entered: String(wheel.strayGaps.length), limit: 'max 0' },
    });
    if (tooNoisy(crank) || tooNoisy(cam))
      for (const f of findings)
        if (f.verdict !== '') {
          f.verdict = 'unsure';
          f.because += ' The noise is so large that teeth may be lost or made by it: record again with less.';
        }
    return {
      findings,
      gives: { normal: edges.map((e) => e.angle.toFixed(1)).join(' ') },
      marks: [
        ...wheel.turns
          .slice(0, 200)
          .map((i) => ({ at: wheel.times[i]!, channel: crank.name, words: 'gap', verdict: '' as const })),
        ...wheel.strayGaps
          .slice(0, 50)
          .map((at) => ({ at, channel: crank.name, words: 'tooth lost', verdict: 'fail' as const })),
      ],
      drawing: {
        kind: 'curve',
        x: 's',
        y: '°',
        lines: edges.slice(0, 3).map((e, i) => ({
          name: `edge ${i + 1}`,
          role: 'measured' as const,
          points: e.each.map((p) => ({
            x: Number(p.at.toFixed(3)),
            y: Number((p.angle - e.angle).toFixed(2)),
          })),
        })),
      },
    };
  },
});

/**
 * Degrees by which all edges lie off their normal angles: the middle of the distances to the nearest, under
 * the shift of one crank turn that fits better, since the gap comes twice a cycle.
 */
function offsetFrom(edges: readonly CamEdge[], normal: readonly number[]): number {
  const fits = [0, 360].map((shift) => {
    const d = edges.map((e) => {
      const all = normal.map((n) => mod(e.angle + shift - n + 360, 720) - 360);
      return all.reduce((a, b) => (Math.abs(b) < Math.abs(a) ? b : a));
    });
    const middle = median(d);
    return { middle, cost: median(d.map((x) => Math.abs(x - middle))) + 0.01 * Math.abs(middle) };
  });
  return fits[0]!.cost <= fits[1]!.cost ? fits[0]!.middle : fits[1]!.middle;
}
