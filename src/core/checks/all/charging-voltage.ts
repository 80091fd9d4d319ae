import { z } from 'zod';
import { defineCheck, type Finding } from '../contract';
import { choice, like, likeDifference, optional, quantity, type Read } from '../fields';
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
    const findings: Finding[] = [{ about: 'Running', ...runningFinding(i, k) }];
    const open = [...(i.loaded ? [] : ['under load']), ...(i.ripple ? [] : ['ripple'])];
    if (open.length && findings[0]?.verdict === 'pass')
      findings.push({
        about: 'Not measured',
        verdict: 'unsure',
        because: `${open.join(' and ')}: a lost phase or diode shows only there.`,
      });
    if (i.loaded) findings.push({ about: 'Under load', ...loadedFinding(i.loaded, k, onDemand(i)) });
    if (i.ripple) findings.push({ about: 'Ripple', ...rippleFinding(i.ripple, i.smooth?.value ?? 0.5 * k) });
    return findings;
  },
});

interface Charging {
  rest: Read;
  running: Read;
  loaded?: Read | undefined;
  control: string;
}

/** Charging on demand rests a full battery and gives a cold one more than any fixed regulator does. */
const onDemand = (i: Charging): boolean => i.control !== CONTROL[1];

/** Enough under load, in volts for one 12 V battery. */
const HOLDS = 13.2;

/** What the voltage says with the engine running; `k` is 2 for 24 V. */
function runningFinding(i: Charging, k: number): Finding {
  const { running, rest } = i;
  const says = like(running.value, running);
  const rise = running.value - rest.value;
  if (running.value > 15 * k && running.value <= 15.5 * k && onDemand(i))
    return {
      verdict: 'unsure',
      because: `${says} is more than a fixed regulator gives; one that charges on demand goes there for a cold battery. Ask the scan tool what is commanded.`,
    };
  if (running.value > 15 * k)
    return {
      verdict: 'fail',
      because: `${says} is too much: it cooks the battery and sets codes. Regulator, or its sensing wire.`,
    };
  if (!inside(running.value, 13.5 * k, 15 * k)) return hardlyCharges(i, k, says, rise);
  if (rise < 0)
    return {
      verdict: 'unsure',
      because: `${says} is less than the ${like(rest.value, rest)} at rest: surface charge, or one of the two was not read at the posts. Draw the surface charge off and read both again.`,
    };
  if (rise > 4 * k)
    return {
      verdict: 'unsure',
      because: `${says} would charge, but ${like(rest.value, rest)} at rest is a battery deeply discharged or damaged, or was not read at its posts. Charge it and read both again.`,
    };
  return { verdict: 'pass', because: `${says}, ${likeDifference(rise, running)} above rest.` };
}

/** Below what any regulator gives: little, not now, or not at all. */
function hardlyCharges(i: Charging, k: number, says: string, rise: number): Finding {
  if (rise >= 0.3 * k)
    return {
      verdict: 'unsure',
      because: `${says}: charges a little. Load it, or ask the scan tool what is commanded.`,
    };
  const none = `${says} is no more than rest`;
  if (onDemand(i) && i.loaded && i.loaded.value >= HOLDS * k - 1e-9)
    return {
      verdict: 'unsure',
      because: `${none}, but it charges under load: it rests, as one that charges on demand does.`,
    };
  if (onDemand(i) && !i.loaded)
    return {
      verdict: 'unsure',
      because: `${none}: it rests, or does not charge. Switch everything on and read again.`,
    };
  return {
    verdict: 'fail',
    because: `${none}: it does not charge. Belt, excitation, fuse link, brushes.`,
  };
}

/** As without load: over 15 V only one that charges on demand may go, over 15.5 V none. */
function loadedFinding(loaded: Read, k: number, demand: boolean): Finding {
  const says = `${like(loaded.value, loaded)} with everything on`;
  const high = loaded.value > 15 * k + 1e-9;
  if (loaded.value > 15.5 * k + 1e-9 || (high && !demand))
    return { verdict: 'fail', because: `${says} is too much: regulator, or its sensing wire.` };
  if (high)
    return {
      verdict: 'unsure',
      because: `${says} is more than a fixed regulator gives. Ask the scan tool what is commanded.`,
    };
  if (loaded.value >= HOLDS * k - 1e-9) return { verdict: 'pass', because: `Holds ${says}.` };
  return {
    verdict: 'fail',
    because: `Falls to ${says}: a phase lost, the belt slips, or a cable drops the rest.`,
  };
}

function rippleFinding(ripple: Read, smooth: number): Finding {
  const says = `${like(ripple.value, ripple)} AC`;
  if (ripple.value === 0)
    return {
      verdict: 'unsure',
      because: `${says}: even a good alternator ripples a little. Is the meter on AC and on the posts?`,
    };
  if (ripple.value <= smooth + 1e-9) return { verdict: 'pass', because: `${says} is smooth enough.` };
  return { verdict: 'fail', because: `${says}: a diode is gone; modules will complain all over.` };
}
