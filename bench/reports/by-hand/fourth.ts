import type { HandReport } from './kit';

/** A fourth set, typed before the third was opened; none of it is looked at. */
export const FOURTH: readonly HandReport[] = [
  {
    name: 'headings in angle brackets',
    text: `<Engine>
P2453 DPF pressure sensor range   current
P2463 DPF soot accumulation       stored
<Gearbox>
ok
<Park assist>
no reply`,
    codes: `P2453 @ Engine = active
      P2463 @ Engine = stored`,
    modules: `Engine
      Gearbox
      !Park assist`,
  },
  {
    name: 'number, code and wording in a frame of semicolons, no heads',
    text: `1;P0351;Ignition coil A;stored
2;P0352;Ignition coil B;stored
3;P0300;Random misfire;pending`,
    codes: `P0351 @ - = stored
      P0352 @ - = stored
      P0300 @ - = pending`,
    modules: '',
  },
  {
    name: 'what stands on a paper of the inspection',
    text: `OBD test
MIL commanded: yes
Codes: P0420, P0139
Readiness: 1 not ready (catalyst)
Result: FAIL`,
    codes: `P0420 @ - = -
      P0139 @ - = -`,
    modules: '',
  },
  {
    name: 'an apprentice’s list',
    text: `motor: p0016 gespeichert, p0341 gespeichert
abs: nix
airbag: geht nicht auf`,
    codes: `P0016 @ motor = stored
      P0341 @ motor = stored`,
    modules: `motor
      ?abs
      ?!airbag`,
  },
  {
    name: 'occurrence before the status',
    text: `Module: Engine
P0335  x4  Stored    Crankshaft position sensor A
P0339  x1  Pending   Crankshaft position sensor, intermittent
Module: Immobilizer
No faults`,
    codes: `P0335 @ Engine = stored
      P0339 @ Engine = pending`,
    modules: `Engine
      Immobilizer`,
  },
  {
    name: 'hours instead of kilometres',
    text: `Engine controller
SPN 110 FMI 16 Coolant temperature high, moderate   Active       first 4,211 h  last 4,240 h
SPN 111 FMI 1 Coolant level low                      Not active   first 3,998 h  last 3,998 h
Display
No active or previously active faults`,
    codes: `SPN 110 FMI 16 @ Engine controller = active
      SPN 111 FMI 1 @ Engine controller = history|stored`,
    modules: `Engine controller
      Display`,
  },
  {
    name: 'two tools in one mail',
    text: `Generic reader: P0171 (confirmed)
Maker tool, engine: P0171 stored, P2195 stored
Maker tool, gearbox: no codes`,
    codes: `P0171 @ -|Generic reader = stored|active
      P0171 @ engine|Maker tool, engine = stored
      P2195 @ engine|Maker tool, engine = stored`,
    modules: `?Generic reader
      engine|Maker tool, engine
      gearbox|Maker tool, gearbox`,
  },
  {
    name: 'live values with limits behind them',
    text: `ABS live data
Wheel speed FL   0.0 km/h   (0 - 300)
Wheel speed FR   0.0 km/h   (0 - 300)
Brake pressure   -0.4 bar   (-10 - 250)
Supply           12.1 V     (9 - 16)`,
    codes: '',
    modules: `?ABS`,
    live: `Wheel speed FL = 0.0 km/h
      Wheel speed FR = 0.0 km/h
      Brake pressure = -0.4 bar
      Supply = 12.1 V`,
  },
  {
    name: 'long wording over three lines',
    text: `Climate control
B10C7-15
Blower regulator, control circuit,
short to battery or open circuit
Status: current
B10D2-13
Sun sensor, open circuit
Status: sporadic`,
    codes: `B10C7-15 @ Climate control = active
      B10D2-13 @ Climate control = intermittent`,
    modules: `Climate control`,
  },
  {
    name: 'state of the module in brackets before it',
    text: `[OK]    Engine
[FAULT] ABS
        C0040 wheel speed FR, current
[OK]    Airbag
[N/A]   Trailer
[---]   Radio`,
    codes: `C0040 @ ABS = active`,
    modules: `Engine
      ABS
      Airbag
      ?!Trailer
      ?!Radio`,
  },
  {
    name: 'Italian, table with tabs',
    text: `Centralina\tCodice\tDescrizione\tStato
Motore\tP0341\tSensore albero a camme\tMemorizzato
Motore\tP1351\tBobina di accensione\tPresente
ABS\t-\t-\t-`,
    codes: `P0341 @ Motore = stored
      P1351 @ Motore = active`,
    modules: `Motore
      ?ABS`,
  },
  {
    name: 'a bus test, no codes at all',
    text: `Network test
CAN high speed: 60.2 ohm
ECM: answers
TCM: answers
ABS: no answer
BCM: answers`,
    codes: '',
    live: 'CAN high speed = 60.2 ohm',
    modules: `!ABS
      ?ECM
      ?TCM
      ?BCM`,
  },
  {
    name: 'code and module glued',
    text: `ECM-P0420-Catalyst efficiency-Confirmed
ECM-P0455-EVAP large leak-Pending
BCM-B1A10-Lamp-Confirmed`,
    codes: `P0420 @ ECM = stored|active
      P0455 @ ECM = pending
      B1A10 @ BCM = stored|active`,
    modules: `ECM
      BCM`,
  },
  {
    name: 'capital headings, wording with a colon',
    text: `ENGINE
P0562: Battery: voltage below threshold: Active
P0620: Alternator: control circuit: Stored
LIGHTING
B1325: Lamp left: open circuit: Active`,
    codes: `P0562 @ ENGINE = active
      P0620 @ ENGINE = stored
      B1325 @ LIGHTING = active`,
    modules: `ENGINE
      LIGHTING`,
  },
  {
    name: 'codes after the repair, with what was there before',
    text: `After repair: no codes in any module.
Before repair: P0128 (engine).`,
    codes: `?P0128 @ engine|- = history|none`,
    modules: `?engine`,
  },
  {
    name: 'faults with environment between them',
    text: `Engine
P0234 Overboost   stored
   Speed 3,120 rpm
   Torque 310 Nm
   Coolant 89 °C
P0045 Boost solenoid   stored
   Speed 1,050 rpm
   Torque 85 Nm
   Coolant 77 °C`,
    codes: `P0234 @ Engine = stored
      P0045 @ Engine = stored`,
    modules: `Engine`,
    live: `Speed = 3,120 rpm
      Torque = 310 Nm
      Coolant = 89 °C
      Speed = 1,050 rpm
      Torque = 85 Nm
      Coolant = 77 °C`,
  },
];
