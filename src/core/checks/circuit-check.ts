import { z } from 'zod';
import { writeQuantity } from '@/core/readings';
import { explainCircuit, type Circuit, type Probed } from '@/core/readings/circuit/truth-table';
import { drawCircuit } from './circuit-drawing';
import { defineCheck, type Check, type Finding } from './contract';
import { choice, optional, quantity, type Read } from './fields';

const LIT = ['not tried', 'works when switched on only', 'works all the time', 'never works'] as const;

type About = Pick<Check, 'codes' | 'have' | 'minutes' | 'example'> &
  Partial<Pick<Check, 'caution' | 'needs' | 'question'>>;

/**
 * Makes a check of a drawn circuit: one field per place and state, all of them optional, and the
 * substitution test where the circuit has one. Expected values and the faults that explain what
 * was found come from the circuit's own physics.
 *
 * @param circuit the drawing
 * @param about codes, tools and an example
 */
export function circuitCheck(circuit: Circuit, about: About): Check {
  const cells = circuit.nodes.flatMap((node) =>
    circuit.states.map((state) => ({ node, state, name: `${node.id}_${state.id}` })),
  );
  const input = z.object({
    supply: quantity({ title: circuit.supply.label, unit: 'V', above: 0, max: 60 }),
    ...Object.fromEntries(
      cells.map((c) => [
        c.name,
        optional({ title: `${c.node.label}, ${c.state.label}`, unit: 'V', min: -60, max: 100 }),
      ]),
    ),
    ...(circuit.substitute
      ? { substitute: choice({ title: capital(circuit.substitute.name), options: LIT }) }
      : {}),
  });
  type Input = Record<string, Read | string | undefined>;
  const found = (i: Input): Probed[] =>
    cells.flatMap((c) => {
      const r = i[c.name];
      return r && typeof r !== 'string' ? [{ node: c.node.id, state: c.state.id, volts: r.value }] : [];
    });
  const lit = (i: Input): Record<string, boolean> => {
    switch (i.substitute) {
      case 'works when switched on only':
        return { off: false, on: true };
      case 'works all the time':
        return { off: true, on: true };
      case 'never works':
        return { off: false, on: false };
      default:
        return {};
    }
  };
  const name = (p: { node: string; state: string }) => {
    const c = cells.find((x) => x.node.id === p.node && x.state.id === p.state)!;
    return `${lower(c.node.label)}, ${c.state.label}`;
  };
  return defineCheck({
    id: circuit.id,
    title: circuit.title,
    question:
      about.question ?? 'Feed, part, wire, driver or ground: which single fault explains what is found?',
    explains: circuit.explains,
    have: about.have,
    codes: about.codes,
    source:
      'Each fault is put into the drawn circuit and solved by Kirchhoff’s laws with a 10 MΩ meter; the values of the parts are typical, common practice, no source.',
    needs: about.needs ?? ['leads proven on the battery first'],
    ...(about.caution ? { caution: about.caution } : {}),
    minutes: about.minutes,
    input,
    example: about.example,
    run(i): Finding[] {
      const supply = (i.supply as Read).value;
      const probes = found(i as Input);
      if (probes.length === 0)
        return [{ verdict: 'unsure', because: 'Nothing measured yet: begin with the feed.' }];
      const r = explainCircuit(circuit, supply, probes, lit(i as Input));
      const tryPart =
        r.substitute && circuit.substitute ? ` Try ${circuit.substitute.name}: it would tell.` : '';
      const next = r.next ? ` Measure next: ${name(r.next)}.` : tryPart;
      const names = r.explains.map((f) => f.name);
      const unseen = circuit.faults
        .flatMap((f) => (f.unseen ? [` Voltages do not show ${f.name}: measure ${f.unseen}.`] : []))
        .join('');
      if (r.healthy)
        return [
          {
            verdict: names.length === 0 ? 'pass' : 'unsure',
            because:
              names.length === 0
                ? `All that was measured is as it has to be; none of the single faults drawn here gives these readings.${unseen}`
                : `As it has to be so far, but ${list(names)} would read the same.${next}`,
          },
        ];
      const wrong = r.wrong.map((p) => `${name(p)}: ${writeQuantity({ value: p.volts, unit: 'V' }, 1)}`);
      const because = wrong.length ? `${capital(wrong.join('; '))} cannot be in a good circuit. ` : '';
      if (names.length === 1)
        return [
          { verdict: 'fail', figure: names[0]!, because: `${because}One fault explains it: ${names[0]}.` },
        ];
      if (names.length > 1)
        return [{ verdict: 'fail', because: `${because}It is one of: ${list(names)}.${next}` }];
      return [
        {
          verdict: 'unsure',
          because: `${because}No single fault explains it all: check the leads on the battery, read again, or there are two faults.`,
        },
      ];
    },
    outline: () => drawCircuit(circuit, circuit.supply.usual),
    draw(i) {
      const supply = (i.supply as Read).value;
      const probes = found(i as Input);
      const result = probes.length > 0 ? explainCircuit(circuit, supply, probes, lit(i as Input)) : undefined;
      return drawCircuit(circuit, supply, probes, result);
    },
  });
}

const capital = (s: string) => s.charAt(0).toUpperCase() + s.slice(1);
const lower = (s: string) => s.charAt(0).toLowerCase() + s.slice(1);
const list = (names: string[]) =>
  names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} or ${names.at(-1)}`;
