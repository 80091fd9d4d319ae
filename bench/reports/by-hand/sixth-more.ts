import type { HandReport } from './kit';

/** The sixth set, its second go. */
export const SIXTH_MORE: readonly HandReport[] = [
  {
    name: 'labels for the module and before the code, statuses in brackets',
    text: `Scan Tool Report
ECU: Engine Control
  DTC: P0087  Fuel rail pressure too low   [Confirmed] [Test Failed]
  DTC: P0193  Fuel rail pressure sensor high   [History]
ECU: Transmission Control
  No DTCs stored
ECU: Steering
  Comm Error
ECU: Parking aid
  DTC: B10A2-13 Rear sensor left outer - circuit open  [Confirmed]`,
    codes: `P0087 @ Engine Control = stored|active
      P0193 @ Engine Control = history
      B10A2-13 @ Parking aid = stored`,
    modules: `Engine Control
      Transmission Control
      !Steering
      Parking aid`,
  },
  {
    name: 'numbered modules with dots and counts',
    text: `ALL SYSTEM DTC SCAN
[1] Engine ............... 1 DTC
     P0442  EVAP small leak     Status: Pending
[2] A/T .................. No DTC
[3] ABS/VSC .............. 2 DTC
     C1223  ABS control system malfunction   Status: Current
     C1241  Low power supply voltage   Status: Past
[4] SRS .................. Not equipped
[5] A/C .................. Communication error`,
    codes: `P0442 @ Engine = pending
      C1223 @ ABS/VSC = active
      C1241 @ ABS/VSC = history`,
    modules: `Engine
      A/T
      ABS/VSC
      ?!SRS
      !A/C`,
  },
  {
    name: 'German, half of it read',
    text: `Fahrzeug: Kastenwagen 2.3 dCi? 
Motor EDC  (17 Fehler)   -> nur 2 ausgelesen
P0380 Glühkerze/Heizkreis A   Fehlfunktion   vorhanden
P0670 Vorglühsteuergerät   gespeichert, nicht vorhanden
ABS: i.O.
Airbag: i.O.
Klima: 1 Fehler
B1031 Innenraumsensor Unterbrechung   sporadisch`,
    codes: `P0380 @ -|Motor EDC = active
      P0670 @ -|Motor EDC = stored|history
      B1031 @ Klima = intermittent`,
    modules: `?Motor EDC
      ABS
      Airbag
      Klima`,
  },
  {
    name: 'CSV with addresses and status bytes',
    text: `module,address,dtc,ftb,description,status_byte,status
ECM,0x7E0,P0113,00,Intake air temp high,0x2F,confirmed
ECM,0x7E0,P0118,00,Coolant temp high,0x08,history
TCM,0x7E1,,,,,no dtc
BCM,0x726,U0184,87,Lost comm with radio,0x09,active
EPS,0x730,,,,,no response`,
    codes: `P0113-00 @ ECM = stored
      P0118-00 @ ECM = history
      U0184-87 @ BCM = active`,
    modules: `ECM
      TCM
      BCM
      !EPS`,
  },
  {
    name: 'heavy vehicle, counts behind the titles',
    text: `Lamp on: amber warning
Active codes (2)
  SPN 94 FMI 18 - Fuel delivery pressure low - SA 00
  SPN 157 FMI 16 - Injector metering rail pressure high - SA 00
Previously active (1)
  SPN 1231 FMI 2 - J1939 network 2 - SA 00 - OC 4`,
    codes: `SPN 94 FMI 18 @ - = active
      SPN 157 FMI 16 @ - = active
      SPN 1231 FMI 2 @ - = history`,
    modules: ``,
  },
  {
    name: "wording on two lines, the tool's number in brackets",
    text: `P0121 00 [237] - Throttle position sensor
 Implausible signal - Intermittent
   Fault frequency: 2
   Reset counter: 194
   Mileage: 98110 km
P0562 00 [100] - Supply voltage
 Too low - Not present
   Fault frequency: 1`,
    codes: `P0121-00|P0121 @ - = intermittent
      P0562-00|P0562 @ - = history`,
    modules: ``,
  },
  {
    name: 'a note between two people',
    text: `Engine: P0016 P0017 (both current)
Gearbox: ok
ABS: U0401 hist
Airbag - could not talk to it
rest ok`,
    codes: `P0016 @ Engine = active
      P0017 @ Engine = active
      U0401 @ ABS = history`,
    modules: `Engine
      Gearbox
      ABS
      !Airbag`,
  },
  {
    name: 'HTML table with a cell over several columns',
    text: `<table><tr><th>System</th><th>Code</th><th>Description</th><th>State</th></tr>
<tr><td>Engine</td><td>P0351</td><td>Ignition coil A primary</td><td>Current</td></tr>
<tr><td>Engine</td><td>P0301</td><td>Cylinder 1 misfire</td><td>Current</td></tr>
<tr><td>Body</td><td colspan=3>No faults</td></tr></table>`,
    codes: `P0351 @ Engine = active
      P0301 @ Engine = active`,
    modules: `Engine
      Body`,
  },
  {
    name: 'readiness in short words',
    text: `Readiness status
MIS  OK
FUEL OK
CCM  OK
CAT  INC
EVAP INC
O2S  OK
DTC: 0   MIL off`,
    codes: ``,
    modules: ``,
  },
  {
    name: 'Italian',
    text: `Centralina motore: 2 errori
P0106 Sensore pressione collettore - segnale non plausibile - presente
P0238 Sensore sovralimentazione, tensione alta - memorizzato
Centralina ABS: nessun errore
Cambio: non risponde`,
    codes: `P0106 @ Centralina motore = active
      P0238 @ Centralina motore = stored`,
    modules: `Centralina motore
      Centralina ABS
      !Cambio`,
  },
  {
    name: 'counted modules and faults',
    text: `Date: 2026-11-02   Odometer: 184220 km
ECU 1/3  ENGINE
Fault 1/2  P2002  DPF efficiency below threshold   State: Permanent   First: 183900 km
Fault 2/2  P242F  DPF ash accumulation   State: Memorised
ECU 2/3  GEARBOX   0 faults
ECU 3/3  BRAKES   not answering`,
    codes: `P2002 @ ENGINE|ECU 1/3 ENGINE = permanent
      P242F @ ENGINE|ECU 1/3 ENGINE = stored`,
    modules: `ENGINE|ECU 1/3 ENGINE
      GEARBOX|ECU 2/3 GEARBOX
      !BRAKES|ECU 3/3 BRAKES`,
  },
];
