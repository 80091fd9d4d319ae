/**
 * Ways of saying that follow a pattern, written out: what a lamp is called, a thing that does not work, a noise from a
 * place. Each pattern is a few words of each kind instead of a long list. Common practice, no source.
 */

const words = (text: string): string[] =>
  text
    .split(';')
    .map((w) => w.trim())
    .filter(Boolean);

/** Systems that have a warning lamp, with the symptom that each lamp is. */
const LAMP_OF: Record<string, string> = {
  'engine-lamp':
    'engine; check engine; service engine; mil; malfunction indicator; engine management; emissions; motor',
  'brake-warning':
    'brake; abs; esp; esc; stability; traction; traction control; stability control; brake system',
  'suspension-lamp':
    'suspension; air suspension; chassis; damper; level control; height control; ride control',
  'steering-lamp': 'steering; power steering; eps; steering assist; steering wheel',
  'transmission-lamp': 'transmission; gearbox; gear; automatic; powershift; clutch',
  'coolant-lamp':
    'coolant; coolant temperature; temperature; water temperature; coolant level; cooling; overheating',
  'oil-pressure-low': 'oil; oil pressure; oil can',
  'no-charge': 'charging; charge; battery; alternator; charging system',
  'airbag-light': 'airbag; air bag; srs; restraint; supplemental restraint; belt tensioner',
  'tyre-warning': 'tyre pressure; tyre; tpms; flat tyre; low tyre; pressure monitor',
  'glow-lamp': 'glow; glow plug; preheat; pre-glow; heater plug; spiral',
  'adblue-warning': 'adblue; urea; def; scr; exhaust fluid',
  'regen-often': 'dpf; particle filter; particulate filter; soot filter; fap',
  immobilised: 'immobiliser; immobilizer; security; anti-theft; key; padlock',
  'hv-warning': 'hybrid; hybrid system; ev system; high voltage; ready; battery system',
};
/** What is said of a lamp. "{x}" is the system. */
const LAMP_SAID = words(
  '{x} light; {x} warning light on; {x} light comes on; {x} warning light comes on; {x} light stays on; {x} symbol on; {x} message; {x} fault message; service {x} light; light for the {x}; {x} light flickers; {x} light flashes; {x} light flickers at idle',
);

/** Things that can stop working, with the symptom that is. */
const DEAD: Record<string, string> = {
  'lights-out':
    'headlight; headlamp; head light; tail light; rear light; brake light; stop light; fog light; indicator; turn signal; blinker; number plate light; reverse light; reversing light; high beam; low beam; dipped beam; main beam; interior light; daytime running light; bulb; hazard lights; hazards',
  wipers:
    'wiper; wipers; windscreen wiper; windshield wiper; rear wiper; washer; washers; washer pump; windscreen washer',
  'windows-locks':
    'window; electric window; power window; driver window; passenger window; central locking; door lock; boot lock; mirror; mirrors; wing mirror; electric mirror; sunroof; tailgate',
  horn: 'horn; hooter',
  blower: 'blower; heater fan; blower motor; interior fan; cabin fan; ventilation',
  'ac-warm':
    'ac; air con; aircon; air conditioning; a/c; airco; climate; climate control; cooling of the cabin',
  'no-heat': 'heater; heating; cabin heater; heat; cabin heat',
  'radio-display':
    'radio; screen; display; touchscreen; infotainment; navigation; sat nav; speakers; bluetooth; stereo',
  'speed-signal': 'speedometer; speedo',
  'fuel-gauge': 'fuel gauge; petrol gauge; gas gauge; tank gauge',
  'temp-gauge': 'temperature gauge; temp gauge',
  'instruments-dead':
    'dash; dashboard; cluster; instrument cluster; instruments; gauges; rev counter; tachometer',
  'key-remote': 'remote; key fob; fob; remote key; keyless; keyless entry; remote locking',
  cruise: 'cruise; cruise control; adaptive cruise; speed limiter',
  'start-stop': 'start stop; stop start; auto stop; auto start stop',
  'camera-sensor':
    'parking sensor; parking sensors; park assist; reversing camera; backup camera; camera; lane assist; blind spot',
  'parking-brake': 'handbrake; parking brake; park brake; emergency brake; hand brake',
  'fan-never': 'radiator fan; cooling fan; engine fan',
  trailer: 'trailer lights; trailer socket; tow bar electrics; caravan lights',
  'no-charging-plug': 'charging port; home charging; fast charging; wall box',
  'seat-belt': 'seat belt; seatbelt; belt reminder',
  'engine-brake': 'engine brake; exhaust brake; retarder',
  pto: 'pto; power take off',
  'awd-fault': 'four wheel drive; all wheel drive; awd; 4wd; 4x4; diff lock',
};
const DEAD_SAID = words(
  '{x} does not work; {x} dead; {x} stopped working; {x} inoperative; {x} broken; {x} no longer works; {x} quit; {x} failed; {x} does nothing; {x} only works sometimes; {x} out of order; {x} without function; {x} only works close; no {x}',
);
/** "no heat" is one, "no lights" one, but "no window" or "no camera" says that there is none. */
const NO_OF = new Set(['no-heat', 'horn', 'ac-warm', 'cruise', 'lights-out']);

