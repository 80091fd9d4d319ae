import type { HandReport } from './kit';

/** A second set, typed after the first one had been looked at, again before the reader was asked. */
export const SECOND: readonly HandReport[] = [
  {
    name: 'a line of dashes as heading, code and status apart',
    text: `------ ENGINE (ECM) ------
P0106   MAP/baro range          ACT
P0107   MAP/baro low            HIST
------ BODY (BCM) ------
No DTCs set
------ HVAC ------
Did not communicate`,
    codes: `P0106 @ ENGINE (ECM)|ENGINE|ECM = active
      P0107 @ ENGINE (ECM)|ENGINE|ECM = history`,
    modules: `ENGINE (ECM)|ENGINE|ECM
      BODY (BCM)|BODY|BCM
      !HVAC`,
  },
  {
    name: 'summary first, details below',
    text: `Summary
Engine              2
Transmission        0
ABS                 1
SRS                 no answer

Engine
P0174 Too lean bank 2, confirmed
P0300 Random misfire, pending
ABS
C1201 Engine control system fault, confirmed`,
    codes: `P0174 @ Engine = stored|active
      P0300 @ Engine = pending
      C1201 @ ABS = stored|active`,
    modules: `Engine
      Transmission
      ABS
      !SRS`,
  },
  {
    name: 'motorcycle cluster, number and words',
    text: `ERROR CODES (instrument cluster)
C12  Intake pressure sensor
C28  Secondary throttle actuator
C46  Exhaust valve actuator`,
    codes: `C12 @ instrument cluster|- = -
      C28 @ instrument cluster|- = -
      C46 @ instrument cluster|- = -`,
    modules: `?instrument cluster`,
  },
  {
    name: 'status as a sentence of its own',
    text: `Engine control unit
P0236 Turbocharger boost sensor A range
  The fault is currently present.
P0471 Exhaust pressure sensor range
  The fault is not currently present.
Transmission control unit
  There are no faults.`,
    codes: `P0236 @ Engine control unit = active
      P0471 @ Engine control unit = history|stored`,
    modules: `Engine control unit
      Transmission control unit`,
  },
  {
    name: 'CSV without heads',
    text: `ECM,P0455,EVAP large leak,Confirmed
ECM,P0456,EVAP very small leak,Pending
TCM,P0750,Shift solenoid A,Confirmed
BCM,,,OK`,
    codes: `P0455 @ ECM = stored|active
      P0456 @ ECM = pending
      P0750 @ TCM = stored|active`,
    modules: `ECM
      TCM
      BCM`,
  },
  {
    name: 'long module names with a number',
    text: `5F - Information electronics
  B201A - Checking software version management - active/static
19 - Data bus gateway
  U1123 - Databus error value received - passive/sporadic
55 - Headlamp regulation
  no entry`,
    codes: `B201A @ 5F - Information electronics|Information electronics = active
      U1123 @ 19 - Data bus gateway|Data bus gateway = history|intermittent`,
    modules: `5F - Information electronics|Information electronics
      19 - Data bus gateway|Data bus gateway
      55 - Headlamp regulation|Headlamp regulation`,
  },
  {
    name: 'agricultural machine, decimal and failure mode',
    text: `ECU list
Engine ECU: 000636.02 Camshaft position invalid (active, 2 occ.)
Engine ECU: 000100.18 Oil pressure moderately low (previously active, 11 occ.)
Hitch ECU: no codes
Cab ECU: no codes`,
    codes: `000636.02|SPN 636 FMI 2 @ Engine ECU = active
      000100.18|SPN 100 FMI 18 @ Engine ECU = history|stored`,
    modules: `Engine ECU
      Hitch ECU
      Cab ECU`,
  },
  {
    name: 'codes without wording in one cell',
    text: `Module\tCodes
Engine\tP0131, P0151
Chassis\tC0265
Body\t
Network\tU0107 U0404`,
    codes: `P0131 @ Engine = -
      P0151 @ Engine = -
      C0265 @ Chassis = -
      U0107 @ Network = -
      U0404 @ Network = -`,
    modules: `Engine
      Chassis
      ?Body
      Network`,
  },
  {
    name: 'live list with minima and maxima',
    text: `Data list, engine idling
Parameter             Value    Min     Max    Unit
Engine speed          702      695     741    rpm
Fuel rail pressure    29.8     28.9    31.0   MPa
Injection quantity    6.2      5.8     6.9    mg/st`,
    codes: '',
    modules: '',
    live: `Engine speed = 702 rpm
      Fuel rail pressure = 29.8 MPa
      Injection quantity = 6.2 mg/st`,
  },
  {
    name: 'live values with a colon and two to a line',
    text: `ECT: 88 °C   IAT: 24 °C
RPM: 760     Load: 21 %
STFT1: -2.3 %   LTFT1: +11.7 %
P0171 pending`,
    codes: `P0171 @ - = pending`,
    modules: '',
    live: `ECT = 88 °C
      IAT = 24 °C
      RPM = 760
      Load = 21 %
      STFT1 = -2.3 %
      LTFT1 = +11.7 %`,
  },
  {
    name: 'dealer note in capitals',
    text: `ALL MODULES SCANNED. FAULTS ONLY IN PCM AND TIPM.
PCM: P0562 - BATTERY VOLTAGE LOW (STORED)
TIPM: B1629 - HEADLAMP SWITCH INPUT LOW (ACTIVE)`,
    codes: `P0562 @ PCM = stored
      B1629 @ TIPM = active`,
    modules: `PCM
      TIPM`,
  },
  {
    name: 'a question to a colleague',
    text: `Anybody seen P2096 together with P0420 on one of these? Mine only has P2096 stored.`,
    codes: `?P2096 @ - = stored|none`,
    modules: '',
  },
  {
    name: 'repeat of a code in two modules, arrows',
    text: `→ Engine
   U0073 bus off      (sporadic)
→ Gearbox
   U0073 bus off      (sporadic)
→ Steering
   U0126 no signal from steering angle sensor   (present)`,
    codes: `U0073 @ Engine = intermittent
      U0073 @ Gearbox = intermittent
      U0126 @ Steering = active`,
    modules: `Engine
      Gearbox
      Steering`,
  },
  {
    name: 'page head on every page',
    text: `Northgate Motors        Order 4471        Page 1
Engine
P0340 Cam sensor circuit      stored
Northgate Motors        Order 4471        Page 2
P0341 Cam sensor range        stored
Airbag
0 faults`,
    codes: `P0340 @ Engine = stored
      P0341 @ Engine = stored`,
    modules: `Engine
      Airbag`,
  },
  {
    name: 'status symbols with a legend',
    text: `Legend: A = active, S = stored
Engine
A  P0113  Intake air temperature high
S  P0101  Air mass range
Climate
S  B1A61  Cabin sensor`,
    codes: `P0113 @ Engine = active|none
      P0101 @ Engine = stored|none
      B1A61 @ Climate = stored|none`,
    modules: `Engine
      Climate`,
  },
];
