import { c, car, demoCase, k, r, t, type At } from '../write';

const CLEAN = [
  { flow: '65 m³/h', pressure: '28 mbar' },
  { flow: '160 m³/h', pressure: '72 mbar' },
  { flow: '310 m³/h', pressure: '148 mbar' },
];

/** Open cases that live from computed checks, a procedure under way, and a check repeated. */
export const measuredCases = (at: At) => [
  demoCase({
    number: 41,
    openedAt: at(2, '08:05'),
    waitsFor: 'diagnosis',
    customer: 'parish council, Mr Oduya',
    odometer: '143 700 km',
    vehicle: car('lugger22d', 2017, 'SH9LG22D4HN360118', 'WL 17 PAR'),
    said: 'The filter light again and it will not pull. It was burnt off at the motorway last month by the dealer.',
    seen: 'Regenerates every 90 km. Whistle under load, no smoke.',
    reproduced: 'yes',
    symptoms: [
      { words: 'no power under load', conditions: ['load'], frequency: 'always', reproduced: 'yes' },
      { words: 'filter light on', lamps: ['engine'], frequency: 'always', reproduced: 'yes' },
    ],
    earlier: [
      {
        kind: 'repair',
        what: 'forced regeneration',
        by: 'dealer',
        when: 'last month',
        changed: 'better',
      },
    ],
    scans: [
      {
        at: at(2, '08:25'),
        phase: 'first',
        text: 'Engine\nP2463 Particle filter soot accumulation  stored\nP2002 Particle filter efficiency  pending\nP0299 Turbocharger underboost  pending\nTransmission: no codes\nBattery: 12.6 V',
      },
    ],
    roles: [
      { code: 'P2463', role: 'chase' },
      { code: 'P0299', role: 'knock-on', why: 'a blocked exhaust takes the boost' },
    ],
    suspects: [
      // The filter itself is put on the board by what the check found.
      { ref: 'sensor', part: 'differential pressure sensor', failure: 'wrong reading', origin: 'precedent' },
    ],
    procedures: [{ ref: 'filter', title: 'Particle filter: the sensor first', at: at(2, '09:00') }],
    tests: [
      t(
        'cold',
        at(2, '08:40'),
        'Is there back pressure at 3000 rpm?',
        [
          r('engine speed held', '3,000 rpm', '2,900 to 3,100 rpm'),
          r('differential pressure at 3000 rpm', '41 mbar', 'not more than 120 mbar'),
        ],
        {
          minutes: 5,
          by: 'Aoife Kerr',
          conditions: [c('exhaust warm, coolant above 80 °C', '', '34 °C')],
        },
      ),
      t(
        'zero',
        at(2, '09:00'),
        'Does the differential pressure sensor read 0 with the engine off?',
        [r('differential pressure, engine off', '1 mbar', '0 mbar ± 3')],
        {
          procedure: 'filter',
          by: 'Aoife Kerr',
          minutes: 3,
          conditions: [c('key on, engine off', 'yes')],
          expectationSource: 'common practice',
        },
      ),
      t('hand', at(2, '09:10'), 'Does the sensor show what a hand pump applies?', [], {
        procedure: 'filter',
        by: 'Aoife Kerr',
        minutes: 10,
        setup: 'hand pump against a second gauge at 200 mbar: within 4 mbar',
        setupResult: 'ok',
        caution: 'hoses brittle: warm them before pulling',
        ...k('applied-truth', {
          steps: [
            { truth: '0 mbar', shown: '1 mbar' },
            { truth: '200 mbar', shown: '203 mbar' },
            { truth: '400 mbar', shown: '404 mbar' },
          ],
          band: '10 mbar',
        }),
        says: [{ suspect: 'sensor', says: 'rules out', why: 'straight, and true within 4 mbar' }],
      }),
      t('curve', at(2, '09:40'), 'Is the filter blocked, or does its sensor lie?', [], {
        procedure: 'filter',
        by: 'Aoife Kerr',
        minutes: 20,
        caution: 'hot exhaust; engine at speed: nobody in front of the wheels',
        expectationSource: 'known-good vehicle',
        conditions: [c('coolant above 80 °C', '', '88 °C')],
        ...k('filter-back-pressure', {
          off: '1 mbar',
          clean: CLEAN,
          measured: [
            { flow: '66 m³/h', pressure: '61 mbar' },
            { flow: '155 m³/h', pressure: '168 mbar' },
            { flow: '300 m³/h', pressure: '395 mbar' },
          ],
        }),
      }),
      t(
        'temps',
        at(2, '09:41'),
        'Do the exhaust temperatures agree after a night’s rest?',
        [
          r('before the turbocharger', '', 'siblings ± 5 °C'),
          r('before the filter', '', 'siblings ± 5 °C'),
          r('after the filter', '', 'siblings ± 5 °C'),
        ],
        {
          procedure: 'filter',
          minutes: 5,
          conditions: [c('stood overnight, not started', '')],
          expectationSource: 'siblings',
        },
      ),
      t(
        'oil',
        at(2, '09:42'),
        'Is the oil fit for a regeneration?',
        [r('oil level', '', 'between the marks'), r('smells of fuel', '', 'no')],
        { procedure: 'filter', minutes: 5, caution: 'thinned oil: no regeneration before an oil change' },
      ),
    ],
  }),
  demoCase({
    number: 42,
    openedAt: at(8, '11:00'),
    waitsFor: 'road test',
    waitNote: 'two cold starts and 100 km',
    odometer: '96 300 km',
    vehicle: car('brisk12t', 2018, 'VC9BR12T7JK209915', 'WL 18 BSK'),
    said: 'Rattles when I start it in the morning and the engine light is on. Belt was done in spring.',
    reproduced: 'yes',
    symptoms: [
      { words: 'rattle at cold start', conditions: ['cold-start'], frequency: 'always', reproduced: 'yes' },
      { words: 'engine light', lamps: ['engine'], reproduced: 'yes' },
    ],
    earlier: [
      {
        kind: 'repair',
        what: 'timing belt',
        part: 'timing belt',
        partSource: 'aftermarket',
        by: 'another shop',
        when: 'in spring',
        changed: 'unknown',
      },
    ],
    scans: [
      {
        at: at(8, '11:20'),
        phase: 'first',
        text: 'Engine\nP0016 Crankshaft camshaft position correlation  stored\nBattery: 12.5 V',
      },
      { at: at(5, '17:10'), phase: 'after repair', text: 'Engine: no codes\nBattery: 12.6 V' },
    ],
    clears: [{ at: at(5, '16:50') }],
    roles: [{ code: 'P0016', role: 'chase' }],
    suspects: [
      {
        ref: 'belt',
        part: 'timing belt',
        failure: 'fitted wrongly',
        origin: 'just fitted',
        state: 'confirmed',
      },
      { ref: 'phaser', part: 'camshaft phaser', failure: 'sticking', state: 'ruled out' },
    ],
    tests: [
      t('angle', at(8, '13:00'), 'Has the timing jumped a tooth, stretched, or is it the phaser?', [], {
        minutes: 25,
        conditions: [c('phaser at rest (solenoid unplugged)', 'yes'), c('engine idling', 'yes')],
        expectationSource: 'known-good vehicle',
        ...k('cam-crank', { wanted: '3°', measured: '-13.5°', teeth: '22' }),
        says: [
          { suspect: 'belt', says: 'for', why: 'a whole tooth' },
          { suspect: 'phaser', says: 'rules out' },
        ],
      }),
      t(
        'comp',
        at(7, '09:00'),
        'Is the compression alike, or did a valve touch?',
        [
          r('cylinder 1', '11.8 bar', 'siblings ± 10 %'),
          r('cylinder 2', '12.1 bar', 'siblings ± 10 %'),
          r('cylinder 3', '11.9 bar', 'siblings ± 10 %'),
        ],
        { minutes: 30, caution: 'injectors unplugged, ignition off', expectationSource: 'siblings' },
      ),
      t('angle2', at(5, '16:30'), 'Has the timing jumped a tooth, stretched, or is it the phaser?', [], {
        repeatOf: 'angle',
        by: 'Tomasz Bielak',
        minutes: 15,
        conditions: [c('phaser at rest (solenoid unplugged)', 'yes'), c('engine idling', 'yes')],
        expectationSource: 'known-good vehicle',
        ...k('cam-crank', { wanted: '3°', measured: '3.4°', teeth: '22' }),
      }),
    ],
    causes: [
      {
        part: 'timing belt',
        failure: 'fitted wrongly',
        where: 'crank sprocket, one tooth late',
        why: 'Fitted without the locking pin; the tensioner was set against it.',
        state: 'repaired',
        explains: { codes: ['P0016'], symptoms: [1, 2], tests: ['angle'] },
      },
    ],
    repairs: [
      {
        at: at(5, '15:30'),
        by: 'Tomasz Bielak',
        action: 'adjusted',
        what: 'timing set anew with the locking pins, belt kept',
        hours: 2.4,
        authorisation: 'authorised',
        access: 'right engine mount, covers',
      },
    ],
    proof: [
      {
        kind: 'failing test again',
        what: 'Cam against crank with the phaser at rest',
        state: 'passed',
        test: 'angle2',
        at: at(5, '16:30'),
        by: 'Tomasz Bielak',
      },
      { kind: 'record and clear', what: 'Scan, then clear', state: 'passed', at: at(5, '16:50') },
      { kind: 'cold start', what: 'Two cold starts without the rattle', state: 'open' },
    ],
  }),
  demoCase({
    number: 43,
    openedAt: at(1, '11:30'),
    waitsFor: 'authorisation',
    waitNote: 'canister is sold only with the pump: 412, Mr Amari decides tomorrow',
    customer: 'Mr Amari',
    odometer: '64 900 km',
    vehicle: car('brisk12t', 2019, 'VC9BR12T8KK500342'),
    said: 'The same light again, and it jerks when it is hot, like before you fixed it.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'jerks on acceleration',
        conditions: ['acceleration', 'hot'],
        frequency: 'intermittent',
        reproduced: 'yes',
      },
    ],
    earlier: [
      { what: 'purge valve', part: 'purge valve', partSource: 'aftermarket', by: 'here', when: 'case 27' },
    ],
    scans: [
      {
        at: at(1, '11:45'),
        phase: 'first',
        text: 'Engine control unit\nP0441 Purge flow incorrect  stored\nP0172 System too rich bank 1  pending\nBattery: 12.5 V',
      },
    ],
    roles: [{ code: 'P0441', role: 'chase' }],
    suspects: [
      {
        ref: 'valve',
        part: 'purge valve',
        failure: 'faulty new part',
        origin: 'just fitted',
        why: 'fitted here in case 27',
      },
      { ref: 'can', part: 'charcoal canister', failure: 'contaminated', why: 'grains in the old valve' },
    ],
    tests: [
      t(
        'hold',
        at(1, '12:30'),
        'Does the purge valve close when nobody asks for it?',
        [r('vacuum held for 60 s, valve unplugged', '2 inHg', '≥ 15 inHg')],
        {
          by: 'Aoife Kerr',
          minutes: 15,
          setup: 'hand pump on a closed hose: above 18 inHg',
          setupReading: '20 inHg',
          conditions: [c('valve hot', 'yes', 'after 20 min drive')],
          says: [{ suspect: 'valve', says: 'for', why: 'open again' }],
        },
      ),
      t(
        'grains',
        at(1, '13:00'),
        'Is there charcoal in the valve?',
        [r('tapped out on paper', 'black grains', 'clean')],
        {
          by: 'Aoife Kerr',
          minutes: 10,
          says: [
            { suspect: 'can', says: 'for', why: 'the canister sheds' },
            { suspect: 'valve', says: 'against', why: 'dirt kept it open, not the part' },
          ],
        },
      ),
    ],
  }),
];
