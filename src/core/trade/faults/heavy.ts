import type { FaultFile } from '../contract';

/** General practice, written from knowledge, no source. */
export const HEAVY: FaultFile = {
  system: 'Air brakes, hydraulics and power take-off',
  table: `
air brake line, leaking | truck | 10 | air-brake:.9@standing brake-drag:.1 brake-noise:.1 | | | air-leak:.95 air-build:.4 | air compressor; brake chamber
brake chamber, leaking | truck | 7 | air-brake:.7@braking brake-pull:.2 brake-long:.2 brake-drag:.3 | | | air-leak:.93 brake-temps:.4 | air brake line
air compressor, worn | truck | 6 | air-brake:.85 oil-use:.2 engine-noise:.1 | | | air-build:.95 air-water:.6 air-leak:.05 | air dryer; air brake line
air dryer, contaminated | truck | 7 | air-brake:.5@cold-weather brake-drag:.2@cold-weather | | | air-water:.93 air-build:.3 air-leak:.2 | air compressor
air brake valve, sticking | truck | 4 | brake-drag:.5 trailer-brakes:.4 air-brake:.4 brake-pull:.2 wheel-locks:.3 | | | air-hold:.93 brake-temps:.5 | brake chamber
trailer connector, corroded | | 8 | trailer:.9@rain trailer-brakes:.5 lights-out:.1 brake-lights:.15 indicators:.15 fuse-blows:.15 | | | trailer-swap:.9 pins-look:.9 lamp-feed:.4 | tow-bar module; light bulb
trailer brake, out of adjustment | | 5 | trailer-brakes:.9 brake-long:.2 brake-drag:.15 | | | trailer-swap:.85 brake-temps:.6 pads-look:.4 | trailer connector
hydraulic pump, worn | truck | 6 | hydraulics:.9@hot steer-heavy:.3 | | | hydr-pressure:.95 hydr-oil:.1 | hydraulic filter; hydraulic valve
hydraulic filter, blocked | truck | 5 | hydraulics:.8@cold-start engine-noise:.1 | | | hydr-oil:.9 hydr-pressure:.5 | hydraulic pump
hydraulic oil, low level | truck | 7 | hydraulics:.85 steer-noise:.2 steer-heavy:.2 | | | hydr-oil:.95 hydr-pressure:.5 | hydraulic pump
hydraulic valve, sticking | truck | 5 | hydraulics:.8 ride-height:.05 | | | hydr-pressure:.2 hydr-valve:.9 | hydraulic pump
power take-off clutch, worn | truck | 4 | pto:.9@load slipping:.1 | | | pto-look:.85 hydr-pressure:.3 | power take-off switch
power take-off switch, no signal | truck | 5 | pto:.9 | | | pto-look:.6 switch-value:.9 part-feed:.5 | power take-off clutch; fuse
retarder, low output | truck | 4 | engine-brake:.9 gearbox-hot:.15 | | | retarder-look:.93 | exhaust flap
engine brake solenoid, open circuit | truck | 4 | engine-brake:.9 engine-lamp:.2 | | | part-resist:.9 part-feed:.15 | clutch switch
exhaust pressure control valve, sticking | truck | 4 | engine-brake:.7 no-power:.35 black-smoke:.15 regen-often:.15 | | | retarder-look:.4 exhaust-pressure:.8 | exhaust flap; turbocharger
`,
};
