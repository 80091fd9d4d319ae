import { z } from 'zod';
import { defineCheck, type Finding } from '../contract';
import { choice, like, likeDifference, optional, quantity } from '../fields';
import { inside } from '../words';

const CONTROL = ['not known', 'fixed regulator', 'on demand (battery sensor)'] as const;

export default defineCheck({
  id: 'charging-voltage',
  title: 'Charging voltage and ripple',
  question: 'Does the generator charge, under load too, and smoothly?',
  explains:
    'Running voltage has to lie clearly above rest and hold when lights, heater and blower are on. Alternating voltage on top means broken diodes. Systems that charge on demand may show rest voltage for minutes: force them with a load.',
  have: ['multimeter', 'battery', 'generator'],
  codes: ['P0562', 'P0563', 'P0620-P0622', 'P0625', 'P065A', 'U3003'],
  source:
    '13.5 to 14.9 V running, 13.2 V under load, ripple up to 0.5 V AC on the posts of a 12 V system with a usual meter: common practice, no source. A maker’s figure goes first.',
  needs: ['engine at 1500 rpm', 'measured on the battery posts'],
  caution: 'turning belts; never take the battery off a running engine',
  minutes: 8,
  input: z.object({
    system: choice({ given: true, title: 'System', options: ['12 V', '24 V'] }),
    rest: quantity({ title: 'At rest', unit: 'V', min: 0, max: 40 }),
    running: quantity({ title: 'Running, no load', unit: 'V', min: 0, max: 60 }),
    loaded: optional({ title: 'Running, everything on', unit: 'V', min: 0, max: 60 }),
    ripple: optional({ title: 'Ripple, AC', unit: 'V', min: 0, max: 20 }),
    control: choice({ given: true, title: 'Charging', options: CONTROL }),
    smooth: optional({
      given: true,
      title: 'Ripple at most',
      help: '0.5 V (24 V system: 1 V) when left empty',
      unit: 'V',
      above: 0,
      max: 10,
    }),
  }),
  example: { system: '12 V', rest: '12.4 V', running: '14,2 V', loaded: '12.6 V', ripple: '880 mV' },
  run(i) {
    const k = i.system === '12 V' ? 1 : 2;
    const findings: Finding[] = [];
    const rise = i.running.value - i.rest.value;
    // Charging on demand rests a full battery and gives a cold one more than any fixed regulator does.
    const onDemand = i.control !== CONTROL[1];
    const holdsLoaded = i.loaded !== undefined && i.loaded.value >= 13.2 * k - 1e-9;
    if (i.running.value > 15 * k && i.running.value <= 15.5 * k && onDemand)
      findings.push({
        about: 'Running',
        verdict: 'unsure',
        because: `${like(i.running.value, i.running)} is more than a fixed regulator gives; one that charges on demand goes there for a cold battery. Ask the scan tool what is commanded.`,
      });
    else if (i.running.value > 15 * k)
      findings.push({
        about: 'Running',
        verdict: 'fail',
        because: `${like(i.running.value, i.running)} is too much: it cooks the battery and sets codes. Regulator, or its sensing wire.`,
      });
    else if (inside(i.running.value, 13.5 * k, 15 * k) && (rise < 0 || rise > 4 * k))
      findings.push({
        about: 'Running',
        verdict: 'unsure',
        because:
          rise < 0
            ? `${like(i.running.value, i.running)} is less than the ${like(i.rest.value, i.rest)} at rest: surface charge, or one of the two was not read at the posts. Draw the surface charge off and read both again.`
            : `${like(i.running.value, i.running)} would charge, but ${like(i.rest.value, i.rest)} at rest is a battery deeply discharged or damaged, or was not read at its posts. Charge it and read both again.`,
      });
    else if (inside(i.running.value, 13.5 * k, 15 * k))
      findings.push({
        about: 'Running',
        verdict: 'pass',
        because: `${like(i.running.value, i.running)}, ${likeDifference(rise, i.running)} above rest.`,
      });
    else
      findings.push({
        about: 'Running',
        verdict: rise >= 0.3 * k || (onDemand && (holdsLoaded || !i.loaded)) ? 'unsure' : 'fail',
        because:
          rise >= 0.3 * k
            ? `${like(i.running.value, i.running)}: charges a little. Load it, or ask the scan tool what is commanded.`
            : onDemand && (holdsLoaded || !i.loaded)
              ? `${like(i.running.value, i.running)} is no more than rest${holdsLoaded ? ', but it charges under load: it rests, as one that charges on demand does' : ': it rests, or does not charge. Switch everything on and read again'}.`
              : `${like(i.running.value, i.running)} is no more than rest: it does not charge. Belt, excitation, fuse link, brushes.`,
      });
    const open = [...(i.loaded ? [] : ['under load']), ...(i.ripple ? [] : ['ripple'])];
    if (open.length && findings[0]?.verdict === 'pass')
      findings.push({
        about: 'Not measured',
        verdict: 'unsure',
        because: `${open.join(' and ')}: a lost phase or diode shows only there.`,
      });
    if (i.loaded) {
      const holds = i.loaded.value >= 13.2 * k - 1e-9;
      // As without load: over 15 V only one that charges on demand may go, over 15.5 V none.
      const high = i.loaded.value > 15 * k + 1e-9;
      const tooMuch = i.loaded.value > 15.5 * k + 1e-9 || (high && !onDemand);
      findings.push({
        about: 'Under load',
        verdict: tooMuch || !holds ? 'fail' : high ? 'unsure' : 'pass',
        because: tooMuch
          ? `${like(i.loaded.value, i.loaded)} with everything on is too much: regulator, or its sensing wire.`
          : high
            ? `${like(i.loaded.value, i.loaded)} with everything on is more than a fixed regulator gives. Ask the scan tool what is commanded.`
            : holds
              ? `Holds ${like(i.loaded.value, i.loaded)} with everything on.`
              : `Falls to ${like(i.loaded.value, i.loaded)} with everything on: a phase lost, the belt slips, or a cable drops the rest.`,
      });
    }
    if (i.ripple) {
      const none = i.ripple.value === 0;
      const smooth = i.ripple.value <= (i.smooth?.value ?? 0.5 * k) + 1e-9;
      findings.push({
        about: 'Ripple',
        verdict: none ? 'unsure' : smooth ? 'pass' : 'fail',
        because: none
          ? `${like(i.ripple.value, i.ripple)} AC: even a good alternator ripples a little. Is the meter on AC and on the posts?`
          : smooth
            ? `${like(i.ripple.value, i.ripple)} AC is smooth enough.`
            : `${like(i.ripple.value, i.ripple)} AC: a diode is gone; modules will complain all over.`,
      });
    }
    return findings;
  },
});
