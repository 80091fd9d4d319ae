import type { CodeKind } from '@/core/codes';

/** A test as a procedure proposes it: what is asked, what must hold, what is read against what. */
export interface Move {
  question: string;
  conditions?: string[];
  setup?: string;
  caution?: string;
  expectation?: string;
  minutes: number;
  readings: { label: string; limit?: string }[];
}

const LEADS = 'leads on the battery first: battery voltage';

const CIRCUIT: Move[] = [
  {
    question: 'Is the connector seated, latched and dry, and do its pins hold?',
    minutes: 10,
    readings: [
      { label: 'connector', limit: 'latched, clean, dry' },
      { label: 'pins, pulled lightly', limit: 'hold' },
    ],
  },
  {
    question: 'Does the part get its supply and ground, under load?',
    conditions: ['key on', 'part plugged in, probed from behind'],
    setup: LEADS,
    minutes: 15,
    readings: [
      { label: 'supply to battery minus' },
      { label: 'drop from its ground to battery minus', limit: '≤ 100 mV' },
    ],
  },
  {
    question: 'Does the signal move when it should, and is its wire whole to the module?',
    conditions: ['key on'],
    setup: LEADS,
    minutes: 20,
    readings: [
      { label: 'signal at rest' },
      { label: 'signal when the part is moved, warmed or pressed' },
      { label: 'signal wire end to end', limit: '≤ 2 Ω' },
    ],
  },
];

/**
 * What each kind of code asks for first, while the shop has no experience of its own with it.
 * Common practice, no source.
 */
