import { describe, expect, it } from 'vitest';
import { readDone } from '@/core/exchange/old-records';
import { readQuery } from '@/core/similar/query';
import { Catalogue, starterItems } from '.';
import { changedInVain } from './changed-before';
import { MORE_PART_NAMES } from './starter-part-names';
import { STARTER_PARTS } from './starter';

/** What parts are called, written down before the list was asked for any of it; common practice, no source. */
const CALLED = `
t-stat: thermostat
tstat: thermostat
ign switch: ignition switch
pcv valve: crankcase breather valve
blend door actuator: air flap actuator
mode door actuator: air flap actuator
charge pipe: charge-air hose
intercooler pipe: charge-air hose
intercooler: charge-air cooler
clockspring: clock spring
spiral cable: clock spring
hub assembly: wheel bearing
hub bearing: wheel bearing
tone ring: wheel speed ring
reluctor ring: wheel speed ring or reluctor ring
serp belt: accessory belt
serpentine belt: accessory belt
drive belt: accessory belt
aux belt: accessory belt
fan belt: accessory belt
harmonic balancer: crankshaft pulley
crank pulley: crankshaft pulley
damper pulley: crankshaft pulley
oil pan gasket: oil pan gasket
sump gasket: oil pan gasket
rear main seal: crankshaft seal
front main seal: crankshaft seal
valve cover gasket: valve cover gasket
rocker cover gasket: valve cover gasket
cam cover gasket: valve cover gasket
ckp sensor: crankshaft sensor
cmp sensor: camshaft sensor
crank sensor: crankshaft sensor
cam sensor: camshaft sensor
ect sensor: coolant temperature sensor
water temp sensor: coolant temperature sensor
iat sensor: intake air temperature sensor
map sensor: manifold pressure sensor
maf sensor: air-flow meter
mass airflow sensor: air-flow meter
tps: throttle position sensor
app sensor: accelerator pedal sensor
accelerator pedal: accelerator pedal sensor
iac valve: idle control valve
idle air control: idle control valve
egr valve: exhaust gas recirculation valve
egr cooler: exhaust gas recirculation cooler
dpf: particle filter
fap: particle filter
cat: catalytic converter
catalyst: catalytic converter
o2 sensor: oxygen sensor
lambda sensor: oxygen sensor
wideband sensor: air-fuel ratio sensor
knock sensor: knock sensor
coil pack: ignition coil
coil on plug: ignition coil
ht leads: ignition lead
plug wires: ignition lead
distributor cap: distributor
vvt solenoid: cam phaser solenoid
oil control valve: cam phaser solenoid
injector: fuel injector
fuel pump module: fuel pump
fuel sender: fuel level sender
fuel sending unit: fuel level sender
high pressure pump: high-pressure fuel pump
rail pressure sensor: fuel rail pressure sensor
scv: fuel metering valve
suction control valve: fuel metering valve
inlet metering valve: fuel metering valve
leak off pipe: fuel return line
gas cap: fuel cap
purge solenoid: purge valve
evap canister: charcoal canister
vent valve: vent solenoid or fuel tank vent
alternator: alternator
generator: alternator
voltage regulator: alternator regulator
reg rectifier: alternator regulator
starter: starter motor
battery post: battery terminal
ground cable: ground strap or battery cable
earth strap: ground strap
earth lead: ground strap
ground wire: ground strap
loom: wiring harness
harness: wiring harness
pigtail: connector
multiplug: connector
fuse panel: fuse box
junction box: fuse box
bcm: body control module
pcm: engine control module
ecm: engine control module
ecu: engine control module
tcm: transmission control module
abs module: hydraulic control unit
abs pump: hydraulic control unit
wheel sensor: wheel speed sensor
abs sensor: wheel speed sensor
brake booster: brake servo
rotor: brake disc
brake rotor: brake disc
caliper: brake caliper
slide pin: brake caliper guide pin
stop light switch: brake light switch
e-brake cable: parking brake cable
handbrake cable: parking brake cable
cv shaft: drive shaft
cv axle: drive shaft
half shaft: drive shaft
prop shaft: propeller shaft
diff: axle differential
throwout bearing: clutch release bearing
flywheel: dual-mass flywheel
dmf: dual-mass flywheel
slave cylinder: clutch slave cylinder
mechatronic: valve body
range sensor: transmission range sensor
inhibitor switch: transmission range sensor
strut mount: strut top mount
shock: shock absorber
strut: shock absorber
sway bar link: drop link
anti roll bar link: drop link
control arm bushing: control arm bush
wishbone bush: control arm bush
lower ball joint: ball joint
outer tie rod: tie rod end
track rod end: tie rod end
ps pump: power steering pump
eps motor: electric steering motor
sas: steering angle sensor
tpms sensor: tyre pressure sensor
ac compressor: air conditioning compressor
ac clutch: compressor clutch
compressor clutch: compressor clutch
condensor: condenser
txv: expansion valve
heater matrix: heater core
blower: blower motor
blower motor resistor: blower resistor
pollen filter: cabin filter
door latch: door lock
door lock actuator: door lock
window motor: window regulator
wiper transmission: wiper linkage
wiper link: wiper linkage
hazard relay: flasher relay
combination switch: turn signal switch
multifunction switch: turn signal switch
ignition barrel: key lock cylinder
lock barrel: key lock cylinder
immobilizer: immobiliser
transponder: key
sunroof drain tube: sunroof drain
windshield: windscreen
ride height sensor: ride height sensor
air bag: airbag or air spring
air suspension bag: air spring
air shock: air spring
hv battery: traction battery
hybrid battery: traction battery
dc-dc converter: dc converter
obc: on-board charger
turbo: turbocharger
wastegate solenoid: boost control solenoid
boost solenoid: boost control solenoid
vac line: vacuum hose
lifters: hydraulic lifter
hla: hydraulic lifter
con rod bearing: connecting rod bearing
big end bearing: connecting rod bearing
oil cooler: engine oil cooler or transmission oil cooler
coolant reservoir: expansion tank
header tank: expansion tank
rad cap: expansion tank cap
rad: radiator
cooling fan: radiator fan
fan clutch: fan clutch
viscous fan: fan clutch
fan module: fan controller
muffler: silencer
flex pipe: flexible pipe
adblue pump: urea pump
def pump: urea pump
doser: urea injector
def injector: urea injector
scr cat: reduction catalyst
nox sensor: nitrogen oxide sensor
dp sensor: differential pressure sensor
dpf pressure sensor: differential pressure sensor
dpf pipe: differential pressure hose
egt sensor: exhaust temperature sensor
pyro sensor: exhaust temperature sensor
glow plug module: glow plug controller
glow plug relay: glow plug controller
stator: stator
side stand switch: sidestand switch
kickstand switch: sidestand switch
throttle body: throttle body
carb: carburettor
fork seals: fork seal
head stock bearing: steering head bearing
`;
const list = new Catalogue(starterItems());
const called = CALLED.trim()
  .split('\n')
  .map((row): [string, string[]] => {
    const [name = '', parts = ''] = row.split(': ');
    return [name, parts.split(' or ')];
  });

