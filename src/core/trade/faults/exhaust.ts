import type { FaultFile } from '../contract';

/** General practice, written from knowledge, no source. */
export const EXHAUST: FaultFile = {
  system: 'Exhaust and after-treatment',
  notOn: ['electric'],
  table: `
catalytic converter, aged | petrol hybrid gas | 11 | engine-lamp:.9 emission-test:.35 rich-smell:.15 no-power:.05 | P0420/P0430:.93 | | cat-temps:.93 exhaust-tight:.05 lambda-swing:.05 | oxygen sensor; exhaust manifold gasket
catalytic converter, blocked | petrol gas | 5 | no-power:.85@high-speed,load no-rev:.35 stall:.25 overheat:.1 hard-start:.2 engine-lamp:.4 rev-limit:.3 exhaust-temp:.2 | P0420:.3 P0300-P0304:.2 P0101:.1 P0171:.05 | | exhaust-pressure:.95 vacuum-gauge:.8 | fuel pump; timing chain
catalytic converter, broken | petrol | 2 | exhaust-noise:.7 no-power:.3 engine-lamp:.5 rattle-body:.15 | P0420:.6 | | exhaust-look:.8 exhaust-pressure:.35 | silencer
exhaust manifold gasket, leaking | | 6 | exhaust-noise:.65@cold-start,acceleration exhaust-fumes:.35 engine-noise:.4@cold-start engine-lamp:.3 smoke-engine-bay:.12 egr-smell:.4 | P0171:.15 P0420:.15 P0131:.05 | | exhaust-tight:.93 exhaust-look:.6 noise-find:.8 | exhaust manifold; injector seal
exhaust manifold, cracked | | 4 | exhaust-noise:.65@cold-start exhaust-fumes:.35 engine-noise:.35@cold-start engine-lamp:.3 egr-smell:.35 | P0171:.1 P0420:.15 P0299:.08 | | exhaust-tight:.93 noise-find:.75 | exhaust manifold gasket
flexible pipe, cracked | | 5 | exhaust-noise:.85 exhaust-fumes:.35 engine-lamp:.2 egr-smell:.25 | P0420:.15 P0136:.03 P0171:.05 | | exhaust-tight:.93 exhaust-look:.93 | silencer
silencer, broken | | 5 | exhaust-noise:.9 rattle-body:.35@idle | | | exhaust-look:.95 | flexible pipe
silencer, loose | | 4 | exhaust-noise:.4 rattle-body:.75@idle,bumps | | | exhaust-look:.93 | heat shield
heat shield, loose | | 5 | rattle-body:.85@idle,acceleration exhaust-noise:.3 engine-noise:.2 | | | exhaust-look:.93 noise-find:.7 | silencer
oxygen sensor, aged | petrol gas hybrid | 9 | engine-lamp:.85 fuel-use:.4 rough-idle:.2 emission-test:.3 hesitation:.15 surge:.12 | P0133/P0153:.4 P0130-P0134:.35 P0136-P0140:.3 P0171/P0172:.15 P0420:.12 P2195-P2198:.15 P0150-P0154:.1 | | lambda-swing:.93 lambda-heater:.1 exhaust-tight:.05 | catalytic converter; air-flow meter
oxygen sensor, open circuit | petrol diesel gas | 6 | engine-lamp:.9 fuel-use:.15 | P0135/P0141:.6 P0030-P0032:.25 P0036-P0038:.2 P0134/P0140:.2 P0155/P0161:.15 | | lambda-heater:.93 part-resist:.85 part-lamp:.15 | fuse; wiring harness
air-fuel ratio sensor, wrong reading | petrol hybrid | 4 | engine-lamp:.85 fuel-use:.3 hesitation:.25 rough-idle:.2 black-smoke:.1 | P2195-P2198:.5 P0171/P0172:.35 P2237:.15 P2251:.1 P0131-P0134:.2 P2243:.1 | | lambda-swing:.93 exhaust-tight:.05 | vacuum hose; exhaust manifold
particle filter, blocked | diesel | 12 | regen-often:.65 no-power:.6@load limp:.5 engine-lamp:.6 fuel-use:.25 oil-level-rise:.2 hard-start:.05 exhaust-temp:.2 | P2002:.4 P2463:.55 P242F:.4 P244A:.15 P244B:.1 P2452:.1 | | dpf-difference:.93 exhaust-pressure:.93 dpf-regen:.6 dpf-hoses:.05 | differential pressure sensor; fuel injector; exhaust gas recirculation valve
particle filter, cracked | diesel | 2 | black-smoke:.6 emission-test:.6 engine-lamp:.4 particle-number:.9 | P2002:.4 P244A:.3 P24AE:.1 | | dpf-difference:.85 exhaust-look:.3 | differential pressure hose
particle filter, wrong part fitted | diesel | 1 | black-smoke:.5 engine-lamp:.5 emission-test:.6 particle-number:.5 | P2002:.3 P244A:.4 | modification:.7 repair:.3 | dpf-difference:.8 | particle filter
differential pressure sensor, wrong reading | diesel | 6 | regen-often:.6 engine-lamp:.7 limp:.35 no-power:.3 | P2452-P2455:.7 P2463:.2 P2002:.2 P244A:.1 P242F:.1 | | dpf-difference:.9 dpf-hoses:.15 exhaust-pressure:.05 sensor-supply:.1 value-true:.85 | particle filter; differential pressure hose
differential pressure hose, cracked | diesel | 5 | regen-often:.55 engine-lamp:.7 limp:.3 | P2452-P2454:.4 P2002:.4 P244A:.3 P2463:.1 | | dpf-hoses:.95 dpf-difference:.85 exhaust-pressure:.05 | differential pressure sensor
differential pressure hose, fitted wrongly | diesel | 1 | regen-often:.5 engine-lamp:.6@after-repair limp:.3 | P2452-P2454:.5 P2002:.3 | repair:.9 | dpf-hoses:.95 dpf-difference:.9 | differential pressure sensor
exhaust temperature sensor, wrong reading | diesel petrol | 7 | engine-lamp:.8 regen-often:.45 limp:.2 exhaust-temp:.3 | P0544-P0546:.45 P2031-P2033:.3 P2080/P2084:.35 P0426:.1 P2463:.1 P242B-P242D:.15 | | temps-cold:.85 sensor-resist:.7 wire-through:.15 | wiring harness; particle filter
exhaust gas recirculation valve, sticking | diesel petrol | 12 | engine-lamp:.7 hesitation:.4 no-power:.35 rough-idle:.45 black-smoke:.35@acceleration stall:.3@idle jerking:.3 limp:.3 surge:.25 egr-smell:.12 | P0401:.35 P0402:.2 P0403-P0406:.25 P0400:.15 P0101:.1 P042E:.1 P0409:.05 P0487-P0489:.1 | | egr-move:.92 egr-soot:.85 egr-flow:.6 | air-flow meter; turbocharger
exhaust gas recirculation valve, blocked | diesel petrol | 8 | engine-lamp:.8 hesitation:.25 knock:.15@cruise no-power:.15 emission-test:.2 | P0401:.85 P0400:.15 P0101:.08 P2457:.05 | | egr-flow:.93 egr-soot:.95 egr-move:.4 | exhaust gas recirculation position sensor; vacuum hose
exhaust gas recirculation valve, stuck open | petrol diesel | 4 | rough-idle:.7@idle stall:.55@idle black-smoke:.4 no-power:.4 hesitation:.4 engine-lamp:.6 | P0402:.55 P0401:.1 P0300-P0304:.15 P0403-P0406:.15 P042E:.15 | | egr-move:.93 vacuum-gauge:.7 smoke-intake:.1 | vacuum hose
exhaust gas recirculation position sensor, wrong reading | diesel petrol | 3 | engine-lamp:.85 rough-idle:.2 limp:.2 | P0405/P0406:.6 P0404:.4 P0409:.15 P0403:.1 | | egr-move:.4 sensor-supply:.15 throttle-tracks:.2 value-true:.85 | exhaust gas recirculation valve
exhaust gas recirculation cooler, leaking internally | diesel truck | 4 | coolant-loss:.85 white-smoke:.55 coolant-smell:.2 engine-lamp:.25 overheat:.2 coolant-pressure:.25 | P0401:.2 P2457:.15 | | cool-pressure:.4 gas-coolant:.35 cyl-look:.25 egr-soot:.5 | head gasket
exhaust gas recirculation cooler, blocked | diesel truck | 2 | engine-lamp:.8 no-power:.25 | P0401:.7 P2457:.4 | | egr-flow:.85 egr-soot:.9 | exhaust gas recirculation valve
exhaust gas recirculation temperature sensor, wrong reading | diesel | 1 | engine-lamp:.85 | P040A-P040D:.7 P041B-P041D:.2 P0401:.1 | | temps-cold:.85 | wiring harness
nitrogen oxide sensor, wrong reading | diesel truck | 8 | adblue-warning:.6 engine-lamp:.8 limp:.15 | P2200-P2203:.5 P229F:.15 P20EE:.3 U029D/U029E:.15 P2213-P2216:.1 P229E:.15 | | nox-compare:.88 urea-quality:.05 urea-dose:.05 | reduction catalyst; urea injector
urea injector, blocked | diesel truck | 5 | adblue-warning:.85 engine-lamp:.6 limp:.1 def-leak:.35 | P20EE:.55 P207F:.15 P2047-P2049:.2 P20E8:.1 | | urea-dose:.95 urea-pressure:.15 urea-quality:.05 | reduction catalyst; nitrogen oxide sensor
urea pump, low output | diesel truck | 4 | adblue-warning:.9 engine-lamp:.6 def-leak:.15 | P20E8:.55 P204F:.2 P208A-P208D:.3 P20EE:.2 P204D:.05 | | urea-pressure:.93 urea-dose:.8 | urea injector
urea itself, contaminated | diesel truck | 3 | adblue-warning:.9@after-refuel engine-lamp:.5 | P207F:.6 P20EE:.45 P206B:.1 | | urea-quality:.95 nox-compare:.6 | nitrogen oxide sensor
urea itself, low level | diesel truck | 3 | adblue-warning:.97 | P203F:.5 P203B:.1 P203D:.1 | | urea-quality:.03 urea-level:.97 | urea level sensor
urea level sensor, wrong reading | diesel truck | 3 | adblue-warning:.9 engine-lamp:.4 | P203A-P203D:.6 P203F:.15 | | urea-quality:.03 sensor-supply:.2 urea-level:.9 | urea itself
urea quality sensor, wrong reading | diesel truck | 2 | adblue-warning:.85 engine-lamp:.5 | P206A-P206D:.4 P207F:.4 P2BA7:.02 | | urea-quality:.03 nox-compare:.05 value-true:.85 | urea itself
urea tank heater, open circuit | diesel truck | 4 | adblue-warning:.75@cold-weather engine-lamp:.7 | P20B9/P20BA:.4 P20BB/P20BC:.15 P205B:.05 P20BD-P20C0:.15 | | part-resist:.85 part-feed:.2 | wiring harness
urea pressure sensor, wrong reading | diesel truck | 1 | adblue-warning:.85 engine-lamp:.6 | P204A-P204D:.7 P20E8:.3 | | urea-pressure:.6 sensor-supply:.15 | urea pump
reduction catalyst, aged | diesel truck | 3 | adblue-warning:.75 engine-lamp:.7 emission-test:.2 | P20EE:.8 P2BAE:.01 P20EF:.05 | | nox-compare:.7 urea-dose:.05 urea-quality:.05 | nitrogen oxide sensor; urea injector
exhaust flap, sticking | diesel truck | 1 | exhaust-noise:.35 engine-brake:.4 engine-lamp:.4 no-power:.3 | P0475-P0478:.3 | | actuator-vane:.9 exhaust-pressure:.4 | turbocharger
secondary air pump, seized | petrol | 4 | engine-lamp:.85@cold-start exhaust-noise:.15 engine-noise:.25@cold-start | P0410:.55 P0411:.4 P0418/P0419:.15 P0491/P0492:.4 | | motor-direct:.9 part-feed:.2 water-look:.4 | secondary air valve
secondary air valve, stuck closed | petrol | 4 | engine-lamp:.9@cold-start | P0411:.4 P0491/P0492:.55 P0410:.35 P0412-P0414:.15 | | actuator-vane:.8 vacuum-supply:.3 motor-direct:.05 | secondary air pump
particle sensor, contaminated | diesel | 1 | engine-lamp:.85 | P24AE-P24B1:.5 P2002:.15 | | sensor-supply:.1 part-resist:.4 substitute:.8 | particle filter
exhaust pressure sensor, blocked | diesel truck | 2 | engine-lamp:.7 no-power:.3 limp:.3 | P0470-P0473:.75 P2263:.1 | | map-baro:.3 dpf-hoses:.6 exhaust-pressure:.05 | turbocharger
urea line, leaking | diesel | 4 | def-leak:.95 adblue-warning:.6 | P20E8:.25 P204F:.1 | | urea-pressure:.7 def-look:.95 | urea injector; urea pump
`,
};