export const OPENING_MOVES: Record<CodeKind, { says: string; moves: Move[] }> = {
  circuit: {
    says: 'A circuit code is about wires, pins and supply before it is about the part.',
    moves: CIRCUIT,
  },
  'circuit open': {
    says: 'Open: look for what is unplugged, broken or burnt through. Bridge it, and the reading must go to the other end.',
    moves: [
      CIRCUIT[0]!,
      {
        question:
          'Does the reading go to the other end of its scale with signal and ground bridged at the plug?',
        conditions: ['key on', 'part unplugged'],
        minutes: 10,
        readings: [{ label: 'value shown, bridged' }, { label: 'value shown, open' }],
      },
      CIRCUIT[1]!,
    ],
  },
  'circuit low': {
    says: 'Low: a short to ground, or a supply that is missing. Unplug the part and see whether it stays low.',
    moves: [
      {
        question: 'Does the signal stay low with the part unplugged?',
        conditions: ['key on', 'part unplugged'],
        setup: LEADS,
        minutes: 10,
        readings: [
          { label: 'signal wire at the plug' },
          { label: 'supply wire at the plug', limit: '4.8–5.2 V' },
        ],
      },
      {
        question: 'Is the signal wire touching ground?',
        conditions: ['battery off', 'both ends unplugged'],
        setup: 'leads touched: near 0 Ω',
        minutes: 15,
        readings: [{ label: 'signal wire to body', limit: '≥ 1 MΩ' }],
      },
      CIRCUIT[0]!,
    ],
  },
  'circuit high': {
    says: 'High: a short to supply, or a ground that is missing.',
    moves: [
      {
        question: 'Is the sensor’s ground good while it is plugged in?',
        conditions: ['key on'],
        setup: LEADS,
        minutes: 10,
        readings: [{ label: 'sensor ground to battery minus', limit: '≤ 100 mV' }],
      },
      {
        question: 'Does the signal stay high with the part unplugged?',
        conditions: ['key on', 'part unplugged'],
        minutes: 10,
        readings: [{ label: 'signal wire at the plug' }],
      },
      CIRCUIT[0]!,
    ],
  },
  'range or performance': {
    says: 'The circuit works and the value is not believed. Compare it with what it must agree with before doubting the part.',
    moves: [
      {
        question: 'Does it agree with its siblings after a night’s rest?',
        conditions: ['stood overnight, key on, engine off'],
        minutes: 10,
        readings: [{ label: 'this value' }, { label: 'the one it must agree with' }],
      },
      {
        question: 'Does it show what is applied to it?',
        setup: 'tool against a second gauge',
        minutes: 20,
        readings: [
          { label: 'applied, low' },
          { label: 'shown, low' },
          { label: 'applied, high' },
          { label: 'shown, high' },
        ],
      },
      {
        question: 'Is what it measures really as it says: blocked, leaking or worn?',
        minutes: 20,
        readings: [{ label: 'measured with a tool of one’s own' }],
      },
    ],
  },
  intermittent: {
    says: 'Make it happen: shake, heat, wet, load. A good reading while it works says nothing.',
    moves: [
      {
        question: 'Does moving the loom and the connector bring it on?',
        conditions: ['signal watched live'],
        minutes: 20,
        readings: [{ label: 'while moved', limit: 'steady' }],
      },
      {
        question: 'Does it come with heat, cold or water?',
        conditions: ['fault present'],
        minutes: 40,
        readings: [{ label: 'at the moment it is dead' }],
      },
    ],
  },
  'mechanical limit': {
    says: 'Something does not go where it is sent. Command it and watch, cold and hot, and see whether it comes back to rest.',
    moves: [
      {
        question: 'Does it run its whole way, and come back to rest?',
        conditions: ['engine warm'],
        minutes: 15,
        readings: [{ label: 'at rest' }, { label: 'at full command' }, { label: 'back at rest' }],
      },
      {
        question: 'Does it move freely by hand with the drive taken off?',
        minutes: 25,
        readings: [{ label: 'movement', limit: 'free over the whole way' }],
      },
      {
        question: 'Is what drives it good: oil pressure, vacuum, voltage?',
        minutes: 20,
        readings: [{ label: 'drive at full command' }],
      },
    ],
  },
  misfire: {
    says: 'Move what moves easily: coil, then plug. Follows: the part. Stays: compression, then injector.',
    moves: [
      {
        question: 'Does the misfire follow the coil to another cylinder?',
        minutes: 15,
        readings: [{ label: 'misfire after the swap' }],
      },
      {
        question: 'Do the cylinders compress alike?',
        conditions: ['at the temperature at which it misfires', 'battery above 12 V'],
        minutes: 30,
        readings: [
          { label: 'cylinder 1' },
          { label: 'cylinder 2' },
          { label: 'cylinder 3' },
          { label: 'cylinder 4' },
        ],
      },
      {
        question: 'Do the injectors deliver alike?',
        minutes: 25,
        caution: 'fuel under pressure',
        readings: [
          { label: 'drop, injector 1' },
          { label: 'drop, injector 2' },
          { label: 'drop, injector 3' },
          { label: 'drop, injector 4' },
        ],
      },
    ],
  },
  mixture: {
    says: 'Trim at idle against trim at speed: worse at idle is air getting in, worse at speed is fuel missing.',
    moves: [
      {
        question: 'Is it lean at idle only, or everywhere?',
        conditions: ['coolant above 80 °C', 'no demand, no air conditioning'],
        minutes: 10,
        readings: [
          { label: 'long-term trim at idle', limit: '-10..10 %' },
          { label: 'long-term trim at 2500 rpm', limit: '-10..10 %' },
        ],
      },
      {
        question: 'Where does smoke come out with the intake at low pressure?',
        setup: 'smoke seen at an opened hose first',
        minutes: 25,
        readings: [{ label: 'smoke seen', limit: 'nowhere' }],
      },
      {
        question: 'Does the fuel pressure hold under load?',
        caution: 'fuel under pressure',
        minutes: 20,
        readings: [{ label: 'at idle' }, { label: 'at full load' }],
      },
    ],
  },
  'leak or flow': {
    says: 'Close it off and see: pressure held, smoke seen, flow measured. First prove the valve can be driven.',
    moves: [
      {
        question: 'Does it hold pressure?',
        setup: 'tester on its own blank: holds',
        minutes: 20,
        readings: [{ label: 'drop in 60 s' }],
      },
      {
        question: 'Where does smoke come out?',
        setup: 'smoke seen at an opened hose first',
        minutes: 25,
        readings: [{ label: 'smoke seen', limit: 'nowhere' }],
      },
      {
        question: 'Does the valve open and close when told to?',
        minutes: 15,
        readings: [{ label: 'flow, told open' }, { label: 'flow, told closed' }],
      },
    ],
  },
  efficiency: {
    says: 'The thing judged may be good and the judge wrong: leaks before the sensor, the sensor itself, then the part.',
    moves: [
      {
        question: 'Is the exhaust tight up to the last sensor?',
        conditions: ['exhaust cold'],
        minutes: 20,
        readings: [{ label: 'smoke seen', limit: 'nowhere' }],
      },
      {
        question: 'Do the sensors before and after tell the truth?',
        minutes: 20,
        readings: [{ label: 'before' }, { label: 'after' }],
      },
      {
        question: 'What does it do at working temperature?',
        conditions: ['part at working temperature, steady load, 3 min'],
        minutes: 20,
        readings: [{ label: 'in' }, { label: 'out' }],
      },
    ],
  },
  communication: {
    says: 'Go to the module everybody misses: feed, ground, then the bus. Leave the ones that complain alone.',
    moves: [
      {
        question: 'Is the silent module fed?',
        conditions: ['key on', 'probed at its own plug'],
        setup: LEADS,
        minutes: 25,
        readings: [
          { label: 'supply to battery minus', limit: '≥ 11.5 V' },
          { label: 'its ground to battery minus', limit: '≤ 100 mV' },
        ],
      },
      {
        question: 'Is the data bus whole?',
        conditions: ['battery off'],
        setup: 'leads touched: near 0 Ω',
        minutes: 10,
        readings: [{ label: 'resistance between bus lines', limit: '55–65 Ω' }],
      },
      {
        question: 'Does the bus come alive when one module after another is unplugged?',
        minutes: 30,
        readings: [{ label: 'unplugged when it came back', limit: 'none' }],
      },
    ],
  },
  'data invalid': {
    says: 'The module named has the fault, not the one that reports it. Read the sender’s own codes first.',
    moves: [
      {
        question: 'What does the sending module say of itself?',
        minutes: 10,
        readings: [{ label: 'its own codes', limit: 'none' }],
      },
    ],
  },
  configuration: {
    says: 'Ask what was replaced, unplugged or run flat. Nothing is measured before that is known.',
    moves: [
      {
        question: 'Was a module, a battery or a sensor changed, and was it taught afterwards?',
        minutes: 10,
        readings: [{ label: 'changed lately', limit: 'nothing' }],
      },
      {
        question: 'Do part number, software and coding fit this vehicle?',
        minutes: 20,
        readings: [
          { label: 'part number fits', limit: 'yes' },
          { label: 'coding fits', limit: 'yes' },
        ],
      },
    ],
  },
  'internal failure': {
    says: 'Before a module is condemned: its feeds and grounds under load, and its software.',
    moves: [
      {
        question: 'Are all feeds and grounds of the module good under load?',
        conditions: ['key on', 'a lamp of 20 W or more as load'],
        setup: LEADS,
        minutes: 25,
        readings: [
          { label: 'each feed', limit: '≥ 11.5 V' },
          { label: 'each ground to battery minus', limit: '≤ 100 mV' },
        ],
      },
      {
        question: 'Does it come straight back after a clear and a key cycle?',
        minutes: 10,
        readings: [{ label: 'after the key cycle' }],
      },
    ],
  },
  voltage: {
    says: 'Battery, charging and grounds first; nothing else can be believed until the supply is right.',
    moves: [
      {
        question: 'Does the battery hold at rest and under load?',
        setup: 'clamps on the posts, not on the terminals',
        minutes: 15,
        readings: [
          { label: 'at rest', limit: '≥ 12.4 V' },
          { label: 'while cranking', limit: '≥ 9.6 V' },
        ],
      },
      {
        question: 'Does it charge at idle with load?',
        minutes: 10,
        readings: [{ label: 'at idle, lights and blower on', limit: '13.5–14.9 V' }],
      },
      {
        question: 'What is lost on the ground side under load?',
        conditions: ['cranking'],
        minutes: 10,
        readings: [{ label: 'engine block to battery minus', limit: '≤ 0.3 V' }],
      },
    ],
  },
  unknown: {
    says: 'Nothing is known of this code here. Clear it after recording, and see whether and when it returns.',
    moves: [
      {
        question: 'Does it come straight back, on the road, or not at all?',
        minutes: 20,
        readings: [{ label: 'after clear and key cycle' }, { label: 'after the road' }],
      },
    ],
  },
};
