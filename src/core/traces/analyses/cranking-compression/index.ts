import { z } from 'zod';
import { Refusal } from '@/core/checks/contract';
import type { Channel } from '../../channel';
import { defineAnalysis, one, type TraceFinding } from '../../contract';
import { mod } from '../../engine';
import { number, text } from '../../settings';
import { fixed, listed, moment } from '../../words';
import { triggerAdvance, triggerCylinder, triggerRole } from '../trigger';
import { anchorOf, type Anchor } from './anchor';
import { crankingHumps, type Cranking } from './humps';
import { relativeHeights, unevenness } from './strengths';
import { verdictOf } from '../verdict-of';

export const crankingCompression = defineAnalysis({
  id: 'cranking-compression',
  title: 'Relative compression from cranking current',
  question: 'Which cylinder is low, by the current the starter needs for it?',
  explains:
    'Each compression stroke loads the starter and makes a hump. Inrush and the end of cranking are set aside, each hump is measured from the valleys beside it, and the middle height of each cylinder is held against the sound ones. A missing hump keeps its place in the row. The one after a weak cylinder stands a little high, because the engine has sped up: it is not counted as the measure. Without a trigger the weak one is told by its place in the row only; with one, where it lies against the hump shows a wheel that has slipped.',
  source: 'Common practice, no source; limit 80 % of the sound cylinders.',
  engine: 'needed',
  roles: [
    { id: 'current', name: 'Starter current', guess: /curr|amp|starter|^a$/i },
    triggerRole({ optional: true, also: 'coil|ignit|inject' }),
  ],
  settings: z.object({
    cylinder: triggerCylinder(),
    advance: triggerAdvance(),
    usual: text({
      label: 'The trigger normally comes after the hump by',
      hint: 'degrees, negative before; empty when not known',
    }),
    least: number({ label: 'Least share of the sound cylinders', unit: '%', is: 80, min: 20, max: 100 }),
  }),
  run(given, settings) {
    const plan = given.engine!;
    const n = plan.order.length;
    const cranking = crankingHumps(one(given, 'current')!, plan);
    if (typeof cranking === 'string') throw new Refusal(cranking);
    const trigger = one(given, 'trigger');
    const anchor = trigger ? anchorOf(cranking, trigger, plan, settings) : undefined;
    if (typeof anchor === 'string') throw new Refusal(anchor);
    const cylinder = (place: number) =>
      anchor === undefined ? undefined : plan.order[mod(place + anchor.shift, n)]!;
    const name = (place: number) => {
      const c = cylinder(place);
      return c === undefined ? `hump ${place + 1} of the row` : `cylinder ${c}`;
    };
    const all = relativeHeights(cranking, plan);
    const limit = settings.least / 100;
    const unsureOfAll = anchor !== undefined && !anchor.sure;
    const rows = all.map((r) => ({
      ...r,
      verdict: verdictOf(
        r.share + 2 * r.error < limit,
        r.share - 2 * r.error >= limit || r.share > limit + 0.08,
      ),
    }));
    const after = (place: number) => rows[mod(place - 1, n)]!.verdict === 'fail' && rows[place]!.share > 1.03;
    const current = one(given, 'current')!;
    const findings = rows
      .map((r): TraceFinding => {
        const percent = `${Math.round(100 * r.share)} %`;
        const first = cranking.humps.find((h) => h.place === r.place)!;
        return {
          verdict: r.verdict === 'fail' && unsureOfAll ? 'unsure' : r.verdict,
          because: [
            r.share < 0.15
              ? `The hump of ${name(r.place)} is missing: ${percent} of a sound one over ${r.count} strokes.`
              : `${name(r.place)[0]!.toUpperCase()}${name(r.place).slice(1)} makes ${percent} of a sound hump over ${r.count} strokes.`,
            after(r.place) ? 'It stands high because the engine speeds up over the weak one before it.' : '',
            unsureOfAll
              ? 'The trigger lies half way between two humps, so it may be the neighbour: enter by how many degrees it comes before top dead centre.'
              : '',
          ]
            .filter(Boolean)
            .join(' '),
          about: name(r.place),
          figure: percent,
          place: { channel: current.name, from: first.at, to: first.at },
          reading: {
            label: `relative compression, ${name(r.place)}`,
            entered: percent,
            limit: `min ${settings.least} %`,
          },
        };
      })
      .sort((a, b) => Number(b.verdict === 'fail') - Number(a.verdict === 'fail'));
    const weak = rows.filter((r) => r.verdict === 'fail').map((r) => name(r.place));
    return {
      findings: [...findings, ...crankingRows(cranking, current, weak), ...triggerRows(anchor, settings)],
      ...(anchor ? { gives: { usual: anchor.after.toFixed(0) } } : {}),
      marks: cranking.humps.map((h) => ({
        at: h.at,
        channel: current.name,
        words: String(cylinder(h.place) ?? h.place + 1),
        verdict: rows[h.place]!.verdict,
      })),
      drawing: {
        kind: 'bars',
        unit: '%',
        bars: rows
          .map((r) => ({
            at: name(r.place).replace('cylinder ', '').replace(' of the row', ''),
            value: Math.round(100 * r.share),
            verdict: r.verdict,
          }))
          .sort((a, b) => Number(a.at) - Number(b.at) || 0),
        low: settings.least,
      },
    };
  },
});

