import { c, car, demoCase, r, t, type At } from '../write';

/** Misfires, exhaust, hybrid, motorcycle, an older car, a machine. */
export const engineAndOthers = (at: At) => [
  demoCase({
    number: 4,
    openedAt: at(396, '11:00'),
    closedAt: at(394, '16:00'),
    odometer: '104 300 km',
    vehicle: car('nib10', 2014, 'WB9NB10P9ET090417'),
    said: 'Engine light. Another garage wants 900 for a catalyst.',
    reproduced: 'yes',
    symptoms: [
      { words: 'engine light', lamps: ['engine'], frequency: 'always', reproduced: 'yes' },
      {
        words: 'exhaust blows a little when cold',
        concept: 'exhaust-noise',
        conditions: ['cold-start'],
        source: 'shop',
        reproduced: 'yes',
      },
    ],
    scans: [
      {
        at: at(396, '11:20'),
        phase: 'first',
        text: 'Engine\nP0420 Catalyst efficiency below threshold bank 1  stored\nBattery: 12.5 V',
      },
      {
        at: at(394, '15:30'),
        phase: 'after road test',
        text: 'Engine: no codes\nReadiness\nCatalyst: complete\nOxygen sensor: complete\nEVAP: incomplete',
      },
    ],
    clears: [{ at: at(395, '12:00') }],
    roles: [{ code: 'P0420', role: 'chase' }],
    suspects: [
      {
        ref: 'cat',
        part: 'catalytic converter',
        failure: 'worn',
        state: 'ruled out',
        why: 'converts well once the leak is closed',
      },
      { ref: 'flex', part: 'flexible pipe', failure: 'leaking', state: 'confirmed' },
    ],
    tests: [
      t(
        'rear',
        at(396, '12:00'),
        'Does the rear sensor stay calm at steady speed?',
        [r('rear sensor swing', '0.62 V', '≤ 0.25 V')],
        {
          minutes: 15,
          conditions: [c('catalyst hot, 2500 rpm, 3 min', 'yes')],
          says: [{ suspect: 'cat', says: 'for' }],
        },
      ),
      t(
        'smoke',
        at(396, '13:00'),
        'Is the exhaust tight between the sensors?',
        [r('smoke seen', 'at the flexible pipe', 'nowhere')],
        { minutes: 20, conditions: [c('exhaust cold', 'yes')], says: [{ suspect: 'flex', says: 'for' }] },
      ),
      t(
        'rear2',
        at(395, '14:00'),
        'Does the rear sensor stay calm at steady speed?',
        [r('rear sensor swing', '0.11 V', '≤ 0.25 V')],
        { repeatOf: 'rear', conditions: [c('catalyst hot, 2500 rpm, 3 min', 'yes')] },
      ),
    ],
    causes: [
      {
        part: 'flexible pipe',
        failure: 'leaking',
        where: 'between catalyst sensors',
        why: 'Salt.',
        misled: 'The code names the catalyst; outside air made the rear sensor swing.',
        state: 'repaired',
        explains: { codes: ['P0420'], symptoms: [1, 2], tests: ['rear', 'smoke'] },
      },
    ],
    repairs: [
      {
        at: at(395, '11:00'),
        action: 'replaced',
        what: 'flexible pipe welded in',
        hours: 1.2,
        authorisation: 'authorised',
        parts: [{ name: 'flexible pipe', source: 'aftermarket', price: '44.00' }],
      },
    ],
    proof: [
      {
        kind: 'failing test again',
        state: 'not possible',
        test: 'smoke',
        result: 'the new pipe is welded; the leak test would have needed the shield off again',
      },
      { kind: 'cold start', what: 'Start it cold, after a night', state: 'passed' },
      {
        kind: 'road test',
        what: 'Drive until the catalyst monitor has run',
        state: 'passed',
        result: 'complete, no code',
        at: at(394, '15:00'),
      },
    ],
    followUps: [{ dueAt: at(364, '09:00'), state: 'held', doneAt: at(360, '09:00') }],
    lesson: 'Smoke the exhaust before you sell a catalyst.',
  }),

  demoCase({
    number: 7,
    openedAt: at(352, '08:30'),
    closedAt: at(349, '12:00'),
    odometer: '168 900 km',
    vehicle: car('nib10', 2013, 'WB9NB10P1DT041102'),
    said: 'Light came on for the inspection, of course. Uses some oil, about a litre between services.',
    reproduced: 'yes',
    symptoms: [
      { words: 'engine light', lamps: ['engine'], reproduced: 'yes' },
      { words: 'uses oil', reproduced: 'yes' },
    ],
    scans: [
      {
        at: at(352, '08:50'),
        phase: 'first',
        text: 'Engine\nP0420 Catalyst efficiency below threshold bank 1  permanent\nBattery: 12.6 V',
      },
      {
        at: at(349, '11:00'),
        phase: 'after road test',
        text: 'Engine: no codes\nReadiness\nCatalyst: complete',
      },
    ],
    clears: [{ at: at(350, '14:00') }],
    roles: [{ code: 'P0420', role: 'chase' }],
    suspects: [
      {
        ref: 'flex',
        part: 'flexible pipe',
        failure: 'leaking',
        origin: 'precedent',
        state: 'ruled out',
        why: 'tight under smoke',
      },
      { ref: 'cat', part: 'catalytic converter', failure: 'worn', state: 'confirmed' },
    ],
    tests: [
      t(
        'smoke',
        at(352, '09:30'),
        'Is the exhaust tight between the sensors?',
        [r('smoke seen', 'nowhere', 'nowhere')],
        {
          minutes: 20,
          conditions: [c('exhaust cold', 'yes')],
          says: [{ suspect: 'flex', says: 'rules out' }],
        },
      ),
      t(
        'rear',
        at(352, '10:30'),
        'Does the rear sensor stay calm at steady speed?',
        [r('rear sensor swing', '0.71 V', '≤ 0.25 V')],
        {
          minutes: 15,
          conditions: [c('catalyst hot, 2500 rpm, 3 min', 'yes')],
          says: [{ suspect: 'cat', says: 'for' }],
        },
      ),
      t(
        'gas',
        at(352, '11:00'),
        'What does the tailpipe say?',
        [r('CO at 2500 rpm', '0.61 %', '≤ 0.2 %'), r('HC', '148 ppm', '≤ 50 ppm')],
        { minutes: 20, says: [{ suspect: 'cat', says: 'for' }] },
      ),
      t(
        'gas2',
        at(349, '10:00'),
        'What does the tailpipe say?',
        [r('CO at 2500 rpm', '0.02 %', '≤ 0.2 %'), r('HC', '9 ppm', '≤ 50 ppm')],
        { repeatOf: 'gas' },
      ),
    ],
    causes: [
      {
        part: 'catalytic converter',
        failure: 'worn',
        why: 'Oil through the rings for years.',
        state: 'repaired',
        explains: { codes: ['P0420'], symptoms: [1], tests: ['rear', 'gas'] },
      },
    ],
    repairs: [
      {
        at: at(350, '12:00'),
        action: 'replaced',
        what: 'catalyst',
        hours: 1.5,
        authorisation: 'authorised',
        note: 'Rings: put off; told that the new one will go the same way.',
        parts: [{ name: 'catalyst', source: 'aftermarket', price: '410.00' }],
      },
    ],
    proof: [
      {
        kind: 'failing test again',
        state: 'not possible',
        test: 'rear',
        result: 'the rear sensor was watched on the monitor drive; no figures were noted',
      },
      {
        kind: 'road test',
        what: 'Drive until the catalyst monitor has run',
        state: 'passed',
        at: at(349, '10:30'),
      },
    ],
    unexplained: 'Oil use: piston rings, known and put off by the customer.',
    lesson: 'Same code as case 4, and here it was the catalyst. Smoke first in both.',
  }),

  demoCase({
    number: 10,
    openedAt: at(318, '15:00'),
    closedAt: at(316, '18:00'),
    customer: 'R. Quill',
    odometer: '41 200 km',
    vehicle: car('lapwing650', 2009, '', 'WL 09 LAP'),
    said: 'Dies after half an hour of riding, battery flat. New battery last month, same again.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'does not charge',
        concept: 'no-charge',
        conditions: ['hot'],
        frequency: 'always',
        reproduced: 'yes',
      },
      { words: 'stalls after half an hour', conditions: ['hot'], reproduced: 'yes' },
    ],
    earlier: [
      { what: 'battery', part: 'battery', partSource: 'aftermarket', by: 'owner', changed: 'no change' },
    ],
    suspects: [
      { ref: 'stator', part: 'stator', failure: 'short to ground', state: 'confirmed' },
      {
        ref: 'reg',
        part: 'alternator regulator',
        failure: 'open circuit',
        state: 'ruled out',
        why: 'no alternating voltage reaches it',
      },
    ],
    tests: [
      t(
        'chg',
        at(318, '15:30'),
        'Does it charge?',
        [r('battery at 4000 rpm, warm', '12.3 V', '13.8..14.8 V')],
        { minutes: 15 },
      ),
      t(
        'ac',
        at(318, '16:00'),
        'Do all three phases give the same?',
        [
          r('phase 1–2 at 4000 rpm', '58 V', '≥ 55 V'),
          r('phase 2–3', '21 V', '≥ 55 V'),
          r('phase 1–3', '23 V', '≥ 55 V'),
        ],
        {
          minutes: 20,
          where: 'three yellow wires, regulator unplugged',
          says: [
            { suspect: 'stator', says: 'for' },
            { suspect: 'reg', says: 'rules out' },
          ],
        },
      ),
      t(
        'gnd',
        at(318, '16:30'),
        'Is a phase touching the case?',
        [r('phase 3 to case, hot', '2.1 Ω', '≥ 1 MΩ')],
        { minutes: 5, says: [{ suspect: 'stator', says: 'for' }] },
      ),
      t(
        'chg2',
        at(316, '17:00'),
        'Does it charge?',
        [r('battery at 4000 rpm, warm', '14.3 V', '13.8..14.8 V')],
        { repeatOf: 'chg' },
      ),
    ],
    causes: [
      {
        part: 'stator',
        failure: 'short to ground',
        where: 'phase 3, varnish burnt',
        why: 'Oil level had been low.',
        state: 'repaired',
        explains: { symptoms: [1, 2], tests: ['chg', 'ac', 'gnd'] },
      },
    ],
    repairs: [
      {
        at: at(316, '15:00'),
        by: 'Aoife Kerr',
        action: 'replaced',
        what: 'stator and cover gasket',
        hours: 2,
        authorisation: 'authorised',
        parts: [{ name: 'stator', source: 'aftermarket', price: '121.00' }],
      },
    ],
    proof: [
      {
        kind: 'failing test again',
        state: 'not possible',
        test: 'ac',
        result: 'the old stator is off the engine',
      },
      {
        kind: 'failing test again',
        state: 'not possible',
        test: 'gnd',
        result: 'the old stator is off the engine',
      },
      {
        kind: 'road test',
        what: 'One hour with lights on',
        state: 'passed',
        result: '12.7 V at rest afterwards',
        at: at(316, '17:40'),
      },
    ],
    followUps: [{ dueAt: at(286, '09:00'), state: 'held', doneAt: at(280, '09:00') }],
  }),

  demoCase({
    number: 15,
    openedAt: at(260, '10:00'),
    closedAt: at(257, '14:00'),
    odometer: '61 500 mi',
    customer: 'E. Harrow',
    vehicle: car('dales18', 1984, '', 'HRW 84D'),
    said: 'She falls on her face when I put my foot down, then goes. Carburettor was rebuilt by a specialist.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'flat spot on acceleration',
        concept: 'hesitation',
        conditions: ['acceleration'],
        frequency: 'always',
        reproduced: 'yes',
      },
    ],
    earlier: [
      {
        what: 'carburettor rebuilt',
        part: 'carburettor',
        partSource: 'rebuilt',
        by: 'a specialist',
        when: 'in winter',
        changed: 'no change',
        price: '380 EUR',
      },
    ],
    suspects: [
      {
        ref: 'carb',
        part: 'carburettor',
        failure: 'fitted wrongly',
        origin: 'just fitted',
        state: 'ruled out',
        why: 'pump jet squirts at once',
      },
      {
        ref: 'adv',
        part: 'vacuum hose',
        failure: 'fitted wrongly',
        where: 'distributor advance',
        state: 'confirmed',
      },
    ],
    tests: [
      t(
        'squirt',
        at(260, '10:30'),
        'Does the accelerator pump squirt at once?',
        [r('jet on opening', 'strong and at once', 'strong and at once')],
        { minutes: 5, caution: 'fuel near a hot engine', says: [{ suspect: 'carb', says: 'rules out' }] },
      ),
      t(
        'adv',
        at(260, '11:00'),
        'Does the ignition advance with vacuum?',
        [
          r('advance, idle to 12 inHg on the unit', '14 °', '12..18 °'),
          r('advance at part throttle as found', '0 °', '12..18 °'),
        ],
        {
          minutes: 25,
          note: 'The unit works by hand pump. It gets no vacuum: hose sits on the tank breather port.',
          says: [{ suspect: 'adv', says: 'for' }],
        },
      ),
      t(
        'adv2',
        at(257, '12:00'),
        'Does the ignition advance with vacuum?',
        [
          r('advance, idle to 12 inHg on the unit', '14 °', '12..18 °'),
          r('advance at part throttle as found', '15 °', '12..18 °'),
        ],
        { repeatOf: 'adv' },
      ),
    ],
    causes: [
      {
        part: 'vacuum hose',
        failure: 'fitted wrongly',
        where: 'advance hose on the breather port',
        why: 'Two ports of the same size, side by side.',
        misled:
          'The carburettor had been off, so the carburettor was blamed. It was what was put back round it.',
        state: 'repaired',
        explains: { symptoms: [1], tests: ['adv'] },
      },
    ],
    repairs: [
      {
        at: at(257, '11:00'),
        action: 'hose rerouted',
        what: 'advance hose onto its port',
        hours: 0.3,
        authorisation: 'authorised',
      },
    ],
    proof: [
      {
        kind: 'road test',
        what: 'Pulled away fifteen times',
        state: 'passed',
        result: 'no flat spot',
        at: at(257, '13:00'),
      },
    ],
    followUps: [{ dueAt: at(227, '09:00'), state: 'held', doneAt: at(225, '09:00') }],
  }),

  demoCase({
    number: 18,
    openedAt: at(226, '09:00'),
    closedAt: at(222, '15:00'),
    odometer: '112 800 km',
    vehicle: car('aurel18h', 2018, 'YT9AU18H3JA074462', 'WL 18 HYB'),
    said: 'Hybrid warning comes on in summer with the dog in the back. Goes off overnight.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'hybrid warning',
        concept: 'hv-warning',
        conditions: ['hot-weather', 'load'],
        frequency: 'intermittent',
        lamps: ['hybrid system'],
        reproduced: 'yes',
      },
    ],
    scans: [
      {
        at: at(226, '09:20'),
        phase: 'first',
        text: 'Hybrid control\nP0A82 Hybrid battery cooling system performance  stored\nP0A7F Hybrid battery pack deterioration  pending\nEngine: no codes\nBattery: 12.5 V',
      },
      { at: at(222, '14:00'), phase: 'after road test', text: 'Hybrid control: no codes' },
    ],
    clears: [{ at: at(223, '10:00') }],
    roles: [
      { code: 'P0A82', role: 'chase' },
      { code: 'P0A7F', role: 'knock-on', why: 'cells spread because they are hot' },
    ],
    suspects: [
      {
        ref: 'cells',
        part: 'battery cell module',
        failure: 'aged',
        state: 'ruled out',
        why: 'spread normal once cool',
      },
      { ref: 'fan', part: 'battery cooling fan', failure: 'blocked', state: 'confirmed' },
    ],
    tests: [
      t(
        'flow',
        at(226, '10:00'),
        'Does the battery fan move its air?',
        [
          r('air speed at the intake grille, fan step 6', '0.9 m/s', '≥ 3 m/s'),
          r('fan speed', '3120 rpm', '2900..3300 rpm'),
        ],
        {
          minutes: 20,
          caution: 'service plug stays in: nothing of the high-voltage side is opened',
          note: 'Turns as commanded and moves no air: blocked, not dead.',
          says: [{ suspect: 'fan', says: 'for' }],
        },
      ),
      t(
        'spread',
        at(226, '11:00'),
        'How far apart are the blocks under load, cool?',
        [r('block voltage spread at 30 A', '0.18 V', '≤ 0.3 V')],
        {
          minutes: 30,
          conditions: [c('battery below 30 °C', 'yes', '24 °C')],
          says: [{ suspect: 'cells', says: 'rules out' }],
        },
      ),
      t(
        'flow2',
        at(223, '11:00'),
        'Does the battery fan move its air?',
        [
          r('air speed at the intake grille, fan step 6', '3.9 m/s', '≥ 3 m/s'),
          r('fan speed', '3060 rpm', '2900..3300 rpm'),
        ],
        { repeatOf: 'flow' },
      ),
    ],
    causes: [
      {
        part: 'battery cooling fan',
        failure: 'blocked',
        where: 'wheel and duct',
        why: 'Dog hair: the intake is beside the rear seat.',
        misled: 'P0A7F reads like a new battery.',
        state: 'repaired',
        explains: { codes: ['P0A82', 'P0A7F'], symptoms: [1], tests: ['flow'] },
      },
    ],
    repairs: [
      {
        at: at(223, '09:30'),
        action: 'cleaned',
        what: 'fan and duct, filter mat fitted',
        hours: 1.6,
        authorisation: 'authorised',
        access: 'rear seat side trim',
      },
    ],
    proof: [
      {
        kind: 'complaint conditions',
        what: 'Forty minutes of hills at 29 °C with load',
        state: 'passed',
        result: 'battery 38 °C at most',
        at: at(222, '13:00'),
      },
    ],
    followUps: [{ dueAt: at(192, '09:00'), state: 'held', doneAt: at(188, '09:00') }],
    lesson: 'Feel the air before you price a battery.',
  }),

  demoCase({
    number: 21,
    openedAt: at(197, '07:30'),
    closedAt: at(196, '11:00'),
    odometer: '2 140 h',
    customer: 'Weir Valley council, grounds',
    vehicle: car('grunnel40', 2012),
    said: 'Tractor stops after ten minutes mowing. Wait a bit and it goes again.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'stalls after ten minutes',
        concept: 'stall',
        conditions: ['load', 'hot'],
        frequency: 'always',
        reproduced: 'yes',
      },
    ],
    suspects: [
      { ref: 'vent', part: 'fuel tank vent', failure: 'blocked', state: 'confirmed' },
      { ref: 'filter', part: 'fuel filter', failure: 'blocked', state: 'ruled out' },
    ],
    tests: [
      t(
        'cap',
        at(197, '09:00'),
        'Does it run on with the tank cap loose?',
        [
          r('running time, cap loose', '1 h 5 min', '≥ 30 min'),
          r('running time, cap shut', '11 min 20 s', '≥ 30 min'),
        ],
        {
          minutes: 60,
          says: [
            { suspect: 'vent', says: 'for' },
            { suspect: 'filter', says: 'rules out' },
          ],
        },
      ),
      t(
        'cap2',
        at(196, '09:00'),
        'Does it run on with the tank cap loose?',
        [r('running time, cap shut', '60 min', '≥ 30 min')],
        { repeatOf: 'cap' },
      ),
    ],
    causes: [
      {
        part: 'fuel tank vent',
        failure: 'blocked',
        where: 'in the cap',
        why: 'Grass dust.',
        state: 'repaired',
        explains: { symptoms: [1], tests: ['cap'] },
      },
    ],
    repairs: [
      {
        at: at(197, '14:00'),
        action: 'cleaned',
        what: 'tank cap vent',
        hours: 0.2,
        authorisation: 'authorised',
      },
    ],
    proof: [
      { kind: 'complaint conditions', what: 'One hour of mowing', state: 'passed', at: at(196, '10:00') },
    ],
    followUps: [{ dueAt: at(166, '09:00'), state: 'held', doneAt: at(160, '09:00') }],
  }),

  demoCase({
    number: 23,
    openedAt: at(178, '08:00'),
    closedAt: at(177, '15:00'),
    odometer: '101 700 km',
    vehicle: car('tessa16', 2017, 'VC9TA16B4HK180036'),
    said: 'Running on three, light flashes when I push it.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'running on three cylinders',
        concept: 'misfire',
        conditions: ['acceleration'],
        frequency: 'always',
        lamps: ['engine flashing'],
        reproduced: 'yes',
      },
    ],
    scans: [
      {
        at: at(178, '08:15'),
        phase: 'first',
        text: 'Engine\nP0303 Cylinder 3 misfire detected  stored\nBattery: 12.6 V',
      },
      { at: at(177, '14:00'), phase: 'after road test', text: 'Engine: no codes' },
    ],
    clears: [{ at: at(177, '11:00') }],
    roles: [{ code: 'P0303', role: 'chase' }],
    suspects: [
      {
        ref: 'coil',
        part: 'ignition coil',
        failure: 'internal fault',
        where: 'cylinder 3',
        state: 'confirmed',
      },
      { ref: 'plug', part: 'spark plug', failure: 'worn', state: 'ruled out' },
    ],
    tests: [
      t(
        'swap',
        at(178, '08:40'),
        'Does the misfire follow the coil to another cylinder?',
        [r('misfire after coil 3 moved to 1', 'cylinder 1', 'stays on 3')],
        {
          minutes: 15,
          says: [
            { suspect: 'coil', says: 'for' },
            { suspect: 'plug', says: 'rules out' },
          ],
        },
      ),
      t(
        'swap2',
        at(177, '12:00'),
        'Does any cylinder misfire under load?',
        [r('misfires in 1000 turns', '0', '≤ 2')],
        { repeatOf: 'swap' },
      ),
    ],
    causes: [
      {
        part: 'ignition coil',
        failure: 'internal fault',
        where: 'cylinder 3',
        why: 'Heat.',
        state: 'repaired',
        explains: { codes: ['P0303'], symptoms: [1], tests: ['swap'] },
      },
    ],
    repairs: [
      {
        at: at(177, '10:30'),
        by: 'Tomasz Bielak',
        action: 'replaced',
        what: 'coil 3',
        hours: 0.3,
        authorisation: 'authorised',
        parts: [{ name: 'ignition coil', source: 'genuine', price: '49.00' }],
      },
    ],
    proof: [
      {
        kind: 'failing test again',
        state: 'not possible',
        test: 'swap',
        result: 'the failed coil is off the car',
      },
      {
        kind: 'road test',
        what: 'Full throttle in third, five times',
        state: 'passed',
        at: at(177, '13:30'),
      },
    ],
    followUps: [{ dueAt: at(147, '09:00'), state: 'held', doneAt: at(140, '09:00') }],
  }),

  demoCase({
    number: 25,
    openedAt: at(158, '09:00'),
    closedAt: at(153, '16:00'),
    odometer: '139 400 km',
    vehicle: car('tessa16', 2015, 'VC9TA16B7FK128806'),
    said: 'Shakes cold at idle, better when warm. Coils and plugs are new, it made no difference.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'rough idle when cold',
        concept: 'rough-idle',
        conditions: ['cold-start', 'idle'],
        frequency: 'always',
        reproduced: 'yes',
      },
    ],
    earlier: [
      {
        what: 'all coils and plugs',
        part: 'ignition coil',
        partSource: 'aftermarket',
        by: 'customer’s friend',
        when: 'last month',
        changed: 'no change',
      },
    ],
    scans: [
      {
        at: at(158, '09:15'),
        phase: 'first',
        text: 'Engine\nP0303 Cylinder 3 misfire detected  stored\nP0316 Misfire in first 1000 revolutions  stored\nBattery: 12.5 V',
      },
      { at: at(153, '12:00'), phase: 'after repair', text: 'Engine: no codes' },
    ],
    clears: [{ at: at(154, '17:00') }],
    roles: [
      { code: 'P0303', role: 'chase' },
      { code: 'P0316', role: 'chase', why: 'says that it is cold' },
    ],
    suspects: [
      {
        ref: 'coil',
        part: 'ignition coil',
        failure: 'faulty new part',
        origin: 'just fitted',
        state: 'ruled out',
        why: 'misfire stays on 3',
      },
      {
        ref: 'valve',
        part: 'valve clearance',
        failure: 'out of adjustment',
        where: 'exhaust, cylinder 3',
        state: 'confirmed',
      },
    ],
    tests: [
      t(
        'swap',
        at(158, '09:40'),
        'Does the misfire follow the coil to another cylinder?',
        [r('misfire after coil 3 moved to 1', 'stays on 3', 'stays on 3')],
        { minutes: 15, says: [{ suspect: 'coil', says: 'rules out' }] },
      ),
      t(
        'comp',
        at(157, '08:00'),
        'Do the cylinders compress alike, cold?',
        [
          r('cylinder 1', '12.8 bar', '≥ 11 bar'),
          r('cylinder 2', '12.6 bar', '≥ 11 bar'),
          r('cylinder 3', '8.1 bar', '≥ 11 bar'),
          r('cylinder 4', '12.9 bar', '≥ 11 bar'),
        ],
        { minutes: 35, conditions: [c('stood overnight', 'yes')], says: [{ suspect: 'valve', says: 'for' }] },
      ),
      t(
        'gap',
        at(157, '10:00'),
        'What clearance has the exhaust valve of 3?',
        [r('exhaust 3, cold', '0.08 mm', '0.27..0.33 mm')],
        { minutes: 40, says: [{ suspect: 'valve', says: 'for' }] },
      ),
      t(
        'comp2',
        at(153, '08:00'),
        'Do the cylinders compress alike, cold?',
        [
          r('cylinder 1', '12.8 bar', '≥ 11 bar'),
          r('cylinder 2', '12.7 bar', '≥ 11 bar'),
          r('cylinder 3', '12.4 bar', '≥ 11 bar'),
          r('cylinder 4', '12.8 bar', '≥ 11 bar'),
        ],
        { repeatOf: 'comp', conditions: [c('stood overnight', 'yes')] },
      ),
    ],
    causes: [
      {
        part: 'valve clearance',
        failure: 'out of adjustment',
        where: 'exhaust, cylinder 3',
        why: 'Gas conversion, never adjusted.',
        misled: 'Warm compression had been measured elsewhere and was fair.',
        state: 'repaired',
        explains: { codes: ['P0303', 'P0316'], symptoms: [1], tests: ['comp', 'gap'] },
      },
    ],
    repairs: [
      {
        at: at(154, '16:00'),
        action: 'adjusted',
        what: 'all clearances; three shims changed',
        hours: 3.4,
        authorisation: 'authorised',
      },
    ],
    proof: [
      {
        kind: 'failing test again',
        state: 'not possible',
        test: 'gap',
        result: 'the shims are fitted; compression shows it',
      },
      { kind: 'complaint conditions', what: 'Ten minutes of warm idle', state: 'passed' },
      {
        kind: 'cold start',
        what: 'Two cold mornings',
        state: 'passed',
        result: 'even from the first second',
        at: at(153, '08:20'),
      },
    ],
    followUps: [{ dueAt: at(123, '09:00'), state: 'held', doneAt: at(120, '09:00') }],
    lesson:
      'P0303 that follows the coil is case 23. One that stays, and only cold, is compression: measure it cold.',
  }),

  demoCase({
    number: 28,
    openedAt: at(130, '08:00'),
    closedAt: at(128, '16:00'),
    odometer: '244 100 km',
    vehicle: car('shire23d', 2016, 'SB9SH23D2GM007713', 'WL 16 BUS'),
    customer: 'Weir Valley Community Transport',
    said: 'Filter light again and it wants to burn off every day.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'regenerates too often',
        concept: 'regen-often',
        lamps: ['particle filter'],
        frequency: 'always',
        reproduced: 'yes',
      },
    ],
    earlier: [
      {
        what: 'charge-air hose, by us',
        part: 'charge-air hose',
        by: 'this shop, case 19',
        changed: 'unknown',
      },
    ],
    scans: [
      {
        at: at(130, '08:20'),
        phase: 'first',
        text: 'ENGINE\n P2453 | Particle filter differential pressure sensor range/performance | stored\n P2463 | Soot accumulation | stored\nBattery: 12.4 V',
      },
      { at: at(128, '15:00'), phase: 'after road test', text: 'ENGINE: no codes' },
    ],
    clears: [{ at: at(129, '11:00') }],
    roles: [
      { code: 'P2453', role: 'chase' },
      { code: 'P2463', role: 'knock-on', why: 'reckoned from a wrong pressure' },
    ],
    suspects: [
      { ref: 'hose', part: 'differential pressure hose', failure: 'cracked', state: 'confirmed' },
      { ref: 'dpf', part: 'particle filter', failure: 'blocked', state: 'ruled out' },
    ],
    tests: [
      t(
        'zero',
        at(130, '09:00'),
        'Does the sensor read nothing with the engine off?',
        [r('differential pressure, engine off', '0 mbar', '0 mbar ± 3')],
        { minutes: 5 },
      ),
      t(
        'true',
        at(130, '09:20'),
        'Does it read what is applied?',
        [
          r('applied 100 mbar, shown', '99 mbar', '100 mbar ± 5'),
          r('applied 100 mbar through the hose', '31 mbar', '100 mbar ± 5'),
        ],
        {
          minutes: 20,
          setup: 'hand pump against a second gauge: 100 and 101 mbar',
          setupResult: 'ok',
          note: 'Sensor true, hose not.',
          says: [{ suspect: 'hose', says: 'for' }],
        },
      ),
      t(
        'back',
        at(130, '10:00'),
        'Is the filter itself free?',
        [r('back pressure at 3000 rpm, own gauge', '62 mbar', '≤ 120 mbar')],
        { minutes: 25, caution: 'hot exhaust', says: [{ suspect: 'dpf', says: 'rules out' }] },
      ),
      t(
        'true2',
        at(129, '10:00'),
        'Does it read what is applied?',
        [
          r('applied 100 mbar, shown', '99 mbar', '100 mbar ± 5'),
          r('applied 100 mbar through the hose', '100 mbar', '100 mbar ± 5'),
        ],
        { repeatOf: 'true' },
      ),
    ],
    causes: [
      {
        part: 'differential pressure hose',
        failure: 'cracked',
        where: 'front hose, at the steel pipe',
        why: 'Heat.',
        state: 'repaired',
        explains: { codes: ['P2453', 'P2463'], symptoms: [1], tests: ['true'] },
      },
    ],
    repairs: [
      {
        at: at(129, '09:30'),
        by: 'Aoife Kerr',
        action: 'replaced',
        what: 'both pressure hoses',
        hours: 0.7,
        authorisation: 'authorised',
        parts: [{ name: 'pressure hose', source: 'genuine', price: '22.00' }],
      },
    ],
    proof: [
      {
        kind: 'road test',
        what: 'Two days in service',
        state: 'passed',
        result: 'one regeneration in 540 km',
        at: at(128, '14:00'),
      },
    ],
    followUps: [{ dueAt: at(98, '09:00'), state: 'held', doneAt: at(96, '09:00') }],
  }),

  demoCase({
    number: 30,
    openedAt: at(110, '16:00'),
    closedAt: at(110, '17:10'),
    odometer: '38 700 km',
    vehicle: car('brisk12t', 2020, 'VC9BR12T2LK600771'),
    said: 'Airbag light since I vacuumed under the seat.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'airbag light',
        concept: 'airbag-light',
        lamps: ['airbag'],
        frequency: 'always',
        reproduced: 'yes',
      },
    ],
    earlier: [
      { kind: 'other', what: 'vacuumed under the driver’s seat', by: 'customer', changed: 'started it' },
    ],
    scans: [
      {
        at: at(110, '16:10'),
        phase: 'first',
        text: 'Airbag\nB0051 Driver seat side airbag circuit resistance high  active\nBattery: 12.5 V',
      },
    ],
    roles: [{ code: 'B0051', role: 'chase' }],
    tests: [
      t(
        'look',
        at(110, '16:30'),
        'Is the plug under the seat latched?',
        [r('yellow plug', 'pushed on, not latched', 'latched')],
        {
          minutes: 10,
          caution: 'airbag: battery off and wait before touching the plug',
          setup: 'battery off, ten minutes',
          setupResult: 'ok',
        },
      ),
    ],
    suspects: [
      {
        ref: 'plug',
        part: 'connector',
        failure: 'not latched',
        where: 'under the driver’s seat',
        state: 'confirmed',
      },
    ],
    causes: [
      {
        part: 'connector',
        failure: 'not latched',
        where: 'under the driver’s seat',
        why: 'Knocked by the vacuum cleaner.',
        state: 'repaired',
        explains: { codes: ['B0051'], symptoms: [1], tests: ['look'] },
      },
    ],
    repairs: [
      {
        at: at(110, '16:50'),
        action: 'connector seated',
        what: 'plug latched and tied',
        hours: 0.3,
        authorisation: 'authorised',
      },
    ],
    proof: [
      {
        kind: 'record and clear',
        what: 'Cleared, customer had to leave',
        state: 'not possible',
        result: 'not scanned again',
        at: at(110, '17:00'),
      },
    ],
    lesson: 'Not proven: no scan after. The customer was asked to ring.',
  }),
];
