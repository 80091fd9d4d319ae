import { z } from 'zod';
import { convert, writeQuantity } from '@/core/readings';
import { defineCheck, type Finding } from '../contract';
import { like, optional, quantity, type Read } from '../fields';
import { zeroNotSeen } from '../zero-drop';

export default defineCheck({
  id: 'contact-drop',
  title: 'Relay and switch contact',
  question: 'Does the contact really carry the load?',
  explains:
    'A contact can click and still be burnt. With the load running the voltage across it is what it eats; open, the full supply stands across it. The click proves the coil, not the contact.',
  have: ['multimeter', 'relay', 'switch'],
  codes: ['P0230-P0232', 'P0685-P0690', 'P0480-P0485', 'P0627-P0629'],
  source:
    '0.1 V at most, 0.2 V for small switches: common practice, no source. Terminals 30 and 87: DIN 72552.',
  needs: ['load switched on'],
  minutes: 6,
  input: z.object({
    closed: quantity({
      title: 'Across it, closed',
      help: 'at a relay from 30 to 87',
      unit: 'V',
      min: -60,
      max: 60,
    }),
    open: optional({ title: 'Across it, open', unit: 'V', min: -60, max: 60 }),
    supply: quantity({ title: 'Supply', unit: 'V', above: 0, max: 60 }),
    current: optional({ title: 'Current', unit: 'A', min: 0, max: 500 }),
    limit: optional({
      given: true,
      title: 'At most',
      help: '0.1 V when left empty',
      unit: 'V',
      above: 0,
      max: 5,
    }),
  }),
  example: { closed: '1.85 V', open: '12.4 V', supply: '12.5 V', current: '9 A' },
  run(i) {
    const v = Math.abs(i.closed.value);
    const limit = i.limit?.value ?? 0.1;
    const findings: Finding[] = [];
    const across = v > 0.8 * i.supply.value;
    // The whole supply across it is no contact at all: then no current is what has to be.
    if (i.current && i.current.value < 0.1 && !across)
      return [{ verdict: 'void', because: 'No current flows, so nothing can drop. Switch the load on.' }];
    const ohms = i.current
      ? ` (${writeQuantity(convert({ value: v / i.current.value, unit: 'Ω' }, 'mΩ'), 0)})`
      : '';
    const unseen = i.current && zeroNotSeen(i.closed, i.current.value, limit);
    if (unseen) findings.push({ about: 'Closed', verdict: 'unsure', because: unseen });
    else if (v <= limit + 1e-9)
      findings.push({
        about: 'Closed',
        verdict: i.current ? 'pass' : 'unsure',
        because: `${like(v, i.closed)}${ohms} across it.${i.current ? '' : ' Note the current: without load every contact looks good.'}`,
      });
    else
      findings.push({
        about: 'Closed',
        verdict: 'fail',
        figure: like(v, i.closed),
        because: across
          ? `${like(v, i.closed)}, nearly the supply: it does not close, if it was switched on. Coil first, then contact.`
          : `${like(v, i.closed)}${ohms} across it, more than ${like(limit, i.closed)}: burnt. Replace it and look for what overloaded it.`,
      });
    if (i.open) {
      findings.push({ about: 'Open', ...openFinding(i.open, i.supply.value) });
    }
    return findings;
  },
});

/** An open contact has the whole supply across it. */
function openFinding(open: Read, supply: number): Finding {
  const across = Math.abs(open.value);
  if (across >= 0.9 * supply) return { verdict: 'pass', because: 'Opens fully.' };
  if (across < 0.1 * supply)
    return {
      verdict: 'fail',
      because: `${like(across, open)}: it does not open (welded or bridged), or no supply reaches it: read its feed.`,
    };
  return {
    verdict: 'unsure',
    because: `${like(across, open)} is only part of the supply: something feeds back from behind it.`,
  };
}
