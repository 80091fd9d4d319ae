import { z } from 'zod';
import { defineCheck, type Finding } from '../contract';
import { like, optional, quantity, type Read } from '../fields';
import { inside } from '../words';

/** What "OL" counts as. */
const OPEN = 1e7;

/** Resistance of terminators of 120 Ω in parallel: 120, 60, 40 … (ISO 11898-2 asks for two). */
export const terminators = (n: number): number => 120 / n;

export default defineCheck({
  id: 'bus-resistance',
  title: 'Bus resistance',
  question: 'Is the network’s wiring whole from end to end?',
  explains:
    'Two terminators of 120 Ω at the ends lie in parallel: 60 Ω between high and low. 120 is one of them missing, which is a break or an unplugged module; 40 is one too many; near 0 the wires touch. Measured with the network asleep and the battery off, or other voltages fool the meter.',
  have: ['multimeter', 'diagnostic socket', 'network wiring'],
  codes: ['U0001-U0010', 'U0073', 'U0100-U0199', 'U1000-U1003'],
  source: 'ISO 11898-2: 120 Ω at each end. The spread of 55 to 65 Ω: common practice, no source.',
  needs: ['battery off or network asleep'],
  minutes: 10,
  input: z.object({
    between: quantity({
      title: 'High to low',
      help: 'OL for open',
      unit: 'Ω',
      min: 0,
      max: 1e9,
      beyondAs: OPEN,
    }),
    highGround: optional({
      title: 'High to ground',
      help: 'OL for open',
      unit: 'Ω',
      min: 0,
      max: 1e9,
      beyondAs: OPEN,
    }),
    lowGround: optional({
      title: 'Low to ground',
      help: 'OL for open',
      unit: 'Ω',
      min: 0,
      max: 1e9,
      beyondAs: OPEN,
    }),
  }),
  example: { between: '118,5 Ω', highGround: 'OL', lowGround: '24 kΩ' },
  run(i) {
    const r = i.between.value;
    const says = r >= OPEN ? 'open' : like(r, i.between);
    const grounds = [
      { about: 'High to ground', read: i.highGround },
      { about: 'Low to ground', read: i.lowGround },
    ];
    const unmeasured = grounds.some((g) => !g.read);
    return [
      { ...betweenFinding(r, says, unmeasured), about: 'High to low', figure: says },
      ...grounds.flatMap(({ about, read }) => (read ? [{ about, ...groundFinding(read) }] : [])),
    ];
  },
});

/** What the resistance between both wires says of the terminators. */
function betweenFinding(r: number, says: string, unmeasured: boolean): Finding {
  if (inside(r, 55, 65))
    return {
      verdict: 'pass',
      because: `${says}: two terminators, and the pair is whole between them.${unmeasured ? ' Shorts to ground were not measured.' : ''}`,
    };
  if (r < 5)
    return {
      verdict: 'fail',
      because: `${says}: high and low touch. Unplug modules and halves of the harness until it rises.`,
    };
  if (inside(r, 108, 132))
    return {
      verdict: 'fail',
      because: `${says} is about ${terminators(1)} Ω, one terminator alone: the other one is unplugged, or the pair is broken on the way to it.`,
    };
  if (inside(r, 36, 44))
    return {
      verdict: 'fail',
      because: `${says} is about what three terminators give: a module with one fitted where none belongs.`,
    };
  if (r > 1000)
    return {
      verdict: 'fail',
      because: `${says}: no terminator in reach. Broken near the socket, or the wrong pins.`,
    };
  if (inside(r, 45, 75))
    return {
      verdict: 'unsure',
      because: `${says} is near 60 Ω but not on it: is the network asleep, are the leads zeroed?`,
    };
  return {
    verdict: 'fail',
    because: `${says} fits no number of 120 Ω terminators: resistance in a joint, water, or a damaged module.`,
  };
}

/** One wire against ground. */
function groundFinding(g: Read): Finding {
  if (g.value < 100) return { verdict: 'fail', because: `${like(g.value, g)}: shorted to ground.` };
  if (g.value < 1000)
    return {
      verdict: 'unsure',
      because: `${like(g.value, g)} is low for a resting network; unplug modules and see whether it rises.`,
    };
  return { verdict: 'pass', because: `${g.value >= OPEN ? 'open' : like(g.value, g)}: no short.` };
}
