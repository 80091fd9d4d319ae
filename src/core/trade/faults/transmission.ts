import type { FaultFile } from '../contract';

/** General practice, written from knowledge, no source. */
export const TRANSMISSION: FaultFile = {
  system: 'Transmission',
  table: `
transmission oil, low level | auto | 9 | slipping:.75@cold-start,turning,acceleration no-drive:.3 harsh-shift:.35 no-shift:.1 tcc-shudder:.1 driveline-noise:.2 delayed-engage:.4 gearbox-hot:.2 transmission-lamp:.2 | P0730-P0736:.35 P0868:.2 P0700:.2 P0841:.05 P0741:.1 | | atf-level:.95 line-pressure:.6 | valve body; automatic transmission
transmission oil, aged | auto | 7 | tcc-shudder:.55@cruise harsh-shift:.5@hot slipping:.25 judder-off:.2 delayed-engage:.15 gearbox-hot:.1 | P0741:.25 P0730:.12 P0700:.15 | | atf-level:.9 lock-slip:.4 gear-adapt:.4 | torque converter; valve body
torque converter, worn | auto | 7 | tcc-shudder:.85@cruise slipping:.2 drive-vibration:.2 stall:.1@decel fuel-use:.1 judder-off:.15 surge:.2 delayed-engage:.12 gearbox-hot:.2 transmission-lamp:.25 | P0741:.65 P0740:.15 P2757:.1 P0700:.2 | | lock-slip:.93 atf-level:.4 line-pressure:.15 | transmission oil; ignition coil
torque converter, stuck closed | auto | 2 | stall:.9@in-gear,decel tcc-shudder:.1 | P0742:.5 P0740:.2 | | lock-slip:.5 solenoid-resist:.15 | crankshaft sensor
valve body, worn | auto | 6 | harsh-shift:.75@hot slipping:.45 no-shift:.3 no-drive:.12 limp:.25 delayed-engage:.35 transmission-lamp:.3 | P0730-P0736:.35 P0776/P0777:.2 P0746:.12 P0796:.06 P0741:.2 P0700:.3 | | line-pressure:.8 gear-adapt:.6 solenoid-resist:.1 atf-level:.15 | shift solenoid; automatic transmission
shift solenoid, open circuit | auto | 6 | no-shift:.7 harsh-shift:.4 limp:.6 engine-lamp:.4 transmission-lamp:.5 | P0750-P0753:.3 P0755-P0758:.25 P0760-P0763:.15 P0973/P0974:.2 P0976/P0977:.15 P0700:.4 | | solenoid-resist:.93 wire-through:.15 atf-level:.05 | wiring harness; valve body
shift solenoid, sticking | auto | 5 | harsh-shift:.6 no-shift:.5 slipping:.3 limp:.3 transmission-lamp:.4 | P0751:.25 P0756:.25 P0761:.15 P0746:.15 P0730:.2 P0700:.35 P0766:.08 P0771:.06 | | gear-adapt:.6 line-pressure:.5 solenoid-resist:.15 atf-level:.3 | valve body
automatic transmission, worn | auto | 6 | slipping:.85@acceleration no-drive:.45 harsh-shift:.35 no-shift:.25 limp:.35 driveline-noise:.15 delayed-engage:.3 transmission-lamp:.3 | P0730-P0736:.75 P0700:.3 P0894:.05 P0741:.1 | | atf-level:.75 line-pressure:.4 gear-adapt:.75 solenoid-resist:.05 | valve body; transmission oil
transmission control module, internal fault | auto | 3 | limp:.6 no-shift:.4 no-drive:.2 harsh-shift:.25 no-communication:.15 gear-display:.2 transmission-lamp:.5 | U0101:.4 P0700:.3 P0613:.15 P0601-P0606:.1 P0706:.06 | | module-fed:.06 code-back:.85 | data bus; shift solenoid
transmission control module, not relearned | auto | 3 | harsh-shift:.85@after-repair judder-off:.3@after-repair no-shift:.08 coasting-jerk:.12 | P0700:.1 | repair:.75 flat-battery:.35 | gear-adapt:.93 learned:.9 atf-level:.08 | valve body
transmission speed sensor, no signal | auto | 5 | no-shift:.45 harsh-shift:.5 limp:.55 speed-signal:.35 engine-lamp:.4 transmission-lamp:.5 | P0715-P0718:.5 P0720-P0723:.5 P0500:.1 P0700:.25 P0730:.1 P0791-P0793:.1 | | speed-signal:.6 sensor-supply:.1 part-resist:.5 wire-through:.15 | transmission control module
transmission range sensor, wrong reading | auto | 5 | no-crank:.35 no-shift:.3 limp:.35 lights-out:.1@reverse instruments-dead:.12 no-drive:.1 harsh-shift:.1 key-stuck:.08 gear-display:.4 transmission-lamp:.4 | P0705-P0709:.85 P0850:.06 | | switch-value:.93 start-chain:.3 | starter relay; gear selector cable
transmission oil temperature sensor, wrong reading | auto | 1 | harsh-shift:.3 limp:.25 engine-lamp:.3 transmission-lamp:.4 | P0710-P0714:.85 | | temps-cold:.85 | wiring harness
transmission oil cooler, leaking internally | auto | 2 | slipping:.4 coolant-loss:.6 harsh-shift:.4 tcc-shudder:.4 oil-cap-sludge:.2 coolant-mixed:.5 | P0741:.15 | | atf-level:.95 cool-pressure:.4 | head gasket
transmission oil pressure sensor, wrong reading | auto | 1 | harsh-shift:.3 limp:.3 transmission-lamp:.35 | P0840-P0849:.85 P0868:.1 | | line-pressure:.08 sensor-supply:.15 value-true:.85 | valve body
gear shift lock solenoid, no signal | auto | 3 | hard-gear:.5 no-drive:.1 no-shift:.35@key-on shifter-locked:.8 key-stuck:.25 | P0928-P0930:.1 P0504:.06 | | part-feed:.5 brake-switch:.2 | brake light switch
clutch disc, worn | manual | 10 | slipping:.93@acceleration,load burning-smell:.35 judder-off:.2 hard-gear:.1 clutch-smell:.35 | | | clutch-slip:.97 clutch-travel:.06 | dual-mass flywheel; clutch slave cylinder
clutch disc, contaminated | manual | 3 | slipping:.55 judder-off:.6 clutch-smell:.1 | | | clutch-slip:.75 oil-leak-find:.6 | clutch disc
dual-mass flywheel, worn | manual auto | 8 | engine-noise:.5@idle judder-off:.45 drive-vibration:.3 rough-idle:.25 clutch-noise:.4 starter-grind:.2 engine-vibration:.4 driveline-noise:.35 coasting-jerk:.2 | P0335/P0336:.06 | | flywheel-play:.93 load-off:.6 | clutch disc; engine mount
clutch release bearing, worn | manual | 6 | clutch-noise:.93 hard-gear:.1 clutch-pedal:.15 | | | load-off:.93 | gearbox; dual-mass flywheel
clutch master cylinder, leaking internally | manual | 4 | clutch-pedal:.85 hard-gear:.65 brake-fluid-low:.15 | | | clutch-travel:.9 brake-fluid:.35 | clutch slave cylinder
clutch slave cylinder, leaking | manual | 5 | clutch-pedal:.85 hard-gear:.65 slipping:.06 no-drive:.06 clutch-smell:.05 brake-fluid-low:.15 | P0810:.02 | | clutch-travel:.95 brake-fluid:.6 brake-leak:.3 | clutch master cylinder
clutch actuator, internal fault | auto manual | 3 | no-drive:.4 judder-off:.4 hard-gear:.4 limp:.4 no-shift:.3 transmission-lamp:.5 | P0900-P0904:.3 P0805-P0809:.2 P0810:.25 P0919/P0920:.08 P0700:.2 P0811:.15 | | gear-adapt:.6 clutch-travel:.6 part-feed:.1 | clutch disc
gear selector cable, out of adjustment | manual auto | 5 | hard-gear:.75 no-drive:.15 no-shift:.15 no-crank:.06 quickshift:.1 gear-display:.3 shifter-locked:.12 | P0705-P0706:.12 | repair:.35 | clutch-travel:.05 wiggle:.15 switch-value:.3 gear-cable:.93 | clutch disc; gearbox
gearbox, worn | manual | 5 | driveline-noise:.75@in-gear,decel hard-gear:.55 quickshift:.3 | | | load-off:.4 atf-level:.4 clutch-travel:.05 gearbox-oil:.85 | wheel bearing; clutch release bearing
gear position sensor, wrong reading | manual bike auto | 2 | start-stop:.35 limp:.25 engine-lamp:.3 instruments-dead:.2 no-crank:.15 gear-display:.5 | P0914-P0917:.4 P0705:.3 P0820:.2 | | switch-value:.9 learned:.3 | neutral switch
transfer case, worn | | 3 | awd-fault:.6 driveline-noise:.55 harsh-shift:.08 drive-vibration:.25 | P0500:.02 | | noise-find:.7 atf-level:.4 | axle differential
four-wheel-drive coupling, internal fault | | 4 | awd-fault:.85@turning driveline-noise:.25 drive-vibration:.15 | U0114:.15 | | atf-level:.35 part-feed:.15 code-back:.6 tyre-look:.1 | transfer case; wheel speed sensor
axle differential, worn | | 5 | harsh-shift:.12@reverse,in-gear driveline-noise:.9@cruise,decel,acceleration oil-leak:.15 coasting-jerk:.2 | | | atf-level:.4 bearing-listen:.1 noise-find:.85 | wheel bearing; tyre
drive shaft, worn | | 8 | driveline-noise:.6@turning,acceleration drive-vibration:.5@acceleration wheel-noise:.25@turning shaft-click:.6@turning coasting-jerk:.2 | | | shaft-look:.93 bearing-listen:.06 | wheel bearing; engine mount
propeller shaft, worn | | 4 | harsh-shift:.2@reverse,in-gear drive-vibration:.75@acceleration,high-speed driveline-noise:.6@acceleration,reverse coasting-jerk:.2 | | | shaft-look:.9 | drive shaft; axle differential
drive chain, worn | bike | 5 | driveline-noise:.7 jerking:.45@low-speed drive-vibration:.3 chain-noise:.6 coasting-jerk:.3 | | | chain-look:.95 | gearbox
transmission oil cooler, blocked | auto | 2 | gearbox-hot:.85@load tcc-shudder:.2 slipping:.2@hot limp:.2@hot | P0218:.4 | | cooler-flow:.93 atf-level:.3 | transmission oil; torque converter
gearbox seal, leaking | | 7 | gearbox-leak:.95 oil-leak:.4 | | repair:.2 | oil-leak-find:.95 atf-level:.4 | crankshaft seal; oil pan gasket
clutch cable, worn | manual bike | 3 | clutch-pedal:.85 hard-gear:.5 slipping:.15 | | | cable-move:.93 clutch-travel:.5 | clutch disc
drive chain, out of adjustment | bike | 5 | chain-noise:.85 jerking:.3@low-speed coasting-jerk:.3 | | | chain-look:.95 | drive chain; gearbox
`,
};
