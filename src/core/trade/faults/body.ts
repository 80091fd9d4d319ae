import type { FaultFile } from '../contract';

/** General practice, written from knowledge, no source. */
export const BODY: FaultFile = {
  system: 'Climate, body electrics and safety',
  notOn: ['bike'],
  table: `
refrigerant, low level | | 14 | ac-warm:.97@hot-weather ac-cycles:.4 | P0532:.15 P0530:.06 | | ac-pressures:.95 ac-leak:.85 ac-clutch-feed:.25 | condenser; air conditioning compressor
condenser, leaking | | 6 | ac-warm:.97 | P0532:.15 | collision:.15 | ac-leak:.95 ac-pressures:.93 | refrigerant
evaporator, leaking | | 3 | ac-warm:.95 ac-smell:.15 | P0532:.12 | | ac-leak:.8 ac-pressures:.93 | condenser
air conditioning compressor, worn | | 6 | ac-warm:.9 engine-noise:.4@ac-on ac-noise:.4@ac-on | P0645:.02 | | ac-pressures:.9 ac-clutch-feed:.08 ac-leak:.3 load-off:.35 | refrigerant; expansion valve
air conditioning compressor, seized | | 2 | engine-noise:.6@ac-on ac-warm:.8 burning-smell:.35 stall:.1@ac-on belt-squeal:.4@ac-on smoke-engine-bay:.15 ac-noise:.3@ac-on | | | load-off:.85 belt-look:.4 ac-pressures:.85 | alternator; belt tensioner
compressor clutch, open circuit | | 5 | ac-warm:.97 ac-cycles:.15 | P0645-P0647:.3 | | ac-clutch-feed:.9 part-resist:.9 ac-pressures:.6 | relay; refrigerant pressure sensor
expansion valve, blocked | | 3 | ac-warm:.9@hot ac-cycles:.4 ac-noise:.3 | | | ac-pressures:.93 ac-leak:.05 | refrigerant; air conditioning compressor
refrigerant pressure sensor, wrong reading | | 4 | ac-warm:.9 fan-always:.25 fan-never:.06 | P0530-P0534:.6 | | ac-pressures:.1 sensor-supply:.15 switch-value:.85 | refrigerant
evaporator temperature sensor, wrong reading | | 3 | ac-warm:.6 ac-cycles:.5 | P0535-P0538:.2 | | temps-cold:.85 ac-pressures:.06 sensor-resist:.8 | air conditioning compressor
air flap actuator, broken | | 9 | airflow-wrong:.8 no-heat:.4 ac-warm:.35 rattle-body:.3@key-on heater-only-hot:.35 | | | flap-move:.95 heater-hoses:.04 ac-pressures:.04 | heater core; refrigerant
blower motor, worn | | 7 | blower:.9 rattle-body:.1 burning-smell:.1 ac-warm:.06 ac-noise:.1 | | | blower-feed:.1 motor-direct:.93 cabin-filter:.1 | blower resistor
blower resistor, burnt | | 9 | blower:.97 burning-smell:.12 | | | blower-feed:.95 motor-direct:.05 part-resist:.85 | blower motor; connector
cabin filter, blocked | | 5 | airflow-wrong:.6 fog-inside:.5 ac-smell:.45 blower:.3 ac-warm:.12 | | | cabin-filter:.97 blower-feed:.04 | blower motor
evaporator, contaminated | | 3 | ac-smell:.97 fog-inside:.2 | | | cabin-filter:.3 drain-water:.25 ac-look:.9 | cabin filter
sunroof drain, blocked | | 12 | water-inside:.95@rain fog-inside:.4 windows-locks:.08 alarm:.05 radio-display:.06 battery-drain:.08 sunroof:.05 | U0140:.06 | | drain-water:.93 water-look:.75 | door seal; heater core
door seal, leaking | | 5 | water-inside:.93@rain fog-inside:.3 door-body:.2 wind-noise:.45@high-speed | | bodywork:.2 | drain-water:.85 | sunroof drain
door harness, open circuit | | 10 | windows-locks:.85@door-open lights-out:.06 airbag-light:.06 radio-display:.1 key-remote:.1 alarm:.1 mirrors:.25 door-body:.06 door-warning:.15 | U0199:.05 U0208:.04 | | door-loom:.95 motor-direct:.06 switch-value:.5 wiggle:.8 | window regulator; body control module
window regulator, broken | | 9 | windows-locks:.95 rattle-body:.25 | | | motor-direct:.5 switch-value:.05 door-loom:.05 | door harness
door lock, seized | | 7 | windows-locks:.95@cold-weather key-remote:.15 door-body:.3 | | | motor-direct:.9 switch-value:.3 door-loom:.06 | door harness; body control module
wiper motor, seized | | 6 | wipers:.97 fuse-blows:.1 washers:.04 | | | motor-direct:.9 part-feed:.15 switch-value:.05 | wiper linkage; relay
wiper linkage, seized | | 5 | wipers:.95 burning-smell:.05 | | | motor-direct:.5 part-feed:.04 | wiper motor
clock spring, open circuit | | 8 | airbag-light:.85@turning horn:.55 cruise:.4 radio-display:.15 | B0001:.5 B0002:.4 | repair:.15 | switch-value:.6 part-resist:.9 seat-plug:.05 steer-angle:.05 | airbag
connector, intermittent contact | | 7 | airbag-light:.6 engine-lamp:.15@bumps windows-locks:.1 seat-belt:.2 lights-out:.1 stall:.06@bumps | B0001:.12 B0050:.12 B0028:.2 B0020:.15 B0050:.15 | bodywork:.15 repair:.2 | seat-plug:.9 wiggle:.75 pins-look:.85 code-back:.3 | seat occupancy mat; belt buckle switch
seat occupancy mat, internal fault | | 5 | airbag-light:.93 seat-belt:.35 | B0051:.02 | | seat-plug:.3 switch-value:.85 | connector; belt buckle switch
belt buckle switch, intermittent contact | | 5 | airbag-light:.75 seat-belt:.75 | | | switch-value:.93 seat-plug:.25 | connector
crash sensor, corroded | | 4 | airbag-light:.97 | B0090/B0091/B0092/B0093/B0095/B0096:.5 | collision:.25 | pins-look:.6 part-resist:.4 seat-plug:.1 | connector
camera, out of adjustment | | 4 | camera-sensor:.93@after-repair cruise:.3 | U0235:.12 | repair:.6 bodywork:.4 collision:.25 | camera-aim:.95 coding-fit:.1 learned:.6 | windscreen
radar sensor, out of adjustment | | 5 | cruise:.85 camera-sensor:.6 | U0235:.2 | collision:.5 bodywork:.4 repair:.3 | camera-aim:.95 pins-look:.15 | camera
side radar, water inside | | 3 | camera-sensor:.93@rain | U0232/U0233:.25 | bodywork:.25 collision:.2 | pins-look:.6 module-fed:.1 code-back:.85 | bumper
parking sensor, internal fault | | 5 | camera-sensor:.93@reverse,rain | U0159:.1 | bodywork:.25 | switch-value:.9 pins-look:.25 | connector
cruise control switch, worn | | 3 | cruise:.95 | P0564:.3 P0565-P0569:.2 P0576/P0577:.06 | | switch-value:.95 brake-switch:.05 | brake light switch; clock spring
key, internal fault | | 4 | key-remote:.85 immobilised:.45 no-start:.2 | P0513:.12 | | key-read:.93 immo-data:.6 | immobiliser ring
radio, internal fault | | 5 | radio-display:.97 battery-drain:.15 memory-lost:.12 audio-whine:.12 display-pixels:.35 | U0184:.15 | | added-off:.3 module-fed:.05 substitute:.85 | fuse; antenna
alarm siren, discharged | | 2 | alarm:.9@standing battery-drain:.15 | | | added-off:.4 switch-value:.15 substitute:.85 | door lock
bonnet switch, wrong reading | | 4 | alarm:.85 start-stop:.35 battery-drain:.1 | | | switch-value:.95 | door lock
`,
};
