import type { Circumstances, Move, Opening } from './circumstances';

/** First moves where the engine runs badly: misfire and mixture. Common practice, no source. */

const COMPRESSION: Move = {
  question: 'Do the cylinders compress alike?',
  conditions: ['at the temperature at which it misfires', 'battery charged'],
  minutes: 30,
  readings: [1, 2, 3, 4].map((n) => ({ label: `cylinder ${n}` })),
};

const SMOKE: Move = {
  question: 'Where does smoke come out with the intake at low pressure?',
  setup: 'smoke seen at an opened hose first',
  minutes: 25,
  readings: [{ label: 'smoke seen', limit: 'nowhere' }],
};

/** Smoke is made with a glowing coil; in fuel vapour it is carried by a gas that does not burn. */
export const VAPOUR_SMOKE: Move = {
  ...SMOKE,
  question: 'Where does smoke come out of the fuel vapour system?',
  setup: 'smoke carried by nitrogen or carbon dioxide; seen at an opened hose first',
  caution: 'fuel vapour burns: never shop air, low pressure only, no flame near',
};

/**
 * First moves for codes of misfire. Common practice, no source.
 *
 * @param c the vehicle and what is known of the case
 * @returns what to say first, and tests in the order of their minutes
 */
export function misfireOpening(c: Circumstances): Opening {
  if (c.diesel)
    return {
      says: 'A diesel has no coil to move. Which cylinder does the controller correct, and does the fault come with cold, load or speed? Compression, then injector.',
      moves: [
        {
          question: 'Which cylinder is corrected, or missed least when switched off?',
          conditions: ['idling, warm'],
          minutes: 10,
          readings: [1, 2, 3, 4].map((n) => ({ label: `correction, cylinder ${n}` })),
        },
        COMPRESSION,
        {
          question: 'Do the injectors leak back alike?',
          conditions: ['same time for all'],
          minutes: 30,
          caution: 'diesel under very high pressure: never open or touch a line while it runs',
          readings: [1, 2, 3, 4].map((n) => ({ label: `leak-back, injector ${n}` })),
        },
        {
          question: 'Does every glow plug draw current?',
          conditions: ['cold', 'glowing'],
          minutes: 15,
          readings: [1, 2, 3, 4].map((n) => ({ label: `current, plug ${n}` })),
        },
      ],
    };
  return {
    says: 'Move what moves easily: coil, then plug. Follows: the part. Stays: compression, then injector.',
    moves: [
      {
        question: 'Does the misfire follow the coil to another cylinder?',
        conditions: ['coils of one kind, each on its plug'],
        minutes: 15,
        readings: [{ label: 'misfire after the swap' }],
      },
      COMPRESSION,
      {
        question: 'Do the injectors deliver alike?',
        minutes: 25,
        caution: 'fuel under pressure',
        readings: [1, 2, 3, 4].map((n) => ({ label: `drop, injector ${n}` })),
      },
    ],
  };
}

/**
 * First moves for codes of a mixture that is too lean or too rich. Common practice, no source.
 *
 * @param c the vehicle and what is known of the case
 * @returns what to say first, and tests in the order of their minutes
 */
export function mixtureOpening(c: Circumstances): Opening {
  if (c.rich)
    return {
      says: 'Rich: more fuel than was asked for, or air that is there and not counted. Pressure, what leaks in, then the sensors that count.',
      moves: [
        {
          question: 'Is the fuel pressure too high, and does it hold with the engine off?',
          caution: 'fuel under pressure',
          minutes: 20,
          readings: [{ label: 'at idle' }, { label: 'after 10 min off' }],
        },
        {
          question: 'Does fuel come in another way: purge valve, regulator hose, fuel in the oil?',
          conditions: ['engine idling, warm'],
          minutes: 20,
          readings: [
            { label: 'trim with the purge hose closed off' },
            { label: 'fuel in the vacuum hose of the regulator', limit: 'none' },
            { label: 'oil smells of fuel', limit: 'no' },
          ],
        },
        {
          question: 'Do the sensors that fuel is counted by tell the truth?',
          conditions: ['stood overnight, key on, engine off; then warm'],
          minutes: 15,
          readings: [
            { label: 'coolant against intake air, cold' },
            { label: 'manifold pressure against barometer, engine off' },
            { label: 'air flow at 2500 rpm' },
          ],
        },
        {
          question: 'Does an injector leak or stay open?',
          conditions: ['rail pressed, engine off'],
          caution: 'fuel under pressure',
          minutes: 30,
          readings: [{ label: 'plugs wet', limit: 'none' }],
        },
      ],
    };
  return {
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
      SMOKE,
      {
        question: 'Does the fuel pressure hold under load?',
        caution: 'fuel under pressure',
        minutes: 20,
        readings: [{ label: 'at idle' }, { label: 'at full load' }],
      },
    ],
  };
}
