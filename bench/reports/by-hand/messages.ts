import type { HandReport } from './kit';

/** What people write, forward and retype: typed by hand, before the reader was asked. */
export const MESSAGES: readonly HandReport[] = [
  {
    name: 'a text message',
    text: `hey got P0171 and P0174 both stored in the ecm, U0121 pending in the bcm. tcm clean, abs wont talk`,
    codes: `P0171 @ ecm = stored
      P0174 @ ecm = stored
      U0121 @ bcm = pending`,
    modules: `ecm
      bcm
      tcm
      !abs`,
  },
  {
    name: 'a quoted mail',
    text: `> Engine control module
> P0087 fuel rail pressure low - active
> P0093 large fuel leak - history
> Regards
> Tomas`,
    codes: `P0087 @ Engine control module = active
      P0093 @ Engine control module = history`,
    modules: `Engine control module`,
  },
  {
    name: 'note on a job card, slashes',
    text: `ECM: P0401 / P0403 / P0404 (all current)
ABS: C1095 (hist)
SRS: none`,
    codes: `P0401 @ ECM = active
      P0403 @ ECM = active
      P0404 @ ECM = active
      C1095 @ ABS = history`,
    modules: `ECM
      ABS
      SRS`,
  },
  {
    name: 'misread letters',
    text: `ENGINE CONTROL
PO3O3 CYL 3 MISFIRE          STORED
P0I28 COOLANT THERMOSTAT     PENDING
GATEWAY
UO1OO LOST COMM WITH ECM     STORED`,
    codes: `P0303 @ ENGINE CONTROL = stored
      P0128 @ ENGINE CONTROL = pending
      U0100 @ GATEWAY = stored`,
    modules: `ENGINE CONTROL
      GATEWAY`,
  },
  {
    name: 'before and after in one paste',
    text: `PRE-REPAIR SCAN
Engine
P0507 Idle speed higher than expected - stored
Climate
B10B4 Sun sensor - stored`,
    codes: `P0507 @ Engine = stored
      B10B4 @ Climate = stored`,
    modules: `Engine
      Climate`,
  },
  {
    name: 'bullets from a chat, states as sentences',
    text: `Faults found:
• P0562 system voltage low – came back right after clearing
• B1676 battery voltage out of range – did not come back
No faults in ABS, airbag and gearbox.`,
    codes: `P0562 @ - = active|none
      B1676 @ - = -`,
    modules: `ABS
      airbag
      gearbox`,
  },
  {
    name: 'commas, one line a module',
    text: `PCM, P0128, P0597, P0598
TCM, P0741
BCM, no codes
IPC, no comms`,
    codes: `P0128 @ PCM = -
      P0597 @ PCM = -
      P0598 @ PCM = -
      P0741 @ TCM = -`,
    modules: `PCM
      TCM
      BCM
      !IPC`,
  },
  {
    name: 'the maker’s own number and the standard one',
    text: `Engine electronics (address 01)
 004747  Oxygen sensor bank 1 sensor 2, signal implausible
         P0137 - intermittent
 008213  Intake air temperature sensor
         P0112 - static
Brakes (address 03)
 no fault stored`,
    codes: `P0137|004747 @ Engine electronics|Engine electronics (address 01) = intermittent
      P0112|008213 @ Engine electronics|Engine electronics (address 01) = active`,
    modules: `Engine electronics|Engine electronics (address 01)
      Brakes|Brakes (address 03)`,
  },
  {
    name: 'flags of a status, one a line',
    text: `Engine
P0010-13 Intake cam actuator, open circuit
  test failed: yes
  confirmed: yes
  pending: no
P0562-00 Supply voltage low
  test failed: no
  confirmed: yes
  pending: no`,
    codes: `P0010-13 @ Engine = active|stored
      P0562-00 @ Engine = stored|history`,
    modules: `Engine`,
  },
  {
    name: 'said over the telephone',
    text: `engine p zero three zero zero stored
also p0304 stored`,
    codes: `P0304 @ -|engine = stored`,
    modules: `?engine`,
  },
  {
    name: 'older vehicle, blink codes',
    text: `Blink codes, engine
12 - no reference pulse (normal, engine off)
34 - MAP sensor low
45 - rich exhaust`,
    codes: `34 @ engine|Blink codes, engine = -
      45 @ engine|Blink codes, engine = -
      ?12 @ engine|Blink codes, engine = -`,
    modules: `?engine`,
  },
  {
    name: 'half a line lost',
    text: `Engine control modul
P0191 Fuel rail pressure sens
P0192 Fuel rail pressure sensor circ   activ
Transmission con
no fault`,
    codes: `P0191 @ Engine control modul = -
      P0192 @ Engine control modul = active`,
    modules: `Engine control modul
      Transmission con`,
  },
];
