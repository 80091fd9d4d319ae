import type { FaultFile } from '../contract';

/** General practice, written from knowledge, no source. */
export const IGNITION: FaultFile = {
  system: 'Ignition',
  notOn: ['electric'],
  table: `
ignition coil, internal fault | petrol gas hybrid | 16 | misfire:.8@load,acceleration rough-idle:.5 jerking:.45 lamp-flashes:.5@acceleration no-power:.3 engine-lamp:.5 hesitation:.25 rev-limit:.15 | P0300-P0304:.85 P0351-P0354:.3 P0305-P0308:.1 P0171:.05 | repair:.05 | coil-swap:.93 spark-trace:.85 plug-look:.2 | spark plug; fuel injector
ignition coil, cracked | petrol gas | 3 | misfire:.8@rain,load jerking:.4@rain rough-idle:.3@rain lamp-flashes:.35 engine-lamp:.4 hard-start:.15@rain | P0300-P0304:.8 P0351-P0354:.1 | | coil-swap:.9 spark-trace:.85 | ignition lead
spark plug, worn | petrol gas hybrid | 13 | misfire:.6@acceleration,load rough-idle:.4 hard-start:.3@cold-start hesitation:.35 fuel-use:.3 lamp-flashes:.25 engine-lamp:.4 jerking:.3 | P0300-P0304:.75 | | plug-look:.93 spark-trace:.7 coil-swap:.1 | ignition coil
spark plug, contaminated | petrol gas bike | 3 | misfire:.6@cold-start hard-start:.5 no-start:.25 rough-idle:.4 rich-smell:.2 flooded:.3 | P0300-P0304:.6 P0172:.1 | repair:.05 | plug-look:.95 | fuel injector
spark plug, cracked | petrol gas | 2 | misfire:.8@load,acceleration lamp-flashes:.4 rough-idle:.3 engine-lamp:.4 | P0300-P0304:.85 | repair:.5 | plug-look:.85 spark-trace:.8 coil-swap:.05 | ignition coil
ignition lead, aged | petrol gas old | 5 | misfire:.7@rain,load hard-start:.3@rain jerking:.45@rain hesitation:.3 rough-idle:.3 engine-lamp:.3 | P0300-P0304:.7 | | spark-trace:.85 spark-jump:.4 | ignition coil
distributor, worn | petrol old | 3 | misfire:.5 hard-start:.4@rain no-start:.35@rain hesitation:.4 backfire:.25 jerking:.4 no-power:.3 | P0300:.2 P0340:.1 | | spark-jump:.6 spark-trace:.7 points-gap:.4 | ignition lead
ignition module, no signal | petrol old | 4 | no-start:.7@hot stall:.6@hot misfire:.2 | P0351:.1 P0335:.05 | | spark-jump:.9 primary-pulse:.9 hot-signal:.5 | crankshaft sensor; ignition coil
contact breaker, worn | old petrol | 3 | hard-start:.5 misfire:.5 no-start:.4 no-power:.4 backfire:.3 rough-idle:.3 kick-back:.2 | | | points-gap:.95 spark-jump:.4 | ignition module; spark plug
ignition coil, open circuit | old petrol bike | 2 | no-start:.8 stall:.4@hot misfire:.3 | P0351-P0352:.4 | | spark-jump:.9 part-resist:.85 primary-pulse:.1 | ignition module
distributor, out of adjustment | old petrol | 2 | no-power:.5 hard-start:.4 knock:.4@load overheat:.2 run-on:.25 backfire:.2 kick-back:.5 | | repair:.5 | points-gap:.9 | carburettor
knock sensor, no signal | petrol | 4 | engine-lamp:.8 no-power:.2 fuel-use:.1 | P0325-P0328:.85 P0330-P0333:.2 | | knock-tap:.8 wire-through:.3 part-resist:.3 | wiring harness
knock sensor, loose | petrol | 1 | engine-lamp:.7 knock:.2 no-power:.2 | P0325-P0328:.7 | repair:.6 | knock-tap:.5 | knock sensor
glow plug, open circuit | diesel | 14 | hard-start:.75@cold-start,cold-weather white-smoke:.5@cold-start rough-idle:.45@cold-start glow-lamp:.4 engine-lamp:.3 no-start:.3@cold-weather knock:.15@cold-start | P0670-P0674:.75 P0380:.35 | | glow-current:.95 glow-feed:.05 | glow plug controller; fuel injector
glow plug controller, no signal | diesel | 6 | hard-start:.75@cold-start,cold-weather white-smoke:.45@cold-start glow-lamp:.5 no-start:.35@cold-weather rough-idle:.3@cold-start | P0380-P0383:.5 P0670:.55 P0671-P0674:.3 P0683:.2 | | glow-feed:.92 glow-current:.9 | glow plug
`,
};
