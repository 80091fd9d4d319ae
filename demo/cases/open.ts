import { c, car, demoCase, r, t, type At } from '../write';

const FRAME_LOG = `// module 7E8 Engine
// module 7E9 Transmission
(1793000000.000100) can0 7DF#0103000000000000
(1793000000.008300) can0 7E8#0643020171050700
(1793000000.009100) can0 7E9#0243000000000000
(1793000000.100200) can0 7DF#0107000000000000
(1793000000.108400) can0 7E8#0447010171000000
(1793000000.200100) can0 7E0#031902FF00000000
(1793000000.207900) can0 7E8#100B5902FF017100
(1793000000.208800) can0 7E0#3000000000000000
(1793000000.210100) can0 7E8#212F050700280000
(1793000000.300100) can0 7DF#0202050000000000
(1793000000.307100) can0 7E8#0542020001710000
(1793000000.400100) can0 7E8#0442050082000000
(1793000000.500100) can0 7DF#02010C0000000000
(1793000000.507700) can0 7E8#04410C0BB8000000
(1793000000.600100) can0 7DF#0201070000000000
(1793000000.607300) can0 7E8#0341079600000000
(1793000000.700100) can0 7DF#0201420000000000
(1793000000.707300) can0 7E8#0441423714000000
(1793000000.800100) can0 7E8#0341059`;

