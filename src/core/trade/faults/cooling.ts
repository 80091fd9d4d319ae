import type { FaultFile } from '../contract';

/** General practice, written from knowledge, no source. */
export const COOLING: FaultFile = {
  system: 'Cooling',
  table: `
thermostat, stuck open | petrol diesel gas hybrid | 14 | runs-cold:.8@cold-weather,high-speed no-heat:.5@cold-weather engine-lamp:.6 fuel-use:.3 temp-gauge:.15 fan-always:.03 regen-often:.08 | P0128:.85 P0125/P0126:.1 P2181:.05 P2463:.02 | | warm-curve:.95 thermostat-hose:.93 temps-cold:.03 | coolant temperature sensor
thermostat, stuck closed | petrol diesel gas hybrid | 5 | overheat:.95@load,high-speed coolant-loss:.3 coolant-pressure:.2 no-heat:.2 fan-always:.15 heater-noise:.05 temp-gauge:.15 coolant-lamp:.35 | P0217:.4 P0118:.02 | overheating:.3 | thermostat-hose:.93 warm-curve:.9 rad-temps:.4 fan-run:.03 gas-coolant:.04 | water pump; radiator; head gasket
thermostat heater, open circuit | petrol | 3 | engine-lamp:.85 fan-always:.2 overheat:.1 runs-cold:.15 | P0597-P0599:.85 P0128:.1 | | part-resist:.93 wire-through:.1 | thermostat
water pump, leaking | | 8 | coolant-leak:.8 coolant-loss:.8 engine-noise:.3 overheat:.3 coolant-smell:.2 coolant-lamp:.3 | P0217:.1 | | pulley-look:.9 cool-pressure:.85 | radiator; coolant hose
water pump, broken | | 4 | overheat:.95 no-heat:.55 engine-noise:.2 coolant-pressure:.2 | P0217:.4 P2600:.02 | | rad-temps:.85 heater-hoses:.6 pulley-look:.4 thermostat-hose:.5 fan-run:.03 gas-coolant:.05 | thermostat; head gasket
water pump, worn | | 3 | engine-noise:.85 coolant-leak:.3 belt-squeal:.12 | | | load-off:.9 pulley-look:.85 noise-find:.8 | belt tensioner
radiator, leaking | | 7 | coolant-loss:.9 coolant-leak:.85 coolant-smell:.35 overheat:.25 smoke-engine-bay:.2 coolant-lamp:.3 | P0217:.08 | collision:.15 | cool-pressure:.93 | coolant hose
radiator, blocked | | 5 | overheat:.9@load,high-speed,hot-weather no-heat:.1 ac-warm:.08 | P0217:.35 | | rad-temps:.93 thermostat-hose:.1 fan-run:.03 gas-coolant:.04 | thermostat; water pump; radiator fan
radiator fan, no signal | | 9 | overheat:.85@low-speed,idle,ac-on fan-never:.65 ac-warm:.3@idle coolant-lamp:.2 | P0480/P0481:.25 P0217:.3 P0483-P0485:.1 P0691-P0694:.1 | | fan-run:.93 fan-feed:.15 motor-direct:.85 | fan controller; relay; thermostat
fan controller, internal fault | | 5 | fan-always:.4 fan-never:.45 overheat:.55@low-speed,idle ac-warm:.25@idle battery-drain:.12 runs-cold:.06 fan-noise:.08 | P0480/P0481:.35 P0217:.2 P0691-P0694:.15 P0483:.05 | | fan-run:.93 fan-feed:.85 motor-direct:.03 | radiator fan; coolant temperature sensor
relay, intermittent contact | | 5 | no-start:.25@hot overheat:.15@idle fan-never:.15 ac-warm:.12 horn:.12 wipers:.12 no-crank:.2 lights-out:.12 stall:.15 blower:.1 fan-always:.1 rear-demister:.12 relay-chatter:.2 | P0480:.06 P0685:.05 P0230:.05 P0645:.05 P0615:.05 | | relay-swap:.93 part-feed:.85 fan-feed:.5 | fuse; control module
fan clutch, worn | truck old petrol diesel | 3 | overheat:.85@low-speed,load,hot-weather fan-always:.25 ac-warm:.2@idle fan-noise:.4 | P0217:.15 P0526/P0527:.1 | | fan-run:.9 rad-temps:.15 | radiator; water pump
coolant hose, leaking | | 8 | coolant-loss:.9 coolant-leak:.85 overheat:.25 coolant-smell:.35 smoke-engine-bay:.25 coolant-lamp:.3 | P0217:.08 | | cool-pressure:.95 | radiator; water pump
expansion tank, cracked | | 4 | coolant-loss:.9 coolant-leak:.7 coolant-smell:.35 coolant-lamp:.3 | | | cool-pressure:.93 | expansion tank cap
expansion tank cap, leaking | | 5 | coolant-loss:.8@hot overheat:.3 coolant-smell:.3 coolant-leak:.3 heater-noise:.15 | | | cap-pressure:.95 cool-pressure:.1 gas-coolant:.03 | head gasket; expansion tank
heater core, leaking | | 4 | coolant-loss:.75 fog-inside:.6 water-inside:.55 coolant-smell:.7 | | | cool-pressure:.9 drain-water:.05 | sunroof drain; coolant hose
heater core, blocked | | 5 | no-heat:.95 airflow-wrong:.1 | | | heater-hoses:.85 rad-temps:.05 flap-move:.05 warm-curve:.03 | air flap actuator; thermostat
heater valve, stuck closed | | 3 | no-heat:.93 | | | heater-hoses:.93 flap-move:.05 | heater core
coolant, low level | | 7 | no-heat:.55@idle overheat:.45 coolant-loss:.6 runs-cold:.1 engine-lamp:.1 temp-gauge:.15 heater-noise:.4 coolant-lamp:.6 | P0217:.15 P2560:.05 | | cool-pressure:.6 heater-hoses:.6 | radiator; head gasket
coolant, air inside | | 3 | no-heat:.7@idle,after-repair overheat:.6@after-repair temp-gauge:.3 heater-noise:.6 | P0217:.15 | repair:.85 | heater-hoses:.85 rad-temps:.5 gas-coolant:.03 | head gasket; thermostat
auxiliary water pump, no signal | petrol hybrid turbo electric | 4 | no-heat:.4@idle engine-lamp:.4 hv-warning:.3@hot,load no-power:.15@hot overheat:.2 heater-noise:.08 ev-limit:.35@hot | P0A93:.35 P0A94:.05 P2600-P2603:.2 | | motor-direct:.85 part-feed:.2 heater-hoses:.3 hv-cool:.4 | thermostat; inverter
radiator fan, worn | | 4 | fan-noise:.9 engine-vibration:.1 overheat:.1@idle | | | fan-run:.2 noise-find:.9 motor-direct:.4 | water pump; belt tensioner
coolant, contaminated | | 4 | coolant-mixed:.85 overheat:.2 no-heat:.3 | | repair:.2 | coolant-test:.95 gas-coolant:.05 | head gasket; engine oil cooler
engine oil cooler, leaking internally | petrol diesel | 4 | oil-cap-sludge:.5 coolant-mixed:.8 coolant-loss:.35 oil-level-rise:.2 oil-use:.2 | | | cool-pressure:.6 coolant-test:.8 gas-coolant:.04 | head gasket; transmission oil cooler
coolant level sensor, wrong reading | | 4 | coolant-lamp:.95 | P2560:.3 | | coolant-test:.05 value-true:.93 part-resist:.4 | expansion tank; coolant
`,
};
