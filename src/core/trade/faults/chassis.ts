import type { FaultFile } from '../contract';

/** General practice, written from knowledge, no source. */
export const CHASSIS: FaultFile = {
  system: 'Suspension and steering',
  table: `
drop link, worn | | 12 | suspension-noise:.95@bumps,low-speed | | | play-front:.93 | strut top mount; control arm bush
control arm bush, worn | | 9 | suspension-noise:.75@bumps,braking steer-pull:.25@braking brake-judder:.25 tyre-wear:.3 weave:.3 steer-play:.2 wheel-off-centre:.1 | | | play-front:.93 align:.4 | ball joint; brake disc
ball joint, worn | | 7 | suspension-noise:.8@bumps,turning steer-play:.35 tyre-wear:.3 weave:.25 steer-noise:.2 steer-return:.2 | | | play-front:.95 | drop link; tie rod end
tie rod end, worn | | 6 | steer-play:.75 suspension-noise:.45@bumps,turning tyre-wear:.45 weave:.35 steer-pull:.15 brake-judder:.1 | | | play-front:.95 align:.6 | steering rack
strut top mount, worn | | 6 | suspension-noise:.75@bumps,turning steer-noise:.6@turning,low-speed steer-heavy:.15 steer-return:.3 | | | play-front:.85 damper-look:.2 | drop link; coil spring
shock absorber, leaking | | 8 | suspension-noise:.5@bumps weave:.4@high-speed,bumps tyre-wear:.25 ride-height:.06 damper-leak:.5 ride-hard:.1 | | | damper-look:.93 | strut top mount
coil spring, broken | | 6 | suspension-noise:.75@bumps,turning ride-height:.7 steer-noise:.25 wheel-off-centre:.1 | | | damper-look:.95 | strut top mount; shock absorber
steering rack, worn | | 4 | steer-play:.65 suspension-noise:.5@bumps steer-noise:.4 steer-pull:.15 steer-return:.2 | | | play-front:.6 | tie rod end
steering rack, leaking | | 3 | steer-noise:.6 steer-heavy:.5 steer-leak:.6 | | | steer-fluid:.85 | power steering pump
power steering pump, worn | | 5 | steer-noise:.85@turning steer-heavy:.5@low-speed,cold-start belt-squeal:.12 steer-leak:.15 | P0550-P0552:.05 | | steer-fluid:.35 noise-find:.8 belt-look:.05 load-off:.8 | steering rack; accessory belt
power steering fluid, low level | | 4 | steer-noise:.85@turning,cold-start steer-heavy:.5 steer-leak:.4 | | | steer-fluid:.95 | power steering pump
electric steering motor, internal fault | | 6 | steer-heavy:.9 steer-pull:.1 instruments-dead:.05 steer-return:.12 steering-lamp:.8 | U0131:.3 C0053:.05 U0420:.1 | flat-battery:.1 | steer-supply:.05 code-back:.85 battery-load:.05 | battery; steering angle sensor; ground point
steering angle sensor, not relearned | | 5 | brake-warning:.75@after-repair steer-heavy:.2 abs-false:.15@turning wheel-off-centre:.1 steering-lamp:.3 | C0051-C0055:.5 U0126:.1 U0428:.15 | repair:.6 flat-battery:.4 | steer-angle:.9 learned:.93 | yaw rate sensor
steering angle sensor, wrong reading | | 3 | brake-warning:.85 steer-heavy:.2 abs-false:.3@turning cruise:.05 steering-lamp:.3 | C0051-C0055:.5 U0126:.2 U0428:.15 | | steer-angle:.93 learned:.1 | clock spring; yaw rate sensor
steering column joint, worn | | 4 | steer-noise:.6@turning steer-play:.4 steer-heavy:.25 suspension-noise:.3 steer-return:.5 | | | play-front:.5 noise-find:.7 | steering rack
tyre, worn | | 8 | wheel-noise:.7@high-speed drive-vibration:.35 steer-pull:.35 tyre-wear:.75 tyre-warning:.1 weave:.15 brake-long:.12 | | | tyre-look:.95 bearing-listen:.06 align:.5 | wheel bearing
tyre, leaking | | 7 | tyre-warning:.85 steer-pull:.4 steer-heavy:.1 tyre-wear:.2 tyre-pressure-loss:.7 | | | tyre-look:.9 | tyre pressure sensor
tyre, out of balance | | 9 | drive-vibration:.95@high-speed,cruise | | repair:.25 | balance:.93 tyre-look:.15 disc-runout:.04 | drive shaft; tyre
wheel alignment, out of adjustment | | 8 | steer-pull:.8 tyre-wear:.7 weave:.3 brake-warning:.04 wheel-off-centre:.5 steer-return:.15 | | collision:.25 repair:.3 | align:.95 play-front:.1 tyre-look:.3 | tyre; brake caliper
air spring, leaking | | 6 | ride-height:.95@standing hydraulics:.1 tyre-wear:.03 air-compressor-runs:.3 ride-hard:.12 suspension-lamp:.5 | | | ride-leak:.95 ride-pump:.35 | air suspension compressor; suspension valve block
air suspension compressor, worn | | 5 | ride-height:.9 engine-noise:.05 air-compressor-runs:.4 suspension-lamp:.6 | | | ride-pump:.95 ride-leak:.4 | air spring
suspension valve block, leaking internally | | 3 | ride-height:.9@standing air-compressor-runs:.3 suspension-lamp:.4 | | | ride-leak:.6 ride-pump:.2 | air spring
ride height sensor, wrong reading | | 4 | ride-height:.75 lights-out:.1 camera-sensor:.05 headlamp-aim:.35 suspension-lamp:.65 | | collision:.06 | switch-value:.6 pins-look:.3 ride-leak:.05 | air spring
tie rod end, bent | | 2 | wheel-off-centre:.85 steer-pull:.4 tyre-wear:.4 | | collision:.85 | align:.93 play-front:.1 | wheel alignment
power steering hose, leaking | | 5 | steer-leak:.9 steer-noise:.4@turning steer-heavy:.25 smoke-engine-bay:.1 | | | steer-fluid:.9 oil-leak-find:.6 | steering rack; power steering pump
shock absorber, seized | | 2 | ride-hard:.9@bumps suspension-noise:.2 | | | damper-look:.3 substitute:.7 damper-bounce:.9 | tyre; coil spring
shock absorber, open circuit | | 3 | suspension-lamp:.9 ride-hard:.5 | | repair:.15 | part-resist:.9 wire-through:.2 | ride height sensor
tyre, overfilled | | 3 | ride-hard:.85 tyre-wear:.2 tyre-warning:.2 | | repair:.3 | align:.5 tyre-look:.8 | shock absorber
tyre valve, leaking | | 5 | tyre-pressure-loss:.9 tyre-warning:.7 | | repair:.15 | tyre-leak:.95 | tyre; wheel rim
wheel rim, cracked | | 3 | tyre-pressure-loss:.8 tyre-warning:.6 drive-vibration:.4@high-speed | | | tyre-leak:.9 balance:.5 disc-runout:.2 | tyre
steering head bearing, worn | bike | 6 | weave:.7@low-speed,braking steer-return:.5 suspension-noise:.5@braking steer-play:.3 | | | head-bearing:.95 | tyre; fork
fork seal, leaking | bike | 7 | fork-leak:.97 weave:.1 brake-long:.06 | | | fork-look:.95 | shock absorber
`,
};
