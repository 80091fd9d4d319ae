import { c, car, demoCase, r, t, type At } from '../write';

/** Brakes, steering, suspension, gearboxes, cooling, comfort. */
export const chassisAndDrive = (at: At) => [
  demoCase({
    number: 2,
    openedAt: at(430, '13:00'),
    closedAt: at(428, '15:00'),
    odometer: '66 310 km',
    vehicle: car('orbis30', 2017, 'WB9OR30P9HT052201', 'WL 17 ORB'),
    said: 'Brakes grab by themselves just before I stop. ABS rattles on a dry road.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'ABS kicks in at low speed on dry road',
        concept: 'abs-false',
        conditions: ['low-speed', 'braking'],
        frequency: 'always',
        reproduced: 'yes',
      },
    ],
    scans: [
      {
        at: at(430, '13:20'),
        phase: 'first',
        text: 'ABS\nC0035 Left front wheel speed sensor  history\nEngine: no codes\nBattery: 12.5 V',
      },
      { at: at(428, '14:30'), phase: 'after road test', text: 'ABS: no codes' },
    ],
    clears: [{ at: at(429, '10:00') }],
    roles: [{ code: 'C0035', role: 'chase' }],
    suspects: [
      {
        ref: 'sensor',
        part: 'wheel speed sensor',
        failure: 'no signal',
        state: 'ruled out',
        why: 'same on the other side',
      },
      { ref: 'ring', part: 'wheel speed ring', failure: 'cracked', state: 'confirmed' },
    ],
    tests: [
      t(
        'wheels',
        at(430, '14:00'),
        'Do four wheels agree on a straight road?',
        [
          r('left front at 10 km/h', '6.8 km/h', '10 km/h ± 0.5'),
          r('right front', '10.1 km/h', '10 km/h ± 0.5'),
          r('left rear', '10.0 km/h', '10 km/h ± 0.5'),
          r('right rear', '10.0 km/h', '10 km/h ± 0.5'),
        ],
        { minutes: 20 },
      ),
      t(
        'swap',
        at(430, '15:00'),
        'Does it follow the sensor to the other side?',
        [r('jagged wheel after the swap', 'left front', 'right front')],
        {
          minutes: 25,
          overrule: 'pass',
          overruleWhy: 'the fault stayed with the place: the sensor is good',
          says: [{ suspect: 'sensor', says: 'rules out' }],
        },
      ),
      t(
        'see',
        at(430, '15:40'),
        'Is the ring whole all round?',
        [r('ring, turned by hand', 'cracked, gap of 3 mm', 'whole')],
        { minutes: 15, says: [{ suspect: 'ring', says: 'for' }] },
      ),
      t(
        'wheels2',
        at(428, '13:30'),
        'Do four wheels agree on a straight road?',
        [
          r('left front at 10 km/h', '10.0 km/h', '10 km/h ± 0.5'),
          r('right front', '10.0 km/h', '10 km/h ± 0.5'),
          r('left rear', '10.1 km/h', '10 km/h ± 0.5'),
          r('right rear', '10.0 km/h', '10 km/h ± 0.5'),
        ],
        { repeatOf: 'wheels' },
      ),
    ],
    causes: [
      {
        part: 'wheel speed ring',
        failure: 'cracked',
        where: 'left front drive shaft',
        why: 'Rust under the pressed ring.',
        state: 'repaired',
        explains: { codes: ['C0035'], symptoms: [1], tests: ['wheels', 'see'] },
      },
    ],
    repairs: [
      {
        at: at(429, '09:00'),
        action: 'replaced',
        what: 'ring on left front shaft',
        hours: 1.6,
        authorisation: 'authorised',
        parts: [{ name: 'speed ring', source: 'aftermarket', price: '17.50' }],
      },
    ],
    proof: [
      { kind: 'road test', what: 'Twenty slow stops on dry road', state: 'passed', at: at(428, '14:00') },
    ],
    followUps: [{ dueAt: at(398, '09:00'), state: 'held', doneAt: at(395, '09:00') }],
  }),

  demoCase({
    number: 5,
    openedAt: at(380, '08:00'),
    closedAt: at(377, '17:30'),
    odometer: '132 700 km',
    vehicle: car('tessa16', 2014, 'VC9TA16B3EK093315', 'WL 14 OTT'),
    customer: 'Mrs Ottley',
    said: 'Loses water and the heater goes cold. Nobody finds a leak.',
    reproduced: 'yes',
    symptoms: [
      { words: 'loses water', concept: 'coolant-loss', frequency: 'always', reproduced: 'yes' },
      { words: 'heater blows cold', conditions: ['idle'], frequency: 'intermittent', reproduced: 'yes' },
    ],
    earlier: [
      {
        what: 'water pump and thermostat',
        part: 'water pump',
        partSource: 'aftermarket',
        by: 'another shop',
        when: 'in spring',
        changed: 'no change',
      },
    ],
    scans: [{ at: at(380, '08:30'), phase: 'first', text: 'Engine: no codes\nBattery: 12.6 V' }],
    suspects: [
      { ref: 'hg', part: 'head gasket', failure: 'leaking internally', state: 'standing' },
      { ref: 'cap', part: 'expansion tank cap', failure: 'leaking', state: 'confirmed' },
    ],
    tests: [
      t(
        'hold',
        at(380, '09:00'),
        'Does the system hold pressure cold?',
        [r('drop from 1.2 bar in 15 min', '0.02 bar', '≤ 0.1 bar')],
        { minutes: 20, setup: 'tester on its own blank: holds', setupResult: 'ok' },
      ),
      t(
        'cap',
        at(380, '09:40'),
        'At what pressure does the cap open?',
        [r('opening pressure', '0.6 bar', '1.3..1.5 bar')],
        { minutes: 5, says: [{ suspect: 'cap', says: 'for' }] },
      ),
      t(
        'gas',
        at(380, '10:00'),
        'Is there exhaust gas in the tank?',
        [r('test fluid', 'stays blue', 'stays blue')],
        {
          minutes: 20,
          conditions: [c('engine hot and loaded', 'no', 'idle only')],
          note: 'Not loaded: proves nothing, taken as good at the time. See case 11.',
        },
      ),
      t(
        'cap2',
        at(377, '14:00'),
        'At what pressure does the cap open?',
        [r('opening pressure', '1.4 bar', '1.3..1.5 bar')],
        { repeatOf: 'cap' },
      ),
    ],
    causes: [
      {
        part: 'expansion tank cap',
        failure: 'leaking',
        why: 'Old seal.',
        state: 'repaired',
        explains: { symptoms: [1, 2], tests: ['cap'] },
      },
    ],
    repairs: [
      {
        at: at(377, '13:00'),
        action: 'replaced',
        what: 'cap; system bled',
        hours: 0.5,
        authorisation: 'authorised',
        parts: [{ name: 'expansion tank cap', source: 'genuine', price: '14.20' }],
      },
    ],
    proof: [
      {
        kind: 'road test',
        what: 'Twenty kilometres',
        state: 'passed',
        result: 'level unchanged',
        at: at(377, '16:30'),
      },
    ],
    followUps: [
      {
        dueAt: at(347, '09:00'),
        state: 'came back',
        note: 'came back, see case 11',
        doneAt: at(309, '09:00'),
      },
    ],
    lesson: 'A cap that opens early is true and may still not be the cause.',
  }),

  demoCase({
    number: 11,
    openedAt: at(309, '09:00'),
    closedAt: at(302, '16:00'),
    odometer: '135 050 km',
    vehicle: car('tessa16', 2014, 'VC9TA16B3EK093315', 'WL 14 OTT'),
    customer: 'Mrs Ottley',
    comebackOf: { number: 5, state: 'confirmed', why: 'same loss of coolant within ten weeks' },
    said: 'Still loses water, and now it gets hot on the hill.',
    reproduced: 'yes',
    symptoms: [
      { words: 'loses water', concept: 'coolant-loss', frequency: 'always', reproduced: 'yes' },
      { words: 'overheats uphill', conditions: ['load'], frequency: 'intermittent', reproduced: 'yes' },
    ],
    earlier: [
      {
        what: 'cap, by us',
        part: 'expansion tank cap',
        partSource: 'genuine',
        by: 'this shop, case 5',
        changed: 'no change',
      },
    ],
    scans: [
      {
        at: at(309, '09:20'),
        phase: 'first',
        text: 'Engine\nP0217 Engine overtemperature  stored\nBattery: 12.5 V',
      },
      { at: at(302, '15:00'), phase: 'after road test', text: 'Engine: no codes' },
    ],
    clears: [{ at: at(303, '15:00') }],
    roles: [{ code: 'P0217', role: 'chase' }],
    suspects: [
      {
        ref: 'hg',
        part: 'head gasket',
        failure: 'leaking internally',
        where: 'cylinder 2',
        state: 'confirmed',
      },
      {
        ref: 'pump',
        part: 'water pump',
        failure: 'fitted wrongly',
        origin: 'just fitted',
        state: 'ruled out',
        why: 'flow seen in the tank',
      },
    ],
    tests: [
      t(
        'gas',
        at(309, '10:00'),
        'Is there exhaust gas in the tank?',
        [r('test fluid', 'turns yellow', 'stays blue')],
        {
          minutes: 30,
          conditions: [c('engine hot and loaded', 'yes', 'held at 3000 rpm against the brake')],
          says: [{ suspect: 'hg', says: 'for' }],
        },
      ),
      t(
        'press',
        at(309, '11:00'),
        'How fast does pressure rise from cold?',
        [r('pressure 90 s after a cold start', '0.7 bar', '≤ 0.1 bar')],
        {
          minutes: 10,
          conditions: [c('stood overnight', 'yes')],
          note: 'Water cannot have warmed in 90 seconds. That is gas.',
          says: [{ suspect: 'hg', says: 'for' }],
        },
      ),
      t(
        'leakd',
        at(308, '09:00'),
        'Which cylinder leaks into the water?',
        [
          r('cylinder 1', '9 %', '≤ 20 %'),
          r('cylinder 2', '38 %', '≤ 20 %'),
          r('cylinder 3', '11 %', '≤ 20 %'),
          r('cylinder 4', '10 %', '≤ 20 %'),
        ],
        {
          minutes: 50,
          caution: 'hot coolant: cap off only when cold',
          says: [{ suspect: 'hg', says: 'for' }],
        },
      ),
      t(
        'press2',
        at(302, '09:00'),
        'How fast does pressure rise from cold?',
        [r('pressure 90 s after a cold start', '0.0 bar', '≤ 0.1 bar')],
        { repeatOf: 'press', conditions: [c('stood overnight', 'yes')] },
      ),
    ],
    causes: [
      {
        part: 'head gasket',
        failure: 'leaking internally',
        where: 'cylinder 2, toward the water jacket',
        why: 'Run low on water for months.',
        misled: 'Our own gas test in case 5 was done at idle and believed.',
        state: 'repaired',
        explains: { codes: ['P0217'], symptoms: [1, 2], tests: ['gas', 'press', 'leakd'] },
      },
    ],
    repairs: [
      {
        at: at(303, '14:00'),
        action: 'replaced',
        what: 'head gasket, head skimmed 0.1 mm',
        hours: 9.5,
        authorisation: 'authorised',
        access: 'timing belt, manifolds',
        parts: [{ name: 'head gasket set', source: 'genuine', soldAs: 'assembly only', price: '168.00' }],
      },
    ],
    proof: [
      {
        kind: 'complaint conditions',
        what: 'The hill, trailer behind, thirty degrees',
        state: 'passed',
        result: '94 °C at the top, level unchanged',
        at: at(302, '14:00'),
      },
    ],
    followUps: [{ dueAt: at(272, '09:00'), state: 'held', doneAt: at(268, '09:00') }],
    lesson: 'Pressure in 90 seconds from stone cold is the quickest test there is, and needs no fluid.',
  }),

  demoCase({
    number: 13,
    openedAt: at(285, '08:00'),
    closedAt: at(280, '14:00'),
    odometer: '174 400 km',
    vehicle: car('drover28d', 2014, 'YH9DR28D7EP101144'),
    said: 'Shudders pulling away and the ABS light comes on sometimes. I tow a horse box.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'judders when pulling away',
        conditions: ['load', 'acceleration'],
        frequency: 'always',
        reproduced: 'yes',
      },
      {
        words: 'ABS light',
        concept: 'brake-warning',
        lamps: ['ABS'],
        frequency: 'intermittent',
        reproduced: 'yes',
      },
    ],
    scans: [
      {
        at: at(285, '08:20'),
        phase: 'first',
        text: 'ABS\nC0045 Left rear wheel speed sensor circuit  stored\nEngine: no codes\nTransmission: no codes\nBattery: 12.6 V',
      },
      { at: at(280, '12:00'), phase: 'after road test', text: 'ABS: no codes' },
    ],
    clears: [{ at: at(281, '16:00') }],
    roles: [{ code: 'C0045', role: 'chase' }],
    suspects: [
      { ref: 'dmf', part: 'dual-mass flywheel', failure: 'worn', state: 'confirmed' },
      {
        ref: 'loom',
        part: 'wiring harness',
        failure: 'chafed',
        where: 'left rear, at the axle',
        state: 'confirmed',
      },
      {
        ref: 'mount',
        part: 'engine mount',
        failure: 'broken',
        state: 'ruled out',
        why: 'no movement under load',
      },
    ],
    tests: [
      t(
        'turn',
        at(285, '10:00'),
        'How much free turn has the flywheel?',
        [r('free turn, ring to disc', '24 °', '≤ 14 °')],
        { minutes: 30, where: 'through the starter opening', says: [{ suspect: 'dmf', says: 'for' }] },
      ),
      t(
        'mount',
        at(285, '11:00'),
        'Do the mounts hold the engine?',
        [r('lift at full torque against the brake', '6 mm', '≤ 15 mm')],
        { minutes: 10, says: [{ suspect: 'mount', says: 'rules out' }] },
      ),
      t(
        'abs',
        at(285, '11:30'),
        'Is the left rear circuit whole while the axle moves?',
        [r('sensor circuit, axle moved by hand', 'jumps between 1.1 kΩ and open', 'steady')],
        { minutes: 25, says: [{ suspect: 'loom', says: 'for' }] },
      ),
      t(
        'abs2',
        at(281, '15:00'),
        'Is the left rear circuit whole while the axle moves?',
        [r('sensor circuit, axle moved by hand', 'steady', 'steady')],
        { repeatOf: 'abs' },
      ),
    ],
    causes: [
      {
        ref: 'fly',
        part: 'dual-mass flywheel',
        failure: 'worn',
        why: 'Towing.',
        state: 'repaired',
        explains: { symptoms: [1], tests: ['turn'] },
      },
      {
        ref: 'wire',
        part: 'wiring harness',
        failure: 'chafed',
        where: 'left rear, axle clip',
        why: 'Clip lost, rubbed by the shock absorber.',
        misled: 'One car, one complaint — but two faults that have nothing to do with each other.',
        state: 'repaired',
        explains: { codes: ['C0045'], symptoms: [2], tests: ['abs'] },
      },
    ],
    repairs: [
      {
        cause: 'fly',
        at: at(281, '12:00'),
        by: 'Tomasz Bielak',
        action: 'replaced',
        what: 'flywheel and clutch',
        hours: 7.8,
        authorisation: 'authorised',
        alsoChanged: 'clutch with it, being there',
        parts: [
          {
            name: 'flywheel and clutch kit',
            source: 'aftermarket',
            soldAs: 'assembly only',
            price: '690.00',
          },
        ],
      },
      {
        cause: 'wire',
        at: at(281, '14:00'),
        by: 'Tomasz Bielak',
        action: 'repaired',
        what: 'sensor wires joined, new clip',
        hours: 0.8,
        authorisation: 'authorised',
      },
    ],
    proof: [
      {
        kind: 'complaint conditions',
        what: 'Horse box behind, ten starts on the slope',
        state: 'passed',
        result: 'no judder, no lamp',
        at: at(280, '11:00'),
      },
    ],
    followUps: [{ dueAt: at(250, '09:00'), state: 'held', doneAt: at(246, '09:00') }],
    lesson: 'Two complaints in one sentence can be two cases. Give each code its own cause.',
  }),

  demoCase({
    number: 16,
    openedAt: at(249, '09:30'),
    closedAt: at(247, '12:00'),
    odometer: '93 100 km',
    vehicle: car('brisk12t', 2017, 'VC9BR12T1HK310056'),
    said: 'Air con is warm, it cools for a minute and stops.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'a/c cycles and blows warm',
        concept: 'ac-cycles',
        conditions: ['hot-weather'],
        frequency: 'always',
        reproduced: 'yes',
      },
    ],
    scans: [
      {
        at: at(249, '09:45'),
        phase: 'first',
        text: 'Climate control\nB1479 Refrigerant pressure implausible  stored\nBattery: 12.5 V',
      },
      { at: at(247, '11:00'), phase: 'after repair', text: 'Climate control: no codes' },
    ],
    clears: [{ at: at(247, '10:30') }],
    roles: [{ code: 'B1479', role: 'chase' }],
    suspects: [
      {
        ref: 'low',
        part: 'refrigerant',
        failure: 'low level',
        state: 'ruled out',
        why: 'full charge came out',
      },
      { ref: 'fan', part: 'radiator fan', failure: 'open circuit', state: 'confirmed' },
    ],
    tests: [
      t('charge', at(249, '10:30'), 'Is the charge right?', [r('taken out', '508 g', '510 g ± 15')], {
        minutes: 30,
        says: [{ suspect: 'low', says: 'rules out' }],
      }),
      t(
        'high',
        at(249, '11:30'),
        'How high does the high side go?',
        [r('high side after 2 min', '29 bar', '12..18 bar'), r('fan', 'stands still', 'runs')],
        { minutes: 15, says: [{ suspect: 'fan', says: 'for' }], caution: 'fan may start at any moment' },
      ),
      t(
        'high2',
        at(247, '10:00'),
        'How high does the high side go?',
        [r('high side after 2 min', '15.5 bar', '12..18 bar'), r('fan', 'runs', 'runs')],
        { repeatOf: 'high' },
      ),
    ],
    causes: [
      {
        part: 'radiator fan',
        failure: 'open circuit',
        where: 'slow-speed winding',
        why: 'Brushes worn to the wire.',
        misled: 'Everyone refills refrigerant first.',
        state: 'repaired',
        explains: { codes: ['B1479'], symptoms: [1], tests: ['high'] },
      },
    ],
    repairs: [
      {
        at: at(247, '09:30'),
        by: 'Aoife Kerr',
        action: 'replaced',
        what: 'fan motor with frame',
        hours: 1.1,
        authorisation: 'authorised',
        parts: [{ name: 'fan with frame', source: 'aftermarket', soldAs: 'assembly only', price: '142.00' }],
      },
    ],
    proof: [
      {
        kind: 'complaint conditions',
        what: 'Thirty minutes standing in the sun',
        state: 'passed',
        result: '7 °C at the vent',
        at: at(247, '11:30'),
      },
    ],
  }),

  demoCase({
    number: 20,
    openedAt: at(205, '08:30'),
    closedAt: at(203, '15:00'),
    odometer: '147 600 km',
    vehicle: car('marlo20d', 2016, 'VC9MA20D4GK377031'),
    said: 'Left front wheel gets hot and the car pulls left. Smells of brakes.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'left wheel gets hot, brake drags',
        concept: 'brake-drag',
        frequency: 'always',
        conditions: ['hot'],
        reproduced: 'yes',
      },
      { words: 'pulls left', concept: 'steer-pull', reproduced: 'yes' },
    ],
    earlier: [
      {
        what: 'caliper left front',
        part: 'brake caliper',
        partSource: 'rebuilt',
        by: 'another shop',
        when: 'a month before',
        changed: 'no change',
      },
    ],
    suspects: [
      {
        ref: 'cal',
        part: 'brake caliper',
        failure: 'faulty new part',
        origin: 'just fitted',
        state: 'ruled out',
        why: 'free once the hose is opened',
      },
      { ref: 'hose', part: 'brake hose', failure: 'blocked', state: 'confirmed' },
    ],
    tests: [
      t(
        'turn',
        at(205, '09:00'),
        'Does the wheel turn free after a braking?',
        [
          r('left front, torque to turn', '41 N·m', '≤ 8 N·m'),
          r('right front, torque to turn', '4 N·m', '≤ 8 N·m'),
        ],
        { minutes: 15 },
      ),
      t(
        'open',
        at(205, '09:30'),
        'Where is the pressure held?',
        [
          r('bleeder opened at the caliper', 'comes free', 'stays tight'),
          r('line opened before the hose', 'stays tight', 'stays tight'),
        ],
        {
          minutes: 15,
          overrule: 'fail',
          overruleWhy: 'pressure is held between hose and caliper',
          says: [
            { suspect: 'hose', says: 'for' },
            { suspect: 'cal', says: 'rules out' },
          ],
        },
      ),
      t(
        'turn2',
        at(203, '13:00'),
        'Does the wheel turn free after a braking?',
        [
          r('left front, torque to turn', '4 N·m', '≤ 8 N·m'),
          r('right front, torque to turn', '4 N·m', '≤ 8 N·m'),
        ],
        { repeatOf: 'turn' },
      ),
    ],
    causes: [
      {
        part: 'brake hose',
        failure: 'blocked',
        where: 'left front, inner wall collapsed',
        why: 'Squeezed with a clamp when the caliper was changed.',
        state: 'repaired',
        explains: { symptoms: [1, 2], tests: ['turn', 'open'] },
      },
    ],
    repairs: [
      {
        at: at(203, '11:00'),
        action: 'replaced',
        what: 'both front brake hoses',
        hours: 1.3,
        authorisation: 'authorised',
        parts: [{ name: 'brake hose pair', source: 'genuine', price: '48.00' }],
      },
    ],
    proof: [
      {
        kind: 'road test',
        what: 'Ten kilometres of town, then wheel temperature',
        state: 'passed',
        result: '61 °C left, 58 °C right',
        at: at(203, '14:00'),
      },
    ],
    followUps: [
      { dueAt: at(173, '09:00'), state: 'not reached', note: 'sold the car', doneAt: at(170, '09:00') },
    ],
  }),

  demoCase({
    number: 26,
    openedAt: at(149, '08:00'),
    closedAt: at(146, '12:00'),
    odometer: '111 000 km',
    vehicle: car('orbis30', 2015, 'WB9OR30P0FT010938'),
    said: 'Gearbox thumps going into drive and when it shifts down to stop.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'thumps into gear',
        concept: 'harsh-shift',
        conditions: ['in-gear', 'hot'],
        frequency: 'always',
        reproduced: 'yes',
      },
    ],
    earlier: [
      { kind: 'flat battery', what: 'battery flat over winter', when: 'January', changed: 'started it' },
    ],
    scans: [
      {
        at: at(149, '08:20'),
        phase: 'first',
        text: 'Transmission\nP0747 Pressure control solenoid A stuck on  history\nEngine\nP0562 System voltage low  history\nBattery: 12.6 V',
      },
    ],
    roles: [
      { code: 'P0747', role: 'leftover', why: 'set in January, not since' },
      { code: 'P0562', role: 'leftover', why: 'flat battery' },
    ],
    suspects: [
      { ref: 'adapt', part: 'transmission control module', failure: 'not relearned', state: 'confirmed' },
      {
        ref: 'sol',
        part: 'shift solenoid',
        failure: 'sticking',
        state: 'ruled out',
        why: 'follows its command',
      },
      {
        ref: 'oil',
        part: 'transmission oil',
        failure: 'low level',
        state: 'ruled out',
        why: 'level right at 40 °C',
      },
    ],
    tests: [
      t(
        'oil',
        at(149, '09:00'),
        'Is the oil level right at its temperature?',
        [r('level at 40 °C', 'drips from the overflow', 'drips from the overflow')],
        { minutes: 30, says: [{ suspect: 'oil', says: 'rules out' }] },
      ),
      t(
        'line',
        at(149, '10:00'),
        'Does line pressure follow its command?',
        [r('commanded 5 bar', '5.2 bar', '5 bar ± 0.5'), r('commanded 12 bar', '12.1 bar', '12 bar ± 0.8')],
        { minutes: 40, says: [{ suspect: 'sol', says: 'rules out' }] },
      ),
      t(
        'adapt',
        at(149, '11:00'),
        'Are the learned fill times plausible?',
        [r('clutch B fill time', '0 ms', '80..160 ms'), r('clutch C fill time', '0 ms', '80..160 ms')],
        {
          minutes: 10,
          note: 'All zero: forgotten with the battery.',
          says: [{ suspect: 'adapt', says: 'for' }],
        },
      ),
      t(
        'adapt2',
        at(146, '10:00'),
        'Are the learned fill times plausible?',
        [r('clutch B fill time', '112 ms', '80..160 ms'), r('clutch C fill time', '104 ms', '80..160 ms')],
        { repeatOf: 'adapt' },
      ),
    ],
    causes: [
      {
        part: 'transmission control module',
        failure: 'not relearned',
        why: 'Values lost with the flat battery, learning drive never done.',
        state: 'repaired',
        explains: { symptoms: [1], tests: ['adapt'] },
      },
    ],
    repairs: [
      {
        at: at(147, '10:00'),
        action: 'relearned',
        what: 'learning drive with the oil warm',
        hours: 1.5,
        authorisation: 'authorised',
      },
    ],
    proof: [
      { kind: 'complaint conditions', what: 'Thirty stops, warm', state: 'passed', at: at(146, '11:00') },
    ],
    followUps: [{ dueAt: at(116, '09:00'), state: 'held', doneAt: at(110, '09:00') }],
    lesson: 'Ask about the battery before opening a gearbox.',
  }),

  demoCase({
    number: 31,
    openedAt: at(98, '08:00'),
    closedAt: at(95, '13:00'),
    odometer: '126 500 km',
    vehicle: car('marlo20d', 2017, 'VC9MA20D2HK402218'),
    said: 'Rear of the car sags on the left by morning.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'drops overnight, left rear',
        concept: 'ride-height',
        conditions: ['standing', 'cold-weather'],
        frequency: 'always',
        reproduced: 'yes',
      },
    ],
    scans: [
      {
        at: at(98, '08:20'),
        phase: 'first',
        text: 'Suspension\nC1A20 Compressor run time exceeded  stored\nBattery: 12.4 V',
      },
      { at: at(95, '12:00'), phase: 'after repair', text: 'Suspension: no codes' },
    ],
    clears: [{ at: at(96, '16:00') }],
    roles: [{ code: 'C1A20', role: 'knock-on', why: 'compressor makes up for the leak' }],
    suspects: [
      { ref: 'bag', part: 'air spring', failure: 'leaking', where: 'left rear', state: 'confirmed' },
      {
        ref: 'valve',
        part: 'suspension valve block',
        failure: 'leaking internally',
        state: 'ruled out',
        why: 'right side holds on the same block',
      },
    ],
    tests: [
      t(
        'night',
        at(97, '07:30'),
        'How far does each corner sink overnight?',
        [r('left rear', '58 mm', '≤ 5 mm'), r('right rear', '2 mm', '≤ 5 mm')],
        { minutes: 10, conditions: [c('level ground, stood overnight', 'yes', '12 h')] },
      ),
      t(
        'soap',
        at(97, '08:30'),
        'Where does air come out?',
        [r('soap on the fold of the bellows', 'bubbles', 'nothing')],
        { minutes: 25, says: [{ suspect: 'bag', says: 'for' }] },
      ),
      t(
        'night2',
        at(95, '07:30'),
        'How far does each corner sink overnight?',
        [r('left rear', '1 mm', '≤ 5 mm'), r('right rear', '2 mm', '≤ 5 mm')],
        { repeatOf: 'night', conditions: [c('level ground, stood overnight', 'yes', '13 h')] },
      ),
    ],
    causes: [
      {
        part: 'air spring',
        failure: 'leaking',
        where: 'left rear, lower fold',
        why: 'Cracked rubber; opens in the cold.',
        state: 'repaired',
        explains: { symptoms: [1], tests: ['night', 'soap'] },
      },
    ],
    repairs: [
      {
        at: at(96, '12:00'),
        action: 'replaced',
        what: 'left rear air spring',
        hours: 1.4,
        authorisation: 'authorised',
        note: 'Right side declined for now.',
        parts: [{ name: 'air spring', source: 'aftermarket', price: '198.00' }],
      },
    ],
    proof: [
      {
        kind: 'cold start',
        what: 'Measured again after a frosty night',
        state: 'passed',
        result: '1 mm',
        at: at(95, '07:30'),
      },
    ],
    followUps: [
      { dueAt: at(-6, '09:00'), dueOdometer: '130 000 km', state: 'due', note: 'ask at the winter tyres' },
    ],
  }),
];
