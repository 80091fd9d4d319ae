import type { FaultFile } from '../contract';

/** General practice, written from knowledge, no source. */
export const CONVENIENCE: FaultFile = {
  system: 'Seats, mirrors and comfort',
  notOn: ['bike'],
  table: `
light sensor, wrong reading | | 3 | light-by-itself:.7 wipers:.4@rain lights-out:.1 | | repair:.3 | switch-value:.85 substitute:.6 pins-look:.2 | light switch
headlamp levelling motor, internal fault | | 4 | headlamp-aim:.9 | | | lamp-aim:.95 motor-direct:.7 | ride height sensor; headlamp
door mirror, internal fault | | 5 | mirrors:.95 | | collision:.2 | motor-direct:.8 part-feed:.2 substitute:.85 | door harness; fuse
door mirror, broken | | 3 | mirrors:.9 wind-noise:.1 rattle-body:.1 | | collision:.5 | motor-direct:.2 substitute:.9 | door harness
sunroof motor, not relearned | | 3 | sunroof:.9 | | flat-battery:.5 repair:.4 | learned:.93 motor-direct:.05 | sunroof motor
sunroof motor, sticking | | 4 | sunroof:.9 rattle-body:.2 wind-noise:.1 water-inside:.1@rain | | | motor-direct:.85 drain-water:.1 | sunroof drain
washer pump, no signal | | 6 | washers:.95 | | | washer-flow:.95 motor-direct:.85 part-feed:.15 | washer nozzle; fuse
washer nozzle, blocked | | 6 | washers:.93@cold-weather | | | washer-flow:.93 motor-direct:.04 | washer pump
rear window heater, open circuit | | 6 | rear-demister:.95 fog-inside:.2 | | | demister-lines:.95 part-feed:.2 | relay; fuse
seat heater, open circuit | | 6 | seat-heater:.95 | | | part-resist:.95 part-feed:.1 seat-plug:.1 | fuse; connector
seat motor, seized | | 3 | seat-adjust:.9 | | | motor-direct:.9 part-feed:.15 | fuse; connector
seat switch, worn | | 3 | seat-adjust:.7 seat-heater:.4 | | | switch-value:.93 part-feed:.5 | seat motor
interior lamp, internal fault | | 3 | interior-light:.85 battery-drain:.05 | | | lamp-feed:.05 substitute:.93 | light bulb; door contact
door contact, wrong reading | | 5 | interior-light:.6 door-warning:.7 alarm:.3 battery-drain:.3@standing windows-locks:.1 light-by-itself:.1 | | | switch-value:.95 door-loom:.2 | door lock; body control module
fuel flap actuator, seized | | 3 | fuel-flap:.95 refuel-trouble:.1 | | | motor-direct:.9 part-feed:.15 | fuse; door lock
loudspeaker, broken | | 3 | audio-whine:.5 radio-display:.4 | | modification:.15 | substitute:.93 part-resist:.6 | radio
antenna, corroded | | 3 | radio-display:.5 audio-whine:.5 key-remote:.1 | | bodywork:.15 | substitute:.8 pins-look:.6 part-feed:.2 | radio; ground point
tailgate strut, low output | | 5 | door-body:.9@cold-weather | | | tailgate-hold:.95 | tailgate latch
tailgate latch, sticking | | 4 | door-body:.8 windows-locks:.4 door-warning:.35 battery-drain:.05 | | collision:.15 | switch-value:.4 motor-direct:.8 door-loom:.1 | door harness
door hinge, worn | | 2 | door-body:.8 wind-noise:.3 water-inside:.15@rain rattle-body:.2 | | collision:.2 | play-door:.95 | door seal
windscreen, fitted wrongly | | 3 | wind-noise:.7@high-speed water-inside:.4@rain camera-sensor:.2 | | repair:.85 | wind-listen:.85 drain-water:.5 | door seal
evaporator drain, blocked | | 5 | ac-water:.95@ac-on water-inside:.7@ac-on fog-inside:.4 ac-smell:.2 | | | drain-cond:.95 drain-water:.05 | heater core; sunroof drain
heater valve, stuck open | | 2 | heater-only-hot:.9 ac-warm:.5 | | | heater-hoses:.4 flap-move:.6 | air flap actuator
climate control unit, internal fault | | 3 | heater-only-hot:.25 airflow-wrong:.4 blower:.3 ac-warm:.3 fan-always:.05 | | flat-battery:.15 | flap-move:.5 blower-feed:.3 substitute:.85 learned:.3 | air flap actuator; blower resistor
refrigerant, overfilled | | 2 | ac-warm:.7@idle ac-cycles:.5 ac-noise:.4 | | repair:.8 | ac-pressures:.95 ac-leak:.03 | condenser; radiator fan
auxiliary heater, internal fault | | 4 | auxiliary-heater:.95 white-smoke:.1 burning-smell:.05 | | | aux-heater:.93 part-feed:.15 | fuse; battery
auxiliary heater, blocked | | 3 | auxiliary-heater:.9 white-smoke:.15 exhaust-fumes:.1 | | | aux-heater:.93 | fuel pump
steering lock, sticking | | 3 | key-stuck:.6 no-crank:.3 immobilised:.25 steer-return:.02 | | flat-battery:.1 | lock-cylinder:.6 code-back:.5 part-feed:.1 | key lock cylinder; immobiliser
`,
};
