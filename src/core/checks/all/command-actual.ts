import { z } from 'zod';
import { convertDifference, followCommand } from '@/core/readings';
import { defineCheck, Refusal, type Finding } from '../contract';
import { ANY, inUnit, like, likeDifference, optional, table, type Read } from '../fields';

/** What was asked for at a step, in the unit of the actual values. */
function commanded(step: { command: Read; actual: Read }, unit: string): number {
  const command = inUnit(step.command, unit);
  if (command) return command.value;
  throw new Refusal(
    `The command is in ${step.command.unit || 'no unit'} and the actual value in ${unit || 'no unit'}; read both in one.`,
    'steps',
  );
}

export default defineCheck({
  id: 'command-actual',
  title: 'Commanded against actual',
  question: 'Does it go where it is told, and come back to rest?',
  explains:
    'A sweep up and down again, in the order of time. It follows; or it lags a step behind; or it follows up to a limit and no further; or it does not move; and at the end it has to be back where it began.',
  have: ['scan tool', 'actuator test', 'throttle', 'valve', 'turbocharger vanes'],
  codes: [
    'P0121-P0124',
    'P2100-P2119',
    'P0401-P0409',
    'P2563-P2565',
    'P0045-P0049',
    'P2262',
    'P0299',
    'P0638',
  ],
  source: 'Comparison step by step: common practice, no source. 5 % of the sweep when nothing is given.',
  minutes: 10,
  input: z.object({
    steps: table({
      title: 'Sweep, in the order of time',
      columns: {
        command: { given: true, title: 'Commanded', unit: ANY },
        actual: { title: 'Actual', unit: ANY },
      },
      least: 3,
    }),
    band: optional({
      given: true,
      title: 'Follows within',
      help: '5 % of the sweep when left empty',
      unit: ANY,
      above: 0,
    }),
  }),
  example: {
    steps: [
      { command: '10 %', actual: '11 %' },
      { command: '30', actual: '31' },
      { command: '50', actual: '50' },
      { command: '70', actual: '58' },
      { command: '90', actual: '58' },
      { command: '10', actual: '19' },
    ],
    band: '4 %',
  },
  run(i) {
    const first = i.steps[0]!;
    const steps = i.steps.map((s) => ({ command: commanded(s, first.actual.unit), actual: s.actual.value }));
    const commands = steps.map((s) => s.command);
    const sweep = Math.max(...commands) - Math.min(...commands);
    const band = i.band
      ? convertDifference({ value: i.band.value, unit: i.band.unit || first.actual.unit }, first.actual.unit)
          .value
      : sweep * 0.05;
    const r = followCommand(steps, Math.max(band, 1e-9));
    const f = r.following;
    const v = (x: number) => like(x, first.actual);
    const d = (x: number) => likeDifference(Math.abs(x), first.actual);
    const how: Finding = (() => {
      switch (f.how) {
        case 'follows':
          return { verdict: 'pass', because: `It follows, never more than ${d(f.worst)} away.` };
        case 'does not move':
          return { verdict: 'fail', because: `It does not move: ${v(f.at)} throughout.` };
        case 'stuck':
          return {
            verdict: 'fail',
            because: `It follows up to ${v(f.at)} and ${f.end === 'high' ? 'no higher' : 'no lower'}, though ${v(f.asked)} was asked: blocked there, or its stop has moved.`,
          };
        case 'lags':
          return {
            verdict: 'fail',
            because: `It comes ${f.steps === 1 ? 'one step' : `${f.steps} steps`} late: sluggish, sticking or short of force. Wait longer at each step to be sure.`,
          };
        case 'reversed':
          return { verdict: 'fail', because: 'It goes the other way: wires swapped, or the feedback is.' };
        case 'off':
          return {
            verdict: 'fail',
            because: `It does not follow: at ${v(f.command)} it is at ${v(f.actual)}, ${d(f.worst)} away.`,
          };
      }
    })();
    const findings: Finding[] = [{ ...how, about: 'Sweep' }];
    findings.push(
      r.rest
        ? {
            about: 'Rest',
            verdict: r.rest.returns ? 'pass' : 'fail',
            because: r.rest.returns
              ? `Back to ${v(r.rest.last)}.`
              : `It does not return: began at ${v(r.rest.first)}, ended at ${v(r.rest.last)}.`,
          }
        : {
            about: 'Rest',
            verdict: 'unsure',
            because:
              'The sweep did not come back to where it began, so whether it returns to rest was not seen. Add a last step with the first command.',
          },
    );
    return findings;
  },
  draw: (i) => ({
    kind: 'curve',
    x: '',
    y: i.steps[0]!.actual.unit,
    lines: [
      {
        name: 'commanded',
        role: 'reference',
        points: i.steps.map((s, k) => ({ x: k + 1, y: commanded(s, i.steps[0]!.actual.unit) })),
      },
      { name: 'actual', role: 'measured', points: i.steps.map((s, k) => ({ x: k + 1, y: s.actual.value })) },
    ],
  }),
});