/** A noise from a place. */
const NOISES: readonly [id: string, noise: string, place: string][] = [
  [
    'wheel-noise',
    'hum; drone; growl; rumble; roar; whir; grumble',
    'wheel; wheels; rear wheel; front wheel; hub; wheel bearing; from the wheels; above 80 in bends; louder in left bends; louder in right bends; louder with speed; from the rear; from the front left; from the front right',
  ],
  [
    'driveline-noise',
    'whine; hum; howl; growl; grind; clunk; clatter',
    'gearbox; transmission; diff; differential; axle; rear axle; propshaft; drive shaft; driveline; drivetrain; transfer case; gears; when taking up drive; on take up',
  ],
  [
    'steer-noise',
    'whine; groan; moan; squeal; creak; squeak',
    'steering; when turning the wheel; turning the steering; steering wheel; power steering; on full lock; steering pump; steering column',
  ],
  [
    'suspension-noise',
    'clunk; knock; rattle; creak; squeak; bang; thump; clatter',
    'over bumps; speed bumps; potholes; suspension; front end; rear suspension; rough road; shock; strut; cobbles; front axle; over humps',
  ],
  [
    'brake-noise',
    'squeal; squeak; grind; scrape; screech; rub',
    'brakes; brake; when braking; brake pads; disc; slowing down; pressing the brake pedal',
  ],
  [
    'belt-squeal',
    'squeal; squeak; screech; chirp; shriek',
    'belt; fan belt; drive belt; serpentine belt; alternator belt; cold mornings; when starting cold; on start up; in the rain; under the bonnet; when it is damp; with the ac on; cold start; engine bay',
  ],
  [
    'engine-noise',
    'tick; tap; rattle; knock; clatter; rumble',
    'top of the engine; top end; bottom end; valves; timing chain; engine; cylinder head; on start up; at start; when cold; rocker cover',
  ],
  [
    'exhaust-noise',
    'blow; roar; rattle; buzz; loud',
    'exhaust; muffler; silencer; tailpipe; under the car; catalytic converter',
  ],
  [
    'clutch-noise',
    'squeal; rattle; whir; grind',
    'clutch pressed; pressing the clutch; clutch pedal; clutch down',
  ],
];
const NOISE_SAID = words('{n} {p}; {p} {n}; {n} noise {p}');

/** Something that sits lower than it should. */
const LOW: readonly [places: string, does: string] = [
  'corner; one corner; rear corner; front corner; left rear; right rear; left front; right front; back end; rear end; front end; rear; back; one side; left side; right side; tail; car; vehicle',
  'sits low; sits lower; sags; hangs down; sinks; has dropped down; lower than the other; down overnight; low overnight',
];

const put = (pattern: string, of: Record<string, string>): string =>
  Object.entries(of).reduce((text, [k, v]) => text.replace(`{${k}}`, v), pattern);

/**
 * All ways of saying that the patterns give, by symptom.
 *
 * @example waysByGrammar().get('suspension-lamp')!.includes('suspension warning light') // true
 */
export function waysByGrammar(): Map<string, string[]> {
  const out = new Map<string, string[]>();
  const add = (id: string, say: string) => {
    const known = out.get(id);
    if (known) known.push(say);
    else out.set(id, [say]);
  };
  for (const [id, systems] of Object.entries(LAMP_OF))
    for (const x of words(systems)) for (const p of LAMP_SAID) add(id, put(p, { x }));
  for (const [id, things] of Object.entries(DEAD))
    for (const x of words(things))
      for (const p of DEAD_SAID) if (!p.startsWith('no ') || NO_OF.has(id)) add(id, put(p, { x }));
  for (const [id, noises, places] of NOISES)
    for (const n of words(noises))
      for (const p of words(places)) for (const s of NOISE_SAID) add(id, put(s, { n, p }));
  for (const place of words(LOW[0])) for (const does of words(LOW[1])) add('ride-height', `${place} ${does}`);
  return out;
}
