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
  {
    name: 'Portuguese',
    text: `Módulo do motor
P0135 Aquecedor do sensor de oxigénio - presente
P0171 Mistura pobre - memorizado
Módulo ABS
Sem avarias`,
    codes: `P0135 @ Módulo do motor|motor = active
      P0171 @ Módulo do motor|motor = stored`,
    modules: `Módulo do motor|motor
      Módulo ABS|ABS`,
  },
  {
    name: 'Polish',
    text: `Silnik
P0101 Przepływomierz - aktywny
P0401 Zbyt mały przepływ EGR - zapisany
ABS - brak błędów`,
    codes: `P0101 @ Silnik = active|none
      P0401 @ Silnik = stored|none`,
    modules: `Silnik
      ABS`,
  },
  {
    name: 'Swedish',
    text: `Motorstyrenhet
P0299 Lågt laddtryck, aktiv
P0234 Högt laddtryck, lagrad
Växellåda: inga felkoder`,
    codes: `P0299 @ Motorstyrenhet = active|none
      P0234 @ Motorstyrenhet = stored|none`,
    modules: `Motorstyrenhet
      Växellåda`,
  },
  {
    name: 'HTML from a web page',
    text: `<h3>Engine</h3><ul><li><b>P0302</b> Cylinder 2 misfire <i>stored</i></li><li><b>P0352</b> Ignition coil B <i>stored</i></li></ul><h3>Body</h3><p>No trouble codes</p>`,
    codes: `P0302 @ Engine = stored
      P0352 @ Engine = stored`,
    modules: `Engine
      Body`,
  },
  {
    name: 'wrapped in the middle of a status',
    text: `Steering column electronics
C1A04 Steering angle sensor, no basic setting          not
currently present
C1A10 Multifunction switch, implausible          currently
present`,
    codes: `C1A04 @ Steering column electronics = history|stored
      C1A10 @ Steering column electronics = active`,
    modules: `Steering column electronics`,
  },
  {
    name: 'hybrid, sub codes',
    text: `Hybrid control
P0A0F-238  Engine failed to start     Current
P0A93-346  Inverter cooling system    History
HV battery
P0A80-123  Replace hybrid battery pack   Current`,
    codes: `P0A0F-238|P0A0F @ Hybrid control = active
      P0A93-346|P0A93 @ Hybrid control = history
      P0A80-123|P0A80 @ HV battery = active`,
    modules: `Hybrid control
      HV battery`,
  },
  {
    name: 'what the customer printed at home',
    text: `My car report
Check engine light is ON
1 problem found
P0455 - Evaporative emission system leak detected (large leak)
Severity: moderate
Possible causes: loose filler cap, P0440 related hoses`,
    codes: `P0455 @ - = -`,
    modules: '',
  },
  {
    name: 'a fleet system, one line a vehicle event',
    text: `2026-04-02 06:14 | Engine | SPN 3251 FMI 0 | DPF differential pressure | Active
2026-04-02 06:14 | Engine | SPN 3719 FMI 16 | DPF soot load | Active
2026-03-29 17:50 | Brakes | SPN 792 FMI 5 | ABS modulator, left rear | Cleared`,
    codes: `SPN 3251 FMI 0 @ Engine = active
      SPN 3719 FMI 16 @ Engine = active
      ?SPN 792 FMI 5 @ Brakes = history|stored|none`,
    modules: `Engine
      ?Brakes`,
  },
  {
    name: 'modules in two columns of names and results',
    text: `Engine control ........ 1 DTC      Airbag ............. OK
Brake control ......... OK         Instrument ......... OK
P0504 Brake switch A/B correlation, engine control, current`,
    codes: `P0504 @ Engine control|engine control|- = active`,
    modules: `Engine control
      Airbag
      Brake control
      Instrument`,
  },
  {
    name: 'codes with their own number in brackets',
    text: `Gearbox electronics (EGS)
 P17F0 (0x4F8A): clutch A, slip too high        present
 P17F1 (0x4F8B): clutch B, slip too high        not present
Door module front left
 free of faults`,
    codes: `P17F0 @ Gearbox electronics (EGS)|Gearbox electronics|EGS = active
      P17F1 @ Gearbox electronics (EGS)|Gearbox electronics|EGS = history|stored`,
    modules: `Gearbox electronics (EGS)|Gearbox electronics|EGS
      Door module front left`,
  },
  {
    name: 'several reports of one code with kilometres',
    text: `P0380 Glow plug circuit A
 status: present
 first: 98,110 km
 last: 99,402 km
 counter: 14
P0671 Cylinder 1 glow plug
 status: stored
 first: 99,380 km
 counter: 2`,
    codes: `P0380 @ - = active
      P0671 @ - = stored`,
    modules: '',
  },
  {
    name: 'a clean vehicle',
    text: `Complete scan of 14 modules
All modules passed
No fault codes found`,
    codes: '',
    modules: '',
  },
  {
    name: 'nothing but a price',
    text: `Scan and diagnosis 89.00
Code read P0420 free of charge
Thank you for your visit`,
    codes: `?P0420 @ - = none`,
    modules: '',
  },
];
