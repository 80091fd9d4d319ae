/**
 * Generic network codes. SAE J2012 / ISO 15031-6 numbering from memory, in our own words: the buses, then
 * the modules in the order of their numbers, from which "lost communication" counts.
 */
import type { Meaning } from './rows';

/** Buses from U0001 on: each has nine codes in the same order. */
const BUSES = [
  'high-speed CAN bus',
  'medium-speed CAN bus',
  'low-speed CAN bus',
  'vehicle bus A',
  'vehicle bus B',
  'vehicle bus C',
  'vehicle bus D',
  'vehicle bus E',
];
const BUS_FAULTS = [
  '',
  ' performance',
  ' (+) circuit open',
  ' (+) circuit low',
  ' (+) circuit high',
  ' (−) circuit open',
  ' (−) circuit low',
  ' (−) circuit high',
  ' (−) shorted to bus (+)',
];

/** "Lost communication with …" from U0100 on, one a line; a line of `-` skips a number. */
const LOST = `
engine module
transmission module
transfer case module
gear shift module
cruise control module
injector module
glow plug module
throttle module
alternative fuel module
fuel pump module
drive motor module A
battery energy module A
battery energy module B
emission critical control information
four-wheel drive clutch module
engine module B
coolant temperature module
power take-off module
fuel additive module
fuel cell module
starter or generator module
anti-lock brake module
vehicle dynamics module
yaw rate sensor
lateral acceleration sensor
multi-axis acceleration sensor
steering angle sensor
tyre pressure module
parking brake module
brake module
steering effort module
power steering module
ride level module
active roll module
rear steering module
front differential module
rear differential module
trailer brake module
all-terrain module
suspension module B
body module
body module A
body module B
body module C
body module D
body module E
gateway A
gateway B
gateway C
gateway D
gateway E
restraints module
left side restraints module
right side restraints module
restraints occupant module
instrument cluster
information centre A
information centre B
head-up display
parking assist module
audible alert module
compass module
navigation display
navigation module
climate module
rear climate module
auxiliary heater module
immobiliser module
vehicle security module
sunroof module
restraints sensor A
restraints sensor B
restraints sensor C
restraints sensor D
restraints sensor E
restraints sensor F
restraints sensor G
restraints sensor H
-
-
automatic lighting module
headlamp levelling module
front lighting module
rear lighting module
radio
antenna module
audio amplifier
disc player A
disc player B
disc player C
disc player D
television
personal computer
digital audio module A
digital audio module B
subscription receiver
rear entertainment module
telephone module
telematics module
door module A
door module B
door module C
door module D
door module E
door module F
door module G
folding top module
movable roof module
seat module A
seat module B
seat module C
seat module D
steering column module
mirror module
remote function module
door switch A
door switch B
door switch C
door switch D
door switch E
door switch F
door switch G
door switch H
window motor A
window motor B
window motor C
window motor D
window motor E
window motor F
window motor G
rear gate module
rain sensor
left side obstacle sensor
right side obstacle sensor
convenience recall module
front distance sensor
`;

/** "Software incompatible with …" from U0301 on and "invalid data received from …" from U0401 on. */
const PARTNERS = `
engine module
transmission module
transfer case module
gear shift module
cruise control module
injector module
glow plug module
throttle module
alternative fuel module
fuel pump module
drive motor module
battery energy module A
battery energy module B
four-wheel drive clutch module
anti-lock brake module
vehicle dynamics module
parking brake module
brake module
steering effort module
power steering module
ride level module
body module
instrument cluster
climate module
auxiliary heater module
immobiliser module
vehicle security module
steering angle sensor
steering column module
tyre pressure module
body module A
`;

const lines = (text: string) => text.trim().split('\n');
const four = (n: number) => String(n).padStart(4, '0');

/** The single ones. */
const OTHERS = `
U0073 = control module data bus A off
U0074 = control module data bus B off
U0075 = control module data bus C off
U0076 = control module data bus D off
U0077 = control module data bus E off
U0284 = lost communication with active grille shutter A
U0285 = lost communication with active grille shutter B
U0291 = lost communication with gear shift module B
U0292 = lost communication with drive motor module B
U0293 = lost communication with hybrid control module
U0294 = lost communication with powertrain monitoring module
U0298 = lost communication with DC converter module A
U0299 = lost communication with DC converter module B
U029A = lost communication with hybrid battery sensor module
U029D = lost communication with nitrogen oxide sensor A
U029E = lost communication with nitrogen oxide sensor B
U0300 = internal module software incompatible
U0400 = invalid data received, sender not named
U0447 = invalid data received from gateway A
U0448 = invalid data received from gateway B
U0452 = invalid data received from restraints module
U3000 = control module
U3001 = control module shut down improperly
U3002 = vehicle identification number
U3003 = battery voltage
U3004 = accessory power relay
U3006 = control module power input A
U3007 = control module power input B
U3008 = control module ground A
U3009 = control module ground B
`;

/**
 * All generic network codes known, in their order.
 *
 * @returns code and meaning, one each
 */
export function networkCodes(): Meaning[] {
  return [
    ...BUSES.flatMap((bus, b) =>
      BUS_FAULTS.map((fault, i) => ({ code: `U${four(1 + 9 * b + i)}`, says: `${bus}${fault}` })),
    ),
    ...lines(LOST).flatMap((module, i) =>
      module === '-' ? [] : [{ code: `U${four(100 + i)}`, says: `lost communication with ${module}` }],
    ),
    ...lines(PARTNERS).map((module, i) => ({
      code: `U${four(301 + i)}`,
      says: `software incompatible with ${module}`,
    })),
    ...lines(PARTNERS).map((module, i) => ({
      code: `U${four(401 + i)}`,
      says: `invalid data received from ${module}`,
    })),
    ...lines(OTHERS).map((row) => ({ code: row.slice(0, 5), says: row.slice(8) })),
  ];
}
