import type { HandReport } from './kit';

/** The sixth set, its third go. */
export const SIXTH_LAST: readonly HandReport[] = [
  {
    name: 'modules behind arrows, status before the code',
    text: `Vehicle Communication Interface v4.2
Session 00:03:12
>> PCM
   Current  P0128 Coolant thermostat (coolant temp below regulating temp)
   History  P0507 Idle control system RPM higher than expected
>> BCM
   (no codes)
>> EBCM
   (module did not respond)
>> SDM
   Current  B0081:0F Passenger presence system - signal erratic`,
    codes: `P0128 @ PCM = active
      P0507 @ PCM = history
      B0081-0F @ SDM = active`,
    modules: `PCM
      BCM
      !EBCM
      SDM`,
  },
  {
    name: 'numbered modules that pass or fail',
    text: `1. Engine/ECU
   P1351 Ignition confirmation signal - Past
2. AT - Pass
3. Immobilizer - Pass
4. Body No.1 - Fail
   B1421 Solar sensor - Present
5. Air-conditioner - Not tested`,
    codes: `P1351 @ Engine/ECU = history
      B1421 @ Body No.1 = active`,
    modules: `Engine/ECU
      AT
      Immobilizer
      Body No.1
      ?!Air-conditioner`,
  },
  {
    name: 'statuses as four letters before the wording',
    text: `DTC Summary
ECM 2 PEND 1 CONF
P0300 CONF Random/multiple cylinder misfire detected
P0302 PEND Cylinder 2 misfire detected
P0306 PEND Cylinder 6 misfire detected`,
    codes: `P0300 @ ECM = stored
      P0302 @ ECM = pending
      P0306 @ ECM = pending`,
    modules: `ECM`,
  },
  {
    name: 'a field a line, counted through',
    text: `Fault 1 of 3
Code       P0401
Status     stored, currently not present
Text       EGR flow insufficient detected
Kilometres 128 340
Fault 2 of 3
Code       P0404
Status     stored, currently present
Text       EGR control range/performance
Kilometres 128 355
Fault 3 of 3
Code       U0073
Status     sporadic
Text       Control module communication bus A off
Kilometres 127 010`,
    codes: `P0401 @ - = stored|history
      P0404 @ - = stored|active
      U0073 @ - = intermittent`,
    modules: ``,
  },
  {
    name: 'a table drawn with strokes, German',
    text: `Gerätename: Diagnosegerät  | Datum: 03.11.2026 | km: 213.455
| Nr | Steuergerät | Code | Text | Status |
|----|-------------|------|------|--------|
| 1 | Motor | P0675 | Glühkerze Zyl. 5 | aktuell vorhanden |
| 2 | Motor | P0683 | Kommunikation Glühsteuergerät | nicht vorhanden |
| 3 | ABS | - | - | kein Fehler |
| 4 | Airbag | - | - | keine Antwort |`,
    codes: `P0675 @ Motor = active
      P0683 @ Motor = history`,
    modules: `Motor
      ABS
      !Airbag`,
  },
  {
    name: 'a printout that gives advice',
    text: `trouble codes from the autoparts store printout
code P0455 large evap leak
most likely fix: fuel cap (38%), purge valve (21%)
code P0128
most likely fix: thermostat`,
    codes: `P0455 @ - = -
      P0128 @ - = -`,
    modules: ``,
  },
  {
    name: 'letters for the status in a column of their own',
    text: `Batt 12.3V  Ign ON  Eng OFF
MOD    DTC       ST   TXT
ECM    P0562     C    SYSTEM VOLTAGE LOW
ECM    P2122     H    PEDAL POS SENSOR D LOW
TCM    ----      -    NO CODES
ABS    U0140     C    LOST COMM WITH BCM
C = current, H = history`,
    codes: `P0562 @ ECM = active
      P2122 @ ECM = history
      U0140 @ ABS = active`,
    modules: `ECM
      TCM
      ABS`,
  },
  {
    name: 'a list of values from a hand-held',
    text: `PID data at idle
RPM: 812
Coolant: 89C
ST FT 1: -1.6%
LT FT 1: +18.0%
MAF: 2.9 g/s
O2 B1S1: 0.08V
No codes stored in ECM or TCM.`,
    codes: ``,
    modules: `ECM
      TCM`,
    live: `RPM = 812
      Coolant = 89C
      ST FT 1 = -1.6 %
      LT FT 1 = +18.0 %
      MAF = 2.9 g/s
      O2 B1S1 = 0.08 V`,
  },
  {
    name: 'failed this cycle, since the clearing',
    text: `Engine Control Module
   C0561-71 (No description available)
   P0335-00 Crankshaft position sensor A circuit
       Failed this ignition cycle: yes   Failed since clear: yes   History: yes
Transmission Control Module
   Pass
Power Steering Control Module
   Fail
       C0176-39 System thermal error
       Failed this ignition cycle: no    History: yes`,
    codes: `C0561-71 @ Engine Control Module = -
      P0335-00 @ Engine Control Module = -|history
      C0176-39 @ Power Steering Control Module = -|history`,
    modules: `Engine Control Module
      Transmission Control Module
      Power Steering Control Module`,
  },
  {
    name: 'sentences with lists of modules',
    text: `Code P0011 'A' camshaft position timing over-advanced (Bank 1), pending since 12,300 mi.
Code P0171 System too lean, stored.
No codes in: TCM, BCM, ABS.
No response from: SRS, HVAC.`,
    codes: `P0011 @ - = -|pending
      P0171 @ - = stored`,
    modules: `TCM
      BCM
      ABS
      !SRS
      !HVAC`,
  },
  {
    name: 'counts in brackets behind the status',
    text: `ABS: C1095 Hydraulic pump motor circuit open - Active (2)
     C1145 RF wheel speed sensor input short - Inactive (7)
PCM: --
GEM: B1318 Battery voltage low - Inactive
RCM: no comm`,
    codes: `C1095 @ ABS = active
      C1145 @ ABS = history
      B1318 @ GEM = history`,
    modules: `ABS
      ?PCM
      GEM
      !RCM`,
  },
];
