import type { HandReport } from './kit';

/** What tools print and copy in a workshop: typed by hand, before the reader was asked. */
export const WORKSHOP: readonly HandReport[] = [
  {
    name: 'motorcycle, faults in words under capitals',
    text: `Diagnosis report
Halden Brisk 650   21,344 mi

ENGINE MANAGEMENT
  Side stand switch - open circuit - present
  Throttle position sensor - signal high - stored (3x)
ABS MODULATOR
  no faults`,
    codes: `Side stand switch - open circuit|Side stand switch open circuit @ ENGINE MANAGEMENT = active
      Throttle position sensor - signal high|Throttle position sensor signal high @ ENGINE MANAGEMENT = stored`,
    modules: `ENGINE MANAGEMENT
      ABS MODULATOR`,
  },
  {
    name: 'key and value lines, one block a code',
    text: `Control unit: Engine
DTC: P2263
Description: Turbocharger boost system performance
Status: confirmed, not active
Occurrences: 7
First: 120,331 km   Last: 121,907 km
--
Control unit: Engine
DTC: P0402
Description: EGR flow excessive
Status: confirmed, active
Occurrences: 1
--
Control unit: Transmission
DTC: none`,
    codes: `P2263 @ Engine = stored|history
      P0402 @ Engine = active|stored`,
    modules: `Engine
      Transmission`,
  },
  {
    name: 'ticks and crosses before the module',
    text: `System overview
✓ Airbag — OK
✗ ABS/ESC — 2 faults
   C0040 Right front wheel speed sensor circuit — current
   C0561 System disabled information stored — history
✓ Body — OK
✗ Engine — 1 fault
   U0415 Invalid data received from ABS — current
? Radio — no response`,
    codes: `C0040 @ ABS/ESC = active
      C0561 @ ABS/ESC = history|stored
      U0415 @ Engine = active`,
    modules: `Airbag
      ABS/ESC
      Body
      Engine
      !Radio`,
  },
  {
    name: 'address before the module, codes indented by tab',
    text: `7E0 Engine
\tP0087 Fuel rail pressure too low\tActive
\tP1211 Injection control pressure above desired\tStored
7E1 Transmission
\tNo DTCs
760 ABS
\tNo communication`,
    codes: `P0087 @ 7E0 Engine|Engine = active
      P1211 @ 7E0 Engine|Engine = stored`,
    modules: `7E0 Engine|Engine
      7E1 Transmission|Transmission
      !760 ABS|ABS`,
  },
  {
    name: 'code last, in square brackets',
    text: `Engine electronics
 Charge air pressure too high [P0234] sporadic
 Coolant thermostat, stuck open [P0128] permanent
Gearbox electronics
 Oil temperature sensor 2, plausibility [P2738] pending`,
    codes: `P0234 @ Engine electronics = intermittent
      P0128 @ Engine electronics = permanent
      P2738 @ Gearbox electronics = pending`,
    modules: `Engine electronics
      Gearbox electronics`,
  },
  {
    name: 'markdown table from a chat program',
    text: `| ECU | DTC | State | Text |
|:----|:---:|:-----:|------|
| Engine | P0101 | Confirmed | MAF sensor range |
| Engine | P0113 | Pending | IAT sensor high |
| Cluster | - | - | no codes |
| Steering | C1513 | Confirmed | Torque sensor |`,
    codes: `P0101 @ Engine = stored|active
      P0113 @ Engine = pending
      C1513 @ Steering = stored|active`,
    modules: `Engine
      Cluster
      Steering`,
  },
  {
    name: 'status byte in hexadecimal',
    text: `ECU 0x10 - Engine Control
P0301-00  Cylinder 1 misfire detected          Status 2F
P0302-00  Cylinder 2 misfire detected          Status 28
ECU 0x28 - ABS
0 DTC`,
    codes: `P0301-00|P0301 @ Engine Control|ECU 0x10 - Engine Control|0x10 - Engine Control = active|pending|stored
      P0302-00|P0302 @ Engine Control|ECU 0x10 - Engine Control|0x10 - Engine Control = stored`,
    modules: `Engine Control|ECU 0x10 - Engine Control|0x10 - Engine Control
      ABS|ECU 0x28 - ABS|0x28 - ABS`,
  },
  {
    name: 'heavy truck, SPN and FMI in columns',
    text: `Source             SPN    FMI   OC   Status     Description
Engine #1          3226   4     12   Active     Aftertreatment outlet NOx, voltage below normal
Engine #1          94     18    2    Inactive   Fuel delivery pressure, low, moderately severe
Brakes             -      -     -    -          No faults
Instrument cluster 96     3     1    Inactive   Fuel level, voltage above normal`,
    codes: `SPN 3226 FMI 4 @ Engine #1 = active
      SPN 94 FMI 18 @ Engine #1 = history|stored
      SPN 96 FMI 3 @ Instrument cluster = history|stored`,
    modules: `Engine #1
      Brakes
      Instrument cluster`,
  },
  {
    name: 'phone adapter, three lines a code',
    text: `Trouble codes
P0171
System Too Lean (Bank 1)
Pending
P0442
EVAP system leak detected (small leak)
Confirmed
P0420
Catalyst efficiency below threshold (Bank 1)
Permanent`,
    codes: `P0171 @ - = pending
      P0442 @ - = stored|active
      P0420 @ - = permanent`,
    modules: '',
  },
  {
    name: 'counts in the heading, none listed',
    text: `Vehicle scan, 6 systems
Powertrain (3)
P0300 Random misfire   MIL
P0316 Misfire on startup
P0430 Catalyst bank 2   MIL
Brakes (0)
Restraints (1)
B0081:1A Passenger presence sensor, resistance below threshold   latched
Steering (0)
Climate (0)
Tire pressure (0)`,
    codes: `P0300 @ Powertrain = -
      P0316 @ Powertrain = -
      P0430 @ Powertrain = -
      B0081:1A|B0081-1A @ Restraints = stored|none`,
    modules: `Powertrain
      Brakes
      Restraints
      Steering
      Climate
      Tire pressure`,
  },
  {
    name: 'live values first, then codes',
    text: `Engine data
Engine speed            812 rpm
Coolant temp            91 °C
Long term fuel trim B1  +18.8 %
MAF                     2.9 g/s

Stored codes
P0171 System too lean bank 1`,
    codes: `P0171 @ -|Engine = stored`,
    modules: `?Engine`,
    live: `Engine speed = 812 rpm
      Coolant temp = 91 °C
      Long term fuel trim B1 = +18.8 %
      MAF = 2.9 g/s`,
  },
  {
    name: 'freeze frame under its code',
    text: `Engine
P0301 Cylinder 1 misfire   confirmed
  Freeze frame:
  Engine speed 2,145 rpm
  Load 61 %
  Vehicle speed 48 mph
P0455 Evap large leak   pending
Gateway
OK`,
    codes: `P0301 @ Engine = stored|active
      P0455 @ Engine = pending`,
    modules: `Engine
      Gateway`,
    freeze: 3,
  },
  {
    name: 'not fitted is not silent',
    text: `Module status
Engine ............ 1 code
   P0016 Crank cam correlation, active
Trailer ........... not fitted
Sunroof ........... not installed
Door driver ....... communication failed
Seat driver ....... no codes`,
    codes: `P0016 @ Engine = active`,
    modules: `Engine
      !Door driver
      Seat driver
      ?!Trailer
      ?!Sunroof`,
  },
  {
    name: 'date and time on each line',
    text: `Body computer
14.03.2026 08:12  B1502  Left dipped beam, open circuit       present
11.03.2026 17:40  U1601  CAN B, one-wire operation            stored
ABS
--`,
    codes: `B1502 @ Body computer = active
      U1601 @ Body computer = stored`,
    modules: `Body computer
      ?ABS`,
  },
  {
    name: 'disclaimer and bulletin name codes',
    text: `Scan result: Engine
P0340 Camshaft position sensor circuit - stored
Related bulletins: 24-017 (P0011, P0014 oil control valve screens)
This report does not replace a diagnosis. Example of a code: P0123.
Generated 2026-02-02`,
    codes: `P0340 @ Engine = stored`,
    modules: `Engine`,
  },
  {
    name: 'XML pasted',
    text: `<scan tool="bench" date="2026-05-06">
 <ecu name="Engine">
  <dtc code="P0299" status="active">Underboost</dtc>
  <dtc code="P003A" status="stored">VGT position not learned</dtc>
 </ecu>
 <ecu name="Transmission" />
</scan>`,
    codes: `P0299 @ Engine = active
      P003A @ Engine = stored`,
    modules: `Engine
      ?Transmission`,
  },
];
