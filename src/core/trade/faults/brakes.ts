import type { FaultFile } from '../contract';

/** General practice, written from knowledge, no source. */
export const BRAKES: FaultFile = {
  system: 'Brakes and wheel speed',
  table: `
wheel speed sensor, no signal | | 14 | brake-warning:.95 abs-false:.2@low-speed speed-signal:.15 cruise:.12 awd-fault:.08 | C0031/C0034/C0037/C003A:.6 C0035/C0040/C0045:.5 U0415:.12 P0500:.06 | repair:.1 | wheel-speeds:.9 wheel-signal:.93 wire-through:.15 ring-look:.06 | wheel speed ring; wheel bearing; connector
wheel speed ring, cracked | | 6 | abs-false:.7@low-speed,braking brake-warning:.55 abs-noise:.15 | C0030/C0033/C0036/C0039:.35 C0031/C0034/C0037/C003A:.35 C0035/C0040/C0045:.35 | | ring-look:.95 wheel-signal:.9 wheel-speeds:.75 | wheel speed sensor; wheel bearing
wheel speed ring, contaminated | | 3 | abs-false:.5@low-speed brake-warning:.7 | C0030/C0033/C0036/C0039:.3 C0031/C0034/C0037/C003A:.3 C0035/C0040/C0045:.3 | | ring-look:.93 wheel-signal:.85 wheel-speeds:.7 | wheel speed sensor
wheel bearing, fitted wrongly | | 2 | brake-warning:.9@after-repair abs-false:.3 | C0030/C0033/C0036/C0039:.4 C0031/C0034/C0037/C003A:.4 C0035/C0040/C0045:.4 | repair:.95 | wheel-signal:.9 ring-look:.4 wheel-speeds:.85 | wheel speed sensor
brake light switch, out of adjustment | | 5 | brake-warning:.35 cruise:.5 lights-out:.4 start-stop:.1 no-shift:.12 engine-lamp:.2 brake-lights:.5 shifter-locked:.25 regen-brake:.1 glow-lamp:.03 | C0040/C0041:.1 P0571-P0573:.4 P0504:.35 P0703:.15 | repair:.1 | brake-switch:.95 | wiring harness
brake pad, worn | | 12 | brake-noise:.85@braking brake-warning:.25 brake-judder:.1 pad-lamp:.4 brake-fluid-low:.25 brake-long:.2 | | | pads-look:.97 | brake disc; brake caliper
brake pad, contaminated | | 4 | brake-noise:.7@braking brake-pull:.45@braking brake-long:.4 wheel-locks:.15 | | repair:.2 | pads-look:.85 brake-temps:.15 caliper-slide:.1 | brake caliper
brake disc, bent | | 9 | brake-judder:.95@braking,high-speed drive-vibration:.1 brake-noise:.15 | | | disc-runout:.95 play-front:.08 | wheel; tie rod end; control arm bush
brake disc, worn | | 6 | brake-noise:.75@braking brake-judder:.2 | | | pads-look:.9 disc-runout:.4 | brake pad
brake caliper, sticking | | 11 | brake-drag:.75@hot brake-pull:.6@braking burning-smell:.3 fuel-use:.15 brake-noise:.3 tyre-wear:.03 steer-pull:.25 brake-long:.15 wheel-locks:.15 | | | caliper-slide:.93 brake-temps:.9 brake-hose:.1 pads-look:.6 | brake hose; brake pad
brake caliper guide pin, seized | | 6 | brake-pull:.5@braking brake-drag:.5 brake-noise:.4 | | | caliper-slide:.95 pads-look:.75 brake-temps:.75 | brake caliper
brake hose, blocked | | 4 | brake-drag:.75 brake-pull:.6@braking hard-pedal:.1 steer-pull:.2 | | | brake-hose:.93 brake-temps:.9 caliper-slide:.15 | brake caliper; brake master cylinder
brake hose, leaking | | 3 | soft-pedal:.85 brake-warning:.4 brake-fluid-low:.6 | | | brake-leak:.95 pedal-hold:.7 brake-fluid:.5 | brake master cylinder
brake master cylinder, leaking internally | | 5 | soft-pedal:.95@braking,idle brake-warning:.2 brake-fluid-low:.1 | | repair:.1 | pedal-hold:.93 brake-leak:.06 brake-fluid:.1 | hydraulic control unit; brake fluid
brake fluid, air inside | | 5 | soft-pedal:.95 brake-long:.25 | | repair:.6 | pedal-hold:.3 brake-fluid:.6 brake-leak:.1 | brake master cylinder
brake fluid, low level | | 6 | brake-warning:.9@turning,braking soft-pedal:.2 brake-fluid-low:.8 | | | brake-fluid:.95 brake-leak:.4 pads-look:.5 | brake pad; brake hose
wheel cylinder, leaking | | 4 | soft-pedal:.5 brake-warning:.35 brake-noise:.25 brake-pull:.3 parking-brake:.15 brake-fluid-low:.5 brake-long:.15 wheel-locks:.25 | | | brake-leak:.95 pads-look:.6 | brake master cylinder
brake drum, worn | | 3 | brake-noise:.6@braking brake-judder:.35 parking-brake:.5 soft-pedal:.2 | | | pads-look:.9 disc-runout:.3 | brake shoe
brake servo, leaking | | 5 | hard-pedal:.93@braking whistle:.4@braking rough-idle:.25@braking stall:.1 hunting-idle:.1 brake-long:.3 | P0171:.2 P0556:.1 | | servo-vac:.95 smoke-intake:.35 vacuum-supply:.06 | vacuum pump; brake booster vacuum valve
brake booster vacuum valve, leaking internally | | 3 | hard-pedal:.9 | P0556-P0558:.05 | | servo-vac:.9 vacuum-supply:.05 | brake servo
yaw rate sensor, wrong reading | | 3 | brake-warning:.93 abs-false:.25@turning | C0061-C0063:.2 U0125/U0126:.15 | | learned:.3 code-back:.8 steer-angle:.06 | steering angle sensor
brake pressure sensor, wrong reading | | 2 | brake-warning:.9 cruise:.1 | C0044:.1 | | code-back:.8 sensor-supply:.15 | brake light switch
parking brake actuator, seized | | 6 | parking-brake:.95 brake-warning:.4 brake-drag:.25 wheel-locks:.15 parking-noise:.35 | U0128:.1 | | parking-motor:.93 motor-direct:.7 | parking brake control
parking brake cable, sticking | | 5 | parking-brake:.8 brake-drag:.5@standing wheel-locks:.25 | | | caliper-slide:.4 brake-temps:.6 pads-look:.3 | brake caliper
tyre pressure sensor, discharged | | 6 | tyre-warning:.95 tyre-pressure-loss:.03 | | | tyre-look:.04 learned:.2 code-back:.7 | tyre
wheel bearing, worn | | 14 | wheel-noise:.93@high-speed,turning,cruise driveline-noise:.15 abs-false:.1 steer-play:.1 brake-warning:.1 brake-judder:.04 | C0030/C0033/C0036/C0039:.05 C0031/C0034/C0037/C003A:.05 C0035/C0040/C0045:.05 | | wheel-play:.75 bearing-listen:.93 tyre-look:.06 wheel-signal:.15 | tyre; drive shaft; axle differential
brake pad sensor, open circuit | | 4 | pad-lamp:.95 brake-warning:.2 | | repair:.4 | part-resist:.93 pads-look:.1 | brake pad
brake disc, corroded | | 5 | brake-long:.5@rain brake-noise:.6@standing brake-judder:.4 | | | pads-look:.95 disc-runout:.3 | brake pad
parking brake actuator, worn | | 3 | parking-noise:.9 parking-brake:.4 | | | parking-motor:.7 noise-find:.8 | parking brake cable
`,
};
