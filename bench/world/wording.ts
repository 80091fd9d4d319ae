/**
 * What people say in the made-up world, by symptom: how it stands on past cases, and how it is asked
 * about. The two never share a sentence (`world.test.ts` holds that), and neither was looked at when
 * the vocabulary was written: it was there before this file. The first two ways of asking are for
 * choosing weights, the others for the figures that are reported.
 */
export const WORDING: Record<string, { onCase: string[]; asked: string[] }> = {
  'no-crank': {
    onCase: ['No crank, no click', 'Starter does nothing when the key is turned', 'Will not turn over'],
    asked: [
      'turn the key and nothing at all',
      'engine does not crank',
      'dead when I press start',
      'no reaction from the starter',
    ],
  },
  'no-start': {
    onCase: ['Cranks but does not start', 'No start', 'Turns over but will not fire'],
    asked: [
      'spins over and over, never catches',
      'cranks well but will not run',
      'refuses to start',
      'engine turns, no firing',
    ],
  },
  'hard-start': {
    onCase: ['Hard to start', 'Long cranking before it starts', 'Needs several attempts to start'],
    asked: ['takes ages to start', 'extended crank time', 'starts only on the third try', 'slow to fire up'],
  },
  'slow-crank': {
    onCase: ['Cranks slowly', 'Starter sounds weak', 'Laboured cranking'],
    asked: ['turns over really slowly', 'sluggish starter', 'barely cranks', 'starter struggles'],
  },
  stall: {
    onCase: ['Engine stalls', 'Cuts out while driving', 'Dies at standstill'],
    asked: ['conks out', 'engine dies on me', 'keeps stalling', 'motor shuts off by itself'],
  },
  'rough-idle': {
    onCase: ['Rough idle', 'Engine shakes at idle', 'Lumpy tickover'],
    asked: [
      'shivers when standing at lights',
      'idles unevenly',
      'whole car trembles at idle',
      'lumpy when stopped',
    ],
  },
  'hunting-idle': {
    onCase: ['Idle hunts up and down', 'Hunting idle'],
    asked: ['revs go up and down at idle', 'idle keeps surging', 'rpm swings at standstill', 'idle wanders'],
  },
  'high-idle': {
    onCase: ['Idle too high', 'High idle speed'],
    asked: ['revs stay up', 'idles at 1500', 'idle will not come down', 'hanging revs'],
  },
  misfire: {
    onCase: ['Misfires', 'Engine misses', 'Runs on three cylinders'],
    asked: ['splutters', 'one cylinder is dropping out', 'misfiring badly', 'coughs and spits'],
  },
  hesitation: {
    onCase: ['Hesitates on acceleration', 'Flat spot when pulling away', 'Stumbles on throttle'],
    asked: [
      'bogs down when I put my foot down',
      'hesitation off the line',
      'nothing happens for a second when accelerating',
      'falls on its face under throttle',
    ],
  },
  jerking: {
    onCase: ['Jerks while driving', 'Bucks under light load'],
    asked: ['kangaroos along', 'jerky on the move', 'lurches', 'car bucks'],
  },
  'no-power': {
    onCase: ['Lack of power', 'Low power, no boost', 'Poor acceleration'],
    asked: ['gutless', 'will not pull up hills', 'has lost its power', 'down on power'],
  },
  limp: {
    onCase: ['Goes into limp mode', 'Reduced engine power'],
    asked: ['limp home', 'will not rev over 3000', 'emergency running', 'power is being limited'],
  },
  backfire: {
    onCase: ['Backfires', 'Bangs in the exhaust'],
    asked: ['pops on the overrun', 'backfiring', 'loud bangs from the exhaust', 'explosions out the back'],
  },
  knock: {
    onCase: ['Engine knocks under load', 'Pinging'],
    asked: ['pinking uphill', 'detonation', 'spark knock', 'rattles when pulling'],
  },
  'engine-noise': {
    onCase: ['Rattle at start-up', 'Ticking from the engine'],
    asked: ['timing chain rattle', 'tappet noise', 'noisy engine', 'clatter from the front of the engine'],
  },
  whistle: {
    onCase: ['Whistling noise under load', 'Hissing under the bonnet'],
    asked: ['sounds like an air leak', 'whistles on boost', 'hiss from the engine bay', 'sucking noise'],
  },
  'fuel-use': {
    onCase: ['High fuel consumption', 'Uses too much fuel'],
    asked: ['drinks petrol', 'mileage got much worse', 'poor mpg', 'thirsty'],
  },
  'fuel-smell': {
    onCase: ['Smell of fuel', 'Fuel smell around the car'],
    asked: ['stinks of petrol', 'petrol smell outside', 'smells of diesel', 'gas smell'],
  },
  'black-smoke': {
    onCase: ['Black smoke', 'Sooty exhaust'],
    asked: ['smokes black', 'clouds of soot', 'black exhaust under throttle', 'throws soot'],
  },
  'blue-smoke': {
    onCase: ['Blue smoke', 'Oil smoke from the exhaust'],
    asked: ['smokes blue', 'puff of blue on start', 'bluish haze', 'burns oil and smokes'],
  },
  'white-smoke': {
    onCase: ['White smoke', 'Steam from the exhaust'],
    asked: ['clouds of white out the tailpipe', 'white exhaust', 'smokes white', 'steam out of the back'],
  },
  'oil-use': {
    onCase: ['Oil consumption', 'Uses oil'],
    asked: ['needs topping up with oil', 'burns oil', 'oil level keeps dropping', 'drinks oil'],
  },
  'oil-pressure-low': {
    onCase: ['Low oil pressure warning', 'Oil lamp at idle'],
    asked: ['oil light flickers', 'oil pressure warning', 'red oil can symbol', 'low oil pressure'],
  },
  'regen-often': {
    onCase: ['Particle filter full', 'Regeneration fails'],
    asked: ['constant regen', 'filter blocked message', 'soot filter clogged', 'regenerates all the time'],
  },
  'adblue-warning': {
    onCase: ['Urea system warning', 'No restart countdown'],
    asked: ['urea fault message', 'countdown to no start', 'exhaust fluid warning', 'dosing system warning'],
  },
  overheat: {
    onCase: ['Overheats', 'Temperature climbs in traffic'],
    asked: ['runs hot', 'needle goes into the red', 'boils over', 'gets too hot'],
  },
  'coolant-loss': {
    onCase: ['Loses coolant', 'Coolant low, no visible leak'],
    asked: ['keeps losing water', 'drinks water', 'needs coolant topping up', 'coolant vanishes'],
  },
  'coolant-pressure': {
    onCase: ['Hoses rock hard', 'Pushes coolant out'],
    asked: [
      'bubbles in the expansion tank',
      'hoses get hard',
      'coolant is being blown out',
      'cooling system over-pressurised',
    ],
  },
  'runs-cold': {
    onCase: ['Does not warm up', 'Temperature stays low'],
    asked: ['runs cold', 'takes forever to warm up', 'gauge never comes up', 'never reaches temperature'],
  },
  'no-heat': {
    onCase: ['Heater blows cold', 'No cabin heat'],
    asked: ['heating does not work', 'no warm air inside', 'heater stays cold', 'freezing inside'],
  },
  'fan-always': {
    onCase: ['Cooling fan runs all the time', 'Fan at full speed'],
    asked: ['fan stays on', 'fan roars constantly', 'radiator fan never stops', 'fan flat out'],
  },
  'battery-drain': {
    onCase: ['Battery flat after standing', 'Parasitic drain'],
    asked: [
      'battery dead every morning',
      'needs a jump start after the weekend',
      'battery keeps going flat',
      'something draws the battery down',
    ],
  },
  'no-charge': {
    onCase: ['Does not charge', 'Charge lamp on'],
    asked: ['battery light on', 'alternator not charging', 'voltage low while driving', 'charging fault'],
  },
  'lights-flicker': {
    onCase: ['Lights flicker', 'Lights dim at idle'],
    asked: ['headlights pulse', 'flickering lights', 'lights go bright and dim', 'dash lights fade'],
  },
  'instruments-dead': {
    onCase: ['Instruments drop out', 'All warning lamps on'],
    asked: [
      'gauges die',
      'dash lights up like a christmas tree',
      'cluster goes dead',
      'speedo stops working',
    ],
  },
  'no-communication': {
    onCase: ['No communication with a module', 'Module does not answer'],
    asked: ['scanner will not connect', 'cannot talk to the control unit', 'module offline', 'no comms'],
  },
  'harsh-shift': {
    onCase: ['Harsh shifts', 'Bangs into gear'],
    asked: ['thumps when changing gear', 'jolts between gears', 'hard shift', 'slams into drive'],
  },
  'no-shift': {
    onCase: ['Stays in one gear', 'Does not shift up'],
    asked: ['stuck in third', 'gearbox will not change', 'no upshift', 'holds one gear'],
  },
  slipping: {
    onCase: ['Transmission slips', 'Revs flare between gears'],
    asked: ['revs rise but no speed', 'slips in gear', 'clutch slipping', 'flares on the shift'],
  },
  'tcc-shudder': {
    onCase: ['Shudder at steady speed'],
    asked: [
      'rumble strip feel on the motorway',
      'shudders at 80',
      'vibration at cruise',
      'shakes lightly at constant speed',
    ],
  },
  'brake-warning': {
    onCase: ['ABS and stability lamps on', 'ABS lamp on'],
    asked: ['abs light', 'traction light on', 'stability control warning', 'abs and brake warning'],
  },
  'abs-false': {
    onCase: ['ABS works at low speed without reason'],
    asked: [
      'pedal pulses when stopping slowly',
      'abs kicks in on dry road',
      'brakes grab by themselves',
      'abs triggers at walking pace',
    ],
  },
  'steer-heavy': {
    onCase: ['Heavy steering', 'Power steering fails'],
    asked: ['hard to steer', 'steering goes stiff', 'no power steering', 'steering wheel heavy'],
  },
  'ride-height': {
    onCase: ['Sits low on one side', 'Suspension drops overnight'],
    asked: ['leans to one side', 'rear sags', 'one corner low in the morning', 'car is down at the back'],
  },
  'wheel-noise': {
    onCase: ['Humming that rises with speed', 'Wheel bearing noise'],
    asked: ['droning noise', 'growl at speed', 'hum gets louder the faster I go', 'roaring from a wheel'],
  },
  'ac-warm': {
    onCase: ['Air conditioning blows warm', 'No cooling'],
    asked: ['air con not cold', 'ac blows warm', 'aircon does nothing', 'no cold air'],
  },
  'engine-lamp': {
    onCase: ['Engine lamp on', 'Check engine lamp on'],
    asked: ['check engine light', 'engine management light', 'amber engine light came on', 'engine light on'],
  },
  'lamp-flashes': {
    onCase: ['Engine lamp flashes'],
    asked: [
      'check engine light flashing',
      'engine light blinks',
      'flashing engine lamp',
      'engine light flashes under load',
    ],
  },
  'glow-lamp': {
    onCase: ['Glow lamp flashes'],
    asked: ['glow plug light', 'coil light blinking', 'preheat lamp', 'glow light stays on'],
  },
  'evap-smell': {
    onCase: ['Fuel cap message'],
    asked: ['check fuel cap', 'tank hisses when opened', 'cap warning', 'vapour from the filler'],
  },
  'exhaust-noise': {
    onCase: ['Exhaust blows', 'Exhaust leak noise'],
    asked: ['loud exhaust', 'blowing from the manifold', 'sounds like a tractor', 'exhaust noise'],
  },
};

