import type { FaultFile } from '../contract';

/** General practice, written from knowledge, no source. */
export const FUEL: FaultFile = {
  system: 'Fuel supply',
  notOn: ['electric'],
  table: `
fuel pump, low output | petrol hybrid gas bike | 9 | no-power:.6@load,acceleration,high-speed hesitation:.55@acceleration hard-start:.4@hot stall:.35@hot jerking:.35 engine-lamp:.4 pump-noise:.2 | P0171/P0174:.55 P0087:.4 P0300-P0304:.15 P0191:.05 | | fuel-pressure:.93 fuel-flow:.9 trim-speed:.85 pump-current:.6 trim-hold:.1 | fuel filter; air-flow meter
fuel pump, no signal | petrol hybrid bike | 6 | no-start:.9 stall:.4 | P0087:.15 P0230-P0232:.1 | | fuel-pressure:.95 pump-current:.9 pump-feed:.08 | fuel pump relay; crankshaft sensor; fuse
fuel pump, noisy | petrol diesel | 1 | engine-noise:.3 no-power:.2 stall:.15@low-fuel pump-noise:.85 | | | pump-current:.6 fuel-pressure:.3 | fuel filter
fuel pump relay, intermittent contact | petrol diesel | 4 | no-start:.75@hot stall:.5 | P0230-P0232:.25 | | relay-swap:.9 pump-feed:.9 fuel-pressure:.9 | fuel pump; main relay
fuel pump controller, no signal | petrol diesel direct | 3 | no-start:.7 stall:.45 no-power:.3 limp:.2 engine-lamp:.3 | P0230-P0232:.3 P0627-P0629:.35 P0087:.4 P025A:.15 U0109:.1 | | pump-feed:.85 fuel-pressure:.9 water-look:.3 | fuel pump; wiring harness
fuel filter, blocked | petrol diesel truck | 9 | no-power:.7@load,high-speed,acceleration hard-start:.35 stall:.25 jerking:.35@load limp:.25 hesitation:.35 | P0087:.55 P0171/P0174:.15 P0093:.1 P0191:.05 | | fuel-pressure:.85 lp-diesel:.9 filter-fuel:.85 fuel-flow:.8 rail-pressure:.8 | fuel pump; high-pressure fuel pump
fuel filter, leaking | diesel truck | 3 | hard-start:.7@standing,cold-start no-start:.3@standing stall:.3 no-power:.25 fuel-leak:.7 | P0087:.4 | repair:.6 | lp-diesel:.95 | high-pressure fuel pump; fuel line
fuel line, leaking | petrol diesel | 4 | fuel-smell:.75 hard-start:.4@standing fuel-use:.25 no-start:.15 stall:.15 fuel-leak:.65 | P0087:.25 | | lp-diesel:.6 fuel-hold:.6 fuel-pressure:.4 | fuel injector
fuel line, blocked | petrol diesel truck | 2 | no-power:.7@load stall:.3 hard-start:.3 | P0087:.5 | bodywork:.1 | fuel-pressure:.85 lp-diesel:.7 | fuel filter
fuel pressure regulator, stuck closed | petrol | 3 | black-smoke:.45 rich-smell:.45 fuel-use:.5 rough-idle:.4 hard-start:.35@hot fuel-smell:.25 engine-lamp:.5 | P0172/P0175:.7 P0300-P0304:.15 P0088:.15 | | fuel-pressure:.95 regulator-vac:.3 | fuel injector
fuel pressure regulator, leaking internally | petrol diesel direct | 4 | hard-start:.6@hot,standing rich-smell:.3 black-smoke:.3 fuel-use:.3 stall:.2 no-power:.25 engine-lamp:.4 | P0172:.25 P0087:.4 P0171:.1 P0089:.25 | | regulator-vac:.6 fuel-hold:.85 rail-pressure:.5 | fuel injector; fuel pump
fuel rail pressure sensor, wrong reading | petrol diesel direct | 4 | stall:.4 hard-start:.4 limp:.4 no-power:.35 engine-lamp:.6 rough-idle:.2 | P0190-P0194:.75 P0087/P0088:.3 | | rail-pressure:.6 sensor-supply:.15 sensor-2wire:.2 value-true:.85 | high-pressure fuel pump; fuel metering valve
high-pressure fuel pump, worn | diesel petrol direct | 7 | no-power:.5@load,high-speed hard-start:.5@hot no-start:.35 limp:.4 stall:.35 jerking:.25 engine-lamp:.5 | P0087:.75 P0088:.03 P0093:.15 P0191:.1 P0300-P0304:.1 P0171:.15 | | rail-pressure:.92 filter-fuel:.4 leak-back:.1 lp-diesel:.05 fuel-pressure:.05 | fuel metering valve; fuel filter; fuel injector
high-pressure fuel pump, broken | diesel | 2 | no-start:.85 stall:.5 engine-noise:.25 | P0087:.7 P0093:.2 | | rail-pressure:.95 filter-fuel:.8 | fuel pump
fuel metering valve, sticking | diesel | 6 | stall:.4@decel,hot hard-start:.45@hot hunting-idle:.35 jerking:.3 limp:.4 no-power:.35 rough-idle:.3 engine-lamp:.5 | P0087/P0088:.5 P0251:.15 P0252:.1 P0001-P0004:.2 P0089:.1 | | rail-pressure:.85 part-resist:.2 filter-fuel:.3 | high-pressure fuel pump; fuel rail pressure sensor
fuel pressure relief valve, leaking internally | diesel | 2 | hard-start:.7@hot no-start:.35 no-power:.4 limp:.4 stall:.2 | P0087:.8 | | rail-pressure:.9 leak-back:.05 | high-pressure fuel pump
fuel injector, leaking internally | diesel | 10 | hard-start:.75@hot no-start:.35@hot rough-idle:.4 white-smoke:.2@cold-start knock:.2 stall:.2 limp:.2 | P0087:.5 P0093:.2 P0301-P0304:.2 | | leak-back:.95 rail-pressure:.75 injector-corr:.4 | high-pressure fuel pump; fuel metering valve
fuel injector, worn | diesel | 9 | knock:.55@cold-start,load rough-idle:.6@idle,cold-start black-smoke:.35@load white-smoke:.3@cold-start engine-noise:.3 no-power:.25 regen-often:.2 fuel-use:.2 oil-level-rise:.15 | P0301-P0304:.25 P0201-P0204:.05 P0263:.15 P0266:.15 P2463:.1 | | injector-corr:.88 leak-back:.45 rel-compression:.05 | glow plug; valve clearance
fuel injector, stuck open | diesel petrol direct | 4 | white-smoke:.4 knock:.4 misfire:.5 rough-idle:.6 oil-level-rise:.3 hard-start:.4 black-smoke:.4 fuel-smell:.25 no-start:.15 | P0301-P0304:.45 P0172:.25 P0087:.3 P0263:.15 | | injector-leak:.85 injector-balance:.9 injector-corr:.8 cyl-look:.4 | head gasket; fuel pressure regulator
fuel injector, leaking | petrol gas | 5 | hard-start:.6@hot,standing rich-smell:.35 black-smoke:.25 rough-idle:.45@hot fuel-smell:.3 misfire:.35 fuel-use:.25 engine-lamp:.5 | P0172/P0175:.5 P0300-P0304:.4 | | injector-leak:.85 fuel-hold:.8 injector-balance:.75 | fuel pressure regulator; purge valve
fuel injector, blocked | petrol gas hybrid | 8 | misfire:.6@cold-start,load rough-idle:.55 hesitation:.45 no-power:.3 lamp-flashes:.25 engine-lamp:.5 jerking:.25 | P0300-P0304:.65 P0171/P0174:.4 | | injector-balance:.9 coil-swap:.03 trim-hold:.05 injector-current:.2 | ignition coil; spark plug
fuel injector, open circuit | petrol diesel gas | 5 | misfire:.8 rough-idle:.7 no-power:.4 lamp-flashes:.35 engine-lamp:.6 limp:.25 | P0201-P0206:.85 P0300-P0304:.5 | | part-resist:.85 injector-current:.95 part-lamp:.3 wire-through:.15 coil-swap:.02 | ignition coil; wiring harness
injector seal, leaking | diesel | 6 | engine-noise:.6@acceleration,load exhaust-fumes:.55 fuel-smell:.25 rough-idle:.3 oil-pressure-low:.03 hard-start:.2 | P0301-P0304:.1 | repair:.15 | noise-find:.85 rel-compression:.4 | exhaust manifold gasket
fuel return line, leaking | diesel | 4 | fuel-smell:.7 hard-start:.45@standing rough-idle:.15 fuel-leak:.6 | P0087:.2 | repair:.3 | lp-diesel:.7 | fuel injector
fuel itself, contaminated | petrol diesel truck | 5 | no-start:.4@after-refuel rough-idle:.45@after-refuel jerking:.5@after-refuel misfire:.45 no-power:.45@after-refuel stall:.4@after-refuel white-smoke:.2 engine-lamp:.4 knock:.2 | P0300-P0304:.4 P0171:.2 P0087:.25 P2269:.15 | | fuel-sample:.93 filter-fuel:.8 | fuel pump; fuel injector
fuel tank vent, blocked | petrol diesel bike old | 2 | refuel-trouble:.45@after-refuel stall:.45@cruise no-power:.3 fuel-smell:.15 | P0446:.3 P0171:.15 | | evap-vent:.8 | fuel pump
fuel level sender, worn | | 4 | fuel-gauge:.95 | P0460-P0464:.6 | | fuel-sender:.93 | instrument cluster
fuel temperature sensor, wrong reading | diesel | 1 | engine-lamp:.7 hard-start:.2 | P0180-P0183:.85 | | sensor-2wire:.3 temps-cold:.7 | wiring harness
low-pressure fuel sensor, wrong reading | petrol diesel direct | 1 | engine-lamp:.7 limp:.25 hard-start:.2 | P0087:.2 P008A:.2 P018C:.3 P018B:.2 | | fuel-pressure:.1 sensor-supply:.15 wire-through:.2 rail-pressure:.1 part-resist:.6 | fuel pump
water-in-fuel sensor, water inside | diesel truck | 2 | engine-lamp:.6 no-power:.2 water-in-fuel:.7 | P2264-P2266:.6 P2269:.4 | | filter-fuel:.6 | fuel itself
fuel shut-off valve, open circuit | diesel old truck | 3 | no-start:.9 stall:.3 run-on:.1 | | | part-feed:.25 part-resist:.7 part-lamp:.25 | fuel pump; starter motor
fuel shut-off valve, sticking | diesel old truck | 1 | run-on:.7 no-start:.4 | | | part-lamp:.05 motor-direct:.7 | ignition switch
carburettor, blocked | old petrol bike | 7 | hesitation:.5 no-power:.45 rough-idle:.55 stall:.4@idle hard-start:.45@standing no-start:.25@standing low-idle:.3 backfire:.2 | | | carb-float:.9 fuel-flow:.1 | fuel filter; ignition module
carburettor, overfilled | old petrol bike | 5 | fuel-smell:.7 stall:.5@hot hard-start:.5@hot black-smoke:.4 rich-smell:.4 rough-idle:.4 fuel-use:.4 fuel-leak:.4 | | | carb-float:.93 plug-look:.5 | choke
carburettor, out of adjustment | old petrol bike | 3 | rough-idle:.6 low-idle:.3 high-idle:.25 hesitation:.3 fuel-use:.3 stall:.3 | | repair:.3 | carb-float:.4 choke-look:.4 trim-hold:.4 idle-mix:.9 | vacuum hose
carburettor, stuck closed | old petrol bike | 3 | hard-start:.4 black-smoke:.5@hot stall:.4@hot fuel-use:.4 high-idle:.3 rough-idle:.4@hot | | | choke-look:.93 | carburettor
`,
};
