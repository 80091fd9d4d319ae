import { z } from 'zod';
import { compareSiblings, siblingSentence } from '@/core/readings';
import { defineCheck, type Finding } from '../contract';
import { like, list, optional } from '../fields';
import { shownAs, siblingBars } from '../words';

const inputs = {
  sensors: list({
    title: 'Shown after the rest',
    unit: '°C',
    each: 'sensor',
    labels: ['coolant', 'intake air', 'ambient', 'engine oil', 'fuel', 'exhaust 1', 'exhaust 2', 'exhaust 3'],
    least: 1,
    min: -273.15,
    max: 2000,
  }),
  apart: optional({
    given: true,
    title: 'May lie apart by',
    help: '5 °C when left empty',
    unit: '°C',
    difference: true,
    above: 0,
    max: 100,
  }),
};

export default defineCheck({
  id: 'cold-soak',
  title: 'Agreement after a cold soak',
  question: 'Which temperature sensor lies?',
  explains:
    'After a night’s rest everything has one temperature, so all sensors must show it. Done before the first start it needs no tool but the scan tool and finds sensors that no code accuses.',
  have: ['scan tool', 'temperatures', 'cold engine'],
  codes: ['P0116', 'P0111', 'P0071', 'P0544-P0549', 'P2031-P2033', 'P2080', 'P2084', 'P0181', 'P0196'],
  source:
    'A few degrees: common practice, no source. −40 °C for an open circuit: common practice, no source.',
  needs: ['not run for at least 8 h', 'no block heater, no sun on one side'],
  minutes: 5,
  input: z.object(inputs),
  example: {
    sensors: [
      { at: 'coolant', entered: '11 °C' },
      { at: 'intake air', entered: '12' },
      { at: 'ambient', entered: '10' },
      { at: 'exhaust 1', entered: '12' },
      { at: 'exhaust 2', entered: '31' },
    ],
  },
  run(i) {
    const findings: Finding[] = [];
    // −40 is the same on both scales: the far end, not a temperature.
    const open = i.sensors.filter((s) => Math.abs(s.value + 40) < 0.51);
    const rest = i.sensors.filter((s) => !open.includes(s));
    for (const s of open)
      findings.push({
        about: s.at,
        verdict: 'fail',
        because: `${like(s.value, s)} is the end of the scale: its circuit is open.`,
      });
    const first = rest[0];
    if (rest.length === 1)
      findings.push({
        about: first!.at,
        verdict: 'unsure',
        because: `${like(first!.value, first!)} alone says nothing: read a second sensor, or a thermometer beside it.`,
      });
    else if (first) {
      const c = compareSiblings(
        rest.map((r) => ({ at: r.at, value: r.value })),
        i.apart?.value ?? 5,
      );
      findings.push({
        ...siblingSentence(shownAs(c, first), first.as, Math.max(...rest.map((r) => r.decimals)), 'sensor'),
      });
    }
    return findings;
  },
  draw(i) {
    return siblingBars(
      i.sensors,
      compareSiblings(
        i.sensors.map((r) => ({ at: r.at, value: r.value })),
        i.apart?.value ?? 5,
      ),
    );
  },
});