/** The circumstances, likewise. */
export const WHEN: Record<string, { onCase: string[]; asked: string[] }> = {
  'cold-start': {
    onCase: ['from cold', 'on a cold start'],
    asked: ['first thing in the morning', 'when cold', 'before it warms up', 'after a cold night'],
  },
  hot: {
    onCase: ['when hot', 'at operating temperature'],
    asked: ['once warm', 'after half an hour', 'when warmed up', 'with a hot engine'],
  },
  load: {
    onCase: ['under load', 'towing'],
    asked: ['uphill', 'with a trailer', 'on steep hills', 'fully loaded'],
  },
  idle: {
    onCase: ['at idle', 'at standstill'],
    asked: ['at traffic lights', 'when stopped', 'standing still', 'waiting at a junction'],
  },
  acceleration: {
    onCase: ['on acceleration', 'at full throttle'],
    asked: ['when accelerating', 'foot down', 'pulling away', 'overtaking'],
  },
  rain: {
    onCase: ['in the wet', 'after rain'],
    asked: ['when it rains', 'damp mornings', 'after the car wash', 'in heavy rain'],
  },
  standing: {
    onCase: ['after standing for days'],
    asked: ['after a weekend', 'left for a few days', 'when it sat for a week', 'parked for days'],
  },
  'high-speed': { onCase: ['at high speed'], asked: ['above 100', 'over 120', 'flat out', 'at high revs'] },
};
