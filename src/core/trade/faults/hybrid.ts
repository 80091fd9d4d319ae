import type { FaultFile } from '../contract';

/** General practice, written from knowledge, no source. */
export const HYBRID: FaultFile = {
  system: 'Hybrid and electric drive',
  notOn: ['bike'],
  table: `
battery cell module, aged | hybrid electric | 30 | hv-warning:.85 no-electric:.4 range-short:.4 no-power:.3 fuel-use:.3 fan-always:.2 not-ready:.15 hv-battery-fan:.12 regen-brake:.12 ev-limit:.25 | P0A80:.7 P0A7F:.25 P0A7D:.08 P0B3B-P0B44:.1 | | cells:.95 hv-cool:.2 | traction battery; battery cooling fan
traction battery, aged | hybrid electric | 20 | range-short:.85@cold-weather no-electric:.35 hv-warning:.35 fuel-use:.3 no-power:.2 regen-brake:.15 charge-slow:.08 ev-limit:.25 | P0A7F:.5 P0A80:.25 P0A7D:.12 | | cells:.6 charger-feed:.03 | battery cell module
battery cooling fan, blocked | hybrid | 18 | hv-warning:.6@hot-weather,load no-electric:.35@hot-weather blower:.05 hv-battery-fan:.8@hot-weather | P0A80:.15 P0A81:.3 P0A82-P0A85:.4 P0A9C:.05 | | hv-cool:.95 cells:.15 | battery cell module
battery contactor, burnt | hybrid electric | 9 | not-ready:.85 hv-warning:.8 | P0AA0:.1 P0AA1-P0AA4:.6 P0AE0:.06 P0AD9:.2 | | hv-loop:.06 part-resist:.7 | high-voltage connector
high-voltage connector, not latched | hybrid electric | 8 | not-ready:.93@after-repair hv-warning:.75 no-charging-plug:.3 | P0A0D/P0A0E:.4 P0A0A-P0A0C:.5 | repair:.75 collision:.2 | hv-loop:.95 pins-look:.8 | battery contactor
high-voltage cable, chafed | hybrid electric | 8 | insulation:.85@rain hv-warning:.8 not-ready:.4 | P0AA6:.85 | collision:.2 | insulation:.95 hv-loop:.1 | air conditioning compressor
air conditioning compressor, leaking internally | hybrid electric | 9 | insulation:.75@ac-on hv-warning:.75 not-ready:.35 ac-warm:.3 | P0AA6:.85 | repair:.15 | insulation:.95 | high-voltage cable
battery cell module, leaking | hybrid electric | 4 | insulation:.75 hv-warning:.8 not-ready:.4 | P0AA6:.8 P0A80:.2 | | insulation:.93 cells:.4 | high-voltage cable
inverter, internal fault | hybrid electric | 10 | not-ready:.7 hv-warning:.8 no-power:.35 no-drive:.3 regen-brake:.12 ev-limit:.3@hot | P0A78:.3 P0A94:.2 P0A3F:.06 P0A1D:.06 P0A1B:.15 P0A7A:.1 | | hv-loop:.05 hv-cool:.25 code-back:.8 | drive motor
dc converter, internal fault | hybrid electric | 8 | no-charge:.75 hv-warning:.5 battery-drain:.35 not-ready:.2 | P0A94:.3 P0A08:.15 P0A09/P0A10:.15 P0562:.4 | | charge-load:.93 battery-load:.3 | battery; fuse
on-board charger, internal fault | hybrid electric | 12 | no-charging-plug:.95 hv-warning:.25 charge-slow:.3 | | | charger-feed:.93 pilot:.15 | charge socket
charge socket, corroded | hybrid electric | 10 | no-charging-plug:.95@rain charge-slow:.3 | | | pilot:.9 pins-look:.8 charger-feed:.9 | on-board charger
charge socket, sticking | hybrid electric | 6 | no-charging-plug:.85 plug-stuck:.7 | | | pilot:.15 motor-direct:.6 charger-feed:.85 | charge socket
charging cable, internal fault | hybrid electric | 10 | no-charging-plug:.95 charge-slow:.3 plug-stuck:.08 | | | charger-feed:.05 pilot:.6 | charge socket; on-board charger
drive motor, internal fault | hybrid electric | 4 | no-drive:.5 hv-warning:.75 driveline-noise:.35 not-ready:.3 no-power:.3 insulation:.25 ev-limit:.15 | P0A78:.1 P0AA6:.25 P0A90:.1 P0A92:.06 P0A1B:.1 | | insulation:.5 noise-find:.4 | inverter
motor position sensor, wrong reading | hybrid electric | 4 | no-drive:.4 hv-warning:.8 no-power:.4 jerking:.3 not-ready:.3 | P0A3F-P0A42:.6 P0A4B-P0A4E:.3 | | sensor-supply:.1 wire-through:.2 part-resist:.5 | inverter
insulation monitor, internal fault | hybrid electric | 2 | insulation:.85 hv-warning:.7 | P0AA6:.4 P0AA5:.1 P0AA7:.3 | | insulation:.05 code-back:.8 | high-voltage cable
traction battery temperature sensor, wrong reading | hybrid electric | 3 | hv-warning:.8 no-electric:.3 no-charging-plug:.15 hv-battery-fan:.12 regen-brake:.2 charge-slow:.2 ev-limit:.25 | P0A9B-P0A9E:.6 P0AC6-P0AC9:.2 | | temps-cold:.9 cells:.04 | battery cooling fan
traction battery current sensor, wrong reading | hybrid electric | 3 | hv-warning:.8 no-electric:.25 range-short:.15 | P0ABF-P0AC2:.75 | | sensor-supply:.15 cells:.05 value-true:.85 | battery cell module
motor temperature sensor, wrong reading | hybrid electric | 4 | ev-limit:.7 hv-warning:.6 no-power:.3 | P0A2A-P0A2D:.6 | | temps-cold:.85 part-resist:.5 | drive motor; auxiliary water pump
`,
};
