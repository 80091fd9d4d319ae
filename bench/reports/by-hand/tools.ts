import type { HandReport } from './kit';

/** More of tools, with what they put around the codes: typed by hand, before the reader was asked. */
export const TOOLS: readonly HandReport[] = [
  {
    name: 'services of the standard as headings',
    text: `Mode 03 - stored DTCs
  P0420
  P0430
Mode 07 - pending DTCs
  P0133
Mode 0A - permanent DTCs
  none
MIL: ON`,
    codes: `P0420 @ - = stored
      P0430 @ - = stored
      P0133 @ - = pending`,
    modules: '',
  },
  {
    name: 'module in the last column',
    text: `P0011  Camshaft position over-advanced bank 1   Confirmed   ECM
P0013  Exhaust cam actuator circuit             Pending     ECM
B1D01  Driver seat position sensor              History     DSM
U0140  Lost communication with BCM              Confirmed   IPC`,
    codes: `P0011 @ ECM = stored|active
      P0013 @ ECM = pending
      B1D01 @ DSM = history
      U0140 @ IPC = stored|active`,
    modules: `ECM
      DSM
      IPC`,
  },
  {
    name: 'fault x of y',
    text: `ENGINE
Fault 1 of 2
Code       P2563
Text       Turbo boost control position sensor
State      present now
Fault 2 of 2
Code       P0046
Text       Turbo boost control solenoid
State      not present now
ABS
Fault 0 of 0`,
    codes: `P2563 @ ENGINE = active
      P0046 @ ENGINE = stored|history`,
    modules: `ENGINE
      ABS`,
  },
  {
    name: 'JSON',
    text: `{"vin":"","systems":[{"name":"Engine","dtcs":[{"code":"P0217","text":"Engine overtemperature","status":"history"}]},{"name":"HVAC","dtcs":[]},{"name":"Audio","error":"no response"}]}`,
    codes: `P0217 @ Engine = history`,
    modules: `Engine
      HVAC
      !Audio`,
  },
  {
    name: 'severity and advice in columns',
    text: `DTC      Description                     Severity  Status     Advice
P0118    ECT sensor circuit high         medium    active     check wiring
P0480    Fan relay 1 control circuit     high      stored     check relay
U0073    Control module bus A off        high      stored     check terminating resistors`,
    codes: `P0118 @ - = active
      P0480 @ - = stored
      U0073 @ - = stored`,
    modules: '',
  },
  {
    name: 'live values between two modules',
    text: `Engine
P0562 System voltage low, active
  Battery voltage 11.3 V
  Charging current -14 A
Battery monitor
B1321 State of charge below limit, stored
  Battery temperature 23 °C`,
    codes: `P0562 @ Engine = active
      B1321 @ Battery monitor = stored`,
    modules: `Engine
      Battery monitor`,
    live: `Battery voltage = 11.3 V
      Charging current = -14 A
      Battery temperature = 23 °C`,
  },
  {
    name: 'broken off in the middle',
    text: `Full scan  12.05.2026
Engine: 1 fault
  P0299 Underboost, stored
Transmission: reading ...
Connection lost. Scan incomplete (2/17).`,
    codes: `P0299 @ Engine = stored`,
    modules: `Engine
      ?!Transmission`,
  },
  {
    name: 'one module, its identification before the codes',
    text: `Engine control module
Part no. 8K0 907 115 Q
Software 0040  Hardware H14
Coding 0113010A1807012F
VIN: not available
Fault entries: 2
P0341 Camshaft position sensor A range/performance   Active
P0016 Crankshaft/camshaft correlation                Active`,
    codes: `P0341 @ Engine control module = active
      P0016 @ Engine control module = active`,
    modules: `Engine control module`,
  },
  {
    name: 'status before the code',
    text: `Body
[Active]  B2477 Module configuration failure
[Stored]  B1C83 Rear washer pump, short to ground
Front camera
[Active]  C1001 Vision system camera
Radar
[ - ]     No codes`,
    codes: `B2477 @ Body = active
      B1C83 @ Body = stored
      C1001 @ Front camera = active`,
    modules: `Body
      Front camera
      Radar`,
  },
  {
    name: 'monitors, distances and the lamp around it',
    text: `MIL status: ON (since 214 km)
DTCs: 1
P0441 EVAP purge flow incorrect
Warm-ups since clear: 18
Distance since clear: 903 km
Catalyst monitor: complete
EVAP monitor: incomplete
O2 sensor monitor: complete`,
    codes: `P0441 @ - = -`,
    modules: '',
  },
  {
    name: 'wording on the line above its code',
    text: `Transmission control
Gear ratio error, gear 3
  P0733   current
Pressure control solenoid B, stuck off
  P0776   historic
Shift lever
nothing stored`,
    codes: `P0733 @ Transmission control = active
      P0776 @ Transmission control = history`,
    modules: `Transmission control
      Shift lever`,
  },
  {
    name: 'failure type in a column of its own',
    text: `Module  DTC    FTB  Text                                 St
BECM    P0AA6  49   HV isolation, internal failure       C
BECM    P0D37  1C   HV current, voltage out of range     H
OBC     P0D26  -    Charger input                        H
DCDC    ok`,
    codes: `P0AA6-49|P0AA6 @ BECM = active|stored|none
      P0D37-1C|P0D37 @ BECM = history|none
      P0D26 @ OBC = history|none`,
    modules: `BECM
      OBC
      DCDC`,
  },
];
