import type { FaultFile } from '../contract';

/** General practice, written from knowledge, no source. */
export const CHARGING: FaultFile = {
  system: 'Starting and charging',
  table: `
battery, aged | | 18 | not-ready:.04 hv-warning:.03 slow-crank:.6@cold-start,cold-weather no-crank:.5@standing,cold-weather battery-drain:.5@standing lights-flicker:.3 start-stop:.3 no-charge:.05 instruments-dead:.1 immobilised:.04 radio-display:.05 memory-lost:.1 battery-hot:.1 auxiliary-heater:.04 steering-lamp:.05 | P0562:.35 U0100:.05 U0121:.05 U0140:.05 | flat-battery:.5 | battery-load:.95 rest-current:.04 charge-load:.05 drop-start:.05 | alternator; starter motor
battery, discharged | | 12 | no-crank:.75@standing slow-crank:.5 battery-drain:.5@standing lights-flicker:.4 instruments-dead:.15 key-remote:.1 memory-lost:.2 relay-chatter:.25 | P0562:.4 U0100:.06 U0140:.06 | flat-battery:.6 | battery-load:.8 rest-current:.3 charge-load:.2 | alternator; parasitic draw
battery terminal, corroded | | 8 | no-crank:.65 slow-crank:.5 lights-flicker:.4 stall:.1 battery-drain:.15 instruments-dead:.15@bumps no-charge:.1 relay-chatter:.12 memory-lost:.25 steering-lamp:.06 | P0562:.3 U0100:.06 | | drop-start:.9 battery-load:.1 pins-look:.3 | battery; starter motor
battery cable, corroded | | 4 | slow-crank:.6 no-crank:.5 lights-flicker:.35 no-charge:.2 | P0562:.35 | collision:.1 | drop-start:.93 alt-drop:.5 battery-load:.05 | starter motor; alternator
ground strap, corroded | | 6 | slow-crank:.55 no-crank:.45 lights-flicker:.35@lights-on no-charge:.15 misfire:.06 instruments-dead:.15 over-charge:.04 steering-lamp:.06 | P0562:.35 U0100:.08 U0121:.05 | bodywork:.15 repair:.1 | drop-start:.95 alt-drop:.6 battery-load:.04 | starter motor; battery
battery sensor, wrong reading | | 3 | start-stop:.65 no-charge:.25 battery-drain:.15 engine-lamp:.2 over-charge:.12 | P0562:.15 | | charge-load:.3 learned:.4 battery-load:.05 value-true:.85 | battery; alternator
battery, not relearned | | 3 | start-stop:.8@after-repair no-charge:.15 | P0562:.1 | repair:.9 | learned:.93 battery-load:.04 | battery sensor
starter motor, worn | petrol diesel gas hybrid | 9 | no-crank:.75@hot slow-crank:.4@hot starter-grind:.2 | P0615-P0617:.06 | | starter-signal:.85 drop-start:.06 battery-load:.05 motor-direct:.85 | battery; starter relay; ground strap
starter solenoid, intermittent contact | petrol diesel gas hybrid | 5 | no-crank:.9@hot | | | starter-signal:.85 battery-load:.04 drop-start:.1 | battery; starter relay
starter motor, sticking | petrol diesel gas hybrid | 3 | starter-grind:.9 no-crank:.25 | | | noise-find:.7 motor-direct:.5 | flywheel ring
starter relay, intermittent contact | petrol diesel gas hybrid | 4 | no-crank:.95 starter-runs-on:.1 relay-chatter:.1 | P0615-P0617:.3 | | start-chain:.93 relay-swap:.88 starter-signal:.9 battery-load:.03 | starter motor; ignition switch
ignition switch, worn | | 5 | no-crank:.5 stall:.35@bumps no-start:.2 instruments-dead:.25@bumps run-on:.1 blower:.06 wipers:.06 key-stuck:.25 relay-chatter:.12 | P0562:.05 U0100:.06 | | start-chain:.8 wiggle:.6 part-feed:.5 | starter relay; body control module
clutch switch, no signal | manual bike | 4 | no-crank:.85 cruise:.3 start-stop:.2 engine-brake:.15 stand-cut:.25 | P0830-P0833:.3 P0704:.2 | | start-chain:.93 side-switch:.9 switch-value:.95 | starter motor; starter relay
neutral switch, no signal | auto bike manual | 3 | no-crank:.85@in-gear start-stop:.1 stand-cut:.25 | P0850-P0852:.25 P0705-P0708:.15 | | start-chain:.93 side-switch:.9 switch-value:.93 | starter motor; transmission range sensor
alternator, worn | petrol diesel gas hybrid | 11 | no-charge:.85 battery-drain:.45 lights-flicker:.35@idle slow-crank:.2 engine-noise:.15 stall:.1 instruments-dead:.12 steer-heavy:.05 | P0562:.55 P0620-P0622:.15 P0625/P0626:.06 U0121:.05 P2503:.05 | flat-battery:.3 | charge-load:.95 ripple:.5 alt-drop:.05 belt-look:.04 | battery; accessory belt
alternator, internal fault | petrol diesel gas hybrid | 5 | battery-drain:.7@standing lights-flicker:.35 no-charge:.35 radio-display:.1 audio-whine:.25 | P0562:.2 P0620-P0622:.1 | flat-battery:.4 | ripple:.93 rest-current:.75 charge-load:.5 fuse-drops:.1 | battery; body control module
alternator regulator, internal fault | petrol diesel gas hybrid | 3 | over-charge:.8 lights-flicker:.4 lights-out:.2 no-charge:.25 battery-hot:.3 | P0563:.6 P0620-P0622:.2 P0562:.1 | | charge-load:.93 alt-drop:.15 ripple:.2 | alternator; ground strap
alternator regulator, no signal | petrol diesel gas hybrid | 3 | no-charge:.9 battery-drain:.3 lights-flicker:.3 | P0562:.5 P0620-P0622:.25 P0625/P0626:.15 | | charge-load:.95 ripple:.2 alt-drop:.06 wire-through:.1 | alternator; wiring harness
alternator pulley, seized | petrol diesel gas hybrid | 3 | engine-noise:.75@idle no-charge:.2 engine-vibration:.15 belt-squeal:.3 | P0562:.1 | | load-off:.9 belt-look:.6 | belt tensioner
added equipment, draws current when off | | 6 | battery-drain:.95@standing no-crank:.3@standing alarm:.05 power-socket:.06 | P0562:.2 | modification:.85 | rest-current:.95 added-off:.93 fuse-drops:.8 battery-load:.2 | body control module; battery
body control module, draws current when off | | 5 | battery-drain:.95@standing no-crank:.3@standing alarm:.08 windows-locks:.08 | P0562:.2 U0140:.06 | | rest-current:.95 fuse-drops:.9 battery-load:.2 added-off:.05 | added equipment; battery; alternator
radio, draws current when off | | 3 | battery-drain:.95@standing no-crank:.25@standing radio-display:.35 | P0562:.15 | modification:.2 | rest-current:.95 fuse-drops:.9 added-off:.2 battery-load:.2 | body control module
relay, stuck closed | | 4 | battery-drain:.6@standing fan-always:.25 run-on:.08 horn:.1 blower:.06 light-by-itself:.15 abs-noise:.1 air-compressor-runs:.1 | P0562:.12 P0480:.05 | | rest-current:.9 fuse-drops:.85 relay-rest:.9 | body control module
light switch, draws current when off | | 2 | battery-drain:.9@standing | | | rest-current:.93 fuse-drops:.85 | door lock
door lock, wrong reading | | 5 | battery-drain:.45@standing windows-locks:.6 door-body:.4 alarm:.3 lights-flicker:.03 interior-light:.25 door-warning:.6 | U0208:.02 | | switch-value:.93 rest-current:.5 door-loom:.1 | body control module; door harness
stator, burnt | bike | 7 | no-charge:.8@hot battery-drain:.6 no-crank:.3 slow-crank:.3 instruments-dead:.15 stall:.12 | P0562:.35 | | stator-ac:.95 charge-load:.95 battery-load:.3 | alternator regulator; battery
alternator regulator, burnt | bike | 6 | no-charge:.75 over-charge:.3 battery-drain:.6 lights-out:.15 instruments-dead:.15 slow-crank:.3 battery-hot:.15 | P0562:.35 P0563:.2 | | charge-load:.95 stator-ac:.06 pins-look:.4 battery-load:.3 | stator; battery
sidestand switch, no signal | bike | 6 | stand-cut:.75@in-gear no-crank:.35 stall:.6@in-gear no-start:.25 | | | side-switch:.95 start-chain:.7 | clutch switch; neutral switch
battery, internal fault | | 5 | slow-crank:.55 no-crank:.55 battery-drain:.4@standing battery-hot:.35 no-charge:.1 lights-flicker:.2 memory-lost:.15 | P0562:.3 | flat-battery:.4 | battery-load:.97 charge-load:.2 rest-current:.04 | alternator; starter motor
`,
};
