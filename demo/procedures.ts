import { Procedure } from '@/core/case';
import type { z } from 'zod';

const CHARGE_PATH = ['P0299', 'P0234', 'P2263'];

/** The demo shop's own procedures. */
const written: z.input<typeof Procedure>[] = [
  {
    id: 'proc-filter',
    title: 'Particle filter: the sensor first',
    codes: ['P2463', 'P2002', 'P2452', 'P2453', 'P242F'],
    part: 'particle filter',
    note: 'Written after case 28: a filter was nearly fitted for a split hose.',
    steps: [
      {
        question: 'Does the differential pressure sensor read 0 with the engine off?',
        conditions: ['key on, engine off'],
        readings: [{ label: 'differential pressure, engine off', limit: '0 mbar ± 3' }],
        expectationSource: 'common practice',
        minutes: 3,
      },
      {
        question: 'Does the sensor show what a hand pump applies?',
        setup: 'hand pump against a second gauge at 200 mbar: within 4 mbar',
        caution: 'hoses brittle: warm them before pulling',
        checkId: 'applied-truth',
        minutes: 10,
        inputs: [
          ...['0 mbar', '200 mbar', '400 mbar'].map((entered, i) => ({
            field: 'steps',
            at: String(i + 1),
            column: 'truth',
            entered,
          })),
          { field: 'band', at: '', column: '', entered: '10 mbar' },
        ],
      },
      {
        question: 'Is the filter blocked, or does its sensor lie?',
        caution: 'hot exhaust; engine at speed: nobody in front of the wheels',
        conditions: ['coolant above 80 °C'],
        checkId: 'filter-back-pressure',
        minutes: 20,
      },
      {
        question: 'Do the exhaust temperatures agree after a night’s rest?',
        conditions: ['stood overnight, not started'],
        readings: ['before the turbocharger', 'before the filter', 'after the filter'].map((label) => ({
          label,
          limit: 'siblings ± 5 °C',
        })),
        expectationSource: 'siblings',
        minutes: 5,
      },
      {
        question: 'Is the oil fit for a regeneration?',
        caution: 'thinned oil: no regeneration before an oil change',
        readings: [
          { label: 'oil level', limit: 'between the marks' },
          { label: 'smells of fuel', limit: 'no' },
        ],
        minutes: 5,
      },
    ],
  },
  {
    id: 'proc-crank',
    title: 'Does not crank: from the key to the starter',
    codes: ['P0615', 'P0616', 'P0617'],
    part: 'starter',
    steps: [
      {
        question: 'Is the battery fit to crank?',
        conditions: ['at rest for 30 minutes'],
        checkId: 'battery-rest',
        minutes: 5,
      },
      {
        question: 'How much is lost on the way while the key is held?',
        setup: 'leads on the battery first: above 12 V',
        caution: 'gear in neutral, hands off the belts',
        checkId: 'voltage-drop',
        minutes: 10,
      },
      {
        question: 'Does the start relay get its feed and its ground?',
        setup: 'leads on the battery first: above 12 V',
        checkId: 'relay',
        minutes: 10,
      },
      {
        question: 'Does the start request reach the controller?',
        readings: [{ label: 'start request on the scan tool', limit: 'on' }],
        conditions: ['key held at start'],
        minutes: 5,
      },
    ],
  },
  {
    id: 'proc-charge-path',
    title: 'Charge path: pressure, then smoke',
    codes: CHARGE_PATH,
    part: 'charge-air hose',
    steps: [
      {
        question: 'Does the charge path hold pressure?',
        caution: 'never above 1.2 bar; stand aside of the hoses',
        setup: 'blanked tool on its own holds for 60 s',
        readings: [{ label: 'drop from 1.0 bar in 60 s', limit: '≤ 0.2 bar' }],
        minutes: 20,
      },
      {
        question: 'Where does the smoke come out?',
        setup: 'smoke seen at an opened hose first',
        readings: [{ label: 'smoke seen at', limit: 'nowhere' }],
        minutes: 15,
      },
    ],
  },
  {
    id: 'proc-drain',
    title: 'Flat after a few days: who draws at rest',
    codes: ['P0562', 'B1479'],
    part: 'battery',
    note: 'Bonnet catch closed by hand, key out of reach, 40 minutes of waiting before the first reading.',
    steps: [
      {
        question: 'How much does it draw once everything sleeps?',
        conditions: ['bonnet and doors latched', 'asleep for 40 minutes'],
        readings: [{ label: 'current at rest', limit: '≤ 50 mA' }],
        minutes: 45,
      },
      {
        question: 'Which fuse carries it?',
        caution: 'pull no fuse while it sleeps: pulling wakes it',
        conditions: ['asleep for 40 minutes'],
        checkId: 'parasitic-current',
        minutes: 15,
      },
    ],
  },
];

export const DEMO_PROCEDURES: Procedure[] = written.map((p) => Procedure.parse(p));
