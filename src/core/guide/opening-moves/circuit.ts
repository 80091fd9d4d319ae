import type { Circumstances, Move, Opening } from './circumstances';

/** What circuit codes ask for first. Common practice, no source. */

const LEADS = 'leads on the battery first: battery voltage';

const CONNECTOR: Move = {
  question: 'Is the connector seated, latched and dry, and do its pins hold?',
  minutes: 10,
  readings: [
    { label: 'connector', limit: 'latched, clean, dry' },
    { label: 'pins, pulled lightly', limit: 'hold' },
  ],
};

/**
 * How much has to be there of what a part is fed with. A sensor of two wires is pulled up and pulls down what it
 * gets, an oxygen sensor gives its own voltage: neither has a supply to measure plugged in.
 */
const supplyOf = (c: Circumstances): string | undefined => {
  if (c.wiring === 'actuator') return c.volts24 ? '≥ 23 V' : '≥ 11.5 V';
  return c.wiring === 'supplied sensor' ? '4.8–5.2 V' : undefined;
};

const FED = (c: Circumstances): Move => ({
  question: 'Does the part get its supply and ground, under load?',
  conditions: ['key on', 'part plugged in, probed from behind'],
  setup: LEADS,
  minutes: 15,
  readings: [
    { label: 'supply to battery minus', ...(supplyOf(c) ? { limit: supplyOf(c)! } : {}) },
    { label: 'drop from its ground to battery minus', limit: '≤ 100 mV' },
  ],
});

const WIRE: Move = {
  question: 'Is its wire whole to the module?',
  conditions: ['power off, battery minus off', 'both ends unplugged'],
  setup: 'leads touched: near 0 Ω',
  minutes: 20,
  readings: [
    { label: 'wire end to end', limit: '≤ 2 Ω' },
    { label: 'wire to body', limit: '≥ 1 MΩ' },
  ],
};

const MOVES_WHEN: Move = {
  question: 'Does the signal move when it should?',
  conditions: ['key on'],
  setup: LEADS,
  minutes: 15,
  readings: [{ label: 'signal at rest' }, { label: 'signal when the part is moved, warmed or pressed' }],
};

const COIL: Move = {
  question: 'What is the resistance of the part itself?',
  conditions: ['power off', 'part unplugged'],
  setup: 'leads touched: near 0 Ω',
  minutes: 10,
  readings: [{ label: 'across the part' }, { label: 'either pin to its housing', limit: '≥ 1 MΩ' }],
};

const LAMP: Move = {
  question: 'Does a test lamp in place of the part light when it is commanded?',
  conditions: ['part unplugged', 'commanded by the tool'],
  setup: 'lamp on the battery first: lights',
  minutes: 15,
  readings: [
    { label: 'lamp, commanded on', limit: 'lights' },
    { label: 'lamp, commanded off', limit: 'dark' },
  ],
};

/** Only a wire that is fed through a resistor may be bridged to ground. */
const BRIDGE: Move = {
  question: 'Does the value shown go to the other end with signal and sensor ground bridged at the plug?',
  conditions: ['key on', 'sensor unplugged', 'bridged signal to sensor ground, never to battery'],
  minutes: 10,
  readings: [{ label: 'value shown, bridged' }, { label: 'value shown, open' }],
};

const driven = (says: string, c: Circumstances): Opening => ({
  says,
  moves: [CONNECTOR, FED(c), COIL, LAMP, WIRE],
});

/**
 * First moves for codes of a circuit.
 *
 * @param kind how the circuit is off; `circuit` when that is not said
 * @param c what sort of circuit it is, as far as it is known
 */
export function circuitOpening(
  kind: 'circuit' | 'circuit open' | 'circuit low' | 'circuit high',
  c: Circumstances,
): Opening {
  return OPENINGS[kind](c);
}

const OPENINGS: Record<
  'circuit' | 'circuit open' | 'circuit low' | 'circuit high',
  (c: Circumstances) => Opening
> = {
  circuit: (c) =>
    c.wiring === 'actuator'
      ? driven(
          'A circuit code is about wires, pins and supply before it is about the part. Never bridge a driven wire.',
          c,
        )
      : {
          says: 'A circuit code is about wires, pins and supply before it is about the part.',
          moves: [CONNECTOR, FED(c), MOVES_WHEN, WIRE],
        },
  'circuit open': (c) =>
    c.wiring === 'actuator'
      ? driven(
          'Open: look for what is unplugged, broken or burnt through. A driven wire is never bridged; a lamp in place of the part tells part from wire.',
          c,
        )
      : {
          says: 'Open: look for what is unplugged, broken or burnt through.',
          moves: [CONNECTOR, ...(c.wiring === 'two-wire sensor' ? [BRIDGE] : []), WIRE, FED(c)],
        },
  'circuit low': (c) =>
    c.wiring === 'actuator'
      ? driven(
          'Low: the feed is missing, the driven wire is shorted to ground, or, as many controllers see it, open. Unplug the part and see what the code becomes.',
          c,
        )
      : {
          says: 'Low: a short to ground, or a supply that is missing. Unplug the part and see whether it stays low.',
          moves: [
            {
              question: 'Does the signal stay low with the part unplugged?',
              conditions: ['key on', 'part unplugged'],
              setup: LEADS,
              expectation:
                c.wiring === 'two-wire sensor'
                  ? 'it jumps to the supply: the wire is fed through a resistor'
                  : 'a controller that pulls the signal up shows high, one that pulls it down shows low',
              minutes: 10,
              readings: [
                { label: 'signal wire at the plug' },
                ...(c.wiring === 'supplied sensor'
                  ? [{ label: 'supply wire at the plug', limit: '4.8–5.2 V' }]
                  : []),
              ],
            },
            { ...WIRE, question: 'Is the signal wire touching ground?' },
            CONNECTOR,
          ],
        },
  'circuit high': (c) => {
    if (c.wiring === 'actuator')
      return driven(
        'High: the driven wire is shorted to battery, or the part is shorted inside and draws too much. Never bridge it.',
        c,
      );
    if (c.wiring === 'two-wire sensor')
      return {
        says: 'High: the controller pulls this wire up, so that an open wire, an unplugged plug or an open sensor is always high, and the usual cause. Unplugged it has to be high.',
        moves: [CONNECTOR, BRIDGE, WIRE],
      };
    return {
      says: 'High: the sensor’s ground is missing, or the signal touches a supply; where the controller pulls the signal up, an open wire reads high too.',
      moves: [
        {
          question: 'Is the sensor’s ground good while it is plugged in?',
          conditions: ['key on'],
          setup: LEADS,
          minutes: 10,
          readings: [{ label: 'sensor ground to battery minus', limit: '≤ 100 mV' }],
        },
        {
          question: 'What does the signal wire show with the part unplugged?',
          conditions: ['key on', 'part unplugged'],
          setup: LEADS,
          expectation: 'high says nothing where the controller pulls it up: then the wire is open, or was',
          minutes: 10,
          readings: [{ label: 'signal wire at the plug' }],
        },
        CONNECTOR,
        WIRE,
      ],
    };
  },
};
