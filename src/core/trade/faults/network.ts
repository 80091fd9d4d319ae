import type { FaultFile } from '../contract';

/** General practice, written from knowledge, no source. */
export const NETWORK: FaultFile = {
  system: 'Network and controllers',
  table: `
data bus, open circuit | | 6 | no-communication:.6 instruments-dead:.4 limp:.3 brake-warning:.3 no-start:.25 steer-heavy:.12 | U0001:.3 U0100:.35 U0101:.25 U0121:.4 U0140:.3 U0155:.25 U0073:.3 U0415:.15 | collision:.15 repair:.15 | bus-resist:.9 bus-scope:.85 module-fed:.04 wiggle:.35 | control module
data bus, short to ground | | 5 | no-start:.6 no-communication:.75 instruments-dead:.5 brake-warning:.35 | U0001:.4 U0100:.45 U0121:.35 U0140:.3 U0073:.4 | collision:.2 modification:.1 | bus-scope:.95 bus-unplug:.3 bus-resist:.5 module-fed:.04 | engine control module
data bus, short between wires | | 3 | no-start:.6 no-communication:.8 instruments-dead:.5 brake-warning:.3 | U0001:.45 U0100:.45 U0121:.35 U0140:.3 U0073:.4 | collision:.2 | bus-resist:.95 bus-scope:.95 bus-unplug:.2 module-fed:.03 | engine control module
terminating resistor, open circuit | | 2 | no-communication:.4 instruments-dead:.3 brake-warning:.2 limp:.2 | U0001:.35 U0073:.35 U0100:.2 U0121:.25 | | bus-resist:.95 bus-scope:.6 | data bus
gateway module, internal fault | | 3 | no-communication:.6 instruments-dead:.45 radio-display:.2 battery-drain:.25 | U0146:.35 U0100:.2 U0140:.2 U0121:.15 U0155:.2 | flat-battery:.15 | module-fed:.05 bus-unplug:.8 code-back:.7 | data bus
body control module, internal fault | | 4 | windows-locks:.4 lights-out:.3 wipers:.25 battery-drain:.2 no-crank:.2 key-remote:.25 alarm:.15 horn:.1 brake-lights:.06 mirrors:.05 interior-light:.1 fuel-flap:.05 indicators:.08 door-warning:.06 | U0140:.35 U3000:.05 | flat-battery:.15 repair:.05 | module-fed:.06 code-back:.7 coding-fit:.2 bus-unplug:.2 | fuse; ground point
body control module, water inside | | 4 | windows-locks:.45@rain wipers:.35@rain battery-drain:.3 alarm:.25@rain lights-out:.3@rain water-inside:.5@rain key-remote:.15 horn:.12 light-by-itself:.2 | U0140:.35 | | water-look:.93 module-fed:.15 drain-water:.6 | sunroof drain; fuse box
instrument cluster, internal fault | | 5 | instruments-dead:.85 speed-signal:.25 fuel-gauge:.2 radio-display:.05 battery-drain:.06 temp-gauge:.12 odometer:.25 display-pixels:.35 gear-display:.05 | U0155:.6 | flat-battery:.1 | module-fed:.08 code-back:.6 bus-scope:.04 | data bus; ground point
fuse box, corroded | | 4 | lights-out:.3@rain no-start:.25 wipers:.25 battery-drain:.2 horn:.12 instruments-dead:.2@rain windows-locks:.2 fan-always:.1 blower:.1 | U0100:.12 P0562:.12 U0140:.12 | | water-look:.9 part-feed:.85 module-fed:.75 wiggle:.5 | body control module; relay
tow-bar module, water inside | | 4 | trailer:.85 lights-out:.3 battery-drain:.3 lights-flicker:.1 indicators:.12 | U0166:.03 | modification:.5 | added-off:.85 water-look:.6 lamp-feed:.4 | wiring harness
hydraulic control unit, internal fault | | 7 | brake-warning:.93 instruments-dead:.3 speed-signal:.25 abs-false:.1 abs-noise:.3 wheel-locks:.12 regen-brake:.08 | U0121:.45 U0415:.25 C0020:.06 C0010:.05 | | module-fed:.06 bus-scope:.05 wheel-speeds:.15 code-back:.85 | wheel speed sensor; data bus; ground point
added equipment, noisy | | 2 | no-communication:.3 radio-display:.3 limp:.15 instruments-dead:.15 alarm:.1 audio-whine:.4 | U0001:.2 U0073:.2 | modification:.9 | added-off:.95 bus-scope:.6 | data bus
airbag, internal fault | | 2 | airbag-light:.97 | B0001:.2 B0010:.1 B0020:.1 | collision:.2 | crash-data:.4 code-back:.8 seat-plug:.05 | clock spring
control module, not configured | | 4 | engine-lamp:.2@after-repair brake-warning:.3 airbag-light:.25 lights-out:.15 camera-sensor:.2 windows-locks:.2 odometer:.12 | U0300-U0302:.4 | repair:.9 | coding-fit:.95 learned:.9 | body control module
`,
};
