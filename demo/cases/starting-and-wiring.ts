import { c, car, demoCase, r, t, type At } from '../write';

/** Starting, charging, wiring, network. */
export const startingAndWiring = (at: At) => [
  demoCase({
    number: 1,
    openedAt: at(455, '08:00'),
    closedAt: at(453, '17:20'),
    odometer: '118 200 km',
    vehicle: car('tessa16', 2014, 'VC9TA16B8EK097734', 'WL 14 KYM'),
    said: 'It just dies when it is hot, in traffic. After twenty minutes it starts again as if nothing was.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'dies in traffic when hot',
        concept: 'stall',
        conditions: ['hot', 'low-speed'],
        frequency: 'intermittent',
        reproduced: 'yes',
      },
    ],
    scans: [
      {
        at: at(455, '08:30'),
        phase: 'first',
        text: 'Engine\nP0335 Crankshaft position sensor A circuit   intermittent\nBattery: 12.4 V',
      },
      { at: at(453, '16:00'), phase: 'after repair', text: 'Engine: no codes' },
    ],
    clears: [{ at: at(453, '12:00') }],
    roles: [{ code: 'P0335', role: 'chase' }],
    suspects: [
      { ref: 'sensor', part: 'crankshaft sensor', failure: 'no signal', state: 'confirmed' },
      {
        ref: 'loom',
        part: 'wiring harness',
        failure: 'chafed',
        state: 'ruled out',
        why: 'wires hold still when pulled',
      },
    ],
    tests: [
      t(
        'cold',
        at(455, '09:10'),
        'Is the sensor’s resistance right, cold?',
        [r('sensor resistance, cold', '882 Ω', '800..1100 Ω')],
        { minutes: 10, note: 'Seen good. Means nothing yet: the fault is a hot one.' },
      ),
      t(
        'hot',
        at(455, '11:00'),
        'Is the sensor’s resistance right at the moment it is dead?',
        [r('sensor resistance, hot', 'OL', '800..1100 Ω')],
        {
          minutes: 50,
          conditions: [c('engine dead, not restarting', 'yes', 'after 40 min idle')],
          setup: 'leads touched together: 0.2 Ω',
          setupResult: 'ok',
          says: [{ suspect: 'sensor', says: 'for' }],
        },
      ),
      t(
        'pull',
        at(455, '11:20'),
        'Does pulling and bending the loom bring it back?',
        [r('while dead', 'no change', 'no change')],
        { minutes: 10, says: [{ suspect: 'loom', says: 'rules out' }] },
      ),
      t(
        'hot2',
        at(453, '14:00'),
        'Is the sensor’s resistance right at the moment it is dead?',
        [r('sensor resistance, hot', '1.05 kΩ', '800..1100 Ω')],
        {
          repeatOf: 'hot',
          minutes: 40,
          conditions: [c('engine dead, not restarting', 'yes', 'as hot, but runs on: read at 104 °C')],
        },
      ),
    ],
    causes: [
      {
        part: 'crankshaft sensor',
        failure: 'no signal',
        where: 'winding opens above 90 °C',
        why: 'Age and heat.',
        misled: 'The cold measurement was within limits, and two shops had stopped there.',
        state: 'repaired',
        explains: { codes: ['P0335'], symptoms: [1], tests: ['hot'] },
      },
    ],
    repairs: [
      {
        at: at(453, '11:30'),
        action: 'replaced',
        what: 'crankshaft sensor',
        authorisation: 'authorised',
        hours: 0.8,
        parts: [{ name: 'crankshaft sensor', source: 'genuine', price: '62.40' }],
      },
    ],
    proof: [
      {
        kind: 'complaint conditions',
        what: 'One hour in town traffic, heater off',
        state: 'passed',
        result: 'no dropout',
        at: at(453, '16:40'),
      },
    ],
    followUps: [{ dueAt: at(423, '09:00'), state: 'held', doneAt: at(420, '09:00') }],
    lesson: 'Measure it when it is dead, or do not measure.',
  }),

  demoCase({
    number: 6,
    openedAt: at(366, '09:10'),
    closedAt: at(364, '15:00'),
    odometer: '88 900 km',
    vehicle: car('tessa16', 2016, 'VC9TA16B0GK161120'),
    said: 'Cuts out over the cobbles by the market and the rev counter drops to nothing, then it picks up again.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'cuts out over cobbles',
        concept: 'stall',
        conditions: ['bumps'],
        frequency: 'intermittent',
        reproduced: 'yes',
      },
    ],
    earlier: [
      {
        what: 'starter motor replaced',
        part: 'starter motor',
        by: 'a mobile mechanic',
        when: 'six weeks before',
        changed: 'started it',
      },
    ],
    scans: [
      {
        at: at(366, '09:30'),
        phase: 'first',
        text: 'Engine\nP0335 Crankshaft position sensor A circuit  stored\nP0339 Crankshaft position sensor intermittent  stored\nABS: no codes\nBattery: 12.5 V',
      },
      { at: at(364, '14:00'), phase: 'after repair', text: 'Engine: no codes' },
    ],
    clears: [{ at: at(365, '16:00') }],
    roles: [
      { code: 'P0335', role: 'chase' },
      { code: 'P0339', role: 'chase' },
    ],
    suspects: [
      {
        ref: 'sensor',
        part: 'crankshaft sensor',
        failure: 'no signal',
        origin: 'precedent',
        state: 'ruled out',
        why: 'case 1 had it; here it dies by shaking, not by heat',
      },
      {
        ref: 'loom',
        part: 'wiring harness',
        failure: 'chafed',
        where: 'beside the starter',
        origin: 'just fitted',
        state: 'confirmed',
      },
    ],
    tests: [
      t(
        'hot',
        at(366, '10:40'),
        'Is the sensor’s resistance right at the moment it is dead?',
        [r('sensor resistance, hot', '968 Ω', '800..1100 Ω')],
        {
          minutes: 45,
          conditions: [c('engine at 100 °C', 'yes', '101 °C')],
          says: [{ suspect: 'sensor', says: 'against' }],
        },
      ),
      t(
        'pull',
        at(366, '11:30'),
        'Does pulling and bending the loom bring it back?',
        [r('while idling', 'stalls when pushed toward the starter', 'no change')],
        { minutes: 15, says: [{ suspect: 'loom', says: 'for' }] },
      ),
      t(
        'ground',
        at(366, '12:00'),
        'Is a sensor wire touching metal?',
        [r('signal wire to ground', '14 Ω', '≥ 1 MΩ')],
        {
          minutes: 20,
          where: 'pin 2, at the control unit plug, sensor off',
          setup: 'leads touched: 0.1 Ω',
          setupResult: 'ok',
          says: [{ suspect: 'loom', says: 'for' }],
        },
      ),
      t(
        'pull2',
        at(364, '13:00'),
        'Does pulling and bending the loom bring it back?',
        [r('while idling', 'no change', 'no change')],
        { repeatOf: 'pull', minutes: 10 },
      ),
    ],
    causes: [
      {
        part: 'wiring harness',
        failure: 'chafed',
        where: 'crank sensor branch, against the starter bracket',
        why: 'Clip left off when the starter was changed.',
        state: 'repaired',
        explains: { codes: ['P0335', 'P0339'], symptoms: [1], tests: ['pull', 'ground'] },
      },
    ],
    repairs: [
      {
        at: at(365, '15:00'),
        by: 'Tomasz Bielak',
        action: 'repaired',
        what: 'two wires joined and sleeved, clip put back',
        authorisation: 'authorised',
        hours: 1.2,
      },
    ],
    proof: [
      {
        kind: 'failing test again',
        state: 'not possible',
        test: 'ground',
        result: 'the bare spot is sleeved and cannot be probed any more',
      },
      {
        kind: 'complaint conditions',
        what: 'Market cobbles, four times',
        state: 'passed',
        at: at(364, '13:40'),
      },
    ],
    followUps: [{ dueAt: at(334, '09:00'), state: 'held', doneAt: at(330, '10:00') }],
    lesson:
      'Same code as case 1. Heat points at the sensor, shaking at the wires. Look where somebody last worked.',
  }),

  demoCase({
    number: 8,
    openedAt: at(340, '08:30'),
    closedAt: at(337, '12:00'),
    odometer: '72 130 km',
    vehicle: car('nib10', 2017, 'WB9NB10P6HT300871', 'WL 17 NIB'),
    said: 'Battery is flat every Monday. It is the third battery.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'battery goes flat over the weekend',
        concept: 'battery-drain',
        conditions: ['standing'],
        frequency: 'always',
        reproduced: 'yes',
      },
    ],
    earlier: [
      {
        what: 'battery',
        part: 'battery',
        partSource: 'aftermarket',
        when: 'this year, twice',
        changed: 'no change',
      },
      {
        kind: 'modification',
        what: 'dash camera fitted',
        part: 'added equipment',
        by: 'customer',
        when: 'last autumn',
        changed: 'unknown',
      },
    ],
    scans: [
      {
        at: at(340, '09:00'),
        phase: 'first',
        text: 'Engine: no codes\nBody control: B1D08 Interior light circuit high  history\nBattery: 11.6 V',
      },
    ],
    roles: [{ code: 'B1D08', role: 'aside', why: 'from jump-starting' }],
    suspects: [
      {
        ref: 'cam',
        part: 'added equipment',
        failure: 'draws current when off',
        origin: 'just fitted',
        state: 'ruled out',
        why: 'draw the same with it unplugged',
      },
      { ref: 'blower', part: 'blower resistor', failure: 'draws current when off', state: 'confirmed' },
      { ref: 'bat', part: 'battery', failure: 'aged', state: 'ruled out', why: 'tests good when charged' },
    ],
    tests: [
      t(
        'rest',
        at(340, '11:00'),
        'What is drawn when everything sleeps?',
        [r('current after 45 minutes', '340 mA', '≤ 50 mA')],
        {
          minutes: 50,
          conditions: [c('doors latched by hand, key out of range', 'yes')],
          setup: 'clamp zeroed beside the cable',
          setupResult: 'ok',
        },
      ),
      t('cam', at(340, '12:00'), 'Is it the camera?', [r('current, camera unplugged', '338 mA', '≤ 50 mA')], {
        minutes: 5,
        says: [{ suspect: 'cam', says: 'rules out' }],
      }),
      t(
        'fuses',
        at(340, '12:10'),
        'Over which fuse does it go?',
        [
          r('drop over F14 (blower)', '2.9 mV', '≤ 0.3 mV'),
          r('drop over F9 (body)', '0.1 mV', '≤ 0.3 mV'),
          r('drop over F22 (radio)', '0.1 mV', '≤ 0.3 mV'),
        ],
        {
          minutes: 20,
          note: 'Measured without pulling a fuse, so nothing woke up.',
          says: [{ suspect: 'blower', says: 'for' }],
        },
      ),
      t(
        'swap',
        at(340, '13:00'),
        'Does it go when the blower controller is unplugged?',
        [r('current, controller unplugged', '18 mA', '≤ 50 mA')],
        { minutes: 10, says: [{ suspect: 'blower', says: 'for' }] },
      ),
      t(
        'rest2',
        at(337, '09:30'),
        'What is drawn when everything sleeps?',
        [r('current after 45 minutes', '16 mA', '≤ 50 mA')],
        { repeatOf: 'rest', conditions: [c('doors latched by hand, key out of range', 'yes')] },
      ),
    ],
    causes: [
      {
        part: 'blower resistor',
        failure: 'draws current when off',
        where: 'controller output stage half on',
        why: 'Leaves in the intake, motor had run heavy for years.',
        misled: 'The camera was everyone’s first guess, ours too.',
        state: 'repaired',
        explains: { symptoms: [1], tests: ['rest', 'cam', 'fuses'] },
      },
    ],
    repairs: [
      {
        at: at(338, '14:00'),
        action: 'replaced',
        what: 'blower controller; intake cleaned of leaves',
        authorisation: 'authorised',
        hours: 1,
        parts: [{ name: 'blower controller', source: 'genuine', price: '88.00' }],
      },
    ],
    proof: [
      {
        kind: 'failing test again',
        state: 'not possible',
        test: 'cam',
        result: 'the camera was unplugged for the search only',
      },
      {
        kind: 'failing test again',
        state: 'not possible',
        test: 'fuses',
        result: 'found by the whole draw, which is right again',
      },
      {
        kind: 'complaint conditions',
        what: 'Stood from Friday to Monday',
        state: 'passed',
        result: '12.58 V on Monday',
        at: at(337, '08:00'),
      },
    ],
    followUps: [{ dueAt: at(307, '09:00'), state: 'held', doneAt: at(300, '09:00') }],
    lesson: 'Millivolts over the fuses find the circuit in twenty minutes and wake nothing.',
  }),

  demoCase({
    number: 14,
    openedAt: at(271, '14:00'),
    closedAt: at(269, '16:00'),
    odometer: '203 440 km',
    vehicle: car('drover28d', 2015, 'YH9DR28D1FP212206', 'WL 15 DRV'),
    said: 'Nothing when I turn the key, just a click. Wiggle the gear lever and sometimes it goes.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'just clicks, does not turn over',
        concept: 'no-crank',
        frequency: 'intermittent',
        conditions: ['cold-weather'],
        reproduced: 'yes',
      },
    ],
    earlier: [
      {
        what: 'starter motor',
        part: 'starter motor',
        partSource: 'aftermarket',
        by: 'another shop',
        when: 'two weeks before',
        changed: 'no change',
      },
    ],
    scans: [
      {
        at: at(271, '14:20'),
        phase: 'first',
        text: 'Engine\nP0562 System voltage low  history\nBattery: 12.7 V',
      },
    ],
    roles: [{ code: 'P0562', role: 'leftover', why: 'from a flat battery in winter' }],
    suspects: [
      {
        ref: 'start',
        part: 'starter motor',
        failure: 'faulty new part',
        origin: 'just fitted',
        state: 'ruled out',
        why: 'cranks when fed directly',
      },
      { ref: 'cable', part: 'ground strap', failure: 'high resistance', state: 'confirmed' },
      {
        ref: 'sw',
        part: 'neutral switch',
        failure: 'intermittent contact',
        state: 'ruled out',
        why: 'request reaches the relay every time',
      },
    ],
    tests: [
      t(
        'req',
        at(271, '14:40'),
        'Does the start request reach the relay?',
        [r('relay terminal 86, key on start', '11.9 V', '≥ 11 V')],
        { minutes: 10, says: [{ suspect: 'sw', says: 'rules out' }] },
      ),
      t(
        'dropp',
        at(271, '15:00'),
        'What is lost on the plus side under load?',
        [r('battery plus to starter stud', '0.31 V', '≤ 0.5 V')],
        { minutes: 10, conditions: [c('cranking or trying to', 'yes')] },
      ),
      t(
        'dropg',
        at(271, '15:10'),
        'What is lost on the ground side under load?',
        [r('engine block to battery minus', '6.8 V', '≤ 0.3 V')],
        {
          minutes: 10,
          conditions: [c('cranking or trying to', 'yes')],
          says: [
            { suspect: 'cable', says: 'for' },
            { suspect: 'start', says: 'rules out' },
          ],
        },
      ),
      t(
        'dropg2',
        at(269, '15:00'),
        'What is lost on the ground side under load?',
        [r('engine block to battery minus', '0.14 V', '≤ 0.3 V')],
        { repeatOf: 'dropg', conditions: [c('cranking or trying to', 'yes')] },
      ),
    ],
    causes: [
      {
        part: 'ground strap',
        failure: 'high resistance',
        where: 'engine to chassis, under the lug',
        why: 'Corroded below the sleeve, bright from outside.',
        misled: 'Moving the gear lever moved the engine, and so the strap. It looked like the switch.',
        state: 'repaired',
        explains: { symptoms: [1], tests: ['dropg'] },
      },
    ],
    repairs: [
      {
        at: at(269, '14:30'),
        by: 'Aoife Kerr',
        action: 'replaced',
        what: 'engine ground strap, both faces cleaned',
        authorisation: 'authorised',
        hours: 0.5,
        parts: [{ name: 'ground strap', source: 'genuine', price: '19.60' }],
      },
    ],
    proof: [
      {
        kind: 'complaint conditions',
        what: 'Thirty starts, gear lever moved each time',
        state: 'passed',
        at: at(269, '15:30'),
      },
    ],
    followUps: [{ dueAt: at(239, '09:00'), state: 'held', doneAt: at(236, '09:00') }],
    lesson: 'A drop test costs ten minutes; the starter had cost the customer 300.',
  }),

  demoCase({
    number: 17,
    openedAt: at(238, '08:15'),
    closedAt: at(236, '17:00'),
    odometer: '79 600 km',
    vehicle: car('orbis30', 2018, 'WB9OR30P4JT118854'),
    said: 'All the lights on the dash came on in the rain like a Christmas tree and the steering went heavy. Dry days it is fine.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'all warning lights in the rain',
        concept: 'instruments-dead',
        conditions: ['rain'],
        frequency: 'intermittent',
        lamps: ['ABS', 'steering', 'stability'],
        reproduced: 'yes',
      },
      { words: 'steering went heavy', conditions: ['rain'], frequency: 'intermittent', reproduced: 'yes' },
    ],
    scans: [
      {
        at: at(238, '08:40'),
        phase: 'first',
        text: 'Engine control\nU0121 Lost communication with ABS module  stored\nTransmission\nU0121 Lost communication with ABS  stored\nABS: no response\nSteering\nU0415 Invalid data received from ABS  stored\nU0121 Lost communication with ABS  active\nInstrument cluster\nU0121 Lost communication with ABS  active\nAirbag: no codes\nBattery: 12.6 V',
      },
      {
        at: at(237, '14:40'),
        text: 'Engine: no codes\nABS\nC1225 Supply voltage low  intermittent\nSteering: no codes',
      },
      {
        at: at(236, '16:00'),
        phase: 'after repair',
        text: 'Engine: no codes\nTransmission: no codes\nABS: no codes\nSteering: no codes\nInstrument cluster: no codes',
      },
    ],
    clears: [{ at: at(237, '15:00') }, { at: at(236, '14:00') }],
    roles: [
      { code: 'U0121', role: 'knock-on', why: 'every module complains about one that is silent' },
      { code: 'U0415', role: 'knock-on', why: 'follows from the silent module' },
      { code: 'C1225', role: 'chase', why: 'the silent module’s own word, once it speaks' },
    ],
    suspects: [
      {
        ref: 'unit',
        part: 'hydraulic control unit',
        failure: 'internal fault',
        state: 'ruled out',
        why: 'answers as soon as it is fed',
      },
      { ref: 'conn', part: 'fuse box', failure: 'water inside', state: 'confirmed' },
    ],
    tests: [
      t(
        'feed',
        at(238, '09:30'),
        'Is the silent module fed?',
        [
          r('ABS pin 1 to body, key on', '4.1 V', '≥ 12 V'),
          r('ABS ground to battery minus', '0.02 V', '≤ 0.1 V'),
        ],
        {
          minutes: 25,
          setup: 'leads on the battery first: 12.6 V',
          setupResult: 'ok',
          says: [
            { suspect: 'unit', says: 'against' },
            { suspect: 'conn', says: 'for' },
          ],
        },
      ),
      t(
        'bus',
        at(238, '10:00'),
        'Is the data bus whole?',
        [r('resistance between bus lines', '61 Ω', '55..65 Ω')],
        { minutes: 10, conditions: [c('battery off', 'yes')] },
      ),
      t(
        'fuse',
        at(238, '10:20'),
        'Where is the feed lost?',
        [
          r('into fuse 31', '12.5 V', '≥ 12 V'),
          r('out of fuse 31', '12.5 V', '≥ 12 V'),
          r('fuse box connector X4 pin 9', '4.2 V', '≥ 12 V'),
        ],
        {
          minutes: 30,
          note: 'Green powder in X4. Water from the scuttle drain.',
          says: [{ suspect: 'conn', says: 'for' }],
        },
      ),
      t(
        'feed2',
        at(236, '14:30'),
        'Is the silent module fed?',
        [
          r('ABS pin 1 to body, key on', '12.4 V', '≥ 12 V'),
          r('ABS ground to battery minus', '0.02 V', '≤ 0.1 V'),
        ],
        { repeatOf: 'feed', setup: 'leads on the battery first: 12.5 V', setupResult: 'ok' },
      ),
    ],
    causes: [
      {
        part: 'fuse box',
        failure: 'water inside',
        where: 'connector X4 pin 9',
        why: 'Scuttle drain blocked with leaves, water stood on the box.',
        misled: 'Five codes in four modules, all about a unit that was only unfed.',
        state: 'repaired',
        explains: { codes: ['C1225'], symptoms: [1, 2], tests: ['feed', 'fuse'] },
      },
    ],
    repairs: [
      {
        at: at(237, '14:00'),
        action: 'repaired',
        what: 'X4 terminals replaced, drain cleared',
        authorisation: 'authorised',
        hours: 2.2,
        access: 'wiper scuttle',
      },
    ],
    proof: [
      {
        kind: 'failing test again',
        state: 'not possible',
        test: 'fuse',
        result: 'the joint is sealed and cannot be probed any more',
      },
      {
        kind: 'complaint conditions',
        what: 'Hose on the windscreen for fifteen minutes, engine running',
        state: 'passed',
        result: 'no lamp, 12.4 V at the unit',
        at: at(236, '15:30'),
      },
    ],
    followUps: [
      { dueAt: at(206, '09:00'), state: 'not reached', note: 'rang three times', doneAt: at(200, '09:00') },
    ],
    lesson:
      'When everybody complains of one module, go to that module with a voltmeter and leave the others alone.',
  }),

  demoCase({
    number: 24,
    openedAt: at(166, '10:10'),
    closedAt: at(165, '12:00'),
    odometer: '51 200 km',
    vehicle: car('nib10', 2019, 'WB9NB10P2KT480023'),
    said: 'Battery light on since this morning, and it goes out at higher revs.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'battery light on at idle',
        concept: 'no-charge',
        conditions: ['idle'],
        frequency: 'always',
        lamps: ['charge'],
        reproduced: 'yes',
      },
    ],
    scans: [
      {
        at: at(166, '10:20'),
        phase: 'first',
        text: 'Engine: P0622 Generator field control circuit  stored\nBattery: 12.1 V',
      },
      { at: at(165, '11:00'), phase: 'after repair', text: 'Engine: no codes\nBattery: 14.3 V' },
    ],
    clears: [{ at: at(165, '10:30') }],
    roles: [{ code: 'P0622', role: 'chase' }],
    suspects: [
      { ref: 'pul', part: 'alternator pulley', failure: 'seized', state: 'ruled out' },
      { ref: 'reg', part: 'alternator regulator', failure: 'worn', state: 'confirmed' },
    ],
    tests: [
      t(
        'chg',
        at(166, '10:30'),
        'Does it charge at idle with load?',
        [
          r('at idle, lights and blower on', '12.2 V', '13.5..14.8 V'),
          r('at 2500 rpm', '14.2 V', '13.5..14.8 V'),
          r('ripple', '40 mV', '≤ 100 mV'),
        ],
        { minutes: 10, says: [{ suspect: 'reg', says: 'for' }] },
      ),
      t('brush', at(166, '11:00'), 'How long are the brushes?', [r('brush length', '2 mm', '≥ 5 mm')], {
        minutes: 40,
        says: [{ suspect: 'reg', says: 'for' }],
      }),
      t(
        'chg2',
        at(165, '10:40'),
        'Does it charge at idle with load?',
        [
          r('at idle, lights and blower on', '14.3 V', '13.5..14.8 V'),
          r('at 2500 rpm', '14.4 V', '13.5..14.8 V'),
          r('ripple', '35 mV', '≤ 100 mV'),
        ],
        { repeatOf: 'chg' },
      ),
    ],
    causes: [
      {
        part: 'alternator regulator',
        failure: 'worn',
        where: 'brushes',
        why: 'Taxi work, twelve hours a day.',
        state: 'repaired',
        explains: { codes: ['P0622'], symptoms: [1], tests: ['chg', 'brush'] },
      },
    ],
    repairs: [
      {
        at: at(165, '10:00'),
        action: 'replaced',
        what: 'regulator with brushes',
        hours: 0.8,
        authorisation: 'authorised',
        parts: [{ name: 'regulator', source: 'aftermarket', price: '54.00' }],
      },
    ],
    proof: [
      {
        kind: 'failing test again',
        state: 'not possible',
        test: 'brush',
        result: 'the old brushes are off the car',
      },
      {
        kind: 'complaint conditions',
        what: 'Idle for twenty minutes with everything on',
        state: 'passed',
        at: at(165, '11:30'),
      },
    ],
  }),

  demoCase({
    number: 29,
    openedAt: at(121, '09:00'),
    closedAt: at(119, '13:00'),
    odometer: '155 800 km',
    vehicle: car('lugger22d', 2015, 'SH9LG22D5FN209934'),
    said: 'Won’t start, key light flashing. Worked yesterday. Spare key the same.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'immobiliser blocks the start',
        concept: 'immobilised',
        frequency: 'always',
        lamps: ['immobiliser'],
        reproduced: 'yes',
      },
    ],
    scans: [
      {
        at: at(121, '09:20'),
        phase: 'first',
        text: 'Engine\nP1614 Immobiliser code missing  active\nBody control module\nB2799 Immobiliser antenna circuit  stored\nBattery: 12.3 V',
      },
      {
        at: at(119, '12:00'),
        phase: 'after repair',
        text: 'Engine: no codes\nBody control module: no codes',
      },
    ],
    clears: [{ at: at(119, '11:30') }],
    roles: [
      { code: 'P1614', role: 'knock-on', why: 'engine unit only repeats what it is not told' },
      { code: 'B2799', role: 'chase' },
    ],
    suspects: [
      { ref: 'ring', part: 'immobiliser ring', failure: 'open circuit', state: 'confirmed' },
      { ref: 'key', part: 'immobiliser', failure: 'no signal', state: 'ruled out', why: 'two keys alike' },
    ],
    tests: [
      t('ring', at(121, '09:50'), 'Is the reader coil whole?', [r('coil resistance', 'OL', '8..16 Ω')], {
        minutes: 20,
        setup: 'leads touched: 0.1 Ω',
        setupResult: 'ok',
        says: [{ suspect: 'ring', says: 'for' }],
      }),
      t('ring2', at(119, '11:00'), 'Is the reader coil whole?', [r('coil resistance', '11.6 Ω', '8..16 Ω')], {
        repeatOf: 'ring',
        setup: 'leads touched: 0.1 Ω',
        setupResult: 'ok',
      }),
    ],
    causes: [
      {
        part: 'immobiliser ring',
        failure: 'open circuit',
        why: 'Wire broken at the ring by a heavy bunch of keys.',
        state: 'repaired',
        explains: { codes: ['B2799'], symptoms: [1], tests: ['ring'] },
      },
    ],
    repairs: [
      {
        at: at(119, '10:30'),
        action: 'replaced',
        what: 'reader ring',
        hours: 0.6,
        authorisation: 'authorised',
        due: 'none: no teaching needed',
        parts: [{ name: 'reader ring', source: 'used', price: '25.00' }],
      },
    ],
    proof: [
      {
        kind: 'complaint conditions',
        what: 'Twenty starts with each key',
        state: 'passed',
        at: at(119, '12:30'),
      },
    ],
    followUps: [{ dueAt: at(89, '09:00'), state: 'held', doneAt: at(88, '09:00') }],
  }),
];