describe('the names of parts', () => {
  it.each(called)('a %s is known on a work order and in a line', (name, parts) => {
    expect(parts).toContain(readDone(`Replaced ${name}, road tested`, list).part?.name);
  });

  it.each([
    // Another part, that the list does not have, is not the one whose name is in its own.
    'brake drum plug',
    'coolant reservoir bracket',
    'battery tray',
    'thermostat housing',
    'wheel arch liner',
    'key holder',
  ])('a %s is none of them', (name) => {
    const part = readDone(`Replaced ${name}, road tested`, list).part?.name;
    expect(part).not.toBe(list.find('part', name.split(' ')[0]!)?.name ?? 'none');
  });

  // Parts that the list has no name for, each with a word of the list in its own: common practice, no source.
  it.each([
    ...[
      'drain plug leaking',
      'core plug leak',
      'return spring broken',
      'hood prop snapped',
      'battery tray corroded',
    ],
    ...[
      'pressure regulator stuck',
      'horn ring contact',
      'wheel arch liner loose',
      'coil boot arcing',
      'radiator grille',
    ],
    ...[
      'clutch pedal spring',
      'wheel seal',
      'turbo oil line',
      'oil dipstick',
      'fuse puller',
      'torsion spring broken',
    ],
    ...[
      'tail light socket melted',
      'starter motor bolt missing',
      'alternator bracket cracked',
      'injector clamp bent',
    ],
  ])('“%s” in a line names none of the list', (line) => {
    const known = { makes: [], models: [], engines: [], vins: [] };
    expect(readQuery(line, known, list).filter((c) => c.kind === 'cause part')).toEqual([]);
  });

  it.each([
    ['coil cyl 3', 'ignition coil'],
    ['bad coil', 'ignition coil'],
    ['front left wheel bearing', 'wheel bearing'],
    ['no spark new plugs', 'spark plug'],
    ['thermostat', 'thermostat'],
  ])('“%s” does', (line, part) => {
    const known = { makes: [], models: [], engines: [], vins: [] };
    const parts = readQuery(line, known, list).flatMap((c) => (c.kind === 'cause part' ? [c.label] : []));
    expect(parts).toContain(part);
  });

  it('are not changed in vain where another part was', () => {
    const vain = (said: string) => changedInVain(said, list).map((c) => c.part.name);
    expect(vain('Replaced the coil boot, still misfires')).toEqual([]);
    expect(vain('Replaced the drain plug, still leaks oil')).toEqual([]);
    expect(vain('Replaced the coil, still misfires')).toEqual(['ignition coil']);
  });

  it('each mean one part', () => {
    const of = new Map<string, string>();
    for (const part of STARTER_PARTS.flatMap((s) => s.parts))
      for (const name of [part.name, ...part.synonyms]) {
        expect(of.get(name) ?? part.name, name).toBe(part.name);
        of.set(name, part.name);
      }
  });

  it('belong to parts of the list', () => {
    const names = new Set(STARTER_PARTS.flatMap((s) => s.parts.map((p) => p.name)));
    for (const row of MORE_PART_NAMES.trim().split('\n')) expect(names).toContain(row.split(':')[0]);
  });

  it('are read in a search line too', () => {
    const known = { makes: [], models: [], engines: [], vins: [] };
    const of = (line: string) => readQuery(line, known, list).find((c) => c.kind === 'cause part')?.label;
    expect(of('P0101 maf sensor')).toBe('air-flow meter');
    expect(of('tstat stuck open')).toBe('thermostat');
    expect(of('blend door actuator clicking')).toBe('air flap actuator');
    expect(of('stop light switch P0571')).toBe('brake light switch');
  });
});
