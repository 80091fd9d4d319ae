import type { FaultFile } from '../contract';

/** General practice, written from knowledge, no source. */
export const LAMPS: FaultFile = {
  system: 'Lamps and switches',
  table: `
headlamp, internal fault | | 6 | lights-out:.93 lights-flicker:.25 headlamp-aim:.3 | | collision:.1 | lamp-feed:.06 part-resist:.3 substitute:.9 | lamp socket; body control module
lamp socket, corroded | | 8 | lights-out:.6 lights-flicker:.15 fuse-blows:.06 brake-lights:.2 indicators:.25 | | | lamp-feed:.35 pins-look:.9 | ground point
light bulb, burnt | | 12 | lights-out:.6 trailer:.06 brake-lights:.3 interior-light:.2 indicators:.35 | | | lamp-feed:.04 part-resist:.95 | lamp socket; fuse
light switch, worn | | 4 | lights-out:.9 lights-flicker:.15 battery-drain:.05 light-by-itself:.3 | | | switch-value:.93 lamp-feed:.85 | body control module; relay
horn, corroded | | 4 | horn:.97 | | | lamp-feed:.05 motor-direct:.93 switch-value:.05 | clock spring; relay
light bulb, wrong part fitted | | 3 | indicators:.6 lights-flicker:.2 lights-out:.15 light-by-itself:.1 | | modification:.8 repair:.4 | substitute:.93 lamp-feed:.05 | light bulb; body control module
turn signal switch, worn | | 3 | indicators:.9 lights-out:.15 horn:.05 | | | switch-value:.93 lamp-feed:.3 | flasher relay; clock spring
flasher relay, no signal | old bike truck | 4 | indicators:.95 | | | relay-swap:.95 lamp-feed:.4 | light bulb; turn signal switch
headlamp, leaking | | 5 | lamp-moisture:.95@rain lights-out:.1 | | bodywork:.2 collision:.2 | lamp-look:.95 | headlamp
power socket, corroded | | 3 | power-socket:.9 fuse-blows:.3 | | | part-feed:.5 pins-look:.8 | fuse
key lock cylinder, worn | | 4 | key-stuck:.9 no-crank:.05 | | | lock-cylinder:.93 | ignition switch; steering lock
brake light switch, sticking | | 4 | brake-lights:.8@standing battery-drain:.5@standing brake-warning:.1 cruise:.3 | P0571-P0573:.15 P0504:.15 | | brake-switch:.93 rest-current:.5 | light switch; body control module
`,
};
