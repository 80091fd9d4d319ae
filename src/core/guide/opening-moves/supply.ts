import type { Circumstances, Opening } from './circumstances';

/** First moves for supply, modules and the network. Common practice, no source, but where a source is named. */

const LEADS = 'leads on the battery first: battery voltage';
const feed = (c: Circumstances) => (c.volts24 ? '≥ 23 V' : '≥ 11.5 V');

/**
 * First moves for codes of supply voltage. Common practice, no source.
 *
 * @param c the vehicle (24 V systems have twice the limits) and what is known of the case
 * @returns what to say first, and tests in the order of their minutes
 */
export function voltageOpening(c: Circumstances): Opening {
  const k = c.volts24 ? 2 : 1;
  const v = (volts: number) => Number((volts * k).toFixed(1));
  return {
    says: `Battery, charging and grounds first; nothing else can be believed until the supply is right.${c.volts24 ? ' A 24 V system is two batteries: measure each.' : ''} An alternator that charges on demand may rest for minutes: load it, and leave the battery sensor plugged in.`,
    moves: [
      {
        question: 'Does the battery hold at rest and under load?',
        setup: 'clamps on the posts, not on the terminals',
        conditions: ['rested 2 h, or surface charge drawn off', 'battery near 20 °C'],
        minutes: 15,
        readings: [
          { label: 'at rest', limit: `≥ ${v(12.4)} V` },
          { label: 'while cranking', limit: `≥ ${v(9.6)} V` },
        ],
      },
      {
        question: 'Does it charge at 1500 rpm with lights, heater and blower on?',
        minutes: 10,
        readings: [{ label: 'with load', limit: `${v(13.2)}–${v(15.2)} V` }],
      },
      {
        question: 'What is lost on the ground side under load?',
        conditions: ['cranking'],
        minutes: 10,
        readings: [{ label: 'engine block to battery minus', limit: `≤ ${v(0.3)} V` }],
      },
    ],
  };
}

/**
 * First moves for codes of communication. Common practice, no source.
 *
 * @param c the vehicle and what is known of the case
 * @returns what to say first, and tests in the order of their minutes
 */
export function communicationOpening(c: Circumstances): Opening {
  return {
    says: 'Go to the module everybody misses: feed, ground, then the bus. Leave the ones that complain alone.',
    moves: [
      {
        question: 'Is the silent module fed?',
        conditions: ['key on', 'probed at its own plug'],
        setup: LEADS,
        minutes: 25,
        readings: [
          { label: 'supply to battery minus', limit: feed(c) },
          { label: 'its ground to battery minus', limit: '≤ 100 mV' },
        ],
      },
      {
        // ISO 11898-2: 120 Ω at each end of a high-speed CAN bus. Low-speed CAN, LIN and others end otherwise.
        question: 'Is the data bus whole?',
        conditions: ['battery off', 'high-speed CAN bus: others have no 60 Ω'],
        setup: 'leads touched: near 0 Ω',
        minutes: 10,
        readings: [{ label: 'resistance between the lines of the high-speed CAN bus', limit: '55–65 Ω' }],
      },
      {
        question: 'Does the bus come alive when one module after another is unplugged?',
        minutes: 30,
        readings: [{ label: 'unplugged when it came back', limit: 'none' }],
      },
    ],
  };
}

/**
 * First moves for codes of a module's own failure. Common practice, no source.
 *
 * @param c the vehicle and what is known of the case
 * @returns what to say first, and tests in the order of their minutes
 */
export function internalOpening(c: Circumstances): Opening {
  return {
    says: 'Before a module is condemned: its feeds and grounds under load, and its software.',
    moves: [
      {
        question: 'Are all feeds and grounds of the module good under load?',
        conditions: ['key on', 'module unplugged, a lamp of 5 to 20 W as load at its plug'],
        setup: LEADS,
        minutes: 25,
        readings: [
          { label: 'each feed', limit: feed(c) },
          { label: 'each ground to battery minus', limit: '≤ 100 mV' },
        ],
      },
      {
        question: 'Does it come straight back after a clear and a key cycle?',
        minutes: 10,
        readings: [{ label: 'after the key cycle' }],
      },
    ],
  };
}