/** Speed, and how evenly it goes. */
function crankingRows(cranking: Cranking, current: Channel, weak: readonly string[]): TraceFinding[] {
  const { first, last } = cranking.rpm;
  const rpm = fixed((first + last) / 2, 'rpm', 0);
  const uneven = `${Math.round(100 * unevenness(cranking.cycles))} %`;
  return [
    {
      verdict: '',
      because: `Cranking from ${moment(cranking.from)} to ${moment(cranking.to)} at ${fixed(first, '', 0)} to ${fixed(last, 'rpm', 0)}${cranking.inrush === undefined ? '' : `; inrush ${fixed(cranking.inrush, current.unit, 0)} set aside`}. ${weak.length === 0 ? 'No cylinder stands out.' : `Low: ${listed(weak)}.`}`,
      about: 'cranking',
      figure: rpm,
      reading: { label: 'cranking speed', entered: rpm, limit: '' },
    },
    {
      verdict: '',
      because: `From cycle to cycle the current differs by ${uneven} of its own swing.`,
      about: 'evenness',
      figure: uneven,
      reading: { label: 'cranking, difference from cycle to cycle', entered: uneven, limit: '' },
    },
  ];
}

/** Degrees by which a trigger may stand elsewhere than usual; humps have no sharper place. */
const MOVED = 15;

/** Where the trigger stands against the hump of its cylinder, and whether that is where it normally does. */
function triggerRows(
  anchor: Anchor | undefined,
  settings: { usual: string; cylinder: number },
): TraceFinding[] {
  if (!anchor) return [];
  const side = (d: number) => `${fixed(Math.abs(d), '°', 0)} ${d < 0 ? 'before' : 'after'}`;
  const usual =
    settings.usual.trim() === '' ? NaN : Number(settings.usual.replace(/[°\s]/g, '').replace(',', '.'));
  if (settings.usual.trim() !== '' && Number.isNaN(usual))
    throw new Refusal('Write where the trigger normally comes as a number of degrees, as in -12.', 'usual');
  const moved = anchor.after - usual;
  return [
    {
      verdict: Number.isNaN(usual)
        ? ''
        : verdictOf(Math.abs(moved) > MOVED + anchor.scatter, Math.abs(moved) < MOVED / 2),
      because: `The trigger comes ${side(anchor.after)} the hump of cylinder ${settings.cylinder}${Number.isNaN(usual) ? '. Against a healthy recording that shows whether its wheel has slipped' : `, normally ${side(usual)}: ${Math.abs(moved) > MOVED + anchor.scatter ? `it has moved by ${fixed(Math.abs(moved), '°', 0)}, or the cylinder is another` : 'where it belongs'}`}.`,
      about: 'trigger',
      figure: fixed(anchor.after, '°', 0),
      reading: {
        label: 'trigger after the hump',
        entered: fixed(anchor.after, '°', 0),
        limit: Number.isNaN(usual) ? '' : `${Math.round(usual - MOVED)} to ${Math.round(usual + MOVED)} °`,
      },
    },
  ];
}
