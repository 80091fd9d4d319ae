import { z } from 'zod';
import { Refusal } from '@/core/checks/contract';
import { defineAnalysis, one, type TraceFinding } from '../../contract';
import { number, text } from '../../settings';
import { median, spread } from '../../signal';
import { figure, fixed, listed, moment, plural } from '../../words';
import { pressureDrops, type Drop } from './find-drops';
import { placedByPulses, placedByRhythm, type Pass } from './places';
import { verdictOf } from '../verdict-of';

/** Share of the scatter within a pass that counts as one drop's own uncertainty. */
const SCATTER = 0.6;
/** A drop of this share of the middle must stand out of the noise before anything is judged. */
const HALF = 0.5;

/** What one injector did over all passes. */
interface Own {
  name: string;
  /** Its drops, with the middle of the pass each is held against. */
  there: { drop: Drop; middle: number; pass: number }[];
  /** Passes in which it has none. */
  without: number;
}

const shareOf = (d: { drop: Drop; middle: number }): number => (d.drop.drop - d.middle) / d.middle;
const mean = (x: readonly number[]): number => x.reduce((a, b) => a + b, 0) / x.length;

/** "8 % less than the middle". */
const offBy = (off: number): string =>
  Math.abs(off) < 0.005
    ? 'as much as the middle'
    : `${Math.abs(100 * off).toFixed(0)} % ${off > 0 ? 'more' : 'less'}`;

const waysOf = (passes: readonly Pass[]): string[] =>
  passes.map((p) => {
    if (p.pulses > 1) return `${p.pulses} short pulses`;
    if (p.pulses === 1) return 'one long pulse';
    return '';
  });

/** Why passes that do not agree may both be right. */
function between(own: Own, limit: number, passes: readonly Pass[]): string {
  const many = own.there.filter((d) => passes[d.pass]!.pulses > 1);
  const long = own.there.filter((d) => passes[d.pass]!.pulses === 1);
  const apart = (list: Own['there']) => list.length > 0 && list.every((d) => Math.abs(shareOf(d)) > limit);
  const alike = (list: Own['there']) => list.length > 0 && list.every((d) => Math.abs(shareOf(d)) < limit);
  if (apart(many) && alike(long))
    return 'Open for long it passes the right amount, opened briefly it does not: how fast it opens and closes, not how much flows through.';
  return 'Further passes only flood the cylinders: exchange the injector with another, or look at its current.';
}

/** Pressures that are none of the fuel. */
const NO_FUEL =
  /oil|öl|huile|aceite|boost|charge|lade|manifold|\bmap\b|intake|exhaust|vacuum|brake|brems|tyre|tire|\btank\b|coolant|refriger|barom/i;

