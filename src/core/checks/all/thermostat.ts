import { z } from 'zod';
import { asCurve } from '@/core/readings';
import { defineCheck, type Finding } from '../contract';
import { choice, like, likeDifference, quantity, table, type Read } from '../fields';

const FAN = ['not looked at', 'stood still', 'ran'] as const;

export default defineCheck({
  id: 'thermostat',
  title: 'Thermostat from the warm-up',
  question: 'Does it open, at the right place, and not before?',
  explains:
    'A shut thermostat lets coolant rise steadily to its opening temperature and then holds it. One stuck open flattens early and far below; one stuck shut goes through. Well above the opening it is the fan that holds the temperature, and that says little of the thermostat.',
  have: ['scan tool', 'thermometer', 'warm-up drive'],
  codes: ['P0128', 'P0125', 'P0217', 'P0116', 'P0597-P0599'],
  source: 'Within 8 °C of the opening temperature: common practice, no source.',
  needs: ['started cold', 'steady drive or idle, heater off'],
  caution: 'never open a hot cooling system',
  minutes: 25,
  input: z.object({
    opens: quantity({ given: true, title: 'Opens at', unit: '°C', min: 40, max: 130 }),
    fan: choice({ title: 'The fan at the end', options: FAN }),
    warmUp: table({
      title: 'Warm-up',
      columns: {
        time: { title: 'After', unit: 'min', min: 0, max: 240 },
        coolant: { title: 'Coolant', unit: '°C', min: -60, max: 200 },
      },
      least: 4,
    }),
  }),
  example: {
    opens: '88 °C',
    warmUp: [
      { time: '0 min', coolant: '14 °C' },
      { time: '4', coolant: '41' },
      { time: '8', coolant: '60' },
      { time: '12', coolant: '66' },
      { time: '16', coolant: '67' },
      { time: '20', coolant: '66' },
    ],
  },
  run(i) {
    const curve = asCurve(i.warmUp.map((p) => ({ x: p.time.value, y: p.coolant.value })));
    const c = i.warmUp[0]!.coolant;
    const start = curve[0]!;
    const top = Math.max(...curve.map((p) => p.y));
    const end = curve.at(-1)!;
    const before = curve.at(-2)!;
    const slope = (end.y - before.y) / (end.x - before.x);
    const holds = Math.abs(slope) < 0.5;
    const above = end.y - i.opens.value;
    const findings: Finding[] = [];
    if (start.y > i.opens.value - 20)
      return [
        {
          verdict: 'void',
          because: `It began at ${like(start.y, c)}: not cold. Let it cool and start again.`,
        },
      ];
    // Opening lets cold coolant in for some degrees, not for more.
    if (before.y - end.y > 15 && end.y < i.opens.value - 8)
      return [
        {
          verdict: 'unsure',
          because: `It fell from ${like(before.y, c)} to ${like(end.y, c)}: no warm-up does that. The sensor, air at the sensor, or a value read wrong.`,
        },
      ];
    if (top > i.opens.value + 15)
      findings.push({
        verdict: 'fail',
        because: `It went on to ${like(top, c)}, past the opening at ${like(i.opens.value, i.opens)}: stuck shut, no flow, or air in the system.`,
      });
    else if (Math.abs(above) <= 8 + 1e-9)
      findings.push(atOpening(i, c, { holds: holds || slope <= 1, end: end.y, above }));
    else if (above > 0 && holds)
      findings.push({
        verdict: 'unsure',
        because: `It holds at ${like(end.y, c)}, ${likeDifference(above, c)} above the opening: ${i.fan === FAN[1] ? 'it opens late, or the flow is poor' : 'the fan holds it, it opens late, or the flow is poor'}. See that both hoses of the radiator get hot, and what it does on the road.`,
      });
    else if (end.y < i.opens.value && slope < 0.5)
      findings.push({
        verdict: 'fail',
        speaks: [{ says: 'for', part: 'thermostat', failure: 'stuck open', where: '' }],
        because: `It levels out at ${like(end.y, c)}, far under ${like(i.opens.value, i.opens)}: stuck open, or the wrong thermostat.`,
      });
    else
      findings.push({
        verdict: 'unsure',
        because: `${like(end.y, c)} at the end and still moving: the warm-up is not finished.`,
      });
    return findings;
  },
  draw(i) {
    const points = asCurve(i.warmUp.map((p) => ({ x: p.time.value, y: p.coolant.value })));
    return {
      kind: 'curve',
      x: 'min',
      y: '°C',
      lines: [
        {
          name: 'opening temperature',
          role: 'reference',
          points: [
            { x: points[0]!.x, y: i.opens.value },
            { x: points.at(-1)!.x, y: i.opens.value },
          ],
        },
        { name: 'coolant', role: 'measured', points },
      ],
    };
  },
});

/** It ends near the opening: whether it is the thermostat that holds it there. */
function atOpening(
  i: { opens: Read; fan: string },
  c: Read,
  at: { holds: boolean; end: number; above: number },
): Finding {
  const end = like(at.end, c);
  if (!at.holds) return { verdict: 'unsure', because: `${end} and still rising: go on until it holds.` };
  if (at.above > 3 + 1e-9 && i.fan !== FAN[1])
    return {
      verdict: 'unsure',
      because: `It holds at ${end}, ${likeDifference(at.above, c)} above the opening: ${i.fan === FAN[2] ? 'the fan holds it there' : 'the fan may hold it there; look whether it runs'}. Drive steadily, with the fan still, and read again.`,
    };
  return {
    verdict: 'pass',
    because: `It rose to ${end} and holds, near the opening at ${like(i.opens.value, i.opens)}.`,
  };
}
