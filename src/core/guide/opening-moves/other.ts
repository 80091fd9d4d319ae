import type { CodeKind } from '@/core/codes';
import type { Circumstances, Opening } from './circumstances';
import { VAPOUR_SMOKE } from './running';

/** First moves of the kinds of code that ask for the same on any part. Common practice, no source. */
export const OTHER: Record<
  Exclude<
    CodeKind,
    | 'circuit'
    | 'circuit open'
    | 'circuit low'
    | 'circuit high'
    | 'misfire'
    | 'mixture'
    | 'voltage'
    | 'communication'
    | 'internal failure'
    | 'leak or flow'
  >,
  Opening
> = {
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
        caution: 'it moves with force: no fingers in a throttle, flap or gear',
        minutes: 15,
        readings: [{ label: 'at rest' }, { label: 'at full command' }, { label: 'back at rest' }],
      },
      {
        question: 'Does it move freely by hand with the drive taken off?',
        conditions: ['power off'],
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

const LEAK: Opening = {
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
};

/** Leaks and flows; of fuel vapour the smoke is carried by a gas that does not burn. */
export function flowOpening(c: Circumstances): Opening {
  if (!c.fuelVapour) return LEAK;
  return {
    ...LEAK,
    moves: LEAK.moves.map((m) => (m.question === 'Where does smoke come out?' ? VAPOUR_SMOKE : m)),
  };
}