export const injectorDrops = defineAnalysis({
  id: 'injector-drops',
  title: 'Injector balance from rail pressure',
  question: 'Which injector lets through more or less than the others?',
  explains:
    'The rail is brought to rest, one injector is pulsed, the pressure drops; it is brought back, and the next is pulsed. The drop counts from the pressure just before it. Each is held against the middle of its own pass, so that passes at another pressure, or opened by one long pulse and by many short ones, can stand in one recording.',
  source: 'Common practice, no source; limit 15 % from the middle.',
  engine: 'none',
  roles: [
    { id: 'pressure', name: 'Rail pressure', guess: /rail|fuel|press|psi|bar|kpa/i, not: NO_FUEL },
    { id: 'pulses', name: 'Injector pulses', optional: true, guess: /inject|puls/i },
  ],
  settings: z.object({
    injectors: number({ label: 'Injectors pulsed in one pass', is: 4, min: 2, max: 16 }),
    order: text({ label: 'In this order', hint: 'as pulsed, for instance 1 2 3 4; empty for 1, 2, 3 …' }),
    most: number({ label: 'Most difference from the middle', unit: '%', is: 15, min: 2, max: 60 }),
  }),
  run(given, settings) {
    const c = one(given, 'pressure')!;
    const n = Math.round(settings.injectors);
    const names = settings.order.trim()
      ? settings.order.trim().split(/[\s,;-]+/)
      : Array.from({ length: n }, (_, i) => String(i + 1));
    if (names.length !== n)
      throw new Refusal(
        `${names.length} injectors stand in the order, ${n} are pulsed in one pass.`,
        'order',
      );
    const { drops, least } = pressureDrops(c);
    if (drops.length < 2)
      throw new Refusal(
        `The pressure in "${c.name}" does not fall and come back at least twice in this stretch. Bring it to rest before each injector is pulsed.`,
      );
    const pulsed = one(given, 'pulses');
    const passes = pulsed ? placedByPulses(drops, pulsed, n) : placedByRhythm(drops, n);
    const middles = passes.map((p) => median(p.drops.flatMap((d) => d?.drop ?? [])));
    const limit = settings.most / 100;
    // How far the drops of a pass scatter says more of what is uncertain than each drop's own noise does: a slow
    // hum or a pump that stops here and there moves both levels of one drop.
    const scatters = passes.map((p, i) => spread(p.drops.flatMap((d) => d?.drop ?? [])) / middles[i]!);
    const middle = median(middles);
    // Noise that would hide half a drop also splits drops, and makes some.
    const clear = least < HALF * middle;
    // Passes of another depth are told in shares of their own middle.
    const inShares = Math.max(...middles) > 1.05 * Math.min(...middles);
    const owns = names.map((name, k): Own => {
      const there = passes.flatMap((p, pass) => {
        const drop = p.drops[k];
        return drop ? [{ drop, middle: middles[pass]!, pass }] : [];
      });
      return { name, there, without: passes.length - there.length };
    });
    const say = (off: number) =>
      inShares ? `${Math.round(100 * (1 + off))} %` : fixed(middle * (1 + off), c.unit, decimals(middle));
    const asked = inShares
      ? `${100 - settings.most} to ${100 + settings.most} %`
      : limitOf(middle, settings.most, c.unit);
    const ways = waysOf(passes);
    const findings = owns.map((own): TraceFinding => {
      const label = `${inShares ? 'drop against the middle' : 'pressure drop'}, injector ${own.name}`;
      if (own.there.length === 0) {
        // One place left empty by a person's hand looks the same as one dead injector.
        const seen = clear && (pulsed !== undefined || passes.length > 1);
        const notSeen = clear
          ? `In the place of injector ${own.name} there is no drop: it lets nothing through, or was not pulsed. A channel with the injector pulses would tell.`
          : `In the place of injector ${own.name} no drop stands out, and a small one could hide in the noise. A quieter recording would tell.`;
        return {
          verdict: seen ? 'fail' : 'unsure',
          because: seen
            ? `Injector ${own.name} lets nothing through: no drop in its place${passes.length > 1 ? ` in ${plural(passes.length, 'pass', 'passes')}` : ''}.`
            : notSeen,
          about: `injector ${own.name}`,
          figure: say(-1),
          reading: { label, entered: say(-1), limit: asked },
        };
      }
      const shares = own.there.map(shareOf);
      const off = mean(shares);
      const errors = own.there.map((d) => Math.hypot(d.drop.error / d.middle, SCATTER * scatters[d.pass]!));
      const error = Math.sqrt(mean(errors.map((e) => e ** 2)) / errors.length);
      const apart =
        shares.some((s, i) => Math.abs(s) > limit + 2 * errors[i]!) &&
        shares.some((s, i) => Math.abs(s) < limit - 2 * errors[i]!);
      const verdict =
        apart || own.without > 0 || !clear
          ? 'unsure'
          : verdictOf(
              Math.abs(off) > limit + 2 * error,
              Math.abs(off) < limit - 2 * error || (Math.abs(off) < 0.6 * limit && error < 0.3 * limit),
            );
      const first = own.there[0]!;
      return {
        verdict,
        because: [
          own.there.length === 1
            ? `Injector ${own.name} drops ${fixed(first.drop.drop, c.unit, decimals(middle))} from ${figure(first.drop.rest, c.unit, 4)} at rest: ${offBy(off)}${Math.abs(off) < 0.005 ? '' : ' than the middle'} of ${figure(first.middle, c.unit)}.`
            : `Injector ${own.name} drops ${listed(own.there.map((d) => `${fixed(d.drop.drop, c.unit, decimals(middle))} from ${figure(d.drop.rest, c.unit, 4)} (${offBy(shareOf(d))}${ways[d.pass] ? `, ${ways[d.pass]}` : ''})`))}.`,
          slow(first.drop) ? `It comes back to ${figure(first.drop.recovered, c.unit, 4)} only.` : '',
          apart ? `The passes do not agree. ${between(own, limit, passes)}` : '',
          clear ? '' : 'The noise is too near to the drops to judge them; a quieter recording would tell.',
          own.without > 0 ? `In ${plural(own.without, 'pass', 'passes')} it has no drop.` : '',
        ]
          .filter(Boolean)
          .join(' '),
        about: `injector ${own.name}`,
        figure: say(off),
        // A drop that is missing altogether may be the circuit's; a drop of the wrong size is the injector's own.
        ...(verdict === 'fail'
          ? {
              speaks: [
                { says: 'for' as const, part: 'fuel injector', failure: '', where: `cylinder ${own.name}` },
              ],
            }
          : {}),
        place: { channel: c.name, from: first.drop.from, to: first.drop.to },
        reading: { label, entered: say(off), limit: asked },
      };
    });
    const rests = drops.map((d) => d.rest);
    const verdicts = new Map(owns.map((o, k) => [o.name, findings[k]!.verdict]));
    findings.push({
      verdict: '',
      because: `${passes.length === 1 ? 'One pass' : `${passes.length} passes, ${listed(middles.map((m, i) => `${figure(m, c.unit)}${ways[i] ? ` with ${ways[i]}` : ''}`))} in the middle`}; at rest ${figure(Math.min(...rests), c.unit, 4)} to ${figure(Math.max(...rests), c.unit, 4)}, brought back to ${figure(Math.min(...drops.map((d) => d.recovered).filter((v) => v === v)), c.unit, 4)} at the least, the first drop at ${moment(drops[0]!.from)}.`,
      about: 'rest',
    });
    return {
      findings,
      marks: passes.flatMap((p) =>
        p.drops.flatMap((d, k) =>
          d ? [{ at: d.from, channel: c.name, words: names[k]!, verdict: verdicts.get(names[k]!)! }] : [],
        ),
      ),
      drawing: {
        kind: 'bars',
        unit: inShares ? '%' : c.unit,
        bars: owns.map((o) => {
          const share = o.there.length ? 1 + mean(o.there.map(shareOf)) : 0;
          return {
            at: o.name,
            value: inShares ? Math.round(100 * share) : toThreeDigits(middle * share),
            verdict: verdicts.get(o.name)!,
          };
        }),
        low: inShares ? 100 - settings.most : toThreeDigits(middle * (1 - limit)),
        high: inShares ? 100 + settings.most : toThreeDigits(middle * (1 + limit)),
      },
    };
  },
});

/** Whether the pressure came back clearly short of where it stood before. */
const slow = (d: Drop): boolean => d.rest - d.recovered > 0.25 * d.drop + 2 * d.error;

/** As many digits as one reads off a drawing. */
const toThreeDigits = (x: number): number => Number(x.toPrecision(3));

const decimals = (middle: number): number => {
  if (middle >= 50) return 0;
  if (middle >= 5) return 1;
  if (middle >= 0.5) return 2;
  return 3;
};
const limitOf = (middle: number, most: number, unit: string) =>
  `${fixed(middle * (1 - most / 100), '', decimals(middle) + 1)} to ${fixed(middle * (1 + most / 100), unit, decimals(middle) + 1)}`;