/** Cases still open, one at each part, some waiting. */
export const openCases = (at: At) => [
  demoCase({
    number: 32,
    openedAt: at(23, '09:00'),
    waitsFor: 'part',
    waitNote: 'due Thursday',
    customer: 'Mr Hask',
    phone: '01632 960 117',
    orderNumber: '26-1184',
    promisedAt: at(-2, '16:00'),
    spendingLimit: '600',
    hand: 'Tomasz Bielak',
    handNote: 'part is to be here Thursday, teach it in afterwards',
    odometer: '159 300 km',
    vehicle: car('marlo20d', 2015, 'VC9MA20D5FK288140', 'WL 15 DSL'),
    said: 'No power on the motorway slope, then it is in emergency running until I restart.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'limp mode on the motorway slope',
        conditions: ['load', 'high-speed'],
        frequency: 'intermittent',
        reproduced: 'yes',
      },
    ],
    scans: [
      {
        at: at(23, '09:20'),
        phase: 'first',
        text: 'Engine\nP0299 Turbocharger underboost  stored\nP2563 Boost actuator position sensor range  stored\nP0101 Air flow meter range  pending\nBattery: 12.5 V',
      },
    ],
    roles: [
      { code: 'P0299', role: 'chase' },
      { code: 'P2563', role: 'chase' },
      { code: 'P0101', role: 'knock-on', why: 'air flow follows boost' },
    ],
    suspects: [
      {
        ref: 'act',
        part: 'wastegate actuator',
        failure: 'sticking',
        origin: 'precedent',
        state: 'confirmed',
        why: 'as in case 12',
      },
      { ref: 'hose', part: 'charge-air hose', failure: 'cracked', state: 'ruled out' },
    ],
    tests: [
      t(
        'leak',
        at(22, '10:00'),
        'Does the charge path hold pressure?',
        [r('drop from 1.0 bar in 60 s', '0.05 bar', '≤ 0.2 bar')],
        { minutes: 20, says: [{ suspect: 'hose', says: 'rules out' }] },
      ),
      t(
        'sweep',
        at(22, '11:00'),
        'Does the actuator run its whole way, and come back to rest?',
        [
          r('at rest', '12 %', '5..15 %'),
          r('commanded 95 %', '71 %', '90..98 %'),
          r('back at rest', '24 %', '5..15 %'),
        ],
        {
          minutes: 15,
          conditions: [c('engine warm', 'yes', '88 °C')],
          says: [{ suspect: 'act', says: 'for' }],
        },
      ),
    ],
    causes: [
      {
        part: 'wastegate actuator',
        failure: 'sticking',
        where: 'vane linkage',
        state: 'part on order',
        explains: { codes: ['P0299', 'P2563', 'P0101'], symptoms: [1], tests: ['sweep'] },
      },
    ],
    repairs: [
      {
        action: 'replaced',
        what: 'wastegate actuator',
        authorisation: 'authorised',
        askedAt: at(21, '09:00'),
        answeredAt: at(21, '11:30'),
        answeredBy: 'Jun Okafor',
        hours: 2.4,
        parts: [
          {
            name: 'wastegate actuator',
            number: 'VA 2001 447',
            source: 'rebuilt',
            price: '268.00',
            orderedAt: at(20, '08:15'),
          },
        ],
      },
    ],
  }),
  demoCase({
    number: 33,
    openedAt: at(16, '13:00'),
    waitsFor: 'authorisation',
    waitNote: 'Ms Tarn decides this week',
    customer: 'Ms Tarn',
    phone: '01632 960 140',
    orderNumber: '26-1201',
    promisedAt: at(1, '12:00'),
    spendingLimit: '1 000',
    odometer: '181 000 km',
    vehicle: car('lugger22d', 2016, 'SH9LG22D8GN331207', 'WL 16 LUG'),
    said: 'Shudders like mad when I set off, worse with tools in.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'judders when pulling away',
        conditions: ['load', 'acceleration'],
        frequency: 'always',
        reproduced: 'yes',
      },
    ],
    scans: [
      { at: at(16, '13:20'), phase: 'first', text: 'Engine: no codes\nABS: no codes\nBattery: 12.6 V' },
    ],
    suspects: [
      { ref: 'dmf', part: 'dual-mass flywheel', failure: 'worn', state: 'confirmed' },
      { ref: 'mount', part: 'engine mount', failure: 'broken', state: 'ruled out' },
    ],
    tests: [
      t(
        'turn',
        at(16, '14:00'),
        'How much free turn has the flywheel?',
        [r('free turn, ring to disc', '21 °', '≤ 14 °')],
        { minutes: 30, says: [{ suspect: 'dmf', says: 'for' }] },
      ),
      t(
        'mount',
        at(16, '15:00'),
        'Do the mounts hold the engine?',
        [r('lift at full torque against the brake', '17 mm', '≤ 15 mm')],
        {
          minutes: 10,
          overrule: 'pass',
          overruleWhy: 'taken at the tip of the bracket, half as far out again: at the mount it is 11 mm',
          says: [{ suspect: 'mount', says: 'rules out' }],
        },
      ),
    ],
    causes: [
      {
        part: 'dual-mass flywheel',
        failure: 'worn',
        state: 'diagnosed',
        explains: { symptoms: [1], tests: ['turn'] },
      },
    ],
    repairs: [
      {
        action: 'replaced',
        what: 'flywheel with clutch',
        authorisation: 'asked',
        askedAt: at(14, '16:20'),
        hours: 7.5,
        parts: [
          {
            name: 'flywheel and clutch kit',
            source: 'aftermarket',
            soldAs: 'assembly only',
            price: '705.00',
          },
        ],
      },
    ],
  }),
  demoCase({
    number: 34,
    openedAt: at(12, '08:30'),
    waitsFor: 'diagnosis',
    odometer: '77 900 km',
    vehicle: car('tessa16', 2018, 'VC9TA16B9JK205511', 'WL 18 TES'),
    said: 'Engine light is on and it shakes at idle. Had the air filter done at a quick-fit place.',
    seen: 'Lamp on. Idle uneven at 690 rpm. Air filter box clip open.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'shakes at idle',
        concept: 'rough-idle',
        conditions: ['idle', 'hot'],
        frequency: 'always',
        reproduced: 'yes',
      },
      { words: 'engine light', lamps: ['engine'], reproduced: 'yes' },
      { words: 'chunters', conditions: ['idle'], frequency: 'always' },
    ],
    earlier: [
      {
        what: 'air filter',
        part: 'air filter',
        partSource: 'aftermarket',
        by: 'quick-fit',
        when: 'three weeks before',
        changed: 'unknown',
      },
    ],
    scans: [
      {
        at: at(12, '08:50'),
        phase: 'first',
        text: 'Engine control\nP0171 System too lean bank 1   stored\nP0507 Idle speed higher than expected   pending\nP0455 EVAP large leak   history\nFreeze frame\n Engine speed: 705 rpm\n Coolant: 93 °C\n Long term trim: 21.1 %\nTransmission\nP0562 System voltage low   history\nABS: no codes\nRadio: no response\nBattery: 12.5 V\nReport printed by the desk at reception',
      },
      {
        at: at(11, '09:40'),
        phase: 'after clear',
        text: 'Engine control\nP0171 System too lean bank 1   pending\nTransmission: no codes\nABS: no codes\nBattery: 12.6 V',
      },
    ],
    clears: [{ at: at(11, '09:00') }],
    roles: [
      { code: 'P0171', role: 'chase' },
      { code: 'P0562', role: 'leftover', why: 'did not return' },
    ],
    suspects: [
      { ref: 'boot', part: 'intake boot', failure: 'cracked', origin: 'precedent', why: 'as in case 3' },
      { ref: 'pump', part: 'fuel pump', failure: 'low output', origin: 'precedent', why: 'as in case 9' },
    ],
    tests: [
      t(
        'trims',
        at(11, '10:10'),
        'Is it lean at idle only, or everywhere?',
        [
          r('long-term trim at idle', '20.3 %', '-8..8 %'),
          r('long-term trim at 2500 rpm', '4.4 %', '-8..8 %'),
        ],
        {
          minutes: 10,
          conditions: [c('coolant above 80 °C', 'yes', '89 °C')],
          says: [
            { suspect: 'boot', says: 'for', why: 'idle only' },
            { suspect: 'pump', says: 'against' },
          ],
        },
      ),
      t(
        'rail',
        at(10, '09:20'),
        'Does the fuel supply hold up?',
        [r('rail pressure at idle', '3.9 bar'), r('rail pressure at full load', '3.1 bar')],
        {
          by: 'Aoife Kerr',
          whereKind: 'circuit',
          where: 'rail port',
          minutes: 20,
          caution: 'fuel under pressure: rag around the port, no flame near',
          setup: 'gauge against the shop’s other one: at most 0.1 bar apart',
          setupReading: '0.05 bar',
          instrument: 'shop fuel gauge',
          accuracy: '± 0.1 bar',
        },
      ),
    ],
  }),
  demoCase({
    number: 35,
    openedAt: at(9, '10:00'),
    waitsFor: 'road test',
    waitNote: 'needs a night below 5 °C',
    lead: 'Mara Voss',
    odometer: '99 200 km',
    vehicle: car('drover28d', 2018, 'YH9DR28D6JP405512', 'WL 18 PIK'),
    said: 'Hard to start in the cold, lots of cranking and white smoke.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'hard to start',
        concept: 'hard-start',
        conditions: ['cold-start', 'cold-weather'],
        frequency: 'always',
        reproduced: 'yes',
      },
      { words: 'white smoke', conditions: ['cold-start'], reproduced: 'yes' },
    ],
    scans: [
      {
        at: at(9, '10:15'),
        phase: 'first',
        text: 'Engine\nP0671 Glow plug cylinder 1 circuit  stored\nP0673 Glow plug cylinder 3 circuit  stored\nBattery: 12.4 V',
      },
      { at: at(7, '16:00'), phase: 'after repair', text: 'Engine: no codes' },
    ],
    clears: [{ at: at(7, '15:00') }],
    roles: [
      { code: 'P0671', role: 'chase' },
      { code: 'P0673', role: 'chase' },
    ],
    suspects: [
      {
        ref: 'plug',
        part: 'glow plug',
        failure: 'open circuit',
        where: 'cylinders 1 and 3',
        state: 'confirmed',
      },
    ],
    tests: [
      t(
        'res',
        at(9, '11:00'),
        'Are the glow plugs whole?',
        [
          r('plug 1', 'OL', '0.4..1.2 Ω'),
          r('plug 2', '0.7 Ω', '0.4..1.2 Ω'),
          r('plug 3', 'OL', '0.4..1.2 Ω'),
          r('plug 4', '0.7 Ω', '0.4..1.2 Ω'),
        ],
        {
          minutes: 20,
          setup: 'leads touched: 0.1 Ω',
          setupResult: 'ok',
          says: [{ suspect: 'plug', says: 'for' }],
        },
      ),
      t(
        'res2',
        at(7, '14:30'),
        'Are the glow plugs whole?',
        [
          r('plug 1', '0.7 Ω', '0.4..1.2 Ω'),
          r('plug 2', '0.7 Ω', '0.4..1.2 Ω'),
          r('plug 3', '0.7 Ω', '0.4..1.2 Ω'),
          r('plug 4', '0.7 Ω', '0.4..1.2 Ω'),
        ],
        { repeatOf: 'res', minutes: 10, setup: 'leads touched: 0.1 Ω', setupResult: 'ok' },
      ),
    ],
    causes: [
      {
        part: 'glow plug',
        failure: 'open circuit',
        where: 'cylinders 1 and 3',
        why: 'Age.',
        state: 'repaired',
        explains: { codes: ['P0671', 'P0673'], symptoms: [1, 2], tests: ['res'] },
      },
    ],
    repairs: [
      {
        at: at(7, '14:00'),
        by: 'Aoife Kerr',
        action: 'replaced',
        what: 'four glow plugs',
        hours: 1.3,
        authorisation: 'authorised',
        parts: [{ name: 'glow plug', source: 'genuine', price: '4 × 18.50' }],
      },
    ],
    proof: [
      { kind: 'record and clear', what: 'Scan, then clear', state: 'passed', at: at(7, '15:00') },
      { kind: 'cold start', what: 'Start after a night below 5 °C', state: 'open' },
    ],
  }),
  demoCase({
    number: 36,
    openedAt: at(6, '08:10'),
    waitsFor: 'diagnosis',
    odometer: '64 800 km',
    vehicle: car('aurel18h', 2020, 'YT9AU18H9LA130087', 'WL 20 AUR'),
    said: 'Beeps and says distance control not available, mostly on wet days.',
    reproduced: 'sometimes',
    symptoms: [
      {
        words: 'distance control unavailable in the wet',
        concept: 'camera-sensor',
        conditions: ['rain'],
        frequency: 'intermittent',
        reproduced: 'yes',
      },
    ],
    earlier: [
      {
        kind: 'bodywork',
        what: 'front bumper resprayed',
        by: 'a body shop',
        when: 'in September',
        changed: 'started it',
      },
    ],
    scans: [
      {
        at: at(6, '08:30'),
        phase: 'first',
        text: 'Distance control\nC1A60 Radar sensor blocked  intermittent\nC1A67 Radar sensor not aligned  stored\nBrakes: no codes\nBattery: 12.6 V',
      },
      // The brakes alone: of the radar it says nothing.
      { at: at(5, '11:20'), phase: 'after clear', tool: 'pocket reader', text: 'Brakes: no codes' },
      // A bare list from a phone's picture: whose codes these are, and what else was read, it does not tell.
      { at: at(4, '17:40'), tool: 'customer’s photo', text: 'C1A67' },
    ],
    clears: [{ at: at(5, '11:00') }],
    suspects: [
      {
        part: 'radar sensor',
        failure: 'fitted wrongly',
        origin: 'just fitted',
        why: 'bumper was off in September',
      },
    ],
  }),
  demoCase({
    number: 37,
    openedAt: at(3, '14:00'),
    waitsFor: 'customer',
    waitNote: 'brings it back when it does it again',
    lead: 'Tomasz Bielak',
    odometer: '22 300 km',
    vehicle: car('lapwing650', 2014, '', 'WL 14 TWN'),
    said: 'Twice now it would not crank. Then it did. Not for you, of course.',
    reproduced: 'no',
    symptoms: [
      {
        words: 'sometimes does not crank',
        concept: 'no-crank',
        conditions: ['after-short-stop'],
        frequency: 'intermittent',
        reproduced: '',
      },
    ],
    suspects: [
      { part: 'sidestand switch', failure: 'intermittent contact' },
      { part: 'clutch switch', failure: 'intermittent contact' },
    ],
    tests: [
      t(
        'sw',
        at(2, '10:00'),
        'Does the sidestand switch hold contact while it is shaken?',
        [r('contact over 50 shakes', 'steady', 'steady')],
        {
          minutes: 20,
          by: 'Tomasz Bielak',
          whereKind: 'part',
          where: 'sidestand switch',
          conditions: [c('engine hot, stopped less than 10 minutes ago', 'yes')],
          watch: 'seen good',
          tries: 50,
          took: '20 min',
          caughtUnder: 'hot, shaken by hand',
        },
      ),
      t('start', at(1, '16:10'), 'Does it ever refuse to crank here?', [], {
        minutes: 75,
        by: 'Tomasz Bielak',
        watch: 'caught',
        tries: 22,
        took: '75 min',
        caughtUnder: 'hot, on the stand, bars turned to the left',
        note: 'Lamp on the clutch switch output goes out with the bars at the left stop. Not written on any suspect yet: the customer brings it back on Friday to repeat it.',
      }),
    ],
  }),
  demoCase({
    number: 38,
    openedAt: at(1, '09:30'),
    waitsFor: 'diagnosis',
    customer: 'B. Sorrel',
    phone: '01632 960 155',
    hand: 'Aoife Kerr',
    handNote: 'please start with the cold resistance, it comes in cold',
    odometer: '118 400 km',
    vehicle: car('orbis30', 2016, 'WB9OR30P5GT031176', 'WL 16 SIX'),
    said: 'Whining noise from the engine in the morning, gone after a minute, and the steering feels heavy then.',
    symptoms: [
      {
        words: 'steering heavy when cold',
        concept: 'steer-heavy',
        conditions: ['cold-start'],
        frequency: 'always',
      },
    ],
  }),
  demoCase({
    number: 39,
    openedAt: at(1, '15:20'),
    waitsFor: 'diagnosis',
    lead: 'Aoife Kerr',
    odometer: '88 050 km',
    vehicle: car('nib10', 2016, 'WB9NB10P4GT250618', 'WL 16 NEB'),
    said: 'Light is on and it hunts at the lights, goes up and down.',
    reproduced: 'yes',
    symptoms: [
      { words: 'idle hunts', conditions: ['idle'], frequency: 'always', reproduced: 'yes' },
      { words: 'chunters and then settles', conditions: ['idle'] },
      { words: 'engine light', lamps: ['engine'], reproduced: 'yes' },
    ],
    // Logged at the socket with a bus adapter, in the open candump format.
    scans: [{ at: at(1, '15:40'), phase: 'first', tool: 'bus adapter', text: FRAME_LOG }],
  }),
  demoCase({
    number: 40,
    openedAt: at(0, '07:45'),
    waitsFor: 'diagnosis',
    lead: 'Jun Okafor',
    customer: 'walk-in, left the key',
    vehicle: { kind: 'van', make: 'Haldric', model: 'Lugger' },
    said: 'Won’t start. It turns over but nothing.',
  }),
  demoCase({
    number: 44,
    openedAt: at(1, '10:15'),
    waitsFor: 'diagnosis',
    lead: 'Aoife Kerr',
    customer: 'Fenwick Haulage',
    phone: '01632 960 170',
    promisedAt: at(-1, '07:00'),
    odometer: '412 600 km',
    vehicle: {
      kind: '24 V vehicle',
      make: 'Grunnel',
      model: 'Hauler 18',
      year: 2017,
      engine: '7.0 diesel',
      fuel: 'diesel',
      plate: 'WL 17 FEN',
    },
    said: 'Clicks and does nothing, then on the third turn of the key it starts. Worse in the rain. Both batteries renewed in March, no change.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'clicks, does not crank',
        concept: 'no-crank',
        conditions: ['rain'],
        frequency: 'intermittent',
        reproduced: 'yes',
      },
    ],
    scans: [
      {
        at: at(1, '10:30'),
        phase: 'first',
        text: 'Source    SPN    FMI    Status       Description\nEngine    677    5      Active       Starter relay, current below normal\nBrakes    -      -      No faults\nBattery: 24.9 V',
      },
    ],
    suspects: [{ ref: 'relay', part: 'starter relay', failure: 'burnt' }],
    tests: [
      t(
        'feeds',
        at(1, '10:50'),
        'Is everything at the starter relay fed?',
        [
          r('battery', '24.9 V', ''),
          r('30 at the relay', '24,7 V', 'B+'),
          r('86 at the relay', '24.8 V', 'B+'),
        ],
        { minutes: 10, conditions: [c('key held in start', 'yes', 'by a second person')] },
      ),
      t(
        'output',
        at(1, '11:00'),
        'Does the relay pass it on?',
        [r('battery', '24.9 V', ''), r('87 at the relay', '11,3 V', 'B+')],
        {
          minutes: 5,
          conditions: [c('key held in start', 'yes', 'by a second person')],
          says: [{ suspect: 'relay', says: 'for' }],
        },
      ),
    ],
  }),
  demoCase({
    number: 45,
    openedAt: at(0, '08:40'),
    waitsFor: 'diagnosis',
    lead: 'Jun Okafor',
    customer: 'Ferry Landing',
    vehicle: {
      kind: 'boat',
      make: 'Tarnwater',
      model: 'Pike 28',
      engine: '1.5 diesel, two of them',
      fuel: 'diesel',
    },
    said: 'Port engine will not go above 2,400, starboard does 3,600. Smokes black when pushed.',
    reproduced: 'yes',
    symptoms: [
      {
        words: 'port engine does not reach its speed',
        concept: 'no-power',
        conditions: ['load'],
        frequency: 'always',
      },
    ],
    // Lists of live values and no codes: a normal case on an engine of this kind.
    scans: [
      {
        at: at(0, '08:50'),
        phase: 'first',
        text: 'Live data, port engine\nEngine speed: 0 rpm\nManifold pressure: 91 kPa\nBarometric pressure: 100 kPa\nCoolant temperature: 19 °C\nIntake air temperature: 21 °C\nBattery voltage: 12.6 V',
      },
      {
        at: at(0, '09:10'),
        phase: 'after road test',
        text: 'Live data, port engine\nRPM\t2380\trpm\nMAP\t118\tkPa\nBARO\t100\tkPa\nECT\t84\t°C\nIAT\t38\t°C\nBattery voltage\t14.1\tV',
      },
    ],
    tests: [
      t(
        'speeds',
        at(0, '09:05'),
        'Do both engines reach the same speed?',
        [r('port', '2,380 rpm', '≥ 3,400 rpm'), r('starboard', '3.590 rpm', '≥ 3,400 rpm')],
        { minutes: 15 },
      ),
    ],
  }),
];
