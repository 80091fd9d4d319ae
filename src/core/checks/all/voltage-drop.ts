import { z } from 'zod';
import { convert, writeQuantity } from '@/core/readings';
import type { Verdict } from '@/core/case';
import { defineCheck, type Finding } from '../contract';
import { like, list, optional, type Read, type ReadAt } from '../fields';
import { zeroNotSeen } from '../zero-drop';

/** Per connection, in V, where nothing else is given. */
const USUAL_EACH = 0.1;

/** Amperes from which a joint shows what it is like. */
const FLOWS = 0.1;

/** Without a current that was noted, and with a meter too coarse to show the limit, a small drop says nothing. */
function verdictOf(drop: ReadAt, current: Read | undefined, each: number): Verdict {
  if (current && (current.value < FLOWS || zeroNotSeen(drop, current.value, each))) return 'unsure';
  if (Math.abs(drop.value) > each + 1e-9) return 'fail';
  return current ? 'pass' : 'unsure';
}

export default defineCheck({
  id: 'voltage-drop',
  title: 'Voltage drop per connection under load',
  question: 'Which connection eats the voltage?',
  explains:
    'Measured along the path while the load runs, every cable and joint takes its share. Without current there is no drop, so the load has to be on. The one that takes most is the one to open.',
  have: ['multimeter', 'battery', 'cables', 'ground'],
  codes: ['P0562', 'P0615', 'U3003', 'C0899', 'B1317'],
  source:
    '0.1 V per connection, 0.5 V in all, for a power circuit of 12 V: common practice, no source. A long starter cable may take 0.2 V, a sensor’s ground no more than 0.05 V: give their own limit. Resistance = drop / current (Ohm).',
  needs: ['load switched on while measuring'],
  caution: 'starter circuits: leads clear of belts and fans',
  minutes: 15,
  input: z.object({
    drops: list({
      title: 'Drop across',
      unit: 'V',
      each: 'connection',
      labels: ['battery post +', 'cable +', 'at the load', 'ground strap', 'battery post −'],
      least: 1,
      min: -60,
      max: 60,
    }),
    current: optional({ title: 'Current while measuring', unit: 'A', min: 0, max: 3000 }),
    each: optional({
      given: true,
      title: 'At most per connection',
      help: '0.1 V when left empty',
      unit: 'V',
      above: 0,
      max: 10,
    }),
    all: optional({
      given: true,
      title: 'At most in all',
      help: '0.5 V when left empty',
      unit: 'V',
      above: 0,
      max: 20,
    }),
  }),
  example: {
    drops: [
      { at: 'battery post +', entered: '20 mV' },
      { at: 'cable +', entered: '90 mV' },
      { at: 'ground strap', entered: '610 mV' },
      { at: 'battery post −', entered: '15 mV' },
    ],
    current: '140 A',
  },
  run(i) {
    if (i.current && i.current.value < FLOWS)
      return [
        {
          verdict: 'void',
          because: `Only ${like(i.current.value, i.current)} flows: without load nothing drops, whatever the joint is like. Switch the load on.`,
        },
      ];
    const each = i.each?.value ?? USUAL_EACH;
    const all = i.all?.value ?? 0.5;
    const findings = i.drops.map((d): Finding => {
      const size = Math.abs(d.value);
      const unseen = i.current && zeroNotSeen(d, i.current.value, each);
      const verdict = verdictOf(d, i.current, each);
      if (unseen) return { about: d.at, verdict, figure: like(size, d), because: unseen };
      const good = verdict !== 'fail';
      const ohms = i.current
        ? `, ${writeQuantity(convert({ value: size / i.current.value, unit: 'Ω' }, 'mΩ'), 1)}`
        : '';
      return {
        about: d.at,
        verdict,
        figure: like(size, d),
        because: good
          ? `${like(size, d)}${ohms}.`
          : `${like(size, d)}${ohms}, more than ${like(each, d)}: open it, clean it, measure again.`,
      };
    });
    const total = i.drops.reduce((s, d) => s + Math.abs(d.value), 0);
    const d = i.drops[0]!;
    const allSeen = i.current && findings.every((f) => f.verdict !== 'unsure');
    const whenSeen = allSeen ? 'pass' : 'unsure';
    findings.push({
      about: 'In all',
      verdict: total > all + 1e-9 ? 'fail' : whenSeen,
      because: `${like(total, d)} of ${like(all, d)} allowed.`,
      figure: like(total, d),
    });
    if (!i.current)
      findings.push({
        verdict: findings.some((f) => f.verdict === 'fail') ? '' : 'unsure',
        because: 'The current was not noted: small drops prove nothing unless the load was on.',
      });
    return findings;
  },
  draw: (i) => ({
    kind: 'bars',
    unit: 'V',
    high: i.each?.value ?? 0.1,
    bars: i.drops.map((d) => ({
      at: d.at,
      value: Math.abs(d.value),
      verdict: verdictOf(d, i.current, i.each?.value ?? USUAL_EACH),
    })),
  }),
});
