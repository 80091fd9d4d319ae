import { z } from 'zod';
import { defineCheck, Refusal, type Finding } from '../contract';
import { choice, count, like, likeDifference, list, optional, quantity, type ReadAt } from '../fields';
import { CYLINDERS, siblingBars, siblings } from '../words';

const GIVEN = ['pressure left', 'drop'] as const;

interface Input {
  rest: { value: number };
  cylinders: number;
  given: (typeof GIVEN)[number];
  each: ReadAt[];
}

/** Pressure drop of each injector; refuses what cannot be. */
function drops(i: Input): ReadAt[] {
  if (i.each.length !== i.cylinders)
    throw new Refusal(
      `${i.each.length} of ${i.cylinders} injectors were measured. Measure every one: the odd one can hide among those left out.`,
      'each',
    );
  return i.each.map((r) => {
    const value = i.given === 'drop' ? r.value : i.rest.value - r.value;
    if (value < 0)
      throw new Refusal(
        `Injector ${r.at}: after the pulse there is more pressure than before. Bring it back to rest between pulses.`,
        'each',
      );
    if (value > i.rest.value)
      throw new Refusal(`Injector ${r.at}: it cannot drop by more than was there.`, 'each');
    return { ...r, value };
  });
}

export default defineCheck({
  id: 'injector-balance',
  title: 'Injector balance from pressure drops',
  question: 'Which injector lets through more or less than the others?',
  explains:
    'The rail is brought to the same pressure, one injector is opened for a fixed time, and the drop shows what it let through. More drop is a leaking or worn nozzle, less a clogged one, none an injector that does not open.',
  have: ['fuel pressure gauge', 'injector pulse driver'],
  codes: ['P0300-P0312', 'P0171', 'P0174', 'P0201-P0212', 'P0261-P0296'],
  source:
    'Comparison with the siblings: common practice, no source. The ± 15 % band: common practice, no source.',
  needs: ['same rest pressure before every pulse', 'engine cool'],
  caution: 'fuel under pressure, and cylinders fill: crank with the plugs out or let it dry, no flame near',
  minutes: 30,
  input: z.object({
    rest: quantity({ title: 'Pressure at rest', unit: 'psi', above: 0, max: 5000 }),
    cylinders: count({ given: 'cylinders', title: 'Injectors', min: 1, max: 16 }),
    given: choice({ given: true, title: 'Given as', options: GIVEN }),
    each: list({ title: 'After the pulse', unit: 'psi', each: 'injector', labels: CYLINDERS, least: 1 }),
    pulses: optional({ given: true, title: 'Pulses', unit: '', above: 0, max: 10_000 }),
    width: optional({ given: true, title: 'Width of one pulse', unit: 'ms', above: 0, max: 60_000 }),
    band: optional({
      given: true,
      title: 'May differ by',
      help: '15 % when left empty',
      unit: '%',
      above: 0,
      max: 100,
    }),
  }),
  example: {
    rest: '52 psi',
    cylinders: '4',
    given: 'pressure left',
    each: [
      { at: '1', entered: '37' },
      { at: '2', entered: '36,5' },
      { at: '3', entered: '44' },
      { at: '4', entered: '37' },
    ],
    pulses: '50',
    width: '10 ms',
  },
  run(i) {
    const each = drops(i);
    const { finding, comparison } = siblings(each, (i.band?.value ?? 15) / 100, 'injector');
    // Where some stand out, each is told by itself.
    const findings: Finding[] = comparison.outcome === 'odd' ? [] : [finding];
    for (const odd of comparison.odd) {
      const r = each.find((e) => e.at === odd.at)!;
      const drop = likeDifference(odd.value, r);
      findings.push({
        about: `Injector ${odd.at}`,
        verdict: 'fail',
        figure: drop,
        speaks: [{ says: 'for', part: 'fuel injector', failure: '', where: `cylinder ${odd.at}` }],
        because: oddSays(odd, drop, likeDifference(odd.others, r)),
      });
    }
    if (i.pulses && i.width) {
      const open = i.pulses.value * i.width.value;
      findings.push({
        verdict: '',
        because: `Open for ${like(open, i.width)} in all; any number of pulses with the same sum empties alike, apart from the opening delay of each.`,
      });
    }
    return findings;
  },
  draw(i) {
    const each = drops(i);
    return siblingBars(each, siblings(each, (i.band?.value ?? 15) / 100, 'injector').comparison);
  },
});

/** What a drop unlike the others means. */
function oddSays(
  odd: { value: number; others: number; delta: number },
  drop: string,
  others: string,
): string {
  if (odd.value < odd.others * 0.15)
    return `Drops only ${drop}: it hardly opens. Check its circuit before its nozzle.`;
  const against = `Drops ${drop} against ${others} of the others`;
  return odd.delta > 0
    ? `${against}: leaks, or lets too much through.`
    : `${against}: clogged, or opens late.`;
}
