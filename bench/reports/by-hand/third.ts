import type { HandReport } from './kit';

/** A third set, typed before the untouched halves of the first two were opened; none of it is looked at. */
export const THIRD: readonly HandReport[] = [
  {
    name: 'module with its count behind a slash',
    text: `Engine / 2
 P0087 - Rail pressure low - Stored
 P0088 - Rail pressure high - Stored
Airbag / 0
Radio / -`,
    codes: `P0087 @ Engine = stored
      P0088 @ Engine = stored`,
    modules: `Engine
      Airbag
      ?Radio`,
  },
  {
    name: 'each code in a sentence of a workshop report',
    text: `In the engine control unit we found fault P0341 (camshaft position, implausible), stored. In the ABS no faults were found.`,
    codes: `P0341 @ engine control unit|engine = stored`,
    modules: `engine control unit|engine
      ABS`,
  },
  {
    name: 'columns, status first letter capital, times',
    text: `Nr  Code     Status      Time      Text
1   P0401    Current     14:02     EGR insufficient flow
2   P0403    Historic    14:02     EGR control circuit
3   U0101    Current     14:02     Lost communication with TCM`,
    codes: `P0401 @ - = active
      P0403 @ - = history
      U0101 @ - = active`,
    modules: '',
  },
  {
    name: 'module in a frame of stars',
    text: `*** Engine ***
P0122 TPS low, present
*** ABS / ESP ***
C0050, rear right wheel speed, historical
*** Climate ***
-- no faults --`,
    codes: `P0122 @ Engine = active
      C0050 @ ABS / ESP|ABS/ESP = history`,
    modules: `Engine
      ABS / ESP
      Climate`,
  },
  {
    name: 'scan of a trailer',
    text: `Trailer EBS
 SPN 1045 FMI 3, ABS sensor axle 2 right, voltage high, active
 SPN 1059 FMI 7, lift axle valve, not responding mechanically, inactive
Power supply 24.9 V`,
    codes: `SPN 1045 FMI 3 @ Trailer EBS = active
      SPN 1059 FMI 7 @ Trailer EBS = history|stored`,
    modules: `Trailer EBS`,
    live: `Power supply = 24.9 V`,
  },
  {
    name: 'readiness above the codes, in one line',
    text: `Readiness: MIS ok, FUE ok, CCM ok, CAT not ready, EVA not ready
Stored: P0455
Pending: -`,
    codes: `P0455 @ - = stored`,
    modules: '',
  },
  {
    name: 'a note with a phone typo',
    text: `Ecm p0300 p0302 p0304 stored. Bcm b1601 curent. No codes tcm.`,
    codes: `P0300 @ Ecm = stored|none
      P0302 @ Ecm = stored|none
      P0304 @ Ecm = stored
      B1601 @ Bcm = active|none`,
    modules: `Ecm
      Bcm
      tcm`,
  },
  {
    name: 'colon headings with hyphenated codes',
    text: `BODY CONTROL MODULE:
  B1045-11  Courtesy lamp, short to ground   ACTIVE
  B1051-13  Liftgate latch, open             STORED
POWER STEERING:
  NONE
FRONT RADAR:
  NO COMMUNICATION`,
    codes: `B1045-11 @ BODY CONTROL MODULE = active
      B1051-13 @ BODY CONTROL MODULE = stored`,
    modules: `BODY CONTROL MODULE
      POWER STEERING
      !FRONT RADAR`,
  },
  {
    name: 'codes with percentages and dates of the tool',
    text: `Report 2026-07-01 10:22
Vehicle: Corvane Tessa 1.6
Engine
P2187 System too lean at idle   (stored, 3 of 3 drive cycles)
P219A Cylinder imbalance bank 1  (pending, 1 of 3 drive cycles)`,
    codes: `P2187 @ Engine = stored
      P219A @ Engine = pending`,
    modules: `Engine`,
  },
  {
    name: 'live values with comma decimals, German',
    text: `Messwerte Motor
Motordrehzahl: 798 1/min
Kühlmitteltemperatur: 87,3 °C
Raildruck Istwert: 31,4 MPa
Fehlerspeicher: leer`,
    codes: '',
    modules: `?Motor`,
    live: `Motordrehzahl = 798 1/min
      Kühlmitteltemperatur = 87,3 °C
      Raildruck Istwert = 31,4 MPa`,
  },
  {
    name: 'French with the fault number first',
    text: `Boîte de vitesses
1. P0705 Capteur de position, cohérence - mémorisé
2. P0944 Perte de pression hydraulique - présent
Direction assistée
Pas de défaut mémorisé`,
    codes: `P0705 @ Boîte de vitesses = stored
      P0944 @ Boîte de vitesses = active`,
    modules: `Boîte de vitesses
      Direction assistée`,
  },
  {
    name: 'no module answers',
    text: `Engine - no communication
ABS - no communication
Check the connection at the diagnostic socket and the ignition.`,
    codes: '',
    modules: `!Engine
      !ABS`,
  },
  {
    name: 'spreadsheet with the module only once',
    text: `ECU\tDTC\tText\tStatus
ECM\tP0016\tCorrelation B1\tConfirmed
\tP0017\tCorrelation B1 exhaust\tConfirmed
\tP0300\tRandom misfire\tPending
ABS\tC0561\tDisabled\tHistory`,
    codes: `P0016 @ ECM = stored|active
      P0017 @ ECM = stored|active
      P0300 @ ECM = pending
      C0561 @ ABS = history`,
    modules: `ECM
      ABS`,
  },
  {
    name: 'title with the vehicle, subtitle with counts',
    text: `Halden Brisk 650 | 2021
3 faults, 1 module

Motor
P1604 Start failure               present
P0560 Supply voltage              stored
P0629 Fuel pump control high      present`,
    codes: `P1604 @ Motor = active
      P0560 @ Motor = stored
      P0629 @ Motor = active`,
    modules: `Motor`,
  },
  {
    name: 'status with two words and its opposite',
    text: `Parking brake
C1A20 Actuator left, end position   permanently present
C1A21 Actuator right, end position  temporarily not present
C1A30 Switch, implausible           sporadically present`,
    codes: `C1A20 @ Parking brake = active
      C1A21 @ Parking brake = history|none
      C1A30 @ Parking brake = intermittent|active`,
    modules: `Parking brake`,
  },
  {
    name: 'wording that names other codes and modules',
    text: `Body
U0100 Lost communication with engine control, see also P0562   stored
Engine
P0562 System voltage low, sets U0100 in body   stored`,
    codes: `U0100 @ Body = stored
      P0562 @ Engine = stored`,
    modules: `Body
      Engine`,
  },
  {
    name: 'what a generic reader saves as text',
    text: `DTC report
Number of DTCs: 2
MIL: on
Confirmed: P0133 O2 sensor slow response
Confirmed: P0141 O2 sensor heater
Pending: none
Freeze frame: P0133
Engine RPM: 2010 rpm
Calculated load: 33 %
Coolant: 90 °C`,
    codes: `P0133 @ - = stored|active
      P0141 @ - = stored|active`,
    modules: '',
    freeze: 3,
  },
  {
    name: 'codes on the same line as their module, several times',
    text: `ECM P0171 lean
ECM P0174 lean
TCM P0740 TCC
BCM B1004 lamp`,
    codes: `P0171 @ ECM = -
      P0174 @ ECM = -
      P0740 @ TCM = -
      B1004 @ BCM = -`,
    modules: `ECM
      TCM
      BCM`,
  },
  {
    name: 'a clean module list with remarks',
    text: `Engine: no faults (cleared 12 km ago)
Gearbox: no faults
ABS: not tested
Airbag: locked, access denied`,
    codes: '',
    modules: `Engine
      Gearbox
      ?!ABS
      ?!Airbag`,
  },
  {
    name: 'pressure washer of words',
    text: `Customer says light comes on and off. Scanned: P0442 stored in engine. Smoke test next. Last year it had P0455.`,
    codes: `P0442 @ engine|- = stored`,
    modules: `?engine`,
  },
];
