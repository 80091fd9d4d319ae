import type { FaultFile } from '../contract';

/** General practice, written from knowledge, no source. */
export const ENGINE: FaultFile = {
  system: 'Valve train and compression',
  notOn: ['electric'],
  table: `
timing chain, stretched | petrol diesel hybrid | 9 | engine-noise:.65@cold-start engine-lamp:.65 hard-start:.3 rough-idle:.35 no-power:.25 misfire:.2 | P0016-P0019:.75 P0008:.15 P0011/P0014:.15 P0341:.15 P0340:.1 | | cam-crank:.93 timing-marks:.8 phaser-move:.3 noise-find:.6 | cam phaser; camshaft sensor
chain tensioner, worn | petrol diesel | 5 | engine-noise:.85@cold-start hard-start:.1 engine-lamp:.3 | P0016-P0019:.4 P0341:.1 | | noise-find:.8 cam-crank:.5 oil-pressure:.15 | timing chain; hydraulic lifter
timing chain, out of time | petrol diesel | 4 | no-start:.5 no-power:.55 rough-idle:.55 backfire:.25 misfire:.4 hard-start:.4 engine-lamp:.6 | P0016-P0019:.7 P0340:.2 P0300-P0304:.35 | repair:.35 | cam-crank:.95 timing-marks:.9 rel-compression:.15 compression:.5 vacuum-gauge:.8 | timing chain; crankshaft sensor
timing belt, broken | petrol diesel | 3 | no-start:.97 stall:.6 engine-noise:.2 | P0340:.3 P0335:.05 | | timing-marks:.97 cam-signal:.9 compression:.9 rel-compression:.8 | fuel pump; crankshaft sensor
timing belt, out of time | petrol diesel | 4 | no-power:.6@after-repair rough-idle:.45 hard-start:.45 no-start:.2 black-smoke:.2 white-smoke:.15 | P0016-P0018:.45 P0341:.2 P0340:.15 | repair:.7 | timing-marks:.93 cam-crank:.93 vacuum-gauge:.6 | turbocharger; fuel pump
camshaft, worn | petrol diesel | 3 | misfire:.5 engine-noise:.6 no-power:.35 rough-idle:.35 backfire:.15 | P0300-P0304:.45 | | compression:.2 vacuum-gauge:.4 valve-clearance:.7 noise-find:.7 cam-crank:.15 | hydraulic lifter; ignition coil
cam phaser, worn | petrol diesel hybrid | 5 | engine-noise:.7@cold-start,idle rough-idle:.35 hesitation:.25 no-power:.25 engine-lamp:.6 stall:.15 | P0011-P0015:.5 P0021-P0025:.15 P0016-P0019:.3 | | phaser-move:.85 noise-find:.7 cam-crank:.5 oil-level:.1 | cam phaser solenoid; timing chain
cam phaser solenoid, sticking | petrol diesel hybrid | 7 | rough-idle:.5@hot,idle stall:.3@idle no-power:.35 hesitation:.3 engine-lamp:.75 fuel-use:.15 engine-noise:.15 | P0010-P0014:.75 P0020-P0024:.15 P0026/P0027:.05 P0300-P0304:.1 | | phaser-move:.93 oil-level:.35 part-resist:.15 cam-crank:.2 | cam phaser; timing chain; oil
cam phaser solenoid, open circuit | petrol diesel | 3 | engine-lamp:.85 rough-idle:.2 no-power:.2 | P0010/P0013:.75 P0020/P0023:.1 P2088-P2091:.2 | | part-resist:.85 part-lamp:.15 wire-through:.15 phaser-move:.9 | wiring harness
engine oil, low level | | 5 | oil-pressure-low:.6@turning,braking engine-noise:.4 engine-lamp:.15 | P0011/P0014:.15 P0521:.1 P0522:.1 | | oil-level:.97 oil-pressure:.5 | oil pump; oil pressure switch
engine oil, aged | | 4 | rough-idle:.2@hot engine-noise:.45 engine-lamp:.4 hard-start:.1 | P0011/P0014:.35 P0010:.05 P0521:.1 | | oil-level:.9 phaser-move:.3 | cam phaser solenoid
hydraulic lifter, sticking | petrol diesel | 6 | engine-noise:.9@cold-start,idle misfire:.15 rough-idle:.15 | P0300-P0304:.15 | | noise-find:.85 oil-pressure:.15 oil-level:.2 valve-clearance:.3 | injector; rocker arm actuator
rocker arm actuator, sticking | petrol | 2 | misfire:.4 engine-noise:.4 no-power:.35 engine-lamp:.6 | P2646-P2649:.5 P3400:.05 P0300-P0304:.3 P3401:.05 | | oil-pressure:.3 oil-level:.3 phaser-move:.2 compression:.2 substitute:.7 | hydraulic lifter
intake valve, contaminated | petrol direct | 5 | rough-idle:.6@cold-start misfire:.55@cold-start hesitation:.35@cold-start hard-start:.25 engine-lamp:.5 | P0300-P0304:.75 P0171:.1 | | cyl-look:.85 coil-swap:.02 compression:.1 | ignition coil; fuel injector
exhaust valve, burnt | petrol gas diesel | 5 | misfire:.75@idle rough-idle:.75@idle no-power:.35 lamp-flashes:.3 engine-lamp:.5 backfire:.1 hard-start:.1 | P0300-P0304:.85 | overheating:.1 | compression:.95 leak-down:.95 rel-compression:.92 coil-swap:.02 vacuum-gauge:.8 valve-clearance:.3 plug-look:.05 | ignition coil; fuel injector; head gasket
valve spring, broken | petrol diesel | 2 | misfire:.75@high-speed,acceleration engine-noise:.5 rough-idle:.4 lamp-flashes:.35 | P0300-P0304:.8 | | compression:.4 noise-find:.6 vacuum-gauge:.75 coil-swap:.02 leak-down:.4 | ignition coil
valve clearance, out of adjustment | petrol gas diesel bike old | 5 | misfire:.45@cold-start,idle rough-idle:.55@cold-start,idle engine-noise:.5 hard-start:.4@cold-start no-power:.3 backfire:.1 | P0300-P0304:.4 | | valve-clearance:.95 compression:.5 rel-compression:.45 vacuum-gauge:.6 coil-swap:.02 | spark plug; exhaust valve
head gasket, leaking | petrol diesel | 10 | coolant-loss:.8 white-smoke:.55@cold-start overheat:.5@load coolant-pressure:.5 misfire:.25@cold-start rough-idle:.3@cold-start no-heat:.25 oil-leak:.1 coolant-smell:.2 hard-start:.15 oil-cap-sludge:.25 | P0300-P0304:.2 P0217:.15 P0128:.05 P0118:.03 | overheating:.35 | gas-coolant:.9 cool-pressure:.6 cyl-look:.6 leak-down:.65 compression:.35 rel-compression:.3 coil-swap:.02 | thermostat; water pump; exhaust gas recirculation cooler; expansion tank cap
cylinder head, cracked | petrol diesel | 3 | coolant-loss:.8 overheat:.5 white-smoke:.5 coolant-pressure:.55 misfire:.25 oil-level-rise:.15 | P0300-P0304:.2 P0217:.15 | overheating:.5 | gas-coolant:.85 cool-pressure:.55 leak-down:.7 cyl-look:.5 | head gasket
piston ring, worn | petrol diesel | 5 | oil-use:.8 blue-smoke:.65@cold-start,decel,acceleration no-power:.35 crankcase:.55 hard-start:.25@cold-start rough-idle:.25 misfire:.15 oil-leak:.2 | P0300-P0304:.2 P0420:.1 | | compression:.75 leak-down:.9 crank-case:.85 oil-use:.95 rel-compression:.4 plug-look:.5 | valve stem seal; crankcase breather valve; turbocharger
valve stem seal, worn | petrol diesel | 4 | blue-smoke:.8@cold-start,decel oil-use:.75 misfire:.1 | P0300-P0304:.1 | | oil-use:.95 compression:.05 leak-down:.08 plug-look:.4 | piston ring
piston, broken | petrol diesel | 2 | misfire:.7 no-power:.65 knock:.35 blue-smoke:.5 crankcase:.6 engine-noise:.5 rough-idle:.6 oil-use:.4 | P0300-P0304:.75 | modification:.15 | compression:.95 leak-down:.95 rel-compression:.93 crank-case:.85 coil-swap:.02 | fuel injector; ignition coil
connecting rod bearing, worn | petrol diesel | 4 | engine-noise:.9@acceleration,hot knock:.5@load oil-pressure-low:.45@hot,idle | P0521/P0522:.15 P0524:.1 | | oil-pressure:.7 noise-find:.9 oil-level:.4 | hydraulic lifter; fuel injector
oil pump, low output | petrol diesel | 3 | oil-pressure-low:.85@hot,idle engine-noise:.5 | P0522-P0524:.45 P0521:.3 P0011/P0014:.1 | | oil-pressure:.95 oil-level:.05 oil-switch:.05 | oil pressure switch; connecting rod bearing
oil pressure switch, wrong reading | | 6 | oil-pressure-low:.85 oil-leak:.25 engine-lamp:.2 | P0520-P0524:.5 | | oil-pressure:.05 oil-level:.03 part-resist:.4 oil-switch:.95 | oil pump
oil pressure control solenoid, sticking | petrol diesel | 2 | oil-pressure-low:.6 engine-lamp:.5 engine-noise:.2 | P0521:.3 P06DD/P06DE:.35 P06DA-P06DC:.3 P0524:.15 | | oil-pressure:.8 part-resist:.3 | oil pump
oil filter, wrong part fitted | | 1 | oil-pressure-low:.4@cold-start engine-noise:.6@cold-start | | repair:.9 | noise-find:.4 oil-pressure:.4 oil-level:.1 substitute:.85 | chain tensioner
valve cover gasket, leaking | petrol diesel | 7 | oil-leak:.85 burning-smell:.45 misfire:.1 exhaust-fumes:.1 | P0300-P0304:.08 | | oil-leak-find:.95 plug-look:.15 | crankshaft seal
crankshaft seal, leaking | petrol diesel | 5 | oil-leak:.95 judder-off:.1 slipping:.1 oil-use:.2 gearbox-leak:.15 | | | oil-leak-find:.93 crank-case:.25 | oil pan gasket
oil pan gasket, leaking | | 4 | oil-leak:.97 oil-use:.1 | | | oil-leak-find:.95 | crankshaft seal
reluctor ring, broken | petrol diesel | 2 | no-start:.5 stall:.5 misfire:.35 rough-idle:.3 engine-lamp:.6 jerking:.3 | P0335/P0336:.65 P0341:.1 P0300:.25 P0315:.1 | repair:.25 | crank-signal:.93 cam-crank:.5 | crankshaft sensor
engine mount, broken | | 6 | engine-vibration:.8@idle,in-gear rough-idle:.35@in-gear driveline-noise:.3@acceleration,reverse rattle-body:.2 drive-vibration:.2 | | | mounts-look:.93 | drive shaft; ignition coil
accessory belt, worn | | 6 | engine-noise:.75@cold-start,rain no-charge:.2 steer-heavy:.12 overheat:.08 | P0562:.05 | | belt-look:.95 load-off:.9 | belt tensioner; alternator
belt tensioner, worn | | 5 | engine-noise:.85@idle no-charge:.1 | | | belt-look:.85 load-off:.9 noise-find:.8 | water pump; alternator pulley
crankshaft pulley, loose | | 3 | engine-noise:.65 engine-vibration:.4 no-charge:.15 steer-heavy:.1 | P0335/P0336:.05 | | belt-look:.6 load-off:.85 noise-find:.8 | belt tensioner
`,
};
