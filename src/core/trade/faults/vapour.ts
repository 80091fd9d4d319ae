import type { FaultFile } from '../contract';

/** General practice, written from knowledge, no source. */
export const VAPOUR: FaultFile = {
  system: 'Fuel vapour',
  notOn: ['electric', 'bike'],
  table: `
fuel cap, leaking | petrol hybrid | 9 | engine-lamp:.85@after-refuel evap-smell:.4 fuel-smell:.25 | P0455-P0457:.75 P0442:.3 P0440:.1 | | cap-seal:.9 evap-smoke:.85 | purge valve; charcoal canister
purge valve, stuck open | petrol hybrid | 8 | hard-start:.55@after-refuel,hot rough-idle:.4@idle engine-lamp:.65 stall:.25@idle fuel-smell:.15 hunting-idle:.2 refuel-trouble:.5@after-refuel | P0496:.45 P0441:.35 P0172:.2 P0171:.2 P0455:.1 P0506:.05 | | purge-close:.95 evap-smoke:.5 | fuel injector; vacuum hose
purge valve, open circuit | petrol hybrid | 3 | engine-lamp:.85 | P0443-P0445:.85 P0458/P0459:.2 P0441:.2 | | part-resist:.85 part-lamp:.1 wire-through:.1 | wiring harness
purge valve, stuck closed | petrol hybrid | 2 | engine-lamp:.85 evap-smell:.2 | P0441:.7 P0497:.35 | | purge-close:.05 evap-vent:.2 evap-smoke:.15 purge-flow:.93 | charcoal canister
vent solenoid, stuck closed | petrol hybrid | 4 | engine-lamp:.7 refuel-trouble:.5@after-refuel evap-smell:.15 stall:.08 | P0446:.65 P0450:.1 P0452:.1 P0441:.15 | | evap-vent:.93 | charcoal canister; fuel tank vent
vent solenoid, leaking | petrol hybrid | 4 | engine-lamp:.85 evap-smell:.25 | P0455:.4 P0442:.35 P0456:.25 P0446:.25 P0447/P0448:.15 P0498/P0499:.15 | | evap-vent:.85 evap-smoke:.9 | fuel cap
charcoal canister, blocked | petrol hybrid | 3 | refuel-trouble:.6@after-refuel engine-lamp:.6 fuel-smell:.3 hard-start:.2@after-refuel | P0441:.3 P0446:.4 P0455:.1 P0496:.1 | | evap-vent:.8 | vent solenoid
charcoal canister, cracked | petrol hybrid | 3 | evap-smell:.55 engine-lamp:.8 fuel-smell:.4 | P0455:.5 P0442:.4 P0456:.3 | collision:.1 | evap-smoke:.95 cap-seal:.05 | fuel cap
fuel line, cracked | petrol hybrid | 3 | evap-smell:.5 fuel-smell:.5 engine-lamp:.75 air-in-fuel:.2 | P0442:.4 P0455:.4 P0456:.3 | collision:.05 bodywork:.05 | evap-smoke:.95 cap-seal:.05 | fuel cap
tank pressure sensor, wrong reading | petrol hybrid | 3 | engine-lamp:.9 | P0450-P0454:.85 P0455:.1 | | sensor-supply:.15 evap-smoke:.1 value-true:.9 | wiring harness
evaporative leak pump, internal fault | petrol hybrid | 3 | engine-lamp:.9 | P0440:.25 P0455:.2 P2400-P2402:.3 P2404:.2 P0442:.2 | | evap-smoke:.15 evap-vent:.3 part-resist:.3 substitute:.8 | fuel cap
fuel tank, leaking | petrol diesel hybrid | 1 | fuel-smell:.85 evap-smell:.3 engine-lamp:.3 fuel-use:.2 fuel-leak:.7 | P0455:.4 P0442:.25 | collision:.2 | evap-smoke:.8 | fuel line
`,
};
